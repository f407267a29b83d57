import { useEffect } from 'react'

/** The screen stays on while hands are busy, where the browser can do that. */
export function useAwake() {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | undefined
    let gone = false
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (gone) void given.release()
          else lock = given
        },
        // a browser may refuse, with little battery left; the screen goes dark then as it always did
        () => undefined,
      )
    }
    ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [])
}
