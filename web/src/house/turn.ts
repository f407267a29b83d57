import { type PointerEvent, useRef } from 'react'
import type { Turn } from '../api/turn'

/** As finely a hand turns it, degrees; so much it is turned for each px that the hand goes. */
const FINE = 3
const EACH = 0.5
const ROUND = 180
const UPRIGHT = 90

/** All the way round, but over only as far as straight from above or below. */
export function turnedBy({ aside, over }: Turn, byAside: number, byOver: number): Turn {
  const round = ((((aside + byAside + ROUND) % (2 * ROUND)) + 2 * ROUND) % (2 * ROUND)) - ROUND
  return { aside: round, over: Math.max(-UPRIGHT, Math.min(UPRIGHT, over + byOver)) }
}

/** What is drawn across with the mouse is turned; with a finger only where `byTouch`, since else that is for the page. */
export function useTurning(turn: Turn, setTurn: (turn: Turn) => void, byTouch: boolean) {
  const from = useRef<{ x: number; y: number; turn: Turn } | null>(null)
  const degrees = (px: number) => FINE * Math.round((px * EACH) / FINE)
  const end = () => {
    from.current = null
  }
  return {
    onPointerDown: (event: PointerEvent) => {
      if (event.button !== 0 || (event.pointerType !== 'mouse' && !byTouch)) return
      event.stopPropagation()
      event.currentTarget.setPointerCapture(event.pointerId)
      from.current = { x: event.clientX, y: event.clientY, turn }
    },
    onPointerMove: ({ clientX, clientY }: PointerEvent) => {
      if (!from.current) return
      const { x, y, turn: before } = from.current
      const after = turnedBy(before, -degrees(clientX - x), degrees(clientY - y))
      if (after.aside !== turn.aside || after.over !== turn.over) setTurn(after)
    },
    onPointerUp: end,
    onPointerCancel: end,
  }
}
