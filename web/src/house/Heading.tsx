import { type ReactNode, type RefObject, useEffect, useLayoutEffect, useRef } from 'react'

const HOUSE = 'Vantbreeze'

let arrived = false

type Props = { children: ReactNode; title?: string; className?: string }

/** What a place is called, on the page and on the browser's tab. */
export function Heading({ children, title, className = 'text-2xl' }: Props) {
  const heading = useHeading<HTMLHeadingElement>(title ?? (typeof children === 'string' ? children : HOUSE))
  return (
    <h1 ref={heading} tabIndex={-1} className={className}>
      {children}
    </h1>
  )
}

/**
 * Writes what a place is called on the browser's tab, and lets the keyboard and what reads aloud begin there when it was
 * gone to by a link, which is then no more. At the first place that is opened the browser does so itself.
 */
export function useHeading<E extends HTMLElement>(title: string): RefObject<E | null> {
  const heading = useRef<E>(null)
  useEffect(() => {
    document.title = title === HOUSE ? HOUSE : `${title} · ${HOUSE}`
  }, [title])
  useLayoutEffect(() => {
    if (arrived && document.activeElement === document.body) heading.current?.focus({ preventScroll: true })
    arrived = true
  }, [])
  return heading
}
