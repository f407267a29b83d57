import type { Card, Piece } from '../api/client'
import { onPaper } from '../papers/dress'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { FOLD_WORDS } from '../house/notation'
import { scoreKeys } from './LineFigures'
import { isPicked, picking, usePicked } from './picked'
import { clearNames, type Frame, named, nameOf, NARROW_NAME } from './sheetFrame'
import type { CardInHand } from './useCard'
import { useHandOf } from './useHand'

/** Labels farther left than this leave no room for the note about the fence. */
const FENCE_NOTE = 160

type Props = { piece: Piece; card: Card; frame: Frame; inHand: CardInHand }

/** The figures of a sheet where they belong, each typed over or moved by arrow keys; F flips a fold, Delete takes a line away. */
export function SheetLabels({ piece, card, frame, inHand }: Props) {
  'use memo'
  const { x, y, foot, right, labelTop, rows } = frame
  const { picked, pick, lit } = usePicked()
  const hand = useHandOf()
  const say = useSay()
  const number = piece.number
  const measure = (id: string | undefined) => card.measures.find((one) => one.id === id)
  const edit = (id: string) => ({
    onWrite: (text: string) => inHand.change({ field: id, text }),
    onMove: (divisions: number) => inHand.change({ field: id, divisions }),
    onWay: inHand.goWay,
  })
  const draw = (what: 'FLIP' | 'ERASE', index: number) => () =>
    void inHand
      .draw({ what, piece: number, kind: 'SCORE', index })
      .catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const dressed = new Set(
    onPaper(card)
      .filter(({ face }) => face)
      .flatMap(({ panel, across }) => [panel, ...(across ?? [])]),
  )
  const clear = clearNames(piece, frame)
  const first = frame.left + (piece.scores[0]?.fromLeft ?? piece.cut.width).mm * frame.scale
  return (
    <>
      {piece.panels
        .filter((panel) => frame.widths.has(panel.index) || (lit.panels.has(panel.index) && lit.panels.size === 1))
        .map((panel) => (
          <div
            key={panel.index}
            className={`absolute -translate-x-1/2 text-center text-[1.35rem] ${frame.widths.has(panel.index) ? '' : 'z-10 bg-chalk'}`}
            style={{ left: x(panel.leftMm + panel.width.mm / 2), top: 0 }}
          >
            {panel.measure && measure(panel.measure) ? (
              <FigureField
                label={`${panel.name}, width`}
                figure={panel.width}
                held={measure(panel.measure)!.locked}
                onAttend={(attending) => pick(attending ? { kind: 'panel', index: panel.index } : null)}
                {...edit(panel.measure)}
              />
            ) : (
              <FigureText figure={panel.width} unit />
            )}
          </div>
        ))}
      {/* on paper that is printed a name would only hide it, and where there is no room it hides others: there it is told
          when the panel is pointed at */}
      {named(piece)
        .filter(({ index }) => (clear.has(index) && !dressed.has(index)) || lit.panels.has(index))
        .map((panel) => (
          <p
            key={panel.index}
            aria-hidden
            className={`pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 text-center text-base leading-tight text-ink-soft italic ${dressed.has(panel.index) || !clear.has(panel.index) ? 'z-10 bg-chalk px-1.5' : ''}`}
            style={{
              left: x(panel.inside.x),
              top: y(panel.inside.y),
              maxWidth: Math.max(NARROW_NAME, panel.width.mm * frame.scale - 6),
            }}
          >
            {nameOf(piece, panel)}
          </p>
        ))}
      {piece.scores.map((score, index) => {
        const what = { kind: 'score', piece: number, index } as const
        const isLit = isPicked(picked, what)
        if (rows[index] < 0 && !isLit) return null
        const handle = { kind: 'SCORE', piece: number, index, end: 'WHOLE' } as const
        return (
          <div
            key={index}
            className={`absolute -translate-x-1/2 bg-chalk text-center ${isLit ? 'z-10 text-picked' : ''}`}
            style={{ left: frame.left + score.fromLeft.mm * frame.scale, top: labelTop(index) }}
            {...picking(pick, what)}
          >
            <FigureField
              label={`${piece.name}, score ${index + 1}`}
              figure={score.fromLeft}
              bare
              className="text-[1.5rem]"
              onAttend={(attending) => pick(attending ? what : null)}
              onWrite={(text) => hand.type(handle, text)}
              onMove={(divisions) => hand.nudge(handle, divisions)}
              hint={scoreKeys(card)}
              keys={card.free ? { f: draw('FLIP', index), Delete: draw('ERASE', index) } : undefined}
            />
            <span className="pointer-events-none block text-base leading-tight italic">{FOLD_WORDS[score.fold]}</span>
          </div>
        )
      })}
      <p
        hidden={first < FENCE_NOTE}
        className="absolute text-base text-ink-soft italic"
        style={{ left: 10, top: foot + 62 }}
      >
        from
        <br />
        the fence
      </p>
      <p
        className="absolute -translate-x-1/2 bg-chalk px-1 text-center"
        style={{ left: right, top: labelTop(piece.scores.length) + 8 }}
      >
        <FigureText figure={piece.cut.width} unit className="text-[1.5rem]" />
        <span className="block text-base leading-tight italic">edge</span>
      </p>
      <div
        className="absolute -translate-y-1/2 bg-chalk text-[1.35rem]"
        style={{ left: frame.heightAt, top: (frame.top + foot) / 2 }}
      >
        {piece.heightMeasure && measure(piece.heightMeasure) ? (
          <FigureField label={`${piece.name}, height`} figure={piece.cut.height} {...edit(piece.heightMeasure)} />
        ) : card.free ? (
          <FigureField
            label={`${piece.name}, height`}
            figure={piece.cut.height}
            onWrite={(text) => hand.type({ kind: 'EDGE', piece: number, index: 1, end: 'WHOLE' }, text)}
            onMove={(divisions) => hand.nudge({ kind: 'EDGE', piece: number, index: 1, end: 'WHOLE' }, divisions)}
          />
        ) : (
          <FigureText figure={piece.cut.height} unit />
        )}
      </div>
    </>
  )
}
