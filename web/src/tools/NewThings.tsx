import { useState } from 'react'
import { useStock } from '../api/cards'
import type { Put } from '../api/tools'
import { lastHabits } from '../drawer/habits'
import { Choice } from '../house/Choice'
import { Form, TextField } from './Form'
import { SizedFields } from './SizedFields'

const NO_SHEET = { name: '', width: '', height: '', paper: '', count: '', offcut: false, price: '' }

/** One more sheet: a size that any paper comes in, or so many of one paper. */
export function NewSheet({ put }: { put: Put }) {
  const [sheet, setSheet] = useState(NO_SHEET)
  const stock = useStock()
  const keep = async () => {
    await put.sheets({ ...sheet, ruler: lastHabits().ruler })
    setSheet(NO_SHEET)
  }
  return (
    <Form label="One more sheet" action="Keep it" onDo={keep}>
      {(wrong) => (
        <SizedFields thing={sheet} wrong={wrong} onType={(sized) => setSheet({ ...sheet, ...sized })}>
          <Choice label="Of which paper" value={sheet.paper} onChoose={(paper) => setSheet({ ...sheet, paper })}>
            <option value="">any paper</option>
            {stock.data?.cardstocks.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Choice>
          <TextField
            label="How many"
            hint="any number"
            value={sheet.count}
            wrong={wrong('count')}
            onType={(count) => setSheet({ ...sheet, count })}
          />
          <TextField
            label="Price of one"
            hint="not known"
            value={sheet.price}
            wrong={wrong('price')}
            onType={(price) => setSheet({ ...sheet, price })}
          />
          <label className="flex min-h-11 items-center gap-3 text-lg">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={sheet.offcut}
              onChange={(event) => setSheet({ ...sheet, offcut: event.target.checked })}
            />
            an offcut
          </label>
        </SizedFields>
      )}
    </Form>
  )
}
