import { useState } from 'react'
import type { PostArea, TypedSpan } from '../api/client'
import type { PutPost } from '../api/postTables'
import { Form, TextField } from './Form'

type Service = PostArea['services'][number]
type Typed = Service['typed']

const ANY: TypedSpan = { from: '', to: '' }

const EMPTY: Typed = {
  name: '',
  length: ANY,
  width: ANY,
  thickness: ANY,
  weight: ANY,
  together: '',
  ratio: ANY,
  machine: ANY,
  square: '',
  stiff: '',
  price: '',
  source: '',
}

const SPANS = [
  { field: 'length', label: 'Length', hint: '240 mm' },
  { field: 'width', label: 'Width', hint: '165 mm' },
  { field: 'thickness', label: 'Thickness', hint: '5 mm' },
  { field: 'weight', label: 'Weight, g', hint: '100' },
  { field: 'ratio', label: 'Times as long as wide', hint: 'any' },
  { field: 'machine', label: 'Read by machine, times as long', hint: 'any' },
] as const

const MONEY = [
  { field: 'price', label: 'Price', hint: 'not known' },
  { field: 'square', label: 'More if square', hint: 'nothing' },
  { field: 'stiff', label: 'More if stiff', hint: 'nothing' },
] as const

type Props = { area: PostArea; changing?: Service; put: PutPost; done: () => void }

/** The limits and the price of a service, as the counter says them. */
export function ServiceForm({ area, changing, put, done }: Props) {
  const [typed, type] = useState(changing?.typed ?? EMPTY)
  const keep = async () => {
    await (changing ? put.changed(area.id, changing.id, typed) : put.service(area.id, typed))
    done()
  }
  const text = (field: 'name' | 'together' | 'source' | 'price' | 'square' | 'stiff') => (value: string) =>
    type({ ...typed, [field]: value })
  return (
    <Form
      label={changing ? `Change ${changing.typed.name}` : `One more service of ${area.area}`}
      action={changing ? 'Change it' : 'Keep it'}
      onDo={keep}
    >
      {(wrong) => (
        <>
          <TextField wide label="Name" value={typed.name} wrong={wrong('name')} onType={text('name')} />
          {MONEY.map(({ field, label, hint }) => (
            <TextField
              key={field}
              label={label}
              hint={hint}
              value={typed[field]}
              wrong={wrong(field)}
              onType={text(field)}
            />
          ))}
          {SPANS.map(({ field, label, hint }) => (
            <fieldset key={field} className="flex gap-x-2">
              <legend className="text-base">{label}</legend>
              <TextField
                label="from"
                hint="0"
                value={typed[field].from}
                wrong={wrong(field)}
                onType={(from) => type({ ...typed, [field]: { ...typed[field], from } })}
              />
              <TextField
                label="to"
                hint={hint}
                value={typed[field].to}
                wrong={wrong(field)}
                onType={(to) => type({ ...typed, [field]: { ...typed[field], to } })}
              />
            </fieldset>
          ))}
          <TextField
            label="All three together"
            hint="any"
            value={typed.together}
            wrong={wrong('together')}
            onType={text('together')}
          />
          <TextField
            wide
            label="From where, as of when"
            value={typed.source}
            wrong={wrong('source')}
            onType={text('source')}
          />
          <button type="button" className="slip" onClick={done}>
            Leave it
          </button>
        </>
      )}
    </Form>
  )
}
