import { expect, it } from 'vitest'
import type { ChosenLayer } from '../api/client'
import { typed, typedStack } from './typed'

const figure = (text: string) => ({ text }) as ChosenLayer['border']

it('writes a layer as a maker would type it, with a border or a size of its own', () => {
  expect(typed({ paper: 'own-dusk', border: figure('1/8 in'), otherSide: false })).toEqual({
    paper: 'own-dusk',
    border: '1/8 in',
    width: undefined,
    height: undefined,
    pad: undefined,
    otherSide: false,
  })
  const own = typed({
    paper: 'own-dusk',
    border: figure('3 mm'),
    width: figure('40 mm'),
    height: figure('25 mm'),
    pad: figure('2 mm'),
    otherSide: true,
  })
  expect([own.width, own.height, own.pad, own.otherSide]).toEqual(['40 mm', '25 mm', '2 mm', true])
})

it('keeps what is set on top when the layers are laid anew', () => {
  const { embellishments } = typedStack({
    faces: [0],
    layers: [],
    embellishments: [
      {
        name: 'paper bow',
        size: { width: figure('20 mm'), height: figure('12 mm') },
        height: figure('6 mm'),
        grams: '1.5',
        weight: '1.5 g',
      },
    ],
  })
  expect(embellishments).toEqual([
    { name: 'paper bow', width: '20 mm', height: '12 mm', standsUp: '6 mm', grams: '1.5' },
  ])
})
