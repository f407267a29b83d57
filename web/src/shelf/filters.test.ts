import { describe, expect, it } from 'vitest'
import type { OnShelf } from '../api/client'
import { isWanted, NO_FILTERS } from './filters'

const GATE: OnShelf = {
  id: 'gate',
  name: 'Kite gate',
  does: 'Opens in the middle.',
  suits: 'Mayors.',
  pieces: 2,
  folds: 4,
  foldCount: 'SOME',
  lies: false,
  effort: 'EASY',
  effortLabel: 'easy',
  panels: [],
  partOpen: [],
  showing: 0,
}

describe('what is wanted from the shelf', () => {
  it('is everything when nothing is asked', () => {
    expect(isWanted(GATE, NO_FILTERS, null)).toBe(true)
  })

  it('has every word of the search somewhere', () => {
    expect(isWanted(GATE, { ...NO_FILTERS, words: ' mayors GATE ' }, null)).toBe(true)
    expect(isWanted(GATE, { ...NO_FILTERS, words: 'gate string' }, null)).toBe(false)
  })

  it('has the pieces, folds, stance and effort asked for', () => {
    expect(isWanted(GATE, { ...NO_FILTERS, pieces: 'one' }, null)).toBe(false)
    expect(
      isWanted(GATE, { ...NO_FILTERS, pieces: 'more', folds: 'SOME', stance: 'stands', effort: 'EASY' }, null),
    ).toBe(true)
    expect(isWanted(GATE, { ...NO_FILTERS, folds: 'MANY' }, null)).toBe(false)
    expect(isWanted(GATE, { ...NO_FILTERS, stance: 'lies' }, null)).toBe(false)
  })

  it('fits what the house found to fit', () => {
    expect(isWanted(GATE, NO_FILTERS, new Set(['gate']))).toBe(true)
    expect(isWanted(GATE, NO_FILTERS, new Set())).toBe(false)
  })
})
