import type { PointerEvent } from 'react'
import type { Laid, Paper, PaperCut, Point, SheetStack } from '../api/client'
import { outline } from '../house/outline'
import { LayerShape } from '../papers/LayerShape'
import { rectangleOf } from '../papers/rectangle'
import type { Chosen } from './chosen'
import { CutLines, InHandArea } from './CutLines'
import { LaidPiece } from './LaidPiece'
import type { Ghost } from './useBlankDrag'
import type { Walk } from './useWalk'

export type StackProps = {
  number: number
  stack: SheetStack
  paper: PaperCut
  look: Paper | undefined
  scale: number
  walk: Walk
  chosen: Chosen
  onChoose: (chosen: Chosen) => void
  onPut: (laid: Laid, x: number, y: number, turned: boolean) => void
  ghost: Ghost | null
  onTake: (event: PointerEvent<SVGElement>, laid: Laid) => void
}

/** Room about a sheet for the numbers of its cuts, pixels. */
export const MARGIN = 18

/** A sheet as it lies, or several that are cut alike: its paper, what comes from it, and where it is cut. */
export function OneStack(props: StackProps) {
  const { number, stack, look, scale, walk, ghost } = props
  const { size, trimMm } = stack
  const wide = size.width.mm * scale
  const high = size.height.mm * scale
  const x = (mm: number) => MARGIN + (mm + trimMm) * scale
  const y = (mm: number) => MARGIN + high - (mm + trimMm) * scale
  const at = (corner: Point) => `${x(corner.x)},${y(corner.y)}`
  return (
    <figure className="max-w-full">
      <svg
        width={wide + 2 * MARGIN}
        height={high + 2 * MARGIN}
        className="block max-w-full touch-none select-none"
        role="group"
        aria-label={nameOf(stack)}
        data-stack={number}
        data-scale={scale}
        data-left={MARGIN / scale + trimMm}
        data-foot={MARGIN / scale + trimMm}
      >
        {stack.sheets > 1 && <Beneath wide={wide} high={high} />}
        <g transform={`matrix(${scale} 0 0 ${-scale} ${MARGIN} ${MARGIN + high})`}>
          <LayerShape layer={rectangleOf(size.width.mm, size.height.mm)} paper={look} />
        </g>
        {/* what is printed on it lies back, so that figures stay readable */}
        <rect x={MARGIN} y={MARGIN} width={wide} height={high} className="fill-chalk" opacity={0.5} />
        {trimMm > 0 && (
          <rect
            x={x(0)}
            y={y(size.height.mm - 2 * trimMm)}
            width={wide - 2 * trimMm * scale}
            height={high - 2 * trimMm * scale}
            className="fill-none stroke-ink"
            strokeDasharray="2 3"
          />
        )}
        <InHandArea paper={props.paper} stack={number} walk={walk} x={x} y={y} />
        <g>
          {stack.blanks.map((laid, i) => (
            <LaidPiece key={i} {...props} laid={laid} at={at} x={x} y={y} />
          ))}
        </g>
        <CutLines paper={props.paper} stack={number} walk={walk} x={x} y={y} />
        {ghost && (
          <g
            transform={`translate(${(ghost.x - ghost.laid.area.x) * scale} ${-(ghost.y - ghost.laid.area.y) * scale})`}
          >
            <path
              d={outline(ghost.laid, at)}
              className={ghost.why ? 'fill-wrong-wash stroke-wrong' : 'fill-picked-wash stroke-picked'}
              strokeWidth={2.5}
              opacity={0.85}
            />
          </g>
        )}
      </svg>
      <figcaption className="max-w-80 ps-4 text-base">
        {nameOf(stack)}
        {ghost?.why && <span className="block text-wrong">It can’t lie there: {ghost.why}.</span>}
      </figcaption>
    </figure>
  )
}

const nameOf = ({ first, sheets, name }: SheetStack) =>
  sheets === 1 ? `Sheet ${first}, ${name}` : `Sheets ${first} to ${first + sheets - 1}, ${name}, cut alike`

/** Edges of the sheets beneath. */
function Beneath({ wide, high }: { wide: number; high: number }) {
  return (
    <>
      {[8, 4].map((off) => (
        <rect
          key={off}
          x={MARGIN + off}
          y={MARGIN - off}
          width={wide}
          height={high}
          className="fill-paper stroke-ink"
          strokeWidth={0.8}
        />
      ))}
    </>
  )
}
