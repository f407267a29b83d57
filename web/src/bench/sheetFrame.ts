import type { Card, Piece } from '../api/client'
import type { Place } from './useHand'

/** Room round the sheet for its dimension lines, pixels. */
const SIDE = 104
export const ABOVE = 66
const BELOW = 118
const TALLEST = 260
/** Where there are several pieces, which lie in a strip above. */
const LOWER = 210

/** Labels nearer to the one before than this go a row lower, or give way. */
const CROWDED = 84
const CROWDED_WIDTHS = 62
/** How much nearer they may come while a line is held before they are placed anew: they are not to hop about under the hand. */
const PATIENCE = 0.6
const PATIENCE_WIDTHS = 0.8
const ROW = 66
/** What the figure of its height takes up at the right. */
const HEIGHT_FIGURE = 84

/** Where things of a sheet are on the screen; for drawing only. */
export type Frame = {
  scale: number
  left: number
  /** The paper's right edge. */
  right: number
  /** The paper's upper edge. */
  top: number
  foot: number
  height: number
  x: (mm: number) => number
  y: (mm: number) => number
  /** For each score and then the right edge: the row of its label, or −1 when there is no room for it. */
  rows: number[]
  labelTop: (label: number) => number
  /** Panels, by their place in the piece, above which there is room for a figure. */
  widths: Set<number>
  /** Where the figure of its height begins: beside the sheet or, where that has grown as far as there is room, on it. */
  heightAt: number
  toSheet: (event: { clientX: number; clientY: number }, box: DOMRect) => Place
}

/**
 * @param kept the card as it is kept: while a line is dragged the scale, the fence and the sheet's foot stay where they were,
 *     so that paper and hand move together
 */
export function frameOf(piece: Piece, kept: Card, frameWidth: number): Frame {
  const before = kept.pieces.find((one) => one.number === piece.number) ?? piece
  const widest = before.cut.width.mm
  const scale = Math.max(
    0.05,
    Math.min((frameWidth - 2 * SIDE + 56) / widest, (kept.pieces.length > 1 ? LOWER : TALLEST) / before.cut.height.mm),
  )

  const left = Math.max(48, (frameWidth - widest * scale - SIDE) / 2)
  const start = Math.min(...piece.outline.map((corner) => corner.x))
  const bottom = Math.min(...piece.outline.map((corner) => corner.y))
  const x = (mm: number) => left + (mm - start) * scale
  const foot = ABOVE + before.cut.height.mm * scale
  const y = (mm: number) => foot - (mm - bottom) * scale
  const rightOf = (of: Piece) => left + of.cut.width.mm * scale
  const right = rightOf(piece)
  // a score that is made row by row is told once
  const labels = (of: Piece) => [
    ...of.scores.map((score, i) => (isTold(of, i) ? NaN : left + score.fromLeft.mm * scale)),
    rightOf(of),
  ]
  const places = labels(piece)
  const rowsBefore = placed(labels(before))
  const rows = stillClear(rowsBefore, places) ? rowsBefore : placed(places)
  const below = BELOW + (rows.includes(1) ? ROW : 0)
  return {
    scale,
    left,
    right,
    top: foot - piece.cut.height.mm * scale,
    foot,
    height: foot + below,
    x,
    y,
    rows,
    labelTop: (label) => foot + 58 + Math.max(0, rows[label]) * ROW,
    widths: roomy(piece, before, scale),
    heightAt: Math.min(right + 20, frameWidth - HEIGHT_FIGURE),
    toSheet: ({ clientX, clientY }, box) => ({
      x: (clientX - box.left - left) / scale + start,
      y: (foot - (clientY - box.top)) / scale + bottom,
    }),
  }
}

/** Whether an earlier score is at the same place and folds the same way. */
function isTold({ scores }: Piece, index: number) {
  const { fromLeft, fold } = scores[index]
  return scores.findIndex((one) => one.fromLeft.mm === fromLeft.mm && one.fold === fold) < index
}

/** For labels from left to right, the row of each; the last, the edge's, always has one. */
function placed(places: number[]) {
  const last = [-Infinity, -Infinity]
  const end = places[places.length - 1]
  return places.map((place, i) => {
    if (Number.isNaN(place)) return -1
    const isEnd = i === places.length - 1
    const row = last.findIndex(
      (before, candidate) => place - before >= CROWDED && (isEnd || candidate === 1 || end - place >= CROWDED),
    )
    const chosen = row < 0 && isEnd ? 1 : row
    if (chosen >= 0) last[chosen] = place
    return chosen
  })
}

