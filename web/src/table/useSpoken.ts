import { useEffect, useState } from 'react'

const KEPT = 'vantbreeze.spoken'

/** Whether what is to be done is read aloud; off until somebody wants it, and not offered where a browser can't. */
export function useSpoken(text: string) {
  const can = typeof speechSynthesis !== 'undefined'
  const [on, setOn] = useState(() => can && localStorage.getItem(KEPT) === 'on')
  useEffect(() => {
    if (!on || !text) return
    speechSynthesis.cancel()
    speechSynthesis.speak(new SpeechSynthesisUtterance(text))
    return () => speechSynthesis.cancel()
  }, [on, text])
  return {
    can,
    on,
    turn: () => {
      localStorage.setItem(KEPT, on ? 'off' : 'on')
      setOn(!on)
    },
  }
}
