import { expect, it } from 'vitest'
import type { Layer } from '../api/client'
import { onPaper, seatOf } from './dress'

const layer = (over: Partial<Layer>): Layer => ({
  panel: 0,
  face: true,
  level: 0,
  paper: 'a',
  otherSide: false,
  corners: [],
  holes: [],
  inside: { x: 0, y: 0 },
  up: 90,
  raised: 0,
  number: 0,
  ...over,
})

it('draws what lies across several panels on that which is drawn last', () => {
  expect(seatOf(layer({ panel: 1 }), [0, 1, 2])).toBe(1)
  expect(seatOf(layer({ panel: 1, across: [2, 0] }), [0, 1, 2])).toBe(2)
  expect(seatOf(layer({ panel: 1, across: [2, 0] }), [2, 0, 1])).toBe(1)
})

it('lays layers on what is printed', () => {
  const [print, mat] = [layer({ level: -1 }), layer({ level: 0 })]
  expect(onPaper({ prints: [print], layers: [mat] })).toEqual([print, mat])
})
