import type { LayerCommand, Layers } from '../api/client'

type Props = {
  layers: Layers
  ticked: number[]
  onBed: (joins: number[], bed?: LayerCommand['bed']) => void
}

/** What is glued on the panels that are ticked: on their mats, on bare card, or hidden under the mats. */
export function Joints({ layers, ticked, onBed }: Props) {
  'use memo'
  const joints = ticked.flatMap((face) => layers.faces[face].joints)
  if (joints.length === 0) return null
  const all = joints.map(({ join }) => join)
  return (
    <div className="mt-3 border-t border-kraft-line pt-2">
      <h3 className="text-lg">Glued on it</h3>
      <ul aria-label="Glued on it">
        {joints.map(({ join, name, bed, under }) => (
          <li key={join} className="flex flex-wrap items-center gap-x-3">
            <span className="min-w-40 italic">{name}</span>
            <span role="group" aria-label={name} className="flex flex-wrap">
              <Bed label="on the mat" pressed={bed === 'MAT'} onPress={() => onBed([join], 'MAT')} />
              <Bed label="on bare card" pressed={bed === 'CARD'} onPress={() => onBed([join], 'CARD')} />
              {under && <Bed label="under the mat" pressed={bed === 'UNDER'} onPress={() => onBed([join], 'UNDER')} />}
            </span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-3">
        {joints.length > 1 && (
          <>
            <button type="button" className="word underline" onClick={() => onBed(all, 'MAT')}>
              leave the mat whole
            </button>
            <button type="button" className="word underline" onClick={() => onBed(all, 'CARD')}>
              add mats only to what is left
            </button>
          </>
        )}
        {joints.some(({ own }) => own) && (
          <button type="button" className="word underline" onClick={() => onBed(all)}>
            as usual
          </button>
        )}
      </div>
    </div>
  )
}

function Bed({ label, pressed, onPress }: { label: string; pressed: boolean; onPress: () => void }) {
  return (
    <button type="button" className="word" aria-pressed={pressed} onClick={() => !pressed && onPress()}>
      {label}
    </button>
  )
}
