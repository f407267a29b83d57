import { useState } from 'react'
import { useStepPicture } from '../api/building'
import type { Building } from '../api/client'
import { isTurned, STRAIGHT, type Turn } from '../api/turn'
import { useTurning } from '../house/turn'
import { TurnButtons } from '../house/TurnButtons'
import { StepDrawing } from './StepDrawing'

type Props = { id: string; building: Building; at: number; reading: number }

/** What a step looks like, to be turned by hand or by a press: what is put together by then is looked at from all sides. */
export function TurnedPicture({ id, building, at, reading }: Props) {
  const place = `${at} ${reading}`
  const [held, setHeld] = useState({ place, turn: STRAIGHT, turning: false })
  // each step is seen first from where the hand works
  const { turn, turning } = held.place === place ? held : { turn: STRAIGHT, turning: false }
  const setTurn = (to: Turn) => setHeld({ place, turn: to, turning: turning || isTurned(to) })
  const picture = useStepPicture(id, building, at, reading, turn)
  const drag = useTurning(turn, setTurn, turning)
  if (picture?.patches.length === 0) return null
  const turns = picture?.room != null
  return (
    <figure className="flex w-full min-w-0 flex-1 flex-col items-center gap-1 lg:max-w-[52%]">
      {picture && (
        <div
          className={`flex w-full justify-center ${turns ? 'cursor-grab' : ''} ${turning ? 'touch-none' : ''}`}
          {...(turns ? drag : {})}
        >
          <StepDrawing picture={picture} name={building.steps[at].what} room={turning} />
        </div>
      )}
      <figcaption className="flex min-h-11 flex-wrap items-center justify-center gap-x-3 text-lg text-ink-soft">
        <span className="italic">{picture?.from}</span>
        {turns && !turning && (
          <button
            type="button"
            className="word underline"
            onClick={() => setHeld({ place, turn: STRAIGHT, turning: true })}
          >
            Turn it
          </button>
        )}
        {turns && turning && <TurnButtons turn={turn} onTurn={setTurn} />}
      </figcaption>
    </figure>
  )
}
