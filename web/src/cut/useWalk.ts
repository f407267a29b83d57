import { useEffect, useState } from 'react'

const STEP_MS = 1300

/** A walk through the steps of one paper: at none before the first, each by each, or by itself. */
export type Walk = { at: number; go: (to: number) => void; playing: boolean; play: (on: boolean) => void }

export function useWalk(count: number, of: string): Walk {
  const [state, set] = useState({ of, at: 0, playing: false })
  // another paper begins anew
  const here = state.of === of ? state : { of, at: 0, playing: false }
  const at = Math.min(here.at, count)
  const playing = here.playing && at < count
  useEffect(() => {
    if (!playing) return
    const timer = setTimeout(() => set({ of, at: at + 1, playing: true }), at === 0 ? 0 : STEP_MS)
    return () => clearTimeout(timer)
  }, [playing, at, of])
  return {
    at,
    playing,
    go: (to) => set({ of, at: Math.max(0, Math.min(count, to)), playing: false }),
    play: (on) => set({ of, at: on && at === count ? 0 : at, playing: on }),
  }
}
