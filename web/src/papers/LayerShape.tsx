import { memo, useId } from 'react'
import type { Layer, Paper } from '../api/client'
import { outline } from '../house/outline'
import { motifOf } from './motifs'

type Props = { layer: Layer; paper: Paper | undefined; className?: string }

/**
 * A layer in its paper's colour and print, drawn in millimetres on its sheet with up upwards: what it is drawn in is to be
 * turned to the screen. Its print stands upright where the layer is seen.
 */
export const LayerShape = memo(function LayerShape({ layer, paper, className = 'stroke-ink' }: Props) {
  const id = useId()
  const fill = !paper ? '#fffdf8' : layer.otherSide ? paper.back : paper.colour
  const printed = paper && !layer.otherSide && paper.print !== 'NONE'
  const d = outline(layer)
  return (
    <>
      <path
        d={d}
        fill={fill}
        fillRule="evenodd"
        className={className}
        strokeWidth={0.8}
        vectorEffect="non-scaling-stroke"
      />
      {printed && (
        <>
          <Print id={id} paper={paper} layer={layer} />
          <path d={d} fill={`url(#${id})`} fillRule="evenodd" />
        </>
      )}
    </>
  )
})

function Print({ id, paper, layer }: { id: string; paper: Paper; layer: Layer }) {
  const motif = motifOf(paper)
  const size = paper.repeatMm
  // on the other side of a panel a print lies mirrored on the sheet, to be right when the panel is turned over
  const transform = `translate(${layer.inside.x} ${layer.inside.y}) rotate(${layer.up - 90})${layer.face ? '' : ' scale(-1 1)'} translate(${-size / 2} ${-size / 2})`
  return (
    <defs>
      <pattern id={id} width={size} height={size} patternUnits="userSpaceOnUse" patternTransform={transform}>
        {motif ? (
          <g transform={`scale(${size / 100})`}>
            {motif.shapes.map(({ d, fill, stroke, width, opacity }, i) => (
              <path key={i} d={d} fill={fill ?? 'none'} stroke={stroke} strokeWidth={width} opacity={opacity} />
            ))}
          </g>
        ) : (
          <image
            href={paper.image}
            width={size}
            height={size}
            preserveAspectRatio="xMidYMid slice"
            transform={`translate(0 ${size}) scale(1 -1)`}
          />
        )}
      </pattern>
    </defs>
  )
}
