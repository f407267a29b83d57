import { useState } from 'react'
import { type Layers, spoken, type LayerCommand } from '../api/client'
import { Slip } from '../house/Slip'
import { SizeText } from '../house/SizeText'
import { TextField } from '../tools/Form'
import { typedEmbellishment } from './typed'

type Props = {
  set: Layers['dressed'][number]['embellishments']
  onSet: (next: LayerCommand['embellishments']) => Promise<unknown>
}

const NONE = { name: '', width: '', height: '', standsUp: '', grams: '' }

/** What is set on the uppermost layer: a bow, a button, a die cut. */
export function Embellishments({ set, onSet }: Props) {
  const [one, setOne] = useState(NONE)
  const kept = set.map(typedEmbellishment)
  return (
    <>
      <Slip
        label="Set something on it"
        title="Set something on it"
        action="Set it in the middle"
        className="slip bg-paper"
        onDo={async () => {
          await onSet([...kept, one])
          setOne(NONE)
        }}
      >
        <TextField
          wide
          label="What it is"
          hint="paper bow"
          value={one.name}
          onType={(name) => setOne({ ...one, name })}
        />
        <span className="mt-2 flex gap-4">
          <TextField label="Width" value={one.width} onType={(width) => setOne({ ...one, width })} />
          <TextField label="Height" value={one.height} onType={(height) => setOne({ ...one, height })} />
          <TextField label="Thickness" value={one.standsUp} onType={(standsUp) => setOne({ ...one, standsUp })} />
          <TextField label="Weighs, g" value={one.grams} onType={(grams) => setOne({ ...one, grams })} />
        </span>
        <p className="plate-note mt-2 text-base">Left empty, its weight is guessed from its size.</p>
        <p className="plate-note mt-2 text-base">Small parts and magnets: not within reach of small children.</p>
      </Slip>
      {set.map(({ name, size, height, weight }, i) => (
        <span key={i} className="inline-flex items-center gap-2 text-lg">
          {name}, <SizeText size={size} />, {spoken(height)} high, {weight}
          <button
            type="button"
            className="word"
            aria-label={`Take ${name} off`}
            onClick={() => void onSet(kept.filter((_, other) => other !== i))}
          >
            ×
          </button>
        </span>
      ))}
    </>
  )
}
