import type { Card } from '../api/client'
import { FigureRow } from './FigureRow'
import { MeasureField } from './MeasureField'
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
    </FigureRow>
  )
}
