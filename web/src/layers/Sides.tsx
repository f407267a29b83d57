import { useMemo } from 'react'
import type { Card, Layers, Piece, Point } from '../api/client'
import { clearNames, nameLines } from '../bench/sheetFrame'
import { useWidth } from '../bench/useWidth'
import { LayersOnSheet } from '../papers/LayersOnSheet'
import { outline } from '../house/outline'
import { colourOf } from '../papers/dress'
import { Tick } from './Tick'

type Props = { card: Card; layers: Layers; ticked: number[]; onTick: (face: number) => void }

const GAP = 24
/** Highest that one side of a piece is drawn, pixels: less where there are many. */
const TALLEST = 178
const LOWER = 130
const MANY = 4

/** Each copy of a piece by itself, as its panels are dressed one by one. */
function copiesOf(pieces: Piece[]): Piece[] {
  return pieces.flatMap((piece) =>
    piece.copies.map((first) => ({
      ...piece,
      copies: [first],
      panels: piece.panels.map((panel) => ({ ...panel, index: panel.index - piece.copies[0] + first })),
    })),
  )
}

/** Both sides of every piece as they lie, each face to be ticked where it is drawn. */
export function Sides({ card, layers, ticked, onTick }: Props) {
  const [element, width] = useWidth<HTMLElement>()
  const copies = useMemo(() => copiesOf(card.pieces), [card.pieces])
  const widest = Math.max(...copies.map(({ cut }) => cut.width.mm))
  const highest = Math.max(...copies.map(({ cut }) => cut.height.mm))
  const room = Math.max(300, width - 48)
  const high = copies.length > MANY / 2 ? LOWER : TALLEST
  const stacked = Math.min(room / widest, high / highest)
  const beside = Math.min((room - GAP) / 2 / widest, (1.6 * high) / highest)
  // both sides beside each other unless that makes them much smaller
  const scale = beside > 0.7 * stacked ? beside : stacked
  return (
    <section ref={element} aria-label="Panels" className="bg-chalk px-6 py-4">
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        {copies.flatMap((piece) =>
          [true, false].map((face) => (
            <OneSide
              key={`${piece.copies[0]}-${face}`}
              piece={piece}
              face={face}
              scale={scale}
              card={card}
              layers={layers}
              ticked={ticked}
              onTick={onTick}
            />
          )),
        )}
      </div>
    </section>
  )
}

type SideProps = Props & { piece: Piece; face: boolean; scale: number }

function OneSide({ piece, face, scale, card, layers, ticked, onTick }: SideProps) {
  const left = Math.min(...piece.outline.map(({ x }) => x))
  const foot = Math.min(...piece.outline.map(({ y }) => y))
  const width = piece.cut.width.mm * scale
  const height = piece.cut.height.mm * scale
  // the other side as it lies when the piece is turned over like a page
  const x = (mm: number) => 6 + (face ? mm - left : left + piece.cut.width.mm - mm) * scale
  const y = (mm: number) => 6 + height - (mm - foot) * scale
  const at = (corner: Point) => `${x(corner.x)},${y(corner.y)}`
  const clear = clearNames(piece, { x, y, scale })
  const hatch = `hatch-${piece.copies[0]}-${face}`
  const colour = colourOf(card, piece.copies[0], face)
  const onSheet = `matrix(${face ? scale : -scale} 0 0 ${-scale} ${x(0)} ${y(0)})`
  return (
    <figure className="max-w-full">
      <figcaption className="text-base italic">
        {piece.name}, {face ? 'this side' : 'turned over'}
      </figcaption>
      <svg
        width={width + 12}
        height={height + 12}
        viewBox={`0 0 ${width + 12} ${height + 12}`}
        className="block h-auto max-w-full"
        role="group"
        aria-label={`${piece.name}, ${face ? 'this side' : 'turned over'}`}
      >
        <defs>
          <pattern id={hatch} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line y2={7} className="stroke-kraft-line" strokeWidth={1.4} />
          </pattern>
        </defs>
        {piece.panels.map((panel) => (
          <g key={panel.index} fillRule="evenodd">
            <path d={outline(panel, at)} fill={colour} className="stroke-ink" strokeWidth={1.2} />
          </g>
        ))}
        <g transform={onSheet}>
          <LayersOnSheet piece={piece} layers={card.prints} papers={card.papers} face={face} />
        </g>
        {piece.panels
          .filter(({ index }) => !layers.faces[faceOf(index, face)].free)
          .map((panel) => (
            <path key={panel.index} d={outline(panel, at)} fillRule="evenodd" fill={`url(#${hatch})`} />
          ))}
        <g transform={onSheet}>
          <LayersOnSheet piece={piece} layers={card.layers} papers={card.papers} face={face} />
        </g>
        {piece.panels.map((panel) => (
          <Tick
            key={panel.index}
            face={layers.faces[faceOf(panel.index, face)]}
            d={outline(panel, at)}
            middle={{ x: x(panel.inside.x), y: y(panel.inside.y) }}
            name={nameLines(piece, panel, scale)}
            clear={clear.has(panel.index)}
            printed={face && card.prints.some((print) => print.panel === panel.index)}
            numbers={card.layers
              .filter((layer) => layer.panel === panel.index && layer.face === face)
              .map(({ number }) => number)}
            isTicked={ticked.includes(faceOf(panel.index, face))}
            onTick={() => onTick(faceOf(panel.index, face))}
          />
        ))}
      </svg>
    </figure>
  )
}

/** Where a face stands in the list of all: the decorated side of each panel first. */
const faceOf = (panel: number, face: boolean) => 2 * panel + (face ? 0 : 1)
