import { useEffect, useMemo, useState } from 'react'
import { useShelfForm } from '../api/cards'
import type { OnShelf } from '../api/client'
import { between, lying, since, toAndFro } from '../house/motion'
import { extent, PaperSketch } from '../papers/PaperSketch'

/** From one end of its motion to the other, ms. */
const ONE_WAY = 1700

/** A structure as a small folded model: at rest as it shows best; while pointed at, it opens and closes. */
export function LiveModel({
  structure,
  playing,
  className,
}: {
  structure: OnShelf
  playing: boolean
  className?: string
}) {
  const form = useShelfForm(structure.id, playing)
  const [at, setAt] = useState<number | null>(null)
  const frames = form.data?.frames
  const moving = playing && frames !== undefined

  useEffect(() => {
    if (!moving || matchMedia('(prefers-reduced-motion: reduce)').matches) return
    const begun = performance.now()
    let next = requestAnimationFrame(function step(now) {
      setAt(toAndFro(structure.showing + since(begun, now) / ONE_WAY))
      next = requestAnimationFrame(step)
    })
    return () => {
      cancelAnimationFrame(next)
      setAt(null)
    }
  }, [moving, structure.showing])

  const within = useMemo(() => extent(structure.panels, structure.partOpen, !structure.lies), [structure])
  return (
    <PaperSketch
      panels={structure.panels}
      matrices={at === null || !frames ? structure.partOpen : between(frames, at)}
      stands={!structure.lies}
      layers={at !== null && form.data ? lying(form.data, at) : undefined}
      within={within}
      className={className}
    />
  )
}
