import { useMemo } from 'react'
import type { Form, Piece } from '../api/client'
import { between, lying } from '../house/motion'
import { extentOfAll, PaperSketch } from '../papers/PaperSketch'
import { everyCopy } from './everyCopy'
import type { Dress } from '../papers/dress'

type Props = { pieces: Piece[]; form: Form; dress?: Dress; closed: number }

/** The card drawn by the engine's own projection, as on the shelf: for browsers that can't draw in space. */
export function FlatObject({ pieces, form, dress, closed }: Props) {
  const panels = useMemo(() => pieces.flatMap(everyCopy).sort((one, other) => one.index - other.index), [pieces])
  const matrices = between(form.frames, closed)
  // the eye keeps still while the card moves
  const within = useMemo(() => extentOfAll(panels, form.frames, !form.lies), [panels, form])
  const layers = useMemo(() => lying(form, closed), [form, closed])

  return (
    <div className="grid h-[20rem] place-items-center" role="img" aria-label="The card part-open, drawn flat">
      <PaperSketch
        panels={panels}
        matrices={matrices}
        stands={!form.lies}
        layers={layers}
        within={within}
        dress={dress}
        className="max-h-[20rem] max-w-full"
      />
    </div>
  )
}