/** Whether labels in these rows still have room where they are now. */
function stillClear(rows: number[], places: number[]) {
  return (
    rows.length === places.length &&
    [0, 1].every((row) =>
      apart(
        places.filter((_, i) => rows[i] === row),
        CROWDED * PATIENCE,
      ),
    )
  )
}

const apart = (places: number[], least: number) => places.every((place, i) => i === 0 || place - places[i - 1] >= least)

function roomy(piece: Piece, before: Piece, scale: number) {
  const room = roomFor(middles(before, scale))
  const now = middles(piece, scale).filter(({ index }) => room.has(index))
  return now.length === room.size &&
    apart(
      now.map(({ at }) => at),
      CROWDED_WIDTHS * PATIENCE_WIDTHS,
    )
    ? room
    : roomFor(middles(piece, scale))
}

/** Where each width is shown, from left to right. */
const middles = (piece: Piece, scale: number) =>
  dimensioned(piece)
    .map(({ index, leftMm, width }) => ({ index, at: (leftMm + width.mm / 2) * scale }))
    .sort((a, b) => a.at - b.at)

function roomFor(widths: { index: number; at: number }[]) {
  const room = new Set<number>()
  let last = -Infinity
  for (const { index, at } of widths) {
    if (at - last < CROWDED_WIDTHS) continue
    room.add(index)
    last = at
  }
  return room
}

/** Panels whose whole width lies along the upper edge, where it can be shown; others are told by their corners. */
export function dimensioned(piece: Piece) {
  const head = Math.max(...piece.outline.map((corner) => corner.y))
  return piece.panels.filter((panel) => {
    const along = panel.corners.filter((corner) => corner.y === head).map((corner) => corner.x)
    return along.length > 1 && Math.max(...along) - Math.min(...along) > panel.width.mm - 0.001
  })
}

/** About what a name's letters and lines take up, pixels. */
const LETTER = 7.8
const LINE = 20
/** The narrowest that a name is set. */
export const NARROW_NAME = 44

/** A panel's name where its piece's stands beside it. */
export function nameOf(piece: Piece, { name }: Piece['panels'][number]) {
  return name.startsWith(`${piece.name} `) ? name.slice(piece.name.length + 1) : name
}

/** The same in lines that go into the panel, one word in each at the least. */
export function nameLines(piece: Piece, panel: Piece['panels'][number], scale: number): string[] {
  const room = Math.max(NARROW_NAME, panel.width.mm * scale - 6)
  return nameOf(piece, panel)
    .split(' ')
    .reduce<string[]>((lines, word) => {
      const last = lines.at(-1)
      const longer = `${last} ${word}`
      return last !== undefined && longer.length * LETTER <= room ? [...lines.slice(0, -1), longer] : [...lines, word]
    }, [])
}

/** Panels whose names lie clear of one another and within their panels, the largest panels first; others are told when pointed at. */
export function clearNames(piece: Piece, { x, y, scale }: Pick<Frame, 'x' | 'y' | 'scale'>): Set<number> {
  const boxes: { left: number; right: number; top: number; foot: number }[] = []
  const clear = new Set<number>()
  const high = ({ corners }: Piece['panels'][number]) => {
    const ys = corners.map((corner) => corner.y)
    return (Math.max(...ys) - Math.min(...ys)) * scale
  }
  const largestFirst = [...named(piece)].sort((a, b) => b.width.mm * high(b) - a.width.mm * high(a))
  for (const panel of largestFirst) {
    const lines = nameLines(piece, panel, scale)
    const half = (Math.max(...lines.map((line) => line.length)) * LETTER) / 2
    const [across, up] = [x(panel.inside.x), y(panel.inside.y)]
    const box = {
      left: across - half,
      right: across + half,
      top: up - (lines.length * LINE) / 2,
      foot: up + (lines.length * LINE) / 2,
    }
    const fits = 2 * half <= panel.width.mm * scale && lines.length * LINE <= high(panel) + 8
    const free = boxes.every(
      (other) => box.right <= other.left || box.left >= other.right || box.foot <= other.top || box.top >= other.foot,
    )
    if (fits && free) {
      boxes.push(box)
      clear.add(panel.index)
    }
  }
  return clear
}

/** Panels that have a name of their own and not just a number. */
export function named(piece: Piece) {
  return piece.panels.filter((panel) => !/^Panel \d+$/.test(panel.name))
}
