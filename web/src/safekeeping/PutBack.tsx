import { usePlannedRestore, useRestore } from '../api/house'
import type { Restore } from '../api/client'
import { Sheet } from '../house/Sheet'
import { said } from './CopyList'
import { ProblemBox } from '../house/ProblemBox'

type Props = { name: string; onUndo: (copy: string) => void; onClose: () => void }

/** What putting a copy back would do, then what it did, with the way to undo it. */
export function PutBack({ name, onUndo, onClose }: Props) {
  const planned = usePlannedRestore(name)
  const restore = useRestore()
  const done = restore.data
  return (
    <Sheet
      open
      title={done ? 'It is put back' : 'What putting it back would do'}
      back="Back to safe keeping"
      onClose={onClose}
    >
      {planned.isError && <p role="alert">{planned.error.message}</p>}
      {!done && planned.data && <Told restore={planned.data} then={false} />}
      {done && <Told restore={done.done} then />}
      {restore.isError && <ProblemBox className="my-3">{restore.error.message}</ProblemBox>}
      <p className="mt-4 flex flex-wrap gap-3">
        {!done && planned.data && !planned.data.nothing && (
          <button
            type="button"
            className="slip border-picked bg-paper text-lg font-semibold"
            disabled={restore.isPending}
            onClick={() => restore.mutate(name)}
          >
            {restore.isPending ? 'Putting it back…' : 'Put it back'}
          </button>
        )}
        {done && (
          <button type="button" className="slip bg-paper text-lg" onClick={() => onUndo(done.undo)}>
            Undo that…
          </button>
        )}
        <button type="button" className="slip bg-paper text-lg" onClick={onClose}>
          {done || planned.data?.nothing ? 'Good' : 'Leave everything as it is'}
        </button>
      </p>
    </Sheet>
  )
}

const cards = (count: number) => (count === 1 ? '1 card' : `${count} cards`)

function Told({ restore, then }: { restore: Restore; then: boolean }) {
  if (restore.nothing)
    return (
      <p className="text-lg">
        Everything is as it was in this copy, of {said(restore.made)}. There is nothing to put back.
      </p>
    )
  const lines = [
    {
      names: restore.back,
      one: then ? 'came back to the drawer' : 'comes back to the drawer',
      many: then ? 'came back to the drawer' : 'come back to the drawer',
    },
    {
      names: restore.changed,
      one: then ? 'became what it was then' : 'becomes what it was then',
      many: then ? 'became what they were then' : 'become what they were then',
    },
    {
      names: restore.aside,
      one: `was not there then and ${then ? 'lies' : 'goes'} among the deleted cards, for 30 days`,
      many: `were not there then and ${then ? 'lie' : 'go'} among the deleted cards, for 30 days`,
    },
  ]
  return (
    <>
      <p className="mb-2 text-lg">
        The copy is of {said(restore.made)} and has {cards(restore.cards)}.
      </p>
      <ul className="grid gap-2 text-lg">
        {lines
          .filter(({ names }) => names.length > 0)
          .map(({ names, one, many }) => (
            <li key={many}>
              <strong className="font-semibold">{cards(names.length)}</strong> {names.length === 1 ? one : many}:{' '}
              <span className="italic">{listed(names)}</span>
            </li>
          ))}
        {restore.same > 0 && (
          <li>
            <strong className="font-semibold">{cards(restore.same)}</strong>{' '}
            {restore.same === 1 ? 'stays as it is' : 'stay as they are'}.
          </li>
        )}
        {restore.stock && <li>Tools and papers {then ? 'became' : 'become'} what they were then.</li>}
        {restore.versions > 0 && (
          <li>
            Named versions that {then ? 'came' : 'come'} back: {restore.versions}.
          </li>
        )}
        {restore.pictures > 0 && (
          <li>
            Pictures of papers that {then ? 'came' : 'come'} back: {restore.pictures}.
          </li>
        )}
      </ul>
    </>
  )
}

const SHOWN = 8

const listed = (names: string[]) =>
  names.slice(0, SHOWN).join(', ') + (names.length > SHOWN ? ` and ${names.length - SHOWN} more` : '')
