import { expect, it } from 'vitest'
import type { Card, Piece } from '../api/client'
import { clearNames, frameOf, nameLines } from './sheetFrame'

const figure = (mm: number) => ({ mm }) as never

function strip(widths: number[], height = 100): Piece {
  const places = widths.map((_, i) => widths.slice(0, i).reduce((sum, width) => sum + width, 0))
  const whole = widths.reduce((sum, width) => sum + width, 0)
  const corners = (left: number, right: number) => [
    { x: left, y: 0 },
    { x: right, y: 0 },
    { x: right, y: height },
    { x: left, y: height },
  ]
  return {
    cut: { width: figure(whole), height: figure(height) },
    outline: corners(0, whole),
    panels: widths.map((width, index) => ({
      index,
      name: `Panel ${index + 1}`,
      leftMm: places[index],
      width: figure(width),
      corners: corners(places[index], places[index] + width),
    })),
    scores: places.slice(1).map((place) => ({ fromLeft: figure(place) })),
  } as unknown as Piece
}

const frame = (piece: Piece, kept = piece, wide = 840) => frameOf(piece, { pieces: [kept] } as Card, wide)

it('goes from the sheet to the screen and back', () => {
  const { x, y, toSheet } = frame(strip([74, 74, 148]))
  const box = { left: 20, top: 50 } as DOMRect
  const back = toSheet({ clientX: 20 + x(74), clientY: 50 + y(30) }, box)
  expect(back.x).toBeCloseTo(74)
  expect(back.y).toBeCloseTo(30)
})

it('keeps its scale while a line is dragged', () => {
  const kept = strip([74, 74, 148])
  expect(frame(strip([40, 40, 148]), kept).scale).toBe(frame(kept).scale)
})

it('keeps the foot of the sheet while its upper edge is dragged, so that the hand and the edge stay together', () => {
  const kept = strip([74, 74, 148])
  const before = frame(kept)
  const after = frame(strip([74, 74, 148], 120), kept)
  expect(after.foot).toBe(before.foot)
  expect(after.top).toBeCloseTo(before.top - 20 * before.scale)
  const box = { left: 0, top: 0 } as DOMRect
  expect(after.toSheet({ clientX: 0, clientY: before.y(60) }, box).y).toBeCloseTo(60)
})

it('gives every label room: a second row, then none', () => {
  expect(frame(strip([100, 100, 100])).rows).toEqual([0, 0, 0])
  const crowded = frame(strip(Array<number>(40).fill(28), 64)).rows
  expect(crowded.slice(0, 3)).toEqual([0, 1, -1])
  expect(crowded.at(-1)).toBeGreaterThanOrEqual(0)
})

it('shows widths only where there is room for them', () => {
  expect(frame(strip([100, 100, 100])).widths.size).toBe(3)
  expect(frame(strip(Array<number>(40).fill(28), 64)).widths.size).toBeLessThan(14)
})

it('leaves labels in their rows while a line is held, as long as they do not run into one another', () => {
  const kept = strip(Array<number>(40).fill(28), 64)
  const before = frame(kept)
  const moved = (by: number) => strip([28 + by, 28 - by, ...Array<number>(38).fill(28)], 64)
  expect(frame(moved(20)).rows).not.toEqual(before.rows)
  expect(frame(moved(20), kept).rows).toEqual(before.rows)
  expect([...frame(moved(12), kept).widths]).toEqual([...before.widths])
})

it('places labels anew when they would run into one another', () => {
  const kept = strip([100, 100, 100])
  expect(frame(kept).rows).toEqual([0, 0, 0])
  expect(frame(strip([180, 20, 100]), kept).rows).toEqual([0, 1, 0])
  expect(frame(strip([10, 10, 280]), kept).widths).not.toEqual(frame(kept).widths)
})

it('keeps the figure of its height in sight when the sheet is drawn out as far as there is room', () => {
  const kept = strip([74, 74, 148])
  const before = frame(kept)
  expect(before.heightAt).toBeGreaterThan(before.x(296))
  const longer = frame(strip([110, 110, 148]), kept)
  expect(longer.heightAt + 60).toBeLessThanOrEqual(840)
  expect(longer.heightAt).toBeLessThan(longer.x(368))
})

it('tells a score that is made row by row once', () => {
  const rows = strip([60, 60, 60])
  const score = (mm: number, fold: string) => ({ fromLeft: figure(mm), fold })
  const piece = {
    ...rows,
    scores: [score(60, 'VALLEY'), score(60, 'VALLEY'), score(60, 'MOUNTAIN'), score(120, 'VALLEY')],
  } as unknown as Piece
  expect(frame(piece).rows.map((row) => row >= 0)).toEqual([true, false, true, true, true])
})

it('leaves out names that lie on others or have no room', () => {
  const piece = strip([150, 4, 60])
  const named = (name: string, index: number, x: number, y = 50) => ({ ...piece.panels[index], name, inside: { x, y } })
  const panels = [named('Back', 0, 75), named('Left wall', 1, 152), named('Wing', 2, 188)]
  const names = (of: unknown[]) => {
    const sheet = { ...piece, panels: of } as unknown as Piece
    return [...clearNames(sheet, frame(piece))].sort()
  }
  expect(names(panels)).toEqual([0, 2])
  expect(names([...panels, { ...named('Window', 0, 80, 53), index: 3 }])).toEqual([0, 2])
})

it('leaves out a name that runs over the scores beside it', () => {
  const piece = strip([150, 17, 150])
  const panels = piece.panels.map((panel, index) => ({
    ...panel,
    name: ['Front', 'Wallside', 'Back'][index],
    inside: { x: panel.leftMm + panel.width.mm / 2, y: 50 },
  }))
  const shown = clearNames({ ...piece, panels }, frame(piece))
  expect([...shown].sort()).toEqual([0, 2])
})

it('leaves out of a name what its piece says, and sets it in lines that go in', () => {
  const piece = { name: 'Kite mount' } as Piece
  const panel = { name: 'Kite mount first back spring', width: { mm: 60 } } as Piece['panels'][number]
  expect(nameLines(piece, panel, 1)).toEqual(['first', 'back', 'spring'])
  expect(nameLines(piece, panel, 3)).toEqual(['first back spring'])
  expect(nameLines({ name: 'Tail' } as Piece, panel, 9)).toEqual(['Kite mount first back spring'])
})
