import type { Card, Piece } from '../api/client'
import { outline } from '../house/outline'
import { measuredBy } from './picked'

const HIGH = 30
const WIDE = 64

/** What a measure measures, small: its piece lying open, the panels it is about filled, an arrow along it. */
export function MeasureSketch({ id, card }: { id: string; card: Card }) {
  'use memo'
  const about = measuredBy(id, card.pieces, card.measures)
  const piece = card.pieces.find(({ panels }) => panels.some(({ index }) => about.includes(index)))
  if (!piece) return null
  const left = Math.min(...piece.outline.map(({ x }) => x))
  const top = Math.max(...piece.outline.map(({ y }) => y))
  const scale = Math.min(WIDE / piece.cut.width.mm, HIGH / piece.cut.height.mm)
  const at = ({ x, y }: { x: number; y: number }) => `${3 + (x - left) * scale},${3 + (top - y) * scale}`
  return (
    <svg
      width={piece.cut.width.mm * scale + 6}
      height={piece.cut.height.mm * scale + 6}
      className="shrink-0"
      aria-hidden
    >
      {piece.panels.map((panel) => (
        <path
          key={panel.index}
          d={outline(panel, at)}
          fillRule="evenodd"
          className={about.includes(panel.index) ? 'fill-chalk-dim stroke-ink' : 'fill-paper stroke-ink'}
          strokeWidth={0.8}
        />
      ))}
      <Arrow id={id} piece={piece} x={(mm) => 3 + (mm - left) * scale} y={(mm) => 3 + (top - mm) * scale} />
    </svg>
  )
}

type ArrowProps = { id: string; piece: Piece; x: (mm: number) => number; y: (mm: number) => number }

/** Along the panel whose width it is, or up the piece whose height it is. */
function Arrow({ id, piece, x, y }: ArrowProps) {
  if (piece.heightMeasure === id) {
    const middle = x(Math.min(...piece.outline.map((at) => at.x)) + piece.cut.width.mm / 2)
    const ys = piece.outline.map((at) => y(at.y))
    return <path d={`M${middle} ${Math.min(...ys)}V${Math.max(...ys)}`} className="stroke-picked" strokeWidth={2} />
  }
  const panel = piece.panels.find(({ measure }) => measure === id)
  if (!panel) return null
  const xs = panel.corners.map((at) => x(at.x))
  return (
    <path d={`M${Math.min(...xs)} ${y(panel.inside.y)}H${Math.max(...xs)}`} className="stroke-picked" strokeWidth={2} />
  )
}
