import { useRef, useState } from 'react'
import { useLikenesses } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { Slip } from '../house/Slip'
import { type Tool, useDrawingTool } from './drawing'
import { usePicked } from './picked'
import { SetOn } from './SetOn'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

const TOOLS: { tool: Exclude<Tool, null>; label: string }[] = [
  { tool: 'VALLEY', label: 'valley score' },
  { tool: 'MOUNTAIN', label: 'mountain score' },
  { tool: 'SLIT', label: 'slit' },
]

/** What can be drawn: on a free card lines, pieces and glue; one that follows its structure can be loosened first. */
export function FreeStrip({ card, inHand }: Props) {
  'use memo'
  const say = useSay()
  const strip = useRef<HTMLDivElement>(null)
  const attempt = (step: Promise<unknown>) =>
    void step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  // what was pressed is gone then, and the keyboard goes on from here
  const remake = (stroke: Parameters<CardInHand['draw']>[0]) =>
    attempt(inHand.draw(stroke).then(() => strip.current?.focus()))
  if (!card.free) {
    return (
      <div ref={strip} tabIndex={-1} className="px-4 text-base outline-none">
        <SetOn card={card} inHand={inHand} />
        {card.wraps ? (
          <>
            It follows <em>{card.wraps.name}</em>.
          </>
        ) : (
          <>
            This card follows its structure: <em>{card.structureName}</em>.
            <button type="button" className="word underline" onClick={() => remake({ what: 'LOOSEN' })}>
              Make it free
            </button>
            to draw on it freely.
          </>
        )}
      </div>
    )
  }
  return (
    <div
      ref={strip}
      tabIndex={-1}
      className="flex flex-wrap items-center gap-x-2 px-4 text-base outline-none"
      role="group"
      aria-label="Draw"
    >
      <Tools />
      <Typed card={card} inHand={inHand} />
      <AddPiece card={card} inHand={inHand} />
      <SetOn card={card} inHand={inHand} />
      <Glue card={card} inHand={inHand} />
      <button
        type="button"
        className="word"
        onClick={() => attempt(inHand.draw({ what: card.form.lies ? 'STAND' : 'LIE' }))}
      >
        {card.form.lies ? 'show it standing' : 'show it lying'}
      </button>
      <WhatItIs card={card} onTake={(structure) => remake({ what: 'TAKE_AS', structure })} />
    </div>
  )
}

/** Which structures the card is, each to be taken up: then its measures say the rest. */
function WhatItIs({ card, onTake }: { card: Card; onTake: (structure: string) => void }) {
  const { data, isPending } = useLikenesses(card.id, card.revision)
  if (isPending) return <p className="basis-full text-ink-soft">Looking at what it is…</p>
  if (!data?.length) return null
  return (
    <ul className="basis-full" aria-label="What it is">
      {data.slice(0, 3).map((one) => (
        <li key={one.structure}>
          {one.words}
          <button type="button" className="word underline" onClick={() => onTake(one.structure)}>
            {one.exact ? 'Take it as one' : 'Make it one'}
          </button>
        </li>
      ))}
    </ul>
  )
}

function Tools() {
  const { tool, take } = useDrawingTool()
  return (
    <>
      <span>Draw a</span>
      {TOOLS.map((one) => (
        <button
          key={one.tool}
          type="button"
          className="word"
          aria-pressed={tool === one.tool}
          onClick={() => take(tool === one.tool ? null : one.tool)}
        >
          {one.label}
        </button>
      ))}
      {tool && <span className="plate-note">press for one straight up, or draw from end to end</span>}
    </>
  )
}

/** A line by its figures, for those who draw with the keyboard. */
function Typed({ card, inHand }: Props) {
  const [ends, setEnds] = useState({ acrossFrom: '', upFrom: '', acrossTo: '', upTo: '' })
  const [what, setWhat] = useState('VALLEY')
  const [number, setNumber] = useState(0)
  const draw = () =>
    inHand.draw({
      ...ends,
      what: what === 'SLIT' ? 'SLIT' : 'SCORE',
      piece: number,
      fold: what === 'SLIT' ? undefined : (what as 'VALLEY'),
    })
  return (
    <Slip label="by figures…" title="A line by its figures" action="Draw it" onDo={draw}>
      <Choice label="What" value={what} onChoose={setWhat}>
        {TOOLS.map((one) => (
          <option key={one.tool} value={one.tool}>
            {one.label}
          </option>
        ))}
      </Choice>
      <PieceField card={card} number={number} onChoose={setNumber} />
      {what !== 'SLIT' && (
        <p className="plate-note max-w-80 text-base">
          One figure is enough for a score from edge to edge: straight up at so much from left, or level at so much from
          foot.
        </p>
      )}
      {(['acrossFrom', 'upFrom', 'acrossTo', 'upTo'] as const).map((end) => (
        <Text key={end} label={ENDS[end]} value={ends[end]} onType={(text) => setEnds({ ...ends, [end]: text })} />
      ))}
    </Slip>
  )
}

