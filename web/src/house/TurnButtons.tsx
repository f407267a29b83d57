import { isTurned, STRAIGHT, type Turn } from '../api/turn'
import { turnedBy } from './turn'

/** So much a press turns it, degrees. */
const PRESS = 30

type Props = { turn: Turn; onTurn: (turn: Turn) => void }

/** Looks at something from another side at a press: for who draws nothing across. */
export function TurnButtons({ turn, onTurn }: Props) {
  const press = (name: string, aside: number, over: number) => (
    <button
      type="button"
      className="word underline"
      aria-label={`Seen more from ${name}`}
      onClick={() => onTurn(turnedBy(turn, aside, over))}
    >
      {name}
    </button>
  )
  return (
    <span className="inline-flex flex-wrap items-center gap-x-1 text-base" role="group" aria-label="Turn it">
      {isTurned(turn) ? (
        <button type="button" className="word underline" onClick={() => onTurn(STRAIGHT)}>
          As it was
        </button>
      ) : (
        <span className="px-1">Seen from</span>
      )}
      {press('left', -PRESS, 0)}
      {press('right', PRESS, 0)}
      {press('above', 0, PRESS)}
      {press('below', 0, -PRESS)}
    </span>
  )
}
