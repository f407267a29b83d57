import { type PointerEvent, useRef } from 'react'

/** So far a finger goes before it is a swipe, px. */
const FAR = 70

/** A finger drawn across goes on, or back. */
export function useSwipe(go: (by: number) => void) {
  const from = useRef<{ x: number; y: number } | null>(null)
  return {
    onPointerDown: ({ pointerType, clientX, clientY }: PointerEvent) => {
      from.current = pointerType === 'mouse' ? null : { x: clientX, y: clientY }
    },
    onPointerCancel: () => {
      from.current = null
    },
    onPointerUp: ({ clientX, clientY }: PointerEvent) => {
      if (!from.current) return
      const [across, down] = [clientX - from.current.x, clientY - from.current.y]
      from.current = null
      if (Math.abs(across) > FAR && Math.abs(across) > 2 * Math.abs(down)) go(across < 0 ? 1 : -1)
    },
  }
}
