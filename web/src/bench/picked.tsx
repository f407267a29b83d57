import { createContext, type ReactNode, useContext, useMemo, useState } from 'react'

/** What the maker points at: a panel or a score, the same in every view. */
export type Picked = { kind: 'panel' | 'score'; index: number } | null

type Pointing = { picked: Picked; pick: (picked: Picked) => void }

const PickedContext = createContext<Pointing>({ picked: null, pick: () => {} })

export const usePicked = () => useContext(PickedContext)

export function Pickable({ children }: { children: ReactNode }) {
  const [picked, pick] = useState<Picked>(null)
  const pointing = useMemo(() => ({ picked, pick }), [picked])
  return <PickedContext.Provider value={pointing}>{children}</PickedContext.Provider>
}

/** What an element needs to pick something when pointed at or reached by keyboard. */
export function picking(pick: Pointing['pick'], what: NonNullable<Picked>) {
  return {
    onPointerEnter: () => pick(what),
    onPointerLeave: () => pick(null),
    onFocus: () => pick(what),
    onBlur: () => pick(null),
  }
}

export function isPicked(picked: Picked, kind: 'panel' | 'score', index: number) {
  return picked?.kind === kind && picked.index === index
}
