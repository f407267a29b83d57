import { useCallback, useLayoutEffect, useRef } from 'react'
import type { Card, Piece } from '../api/client'
import { useStock } from '../api/cards'
import { BoardGrooves, numbersEvery } from './BoardGrooves'
import { DrawLayer } from './DrawLayer'
import { useRoom } from './held'
import { SheetDrawing } from './SheetDrawing'
import { SheetHandles } from './SheetHandles'
import { SheetLabels } from './SheetLabels'
import { ABOVE, frameOf } from './sheetFrame'
import type { CardInHand } from './useCard'
import { useWidth } from './useWidth'

type Props = { piece: Piece; card: Card; kept: Card; inHand: CardInHand }

/**
 * The open sheet to scale, decorated side up, its left edge against the board's fence: panel widths above it,
 * running distances below on the board's scale, its height at the right. Lines are dragged where they lie.
 */
export function SheetOnBoard({ piece, card, kept, inHand }: Props) {
  'use memo'
  const [element, frameWidth] = useWidth<HTMLDivElement>()
  const drawing = useRef<SVGSVGElement>(null)
  const stock = useStock()
  const frame = frameOf(piece, kept, frameWidth)
  const ruler = stock.data?.rulers.find(({ id }) => id === card.ruler)
  const room = useRoom(frame.height)
  const drawn = useRef(frame)
  useLayoutEffect(() => {
    drawn.current = frame
  })
  const toSheet = useCallback(
    (event: { clientX: number; clientY: number }) =>
      drawn.current.toSheet(event, drawing.current!.getBoundingClientRect()),
    [],
  )
  return (
    <section
      ref={element}
      aria-label={`${piece.name}, open, this side up`}
      className="self-contained relative overflow-x-clip bg-chalk"
    >
      {ruler && (
        <BoardGrooves
          ruler={ruler}
          left={frame.left}
          right={frameWidth}
          scale={frame.scale}
          top={ABOVE - 14}
          foot={frame.foot + 54}
        />
      )}
      <svg
        ref={drawing}
        width={frameWidth}
        height={room}
        className="relative block touch-pan-y overflow-visible will-change-transform select-none"
        role="img"
        aria-label={`${piece.name} drawn to scale`}
      >
        <line
          x1={frame.left}
          x2={frame.left}
          y1={ABOVE - 26}
          y2={frame.foot + 58}
          className="stroke-ink"
          strokeWidth={3}
        />
        <SheetDrawing piece={piece} card={card} frame={frame} numbers={ruler ? numbersEvery(ruler, frame.scale) : 0} />
        <SheetHandles piece={piece} card={card} frame={frame} toSheet={toSheet} />
        <DrawLayer piece={piece} frame={frame} toSheet={toSheet} inHand={inHand} />
      </svg>
      <SheetLabels piece={piece} card={card} frame={frame} inHand={inHand} />
    </section>
  )
}
