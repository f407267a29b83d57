import { memo } from 'react'
import type { Card, Piece, Point } from '../api/client'
import { outline } from '../house/outline'
import { colourOf, onPaper } from '../papers/dress'
import { LayersOnSheet } from '../papers/LayersOnSheet'
import { DASHES } from '../house/notation'
import { isPicked, picking, usePicked } from './picked'
import { dimensioned, type Frame } from './sheetFrame'

/** @param numbers how far apart the numbers of the board's scale are, mm */
type Props = { piece: Piece; card: Card; frame: Frame; numbers: number }

/** Half of what a number of the board's scale takes up, pixels. */
const NUMBER = 15

/** The paper itself: panels, glue, pencil, holes, scores, slits, and the lines that carry its figures. */
export function SheetDrawing({ piece, card, frame, numbers }: Props) {
  'use memo'
  const { x, y, foot, right, labelTop, rows } = frame
  const { picked, pick, lit } = usePicked()
  const at = (corner: Point) => `${x(corner.x)},${y(corner.y)}`
  const hatch = `glue-${piece.number}`
  const wide = dimensioned(piece)
  return (
    <>
      {piece.panels.map((panel) => (
        <PanelShape
          key={panel.index}
          index={panel.index}
          d={outline(panel, at)}
          fill={colourOf(card, panel.index, true)}
          isLit={lit.panels.has(panel.index)}
        />
      ))}
      <g transform={`matrix(${frame.scale} 0 0 ${-frame.scale} ${x(0)} ${y(0)})`} className="pointer-events-none">
        <LayersOnSheet piece={piece} layers={onPaper(card)} papers={card.papers} face />
      </g>
      {piece.panels
        .filter(
          (panel) =>
            lit.panels.has(panel.index) && onPaper(card).some((layer) => layer.face && layer.panel === panel.index),
        )
        .map((panel) => (
          <path
            key={panel.index}
            d={outline(panel, at)}
            fillRule="evenodd"
            className="pointer-events-none fill-picked-wash/50 stroke-picked"
            strokeWidth={4}
          />
        ))}
      <polygon
        points={piece.outline.map(at).join(' ')}
        className="pointer-events-none fill-none stroke-ink"
        strokeWidth={1.6}
      />
      <defs>
        <pattern id={hatch} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line y2={7} className="stroke-kraft-line" strokeWidth={1.6} />
        </pattern>
      </defs>
      {piece.glue.map((glue, index) => (
        <path
          key={index}
          d={outline(glue, at)}
          fillRule="evenodd"
          fill={`url(#${hatch})`}
          className={
            isPicked(picked, { kind: 'glue', piece: piece.number, index }) ? 'stroke-picked' : 'stroke-kraft-line'
          }
          strokeWidth={isPicked(picked, { kind: 'glue', piece: piece.number, index }) ? 3 : 1}
          strokeDasharray={glue.face ? undefined : '3 4'}
          {...picking(pick, { kind: 'glue', piece: piece.number, index })}
        />
      ))}
      {piece.pencil.map(({ at }, i) => (
        <path
          key={i}
          d={`M ${x(at.x) - 6} ${y(at.y)} h 12 M ${x(at.x)} ${y(at.y) - 6} v 12`}
          className="pointer-events-none stroke-ink-soft"
          strokeWidth={1.2}
        />
      ))}
      {piece.openings.map((opening, i) => (
        <polygon
          key={i}
          points={opening.map(at).join(' ')}
          className="pointer-events-none fill-none stroke-ink"
          strokeWidth={1.6}
        />
      ))}
      {piece.hinges.map((hinge) => {
        const isLit = lit.hinges.has(`${piece.number}:${hinge.index}`)
        return (
          <line
            key={hinge.index}
            x1={x(hinge.from.x)}
            y1={y(hinge.from.y)}
            x2={x(hinge.to.x)}
            y2={y(hinge.to.y)}
            className={`pointer-events-none ${isLit ? 'stroke-picked' : 'stroke-ink'}`}
            strokeWidth={isLit ? 4 : 2}
            strokeDasharray={DASHES[hinge.fold]}
          />
        )
      })}
      {piece.marks.map((mark, index) => {
        const isLit = lit.marks.has(`${piece.number}:${index}`)
        if (mark.fold && !isLit) return null
        return (
          <line
            key={index}
            x1={x(mark.from.x)}
            y1={y(mark.from.y)}
            x2={x(mark.to.x)}
            y2={y(mark.to.y)}
            className={`pointer-events-none ${isLit ? 'stroke-picked' : 'stroke-ink'}`}
            strokeWidth={isLit ? 5 : 2.5}
          />
        )
      })}
      {piece.scores.map((score, index) => {
        const isLit = isPicked(picked, { kind: 'score', piece: piece.number, index })
        if (rows[index] < 0 && !isLit) return null
        const at = frame.left + score.fromLeft.mm * frame.scale
        const number = frame.left + Math.round(score.fromLeft.mm / (numbers || 1)) * numbers * frame.scale
        return (
          <g key={index} className="pointer-events-none">
            {/* where it comes down through a number of the board's scale, that gives way */}
            {Math.abs(number - at) < NUMBER && (
              <rect x={number - NUMBER} y={foot + 25} width={2 * NUMBER} height={17} className="fill-chalk" />
            )}
            <line
              x1={at}
              x2={at}
              y1={foot + 5}
              y2={labelTop(index)}
              className={isLit ? 'stroke-picked' : 'stroke-ink'}
              strokeWidth={isLit ? 2.5 : 1}
            />
          </g>
        )
      })}
      <g className="pointer-events-none stroke-ink" strokeWidth={1}>
        {wide.map((panel) => (
          <DimensionLine
            key={panel.index}
            from={x(panel.leftMm)}
            to={x(panel.leftMm + panel.width.mm)}
            at={frame.top - 9}
          />
        ))}
        <line x1={right + 5} x2={right + 18} y1={frame.top} y2={frame.top} />
        <line x1={right + 5} x2={right + 18} y1={foot} y2={foot} />
        <line x1={right + 12} x2={right + 12} y1={frame.top} y2={foot} />
      </g>
    </>
  )
}

type ShapeProps = { index: number; d: string; fill: string; isLit: boolean }

const PanelShape = memo(function PanelShape({ index, d, fill, isLit }: ShapeProps) {
  'use memo'
  const { pick } = usePicked()
  return (
    <path
      d={d}
      fillRule="evenodd"
      className={isLit ? 'fill-picked-wash' : ''}
      fill={fill}
      {...picking(pick, { kind: 'panel', index })}
    />
  )
})

/** A dimension line with a slanted tick at each end, as draughtsmen end them. */
function DimensionLine({ from, to, at }: { from: number; to: number; at: number }) {
  'use memo'
  return (
    <>
      <line x1={from} x2={to} y1={at} y2={at} />
      {[from, to].map((end, i) => (
        <line key={i} x1={end - 4} x2={end + 4} y1={at + 4} y2={at - 4} strokeWidth={1.6} />
      ))}
    </>
  )
}
