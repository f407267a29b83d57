import { useEffect, useId, useSyncExternalStore } from 'react'
import { Problem } from '../api/client'

/** A step that was not saved, since the house did not answer or could not write: why, and how to do it again. */
export type Unsaved = { card: string; key: string; why: string; again: () => Promise<unknown> }

/** How far saving is: `under way` counts steps that are not answered yet. */
export type Saving = { underWay: number; unsaved: Unsaved[] }

/** Steps under way, by card; a step begins when the one before it has ended. */
const lines = new Map<string, Promise<unknown>>()
let saving: Saving = { underWay: 0, unsaved: [] }
/** Things typed and not yet sent. */
const typed = new Set<string>()
const listeners = new Set<() => void>()

function tell(next: Saving) {
  saving = next
  listeners.forEach((listener) => listener())
}

const but = (card: string, key: string) => saving.unsaved.filter((step) => step.card !== card || step.key !== key)

/**
 * Does a step when those before it on the same card are done, however they ended. `key` says what it is about: a later step of
 * the same key takes the place of one that was not saved.
 */
export function inTurn<T>(card: string, key: string, step: () => Promise<T>): Promise<T> {
  const before = lines.get(card) ?? Promise.resolve()
  const mine = before.then(step, step)
  lines.set(card, mine)
  tell({ ...saving, underWay: saving.underWay + 1 })
  mine.then(
    () => tell({ underWay: saving.underWay - 1, unsaved: but(card, key) }),
    (cause: unknown) => {
      const unsaved = but(card, key)
      // what was refused is said where it was asked for; there is nothing of it to save
      if (cause instanceof Problem && cause.passes)
        unsaved.push({ card, key, why: cause.message, again: () => inTurn(card, key, step) })
      tell({ underWay: saving.underWay - 1, unsaved })
    },
  )
  return mine
}

/** Does what was not saved of a card again, in its order, until one fails. */
export async function saveAgain(card: string) {
  for (const step of saving.unsaved.filter((one) => one.card === card)) await step.again()
}

/** Leaves out what was not saved of a card. */
export function leaveOut(card: string) {
  tell({ ...saving, unsaved: saving.unsaved.filter((step) => step.card !== card) })
}

/** How far saving is. */
export function useSaving(): Saving {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => saving,
  )
}

/** Says that something is typed here that is not sent yet. */
export function useTyped(isTyped: boolean) {
  const id = useId()
  useEffect(() => {
    if (!isTyped) return
    typed.add(id)
    return () => void typed.delete(id)
  }, [id, isTyped])
}

/** Whether leaving now would lose something. */
export const wouldLose = () => saving.underWay > 0 || saving.unsaved.length > 0 || typed.size > 0

/** Asks before the window is left with something that is not saved. */
export function askBeforeLeaving() {
  window.addEventListener('beforeunload', (event) => {
    if (wouldLose()) event.preventDefault()
  })
}
