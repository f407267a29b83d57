import { createContext, useContext, useLayoutEffect, useRef } from 'react'

const HeldContext = createContext(false)
export const HeldProvider = HeldContext.Provider
/** Whether a line of the card is held just now. */
export const useHeld = () => useContext(HeldContext)

/** Room for something whose height changes: while a line is held it only grows, so that what lies below does not go to and fro. */
export function useRoom(height: number) {
  const held = useHeld()
  const most = useRef(height)
  // eslint-disable-next-line react-hooks/refs -- only ever grows, from what was drawn last
  const room = held ? Math.max(most.current, height) : height
  useLayoutEffect(() => {
    most.current = room
  }, [room])
  return room
}
