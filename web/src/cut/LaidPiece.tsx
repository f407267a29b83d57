import type { KeyboardEvent, PointerEvent } from 'react'
import type { Laid, PaperCut, Point, SheetStack } from '../api/client'
import { picking, usePicked } from '../bench/picked'
import { outline } from '../house/outline'
import { type Chosen, isChosen } from './chosen'

const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
/** So far a blank goes at the press of an arrow, mm: farther than an edge draws it back. */
const STRIDE = 5

type Props = {
  stack: SheetStack
  paper: PaperCut
  scale: number
  chosen: Chosen
  onChoose: (chosen: Chosen) => void
  onPut: (laid: Laid, x: number, y: number, turned: boolean) => void
  onTake: (event: PointerEvent<SVGElement>, laid: Laid) => void
  laid: Laid
  at: (corner: Point) => string
  x: (mm: number) => number
  y: (mm: number) => number
}

/** A piece where it lies: pressed to take it up, dragged, moved and turned by keys. */
export function LaidPiece({ laid, paper, stack, scale, chosen, onChoose, onPut, onTake, at, x, y }: Props) {
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
