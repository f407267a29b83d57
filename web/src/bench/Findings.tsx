import { memo } from 'react'
import type { Finding } from '../api/client'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

/** A rule beside each: madder for wrong, ink for a note, kraft for what is only to be minded at the table. */
const EDGES: Record<Finding['severity'], string> = {
  WRONG: 'border-wrong text-lg',
  NOTE: 'border-ink text-lg',
  HINT: 'border-kraft-line text-base',
}

type Props = { findings: Finding[]; offRuler: boolean; inHand: CardInHand; ofPart?: boolean }

/** What is wrong, where and by how much, each with the change that mends it. */
export const Findings = memo(function Findings({ findings, offRuler, inHand, ofPart }: Props) {
  'use memo'
  const say = useSay()
  const attempt = (step: Promise<unknown>) => step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <div aria-live="polite">
      {!ofPart && findings.every(({ severity }) => severity === 'HINT') && (
        <p className="mb-2 text-lg">It closes, fits and measures well. Ready to cut.</p>
      )}
      <ul className="flex flex-col gap-2">
        {findings.map((finding) => (
          <li key={finding.about + finding.text} className={`border-l-4 ps-3 leading-snug ${EDGES[finding.severity]}`}>
            {finding.severity === 'WRONG' && <strong className="text-wrong">Wrong: </strong>}
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
      {offRuler && (
        <button type="button" className="slip mt-2" onClick={() => void attempt(inHand.roundToRuler())}>
          Round every measure to this ruler
        </button>
      )}
    </div>
  )
})
