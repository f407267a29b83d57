import { memo } from 'react'
import type { Finding } from '../api/client'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

/** A rule beside each: madder for what must be fixed, ink for what to check, kraft for a tip at the table. */
const KINDS: Record<Finding['severity'], { look: string; name: string }> = {
  MUST_FIX: { look: 'border-wrong text-lg', name: 'Must fix' },
  CHECK: { look: 'border-ink text-lg', name: 'Check' },
  TIP: { look: 'border-kraft-line text-base', name: 'Tip' },
}

type Props = { findings: Finding[]; readiness?: string; inHand: CardInHand }

/** What is to be fixed, checked or minded, where and by how much, each with the change that mends it. */
export const Findings = memo(function Findings({ findings, readiness, inHand }: Props) {
  'use memo'
  const say = useSay()
  const attempt = (step: Promise<unknown>) => step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <div aria-live="polite">
      {readiness && <p className="mb-2 text-lg">{readiness}</p>}
      <ul className="flex flex-col gap-2">
        {findings.map((finding) => (
          <li
            key={finding.about + finding.text}
            className={`border-l-4 ps-3 leading-snug ${KINDS[finding.severity].look}`}
          >
            <strong className={finding.severity === 'MUST_FIX' ? 'text-wrong' : undefined}>
              {KINDS[finding.severity].name}:
            </strong>{' '}
            {finding.text}{' '}
            {finding.mends.map(({ measure, text, label }) => (
              <button
                key={label}
                type="button"
                className="me-4 min-h-11 text-start text-picked underline underline-offset-4"
                onClick={() => void attempt(inHand.change({ field: measure, text }))}
              >
                {label}
              </button>
            ))}
          </li>
        ))}
      </ul>
      {findings.some(({ about }) => about === 'ruler') && (
        <button type="button" className="slip mt-2" onClick={() => void attempt(inHand.roundToRuler())}>
          Round every measure to this ruler
        </button>
      )}
    </div>
  )
})
