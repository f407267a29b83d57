import type { Card, EnvelopeOffer, Wraps } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { useAttempt } from '../house/Notices'
import { FigureText } from '../house/FigureText'
import { SizeText } from '../house/SizeText'
import { WithFractions } from '../house/WithFractions'

const ORIGINS: { origin: EnvelopeOffer['origin']; words: string }[] = [
  { origin: 'AT_HAND', words: 'In the drawer' },
  { origin: 'TO_BUY', words: 'To buy' },
]

type Props = { wraps: Wraps; card: Card; inHand: CardInHand }

/** The envelopes that the card goes in, those at hand first: one press takes one. What is made to measure is on the shelf. */
export function EnvelopesFor({ wraps, card, inHand }: Props) {
  const attempt = useAttempt()
  const found = ORIGINS.map(({ origin, words }) => ({
    words,
    offers: wraps.envelopes.filter((offer) => offer.origin === origin),
  })).filter(({ offers }) => offers.length > 0)
  return (
    <section aria-label="Envelopes it goes in" className="bg-chalk px-6 py-4">
      <h2 className="text-2xl">Goes in</h2>
      {found.length === 0 && (
        <p className="text-lg">No envelope in the drawer or on sale takes it: make one to measure.</p>
      )}
      {found.map(({ words, offers }) => (
        <div key={words} className="mt-2">
          <h3 className="plate-note text-base">{words}</h3>
          <ul>
            {offers.map(({ id, name, inside, depth, words: how }) => (
              <li key={id} className="border-t border-chalk-dim">
                <button
                  type="button"
                  aria-pressed={card.envelope === id}
                  className="w-full px-2 py-2 text-start hover:bg-picked-wash aria-pressed:bg-picked-wash"
                  onClick={() => attempt(inHand.change({ field: 'envelope', text: card.envelope === id ? '' : id }))}
                >
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3 text-lg">
                    <span className="font-semibold">{name}</span>
                    <span>
                      <SizeText size={inside} />
                      {depth && (
                        <>
                          , <FigureText figure={depth} unit /> deep
                        </>
                      )}
                    </span>
                  </span>
                  <span className="block text-base leading-snug">
                    <WithFractions text={how} />
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  )
}
