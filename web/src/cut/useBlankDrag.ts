import { type PointerEvent as ReactPointerEvent, useCallback, useEffect, useRef, useState } from 'react'
import { answered, api, type Laid, type PaperCut, type SheetStack } from '../api/client'

/** A blank that is held: over which stack, where its lower left corner is and would come to, and why it can't lie there. */
export type Ghost = { laid: Laid; stack: number; x: number; y: number; why?: string }

type Held = { laid: Laid; grabX: number; grabY: number; fromX: number; fromY: number; moved: boolean; pointer: number }

/** So far the pointer moves before it is a drag and no press, pixels. */
const SLACK = 5

/**
 * Drags a blank over the sheets. Where it would come to is asked while it is held, one question at a time; letting go puts it
 * there.
 */
export function useBlankDrag(
  card: string,
  paper: PaperCut,
  onPut: (laid: Laid, to: SheetStack, x: number, y: number) => void,
) {
  const [ghost, setGhost] = useState<Ghost | null>(null)
  const held = useRef<Held | null>(null)
  const asking = useRef(false)

  const place = useCallback((event: PointerEvent, one: Held) => {
    const drawn = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((element) => element.closest<SVGSVGElement>('svg[data-stack]'))
      .find((element) => element !== null)
    if (!drawn) return null
    const box = drawn.getBoundingClientRect()
    const scale = Number(drawn.dataset.scale)
    const x = (event.clientX - box.left) / scale - Number(drawn.dataset.left) - one.grabX
    const y = (box.bottom - event.clientY) / scale - Number(drawn.dataset.foot) - one.grabY
    return { laid: one.laid, stack: Number(drawn.dataset.stack), x, y }
  }, [])

  useEffect(() => {
    const ask = async (there: Ghost) => {
      if (asking.current) return
      asking.current = true
      const stack = paper.stacks[there.stack]
      const body = {
        revision: 0,
        what: 'PUT' as const,
        paper: paper.paper,
        blank: there.laid.blank,
        copy: there.laid.copy,
        sheet: stack.sheet,
        nth: stack.nth,
        x: there.x,
        y: there.y,
        turned: there.laid.turned,
      }
      try {
        const tried = await answered(
          api.POST('/api/cards/{id}/cutting/tried', { params: { path: { id: card } }, body }),
        )
        setGhost((now) => (now && now.stack === there.stack ? { ...now, ...tried } : now))
      } catch {
        // it is told when it is let go
      } finally {
        asking.current = false
      }
    }
    const move = (event: PointerEvent) => {
      const one = held.current
      if (!one || event.pointerId !== one.pointer) return
      one.moved ||= Math.hypot(event.clientX - one.fromX, event.clientY - one.fromY) > SLACK
      if (!one.moved) return
      const there = place(event, one)
      setGhost((now) => there && { ...there, why: now?.stack === there.stack ? now.why : undefined })
      if (there) void ask(there)
    }
    const end = (event: PointerEvent) => {
      const one = held.current
      if (!one || event.pointerId !== one.pointer) return
      held.current = null
      setGhost(null)
      const there = one.moved && event.type === 'pointerup' ? place(event, one) : null
      if (there) onPut(one.laid, paper.stacks[there.stack], there.x, there.y)
    }
    const leave = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || !held.current) return
      held.current = null
      setGhost(null)
    }
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', end)
    window.addEventListener('pointercancel', end)
    window.addEventListener('keydown', leave)
    return () => {
      window.removeEventListener('pointermove', move)
      window.removeEventListener('pointerup', end)
      window.removeEventListener('pointercancel', end)
      window.removeEventListener('keydown', leave)
    }
  }, [card, paper, onPut, place])

  const take = (event: ReactPointerEvent<SVGElement>, laid: Laid) => {
    const drawn = event.currentTarget.closest<SVGSVGElement>('svg[data-stack]')
    if (!drawn || event.button !== 0 || laid.shared) return
    const box = drawn.getBoundingClientRect()
    const scale = Number(drawn.dataset.scale)
    held.current = {
      laid,
      grabX: (event.clientX - box.left) / scale - Number(drawn.dataset.left) - laid.area.x,
      grabY: (box.bottom - event.clientY) / scale - Number(drawn.dataset.foot) - laid.area.y,
      fromX: event.clientX,
      fromY: event.clientY,
      moved: false,
      pointer: event.pointerId,
    }
  }
  return { ghost, take }
}
