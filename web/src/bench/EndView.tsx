import { memo, useState } from 'react'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { picking, usePicked } from './picked'

const ACROSS = 340
const TIMES = [5, 10, 20]

/** The closed stack from its end, each layer in its true order, its thickness drawn larger than it is. */
export const EndView = memo(function EndView({ heft, footprint }: Pick<Card, 'heft' | 'footprint'>) {
  'use memo'
  const { lit, pick } = usePicked()
  const [times, setTimes] = useState(TIMES[1])
  if (heft.layers.length === 0) return null
  const scale = ACROSS / footprint.width.mm
  const thick = (mm: number) => mm * scale * times
  const height = thick(heft.thicknessMm)
  return (
    <section aria-label="Closed, seen from its end" className="plate">
      <svg
        width={ACROSS + 8}
        height={height + 8}
        className="block"
        role="img"
        aria-label={`${heft.thickness} thick, drawn ${times} times thicker`}
      >
        {heft.layers.map(({ panel, from, to, bottom, top }, i) => (
          <rect
            key={i}
            x={4 + from * scale}
            y={4 + height - thick(top)}
            width={Math.max(1, (to - from) * scale - 1)}
            height={Math.max(1, thick(top - bottom) - 1.5)}
            className={lit.panels.has(panel) ? 'fill-picked' : 'fill-paper stroke-ink'}
            strokeWidth={0.8}
            {...picking(pick, { kind: 'panel', index: panel })}
          />
        ))}
      </svg>
      <p className="flex items-center gap-2 text-base">
        {heft.thickness} at its thickest, drawn
        <Choice
          label="How much thicker it is drawn"
          value={String(times)}
          onChoose={(chosen) => setTimes(Number(chosen))}
          quiet
        >
          {TIMES.map((one) => (
            <option key={one} value={one}>
              {one} ×
            </option>
          ))}
        </Choice>
      </p>
    </section>
  )
})
