import { useState } from 'react'
import type { OwnStock } from '../api/client'
import type { Put } from '../api/tools'
import { recall, usualHabits } from '../drawer/habits'
import { Choice } from '../house/Choice'
import { Form, TextField } from './Form'

type Grain = OwnStock['cardstocks'][number]['grain']
type Pattern = OwnStock['cardstocks'][number]['pattern']

/** One more envelope or sheet. */
export function NewThing({ kind, put }: { kind: 'envelopes' | 'sheets'; put: Put }) {
  const empty = { name: '', width: '', height: '' }
  const [thing, setThing] = useState(empty)
  const ruler = { ...usualHabits(navigator.language), ...recall() }.ruler
  const keep = async () => {
    await put[kind]({ ...thing, ruler })
    setThing(empty)
  }
  return (
    <Form label={kind === 'envelopes' ? 'One more envelope' : 'One more sheet'} action="Keep it" onDo={keep}>
      {(wrong) => (
        <>
          <TextField wide label="Name" value={thing.name} wrong={wrong('name')} onType={(name) => setThing({ ...thing, name })} />
          <TextField label="Width" value={thing.width} wrong={wrong('width')} onType={(width) => setThing({ ...thing, width })} />
          <TextField label="Height" value={thing.height} wrong={wrong('height')} onType={(height) => setThing({ ...thing, height })} />
        </>
      )}
    </Form>
  )
}

/** One more cardstock or paper. */
export function NewCardstock({ put }: { put: Put }) {
  const empty = { name: '', grammage: '', caliper: '', grain: 'UNKNOWN' as Grain, pattern: 'PLAIN' as Pattern, colour: '#fffdf8' }
  const [card, setCard] = useState(empty)
  const keep = async () => {
    await put.cardstocks(card)
    setCard(empty)
  }
  return (
    <Form label="One more cardstock" action="Keep it" onDo={keep}>
      {(wrong) => (
        <>
          <TextField wide label="Name of the card" value={card.name} wrong={wrong('name')} onType={(name) => setCard({ ...card, name })} />
          <TextField label="g/m²" value={card.grammage} wrong={wrong('grammage')} onType={(grammage) => setCard({ ...card, grammage })} />
          <TextField label="Thickness" hint="by bulk" value={card.caliper} wrong={wrong('caliper')} onType={(caliper) => setCard({ ...card, caliper })} />
          <Choice label="Grain" value={card.grain} onChoose={(grain) => setCard({ ...card, grain: grain as Grain })}>
            <option value="UNKNOWN">unknown</option>
            <option value="LONG">long</option>
            <option value="SHORT">short</option>
          </Choice>
          <Choice label="Pattern" value={card.pattern} onChoose={(pattern) => setCard({ ...card, pattern: pattern as Pattern })}>
            <option value="PLAIN">plain</option>
            <option value="DIRECTIONAL">directional</option>
            <option value="DOUBLE_SIDED">double-sided</option>
          </Choice>
          <label className="flex flex-col text-base text-ink-soft">
            Colour
            <input type="color" className="min-h-11 w-16 bg-paper" value={card.colour} onChange={(event) => setCard({ ...card, colour: event.target.value })} />
          </label>
        </>
      )}
    </Form>
  )
}
