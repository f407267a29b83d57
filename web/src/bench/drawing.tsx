import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react'

/** What is drawn on a free card with the pointer: a score that folds one way or the other, a slit, or nothing. */
export type Tool = 'VALLEY' | 'MOUNTAIN' | 'SLIT' | null

type Drawing = { tool: Tool; take: (tool: Tool) => void }

const DrawingContext = createContext<Drawing>({ tool: null, take: () => {} })

export const useDrawingTool = () => useContext(DrawingContext)

export function DrawingTools({ children }: { children: ReactNode }) {
  const [tool, take] = useState<Tool>(null)
  // a dialog that Escape closes has said so
  useEffect(() => {
    if (!tool) return
    const escape = (event: KeyboardEvent) => event.key === 'Escape' && !event.defaultPrevented && take(null)
    window.addEventListener('keydown', escape)
    return () => window.removeEventListener('keydown', escape)
  }, [tool])
  const drawing = useMemo(() => ({ tool, take }), [tool])
  return <DrawingContext.Provider value={drawing}>{children}</DrawingContext.Provider>
}
