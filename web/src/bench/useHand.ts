import { replaceEqualDeep, useQueryClient } from '@tanstack/react-query'
import { createContext, useContext, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { cardKey } from '../api/cards'
import type { Card, DragCommand } from '../api/client'
import { type HandLine, openHandLine } from '../api/handLine'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

export type Handle = Pick<DragCommand, 'kind' | 'piece' | 'index' | 'end'>
export type Place = { x: number; y: number }
type Held = { handle: Handle; snap: DragCommand['snap']; pushes: boolean; place: Place }

/** What the hand can do; the same from one move to the next, so that what only needs this is not drawn again. */
export type Hand = {
  /** A line is taken hold of: what was put back before no longer counts. */
  take: () => void
  drag: (handle: Handle, place: Place, keys: { free: boolean; other: boolean }) => void
  drop: () => void
  cancel: () => void
  nudge: (handle: Handle, divisions: number) => Promise<unknown>
  /** Of a slit or slanted score, or an end of it. */
  nudgeUp: (handle: Handle, divisions: number) => Promise<unknown>
  type: (handle: Handle, text: string, upText?: string) => Promise<unknown>
  setSnap: (snap: DragCommand['snap']) => void
  setPushes: (pushes: boolean) => void
  /** How far closed the card in space is shown, which is all that is asked for of its motion meanwhile. */
  showing: { current: number }
}

/** What is told of it: the card as it would be while a line is dragged, what is said about it, and how lines move. */
export type Told = { preview: Card | null; words: string; snap: DragCommand['snap']; pushes: boolean }

const HandContext = createContext<Hand | null>(null)
export const HandProvider = HandContext.Provider
export const useHandOf = () => useContext(HandContext)!

/**
 * Moves lines of a card. While one is dragged its last place is asked for, one question at a time; when it is let go the
 * card is kept so.
 */
export function useHand(id: string, inHand: CardInHand): { hand: Hand; told: Told } {
  const queries = useQueryClient()
  const say = useSay()
  const [preview, setPreview] = useState<Card | null>(null)
  // of the card as it was left then: once something else was done to it they are old
  const [said, setSaid] = useState({ words: '', revision: 0 })
  const [snap, setSnap] = useState<DragCommand['snap']>('MARKS')
  const [pushes, setPushes] = useState(false)
  const now = useRef({ snap, pushes, inHand, say })
  useLayoutEffect(() => {
    now.current = { snap, pushes, inHand, say }
  })

  const line = useRef<HandLine>(null)
  useEffect(() => {
    line.current = openHandLine(id)
    return () => line.current?.close()
  }, [id])

  const hand = useMemo<Hand>(() => {
    let held: Held | null = null
    let asking = false
    let dropped = false
    // put back: a pointer that is still down moves nothing until it takes hold anew
    let putBack = false
    const showing = { current: 0 }

    const ask = async () => {
      const asked = held
      const card = queries.getQueryData<Card>(cardKey(id))
      if (asking || !asked || !card) return
      // eslint-disable-next-line react-hooks/immutability -- made once for a card: what is in the hand is kept in here
      asking = true
      try {
        const { snap, pushes, place } = asked
        const moved = await line.current!.ask({
          ...asked.handle,
          snap,
          pushes,
          acrossMm: place.x,
          upMm: place.y,
          revision: card.revision,
          closed: showing.current,
          keep: false,
        })
        if (held && !dropped) {
          // at once, so that it is in the very next frame
          flushSync(() => {
            // what did not change stays the very same, so that it is not drawn again
            setPreview((before) => replaceEqualDeep<Card>(before ?? card, moved.card))
            setSaid({ words: moved.words, revision: card.revision })
          })
        }
      } catch (cause) {
        setSaid({ words: (cause as Error).message, revision: card.revision })
      } finally {
        asking = false
        if (held && held.place !== asked.place && !dropped) void ask()
      }
    }

    const tell = (words: string) => setSaid({ words, revision: queries.getQueryData<Card>(cardKey(id))?.revision ?? 0 })

    const drop = async () => {
      const last = held
      if (!last) return
      dropped = true
      held = null
      try {
        tell(
          await now.current.inHand.move({
            ...last.handle,
            snap: last.snap,
            pushes: last.pushes,
            acrossMm: last.place.x,
            upMm: last.place.y,
          }),
        )
      } catch (cause) {
        now.current.say({ text: (cause as Error).message, wrong: true })
      } finally {
        setPreview(null)
      }
    }

    const typed = async (moving: Handle & Pick<DragCommand, 'divisions' | 'divisionsUp' | 'text' | 'upText'>) =>
      tell(await now.current.inHand.move({ ...moving, snap: now.current.snap, pushes: now.current.pushes }))

    return {
      take: () => {
        putBack = false
      },
      drag: (handle, place, { free, other }) => {
        if (putBack) return
        dropped = false
        const { snap, pushes } = now.current
        held = { handle, place, snap: free ? 'FREE' : snap, pushes: other ? !pushes : pushes }
        void ask()
      },
      drop: () => void drop(),
      cancel: () => {
        putBack = true
        held = null
        setPreview(null)
      },
      nudge: (handle, divisions) => typed({ ...handle, divisions }),
      nudgeUp: (handle, divisionsUp) => typed({ ...handle, divisionsUp }),
      type: (handle, text, upText) => typed({ ...handle, text, upText }),
      setSnap,
      setPushes,
      showing,
    }
  }, [id, queries])

  useEffect(() => {
    const escape = (event: KeyboardEvent) => event.key === 'Escape' && hand.cancel()
    window.addEventListener('keydown', escape)
    return () => window.removeEventListener('keydown', escape)
  }, [hand])

  const kept = inHand.query.data?.revision
  return { hand, told: { preview, words: preview || said.revision === kept ? said.words : '', snap, pushes } }
}
