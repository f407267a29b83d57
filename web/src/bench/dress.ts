import type { Card } from '../api/client'

/** What the card is made of and what lies on it. */
export type Dress = Pick<Card, 'layers' | 'papers' | 'base'>
