import { useQueryClient } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import {
  answered,
  api,
  type BuildCommand,
  type Card,
  type CutCommand,
  type Moved,
  type DragCommand,
  Problem,
  type DrawCommand,
  type ExtraCommand,
  type LayerCommand,
  type WayOut,
} from '../api/client'
import { cardKey, useCardQuery } from '../api/cards'
import { inTurn } from './saving'

/** What was before and what was taken back, by card, as plan documents; kept while the window is open. */
type History = { before: string[]; after: string[] }
const histories = new Map<string, History>()
const historyOf = (id: string) => histories.get(id) ?? { before: [], after: [] }

export type Change = { field: string; text?: string; divisions?: number }
export type Resize = { how: 'ENVELOPE' | 'TURNED' | 'SIZE'; width?: string; height?: string }
/** A change of whatever card is given, so that it can be made again on a newer one. */
type Ask = (card: Card) => Promise<Card>

/** A change that met a card which another window had changed meanwhile. */
export type Conflict = { mine: Card; again: () => Promise<void>; onCopy: () => Promise<Card> }
const conflicts = new Map<string, Conflict>()
const listeners = new Set<() => void>()
const setConflict = (id: string, conflict: Conflict | null) => {
  if (conflict) conflicts.set(id, conflict)
  else conflicts.delete(id)
  listeners.forEach((listener) => listener())
}

function useConflict(id: string) {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => conflicts.get(id) ?? null,
  )
}

const at = (card: Card) => ({ params: { path: { id: card.id } } })

