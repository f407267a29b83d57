import { useEffect, useRef, useState } from 'react'

/** Whether an element has come near enough to the window to be looked at; once it has, it stays so. */
export function useSeen<E extends Element>() {
  const element = useRef<E>(null)
  const [seen, setSeen] = useState(false)
  useEffect(() => {
    if (seen) return
    const observer = new IntersectionObserver(
      (entries) => setSeen((was) => was || entries.some((one) => one.isIntersecting)),
      { rootMargin: '400px' },
    )
    observer.observe(element.current!)
    return () => observer.disconnect()
  }, [seen])
  return [element, seen] as const
}
