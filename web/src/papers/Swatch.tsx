import type { Paper } from '../api/client'
import { LayerShape } from './LayerShape'
import { rectangleOf } from './rectangle'

const SIDE = 24

type Props = { paper: Paper; otherSide?: boolean; size?: number }

/** A snippet of a paper. */
export function Swatch({ paper, otherSide = false, size = 44 }: Props) {
  return (
    <svg width={size} height={size} viewBox={`-0.5 -0.5 ${SIDE + 1} ${SIDE + 1}`} aria-hidden className="shrink-0">
      <g transform={`matrix(1 0 0 -1 0 ${SIDE})`}>
        <LayerShape layer={rectangleOf(SIDE, SIDE, otherSide)} paper={paper} />
      </g>
    </svg>
  )
}
