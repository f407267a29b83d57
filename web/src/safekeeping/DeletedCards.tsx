import { useState } from 'react'
import { useDeletedCards, useDrawer } from '../api/cards'
import type { CardRow } from '../api/client'
import { CardSketch, useTile } from '../drawer/CardSketch'
import { CardFacts } from '../drawer/CardTile'
import { useSay } from '../house/Notices'
import { Sheet } from '../house/Sheet'

const DAY = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long' })

/** Cards that were deleted, as long as they can be looked at and brought back. */
export function DeletedCards() {
  const deleted = useDeletedCards()
  return (
    <section aria-labelledby="deleted-title" className="bg-chalk px-6 py-5">
      <h2 id="deleted-title" className="text-2xl">
        Deleted cards
      </h2>
      <p className="plate-note mb-3">They can be brought back for 30 days. Then they are gone, but for backups.</p>
      {deleted.isError && <p role="alert">{deleted.error.message}</p>}
      {deleted.data?.length === 0 && <p className="text-lg">None.</p>}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-6 gap-y-6">
        {deleted.data?.map((card) => (
          <Deleted key={card.id} card={card} />
        ))}
      </ul>
    </section>
  )
}

function Deleted({ card }: { card: CardRow }) {
  const { element, facts, drawn } = useTile(card)
  const [near, setNear] = useState(false)
  const { restore } = useDrawer()
  const say = useSay()
  const bringBack = () =>
    restore.mutateAsync(card.id).then(
      () => say({ text: `“${card.name}” is back in the drawer.` }),
      (cause: Error) => say({ text: cause.message, wrong: true }),
    )
  return (
    <li ref={element} className="flex flex-col">
      {facts?.problem ? (
        <p className="h-40 overflow-auto border-l-4 border-wrong bg-wrong-wash px-3 py-2">
          Can’t be opened here. {facts.problem}
        </p>
      ) : (
        <button
          type="button"
          className="grid h-40 place-items-center px-4 py-2 hover:bg-paper"
          aria-label={`Look at ${card.name}`}
          onClick={() => setNear(true)}
        >
          <CardSketch drawn={drawn} />
        </button>
      )}
      <div className="border-t border-ink pt-2">
        <p className="text-lg leading-snug">{card.name}</p>
        <CardFacts facts={facts} />
        <p className="flex items-center justify-between gap-3 text-base">
          {card.goneAt && <span>until {DAY.format(new Date(card.goneAt))}</span>}
          <button
            type="button"
            className="word font-semibold underline"
            aria-label={`Bring back ${card.name}`}
            onClick={() => void bringBack()}
          >
            Bring back
          </button>
        </p>
      </div>
      {drawn && near && (
        <Sheet open title={card.name} back="Back to safe keeping" onClose={() => setNear(false)} wide>
          <CardSketch drawn={drawn} className="mx-auto max-h-[60vh] max-w-full" />
          <CardFacts facts={facts} />
          <a className="word inline-flex items-center underline" href={`/api/cards/${card.id}/plan.json`} download>
            Save its plan as a file
          </a>
        </Sheet>
      )}
    </li>
  )
}
