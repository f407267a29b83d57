import { Link } from 'wouter'
import type { Die, Figure } from '../api/client'
import { FigureText } from './FigureText'
import { outline } from './outline'
import { SizeText } from './SizeText'

/** What dies cut out, one within another, at true proportion. */
export function DieSketch({ dies, size = 52 }: { dies: Die[]; size?: number }) {
  const largestFirst = [...dies].sort((one, other) => other.size.width.mm - one.size.width.mm)
  const { width, height } = largestFirst[0].size
  const scale = (size - 3) / Math.max(width.mm, height.mm)
  return (
    <svg width={size} height={size} className="shrink-0" aria-hidden>
      {largestFirst.map((die, i) => {
        const left = size / 2 - (die.size.width.mm * scale) / 2
        const foot = size / 2 + (die.size.height.mm * scale) / 2
        return (
          <path
            key={i}
            d={outline({ corners: die.corners, holes: [] }, ({ x, y }) => `${left + x * scale},${foot - y * scale}`)}
            className={`stroke-ink ${i % 2 ? 'fill-chalk-dim' : 'fill-paper'}`}
            strokeWidth={1.2}
          />
        )
      })}
    </svg>
  )
}

/** One figure for what is as wide as high, otherwise width by height. */
export function DieSize({ size, even, className }: Pick<Die, 'size' | 'even'> & { className?: string }) {
  return even ? (
    <FigureText figure={size.width} unit className={className} />
  ) : (
    <SizeText size={size} className={className} />
  )
}

/** The nests that they are of, each once. */
export const nestsOf = (dies: Die[]) => [...new Set(dies.map(({ nest }) => nest))].join(' and ')

/** Their sizes, and the nests that they are of. */
export function DiesInWords({ dies, border }: { dies: Die[]; border?: Figure }) {
  return (
    <span className="flex min-w-0 flex-col text-start">
      <span className="flex flex-wrap items-baseline gap-x-2 text-xl">
        {dies.map((die, i) => (
          <span key={i} className="whitespace-nowrap">
            <DieSize size={die.size} even={die.even} />
            {i < dies.length - 1 && <span className="font-text text-base">,</span>}
          </span>
        ))}
      </span>
      <span className="text-base leading-tight text-ink-soft">
        {dies.length === 1 ? `${dies[0].shape}, ` : ''}
        {nestsOf(dies)}
        {border && (
          <>
            {': '}
            <FigureText figure={border} unit /> all round
          </>
        )}
      </span>
    </span>
  )
}

/** Where none is kept: where they can be. */
export function NoDies() {
  return (
    <p className="my-2 text-lg">
      No dies or punches are kept yet.{' '}
      <Link href="/tools" className="underline">
        Tools and papers
      </Link>{' '}
      is where they go: name, shape and sizes.
    </p>
  )
}
