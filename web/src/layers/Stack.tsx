import { useState } from 'react'
import type { ChosenLayer, Layers, LayerCommand } from '../api/client'
import { useAttempt } from '../house/Notices'
import { Embellishments } from './Embellishments'
import { FromDies } from './FromDies'
import { Joints } from './Joints'
import { OneLayer } from './OneLayer'
import { typed, typedStack } from './typed'

/** What is laid: layers from below and what is set on top. */
export type Laid = Pick<LayerCommand, 'layers' | 'embellishments'>

type Props = {
  /** Its id. */
  card: string
  layers: Layers
  ticked: number[]
  /** Throws a Problem when it can't be laid. */
  onLay: (stack: Laid, faces: number[]) => Promise<unknown>
  /** On top of what lies on each that is ticked; throws likewise. */
  onAdd: (layers: LayerCommand['layers']) => Promise<unknown>
  onRun: (stack: Laid) => void
  onOff: () => void
  onTickAll: () => void
  onUntick: () => void
  onBed: (joins: number[], bed?: LayerCommand['bed']) => void
}

/** The stack on what is ticked, uppermost layer first: changed where it stands, and laid on what else is ticked. */
export function Stack({ card, layers, ticked, onLay, onAdd, onRun, onOff, onTickAll, onUntick, onBed }: Props) {
  const [last, setLast] = useState<ChosenLayer[] | null>(null)
  const dressed = ticked.filter((face) => layers.faces[face].dressed >= 0)
  const shown = dressed.length > 0 ? layers.dressed[layers.faces[dressed[0]].dressed] : null
  const stack = shown?.layers ?? last ?? layers.usual
  const embellishments = shown ? typedStack(shown).embellishments : []
  const change = (layer: LayerCommand['layers'][number], at: number) =>
    onLay({ layers: stack.map((one, i) => (i === at ? layer : typed(one))), embellishments }, dressed)
  const tell = useAttempt()
  const put = (next: LayerCommand['layers']) => tell(onLay({ layers: next, embellishments }, dressed))
  const lay = () => {
    setLast(stack)
    tell(onLay({ layers: stack.map(typed), embellishments: [] }, ticked))
  }
  return (
    <section aria-label="Stack" className="bg-chalk px-6 py-4">
      <div className="flex flex-wrap items-center gap-x-3">
        <h2 className="text-xl">{words(ticked, layers)}</h2>
        <span className="ms-auto flex flex-wrap items-center">
          <button type="button" className="word" onClick={onTickAll}>
            select all that shows
          </button>
          <button type="button" className="word" disabled={ticked.length === 0} onClick={onUntick}>
            select none
          </button>
        </span>
      </div>
      {ticked.length === 0 ? (
        <p className="text-lg">
          Select panels on the picture to add mats one by one, or add them to all that shows at once.
        </p>
      ) : (
        <>
          <ol aria-label="Layers, uppermost first" className="flex flex-col">
            {stack
              .map((layer, i) => (
                <OneLayer
                  key={i}
                  number={i + 1}
                  layer={layer}
                  borders={layers.borders}
                  fixed={!shown}
                  onChange={(changed) => change(changed, i)}
                  onPick={(changed) => tell(change(changed, i))}
                  onAway={() => put(stack.filter((_, other) => other !== i).map(typed))}
                />
              ))
              .reverse()}
          </ol>
          <div className="mt-2 flex flex-wrap items-center gap-2">
            {dressed.length < ticked.length && (
              <button type="button" className="slip bg-paper font-semibold" onClick={lay}>
                {dressed.length > 0
                  ? 'Lay it on the others too'
                  : ticked.length === 1
                    ? 'Lay this on it'
                    : 'Lay this on each'}
              </button>
            )}
            {shown && (
              <button
                type="button"
                className="slip bg-paper"
                onClick={() => put([...stack.map(typed), typed(stack[stack.length - 1] ?? layers.usual[0])])}
              >
                One more layer
              </button>
            )}
            <FromDies
              key={ticked.join()}
              card={card}
              layers={layers}
              face={ticked[0]}
              onLay={({ layers }) => onAdd(layers.map(typed))}
            />
            {ticked.length > 1 && (
              <button
                type="button"
                className="slip bg-paper"
                onClick={() => onRun({ layers: stack.map(typed), embellishments: [] })}
              >
                One paper across them
              </button>
            )}
            {shown && (
              <Embellishments
                set={shown.embellishments}
                onSet={(next) => onLay({ layers: stack.map(typed), embellishments: next }, dressed)}
              />
            )}
            {dressed.length > 0 && (
              <button type="button" className="slip bg-paper" onClick={onOff}>
                Take off
              </button>
            )}
          </div>
          <Joints layers={layers} ticked={ticked} onBed={onBed} />
        </>
      )}
    </section>
  )
}

function words(ticked: number[], layers: Layers) {
  if (ticked.length === 0) return 'No panel selected'
  if (ticked.length === 1) return layers.faces[ticked[0]].name
  return ticked.length === 2
    ? `${layers.faces[ticked[0]].name} and ${layers.faces[ticked[1]].name}`
    : `${ticked.length} panels selected`
}
