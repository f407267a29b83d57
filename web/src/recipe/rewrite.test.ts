import { expect, it } from 'vitest'
import { difference, rebased } from './rewrite'

it.each([
  ['11 x 4, score at 5', '11 x 4, score at 5 1/2', 18, 18, ' 1/2'],
  ['10 x 4, score at 5', '11 x 4, score at 5', 1, 2, '1'],
  ['fold m v', 'fold m v m', 8, 8, ' m'],
  ['aa', 'aaa', 2, 2, 'a'],
  ['score at 3, 7', 'score at 3', 10, 13, ''],
  ['same', 'same', 4, 4, ''],
])('finds the least that is another: %s, %s', (before, after, start, end, now) => {
  expect(difference(before, after)).toEqual({ start, end, now })
  expect(before.slice(0, start) + now + before.slice(end)).toBe(after)
})

it.each([
  ['9, scroe at 3', '9, score at 3', '9, scroe at 3', '9, score at 3'],
  // told of a text that was mended meanwhile, before it and behind it
  ['9, scroe at 3', '9, scroe at 3, fold v', '9, score at 3', '9, score at 3, fold v'],
  ['9, scroe at 3', '9, score at 3', '9, scroe at 3, fold v', '9, score at 3, fold v'],
  ['9, scroe at 3', '9, scroe at 3 1/2', '9 x 4, scroe at 3', '9 x 4, scroe at 3 1/2'],
  ['9, score at 3', '9, score at 4', '9, score at 5', undefined],
])('makes a change where other words were changed meanwhile: %s, %s, %s', (before, after, now, then) => {
  expect(rebased(before, after, now)).toBe(then)
})
