import type { Card, Piece } from '../api/client'
import { useSay } from '../house/Notices'
import { ChoiceField } from './ChoiceField'
import { FigureRow } from './FigureRow'
import { MeasureRow } from './MeasureRow'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand; piece: Piece }

/** What is set on the card, one after the other, each with its measures; few of them, and what lies on the board, open. */
export function ExtraRows({ card, inHand, piece }: Props) {
  'use memo'
  const say = useSay()
  const take = (extra: string) =>
    void inHand.carry({ what: 'TAKE', extra }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return card.extras.map(({ id, name, on, to }) => (
    <details
      key={id}
      aria-label={name}
      className="my-2 border-s-4 border-kraft ps-3"
      open={card.extras.length < 3 || piece.name === name || undefined}
    >
      <summary className="min-h-11 cursor-pointer py-2 text-lg">
        {name}
        <span className="ms-3 text-base text-ink-soft italic">
          on {on}
          {to && ` and ${to}`}
        </span>
      </summary>
      <dl>
        {card.measures
          .filter(({ extra }) => extra === id)
          .map((measure) => (
            <MeasureRow key={measure.id} id={measure.id} label={measure.label} card={card} inHand={inHand} />
          ))}
        {card.choices
          .filter(({ extra }) => extra === id)
          .map((choice) => (
            <FigureRow key={choice.id} name={choice.label}>
              <ChoiceField choice={choice} inHand={inHand} />
            </FigureRow>
          ))}
      </dl>
      <button type="button" className="word text-base underline" onClick={() => take(id)}>
        take {name} off
      </button>
    </details>
  ))
}
