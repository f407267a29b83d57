import { useState } from 'react'
import type { Card } from '../api/client'
import { MeasureRow } from './MeasureRow'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** Measures that follow from those above until one is typed; open from the start where one was. */
export function MoreMeasures({ card, inHand }: Props) {
  'use memo'
  const [open, setOpen] = useState(() => card.measures.some(({ usual, extra }) => usual && !extra))
  const more = card.measures.filter(({ follows, extra }) => follows && !extra)
  if (more.length === 0) return null
  const typed = more.filter(({ usual }) => usual)
  return (
    <details className="my-1" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 text-lg">
        More measures
        <span className="text-base text-ink-soft">
          {typed.length > 0 ? `, ${typed.length} of your own` : `, ${more.length} as usual`}
        </span>
      </summary>
      <dl>
        {more.map(({ id, label }) => (
          <MeasureRow key={id} id={id} label={label} card={card} inHand={inHand} />
        ))}
      </dl>
    </details>
  )
}
