import type { Card, Piece } from '../api/client'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useStock } from '../api/cards'
import { BoardGrooves } from './BoardGrooves'
import { DASHES, FOLD_WORDS } from './notation'
import { isPicked, picking, usePicked } from './picked'
import type { CardInHand } from './useCard'
import { useWidth } from './useWidth'

type Props = { piece: Piece; card: Card; inHand: CardInHand }

/** Room round the sheet for its dimension lines, pixels. */
const SIDE = 104
const ABOVE = 70
const BELOW = 118
const TALLEST = 300
/** Where there are several pieces. */
const LOWER = 210
/** Labels nearer to the one before than this go a row lower. */
const CROWDED = 78
const ROW = 52

/**
 * The open sheet to scale, decorated side up, its left edge against the board's fence: panel widths above it,
 * running distances below on the board's scale, its height at the right.
 */
export function SheetOnBoard({ piece, card, inHand }: Props) {
  const [frame, frameWidth] = useWidth<HTMLDivElement>()
  const { picked, pick } = usePicked()
  const stock = useStock()
  const { width, height } = piece.cut
  // all pieces of a card to one scale
  const widest = Math.max(...card.pieces.map((one) => one.cut.width.mm))
  const highest = Math.max(...card.pieces.map((one) => one.cut.height.mm))
  const scale = Math.max(0.1, Math.min((frameWidth - 2 * SIDE + 56) / widest, (card.pieces.length > 1 ? LOWER : TALLEST) / highest))
  const left = Math.max(48, (frameWidth - widest * scale - SIDE) / 2)
  const x = (mm: number) => left + mm * scale
  const y = (mm: number) => ABOVE + (height.mm - mm) * scale
  const foot = y(0)
  const rows = staggered([...piece.scores.map((score) => x(score.fromLeft.mm)), x(width.mm)])
  const below = BELOW + (rows.includes(1) ? ROW : 0)
  const labelTop = (label: number) => foot + 62 + rows[label] * ROW
  const ruler = stock.data?.rulers.find(({ id }) => id === card.ruler)
  const measure = (id: string) => card.measures.find((one) => one.id === id)
  const edit = (id: string) => ({
    onWrite: (text: string) => inHand.change({ field: id, text }),
    onMove: (divisions: number) => inHand.change({ field: id, divisions }),
  })

  return (
    <section ref={frame} aria-label={`${piece.name}, open, decorated side up`} className="relative bg-chalk">
      <svg width={frameWidth} height={foot + below} className="block" role="img" aria-label={`${piece.name} drawn to scale`}>
        {ruler && (
          <BoardGrooves
            ruler={ruler}
            left={left}
            right={frameWidth}
            scale={scale}
            top={ABOVE - 14}
            foot={foot + 58}
            crossed={piece.scores.map((score) => score.fromLeft.mm).join()}
          />
        )}
        <line x1={left} x2={left} y1={ABOVE - 26} y2={foot + 62} className="stroke-ink" strokeWidth={3} />
        {piece.panels.map((panel) => (
          <polygon
            key={panel.index}
            points={panel.corners.map((corner) => `${x(corner.x)},${y(corner.y)}`).join(' ')}
            className={isPicked(picked, 'panel', panel.index) ? 'fill-picked-wash' : 'fill-paper'}
            {...picking(pick, { kind: 'panel', index: panel.index })}
          />
        ))}
        <polygon
          points={piece.outline.map((corner) => `${x(corner.x)},${y(corner.y)}`).join(' ')}
          className="pointer-events-none fill-none stroke-ink"
          strokeWidth={1.6}
        />
        <defs>
          <pattern id={`glue-${piece.panels[0].index}`} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line y2={7} className="stroke-kraft-line" strokeWidth={1.6} />
          </pattern>
        </defs>
        {piece.glue.map((glue, i) => (
          <polygon
            key={i}
            points={glue.corners.map((corner) => `${x(corner.x)},${y(corner.y)}`).join(' ')}
            fill={`url(#glue-${piece.panels[0].index})`}
            className="pointer-events-none stroke-kraft-line"
            strokeDasharray={glue.face ? undefined : '3 4'}
          />
        ))}
        {piece.pencil.map(({ at }, i) => (
          <path
            key={i}
            d={`M ${x(at.x) - 6} ${y(at.y)} h 12 M ${x(at.x)} ${y(at.y) - 6} v 12`}
            className="pointer-events-none stroke-ink-soft"
            strokeWidth={1.2}
          />
        ))}
        {piece.openings.map((opening, i) => (
          <polygon
            key={i}
            points={opening.map((corner) => `${x(corner.x)},${y(corner.y)}`).join(' ')}
            className="fill-chalk stroke-ink"
            strokeWidth={1.6}
          />
        ))}
        {piece.hinges.map((hinge) => (
          <line
            key={hinge.index}
            x1={x(hinge.from.x)}
            y1={y(hinge.from.y)}
            x2={x(hinge.to.x)}
            y2={y(hinge.to.y)}
            className={isPicked(picked, 'score', hinge.index) ? 'stroke-picked' : 'stroke-ink'}
            strokeWidth={isPicked(picked, 'score', hinge.index) ? 4 : 2}
            strokeDasharray={DASHES[hinge.fold]}
          />
        ))}
        {piece.marks
          .filter((mark) => !mark.fold)
          .map((slit, i) => (
            <line
              key={i}
              x1={x(slit.from.x)}
              y1={y(slit.from.y)}
              x2={x(slit.to.x)}
              y2={y(slit.to.y)}
              className="stroke-ink"
              strokeWidth={2.5}
            />
          ))}
        {piece.scores.map((score, index) => (
          <g key={index} {...picking(pick, { kind: 'score', index })}>
            <rect x={x(score.fromLeft.mm) - 14} y={ABOVE} width={28} height={foot - ABOVE} className="fill-transparent" />
            <line
              x1={x(score.fromLeft.mm)}
              x2={x(score.fromLeft.mm)}
              y1={foot + 5}
              y2={labelTop(index)}
              className={isPicked(picked, 'score', index) ? 'stroke-picked' : 'stroke-ink'}
              strokeWidth={isPicked(picked, 'score', index) ? 2.5 : 1}
            />
          </g>
        ))}
        <g className="stroke-ink" strokeWidth={1}>
          {dimensioned(piece).map((panel) => (
            <DimensionLine key={panel.index} from={x(panel.left.mm)} to={x(panel.left.mm + panel.width.mm)} at={ABOVE - 9} />
          ))}
          <line x1={x(width.mm) + 5} x2={x(width.mm) + 18} y1={y(height.mm)} y2={y(height.mm)} />
          <line x1={x(width.mm) + 5} x2={x(width.mm) + 18} y1={foot} y2={foot} />
          <line x1={x(width.mm) + 12} x2={x(width.mm) + 12} y1={y(height.mm)} y2={foot} />
        </g>
      </svg>

      {dimensioned(piece).map((panel) => (
        <div
          key={panel.index}
          className="absolute -translate-x-1/2 text-center text-[1.35rem]"
          style={{ left: x(panel.left.mm + panel.width.mm / 2), top: 2 }}
        >
          {panel.measure && measure(panel.measure) ? (
            <FigureField
              label={`${panel.name}, width`}
              figure={panel.width}
              onAttend={(attending) => pick(attending ? { kind: 'panel', index: panel.index } : null)}
              {...edit(panel.measure)}
            />
          ) : (
            <FigureText figure={panel.width} unit />
          )}
        </div>
      ))}
      {named(piece).map((panel) => (
        <p
          key={panel.index}
          aria-hidden
          className="pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 text-center text-base leading-tight text-ink-soft italic"
          style={{
            left: x(panel.inside.x),
            top: y(panel.inside.y),
            maxWidth: Math.max(44, panel.width.mm * scale - 6),
          }}
        >
          {panel.name}
        </p>
      ))}
      {piece.scores.map((score, index) => (
        <p
          key={index}
          className={`absolute -translate-x-1/2 text-center ${isPicked(picked, 'score', index) ? 'text-picked' : ''}`}
          style={{ left: x(score.fromLeft.mm), top: labelTop(index) }}
          {...picking(pick, { kind: 'score', index })}
        >
          <FigureText figure={score.fromLeft} className="text-[1.6rem]" />
          <span className="block text-base leading-tight italic">{FOLD_WORDS[score.fold]}</span>
        </p>
      ))}
      <p className="absolute text-base text-ink-soft italic" style={{ left: 10, top: foot + 66 }}>
        from
        <br />
        the fence
      </p>
      <p className="absolute -translate-x-1/2 text-center" style={{ left: x(width.mm), top: labelTop(piece.scores.length) }}>
        <FigureText figure={width} unit className="text-[1.6rem]" />
        <span className="block text-base leading-tight italic">edge</span>
      </p>
      <div className="absolute -translate-y-1/2 text-[1.35rem]" style={{ left: x(width.mm) + 16, top: (y(height.mm) + foot) / 2 }}>
        {piece.heightMeasure ? (
          <FigureField label={`${piece.name}, height`} figure={height} {...edit(piece.heightMeasure)} />
        ) : (
          <FigureText figure={height} unit />
        )}
      </div>
    </section>
  )
}

