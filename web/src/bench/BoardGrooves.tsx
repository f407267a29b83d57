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
  return (
    <g aria-hidden>
      {Array.from({ length: count + 1 }, (_, i) => {
        const at = left + i * groove * scale
        const numbered = i % perNumber === 0
        return (
          <g key={i}>
            <line x1={at} x2={at} y1={top} y2={foot - 24} className="stroke-chalk-dim" strokeWidth={1} />
            <line x1={at} x2={at} y1={foot - (numbered ? 12 : 6)} y2={foot} className="stroke-ink-soft" strokeWidth={numbered ? 1.2 : 0.7} />
            {numbered && i > 0 && !isCrossed(i * groove) && (i / perNumber) % everyOther === 0 && (
              <text x={at} y={foot - 15} textAnchor="middle" className="fill-ink-soft stroke-chalk font-figures text-[13px] [paint-order:stroke]" strokeWidth={4}>
                {ruler.inches ? i / perNumber : i * 5}
              </text>
            )}
          </g>
        )
      })}
      <line x1={left} x2={right} y1={foot} y2={foot} className="stroke-ink-soft" strokeWidth={1} />
    </g>
  )
})
