import { type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { useHeld } from './held'

/**
 * A part of the bench that follows the hand while it can be seen. While a line is held, what lies outside the window stays as
 * it was drawn last, and is drawn anew when it comes into sight or the line is let go.
 */
export function InSight({ children, className }: { children: ReactNode; className?: string }) {
  const held = useHeld()
  const element = useRef<HTMLDivElement>(null)
  const [seen, setSeen] = useState(true)
  const drawn = useRef(children)
  useEffect(() => {
    const observer = new IntersectionObserver((entries) => setSeen(entries[entries.length - 1].isIntersecting))
    observer.observe(element.current!)
    return () => observer.disconnect()
  }, [])
  const waits = held && !seen
  useLayoutEffect(() => {
    if (!waits) drawn.current = children
  })
  return (
    <div ref={element} className={className}>
      {/* eslint-disable-next-line react-hooks/refs -- what was drawn last is just what shall stand there */}
      {waits ? drawn.current : children}
    </div>
  )
}
