import type { Score } from '../api/client'

/** Dash patterns of the published notation (Yoshizawa and Randlett): valley dashed, mountain dash-dot-dot. */
export const DASHES: Record<Score['fold'], string> = {
  VALLEY: '10 6',
  MOUNTAIN: '14 4 2 4 2 4',
  UNASSIGNED: '2 4',
  BEND: '1 5',
}

export const FOLD_WORDS: Record<Score['fold'], string> = {
  VALLEY: 'valley',
  MOUNTAIN: 'mountain',
  UNASSIGNED: 'either way',
  BEND: 'bend',
}
