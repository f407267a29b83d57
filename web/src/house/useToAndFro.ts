import { useEffect, useState } from 'react'
import { since, toAndFro } from './motion'

/** From one end of the motion to the other, ms. */
const ONE_WAY = 1700

/** Where on its way something is that goes there and back again for as long as it moves, from `begin`; null at rest. */
export function useToAndFro(moving: boolean, begin: number) {
  const [at, setAt] = useState<number | null>(null)
  useEffect(() => {
    if (!moving || matchMedia('(prefers-reduced-motion: reduce)').matches) return
    const begun = performance.now()
    let next = requestAnimationFrame(function step(now) {
      setAt(toAndFro(begin + since(begun, now) / ONE_WAY))
      next = requestAnimationFrame(step)
    })
    return () => {
      cancelAnimationFrame(next)
      setAt(null)
    }
  }, [moving, begin])
  return at
}