/** One card: as it is, how to change it, and the way back and forth. Every change is saved at once. */
export function useCard(id: string) {
  const query = useCardQuery(id)
  const queries = useQueryClient()

  /**
   * Asks for a change of the card as the last one left it. History is noted before the new card is shown, so that
   * both are drawn at one stroke. `key` says what the step is about.
   */
  const attempt = (key: string, ask: Ask, note: (left: Card, history: History) => History): Promise<void> =>
    inTurn(id, key, async () => {
      const left = queries.getQueryData<Card>(cardKey(id))!
      try {
        const card = await ask(left)
        if (card.revision !== left.revision) histories.set(id, note(left, historyOf(id)))
        queries.setQueryData(cardKey(id), card)
        // a card's wraps follow it, and lie within one another
        void queries.invalidateQueries({
          predicate: ({ queryKey: [kind, one] }) => kind === 'card' && one !== id,
          refetchType: 'none',
        })
      } catch (cause) {
        if (!(cause instanceof Problem && cause.status === 409)) throw cause
        setConflict(id, {
          mine: left,
          again: async () => {
            await query.refetch()
            setConflict(id, null)
            await attempt(key, ask, note)
          },
          onCopy: async () => {
            const copy = await answered(api.POST('/api/cards/opened', { body: { document: left.document } }))
            const mine = await ask(copy)
            await query.refetch()
            setConflict(id, null)
            return mine
          },
        })
      }
    })

  const onwards = (key: string, ask: Ask) =>
    attempt(key, ask, (left, { before }) => ({ before: [...before, left.document], after: [] }))

  const replace =
    (document: string): Ask =>
    (card) =>
      answered(api.PUT('/api/cards/{id}/document', { ...at(card), body: { revision: card.revision, document } }))

  const to = (document: string | undefined, card: Card) =>
    document === undefined ? Promise.resolve(card) : replace(document)(card)

  /** A change that says something about itself. */
  const saying = async (key: string, ask: (card: Card) => Promise<Moved>) => {
    let words = ''
    await onwards(key, async (card) => {
      const moved = await ask(card)
      words = moved.words
      return moved.card
    })
    return words
  }

  return {
    query,
    conflict: useConflict(id),
    takeTheirs: async () => {
      await query.refetch()
      setConflict(id, null)
    },
    change: (change: Change) =>
      onwards(change.field, (card) =>
        answered(api.POST('/api/cards/{id}/changes', { ...at(card), body: { revision: card.revision, ...change } })),
      ),
    /** Goes one of the ways that were shown where a change was refused. */
    goWay: ({ steps }: WayOut) =>
      onwards('way', (card) =>
        answered(
          api.POST('/api/cards/{id}/changes/together', { ...at(card), body: { revision: card.revision, steps } }),
        ),
      ),
    resize: (body: Resize) =>
      onwards('size', (card) =>
        answered(api.POST('/api/cards/{id}/resized', { ...at(card), body: { revision: card.revision, ...body } })),
      ),
    /** Makes it thinner or lighter, so that a cheaper service takes it. */
    lighten: (saving: string) =>
      onwards('post', (card) =>
        answered(
          api.POST('/api/cards/{id}/post/lightened', { ...at(card), body: { revision: card.revision, saving } }),
        ),
      ),
    roundToRuler: () =>
      onwards('rounded', (card) =>
        answered(api.POST('/api/cards/{id}/rounded', { ...at(card), body: { revision: card.revision } })),
      ),
    rerule: (ruler: string) =>
      onwards('ruler', (card) =>
        answered(api.POST('/api/cards/{id}/reruled', { ...at(card), body: { revision: card.revision, ruler } })),
      ),
    draw: (stroke: Omit<DrawCommand, 'revision' | 'piece'> & { piece?: number }) =>
      onwards('drawing', (card) =>
        answered(
          api.POST('/api/cards/{id}/drawing', { ...at(card), body: { piece: 0, ...stroke, revision: card.revision } }),
        ),
      ),
    /** Lays layers, or takes them off. */
    dress: (wish: Pick<LayerCommand, 'what'> & Partial<LayerCommand>) =>
      onwards('layers', (card) =>
        answered(
          api.POST('/api/cards/{id}/layers', {
            ...at(card),
            body: { faces: [], layers: [], embellishments: [], ...wish, revision: card.revision },
          }),
        ),
      ),
    /** Decides by hand how the card is cut. */
    cut: (wish: Pick<CutCommand, 'what'> & Partial<CutCommand>) =>
      onwards('cutting', (card) =>
        answered(api.POST('/api/cards/{id}/cutting', { ...at(card), body: { ...wish, revision: card.revision } })),
      ),
    /** Decides by hand how the card is built. */
    build: (wish: Pick<BuildCommand, 'what'> & Partial<BuildCommand>) =>
      onwards('building', (card) =>
        answered(api.POST('/api/cards/{id}/building', { ...at(card), body: { ...wish, revision: card.revision } })),
      ),
    /** Makes the plan follow what came out otherwise. */
    follow: (figure: string, way: string) =>
      onwards('made', (card) =>
        answered(
          api.POST('/api/cards/{id}/made/follow', { ...at(card), body: { figure, way, revision: card.revision } }),
        ),
      ),
    /** Sets something on the card, or takes it off. */
    carry: (wish: Omit<ExtraCommand, 'revision'>) =>
      onwards('extras', (card) =>
        answered(api.POST('/api/cards/{id}/extras', { ...at(card), body: { ...wish, revision: card.revision } })),
      ),
    lock: (measure: string, locked: boolean) =>
      onwards(`lock ${measure}`, (card) =>
        answered(
          api.POST('/api/cards/{id}/locks', { ...at(card), body: { revision: card.revision, measure, locked } }),
        ),
      ),
    solve: (measure: string) =>
      saying('solved', (card) =>
        answered(api.POST('/api/cards/{id}/solved', { ...at(card), body: { revision: card.revision, measure } })),
      ),
    /** Moves a line and keeps it so. */
    move: (moving: Omit<DragCommand, 'revision' | 'keep'>) =>
      saying('hand', (card) =>
        answered(
          api.POST('/api/cards/{id}/hand', { ...at(card), body: { ...moving, revision: card.revision, keep: true } }),
        ),
      ),
    takeVersion: (version: string) =>
      onwards('version', (card) =>
        answered(
          api.POST('/api/cards/{id}/versions/{version}/taken', {
            params: { path: { id: card.id, version } },
            body: { revision: card.revision },
          }),
        ),
      ),
    canUndo: historyOf(id).before.length > 0,
    canRedo: historyOf(id).after.length > 0,
    // which state to go to is looked up in turn: a second press before the first is answered goes one further
    undo: () =>
      attempt(
        'undo',
        (card) => to(historyOf(id).before.at(-1), card),
        (left, { before, after }) => ({ before: before.slice(0, -1), after: [...after, left.document] }),
      ),
    redo: () =>
      attempt(
        'undo',
        (card) => to(historyOf(id).after.at(-1), card),
        (left, { before, after }) => ({ before: [...before, left.document], after: after.slice(0, -1) }),
      ),
  }
}

export type CardInHand = ReturnType<typeof useCard>
