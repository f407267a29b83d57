import { useSyncExternalStore } from 'react'

/** Steps under way, by card; a step begins when the one before it has ended. */
const lines = new Map<string, Promise<unknown>>()
let underWay = 0
const listeners = new Set<() => void>()

function count(by: number) {
  underWay += by
  listeners.forEach((listener) => listener())
}

/** Does a step when those before it on the same card are done, however they ended. */
export function inTurn<T>(card: string, step: () => Promise<T>): Promise<T> {
  const before = lines.get(card) ?? Promise.resolve()
  const mine = before.then(step, step)
  lines.set(card, mine)
  count(1)
  const done = () => count(-1)
  mine.then(done, done)
  return mine
}

/** Whether anything is being saved. */
export function useSaving() {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => underWay > 0,
  )
}
