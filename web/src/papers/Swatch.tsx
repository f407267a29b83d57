import type { Paper } from '../api/client'
import { LayerShape } from './LayerShape'
import { rectangleOf } from './rectangle'

const SIDE = 24

/** A snippet of a paper. */
export function Swatch({ paper, otherSide = false }: { paper: Paper; otherSide?: boolean }) {
  return (
    <svg width={44} height={44} viewBox={`-0.5 -0.5 ${SIDE + 1} ${SIDE + 1}`} aria-hidden className="shrink-0">
      <g transform={`matrix(1 0 0 -1 0 ${SIDE})`}>
        <LayerShape layer={rectangleOf(SIDE, SIDE, otherSide)} paper={paper} />
      </g>
    </svg>
  )
}
