import type { Card } from '../api/client'
import { seatOf } from '../papers/dress'
import { LayerShape } from '../papers/LayerShape'

type LaidProps = Pick<Card, 'layers' | 'papers'> & {
  panel: number
  /** Panels in the order in which they are drawn. */
  order: number[]
  faceUp: boolean
  isLit: boolean
  transform: string
}

/** The layers on the side of a panel that looks up. */
export function LaidOn({ panel, order, faceUp, layers, papers, isLit, transform }: LaidProps) {
  'use memo'
  const here = layers.filter((layer) => layer.face === faceUp && seatOf(layer, order) === panel)
  if (here.length === 0) return null
  return (
    <g transform={transform} className="pointer-events-none">
      {here.map((layer, i) => (
        <LayerShape
          key={i}
          layer={layer}
          paper={papers.find(({ id }) => id === layer.paper)}
          className={isLit ? 'stroke-picked' : 'stroke-ink'}
        />
      ))}
    </g>
  )
}
