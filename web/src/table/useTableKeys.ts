import { useEffect } from 'react'

/** Space, arrows, and the page keys that foot pedals send; a button that is focused keeps its own. */
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
      const onButton = event.key === ' ' && event.target instanceof HTMLElement && event.target.matches('button, a')
      if (!way || onButton || event.ctrlKey || event.metaKey || event.altKey) return
      event.preventDefault()
      go(way)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
