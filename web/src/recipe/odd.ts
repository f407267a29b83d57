import type { Reading } from '../api/client'

/** Something odd in a recipe. */
export type Odd = {
  start: number
  end: number
  words: string
  /** What to write in its place, nothing to leave it out; absent where nobody knows. */
  instead?: string
  /** What stands there, where that is to be said. */
  quote?: string
}

/** Everything odd in a recipe: words and figures without a meaning, findings, figures that may be misread. */
export function oddPlaces(read: Reading): Odd[] {
  const misread = read.mends
    .filter(({ was }) => was !== '')
    .map(({ start, end, was, now, then }) => ({ start, end, words: `${now} for ${was}: ${then}`, instead: now }))
  return [...read.notUnderstood, ...read.findings, ...misread].filter(({ start, end }) => end > start)
}
