import { Matrix4, Mesh, MeshBasicMaterial, Raycaster, Vector3 } from 'three'
import { expect, test } from 'vitest'
import { PaperBody } from './paperBody'

const square = (index: number, left: number, wide = 40) => ({
  index,
  holes: [],
  corners: [
    { x: left, y: 0 },
    { x: left + wide, y: 0 },
    { x: left + wide, y: 60 },
    { x: left, y: 60 },
  ],
})
/** An L: its inner corner must stay open. */
const bent = {
  index: 2,
  holes: [],
  corners: [
    { x: 80, y: 0 },
    { x: 120, y: 0 },
    { x: 120, y: 60 },
    { x: 100, y: 60 },
    { x: 100, y: 30 },
    { x: 80, y: 30 },
  ],
}

const flat = [new Matrix4(), new Matrix4(), new Matrix4()]

/** The panel that is met where one looks straight down on the sheet. */
function under(body: PaperBody, x: number, y: number) {
  const hits = new Raycaster(new Vector3(x, y, 500), new Vector3(0, 0, -1)).intersectObject(
    new Mesh(body.fronts, new MeshBasicMaterial()),
  )
  return body.panelAt(hits[0]?.faceIndex)
}

test('a body tells which panel is met', () => {
  const body = new PaperBody()
  body.cut([square(0, 0), square(1, 40), bent])
  body.lay(flat)
  expect([under(body, 20, 30), under(body, 60, 30), under(body, 110, 50), under(body, 90, 10)]).toEqual([0, 1, 2, 2])
  expect(under(body, 90, 50)).toBeUndefined()
})

test('through a window nothing is met', () => {
  const window = [
    { x: 10, y: 20 },
    { x: 10, y: 40 },
    { x: 30, y: 40 },
    { x: 30, y: 20 },
  ]
  const body = new PaperBody()
  body.cut([{ ...square(0, 0), holes: [window] }, square(1, 40)])
  body.lay(flat)
  expect([under(body, 5, 30), under(body, 20, 50), under(body, 60, 30)]).toEqual([0, 0, 1])
  expect(under(body, 20, 30)).toBeUndefined()
  // eight edges of the sheet and its window, four of the other
  expect(body.edges.index?.count).toBe(2 * 12)
})

test('a panel that is turned up is met elsewhere, and its normal turns with it', () => {
  const body = new PaperBody()
  body.cut([square(0, 0), square(1, 40)])
  const up = new Matrix4()
    .makeTranslation(40, 0, 0)
    .multiply(new Matrix4().makeRotationY(-Math.PI / 2))
    .multiply(new Matrix4().makeTranslation(-40, 0, 0))
  body.lay([new Matrix4(), up])
  expect(under(body, 20, 30)).toBe(0)
  expect(under(body, 60, 30)).toBeUndefined()
  expect(body.fronts.getAttribute('normal').getX(5)).toBeCloseTo(-1)
  expect(body.fronts.getAttribute('position').getZ(5)).toBeCloseTo(40)
})

test('panels that change their width keep the same buffers; one more panel takes new ones', () => {
  const body = new PaperBody()
  body.cut([square(0, 0), square(1, 40)])
  body.lay(flat)
  const places = body.fronts.getAttribute('position')
  body.cut([square(0, 0, 50), square(1, 50, 30)])
  body.lay(flat)
  expect(body.fronts.getAttribute('position')).toBe(places)
  expect(under(body, 45, 30)).toBe(0)
  body.cut([square(0, 0), square(1, 40), bent])
  body.lay(flat)
  expect(body.fronts.getAttribute('position').count).toBe(14)
  expect(under(body, 110, 50)).toBe(2)
})

test('picked panels are lit on both sides', () => {
  const body = new PaperBody()
  body.cut([square(0, 0), square(1, 40)])
  body.lay(flat)
  body.colour({ fronts: ['#ff0000', '#ff0000'], backs: ['#00ff00', '#00ff00'] }, new Set([1]), '#0000ff')
  const colour = (side: 'fronts' | 'backs', i: number) =>
    ['getX', 'getY', 'getZ'].map((of) => body[side].getAttribute('color')[of as 'getX'](i))
  expect([colour('fronts', 0), colour('backs', 0)]).toEqual([
    [1, 0, 0],
    [0, 1, 0],
  ])
  expect([colour('fronts', 4), colour('backs', 4)]).toEqual([
    [0, 0, 1],
    [0, 0, 1],
  ])
})
