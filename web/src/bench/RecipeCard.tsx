import { type ReactNode, useState } from 'react'
import { useStock } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { CardstockField, ChoiceField } from './ChoiceField'
import { Findings } from './Findings'
import { WhatShows } from './WhatShows'
import { FOLD_WORDS } from './notation'
import { isPicked, picking, usePicked } from './picked'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** The figures as a maker writes them on a card, and what should be known before cutting. */
export function RecipeCard({ card, inHand }: Props) {
  return (
    <section aria-label="Figures" className="grid flex-1 gap-x-8 gap-y-4 bg-chalk px-6 py-4 xl:grid-cols-[minmax(0,1fr)_minmax(16rem,20rem)]">
      <dl className="grid grid-cols-[auto_1fr] content-start items-baseline gap-x-5 gap-y-0.5 text-[1.35rem]">
        <Row name="Finished">
          <MeasureField id="width" card={card} inHand={inHand} />
          <span className="figure text-lg">×</span>
          <MeasureField id="height" card={card} inHand={inHand} />
        </Row>
        {card.measures
          .filter(({ id }) => id !== 'width' && id !== 'height')
          .map(({ id, label }) => (
            <Row key={id} name={label}>
              <MeasureField id={id} card={card} inHand={inHand} />
            </Row>
          ))}
        {card.choices.map((choice) => (
          <Row key={choice.id} name={choice.label}>
            <ChoiceField choice={choice} inHand={inHand} />
          </Row>
        ))}
        {card.pieces.map((piece) => (
          <PieceRows key={piece.copies[0]} piece={piece} card={card} inHand={inHand} />
        ))}
        <Row name="Closed">
          <SizeText size={card.footprint} />
          <span className="text-base">
            {card.heft.thickness} thick, {card.heft.weight}
          </span>
        </Row>
        <Row name="Card">
          <CardstockField card={card} inHand={inHand} />
        </Row>
      </dl>
      <div className="flex min-w-0 flex-col gap-3">
        <Findings card={card} inHand={inHand} />
        <WhatShows card={card} />
        <Notes key={card.notes} card={card} inHand={inHand} />
      </div>
    </section>
  )
}

function MeasureField({ id, card, inHand }: Props & { id: string }) {
  const measure = card.measures.find((one) => one.id === id)
  return (
    measure && (
      <FigureField
        label={measure.label}
        figure={measure.figure}
        onWrite={(text) => inHand.change({ field: id, text })}
        onMove={(divisions) => inHand.change({ field: id, divisions })}
      />
    )
  )
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt className="font-text text-base text-ink-soft italic">{name}</dt>
      <dd className="flex flex-wrap items-center gap-x-3">{children}</dd>
    </>
  )
}

function PieceRows({ piece, card, inHand }: Props & { piece: Card['pieces'][number] }) {
  const { picked, pick } = usePicked()
  const stock = useStock()
  const say = useSay()
  const choose = (text: string) =>
    inHand.change({ field: 'sheet', text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <>
      <Row name={card.pieces.length > 1 ? piece.name : 'Cut'}>
        {piece.copies.length > 1 && <span className="figure">{piece.copies.length} of</span>}
        <SizeText size={piece.cut} />
        <span className="inline-flex items-center gap-2 text-base">
          <span className="whitespace-nowrap">{piece.yield && piece.yield.count > 0 ? `${piece.yield.count} from` : 'from'}</span>
          <Choice label="Sheet" value={card.sheet ?? ''} onChoose={(id) => void choose(id)} quiet>
            <option value="">any sheet</option>
            {stock.data?.sheets.map((sheet) => (
              <option key={sheet.id} value={sheet.id}>
                {sheet.name}
              </option>
            ))}
          </Choice>
        </span>
      </Row>
      {piece.marks.length > 0 && (
        <Row name="Marks">
          <Marks marks={piece.marks} />
        </Row>
      )}
      {piece.glue.length > 0 && (
        <Row name="Glue">
          <ul className="text-base">
            {piece.glue.map(({ words }, i) => (
              <li key={i}>{words}</li>
            ))}
          </ul>
        </Row>
      )}
      {piece.pencil.length > 0 && (
        <Row name="Pencil">
          <ul className="text-base">
            {piece.pencil.map((mark, i) => (
              <li key={i} className="flex flex-wrap items-center gap-x-2">
                <FigureText figure={mark.across} className="text-xl" /> across,
                <FigureText figure={mark.up} className="text-xl" /> up, for {mark.words}
              </li>
            ))}
          </ul>
        </Row>
      )}
      {piece.turned.length > 0 && (
        <Row name="Foot to the fence">
          {piece.turned.map((score, i) => (
            <span key={i} className="inline-flex items-baseline gap-1.5">
              <FigureText figure={score.fromLeft} unit />
              <span className="text-base italic">{FOLD_WORDS[score.fold]}</span>
            </span>
          ))}
        </Row>
      )}
      {piece.scores.length > 0 && <Row name="Score">
        {piece.scores.map((score, index) => (
          <span
            key={index}
            className={`inline-flex items-baseline gap-1.5 ${isPicked(picked, 'score', index) ? 'text-picked' : ''}`}
            {...picking(pick, { kind: 'score', index })}
          >
            <FigureText figure={score.fromLeft} unit />
            <span className="text-base italic">{FOLD_WORDS[score.fold]}</span>
          </span>
        ))}
      </Row>}
    </>
  )
}

/** Slits and slanted scores: from the left edge and up from the foot, end to end. */
function Marks({ marks }: { marks: Card['pieces'][number]['marks'] }) {
  return (
    <ul className="text-xl">
      {marks.map((mark, i) => (
        <li key={i} className="flex flex-wrap items-center gap-x-2">
          <span className="w-20 text-base italic">{mark.fold ? FOLD_WORDS[mark.fold] : 'slit'}</span>
          <FigureText figure={mark.fromX} />
          <span className="text-base">across,</span>
          <FigureText figure={mark.fromY} />
          <span className="text-base">up, to</span>
          <FigureText figure={mark.toX} />
          <span className="text-base">across,</span>
          <FigureText figure={mark.toY} />
          <span className="text-base">up</span>
        </li>
      ))}
    </ul>
  )
}

function Notes({ card, inHand }: Props) {
  const [notes, setNotes] = useState(card.notes)
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
