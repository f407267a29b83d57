import { useSyncExternalStore } from 'react'

/** Whether the house asks for its passcode before it answers. */
let locked = false
const listeners = new Set<() => void>()

function set(to: boolean) {
  if (locked === to) return
  locked = to
  listeners.forEach((listener) => listener())
}

export const lock = () => set(true)
export const unlock = () => set(false)

export function useLocked() {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => locked,
  )
}
