import type { Card } from '../api/client'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { FOLD_WORDS } from '../house/notation'
import { isPicked, picking, usePicked } from './picked'
import type { CardInHand } from './useCard'
import { type Handle, useHandOf } from './useHand'

type Piece = Card['pieces'][number]
type Props = { piece: Piece; card: Card; inHand: CardInHand }

/** What keys do on the figure of a score. */
export const scoreKeys = (card: Pick<Card, 'free'>) =>
  card.free ? 'arrows move it, F flips it, Delete takes it away' : 'arrows move it'

/** Running distances of scores, with which way each folds; on a free card each is flipped or taken away here. */
export function Scores({ piece, kind, card, inHand }: Props & { kind: 'score' | 'level' }) {
  const { picked, pick } = usePicked()
  const hand = useHandOf()
  const say = useSay()
  const engine = kind === 'score' ? 'SCORE' : 'LEVEL'
  const draw = (what: 'FLIP' | 'ERASE', index: number) =>
    void inHand
      .draw({ what, piece: piece.number, kind: engine, index })
      .catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (kind === 'score' ? piece.scores : piece.turned).map((score, index) => {
    const what = { kind, piece: piece.number, index }
    const handle = { kind: engine, piece: piece.number, index, end: 'WHOLE' } as const
    return (
      <span
        key={index}
        className={`inline-flex items-center gap-1 ${isPicked(picked, what) ? 'text-picked' : ''}`}
        {...picking(pick, what)}
      >
        {card.free || kind === 'score' ? (
          <FigureField
            label={`${piece.name}, ${kind === 'score' ? 'score' : 'level score'} ${index + 1}, from the fence`}
            figure={score.fromLeft}
            onWrite={(text) => hand.type(handle, text)}
            onMove={(divisions) => hand.nudge(handle, divisions)}
            hint={scoreKeys(card)}
            keys={card.free ? { f: () => draw('FLIP', index), Delete: () => draw('ERASE', index) } : undefined}
          />
        ) : (
          <FigureText figure={score.fromLeft} unit />
        )}
        {card.free ? (
          <>
            <button
              type="button"
              className="word text-base italic"
              aria-label={`Flip score ${index + 1}, now ${FOLD_WORDS[score.fold]}`}
              onClick={() => draw('FLIP', index)}
            >
              {FOLD_WORDS[score.fold]}
            </button>
            <button
              type="button"
              className="word text-base"
              aria-label={`Take score ${index + 1} away`}
              onClick={() => draw('ERASE', index)}
            >
              ×
            </button>
          </>
        ) : (
          <span className="text-base italic">{FOLD_WORDS[score.fold]}</span>
        )}
        {score.part && (
          <span className="text-base whitespace-nowrap">
            from <FigureText figure={score.part.from} className="text-xl" /> to{' '}
            <FigureText figure={score.part.to} className="text-xl" /> {kind === 'score' ? 'from foot' : 'from left'}
          </span>
        )}
      </span>
    )
  })
}

/** Slits and slanted scores: from the left edge and up from the foot, end to end. */
export function Marks({ piece, card, inHand }: Props) {
  const { picked, pick } = usePicked()
  const hand = useHandOf()
  const say = useSay()
  return (
    <ul className="text-xl">
      {piece.marks.map((mark, index) => {
        const what = { kind: 'mark', piece: piece.number, index } as const
        const ends = [
          { end: 'FROM', across: mark.fromX, up: mark.fromY },
          { end: 'TO', across: mark.toX, up: mark.toY },
        ] as const
        return (
          <li
            key={index}
            className={`flex flex-wrap items-center gap-x-2 ${isPicked(picked, what) ? 'text-picked' : ''}`}
            {...picking(pick, what)}
          >
            {card.free ? (
              <WholeLine
                name={`Line ${index + 1}, ${mark.fold ? FOLD_WORDS[mark.fold] : 'slit'}`}
                what={mark.fold ? FOLD_WORDS[mark.fold] : 'slit'}
                onMove={(across, up) => {
                  const whole = { kind: 'MARK', piece: piece.number, index, end: 'WHOLE' } as const
                  const moved = across ? hand.nudge(whole, across) : hand.nudgeUp(whole, up)
                  moved.catch((cause: Error) => say({ text: cause.message, wrong: true }))
                }}
              />
            ) : (
              <span className="w-20 text-base italic">{mark.fold ? FOLD_WORDS[mark.fold] : 'slit'}</span>
            )}
            {ends.map(({ end, across, up }, i) => {
              const handle = { kind: 'MARK', piece: piece.number, index, end } as const
              const field = (
                figure: typeof across,
                name: string,
                write: (text: string) => Promise<unknown>,
                move: (handle: Handle, divisions: number) => Promise<unknown>,
              ) =>
                card.free ? (
                  <FigureField
                    label={`Line ${index + 1}, ${i === 0 ? 'start' : 'end'}, ${name}`}
                    figure={figure}
                    bare
                    onWrite={write}
                    onMove={(divisions) => move(handle, divisions)}
                  />
                ) : (
                  <FigureText figure={figure} />
                )
              return (
                <span key={end} className="inline-flex items-center gap-2">
                  {field(across, 'from left', (text) => hand.type(handle, text, up.text), hand.nudge)}
                  <span className="text-base">from left,</span>
                  {field(up, 'from foot', (text) => hand.type(handle, across.text, text), hand.nudgeUp)}
                  <span className="text-base">from foot{i === 0 && ', to'}</span>
                </span>
              )
            })}
            {card.free && (
              <button
                type="button"
                className="word text-base"
                aria-label={`Take line ${index + 1} away`}
                onClick={() =>
                  void inHand
                    .draw({ what: 'ERASE', piece: piece.number, kind: 'MARK', index })
                    .catch((cause: Error) => say({ text: cause.message, wrong: true }))
                }
              >
                ×
              </button>
            )}
          </li>
        )
      })}
    </ul>
  )
}

const STEPS: Record<string, [across: number, up: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** All of a line, moved by the arrow keys a mark at a time. */
function WholeLine({
  name,
  what,
  onMove,
}: {
  name: string
  what: string
  onMove: (across: number, up: number) => void
}) {
  return (
    <button
      type="button"
      className="word w-20 cursor-default text-start text-base italic"
      aria-label={`${name}: the arrow keys move all of it`}
      title="arrow keys move all of it"
      onKeyDown={(event) => {
        const step = STEPS[event.key]
        if (!step) return
        event.preventDefault()
        onMove(...step)
      }}
    >
      {what}
    </button>
  )
}
