import { useLocation } from 'wouter'
import { triedInScrap } from '../api/building'
import type { Building } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { Choice } from '../house/Choice'
import { useAttempt } from '../house/Notices'
import { Sheet } from '../house/Sheet'

type Props = {
  id: string
  inHand: CardInHand
  building: Building
  at: number
  open: boolean
  onClose: () => void
  go: (to: number) => void
  anew: () => void
}

/** Every step in its order: to go to, to put elsewhere, and when layers are added. */
export function AllSteps({ id, inHand, building, at, open, onClose, go, anew }: Props) {
  const attempt = useAttempt()
  const [, visit] = useLocation()
  const { steps, progress } = building
  const move = (from: number, by: number) => {
    const before = steps[by < 0 ? from - 1 : from + 2]
    attempt(inHand.build({ what: 'MOVE', step: steps[from].id, before: before?.id }))
  }
  return (
    <Sheet open={open} onClose={onClose} title="All steps" back="Back to the step" wide>
      <div className="mb-4 flex flex-wrap items-end gap-x-8 gap-y-2">
        <Choice
          label="Layers are added"
          value={building.habit}
          onChoose={(habit) => attempt(inHand.build({ what: 'WHEN', habit: habit as Building['habit'] }))}
        >
          {building.habits.map(({ habit, words }) => (
            <option key={habit} value={habit}>
              {words}
            </option>
          ))}
        </Choice>
        {building.moved && (
          <button type="button" className="word underline" onClick={() => attempt(inHand.build({ what: 'IN_ORDER' }))}>
            Put moved steps back
          </button>
        )}
        <button
          type="button"
          className="word underline"
          onClick={() => attempt(triedInScrap(id).then((trial) => visit(`/card/${trial.id}/table`)))}
        >
          Try it in scrap first, half as large
        </button>
        <a className="word underline" href={`/api/cards/${id}/building/handout.html`} download>
          Handout, one page for a phone
        </a>
        {progress.done.length > 0 && (
          <button type="button" className="word underline" onClick={anew}>
            Begin anew
          </button>
        )}
      </div>
      <ol className="divide-y divide-kraft-line">
        {steps.map((step, i) => (
          <li
            key={step.id}
            className="flex flex-wrap items-center gap-x-3 py-1"
            aria-current={i === at ? 'step' : undefined}
          >
            <span className="figure w-8 text-end text-lg">{i + 1}</span>
            <button
              type="button"
              className={`word min-h-11 flex-1 text-start text-lg ${i === at ? 'font-semibold' : ''}`}
              onClick={() => go(i)}
            >
              {step.what}
              {progress.done.includes(i) && <span className="text-ink-soft italic"> — done</span>}
            </button>
            <span className="text-base text-ink-soft max-sm:hidden">
              {step.tool}, {step.minutes}
            </span>
            <button
              type="button"
              className="word min-h-11 min-w-11"
              aria-label={`Earlier: ${step.what}`}
              disabled={i === 0}
              onClick={() => move(i, -1)}
            >
              ↑
            </button>
            <button
              type="button"
              className="word min-h-11 min-w-11"
              aria-label={`Later: ${step.what}`}
              disabled={i === steps.length - 1}
              onClick={() => move(i, 1)}
            >
              ↓
            </button>
          </li>
        ))}
      </ol>
    </Sheet>
  )
}
