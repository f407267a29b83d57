import { useState } from 'react'
import { useStock } from '../api/cards'
import type { OwnStock, Paper } from '../api/client'
import { keepPicture, type Put } from '../api/tools'
import { Choice } from '../house/Choice'
import { Swatch } from '../papers/Swatch'
import { Form, TextField } from './Form'
import { ProblemBox } from '../house/ProblemBox'

type Grain = OwnStock['cardstocks'][number]['grain']
type Pattern = OwnStock['cardstocks'][number]['pattern']

const EMPTY = {
  name: '',
  grammage: '',
  caliper: '',
  grain: 'UNKNOWN' as Grain,
  pattern: 'PLAIN' as Pattern,
  colour: '#fffdf8',
  print: 'NONE' as Paper['print'],
  ink: '#a8382e',
  back: '',
  image: undefined as string | undefined,
}

const PRINTS: { id: Paper['print']; label: string }[] = [
  { id: 'NONE', label: 'nothing' },
  { id: 'STRIPES', label: 'stripes' },
  { id: 'DOTS', label: 'dots' },
  { id: 'CHECKS', label: 'checks' },
  { id: 'KITES', label: 'kites' },
  { id: 'IMAGE', label: 'a picture of my own' },
]

/** One more cardstock or paper, shown as it will look. */
export function NewPaper({ put }: { put: Put }) {
  const [card, setCard] = useState(EMPTY)
  const stock = useStock()
  const keep = async () => {
    await put.cardstocks({ ...card, back: card.back || undefined })
    setCard(EMPTY)
  }
  const shown: Paper = {
    ...card,
    id: 'new',
    back: card.back || card.colour,
    print: card.print === 'IMAGE' && !card.image ? 'NONE' : card.print,
    image: card.image && `/api/stock/pictures/${card.image}`,
    repeatMm: stock.data?.prints.find(({ id }) => id === card.print)?.repeatMm ?? 1,
  }
  const isPrinted = card.print !== 'NONE' && card.print !== 'IMAGE'
  return (
    <Form label="One more cardstock" action="Keep it" onDo={keep}>
      {(wrong) => (
        <>
          <TextField
            wide
            label="Name of the card"
            value={card.name}
            wrong={wrong('name')}
            onType={(name) => setCard({ ...card, name })}
          />
          <TextField
            label="g/m²"
            value={card.grammage}
            wrong={wrong('grammage')}
            onType={(grammage) => setCard({ ...card, grammage })}
          />
          <TextField
            label="Thickness"
            hint="by bulk"
            value={card.caliper}
            wrong={wrong('caliper')}
            onType={(caliper) => setCard({ ...card, caliper })}
          />
          <Choice label="Grain" value={card.grain} onChoose={(grain) => setCard({ ...card, grain: grain as Grain })}>
            <option value="UNKNOWN">unknown</option>
            <option value="LONG">long</option>
            <option value="SHORT">short</option>
          </Choice>
          <Choice
            label="Pattern"
            value={card.pattern}
            onChoose={(pattern) => setCard({ ...card, pattern: pattern as Pattern })}
          >
            <option value="PLAIN">plain</option>
            <option value="DIRECTIONAL">directional</option>
            <option value="DOUBLE_SIDED">double-sided</option>
          </Choice>
          <Colour label="Colour" value={card.colour} onChoose={(colour) => setCard({ ...card, colour })} />
          <Choice
            label="Printed with"
            value={card.print}
            onChoose={(print) => setCard({ ...card, print: print as Paper['print'] })}
          >
            {PRINTS.map(({ id, label }) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </Choice>
          {isPrinted && <Colour label="Ink" value={card.ink} onChoose={(ink) => setCard({ ...card, ink })} />}
          {card.print === 'IMAGE' && (
            <Picture isKept={card.image !== undefined} onKept={(image) => setCard({ ...card, image })} />
          )}
          {card.pattern === 'DOUBLE_SIDED' && (
            <Colour
              label="Other side"
              value={card.back || card.colour}
              onChoose={(back) => setCard({ ...card, back })}
            />
          )}
          <Swatch paper={shown} />
        </>
      )}
    </Form>
  )
}

function Colour({ label, value, onChoose }: { label: string; value: string; onChoose: (colour: string) => void }) {
  return (
    <label className="flex flex-col text-base text-ink-soft">
      {label}
      <input
        type="color"
        className="min-h-11 w-16 bg-paper"
        value={value}
        onChange={(event) => onChoose(event.target.value)}
      />
    </label>
  )
}

/** A photo or scan of a paper, read at once so that a wrong file is told before the rest is typed. */
function Picture({ isKept, onKept }: { isKept: boolean; onKept: (id: string) => void }) {
  const [told, setTold] = useState<string | null>(null)
  const [reading, setReading] = useState(false)
  const read = async (file: File | undefined) => {
    if (!file) return
    setReading(true)
    setTold(null)
    try {
      onKept(await keepPicture(file))
    } catch (cause) {
      setTold((cause as Error).message)
    } finally {
      setReading(false)
    }
  }
  return (
    <span className="flex flex-col text-base text-ink-soft">
      <label className="flex flex-col">
        PNG or JPEG, up to 10 MB
        <input
          type="file"
          accept="image/png,image/jpeg"
          className="min-h-11 py-2"
          onChange={(event) => void read(event.target.files?.[0])}
        />
      </label>
      <span role="status">{reading ? 'Reading the picture…' : isKept ? 'The picture is kept.' : ''}</span>
      {told && <ProblemBox className="max-w-96 text-ink">{told}</ProblemBox>}
    </span>
  )
}
