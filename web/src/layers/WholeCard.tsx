import { useStock } from '../api/cards'
import type { ChosenLayer, LayerCommand, Layers } from '../api/client'
import { Choice } from '../house/Choice'

type Props = {
  layers: Layers
  onWish: (what: LayerCommand['what'], rest: Partial<LayerCommand>) => void
}

/** The whole card dressed in one of the usual ways; all mats, and all patterns, in another paper. */
export function WholeCard({ layers, onWish }: Props) {
  'use memo'
  return (
    <section aria-label="The whole card" className="bg-chalk px-6 py-4">
      <h2 className="text-xl">Add mats to the whole card</h2>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="Ways to add mats">
        {layers.presets.map(({ id, label, meaning, stack }) => (
          <button
            key={id}
            type="button"
            className="slip flex items-center gap-2 bg-paper"
            aria-pressed={layers.preset === id}
            title={meaning}
            onClick={() => onWish('PRESET', { preset: id })}
          >
            <Nested stack={stack} />
            {label}
          </button>
        ))}
      </div>
      {(layers.mats || layers.patterns) && (
        <div className="mt-3 flex flex-wrap gap-4">
          <Paper label="All mats" value={layers.mats} onChoose={(paper) => onWish('MATS', { paper })} />
          <Paper label="All patterns" value={layers.patterns} onChoose={(paper) => onWish('PATTERNS', { paper })} />
        </div>
      )}
    </section>
  )
}

function Paper(props: { label: string; value?: string; onChoose: (paper: string) => void }) {
  const stock = useStock()
  if (!props.value) return null
  return (
    <Choice label={props.label} value={props.value} onChoose={props.onChoose}>
      {stock.data?.cardstocks.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </Choice>
  )
}

/** A panel with its layers, each smaller by its border. */
function Nested({ stack }: { stack: ChosenLayer[] }) {
  const insets = stack.map((_, i) => stack.slice(0, i + 1).reduce((sum, { border }) => sum + border.mm * 0.9, 0))
  return (
    <svg viewBox="0 0 26 32" className="h-8 w-7 shrink-0" aria-hidden="true">
      <rect x="0.75" y="0.75" width="24.5" height="30.5" className="fill-chalk-dim stroke-ink" strokeWidth="1.5" />
      {insets.map((inset, i) => (
        <rect
          key={i}
          x={0.75 + inset}
          y={0.75 + inset}
          width={24.5 - 2 * inset}
          height={30.5 - 2 * inset}
          className={`stroke-ink ${i > 0 || stack.length === 1 ? 'fill-kraft' : 'fill-paper'}`}
          strokeWidth="0.8"
        />
      ))}
    </svg>
  )
}
