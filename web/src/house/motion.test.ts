import { expect, it } from 'vitest'
import { between, heights } from './motion'

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

it('tells how high each panel lies in the closed card', () => {
  expect(heights({ frames, closed: [{ panel: 1 }, { panel: 0 }] })).toEqual([1, 0])
})
