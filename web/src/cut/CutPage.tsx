import { useState } from 'react'
import { useCutting, useStopCutting } from '../api/cards'
import type { Card, Cutting } from '../api/client'
import { CardHeader } from '../bench/CardHeader'
import { ConflictSheet } from '../bench/ConflictSheet'
import { FoldedPlate } from '../bench/FoldedPlate'
import { Pickable } from '../bench/picked'
import type { CardInHand } from '../bench/useCard'
import { useCardHere } from '../bench/useCardHere'
import { NoSuchCard } from '../house/NoSuchCard'
import { onPaper } from '../papers/dress'
import type { Chosen } from './chosen'
import { Kept } from './Kept'
import { Papers } from './Papers'
import { SheetsInUse } from './SheetsInUse'
import { Steps } from './Steps'
import { useWalk } from './useWalk'
import { Wanted } from './Wanted'
import { Wishes } from './Wishes'

/** How all of a card is cut: its papers, each with its sheets, what lies on them, and cut after cut. */
export function CutPage({ id }: { id: string }) {
  const inHand = useCardHere(id)
  const card = inHand.query.data
  const cutting = useCutting(id, card?.revision)
  const shown = useMeanwhile(cutting.data)
  if (inHand.query.isError) return <NoSuchCard id={id} error={inHand.query.error} />
  if (!card) return <p className="p-8 text-lg">Taking the card out of the drawer…</p>
  return (
    <Pickable pieces={card.pieces}>
      <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
        <CardHeader card={card} inHand={inHand} place="cut" />
        {cutting.isError && (
          <p role="alert" className="bg-chalk px-6 py-4 text-lg">
            {cutting.error.message}
          </p>
        )}
        {shown ? (
          <Room card={card} cutting={shown} inHand={inHand} />
        ) : (
          !cutting.isError && <p className="p-4 text-lg">Laying out the sheets…</p>
        )}
        <ConflictSheet inHand={inHand} />
      </div>
    </Pickable>
  )
}

/** While the next plan is worked out, papers that are not begun lie as they did before. */
function useMeanwhile(cutting: Cutting | undefined): Cutting | undefined {
  const [shown, show] = useState<{ of: Cutting; all: Cutting }>()
  if (!cutting || shown?.of === cutting) return shown?.all
  const before = cutting.isDone ? [] : (shown?.all.papers ?? [])
  const found = (paper: string) => cutting.papers.find((one) => one.paper === paper)
  const papers = [
    ...before.map((paper) => found(paper.paper) ?? paper),
    ...cutting.papers.filter(({ paper }) => !before.some((one) => one.paper === paper)),
  ]
  const all = { ...cutting, papers }
  show({ of: cutting, all })
  return all
}

type Props = { card: Card; cutting: Cutting; inHand: CardInHand }

function Room({ card, cutting, inHand }: Props) {
  const [wanted, choose] = useState('')
  const paper = cutting.papers.find((one) => one.paper === wanted) ?? cutting.papers.at(0)
  // kept here, as the sheets are laid out anew when one more paper comes
  const [taken, take] = useState<{ of: string; chosen: Chosen }>({ of: '', chosen: null })
  const walk = useWalk(paper?.steps.length ?? 0, paper?.paper ?? '')
  return (
    <main className="grid flex-1 grid-cols-1 content-start gap-5 lg:grid-cols-[minmax(0,1fr)_23rem]">
      <div className="flex min-w-0 flex-col gap-5">
        <Underway card={card.id} cutting={cutting} />
        {paper && (
          <section aria-label="Sheets" className="bg-chalk">
            <Papers card={card} inHand={inHand} papers={cutting.papers} chosen={paper.paper} onChoose={choose}>
              <div className={paper.stacks.length < 3 ? 'xl:grid xl:grid-cols-[minmax(0,1fr)_25rem]' : ''}>
                <SheetsInUse
                  card={card}
                  paper={paper}
                  inHand={inHand}
                  walk={walk}
                  chosen={taken.of === paper.paper ? taken.chosen : null}
                  choose={(chosen) => take({ of: paper.paper, chosen })}
                />
                <Steps paper={paper} walk={walk} />
              </div>
            </Papers>
          </section>
        )}
        {paper && <Wishes cutting={cutting} paper={paper} inHand={inHand} />}
      </div>
      <div className="flex flex-col gap-5">
        <FoldedPlate pieces={card.pieces} form={card.form} dress={{ ...card, layers: onPaper(card) }} />
        {paper && <Wanted paper={paper} walk={walk} />}
        <Kept card={card} cutting={cutting} />
      </div>
    </main>
  )
}

/** While better plans are looked for: how far that is, and a way to stop. */
function Underway({ card, cutting }: { card: string; cutting: Cutting }) {
  const stop = useStopCutting(card)
  if (cutting.isDone) {
    return cutting.wasStopped ? (
      <p className="bg-chalk px-6 py-3 text-lg italic">Stopped: this is the best that was found until then.</p>
    ) : null
  }
  return (
    <div className="flex flex-wrap items-center gap-4 bg-chalk px-6 py-3 text-lg">
      <label className="flex items-center gap-3">
        Looking for fewer sheets
        <progress
          value={cutting.share}
          max={1}
          className="h-3 appearance-none [&::-webkit-progress-bar]:bg-chalk-dim [&::-webkit-progress-value]:bg-picked"
        />
      </label>
      <button type="button" className="slip bg-paper" onClick={() => stop.mutate()}>
        Stop, and take the best so far
      </button>
    </div>
  )
}
