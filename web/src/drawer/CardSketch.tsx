import { useSketch } from '../api/cards'
import type { CardRow, Sketch } from '../api/client'
import { PaperSketch } from '../papers/PaperSketch'
import { useSeen } from '../house/useSeen'

/** What is drawn and told of a card in a list. It is asked for when the tile comes near the window. */
export function useTile(card: CardRow) {
  const [element, seen] = useSeen<HTMLLIElement>()
  const sketch = useSketch(card, seen)
  return { element, facts: card.facts ?? sketch.data?.facts, drawn: sketch.data?.drawn }
}

/** A card as it looks part-open; a bare outline while that is on its way. */
export function CardSketch({
  drawn,
  className = 'max-h-36 max-w-full',
}: {
  drawn: Sketch['drawn']
  className?: string
}) {
  if (!drawn) return <span className="block h-36" />
  return (
    <PaperSketch
      stands={!drawn.lies}
      panels={drawn.panels}
      matrices={drawn.partOpen}
      dress={drawn}
      className={className}
    />
  )
}
