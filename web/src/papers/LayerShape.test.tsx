// @vitest-environment jsdom
import { render } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Layer, Paper } from '../api/client'
import { outline } from '../house/outline'
import { LayerShape } from './LayerShape'

const corners = [
  { x: 0, y: 0 },
  { x: 40, y: 0 },
  { x: 40, y: 30 },
  { x: 0, y: 30 },
]
const layer: Layer = {
  panel: 0,
  face: true,
  level: 0,
  paper: 'own',
  otherSide: false,
  corners,
  holes: [],
  inside: { x: 20, y: 15 },
  up: 90,
  raised: 0,
  number: 1,
}
const paper: Paper = {
  id: 'own',
  name: 'Paper',
  colour: '#f6ead0',
  print: 'KITES',
  ink: '#b5482f',
  back: '#a9cbe8',
  repeatMm: 17,
  pattern: 'DIRECTIONAL',
}

const drawn = (changed: Partial<Layer>, on: Paper = paper) =>
  render(
    <svg>
      <LayerShape layer={{ ...layer, ...changed }} paper={on} />
    </svg>,
  ).container

it('draws a hole as a hole', () => {
  expect(
    outline({ corners, holes: [corners.map(({ x, y }) => ({ x: 10 + x / 4, y: 10 + y / 4 }))] }).match(/z/g),
  ).toHaveLength(2)
})

it('turns the print upright, and mirrors it on the other side of a panel', () => {
  const transform = (changed: Partial<Layer>) =>
    drawn(changed).querySelector('pattern')!.getAttribute('patternTransform')!
  expect(transform({})).toContain('rotate(0)')
  expect(transform({ up: 180 })).toContain('rotate(90)')
  expect(transform({})).not.toContain('scale(-1 1)')
  expect(transform({ face: false })).toContain('scale(-1 1)')
})

it('shows the paper’s other side without its print', () => {
  const other = drawn({ otherSide: true })
  expect(other.querySelector('pattern')).toBeNull()
  expect(other.querySelector('path')!.getAttribute('fill')).toBe('#a9cbe8')
})

it('stands white card in for a paper that is gone', () => {
  const { container } = render(
    <svg>
      <LayerShape layer={layer} paper={undefined} />
    </svg>,
  )
  expect(container.querySelector('path')!.getAttribute('fill')).toBe('#fffdf8')
})
