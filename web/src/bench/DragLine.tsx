import { memo, type PointerEvent, useRef } from 'react'
import { type Picked, usePicked } from './picked'
import { type Handle, type Place, useHandOf } from './useHand'

type Props = {
  handle: Handle
  what: NonNullable<Picked>
  /** The line on the screen. */
  from: Place
  to: Place
  cursor: string
  /** Where on its sheet it is: what takes hold of it beside that keeps its distance. */
  at: Place
  /** From the screen to the sheet; always the same one. */
  toSheet: (event: { clientX: number; clientY: number }) => Place
}

/** Wide enough for a finger. */
const GRIP = 34

/** Where a line can be taken hold of and dragged: an unseen broad stroke along it. */
export const DragLine = memo(function DragLine({ handle, what, from, to, cursor, at, toSheet }: Props) {
  const hand = useHandOf()
  const { pick } = usePicked()
  const holding = useRef<Place | null>(null)
  const move = (event: PointerEvent, beside: Place) => {
    const { x, y } = toSheet(event)
    hand.drag(handle, { x: x + beside.x, y: y + beside.y }, { free: event.altKey, other: event.shiftKey })
  }
  return (
    <line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      data-handle={`${handle.kind}-${handle.piece}-${handle.index}`}
      stroke="transparent"
      strokeWidth={GRIP}
      strokeLinecap="butt"
      style={{ cursor, touchAction: 'none' }}
      onPointerEnter={() => pick(what)}
      onPointerLeave={() => holding.current || pick(null)}
      onPointerDown={(event) => {
        if (event.button !== 0) return
        event.currentTarget.setPointerCapture(event.pointerId)
        const { x, y } = toSheet(event)
        holding.current = { x: at.x - x, y: at.y - y }
        hand.take()
        pick(what)
      }}
      onPointerMove={(event) => holding.current && move(event, holding.current)}
      onPointerUp={() => {
        holding.current = null
        hand.drop()
      }}
      onPointerCancel={() => {
        holding.current = null
        hand.cancel()
      }}
    />
  )
}, alike)

/** Forty of them stand on a long strip, of which a drag moves one. */
function alike(before: Props, after: Props) {
  return before.toSheet === after.toSheet && JSON.stringify(before) === JSON.stringify(after)
}
