import { useState } from 'react'
import type { OwnStock } from '../api/client'
import type { Put } from '../api/tools'
import { lastHabits } from '../drawer/habits'
import { Form, TextField } from './Form'
import { SizedFields } from './SizedFields'

type Envelope = OwnStock['envelopes'][number]

const EMPTY = { name: '', width: '', height: '', depth: '', count: '', price: '' }

function typedOf({ name, size, depth, count, price }: Envelope): typeof EMPTY {
  return {
    name,
    width: size.width.text,
    height: size.height.text,
    depth: depth ?? '',
    count: count === undefined ? '' : String(count),
    price: price ?? '',
  }
}

type Props = { changing: Envelope | null; put: Put; onKept: (id?: string) => void; onLeave?: () => void }

/** One more envelope, or another size, count or price of one. */
export function EnvelopeForm({ changing, put, onKept, onLeave }: Props) {
  const [typed, type] = useState(changing ? typedOf(changing) : EMPTY)
  const keep = async () => {
    const body = { ...typed, ruler: lastHabits().ruler }
    const own = await (changing ? put.changedEnvelope(changing.id, body) : put.envelopes(body))
    type(EMPTY)
    onKept(own.envelopes.at(-1)?.id)
  }
  return (
    <Form
      label={changing ? `Change ${changing.name}` : 'One more envelope'}
      action={changing ? 'Change it' : 'Keep it'}
      onDo={keep}
    >
      {(wrong) => (
        <SizedFields thing={typed} wrong={wrong} onType={(sized) => type({ ...typed, ...sized })}>
          <TextField
            label="Depth"
            hint="flat"
            value={typed.depth}
            wrong={wrong('depth')}
            onType={(depth) => type({ ...typed, depth })}
          />
          <TextField
            label="How many"
            hint="any number"
            value={typed.count}
            wrong={wrong('count')}
            onType={(count) => type({ ...typed, count })}
          />
          <TextField
            label="Price of one"
            hint="not known"
            value={typed.price}
            wrong={wrong('price')}
            onType={(price) => type({ ...typed, price })}
          />
          {onLeave && (
            <button type="button" className="slip" onClick={onLeave}>
              Leave it
            </button>
          )}
        </SizedFields>
      )}
    </Form>
  )
}
