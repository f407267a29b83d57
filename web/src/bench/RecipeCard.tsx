import { useState } from 'react'
import type { Card, Piece } from '../api/client'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { CardstockField, ChoiceField } from './ChoiceField'
import { ExtraRows } from './ExtraRows'
import { FigureRow } from './FigureRow'
import { Findings } from './Findings'
import { FromDies } from './FromDies'
import { MeasureRow } from './MeasureRow'
import { MoreMeasures } from './MoreMeasures'
import { PieceRows } from './PieceRows'
import { useTyped } from './saving'
import type { CardInHand } from './useCard'
import { WhatShows } from './WhatShows'

type Props = { card: Card; inHand: CardInHand }
type Whole = Props & { piece: Piece; onChoose: (piece: string) => void }

/**
 * The figures as a maker writes them on a card, and what should be known before cutting. What is marked on a piece is told of
 * the one on the board.
 */
export function RecipeCard({ card, inHand, piece, onChoose }: Whole) {
  'use memo'
  return (
    <section
      aria-label="Figures"
      className="plate grid flex-1 gap-x-8 gap-y-4 bg-chalk px-6 py-4 xl:grid-cols-[minmax(0,1fr)_minmax(15rem,17.5rem)]"
    >
      <div className="min-w-0 text-[1.35rem]">
        <dl>
          {!card.free &&
            card.measures
              .filter(({ follows }) => !follows)
              .map(({ id, label }) => <MeasureRow key={id} id={id} label={label} card={card} inHand={inHand} />)}
          {card.choices
            .filter(({ extra }) => !extra)
            .map((choice) => (
              <FigureRow key={choice.id} name={choice.label}>
                <ChoiceField choice={choice} inHand={inHand} />
              </FigureRow>
            ))}
        </dl>
        <MoreMeasures card={card} inHand={inHand} />
        <ExtraRows card={card} inHand={inHand} piece={piece} />
        <FromDies card={card} inHand={inHand} />
        <dl>
          {card.pieces.map((one) => (
            <PieceRows
              key={one.copies[0]}
              piece={one}
              card={card}
              inHand={inHand}
              onTakeUp={one.number === piece.number ? undefined : () => onChoose(String(one.number))}
            />
          ))}
          <FigureRow name="Closed">
            <SizeText size={card.footprint} />
            <span className="text-base">
              {card.heft.thickness} thick, {card.heft.weight}
            </span>
          </FigureRow>
          <FigureRow name="Card">
            <CardstockField card={card} inHand={inHand} />
          </FigureRow>
        </dl>
      </div>
      <div className="flex min-w-0 flex-col gap-3">
        <Findings findings={card.findings} readiness={card.readiness} inHand={inHand} />
        <WhatShows id={card.id} revision={card.revision} />
        <Notes key={card.notes} card={card} inHand={inHand} />
      </div>
    </section>
  )
}

function Notes({ card, inHand }: Props) {
  const [notes, setNotes] = useState(card.notes)
  useTyped(notes !== card.notes)
  const say = useSay()
  const write = () => {
    if (notes === card.notes) return
    inHand.change({ field: 'notes', text: notes }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  }
  return (
    <label className="mt-auto flex flex-col">
      <span className="text-base text-ink-soft italic">Notes</span>
      <textarea
        className="min-h-16 resize-none border-b-2 border-dotted border-ink-soft bg-transparent py-1 text-lg leading-snug"
        rows={2}
        value={notes}
        onChange={(event) => setNotes(event.target.value)}
        onBlur={write}
      />
    </label>
  )
}
