import { DASHES } from '../bench/notation'
import type { Step } from './steps'

/** The piece that is worked on, with the line that is meant drawn bold. */
export function PieceInHand({ step: { piece, lit } }: { step: Step }) {
  const left = Math.min(...piece.outline.map(({ x }) => x))
  const top = Math.max(...piece.outline.map(({ y }) => y))
  const { width, height } = piece.cut
  const pad = width.mm * 0.02
  const x = (mm: number) => mm - left
  const y = (mm: number) => top - mm
  const meant = [...(piece.scores[lit.score ?? -1]?.hinges ?? []), ...(piece.turned[lit.level ?? -1]?.hinges ?? [])]
  return (
    <svg
      viewBox={`${-pad} ${-pad} ${width.mm + 2 * pad} ${height.mm + 2 * pad}`}
      className="max-h-[34vh] w-full flex-1"
      role="img"
      aria-label={`${piece.name} with this line drawn bold`}
    >
      <polygon
        points={piece.outline.map((corner) => `${x(corner.x)},${y(corner.y)}`).join(' ')}
        className="fill-paper stroke-ink"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
      {piece.hinges.map((hinge) => (
        <line
          key={hinge.index}
          x1={x(hinge.from.x)}
          y1={y(hinge.from.y)}
          x2={x(hinge.to.x)}
          y2={y(hinge.to.y)}
          className={meant.includes(hinge.index) ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={meant.includes(hinge.index) ? 9 : 2}
          strokeDasharray={meant.includes(hinge.index) ? undefined : DASHES[hinge.fold]}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {piece.marks.map((mark, index) => (
        <line
          key={index}
          x1={x(mark.from.x)}
          y1={y(mark.from.y)}
          x2={x(mark.to.x)}
          y2={y(mark.to.y)}
          className={index === lit.mark ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={index === lit.mark ? 9 : 3}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  )
}
