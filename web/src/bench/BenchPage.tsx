import type { Card } from '../api/client'
import { NoSuchCard } from '../house/NoSuchCard'
import { useSay } from '../house/Notices'
import { BenchHeader } from './BenchHeader'
import { ConflictSheet } from './ConflictSheet'
import { DrawingTools } from './drawing'
import { EndView } from './EndView'
import { EnvelopePlate } from './EnvelopePlate'
import { FoldedPlate } from './FoldedPlate'
import { FreeStrip } from './FreeStrip'
import { HandStrip } from './HandStrip'
import { HeldProvider } from './held'
import { InSight } from './InSight'
import { Pickable } from './picked'
import { RecipeCard } from './RecipeCard'
import { SheetOnBoard } from './SheetOnBoard'
import { useStepKeys } from './useStepKeys'
import { type CardInHand, useCard } from './useCard'
import { HandProvider, useHand } from './useHand'

/** The bench: one card, seen at once as open sheet on the board, as folded object, in its envelope, and as figures. */
export function BenchPage({ id }: { id: string }) {
  const inHand = useCard(id)
  const card = inHand.query.data
  const say = useSay()
  useStepKeys({ undo: inHand.undo, redo: inHand.redo }, (cause) => say({ text: cause.message, wrong: true }))

  if (inHand.query.isError) return <NoSuchCard id={id} error={inHand.query.error} />
  if (!card) return <p className="p-8 text-lg">Taking the card out of the drawer…</p>
  return <Bench kept={card} inHand={inHand} />
}

/** The card as it is kept or, while a line is dragged, as it would be. */
function Bench({ kept, inHand }: { kept: Card; inHand: CardInHand }) {
  'use memo'
  const { hand, told } = useHand(kept.id, inHand)
  const card = told.preview ?? kept
  const { layers, papers, madeOf } = card
  return (
    <HandProvider value={hand}>
      <Pickable pieces={card.pieces} measures={card.measures}>
        <DrawingTools>
          <HeldProvider value={told.preview !== null}>
            <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
              <BenchHeader card={kept} inHand={inHand} />
              <main className="grid flex-1 grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1fr)_23rem]">
                <div className="flex min-w-0 flex-col gap-5">
                  {/* the figures come right below the largest piece, so that they are seen without scrolling */}
                  <div className="bg-chalk">
                    <HandStrip card={card} told={told} />
                    <SheetOnBoard piece={card.pieces[0]} card={card} kept={kept} inHand={inHand} />
                    <FreeStrip card={card} inHand={inHand} />
                  </div>
                  <RecipeCard card={card} inHand={inHand} />
                  {card.pieces.slice(1).map((piece) => (
                    <InSight key={piece.copies[0]}>
                      <SheetOnBoard piece={piece} card={card} kept={kept} inHand={inHand} />
                    </InSight>
                  ))}
                </div>
                <div className="flex flex-col gap-5">
                  <FoldedPlate
                    pieces={card.pieces}
                    form={card.form}
                    dress={{ layers, papers, madeOf }}
                    showingRef={hand.showing}
                  />
                  <InSight>
                    <EnvelopePlate card={card} inHand={inHand} />
                  </InSight>
                  <InSight>
                    <EndView heft={card.heft} footprint={card.footprint} />
                  </InSight>
                </div>
              </main>
            </div>
          </HeldProvider>
          <ConflictSheet inHand={inHand} />
        </DrawingTools>
      </Pickable>
    </HandProvider>
  )
}
