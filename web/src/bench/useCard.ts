import { useQueryClient } from '@tanstack/react-query'
import { answered, api, type Card, Problem } from '../api/client'
import { cardKey, useCardQuery } from '../api/cards'
import { inTurn } from './saving'

/** What was before and what was taken back, by card, as plan documents; kept while the window is open. */
type History = { before: string[]; after: string[] }
const histories = new Map<string, History>()
const historyOf = (id: string) => histories.get(id) ?? { before: [], after: [] }

export type Change = { field: string; text?: string; divisions?: number }
export type Resize = { how: 'ENVELOPE' | 'TURNED' | 'SIZE'; width?: string; height?: string }
type Ask = (card: Card) => Promise<Card>

/** One card: as it is, how to change it, and the way back and forth. Every change is saved at once. */
export function useCard(id: string) {
  const query = useCardQuery(id)
  const queries = useQueryClient()
  const path = { id }

  /**
   * Asks for a change of the card as the last one left it. History is noted before the new card is shown, so that
   * both are drawn at one stroke.
   */
  const attempt = (ask: Ask, note: (left: Card, history: History) => History) =>
    inTurn(id, async () => {
      const left = queries.getQueryData<Card>(cardKey(id))!
      try {
        const card = await ask(left)
        if (card.revision !== left.revision) histories.set(id, note(left, historyOf(id)))
        queries.setQueryData(cardKey(id), card)
      } catch (cause) {
        if (cause instanceof Problem && cause.status === 409) void query.refetch()
        throw cause
      }
    })

  const onwards = (ask: Ask) => attempt(ask, (left, { before }) => ({ before: [...before, left.document], after: [] }))

  const replace =
    (document: string): Ask =>
    (card) =>
      answered(api.PUT('/api/cards/{id}/document', { params: { path }, body: { revision: card.revision, document } }))

  const to = (document: string | undefined, card: Card) => (document === undefined ? Promise.resolve(card) : replace(document)(card))

  return {
    query,
    change: (change: Change) =>
      onwards((card) =>
        answered(api.POST('/api/cards/{id}/changes', { params: { path }, body: { revision: card.revision, ...change } })),
      ),
    resize: (body: Resize) =>
      onwards((card) =>
        answered(api.POST('/api/cards/{id}/resized', { params: { path }, body: { revision: card.revision, ...body } })),
      ),
    roundToRuler: () =>
      onwards((card) => answered(api.POST('/api/cards/{id}/rounded', { params: { path }, body: { revision: card.revision } }))),
    canUndo: historyOf(id).before.length > 0,
    canRedo: historyOf(id).after.length > 0,
    // which state to go to is looked up in turn: a second press before the first is answered goes one further
    undo: () =>
      attempt(
        (card) => to(historyOf(id).before.at(-1), card),
        (left, { before, after }) => ({ before: before.slice(0, -1), after: [...after, left.document] }),
      ),
    redo: () =>
      attempt(
        (card) => to(historyOf(id).after.at(-1), card),
        (left, { before, after }) => ({ before: [...before, left.document], after: after.slice(0, -1) }),
      ),
  }
}

export type CardInHand = ReturnType<typeof useCard>
