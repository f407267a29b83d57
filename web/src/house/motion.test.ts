import { expect, it } from 'vitest'
import { between, heights, lifts, lying, since, toAndFro } from './motion'

const frames = [
  [
    [0, 10],
    [4, 4],
  ],
  [
    [2, 20],
    [4, 8],
  ],
  [
    [4, 10],
    [0, 0],
  ],
]

it('is at its ends as they are, and between two steps in between', () => {
  expect(between(frames, 0)).toEqual(frames[0])
  expect(between(frames, 1)).toEqual(frames[2])
  expect(between(frames, 0.5)).toEqual(frames[1])
  expect(between(frames, 0.25)).toEqual([
    [1, 15],
    [4, 6],
  ])
  // while a line is dragged there is one step only
  expect(between([frames[1]], 0.7)).toEqual(frames[1])
})

it('never moves back before its beginning', () => {
  expect(since(100, 97.5)).toBe(0)
  expect(since(100, 350)).toBe(250)
  expect([0, 0.4, 0.9, 1, 1.25, 2, 2.5].map(toAndFro)).toEqual([0, 0.4, 0.9, 1, 0.75, 0, 0.5])
  expect(between(frames, toAndFro(since(100, 97.5)))).toEqual(frames[0])
})

it('tells how high each panel lies in the closed card', () => {
  expect(heights({ frames, closed: [{ panel: 1 }, { panel: 0 }] })).toEqual([1, 0])
})

it('goes from the stack of one station to that of the next', () => {
  const form = {
    frames,
    closed: [{ panel: 1 }, { panel: 0 }],
    stations: [{ at: 0 }, { at: 0.5, stack: [0, 1] }, { at: 1 }],
  }
  // standing, as at the next station where it lies flat
  expect(lifts(form, 0)).toEqual([0, 1])
  expect(lifts(form, 0.5)).toEqual([0, 1])
  expect(lifts(form, 0.75)).toEqual([0.5, 0.5])
  expect(lifts(form, 1)).toEqual([1, 0])
  expect(lying(form, 0.2)).toBeUndefined()
  expect(lying(form, 0.51)).toEqual([0, 1])
  expect(lying(form, 0.99)).toEqual([1, 0])
})
