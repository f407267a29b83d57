// @vitest-environment jsdom
import { act, cleanup, render } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import type { Card, Piece } from '../api/client'
import { isMeasurePicked, type Lit, Pickable, type Picked, usePicked } from './picked'

afterEach(cleanup)

const pieces = [
  {
    number: 0,
    panels: [
      { index: 0, measure: 'wing' },
      { index: 1, measure: 'wall' },
    ],
    heightMeasure: 'height',
    scores: [{ hinges: [0] }],
    turned: [{ hinges: [1, 2] }],
    glue: [{ panel: 1, other: 3 }],
  },
  { number: 2, panels: [{ index: 3, measure: 'wing' }], scores: [], turned: [], glue: [] },
] as unknown as Piece[]

const measures = [
  { id: 'wing', touches: [1] },
  { id: 'gap', touches: [1] },
  { id: 'depth', touches: [] },
] as unknown as Card['measures']

function litWhen(what: Picked): Lit {
  let seen: Lit | undefined
  let point: (picked: Picked) => void = () => {}
  function Probe() {
    const { lit, pick } = usePicked()
    seen = lit
    point = pick
    return null
  }
  render(
    <Pickable pieces={pieces} measures={measures}>
      <Probe />
    </Pickable>,
  )
  act(() => point(what))
  return seen!
}

it.each([
  [{ kind: 'panel', index: 3 } as const, [3], []],
  [{ kind: 'piece', piece: 0 } as const, [0, 1], []],
  [{ kind: 'measure', id: 'wing' } as const, [0, 3], []],
  [{ kind: 'measure', id: 'height' } as const, [0, 1], []],
  [{ kind: 'measure', id: 'depth' } as const, [], []],
  [{ kind: 'measure', id: 'gap' } as const, [1], []],
  [{ kind: 'score', piece: 0, index: 0 } as const, [], ['0:0']],
  [{ kind: 'level', piece: 0, index: 0 } as const, [], ['0:1', '0:2']],
  [{ kind: 'glue', piece: 0, index: 0 } as const, [1, 3], []],
  [{ kind: 'score', piece: 2, index: 5 } as const, [], []],
  [{ kind: 'piece', piece: 9 } as const, [], []],
  [null, [], []],
])('lights what belongs to %j', (what, panels, hinges) => {
  const lit = litWhen(what)
  expect([...lit.panels]).toEqual(panels)
  expect([...lit.hinges]).toEqual(hinges)
})

it('picks the measure of a panel that is pointed at', () => {
  expect(isMeasurePicked({ kind: 'panel', index: 3 }, 'wing', pieces)).toBe(true)
  expect(isMeasurePicked({ kind: 'panel', index: 1 }, 'wing', pieces)).toBe(false)
  expect(isMeasurePicked({ kind: 'measure', id: 'wall' }, 'wall', pieces)).toBe(true)
  expect(isMeasurePicked(null, 'wall', pieces)).toBe(false)
})

it('lights a slit by itself', () => {
  expect([...litWhen({ kind: 'mark', piece: 0, index: 4 }).marks]).toEqual(['0:4'])
})
