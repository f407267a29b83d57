import { type KeyboardEvent, type PointerEvent, useId } from 'react'
import type { Laid, Layer, Paper, PaperCut, Point, SheetStack } from '../api/client'
import { picking, usePicked } from '../bench/picked'
import { outline } from '../house/outline'
import { LayerShape } from '../papers/LayerShape'
import { CutLines, InHandArea } from './CutLines'
import { type Chosen, isChosen } from './chosen'
import type { Ghost } from './useBlankDrag'
import type { Walk } from './useWalk'

type Props = {
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

const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
/** So far a blank goes at the press of an arrow, mm: farther than an edge draws it back. */
const STRIDE = 5

/** A sheet as it lies, or several that are cut alike: its paper, what comes from it, and where it is cut. */
export function OneStack(props: Props) {
  const { number, stack, look, scale, walk, ghost } = props
  const { size, trimMm } = stack
  const wide = size.width.mm * scale
  const high = size.height.mm * scale
  const x = (mm: number) => MARGIN + (mm + trimMm) * scale
  const y = (mm: number) => MARGIN + high - (mm + trimMm) * scale
  const at = (corner: Point) => `${x(corner.x)},${y(corner.y)}`
  const clip = useId()
  return (
    <figure className="max-w-full">
      <svg
        width={wide + 2 * MARGIN}
        height={high + 2 * MARGIN}
        className="block max-w-full touch-none"
        role="group"
        aria-label={nameOf(stack)}
        data-stack={number}
        data-scale={scale}
        data-left={MARGIN / scale + trimMm}
        data-foot={MARGIN / scale + trimMm}
      >
        {stack.sheets > 1 && <Beneath wide={wide} high={high} />}
        <g transform={`matrix(${scale} 0 0 ${-scale} ${MARGIN} ${MARGIN + high})`}>
          <LayerShape layer={asLayer(stack)} paper={look} />
        </g>
        <clipPath id={clip}>
          <rect x={MARGIN} y={MARGIN} width={wide} height={high} />
        </clipPath>
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
            <Blank key={i} {...props} laid={laid} at={at} x={x} y={y} />
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

const asLayer = ({ size }: SheetStack): Layer => ({
  panel: 0,
  face: true,
  level: 0,
  paper: '',
  otherSide: false,
  corners: [
    { x: 0, y: 0 },
    { x: size.width.mm, y: 0 },
    { x: size.width.mm, y: size.height.mm },
    { x: 0, y: size.height.mm },
  ],
  holes: [],
  inside: { x: size.width.mm / 2, y: size.height.mm / 2 },
  up: 90,
  raised: 0,
  number: 0,
})

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

type BlankProps = Props & {
  laid: Laid
  at: (corner: Point) => string
  x: (mm: number) => number
  y: (mm: number) => number
}

function Blank({ laid, paper, stack, scale, chosen, onChoose, onPut, onTake, at, x, y }: BlankProps) {
  const { pick, picked } = usePicked()
  const blank = paper.blanks[laid.blank]
  const middle = middleOf(laid.corners)
  const isTaken = isChosen(chosen, laid)
  const isLit = picked?.kind === 'panels' && picked.indices === blank.panels
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      onChoose(isTaken ? null : { blank: laid.blank, copy: laid.copy })
    } else if (event.key in KEYS && isTaken && !laid.shared) {
      event.preventDefault()
      const [right, up] = KEYS[event.key]
      const far = event.shiftKey ? 4 * STRIDE : STRIDE
      onPut(laid, Math.max(0, laid.area.x + right * far), Math.max(0, laid.area.y + up * far), laid.turned)
    } else if (event.key.toLowerCase() === 't' && isTaken && !laid.shared) {
      onPut(laid, laid.area.x, laid.area.y, !laid.turned)
    }
  }
  const wide = laid.area.width * scale
  const high = laid.area.height * scale
  const name = blank.numbered ? `Number ${blank.label}` : blank.label
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isTaken}
      aria-label={`${name}, ${stack.sheets > 1 ? 'on each sheet, ' : ''}${blank.where}${laid.pinned ? ', pinned' : ''}`}
      className="cursor-grab outline-offset-0"
      onClick={() => onChoose(isTaken ? null : { blank: laid.blank, copy: laid.copy })}
      onKeyDown={press}
      onPointerDown={(event) => onTake(event, laid)}
      {...picking(pick, { kind: 'panels', indices: blank.panels })}
    >
      <path
        d={outline(laid, at)}
        fillRule="evenodd"
        className={isTaken || isLit ? 'fill-picked-wash stroke-picked' : 'fill-paper stroke-ink'}
        fillOpacity={isTaken || isLit ? 0.9 : 0.72}
        strokeWidth={isTaken ? 3 : 1.4}
      />
      <Label text={blank.label} x={x(middle.x)} y={y(middle.y)} wide={wide} high={high} numbered={blank.numbered} />
      {laid.pinned && (
        <g className="fill-ink" transform={`translate(${x(laid.area.x) + 9} ${y(laid.area.y + laid.area.height) + 9})`}>
          <circle r={4.5} />
          <path d="M0 0L5 10" className="stroke-ink" strokeWidth={1.6} />
        </g>
      )}
    </g>
  )
}

type LabelProps = { text: string; x: number; y: number; wide: number; high: number; numbered: boolean }

/** Its number, or as much of its name as there is room for; upright where it is narrow. */
function Label({ text, x, y, wide, high, numbered }: LabelProps) {
  const size = numbered ? 20 : 16
  const upright = !numbered && high > wide
  const room = Math.floor(((upright ? high : wide) - 8) / (size * 0.52))
  const across = upright ? wide : high
  if (across < size * 0.8 || (numbered ? wide < 10 : room < 2)) return null
  const shown = text.length > room && !numbered ? `${text.slice(0, Math.max(1, room - 1))}…` : text
  return (
    <text
      x={x}
      y={y}
      dy="0.35em"
      textAnchor="middle"
      fontSize={size}
      transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
      className={`pointer-events-none fill-ink ${numbered ? 'font-figures' : ''}`}
    >
      {shown}
    </text>
  )
}

function middleOf(corners: Point[]): Point {
  const xs = corners.map(({ x }) => x)
  const ys = corners.map(({ y }) => y)
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
}
