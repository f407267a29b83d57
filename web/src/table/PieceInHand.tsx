import { DASHES } from '../house/notation'
import type { Piece, Step } from '../api/client'

/** The piece that is worked on, with the line that is meant drawn bold. */
export function PieceInHand({ piece, line }: { piece: Piece; line?: Step['line'] }) {
  const left = Math.min(...piece.outline.map(({ x }) => x))
  const top = Math.max(...piece.outline.map(({ y }) => y))
  const { width, height } = piece.cut
  const pad = width.mm * 0.02
  const x = (mm: number) => mm - left
  const y = (mm: number) => top - mm
  const scores = { SCORE: piece.scores, LEVEL: piece.turned, MARK: [] }
  const meant = line ? (scores[line.kind][line.index]?.hinges ?? []) : []
  const mark = line?.kind === 'MARK' ? line.index : -1
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
      {piece.marks.map(({ from, to }, index) => (
        <line
          key={index}
          x1={x(from.x)}
          y1={y(from.y)}
          x2={x(to.x)}
          y2={y(to.y)}
          className={index === mark ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={index === mark ? 9 : 3}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  )
}
