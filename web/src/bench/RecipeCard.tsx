import { type ReactNode, useState } from 'react'
import { useStock } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { Many } from '../house/Many'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { CardstockField, ChoiceField } from './ChoiceField'
import { Findings } from './Findings'
import { InSight } from './InSight'
import { WhatShows } from './WhatShows'
import { Marks, Scores } from './LineFigures'
import { isPicked, picking, usePicked } from './picked'
import { useTyped } from './saving'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** The figures as a maker writes them on a card, and what should be known before cutting. */
export function RecipeCard({ card, inHand }: Props) {
  'use memo'
  return (
    <section
      aria-label="Figures"
      className="plate grid flex-1 gap-x-8 gap-y-4 bg-chalk px-6 py-4 xl:grid-cols-[minmax(0,1fr)_minmax(15rem,17.5rem)]"
    >
      <dl className="min-w-0 text-[1.35rem]">
        {!card.free &&
          card.measures.map(({ id, label }) => (
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
        <Findings
          findings={card.findings}
          offRuler={card.measures.some(({ figure }) => figure.driftMm !== undefined)}
          inHand={inHand}
        />
        <WhatShows id={card.id} revision={card.revision} />
        <Notes key={card.notes} card={card} inHand={inHand} />
      </div>
    </section>
  )
}

/** A measure, typed over or moved by keys; held so that nothing else moves it, or worked out from the rest. */
function MeasureField({ id, card, inHand }: Props & { id: string }) {
  'use memo'
  const measure = card.measures.find((one) => one.id === id)
  const say = useSay()
  if (!measure) return null
  const tell = (cause: Error) => say({ text: cause.message, wrong: true })
  return (
    <>
      <FigureField
        label={measure.label}
        figure={measure.figure}
        onWrite={(text) => inHand.change({ field: id, text })}
        onMove={(divisions) => inHand.change({ field: id, divisions })}
      />
      <span className="-ms-2 inline-flex text-base">
        <button
          type="button"
          className="word"
          aria-pressed={measure.locked}
          aria-label={`Hold ${measure.label}`}
          onClick={() => void inHand.lock(id, !measure.locked).catch(tell)}
        >
          {measure.locked ? 'held' : 'hold'}
        </button>
        <button
          type="button"
          className="word"
          aria-label={`Work out ${measure.label}`}
          disabled={measure.locked}
          onClick={() => void inHand.solve(id).then((text) => say({ text }), tell)}
        >
          work out
        </button>
      </span>
    </>
  )
}

/** One row of its own and not of a grid, so that a figure that changes does not have every row laid out anew. */
function Row({
  name,
  children,
  ...pointing
}: { name: string; children: ReactNode } & Partial<ReturnType<typeof picking>>) {
  'use memo'
  return (
    <InSight className="mb-0.5 flex items-baseline gap-x-5">
      <dt className="w-32 shrink-0 font-text text-base text-ink-soft italic">{name}</dt>
      <dd className="flex min-w-0 flex-1 flex-wrap items-center gap-x-3" {...pointing}>
        {children}
      </dd>
    </InSight>
  )
}

function PieceRows({ piece, card, inHand }: Props & { piece: Card['pieces'][number] }) {
  'use memo'
  const { picked, pick, lit } = usePicked()
  const stock = useStock()
  const say = useSay()
  const choose = (text: string) =>
    inHand.change({ field: 'sheet', text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <>
      <Row
        name={card.pieces.length > 1 ? piece.name : 'Cut'}
        {...picking(pick, { kind: 'piece', piece: piece.number })}
      >
        {piece.copies.length > 1 && <span className="figure">{piece.copies.length} of</span>}
        <SizeText size={piece.cut} />
        <span className="inline-flex items-center gap-2 text-base">
          <span className="whitespace-nowrap">
            {piece.yield && piece.yield.count > 0 ? `${piece.yield.count} from` : 'from'}
          </span>
          <Choice label="Sheet" value={card.sheet ?? ''} onChoose={(id) => void choose(id)} quiet>
            <option value="">any sheet</option>
            {stock.data?.sheets.map((sheet) => (
              <option key={sheet.id} value={sheet.id}>
                {sheet.name}
              </option>
            ))}
          </Choice>
        </span>
        {card.free && piece.number > 0 && (
          <button
            type="button"
            className="word underline"
            onClick={() =>
              void inHand
                .draw({ what: 'TAKE_AWAY', piece: piece.number })
                .catch((cause: Error) => say({ text: cause.message, wrong: true }))
            }
          >
            take it away
          </button>
        )}
      </Row>
      {piece.marks.length > 0 && (
        <Row name="Marks">
          <Marks piece={piece} card={card} inHand={inHand} />
        </Row>
      )}
      {piece.glue.length > 0 && (
        <Row name="Glue">
          <ul className="text-base">
            {piece.glue.map(({ words, join }, index) => (
              <li
                key={index}
                className={isPicked(picked, { kind: 'glue', piece: piece.number, index }) ? 'text-picked' : ''}
                {...picking(pick, { kind: 'glue', piece: piece.number, index })}
              >
                {words}
                {card.free && join >= 0 && (
                  <button
                    type="button"
                    className="word ms-2 underline"
                    onClick={() =>
                      void inHand
                        .draw({ what: 'UNGLUE', index: join })
                        .catch((cause: Error) => say({ text: cause.message, wrong: true }))
                    }
                  >
                    take apart
                  </button>
                )}
              </li>
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
          <Scores piece={piece} kind="level" card={card} inHand={inHand} />
        </Row>
      )}
      {piece.scores.length > 0 && (
        <Row name="Score">
          <Many count={piece.scores.length} what="scores">
            {() => <Scores piece={piece} kind="score" card={card} inHand={inHand} />}
          </Many>
        </Row>
      )}
      {card.free && (
        <Row name="Panels">
          <Many count={piece.panels.length} what="panels">
            {() =>
              piece.panels.map((panel) => (
                <span
                  key={panel.index}
                  className="inline-flex items-center"
                  {...picking(pick, { kind: 'panel', index: panel.index })}
                >
                  <span className={`text-base italic ${lit.panels.has(panel.index) ? 'text-picked' : ''}`}>
                    {panel.name}
                  </span>
                  <MeasureField id={`panel:${panel.name}`} card={card} inHand={inHand} />
                </span>
              ))
            }
          </Many>
        </Row>
      )}
    </>
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
