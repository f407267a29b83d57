import type { Card, Paper } from '../api/client'
import { backOf } from './motifs'

/** What the card is made of and what lies on it. */
export type Dress = Pick<Card, 'layers' | 'papers' | 'madeOf'>

/** All that is printed and laid on a card, what lies lower first. */
export const onPaper = ({ prints, layers }: Pick<Card, 'prints' | 'layers'>) =>
  prints.length > 0 ? [...prints, ...layers] : layers

type MadeOf = { papers: Paper[]; madeOf: string[] }

/** What colour a panel's paper is on its decorated side, or on the other. */
export function colourOf({ papers, madeOf }: MadeOf, panel: number, face: boolean): string {
  const paper = papers.find(({ id }) => id === madeOf[panel])!
  return face ? paper.colour : backOf(paper)
}
