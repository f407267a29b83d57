import type { OnShelf } from '../api/client'

/** What a maker looks for; an empty text asks for nothing. */
export type Filters = {
  words: string
  envelope: string
  sheet: string
  pieces: '' | 'one' | 'more'
  folds: '' | OnShelf['foldCount']
  stance: '' | 'stands' | 'lies'
  effort: '' | OnShelf['effort']
}

export const NO_FILTERS: Filters = { words: '', envelope: '', sheet: '', pieces: '', folds: '', stance: '', effort: '' }

/** Every word of the search is somewhere in its name or in what is said about it, whichever order. */
function saysAll(structure: OnShelf, words: string) {
  const said = `${structure.name} ${structure.does} ${structure.suits}`.toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word))
}

/** Whether a structure is what is looked for; `fits` holds those that fit sheet and envelope, if that was asked. */
export function isWanted(structure: OnShelf, filters: Filters, fits: Set<string> | null) {
  return (
    saysAll(structure, filters.words.trim()) &&
    (filters.pieces === '' || (structure.pieces === 1) === (filters.pieces === 'one')) &&
    (filters.folds === '' || structure.foldCount === filters.folds) &&
    (filters.stance === '' || structure.lies === (filters.stance === 'lies')) &&
    (filters.effort === '' || structure.effort === filters.effort) &&
    (fits === null || fits.has(structure.id))
  )
}
