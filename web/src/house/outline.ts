import type { Point } from '../api/client'

export type Shape = { corners: Point[]; holes: Point[][] }

const asTheyAre = ({ x, y }: Point) => `${x} ${y}`

/**
 * The outline of a shape and of its holes as an SVG path, to be filled by the even-odd rule.
 *
 * @param at where a point comes to lie in the drawing
 */
export function outline({ corners, holes }: Shape, at: (point: Point) => string = asTheyAre) {
  return [corners, ...holes].map((ring) => `M${ring.map(at).join('L')}z`).join('')
}