/** Panels whose whole width lies along the upper edge, where it can be shown; others are told by their corners. */
function dimensioned(piece: Piece) {
  const head = Math.max(...piece.outline.map((corner) => corner.y))
  return piece.panels.filter((panel) => {
    const along = panel.corners.filter((corner) => corner.y === head).map((corner) => corner.x)
    return along.length > 1 && Math.max(...along) - Math.min(...along) > panel.width.mm - 0.001
  })
}

/** Panels that have a name of their own and not just a number. */
function named(piece: Piece) {
  return piece.panels.filter((panel) => !/^Panel \d+$/.test(panel.name))
}

/** For labels from left to right, the row of each: a lower one for every other of those that stand close. */
function staggered(places: number[]) {
  return places.reduce<number[]>((rows, place, i) => {
    const close = i > 0 && place - places[i - 1] < CROWDED
    return [...rows, close && rows[i - 1] === 0 ? 1 : 0]
  }, [])
}

/** A dimension line with a slanted tick at each end, as draughtsmen end them. */
function DimensionLine({ from, to, at }: { from: number; to: number; at: number }) {
  return (
    <>
      <line x1={from} x2={to} y1={at} y2={at} />
      {[from, to].map((end, i) => (
        <line key={i} x1={end - 4} x2={end + 4} y1={at + 4} y2={at - 4} strokeWidth={1.6} />
      ))}
    </>
  )
}
