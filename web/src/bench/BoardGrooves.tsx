import { memo } from 'react'
import type { Stock } from '../api/client'

type Props = { ruler: Stock['rulers'][number]; left: number; right: number; scale: number; top: number; foot: number }

/** The scoring board beneath the sheet: its grooves, and its scale along the foot. */
export const BoardGrooves = memo(function BoardGrooves({ ruler, left, right, scale, top, foot }: Props) {
  const groove = ruler.grooveMm
  const perNumber = groovesToANumber(ruler)
  // beyond the end of the board there are none
  const count = Math.floor(Math.min(right - left - 8, ruler.boardMm * scale + 0.5) / (groove * scale))
  const everyOther = everyWhich(ruler, scale, perNumber)
  const at = (i: number) => left + i * groove * scale
  const marks = Array.from({ length: count + 1 }, (_, i) => i)
  const numbers = marks.filter((i) => i > 0 && i % perNumber === 0 && (i / perNumber) % everyOther === 0)
  // a picture of its own beneath the sheet, of one path for all grooves and one for all ticks: it stays as it is while a line is dragged
  return (
    <svg
      width={right}
      height={foot + 2}
      className="absolute top-0 left-0 will-change-transform"
      shapeRendering="crispEdges"
      aria-hidden
    >
      <path
        d={marks.map((i) => `M${at(i)} ${top}V${foot - 24}`).join('')}
        className="stroke-chalk-dim"
        strokeWidth={1}
      />
      <path
        d={
          marks.map((i) => `M${at(i)} ${foot - (i % perNumber === 0 ? 12 : 6)}V${foot}`).join('') +
          `M${left} ${foot}H${at(count)}`
        }
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
          {ruler.inches ? i / perNumber : Math.round(i * groove)}
        </text>
      ))}
    </svg>
  )
})

/** A number at every inch, or at every centimetre. */
const groovesToANumber = (ruler: Stock['rulers'][number]) =>
  Math.max(1, Math.round((ruler.inches ? 25.4 : 10) / ruler.grooveMm))

const everyWhich = (ruler: Stock['rulers'][number], scale: number, perNumber: number) =>
  ruler.grooveMm * scale * perNumber < 26 ? (ruler.inches ? 2 : 5) : 1

/** How far apart the numbers of the board's scale are, mm. */
export function numbersEvery(ruler: Stock['rulers'][number], scale: number) {
  const perNumber = groovesToANumber(ruler)
  return ruler.grooveMm * perNumber * everyWhich(ruler, scale, perNumber)
}
