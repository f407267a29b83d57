import { type FormEvent, useState } from 'react'
import { useCompared, useVersions } from '../api/cards'
import type { Card } from '../api/client'
import { useSay } from '../house/Notices'
import { Sheet } from '../house/Sheet'
import { SheetSketch } from '../house/SheetSketch'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** Named versions: kept, set beside the card as it is now, gone back to. */
export function Versions({ card, inHand }: Props) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <button type="button" className="slip" onClick={() => setOpen(true)}>
        Versions
      </button>
      <Sheet open={open} wide title="Versions of this card" onClose={() => setOpen(false)}>
        {open && <Kept card={card} inHand={inHand} onBack={() => setOpen(false)} />}
      </Sheet>
    </>
  )
}

function Kept({ card, inHand, onBack }: Props & { onBack: () => void }) {
  const { list, keep } = useVersions(card.id)
  const [name, setName] = useState('')
  const [chosen, setChosen] = useState<string | null>(null)
  const add = async (event: FormEvent) => {
    event.preventDefault()
    try {
      setChosen((await keep.mutateAsync(name)).id)
      setName('')
    } catch {
      // said below
    }
  }
  return (
    <div className="grid gap-6 md:grid-cols-[17rem_1fr]">
      <div>
        <form onSubmit={(event) => void add(event)} className="flex flex-col gap-2">
          <label className="flex flex-col text-base">
            Keep it as it is now, under the name
            <input
              className="min-h-11 border-b-2 border-ink bg-paper px-2 text-lg"
              value={name}
              maxLength={120}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          <button type="submit" className="slip self-start bg-paper font-semibold">
            Keep this version
          </button>
          {keep.isError && <p role="alert">{keep.error.message}</p>}
        </form>
        {list.data?.length === 0 && (
          <p className="plate-note mt-4">
            None kept yet. Undo goes back step by step; a version is a place to go back to by name.
          </p>
        )}
        <ul className="mt-4" aria-label="Kept versions">
          {list.data?.map((version) => (
            <li key={version.id} className="border-t border-chalk-dim">
              <button
                type="button"
                className="min-h-12 w-full py-1 text-start aria-pressed:font-semibold"
                aria-pressed={chosen === version.id}
                onClick={() => setChosen(version.id)}
              >
                <span className="block text-lg">{version.name}</span>
                <span className="block text-base text-ink-soft">{new Date(version.madeAt).toLocaleString()}</span>
              </button>
            </li>
          ))}
        </ul>
      </div>
      {chosen && <SideBySide key={chosen} card={card} version={chosen} inHand={inHand} onBack={onBack} />}
    </div>
  )
}

function SideBySide({ card, version, inHand, onBack }: Props & { version: string; onBack: () => void }) {
  const compared = useCompared(card.id, version, card.revision)
  const say = useSay()
  const back = async () => {
    try {
      await inHand.takeVersion(version)
      onBack()
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
    }
  }
  if (compared.isError) return <p role="alert">{compared.error.message}</p>
  if (!compared.data) return <p className="plate-note">Laying them side by side…</p>
  const { name, then, differences } = compared.data
  return (
    <section aria-label={`${name} beside the card as it is now`}>
      <div className="grid grid-cols-2 gap-6">
        <figure>
          <SheetSketch pieces={then.pieces} className="h-44 w-full" />
          <figcaption className="text-lg italic">{name}</figcaption>
        </figure>
        <figure>
          <SheetSketch pieces={card.pieces} className="h-44 w-full" />
          <figcaption className="text-lg italic">as it is now</figcaption>
        </figure>
      </div>
      {differences.length === 0 ? (
        <p className="mt-3 text-lg">Nothing differs.</p>
      ) : (
        <table className="mt-3 w-full text-lg">
          <thead className="sr-only">
            <tr>
              <th>What</th>
              <th>{name}</th>
              <th>Now</th>
            </tr>
          </thead>
          <tbody>
            {differences.map(({ what, then: was, now }) => (
              <tr key={what} className="border-t border-chalk-dim align-baseline">
                <td className="py-1 pe-3 text-base text-ink-soft italic">{what}</td>
                <td className="figure-run pe-3">{was || 'none'}</td>
                <td className="figure-run">{now || 'none'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <button type="button" className="slip mt-4 bg-paper font-semibold" onClick={() => void back()}>
        Go back to “{name}”
      </button>
    </section>
  )
}
