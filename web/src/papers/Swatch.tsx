import type { Layer, Paper } from '../api/client'
import { LayerShape } from './LayerShape'

const SIDE = 24

/** A snippet of a paper. */
export function Swatch({ paper, otherSide = false }: { paper: Paper; otherSide?: boolean }) {
  const layer: Layer = {
    panel: 0,
    face: true,
    level: 0,
    paper: paper.id,
    otherSide,
    corners: [
      { x: 0, y: 0 },
      { x: SIDE, y: 0 },
      { x: SIDE, y: SIDE },
      { x: 0, y: SIDE },
    ],
    holes: [],
    inside: { x: SIDE / 2, y: SIDE / 2 },
    up: 90,
    raised: 0,
    number: 0,
  }
  return (
    <svg width={44} height={44} viewBox={`-0.5 -0.5 ${SIDE + 1} ${SIDE + 1}`} aria-hidden className="shrink-0">
      <g transform={`matrix(1 0 0 -1 0 ${SIDE})`}>
        <LayerShape layer={layer} paper={paper} />
      </g>
    </svg>
  )
}
