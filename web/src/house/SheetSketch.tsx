import type { Piece, Point } from '../api/client'
import { DASHES } from './notation'

const GAP = 0.06

/** All pieces of a card as they lie open, small: panels, scores by their dashes, slits. */
export function SheetSketch({ pieces, className = '' }: { pieces: Piece[]; className?: string }) {
  const widest = Math.max(...pieces.map((piece) => piece.cut.width.mm))
  const gap = widest * GAP
  const boxes = pieces.map((piece) => ({
    left: Math.min(...piece.outline.map(({ x }) => x)),
    top: Math.max(...piece.outline.map(({ y }) => y)),
    height: piece.cut.height.mm,
  }))
  const tops = boxes.map((_, i) => boxes.slice(0, i).reduce((sum, { height }) => sum + height + gap, 0))
  const whole = tops[tops.length - 1] + boxes[boxes.length - 1].height
  return (
    <svg
      viewBox={`${-gap / 2} ${-gap / 2} ${widest + gap} ${whole + gap}`}
      className={className}
      role="img"
      aria-label="The pieces, open"
    >
      {pieces.map((piece, i) => {
        const at = ({ x, y }: Point) => `${(x - boxes[i].left).toFixed(3)},${(boxes[i].top - y + tops[i]).toFixed(3)}`
        const line = (from: Point, to: Point) => `M${at(from)} L${at(to)}`
        return (
          <g key={piece.number} className="stroke-ink" strokeLinejoin="round">
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
            {piece.hinges.map((hinge) => (
              <path
                key={hinge.index}
                d={line(hinge.from, hinge.to)}
                strokeWidth={1.5}
                strokeDasharray={DASHES[hinge.fold]}
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
