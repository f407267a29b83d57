import { useEffect } from 'react'

type Steps = { undo: () => Promise<void>; redo: () => Promise<void> }

/** Ctrl or ⌘ with Z takes a step back, with Shift Z or Y forward again; fields being typed in keep theirs. */
export function useStepKeys({ undo, redo }: Steps, onProblem: (cause: Error) => void) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches('input:not([type=range]), textarea')
      if (typing || !(event.ctrlKey || event.metaKey)) return
      const key = event.key.toLowerCase()
      const step = key === 'y' || (key === 'z' && event.shiftKey) ? redo : key === 'z' ? undo : null
      if (!step) return
      event.preventDefault()
      step().catch(onProblem)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
