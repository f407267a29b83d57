import { useMemo } from 'react'
import type { Piece, Point } from '../api/client'
import type { Picked } from './picked'

/** A score or slit of a card, on the sheet of its panels. */
export type Line = { key: string; what: NonNullable<Picked>; panels: number[]; from: Point; to: Point; isMark: boolean }

/** How near the pointer must come to a line, mm. */
const NEAR = 2.4

/** All lines of a card, for lighting and pointing at them. */
export function useLines(pieces: Piece[]) {
  return useMemo(() => pieces.flatMap(linesOf), [pieces])
}

/** The line that runs along a panel there, if one is near enough; the place is on its sheet. */
export function lineNear(lines: Line[], panel: number, at: Point): NonNullable<Picked> | null {
  return lines.find((line) => line.panels.includes(panel) && distance(at, line) < NEAR)?.what ?? null
}

function distance(at: Point, { from, to }: Line) {
  const [wx, wy] = [to.x - from.x, to.y - from.y]
  const part = Math.max(0, Math.min(1, ((at.x - from.x) * wx + (at.y - from.y) * wy) / (wx * wx + wy * wy || 1)))
  return Math.hypot(at.x - from.x - part * wx, at.y - from.y - part * wy)
}

function linesOf(piece: Piece): Line[] {
  const key = (index: number) => `${piece.number}:${index}`
  const scoreOf = (hinge: number): NonNullable<Picked> => {
    const upright = piece.scores.findIndex((score) => score.hinges.includes(hinge))
    if (upright >= 0) return { kind: 'score', piece: piece.number, index: upright }
    const level = piece.turned.findIndex((score) => score.hinges.includes(hinge))
    return level >= 0 ? { kind: 'level', piece: piece.number, index: level } : { kind: 'piece', piece: piece.number }
  }
  return [
    ...piece.hinges.map((hinge) => ({
      key: key(hinge.index),
      what: scoreOf(hinge.index),
      panels: [hinge.left, hinge.right],
      from: hinge.from,
      to: hinge.to,
      isMark: false,
    })),
    ...piece.marks.map((mark, index) => ({
      key: key(index),
      what: { kind: 'mark', piece: piece.number, index } as const,
      panels: [mark.panel],
      from: mark.from,
      to: mark.to,
      isMark: true,
    })),
  ]
}
