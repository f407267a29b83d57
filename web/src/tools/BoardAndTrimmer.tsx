import { useState } from 'react'
import type { OwnStock } from '../api/client'
import type { Put } from '../api/tools'
import { useSay } from '../house/Notices'
import { Form, TextField } from './Form'
import { Part } from './Part'

type Board = { name: string; groove: string; length: string }

/** The scoring boards, one for each school, and the trimmer. */
export function BoardAndTrimmer({ own, put }: { own: OwnStock; put: Put }) {
  const typed = (board: OwnStock['inches']): Board => ({
    name: board.name,
    groove: board.groove.text,
    length: board.length.text,
  })
  const [tools, setTools] = useState({
    inches: typed(own.inches),
    metric: typed(own.metric),
    bed: own.bed.text,
    stopsInside: own.stopsInside,
  })
  const say = useSay()
  const keep = async () => {
    await put.tools(tools)
    say({ text: 'Kept. Every card is worked out with these tools from now on.' })
  }
  return (
    <Part
      title="Board and trimmer"
      note="Lines you drag stop at your board’s grooves; what lies between two of them is told at the table."
    >
      <Form label="Board and trimmer" action="Keep these tools" onDo={keep}>
        {(wrong) => (
          <>
            {(['inches', 'metric'] as const).map((school) => (
              <fieldset key={school} className="flex basis-full flex-wrap gap-x-4 gap-y-2">
                <legend className="text-lg italic">
                  {school === 'inches' ? 'Board for inches' : 'Board for millimetres'}
                </legend>
                <TextField
                  wide
                  label="Name"
                  value={tools[school].name}
                  wrong={wrong('name')}
                  onType={(name) => setTools({ ...tools, [school]: { ...tools[school], name } })}
                />
                <TextField
                  label="Grooves every"
                  value={tools[school].groove}
                  wrong={wrong('groove')}
                  onType={(groove) => setTools({ ...tools, [school]: { ...tools[school], groove } })}
                />
                <TextField
                  label="Length"
                  value={tools[school].length}
                  wrong={wrong('length')}
                  onType={(length) => setTools({ ...tools, [school]: { ...tools[school], length } })}
                />
              </fieldset>
            ))}
            <fieldset className="flex basis-full flex-wrap items-end gap-x-4 gap-y-2">
              <legend className="text-lg italic">Trimmer</legend>
              <TextField
                label="Longest cut"
                value={tools.bed}
                wrong={wrong('bed')}
                onType={(bed) => setTools({ ...tools, bed })}
              />
              <label className="flex min-h-11 items-center gap-3 text-lg">
                <input
                  type="checkbox"
                  className="size-6 accent-ink"
                  checked={tools.stopsInside}
                  onChange={(event) => setTools({ ...tools, stopsInside: event.target.checked })}
                />
                can start and stop inside the paper
              </label>
            </fieldset>
          </>
        )}
      </Form>
      <p className="plate-note mt-3">Cut away from your hand; cap the blade when you put it down.</p>
    </Part>
  )
}
