import type { Card, Paper } from '../api/client'
import { backOf } from './motifs'

/** What the card is made of and what lies on it. */
export type Dress = Pick<Card, 'layers' | 'papers' | 'madeOf'>

/** All that is printed and laid on a card, what lies lower first. */
export const onPaper = ({ prints, layers }: Pick<Card, 'prints' | 'layers'>) =>
  prints.length > 0 ? [...prints, ...layers] : layers

/** The panel on which a layer is drawn: of those that it lies across the one that is drawn last. */
export function seatOf({ panel, across }: Pick<Card['layers'][number], 'panel' | 'across'>, order: number[]) {
  return across ? across.reduce((best, one) => (order.indexOf(one) > order.indexOf(best) ? one : best), panel) : panel
}

type MadeOf = { papers: Paper[]; madeOf: string[] }

/** What colour a panel's paper is on its decorated side, or on the other. */
export function colourOf({ papers, madeOf }: MadeOf, panel: number, face: boolean): string {
  const paper = papers.find(({ id }) => id === madeOf[panel])!
  return face ? paper.colour : backOf(paper)
}
