import { useEffect } from 'react'
import { Link, useLocation } from 'wouter'
import type { Card } from '../api/client'

export type PlaceOfCard = 'bench' | 'layers' | 'cut' | 'table' | 'wrap' | 'send'

const PLACES: { place: PlaceOfCard; name: string; path: string }[] = [
  { place: 'bench', name: 'Bench', path: '' },
  { place: 'layers', name: 'Layers', path: '/layers' },
  { place: 'cut', name: 'Cut', path: '/cut' },
  { place: 'table', name: 'At the table', path: '/table' },
  { place: 'wrap', name: 'Wrap', path: '/wrap' },
  { place: 'send', name: 'Send', path: '/send' },
]

/** A wrap goes round a card, nothing round it, and it is not sent by itself. */
const PLACES_OF_WRAP = PLACES.filter(({ place }) => place !== 'wrap' && place !== 'send')

type Props = { card: Pick<Card, 'id' | 'findings' | 'wraps'>; place: PlaceOfCard }

/**
 * The places of a card on one thread, in the order of the work: where one is, and where something must be looked at. Alt and
 * a figure go from each to each.
 */
export function Thread({ card, place }: Props) {
  const places = card.wraps ? PLACES_OF_WRAP : PLACES
  useKeys(card.id, places)
  return (
    <nav aria-label="Places of this card" className="min-w-0">
      <ol className="flex flex-wrap items-center">
        {places.map(({ place: one, name, path }, i) => (
          <li key={one} className="flex items-center">
            {i > 0 && <span aria-hidden className="w-2 border-t-2 border-dotted border-ink sm:w-9" />}
            <Link
              href={`/card/${card.id}${path}`}
              aria-current={one === place ? 'page' : undefined}
              title={`Alt+${i + 1}`}
              className="group inline-flex min-h-7 items-center gap-1.5 px-1 text-base whitespace-nowrap sm:gap-2 sm:px-2 sm:text-lg aria-[current=page]:font-semibold"
            >
              <span
                aria-hidden
                className="size-3 rounded-full border-2 border-ink bg-chalk group-aria-[current=page]:bg-ink"
              />
              <span className="underline-offset-4 group-hover:underline">{name}</span>
            </Link>
            {isOdd(card, one) && <Odd />}
          </li>
        ))}
      </ol>
    </nav>
  )
}

/** Whether something of that place must be put right. */
function isOdd({ findings }: Props['card'], place: PlaceOfCard) {
  const wrong = findings.filter(({ severity }) => severity === 'MUST_FIX')
  if (place === 'layers') return wrong.some(({ about }) => about === 'layers')
  return place === 'bench' && wrong.some(({ about }) => about !== 'layers')
}

function Odd() {
  return <span className="text-base text-wrong italic">to be put right</span>
}

function useKeys(card: string, places: typeof PLACES) {
  const [, go] = useLocation()
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return
      const wanted = places[Number(/^Digit([1-9])$/.exec(event.code)?.[1] ?? 0) - 1]
      if (!wanted) return
      event.preventDefault()
      go(`/card/${card}${wanted.path}`)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [card, places, go])
}
