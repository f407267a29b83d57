import { Tabs } from 'radix-ui'
import { useRef, useState } from 'react'
import type { Card } from '../api/client'
import { NoSuchCard } from '../house/NoSuchCard'
import { useSay } from '../house/Notices'
import { CardHeader } from './CardHeader'
import { ConflictSheet } from './ConflictSheet'
import { DrawingTools } from './drawing'
import { EndView } from './EndView'
import { onPaper } from '../papers/dress'
import { EnvelopePlate } from './EnvelopePlate'
import { FoldedPlate } from './FoldedPlate'
import { FreeStrip } from './FreeStrip'
import { HandStrip } from './HandStrip'
import { HeldProvider } from './held'
import { InSight } from './InSight'
import { Pickable } from './picked'
import { PieceStrip } from './PieceStrip'
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
  const { papers, madeOf } = card
  const layers = onPaper(card)

  const [piece, choose] = usePieceInHand(card, kept)
  const board = useRef<HTMLDivElement>(null)
  // what was pressed is gone then, and the keyboard goes on from the piece in the strip
  const takeUp = (one: string) => {
    choose(one)
    requestAnimationFrame(() => board.current?.querySelector<HTMLElement>('[role=tab][aria-selected=true]')?.focus())
  }

  return (
    <HandProvider value={hand}>
      <Pickable pieces={card.pieces} measures={card.measures}>
        <DrawingTools>
          <HeldProvider value={told.preview !== null}>
            <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
              <CardHeader card={kept} inHand={inHand} place="bench" />
              <main className="grid flex-1 grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1fr)_23rem]">
                <div className="flex min-w-0 flex-col gap-5">
                  {/* the figures come right below the largest piece, so that they are seen without scrolling */}
                  <Tabs.Root ref={board} value={String(piece.number)} onValueChange={choose} className="bg-chalk">
                    {card.pieces.length > 1 && <PieceStrip card={card} />}
                    <HandStrip card={card} told={told} />
                    {/* a board by itself is no tab */}
                    {card.pieces.length > 1 ? (
                      <Tabs.Content value={String(piece.number)} tabIndex={-1}>
                        <SheetOnBoard piece={piece} card={card} kept={kept} inHand={inHand} />
                      </Tabs.Content>
                    ) : (
                      <SheetOnBoard piece={piece} card={card} kept={kept} inHand={inHand} />
                    )}
                    <FreeStrip card={card} inHand={inHand} />
                  </Tabs.Root>
                  <RecipeCard card={card} inHand={inHand} piece={piece} onChoose={takeUp} />
                </div>
                <div className="flex flex-col gap-5">
                  <FoldedPlate
                    pieces={card.pieces}
                    form={card.form}
                    dress={{ layers, papers, madeOf }}
                    showingRef={hand.showing}
                  />
                  {!card.wraps && (
                    <InSight>
                      <EnvelopePlate card={card} inHand={inHand} />
                    </InSight>
                  )}
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

/** The piece that lies on the board; what is set on the card or added to it is taken up at once. */
function usePieceInHand(card: Card, kept: Card) {
  const [chosen, choose] = useState('0')
  const { free } = kept
  const things = kept.extras.length + (free ? kept.pieces.length : 0)
  const [before, setBefore] = useState({ free, things })
  if (things !== before.things || free !== before.free) {
    setBefore({ free, things })
    // a card made free has as many pieces as it had
    if (things > before.things && free === before.free) choose(String(kept.pieces[kept.pieces.length - 1].number))
  }
  return [card.pieces.find(({ number }) => String(number) === chosen) ?? card.pieces[0], choose] as const
}
