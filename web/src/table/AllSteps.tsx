import { useState } from 'react'
import { useLocation } from 'wouter'
import { triedInScrap } from '../api/building'
import { type Building, type MovedStep, wordsOf } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { Choice } from '../house/Choice'
import { useAttempt } from '../house/Notices'
import { Sheet } from '../house/Sheet'
import { OnPaper } from './OnPaper'
import { Refused } from './Refused'
import { StepList } from './StepList'

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
  const [refused, setRefused] = useState<{ move: MovedStep; words: string } | null>(null)
  const move = (from: number, to: number) => {
    const there = { step: steps[from].id, before: steps[to]?.id ?? '' }
    setRefused(null)
    inHand
      .build({ what: 'MOVE', ...there })
      .catch((cause: unknown) => setRefused({ move: there, words: wordsOf(cause) }))
  }
  return (
    <Sheet
      open={open}
      onClose={() => {
        setRefused(null)
        onClose()
      }}
      title="All steps"
      back="Back to the step"
      wide
    >
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
        {progress.done.length > 0 && (
          <button type="button" className="word underline" onClick={anew}>
            Begin anew
          </button>
        )}
      </div>
      <OnPaper id={id} />
      {refused && <Refused id={id} revision={building.revision} {...refused} onClose={() => setRefused(null)} />}
      <StepList building={building} at={at} go={go} move={move} />
    </Sheet>
  )
}
