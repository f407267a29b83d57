import { useId } from 'react'
import type { Point, StepPicture } from '../api/client'
import { DASHES } from '../house/notation'
import { outline } from '../house/outline'

type Props = { picture: StepPicture; name: string; room?: boolean }

/** What a step looks like: paper with what is meant lit; as large as there is room, or as it stays however it is turned. */
export function StepDrawing({ picture, name, room = false }: Props) {
  const hatch = useId()
  const glint = useId()
  const { left, foot, width, height } = (room && picture.room) || picture.box
  if (picture.patches.length === 0) return null
  const pad = Math.max(width, height) * 0.04
  const x = (mm: number) => mm - left + pad
  const y = (mm: number) => height - (mm - foot) + pad
  const at = (point: Point) => `${x(point.x).toFixed(2)} ${y(point.y).toFixed(2)}`
  return (
    <svg
      viewBox={`0 0 ${width + 2 * pad} ${height + 2 * pad}`}
      className="h-full max-h-[56vh] w-full min-w-0 max-lg:max-h-[34vh]"
      role="img"
      aria-label={`${name}: ${picture.from}`}
    >
      <defs>
        <pattern id={hatch} width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="3" height="3" className="fill-picked/20" />
          <line x1="0" y1="0" x2="0" y2="3" className="stroke-picked" strokeWidth="1.4" />
        </pattern>
        <pattern id={glint} width="14" height="14" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
          <rect width="14" height="14" className="fill-picked/5" />
          <rect width="3" height="14" className="fill-paper/60" />
          <rect x="4" width="1" height="14" className="fill-paper/60" />
        </pattern>
      </defs>
      {picture.patches.map(({ seen, colour, shape }, i) => (
        <path
          key={i}
          d={outline(shape, at)}
          fillRule="evenodd"
          fill={seen === 'GLUE' ? `url(#${hatch})` : seen === 'FILM' ? `url(#${glint})` : colour}
          className={seen === 'GLUE' || seen === 'LIT_LAYER' ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={seen === 'LIT_LAYER' ? 5 : seen === 'LAYER' ? 1 : 2}
          strokeLinejoin="round"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {picture.strokes.map(({ line, fold, lit, from, to }, i) => (
        <line
          key={i}
          x1={x(from.x)}
          y1={y(from.y)}
          x2={x(to.x)}
          y2={y(to.y)}
          className={lit ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={lit ? 7 : line === 'SLIT' ? 3 : 1.6}
          strokeDasharray={fold && !lit ? DASHES[fold] : undefined}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  )
}
