import { useEffect, useRef, useState } from 'react'
import { Link, useLocation } from 'wouter'
import { useCards, useDrawer } from '../api/cards'
import { useSay } from '../house/Notices'
import { useSeen } from '../house/useSeen'
import { CardTile } from './CardTile'
import { BareSheet } from './BareSheet'
import { StartPanel } from './StartPanel'
import { Heading } from '../house/Heading'

/** So many cards are laid out; more when one comes to their end. */
const AT_ONCE = 60

/** The drawer: begin a card from what is at hand, or take one out that was begun before. */
export function DrawerPage() {
  const cards = useCards()
  const [shown, setShown] = useState(AT_ONCE)
  return (
    <main className="mx-auto grid max-w-[1400px] gap-x-10 gap-y-8 px-8 py-6 lg:grid-cols-[minmax(25rem,31rem)_1fr]">
      <header className="flex flex-wrap items-baseline gap-5 lg:col-span-2">
        <Heading className="text-3xl font-semibold tracking-tight">Vantbreeze</Heading>
        <p className="text-lg text-ink italic">Plan the fold before you cut.</p>
        <nav aria-label="Elsewhere" className="ms-auto flex flex-wrap gap-2">
          <Link href="/recipe" className="slip inline-flex items-center">
            A recipe
          </Link>
          <BareSheet />
          <Link href="/tools" className="slip inline-flex items-center">
            Tools and papers
          </Link>
          <Link href="/safe-keeping" className="slip inline-flex items-center">
            Safe keeping
          </Link>
        </nav>
      </header>
      <StartPanel />
      <section aria-labelledby="drawer-title">
        <div className="mb-4 flex items-end justify-between border-b border-ink pb-2">
          <h2 id="drawer-title" className="text-2xl">
            In the drawer
          </h2>
          <OpenFile />
        </div>
        {cards.isPending && <p className="late text-lg">Looking into the drawer…</p>}
        {cards.isError && <p role="alert">{cards.error.message}</p>}
        {cards.data?.length === 0 && (
          <p className="max-w-prose text-lg">
            No card yet. Say what you have, an envelope, a size or a sheet, and take one of the cards that come of it.
          </p>
        )}
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-6 gap-y-8">
          {cards.data?.slice(0, shown).map((card) => (
            <CardTile key={card.id} card={card} />
          ))}
        </ul>
        {cards.data && cards.data.length > shown && (
          <More key={shown} left={cards.data.length - shown} onMore={() => setShown(shown + AT_ONCE)} />
        )}
      </section>
    </main>
  )
}

/** The end of what is laid out: lays out more as soon as it comes near the window. */
function More({ left, onMore }: { left: number; onMore: () => void }) {
  const [element, seen] = useSeen<HTMLParagraphElement>()
  const more = useRef(onMore)
  useEffect(() => {
    if (seen) more.current()
  }, [seen])
  return (
    <p ref={element} className="py-6 text-lg">
      <button type="button" className="word underline" onClick={onMore}>
        {left} more
      </button>
    </p>
  )
}

function OpenFile() {
  const input = useRef<HTMLInputElement>(null)
  const [, go] = useLocation()
  const { open } = useDrawer()
  const say = useSay()
  const read = async (file: File) => {
    try {
      const card = await open.mutateAsync(await file.text())
      go(`/card/${card.id}`)
    } catch (cause) {
      say({ text: `${file.name}: ${(cause as Error).message}`, wrong: true })
    }
  }
  return (
    <>
      <button type="button" className="slip" onClick={() => input.current?.click()}>
        Open a plan from a file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="hidden"
        aria-label="Plan file"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file) void read(file)
          event.target.value = ''
        }}
      />
    </>
  )
}