const ENDS = {
  acrossFrom: 'Start, from left',
  upFrom: 'Start, from foot',
  acrossTo: 'End, from left',
  upTo: 'End, from foot',
}

function AddPiece({ card, inHand }: Props) {
  const { picked } = usePicked()
  const names = panelNames(card)
  const [piece, setPiece] = useState({ name: '', width: '', height: '', panel: '' })
  const on = piece.panel || (picked?.kind === 'panel' ? names[picked.index] : names[0])
  return (
    <Slip
      label="another piece…"
      title="Another piece"
      action="Glue it on"
      onDo={() => inHand.draw({ what: 'PIECE', ...piece, panel: on })}
    >
      <Text label="Name" value={piece.name} onType={(name) => setPiece({ ...piece, name })} />
      <Text label="Width" value={piece.width} onType={(width) => setPiece({ ...piece, width })} />
      <Text label="Height" value={piece.height} onType={(height) => setPiece({ ...piece, height })} />
      <PanelField label="On panel" names={names} value={on} onChoose={(panel) => setPiece({ ...piece, panel })} />
    </Slip>
  )
}

function Glue({ card, inHand }: Props) {
  const names = panelNames(card)
  const [join, setJoin] = useState({
    glued: '',
    panel: '',
    acrossFrom: '',
    upFrom: '',
    byItsFace: false,
    toTheBack: false,
  })
  const glued = join.glued || names[names.length - 1]
  const panel = join.panel || names[0]
  return (
    <Slip
      label="glue…"
      title="Glue two panels"
      action="Glue them"
      onDo={() => inHand.draw({ what: 'GLUE', ...join, glued, panel })}
    >
      <PanelField
        label="Glue panel"
        names={names}
        value={glued}
        onChoose={(name) => setJoin({ ...join, glued: name })}
      />
      <Check label="by this side" checked={join.byItsFace} onCheck={(byItsFace) => setJoin({ ...join, byItsFace })} />
      <PanelField label="On panel" names={names} value={panel} onChoose={(name) => setJoin({ ...join, panel: name })} />
      <Check
        label="to the back of that"
        checked={join.toTheBack}
        onCheck={(toTheBack) => setJoin({ ...join, toTheBack })}
      />
      <Text
        label="Its corner lies, from left"
        value={join.acrossFrom}
        onType={(acrossFrom) => setJoin({ ...join, acrossFrom })}
      />
      <Text label="and up" value={join.upFrom} onType={(upFrom) => setJoin({ ...join, upFrom })} />
    </Slip>
  )
}

/** Names of all panels in the order of their numbers. */
function panelNames(card: Card) {
  return card.measures.map(({ label }) => label)
}

function Field({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <label className="flex items-center justify-between gap-4 py-1 text-base">
      {label}
      {children}
    </label>
  )
}

function Text({ label, value, onType }: { label: string; value: string; onType: (text: string) => void }) {
  return (
    <Field label={label}>
      <input
        className="figure min-h-11 w-36 border-b-2 border-ink bg-paper px-2 text-lg"
        value={value}
        maxLength={120}
        onChange={(event) => onType(event.target.value)}
      />
    </Field>
  )
}

function Check({ label, checked, onCheck }: { label: string; checked: boolean; onCheck: (checked: boolean) => void }) {
  return (
    <Field label={label}>
      <input
        type="checkbox"
        className="size-6 accent-ink"
        checked={checked}
        onChange={(event) => onCheck(event.target.checked)}
      />
    </Field>
  )
}

function PanelField({
  label,
  names,
  value,
  onChoose,
}: {
  label: string
  names: string[]
  value: string
  onChoose: (name: string) => void
}) {
  return (
    <Choice label={label} value={value} onChoose={onChoose}>
      {names.map((name) => (
        <option key={name}>{name}</option>
      ))}
    </Choice>
  )
}

function PieceField({ card, number, onChoose }: { card: Card; number: number; onChoose: (number: number) => void }) {
  if (card.pieces.length < 2) return null
  return (
    <Choice label="On piece" value={String(number)} onChoose={(chosen) => onChoose(Number(chosen))}>
      {card.pieces.map((piece) => (
        <option key={piece.number} value={piece.number}>
          {piece.name}
        </option>
      ))}
    </Choice>
  )
}
