import type { Point, Score } from '../api/client'
import { DASHES } from './notation'

type Line = { from: Point; to: Point; fold?: Score['fold'] | null }

/** What is drawn of a piece. */
type Laid = { outline: Point[]; openings: Point[][]; hinges: Line[]; marks: Line[] }

const GAP = 0.06

/** All pieces of a card as they lie open, small: panels, scores by their dashes, slits; without a name where words stand by. */
export function SheetSketch({
  pieces,
  className = '',
  name = 'The pieces, open',
}: {
  pieces: Laid[]
  className?: string
  name?: string
}) {
  const boxes = pieces.map(({ outline }) => {
    const xs = outline.map(({ x }) => x)
    const ys = outline.map(({ y }) => y)
    const [left, top] = [Math.min(...xs), Math.max(...ys)]
    return { left, top, width: Math.max(...xs) - left, height: top - Math.min(...ys) }
  })
  const widest = Math.max(...boxes.map(({ width }) => width))
  const gap = widest * GAP
  const tops = boxes.map((_, i) => boxes.slice(0, i).reduce((sum, { height }) => sum + height + gap, 0))
  const whole = tops[tops.length - 1] + boxes[boxes.length - 1].height
  return (
    <svg
      viewBox={`${-gap / 2} ${-gap / 2} ${widest + gap} ${whole + gap}`}
      className={className}
      {...(name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true })}
    >
      {pieces.map((piece, i) => {
        const at = ({ x, y }: Point) => `${(x - boxes[i].left).toFixed(3)},${(boxes[i].top - y + tops[i]).toFixed(3)}`
        const line = (from: Point, to: Point) => `M${at(from)} L${at(to)}`
        return (
          <g key={i} className="stroke-ink" strokeLinejoin="round">
            <polygon
              points={piece.outline.map(at).join(' ')}
              className="fill-paper"
              strokeWidth={1.5}
              vectorEffect="non-scaling-stroke"
            />
            {piece.openings.map((hole, j) => (
              <polygon
                key={j}
                points={hole.map(at).join(' ')}
                className="fill-chalk"
                vectorEffect="non-scaling-stroke"
              />
            ))}
            {piece.hinges.map((hinge, j) => (
              <path
                key={j}
                d={line(hinge.from, hinge.to)}
                strokeWidth={1.5}
                strokeDasharray={DASHES[hinge.fold ?? 'UNASSIGNED']}
                vectorEffect="non-scaling-stroke"
              />
            ))}
            {piece.marks
              .filter((mark) => !mark.fold)
              .map((slit, j) => (
                <path key={j} d={line(slit.from, slit.to)} strokeWidth={2.5} vectorEffect="non-scaling-stroke" />
              ))}
          </g>
        )
      })}
    </svg>
  )
}
