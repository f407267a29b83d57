import { useEffect } from 'react'

/** Space, arrows, and the page keys that foot pedals send; what is focused keeps its own. */
export function useTableKeys(go: (by: number) => void, on: boolean) {
  useEffect(() => {
    if (!on) return
    const ways: Record<string, number> = {
      ' ': 1,
      ArrowRight: 1,
      ArrowDown: 1,
      PageDown: 1,
      ArrowLeft: -1,
      ArrowUp: -1,
      PageUp: -1,
    }
    const press = (event: KeyboardEvent) => {
      const way = ways[event.key]
      const own = event.key === ' ' ? 'button, a, select, input' : 'select, input'
      const isTheirs = event.target instanceof HTMLElement && event.target.matches(own)
      if (!way || isTheirs || event.ctrlKey || event.metaKey || event.altKey) return
      event.preventDefault()
      go(way)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
