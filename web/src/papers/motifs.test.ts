import { expect, it } from 'vitest'
import { backOf, motifOf } from './motifs'

const paper = { print: 'NONE', colour: '#fffdf8', ink: '#b0492f', back: '#fffdf8' } as const

it('draws every print of ours in the ink of its paper', () => {
  for (const print of ['STRIPES', 'DOTS', 'CHECKS', 'KITES'] as const) {
    const motif = motifOf({ ...paper, print })!
    expect(motif.shapes.some(({ fill, stroke }) => fill === paper.ink || stroke === paper.ink)).toBe(true)
  }
})

it('draws nothing on plain paper and leaves a picture to itself', () => {
  expect(motifOf(paper)).toBeNull()
  expect(motifOf({ ...paper, print: 'IMAGE' })).toBeNull()
})

it('tells the sides of a card apart that is alike on both', () => {
  expect(backOf(paper)).not.toBe(paper.colour)
  expect(backOf({ ...paper, back: '#a9cbe8' })).toBe('#a9cbe8')
})
