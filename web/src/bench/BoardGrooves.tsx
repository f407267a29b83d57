import { memo } from 'react'
import type { Stock } from '../api/client'

type Props = { ruler: Stock['rulers'][number]; left: number; right: number; scale: number; top: number; foot: number; crossed: string }

/** The scoring board beneath the sheet: its grooves, and its scale along the foot; no number where a score comes down. */
export const BoardGrooves = memo(function BoardGrooves({ ruler, left, right, scale, top, foot, crossed }: Props) {
  const groove = ruler.inches ? 25.4 / 8 : 5
  const perNumber = ruler.inches ? 8 : 2
  const isCrossed = (mm: number) => crossed.split(',').some((score) => Math.abs(Number(score) - mm) * scale < 14)
  const count = Math.floor((right - left - 8) / (groove * scale))
  const everyOther = groove * scale * perNumber < 26 ? (ruler.inches ? 2 : 5) : 1
  const at = (i: number) => left + i * groove * scale
  const marks = Array.from({ length: count + 1 }, (_, i) => i)
  const numbers = marks.filter(
    (i) => i > 0 && i % perNumber === 0 && (i / perNumber) % everyOther === 0 && !isCrossed(i * groove),
  )
  // one path for all grooves and one for all ticks: hundreds of lines would be slow to draw while a figure changes
  return (
    <g aria-hidden>
      <path d={marks.map((i) => `M${at(i)} ${top}V${foot - 24}`).join('')} className="stroke-chalk-dim" strokeWidth={1} />
      <path
        d={marks.map((i) => `M${at(i)} ${foot - (i % perNumber === 0 ? 12 : 6)}V${foot}`).join('') + `M${left} ${foot}H${right}`}
        className="fill-none stroke-ink-soft"
        strokeWidth={1}
      />
      {numbers.map((i) => (
        <text
          key={i}
          x={at(i)}
          y={foot - 15}
          textAnchor="middle"
          className="fill-ink-soft stroke-chalk font-figures text-[13px] [paint-order:stroke]"
          strokeWidth={4}
        >
          {ruler.inches ? i / perNumber : i * 5}
        </text>
      ))}
    </g>
  )
})
