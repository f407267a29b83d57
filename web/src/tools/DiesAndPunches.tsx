import { useState } from 'react'
import { useStock } from '../api/cards'
import type { OwnStock } from '../api/client'
import { type Put, type Together, useTogether } from '../api/tools'
import { lastHabits } from '../drawer/habits'
import { Choice } from '../house/Choice'
import { DieSize, DieSketch, DiesInWords } from '../house/Dies'
import { ProblemBox } from '../house/ProblemBox'
import { Form, TextField } from './Form'
import { Kept } from './Kept'
import { Part } from './Part'

/** Dies and punches: shapes and sizes, and which go together. */
export function DiesAndPunches({ nests, put }: { nests: OwnStock['nests']; put: Put }) {
  return (
    <Part
      title="Dies and punches"
      note="What you cut shapes with. Rings, toppers and layers then take sizes that you have."
    >
      <Kept
        put={put}
        things={nests.map((nest) => ({
          ...nest,
          more: (
            <span className="flex basis-full flex-wrap items-baseline gap-x-3">
              <span className="text-base">
                {nest.punch && 'punch, '}
                {nest.sizes.length === 1 ? nest.shape : nest.many}
              </span>
              {nest.sizes.map((size, i) => (
                <DieSize key={i} size={size} even={nest.even} className="text-xl" />
              ))}
            </span>
          ),
        }))}
      />
      <NewNest put={put} />
      {nests.some(({ away }) => !away) && <GoTogether />}
      <p className="plate-note mt-3">Keep fingers out from between the plates; a punch bites as well as a blade.</p>
    </Part>
  )
}

const EMPTY = { name: '', shape: 'circle', punch: false, sizes: '' }

function NewNest({ put }: { put: Put }) {
  const [nest, setNest] = useState(EMPTY)
  const stock = useStock()
  const shape = stock.data?.dieShapes.find(({ id }) => id === nest.shape)
  const keep = async () => {
    await put.nests({ ...nest, ruler: lastHabits().ruler })
    setNest(EMPTY)
  }
  return (
    <Form label="One more nest" action="Keep it" onDo={keep}>
      {(wrong) => (
        <>
          <TextField
            wide
            label="Name"
            hint="Round nest"
            value={nest.name}
            wrong={wrong('name')}
            onType={(name) => setNest({ ...nest, name })}
          />
          <Choice label="They cut" value={nest.shape} onChoose={(id) => setNest({ ...nest, shape: id })}>
            {stock.data?.dieShapes.map(({ id, many }) => (
              <option key={id} value={id}>
                {many}
              </option>
            ))}
          </Choice>
          <TextField
            wide
            label={nest.shape === 'edge' ? 'Length × depth' : shape?.even ? 'Sizes across' : 'Width × height'}
            hint={nest.shape === 'edge' ? '6 × 3/4' : shape?.even ? '1, 1 1/2, 2' : '2 × 3, 3 × 4'}
            value={nest.sizes}
            wrong={wrong('sizes')}
            onType={(sizes) => setNest({ ...nest, sizes })}
          />
          <label className="flex min-h-11 items-center gap-3 text-lg">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={nest.punch}
              onChange={(event) => setNest({ ...nest, punch: event.target.checked })}
            />
            a punch
          </label>
        </>
      )}
    </Form>
  )
}

/** Which two leave a ring so wide, which three an even border. */
function GoTogether() {
  const [band, setBand] = useState(lastHabits().ruler.startsWith('mm') ? '6' : '1/4')
  const [asked, setAsked] = useState<Together | null>(null)
  const { data, error } = useTogether(asked)
  const ruler = lastHabits().ruler
  return (
    <section aria-label="Which go together" className="mt-4">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField label="A ring this wide" value={band} onType={setBand} />
        <button type="button" className="slip bg-paper" onClick={() => setAsked({ ruler, border: band })}>
          Which two leave it?
        </button>
        <button type="button" className="slip bg-paper" onClick={() => setAsked({ ruler, border: null })}>
          Which three make an even frame?
        </button>
      </div>
      {error && <ProblemBox className="mt-2">{error.message}</ProblemBox>}
      <div role="status">
        {data && (
          <ul className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2">
            {data.map((frame, i) => (
              <li key={i} className="flex items-center gap-3">
                <DieSketch dies={frame.dies} />
                <DiesInWords {...frame} />
              </li>
            ))}
            {data.length === 0 && <li className="text-lg">None of yours do.</li>}
          </ul>
        )}
      </div>
    </section>
  )
}
