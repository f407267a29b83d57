import { useState } from 'react'
import { useDieOffers } from '../api/cards'
import type { Card, DieOffer } from '../api/client'
import { DieSize, DieSketch, nestsOf, NoDies } from '../house/Dies'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** Parts of the card that dies on hand cut, once it measures so: looked for when somebody wants to know. */
export function FromDies({ card, inHand }: Props) {
  'use memo'
  const [open, setOpen] = useState(false)
  const { data, isError } = useDieOffers(card.id, card.revision, open)
  const say = useSay()
  if (!card.takesDies) return null
  const take = ({ words, steps }: DieOffer) =>
    void inHand.goWay({ label: words, steps }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <details className="my-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 text-lg">
        From my dies
        <span className="text-base text-ink-soft">, shapes that they cut</span>
      </summary>
      {isError && <p className="text-lg">What they cut can’t be told just now. Try again.</p>}
      {open && !data && !isError && <p className="text-lg">Trying them on the card…</p>}
      {data && !data.kept && <NoDies />}
      {data?.kept && data.offers.length === 0 && (
        <p className="text-lg">None of your dies cuts a part of this card as the rest of it is.</p>
      )}
      <ul aria-label="What my dies cut">
        {data?.offers.map((offer, i) => (
          <li key={i}>
            <button
              type="button"
              className="word flex w-full items-center gap-3 py-1 text-start"
              aria-pressed={offer.inForce}
              onClick={() => take(offer)}
            >
              <DieSketch dies={offer.parts.map(({ die }) => die)} />
              <span className="min-w-0">
                <span className="flex flex-wrap items-baseline gap-x-3">
                  {offer.parts.map(({ name, die }) => (
                    <span key={name} className="whitespace-nowrap">
                      <span className="text-base italic">{name} </span>
                      <DieSize size={die.size} even={die.even} className="text-xl" />
                    </span>
                  ))}
                </span>
                <span className="block text-base leading-tight text-ink-soft">
                  {nestsOf(offer.parts.map(({ die }) => die))}
                  {offer.words && `: ${offer.words}`}
                </span>
                {offer.against && <span className="block text-base leading-tight text-wrong">{offer.against}</span>}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}
