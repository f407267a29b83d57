import type { Card, Piece } from '../api/client'
import { DragLine } from './DragLine'
import { useDrawingTool } from './drawing'
import type { Frame } from './sheetFrame'
import type { Place } from './useHand'

type Props = { piece: Piece; card: Card; frame: Frame; toSheet: (event: { clientX: number; clientY: number }) => Place }

/** What can be taken hold of on a sheet: scores, slits and slanted scores, the right and the upper edge. */
export function SheetHandles({ piece, card, frame, toSheet }: Props) {
  'use memo'
  const { x, y, foot, right } = frame
  const { tool } = useDrawingTool()
  if (tool) return null
  const number = piece.number
  const whole = (kind: 'SCORE' | 'LEVEL' | 'MARK' | 'EDGE', index: number) => ({
    kind,
    piece: number,
    index,
    end: 'WHOLE' as const,
  })
  const bottom = Math.min(...piece.outline.map((corner) => corner.y))
  const start = Math.min(...piece.outline.map((corner) => corner.x))
  return (
    <g>
      {/* the edges of what follows a structure are its measures; they too are dragged */}
      <DragLine
        handle={whole('EDGE', 0)}
        what={{ kind: 'piece', piece: number }}
        from={{ x: right + 8, y: frame.top }}
        to={{ x: right + 8, y: foot }}
        cursor="ew-resize"
        at={{ x: start + piece.cut.width.mm, y: bottom }}
        toSheet={toSheet}
      />
      <DragLine
        handle={whole('EDGE', 1)}
        what={{ kind: 'piece', piece: number }}
        from={{ x: frame.left, y: frame.top - 10 }}
        to={{ x: right, y: frame.top - 10 }}
        cursor="ns-resize"
        at={{ x: start, y: bottom + piece.cut.height.mm }}
        toSheet={toSheet}
      />
      {piece.turned.map((score, index) => (
        <DragLine
          key={`level-${index}`}
          handle={whole('LEVEL', index)}
          what={{ kind: 'level', piece: number, index }}
          from={{ x: x(score.startMm), y: y(score.fromLeft.mm + bottom) }}
          to={{ x: x(score.stopMm), y: y(score.fromLeft.mm + bottom) }}
          cursor="ns-resize"
          at={{ x: score.startMm, y: score.fromLeft.mm + bottom }}
          toSheet={toSheet}
        />
      ))}
      {piece.scores.map((score, index) => (
        <DragLine
          key={`score-${index}`}
          handle={whole('SCORE', index)}
          what={{ kind: 'score', piece: number, index }}
          from={{ x: frame.left + score.fromLeft.mm * frame.scale, y: y(score.stopMm) }}
          to={{
            x: frame.left + score.fromLeft.mm * frame.scale,
            y: score.startMm - bottom < 0.01 ? foot + 40 : y(score.startMm),
          }}
          cursor="ew-resize"
          at={{ x: start + score.fromLeft.mm, y: score.startMm }}
          toSheet={toSheet}
        />
      ))}
      {piece.marks.map((mark, index) => (
        <g key={`mark-${index}`}>
          <DragLine
            handle={whole('MARK', index)}
            what={{ kind: 'mark', piece: number, index }}
            from={{ x: x(mark.from.x), y: y(mark.from.y) }}
            to={{ x: x(mark.to.x), y: y(mark.to.y) }}
            cursor="move"
            at={mark.from}
            toSheet={toSheet}
          />
          {card.free &&
            (['FROM', 'TO'] as const).map((end) => {
              const at = end === 'FROM' ? mark.from : mark.to
              return (
                <DragLine
                  key={end}
                  handle={{ kind: 'MARK', piece: number, index, end }}
                  what={{ kind: 'mark', piece: number, index }}
                  from={{ x: x(at.x) - 12, y: y(at.y) }}
                  to={{ x: x(at.x) + 12, y: y(at.y) }}
                  cursor="crosshair"
                  at={at}
                  toSheet={toSheet}
                />
              )
            })}
        </g>
      ))}
    </g>
  )
}
