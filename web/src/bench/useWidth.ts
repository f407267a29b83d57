import { useEffect, useRef, useState } from 'react'

/** How wide an element is on the screen, kept up to date; for fitting a drawing, not for measuring a card. */
export function useWidth<E extends HTMLElement>() {
  const element = useRef<E>(null)
  const [width, setWidth] = useState(0)
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidth(entry.contentRect.width))
    observer.observe(element.current!)
    return () => observer.disconnect()
  }, [])
  return [element, width] as const
}
