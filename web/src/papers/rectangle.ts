import type { Layer } from '../api/client'

/** A rectangle of a paper as a layer of its own, standing, millimetres; for drawing. */
export const rectangleOf = (width: number, height: number, otherSide = false): Layer => ({
  panel: 0,
  face: true,
  level: 0,
  paper: '',
  otherSide,
  corners: [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ],
  holes: [],
  inside: { x: width / 2, y: height / 2 },
  up: 90,
  raised: 0,
  number: 0,
})
