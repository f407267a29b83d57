import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type Card, Problem } from '../api/client'
import { cardKey, useCardQuery } from '../api/cards'

/** What was before and what was taken back, by card, as plan documents; kept while the window is open. */
type History = { before: string[]; after: string[] }
const histories = new Map<string, History>()

export type Change = { field: string; text?: string; divisions?: number }

/** One card: as it is, how to change it, and the way back and forth. Every change is saved at once. */
export function useCard(id: string) {
  const query = useCardQuery(id)
  const queries = useQueryClient()
  const [, redraw] = useState(0)
  const history = histories.get(id) ?? { before: [], after: [] }
  const present = () => queries.getQueryData<Card>(cardKey(id))!

  const keepHistory = (next: History) => {
    histories.set(id, next)
    redraw((n) => n + 1)
  }

  /** One change at a time, each made on the card as the last one left it. */
  const saving = useMutation({
    scope: { id: `card-${id}` },
    mutationFn: async (ask: (card: Card) => Promise<Card>) => {
      const before = present()
      const after = await ask(before)
      queries.setQueryData(cardKey(id), after)
      return { before, after }
    },
    onError: (cause) => {
      if (cause instanceof Problem && cause.status === 409) void query.refetch()
    },
  })

  const record = async (ask: (card: Card) => Promise<Card>) => {
    const { before, after } = await saving.mutateAsync(ask)
    if (before.revision !== after.revision) {
      keepHistory({ before: [...(histories.get(id)?.before ?? []), before.document], after: [] })
    }
  }

  const path = { id }
  const replace = (document: string) => (card: Card) =>
    answered(api.PUT('/api/cards/{id}/document', { params: { path }, body: { revision: card.revision, document } }))

  return {
    query,
    saving: saving.isPending,
    change: (change: Change) =>
      record((card) =>
        answered(api.POST('/api/cards/{id}/changes', { params: { path }, body: { revision: card.revision, ...change } })),
      ),
    roundToRuler: () =>
      record((card) => answered(api.POST('/api/cards/{id}/rounded', { params: { path }, body: { revision: card.revision } }))),
    canUndo: history.before.length > 0,
    canRedo: history.after.length > 0,
    undo: async () => {
      const { before, after } = histories.get(id) ?? history
      if (before.length === 0) return
      const { before: left } = await saving.mutateAsync(replace(before[before.length - 1]))
      keepHistory({ before: before.slice(0, -1), after: [...after, left.document] })
    },
    redo: async () => {
      const { before, after } = histories.get(id) ?? history
      if (after.length === 0) return
      const { before: left } = await saving.mutateAsync(replace(after[after.length - 1]))
      keepHistory({ before: [...before, left.document], after: after.slice(0, -1) })
    },
  }
}

export type CardInHand = ReturnType<typeof useCard>
