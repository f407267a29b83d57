import { useMemo } from 'react'
import { useShelfForm } from '../api/cards'
import type { OnShelf } from '../api/client'
import { between, lying } from '../house/motion'
import { useToAndFro } from '../house/useToAndFro'
import { extent, PaperSketch } from '../papers/PaperSketch'

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
  const frames = form.data?.frames
  const at = useToAndFro(playing && frames !== undefined, structure.showing)
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
