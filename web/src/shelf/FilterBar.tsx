import { useState } from 'react'
import { useStock } from '../api/cards'
import type { Shelf } from '../api/client'
import { EnvelopeOptions } from '../drawer/EnvelopeOptions'
import { Choice } from '../house/Choice'
import { useOwnStock } from '../api/tools'
import { EnvelopeForm } from '../tools/EnvelopeForm'
import { type Filters, NO_FILTERS } from './filters'

/** Chosen to measure an envelope or a box that is none of those known. */
const MEASURED = 'measured'

type Props = { filters: Filters; foldCounts: Shelf['foldCounts']; onChange: (filters: Filters) => void }

/** Search and filters in one row; whatever is set can be cleared at a stroke. */
export function FilterBar({ filters, foldCounts, onChange }: Props) {
  const stock = useStock()
  const set = (some: Partial<Filters>) => onChange({ ...filters, ...some })
  const [measuring, measure] = useState(false)
  const isSet = JSON.stringify(filters) !== JSON.stringify(NO_FILTERS)
  return (
    <search className="flex flex-wrap items-end gap-x-3 gap-y-2 [&_label]:text-ink [&_select]:max-w-40 [&_select]:px-2">
      <span className="flex flex-col">
        <label htmlFor="shelf-words" className="text-base">
          Look for
        </label>
        <input
          id="shelf-words"
          type="search"
          className="min-h-11 w-40 border-b-2 border-ink bg-paper px-2 text-lg"
          value={filters.words}
          maxLength={60}
          onChange={(event) => set({ words: event.target.value })}
        />
      </span>
      <Choice
        label="For envelope or box"
        value={filters.envelope}
        onChoose={(envelope) => (envelope === MEASURED ? measure(true) : set({ envelope }))}
      >
        <option value="">any</option>
        <option value={MEASURED}>one that I measure…</option>
        {stock.data && <EnvelopeOptions envelopes={stock.data.envelopes} />}
      </Choice>
      <Choice label="From sheet" value={filters.sheet} onChoose={(sheet) => set({ sheet })}>
        <option value="">any</option>
        {stock.data?.sheets.map((sheet) => (
          <option key={sheet.id} value={sheet.id}>
            {sheet.name}
          </option>
        ))}
      </Choice>
      <Choice label="Pieces" value={filters.pieces} onChoose={(pieces) => set({ pieces: pieces as Filters['pieces'] })}>
        <option value="">any</option>
        <option value="one">one</option>
        <option value="more">several</option>
      </Choice>
      <Choice label="Folds" value={filters.folds} onChoose={(folds) => set({ folds: folds as Filters['folds'] })}>
        <option value="">any</option>
        {foldCounts.map(({ id, label }) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
      </Choice>
      <Choice
        label="On the table"
        value={filters.stance}
        onChoose={(stance) => set({ stance: stance as Filters['stance'] })}
      >
        <option value="">either</option>
        <option value="stands">stands</option>
        <option value="lies">lies</option>
      </Choice>
      <Choice
        label="How hard"
        value={filters.effort}
        onChoose={(effort) => set({ effort: effort as Filters['effort'] })}
      >
        <option value="">any</option>
        <option value="EASY">easy</option>
        <option value="SOME_PRACTICE">some practice</option>
        <option value="PATIENCE">patience</option>
      </Choice>
      {isSet && (
        <button type="button" className="slip" onClick={() => onChange(NO_FILTERS)}>
          Show all
        </button>
      )}
      {measuring && (
        <div className="basis-full bg-chalk px-4 pt-1 pb-3">
          <NewBox
            onKept={(envelope) => {
              measure(false)
              set({ envelope })
            }}
            onLeave={() => measure(false)}
          />
        </div>
      )}
    </search>
  )
}

type NewBoxProps = { onKept: (envelope: string) => void; onLeave: () => void }

/** An envelope or a box as it is measured: kept, so that nothing is asked twice, and asked what goes in it. */
function NewBox({ onKept, onLeave }: NewBoxProps) {
  const { put } = useOwnStock()
  return <EnvelopeForm changing={null} put={put} onKept={(id) => id && onKept(id)} onLeave={onLeave} />
}
