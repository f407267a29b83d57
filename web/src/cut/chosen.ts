import type { Laid } from '../api/client'

/** Which blank is taken up: of those alike which copy. */
export type Chosen = { blank: number; copy: number } | null

export const isChosen = (chosen: Chosen, laid: Laid) => chosen?.blank === laid.blank && chosen.copy === laid.copy
