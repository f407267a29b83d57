import { Tabs } from 'radix-ui'
import type { Card, Piece } from '../api/client'
import { SheetSketch } from '../house/SheetSketch'
import { usePicked } from './picked'

/** The largest of them, pixels. */
const WIDEST = 132
const HIGHEST = 42
/** Small ones stay large enough to be known again. */
const LEAST = 14

/** The card's pieces in a row, to one scale: the one that is chosen lies large on the board. */
export function PieceStrip({ card }: { card: Card }) {
  'use memo'
  const { lit } = usePicked()
  const widest = Math.max(...card.pieces.map(({ cut }) => cut.width.mm))
  const highest = Math.max(...card.pieces.map(({ cut }) => cut.height.mm))
  const scale = Math.min(WIDEST / widest, HIGHEST / highest)
  const isLit = (piece: Piece) => piece.panels.some(({ index }) => lit.panels.has(index))
  return (
    <Tabs.List aria-label="Pieces" className="flex flex-wrap items-end gap-x-1 gap-y-1 px-3 pt-2">
      {card.pieces.map((piece) => (
        <Tabs.Trigger
          key={piece.number}
          value={String(piece.number)}
          className="flex max-w-44 min-w-20 flex-col items-center gap-1 border-b-3 border-transparent px-2 pt-1 aria-selected:border-ink aria-selected:bg-paper"
        >
          <span
            aria-hidden
            className={`flex items-end ${isLit(piece) ? 'outline-3 outline-offset-2 outline-picked' : ''}`}
            style={{ width: Math.max(LEAST, piece.cut.width.mm * scale) }}
          >
            <SheetSketch pieces={[piece]} className="w-full" />
          </span>
          <span className="max-w-full truncate text-base italic">
            {piece.copies.length > 1 && `${piece.copies.length} × `}
            {piece.name}
          </span>
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  )
}
