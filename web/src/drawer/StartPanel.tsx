import { ToggleGroup } from 'radix-ui'
import { useDeferredValue, useState } from 'react'
import { useLocation } from 'wouter'
import { type StartQuestion, useDrawer, useStarts, useStock } from '../api/cards'
import type { Problem, Proposal, Stock } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { ChosenStructure } from './ChosenStructure'
import { EnvelopeOptions } from './EnvelopeOptions'
import { Proposals } from './Proposals'
import { lastHabits, remember } from './habits'

const STARTS = [
  { from: 'ENVELOPE', label: 'An envelope' },
  { from: 'SIZE', label: 'A finished size' },
  { from: 'SHEET', label: 'Just the sheet' },
] as const

/** What do you have? The first question, and the cards that come of the answer. */
export function StartPanel() {
  const stock = useStock()
  if (stock.isError) return <p role="alert">{stock.error.message}</p>
  return stock.data ? <Start stock={stock.data} /> : <div className="min-h-96" />
}

function Start({ stock }: { stock: Stock }) {
  const [habits, setHabits] = useState(lastHabits)
  const [from, setFrom] = useState<StartQuestion['from']>('ENVELOPE')
  const [width, setWidth] = useState('')
  const [height, setHeight] = useState('')
  const [, go] = useLocation()
  const say = useSay()
  const { begin } = useDrawer()
  const structure = stock.structures.find(({ id }) => id === habits.structure) ?? stock.structures[0]
  const question = useDeferredValue(
    from === 'SIZE' && (width.trim() === '' || height.trim() === '')
      ? null
      : {
          from,
          structure: structure.id,
          ruler: habits.ruler,
          sheet: habits.sheet,
          envelope: habits.envelope,
          width,
          height,
        },
  )
  const starts = useStarts(question)
  const problem = starts.error as Problem | null

  const choose = (habit: Partial<typeof habits>) => {
    setHabits({ ...habits, ...habit })
    remember({ ...habits, ...habit })
  }
  const take = async ({ finished, envelopeId }: Proposal) => {
    try {
      const card = await begin.mutateAsync({
        structure: structure.id,
        ruler: habits.ruler,
        sheet: habits.sheet,
        envelope: from === 'ENVELOPE' ? habits.envelope : envelopeId,
        width: finished.width.text,
        height: finished.height.text,
      })
      go(`/card/${card.id}`)
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
    }
  }

  return (
    <section aria-labelledby="start-title" className="self-start bg-chalk px-6 pt-5 pb-6">
      <h2 id="start-title" className="text-2xl">
        Which card?
      </h2>
      <ChosenStructure structures={stock.structures} picked={structure} onPick={(id) => choose({ structure: id })} />
      <h3 className="mt-4 mb-2 text-2xl">What do you have?</h3>
      <ToggleGroup.Root
        type="single"
        value={from}
        aria-label="What do you have?"
        onValueChange={(value) => value && setFrom(value as StartQuestion['from'])}
        className="mb-4 flex border-b border-ink"
      >
        {STARTS.map((start) => (
          <ToggleGroup.Item
            key={start.from}
            value={start.from}
            className="min-h-12 flex-1 px-2 text-lg data-[state=on]:bg-ink data-[state=on]:text-chalk"
          >
            {start.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <div className="flex flex-wrap items-end gap-x-2 gap-y-3 [&_select]:max-w-[10.2rem] [&_select]:px-1.5">
        {from === 'ENVELOPE' && (
          <Choice label="Envelope" value={habits.envelope} onChoose={(envelope) => choose({ envelope })}>
            <EnvelopeOptions envelopes={stock.envelopes} />
          </Choice>
        )}
        {from === 'SIZE' && (
          <>
            <SizeField
              label="Width"
              value={width}
              onType={setWidth}
              problem={problem?.field === 'width' ? problem : null}
            />
            <SizeField
              label="Height"
              value={height}
              onType={setHeight}
              problem={problem?.field === 'height' ? problem : null}
            />
          </>
        )}
        <Choice label="Cut from" value={habits.sheet} onChoose={(sheet) => choose({ sheet })}>
          {stock.sheets.map((sheet) => (
            <option key={sheet.id} value={sheet.id}>
              {sheet.name}
            </option>
          ))}
        </Choice>
        <Choice label="Measured in" value={habits.ruler} onChoose={(ruler) => choose({ ruler })}>
          {stock.rulers.map((ruler) => (
            <option key={ruler.id} value={ruler.id}>
              {ruler.label}
            </option>
          ))}
        </Choice>
      </div>
      {problem && !['width', 'height'].includes(problem.field ?? '') && <p role="alert">{problem.message}</p>}
      {starts.data && (
        <Proposals proposals={starts.data} onTake={(proposal) => void take(proposal)} busy={begin.isPending} />
      )}
      {question === null && (
        <p className="plate-note mt-4">Type the closed card’s width and height, like 5 1/2 or 14 cm.</p>
      )}
    </section>
  )
}

type SizeFieldProps = { label: string; value: string; onType: (text: string) => void; problem: Problem | null }

function SizeField({ label, value, onType, problem }: SizeFieldProps) {
  const id = `size-${label}`
  return (
    <span className="flex w-44 flex-col">
      <label htmlFor={id} className="text-base text-ink-soft">
        {label}
      </label>
      <input
        id={id}
        className={`figure min-h-11 border-b-2 bg-paper px-2 text-xl ${problem ? 'border-wrong' : 'border-ink'}`}
        value={value}
        maxLength={60}
        aria-invalid={problem !== null}
        aria-describedby={problem ? `${id}-problem` : undefined}
        onChange={(event) => onType(event.target.value)}
      />
      {problem && (
        <span id={`${id}-problem`} role="alert" className="mt-1 border-l-4 border-wrong bg-wrong-wash px-2 py-1">
          {problem.message}
        </span>
      )}
    </span>
  )
}
