import { useState } from 'react'
import type { Put } from '../api/tools'
import { recall, usualHabits } from '../drawer/habits'
import { Form, TextField } from './Form'

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
          <TextField
            wide
            label="Name"
            value={thing.name}
            wrong={wrong('name')}
            onType={(name) => setThing({ ...thing, name })}
          />
          <TextField
            label="Width"
            value={thing.width}
            wrong={wrong('width')}
            onType={(width) => setThing({ ...thing, width })}
          />
          <TextField
            label="Height"
            value={thing.height}
            wrong={wrong('height')}
            onType={(height) => setThing({ ...thing, height })}
          />
        </>
      )}
    </Form>
  )
}
