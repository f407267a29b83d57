import { useState } from 'react'
import type { Piece } from '../api/client'
import { useSay } from '../house/Notices'
import { type Tool, useDrawingTool } from './drawing'
import type { Frame } from './sheetFrame'
import type { CardInHand } from './useCard'
import type { Place } from './useHand'

type Props = {
  piece: Piece
  frame: Frame
  toSheet: (event: { clientX: number; clientY: number }) => Place
  inHand: CardInHand
}

/** A press shorter than this, in pixels, is a press and no stroke: it scores straight up. */
const STROKE = 8

/** Where lines are drawn with the pointer once a tool is taken: pressed, a score runs straight up; drawn, from end to end. */
export function DrawLayer(props: Props) {
  const { tool } = useDrawingTool()
  // put down in the middle of a stroke, that is gone too
  return tool && <Drawn {...props} tool={tool} />
}

function Drawn({ piece, frame, toSheet, inHand, tool }: Props & { tool: NonNullable<Tool> }) {
  const say = useSay()
  const [stroke, setStroke] = useState<{ from: Place; to: Place } | null>(null)
  const foot = Math.min(...piece.outline.map((corner) => corner.y))
  const head = Math.max(...piece.outline.map((corner) => corner.y))
  const finish = () => {
    if (!stroke) return
    const isPress = Math.hypot(stroke.to.x - stroke.from.x, stroke.to.y - stroke.from.y) * frame.scale < STROKE
    const { from, to } = isPress ? { from: { x: stroke.from.x, y: foot }, to: { x: stroke.from.x, y: head } } : stroke
    setStroke(null)
    inHand
      .draw({
        what: tool === 'SLIT' ? 'SLIT' : 'SCORE',
        piece: piece.number,
        from,
        to,
        fold: tool === 'SLIT' ? undefined : tool,
      })
      .catch((cause: Error) => say({ text: cause.message, wrong: true }))
  }
  return (
    <g>
      <rect
        x={frame.left - 12}
        y={frame.top - 12}
        width={piece.cut.width.mm * frame.scale + 24}
        height={piece.cut.height.mm * frame.scale + 24}
        className="fill-transparent"
        style={{ cursor: 'crosshair', touchAction: 'none' }}
        data-drawing={piece.number}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          setStroke({ from: toSheet(event), to: toSheet(event) })
        }}
        onPointerMove={(event) => stroke && setStroke({ ...stroke, to: toSheet(event) })}
        onPointerUp={finish}
        onPointerCancel={() => setStroke(null)}
      />
      {stroke && (
        <line
          x1={frame.x(stroke.from.x)}
          y1={frame.y(stroke.from.y)}
          x2={frame.x(stroke.to.x)}
          y2={frame.y(stroke.to.y)}
          className="pointer-events-none stroke-picked"
          strokeWidth={3}
        />
      )}
    </g>
  )
}
