import { useQueryClient } from '@tanstack/react-query'
import { createContext, useCallback, useContext, useEffect, useRef, useState } from 'react'
import { answered, api, type Card, type Moving } from '../api/client'
import { cardKey } from '../api/cards'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

export type Handle = Pick<Moving, 'kind' | 'piece' | 'index' | 'end'>
export type Place = { x: number; y: number }
type Held = { handle: Handle; snap: Moving['snap']; pushes: boolean; place: Place }

/** What the hand does: the card as it would be while a line is dragged, and what is said about it. */
export type Hand = {
  preview: Card | null
  words: string
  snap: Moving['snap']
  pushes: boolean
  setSnap: (snap: Moving['snap']) => void
  setPushes: (pushes: boolean) => void
  /** A line is taken hold of: what was put back before no longer counts. */
  take: () => void
  drag: (handle: Handle, place: Place, keys: { free: boolean; other: boolean }) => void
  drop: () => void
  /** How far closed the card in space is shown, which is all that is asked for of its motion meanwhile. */
  showing: { current: number }
  cancel: () => void
  nudge: (handle: Handle, divisions: number) => Promise<unknown>
  type: (handle: Handle, text: string, upText?: string) => Promise<unknown>
}

const HandContext = createContext<Hand | null>(null)
export const HandProvider = HandContext.Provider
export const useHandOf = () => useContext(HandContext)!

/**
 * Moves lines of a card. While one is dragged its last place is asked for, one question at a time; when it is let go the
 * card is kept so.
 */
export function useHand(id: string, inHand: CardInHand): Hand {
  const queries = useQueryClient()
  const say = useSay()
  const [preview, setPreview] = useState<Card | null>(null)
  const [words, setWords] = useState('')
  const [snap, setSnap] = useState<Moving['snap']>('MARKS')
  const [pushes, setPushes] = useState(false)
  const held = useRef<Held | null>(null)
  const asking = useRef(false)
  const dropped = useRef(false)
  const showing = useRef(0)

  const ask = useCallback(async () => {
    const now = held.current
    const card = queries.getQueryData<Card>(cardKey(id))
    if (asking.current || !now || !card) return
    asking.current = true
    try {
      const moved = await answered(
        api.POST('/api/cards/{id}/hand', {
          params: { path: { id } },
          body: { ...now.handle, snap: now.snap, pushes: now.pushes, acrossMm: now.place.x, upMm: now.place.y, revision: card.revision, closed: showing.current, keep: false },
        }),
      )
      if (held.current && !dropped.current) {
        setPreview(moved.card)
        setWords(moved.words)
      }
    } catch (cause) {
      setWords((cause as Error).message)
    } finally {
      asking.current = false
      if (held.current && held.current.place !== now.place && !dropped.current) void ask()
    }
  }, [id, queries])

  // put back: a pointer that is still down moves nothing until it takes hold anew
  const putBack = useRef(false)
  const cancel = useCallback(() => {
    putBack.current = true
    held.current = null
    setPreview(null)
  }, [])

  const drop = async () => {
    const now = held.current
    if (!now) return
    dropped.current = true
    held.current = null
    try {
      setWords(await inHand.move({ ...now.handle, snap: now.snap, pushes: now.pushes, acrossMm: now.place.x, upMm: now.place.y }))
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
    } finally {
      setPreview(null)
    }
  }

  useEffect(() => {
    const escape = (event: KeyboardEvent) => event.key === 'Escape' && held.current && cancel()
    window.addEventListener('keydown', escape)
    return () => window.removeEventListener('keydown', escape)
  }, [cancel])

  const typed = async (moving: Handle & Pick<Moving, 'divisions' | 'text' | 'upText'>) => setWords(await inHand.move({ ...moving, snap, pushes }))

  return {
    preview,
    words,
    snap,
    pushes,
    setSnap,
    setPushes,
    take: () => {
      putBack.current = false
    },
    drag: (handle, place, { free, other }) => {
      if (putBack.current) return
      dropped.current = false
      held.current = { handle, place, snap: free ? 'FREE' : snap, pushes: other ? !pushes : pushes }
      void ask()
    },
    drop: () => void drop(),
    showing,
    cancel,
    nudge: (handle, divisions) => typed({ ...handle, divisions }),
    type: (handle, text, upText) => typed({ ...handle, text, upText }),
  }
}
