import { useState } from 'react'
import { useLayers } from '../api/cards'
import type { Card, Layers, LayerCommand } from '../api/client'
import { CardHeader } from '../bench/CardHeader'
import { ConflictSheet } from '../bench/ConflictSheet'
import { Findings } from '../bench/Findings'
import { FoldedPlate } from '../bench/FoldedPlate'
import { Pickable } from '../bench/picked'
import type { CardInHand } from '../bench/useCard'
import { useCardHere } from '../bench/useCardHere'
import { NoSuchCard } from '../house/NoSuchCard'
import { useAttempt } from '../house/Notices'
import { onPaper } from '../papers/dress'
import { Aside } from './Aside'
import { CutList } from './CutList'
import { Sides } from './Sides'
import { Stack } from './Stack'
import { WholeCard } from './WholeCard'

/** Mats and layers: every panel that shows, ticked on the picture and dressed; what to cut for it. */
export function LayersPage({ id }: { id: string }) {
  const inHand = useCardHere(id)
  const card = inHand.query.data
  const layers = useLayers(id, card?.revision)
  const shown = useTogether(card, layers.data)
  if (inHand.query.isError) return <NoSuchCard id={id} error={inHand.query.error} />
  if (layers.isError && !shown) return <NoSuchCard id={id} error={layers.error} />
  if (!shown) return <p className="p-8 text-lg">Looking at the card from all sides…</p>
  return <Room {...shown} inHand={inHand} />
}

/** A card and its layers as of the same change; while those of the next one are fetched, the ones before. */
function useTogether(card: Card | undefined, layers: Layers | undefined) {
  const [shown, setShown] = useState<{ card: Card; layers: Layers } | null>(null)
  if (card && layers && card.revision === layers.revision && (shown?.card !== card || shown.layers !== layers))
    setShown({ card, layers })
  return shown
}

type Props = { card: Card; layers: Layers; inHand: CardInHand }

function Room({ card, layers, inHand }: Props) {
  // by their place among all faces, in the order in which they were ticked
  const [allTicked, setTicked] = useState<number[]>([])
  const ticked = allTicked.filter((face) => face < layers.faces.length)
  const attempt = useAttempt()
  const refs = (faces: number[]) =>
    faces.map((face) => ({ panel: layers.faces[face].panel, face: layers.faces[face].face }))
  const wish = (what: LayerCommand['what'], faces: number[], rest: Partial<LayerCommand> = {}) =>
    inHand.dress({ what, faces: refs(faces), ...rest })
  const toggle = (face: number) =>
    setTicked(ticked.includes(face) ? ticked.filter((one) => one !== face) : [...ticked, face])
  const about = card.findings.filter(({ about }) => about === 'layers' || about === 'writing')
  const showing = layers.faces
    .map((_, face) => face)
    .filter((face) => layers.faces[face].free && layers.faces[face].poses.length > 0)
  return (
    <Pickable pieces={card.pieces}>
      <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
        <CardHeader card={card} inHand={inHand} place="layers" />
        <main className="grid flex-1 grid-cols-1 content-start gap-5 lg:grid-cols-[minmax(0,1fr)_23rem]">
          <div className="flex min-w-0 flex-col gap-5">
            <p className="flex flex-wrap gap-3">
              <button
                type="button"
                className="slip border-picked font-semibold"
                onClick={() => attempt(wish('SUGGEST', []))}
              >
                Add mats to all that shows
              </button>
              <button
                type="button"
                className="slip"
                disabled={card.layers.length === 0}
                onClick={() => attempt(wish('CLEAR', []))}
              >
                Take all off
              </button>
            </p>
            <Sides card={card} layers={layers} ticked={ticked} onTick={toggle} />
            <WholeCard layers={layers} onWish={(what, rest) => attempt(wish(what, [], rest))} />
            <Stack
              card={card.id}
              layers={layers}
              ticked={ticked}
              onLay={(stack, faces) => wish('DRESS', faces, stack)}
              onAdd={(more) => wish('ADD', ticked, { layers: more, embellishments: [] })}
              onRun={(stack) => attempt(wish('RUN', ticked, stack))}
              onOff={() => attempt(wish('UNDRESS', ticked))}
              onTickAll={() => setTicked(showing)}
              onUntick={() => setTicked([])}
              onBed={(joins, bed) => attempt(wish('BED', [], { joins, bed }))}
            />
            <CutList card={card} layers={layers} />
          </div>
          <div className="flex flex-col gap-5">
            <FoldedPlate pieces={card.pieces} form={card.form} dress={{ ...card, layers: onPaper(card) }} />
            <section aria-label="What to know" className="bg-chalk px-5 py-4">
              <p className="figure-run mb-2 text-xl">
                {card.heft.thickness} thick, {card.heft.weight}
              </p>
              {about.every(({ severity }) => severity === 'TIP') && (
                <p className="mb-2 text-lg">
                  {card.layers.length > 0
                    ? 'Every layer lies where it can, and there is somewhere to write.'
                    : 'Nothing is laid yet.'}
                </p>
              )}
              {about.length > 0 && <Findings findings={about} inHand={inHand} />}
            </section>
            <Aside
              layers={layers}
              ticked={ticked}
              onPutBack={(aside) => attempt(wish('PUT_BACK', ticked, { aside }))}
              onThrow={(aside) => attempt(wish('THROW_AWAY', [], { aside }))}
            />
          </div>
        </main>
        <ConflictSheet inHand={inHand} />
      </div>
    </Pickable>
  )
}
