import type { Card } from '../api/client'
import { FigureRow } from './FigureRow'
import { MeasureField } from './MeasureField'
import { MeasureSketch } from './MeasureSketch'
import { isMeasurePicked, picking, usePicked } from './picked'
import type { CardInHand } from './useCard'

type Props = { id: string; label: string; card: Card; inHand: CardInHand }

/** A measure by its name: pointed at, its panels are lit in every view; when one of them is, so is the measure. */
export function MeasureRow({ id, label, card, inHand }: Props) {
  'use memo'
  const { picked, pick } = usePicked()
  return (
    <FigureRow name={label} lit={isMeasurePicked(picked, id, card.pieces)} {...picking(pick, { kind: 'measure', id })}>
      <MeasureField id={id} card={card} inHand={inHand} />
      <span className="flex basis-full items-center gap-2 text-base text-ink-soft">
        <MeasureSketch id={id} card={card} />
        {card.measures.find((measure) => measure.id === id)?.meaning}
      </span>
    </FigureRow>
  )
}
