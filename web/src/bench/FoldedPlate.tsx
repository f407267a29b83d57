import { lazy, memo, Suspense, useCallback, useEffect, useRef, useState } from 'react'
import type { Form, Piece } from '../api/client'
import { STRAIGHT, type Turn } from '../api/turn'
import { Boundary } from '../house/Boundary'
import { SizeText } from '../house/SizeText'
import { since } from '../house/motion'
import { useTurning } from '../house/turn'
import { TurnButtons } from '../house/TurnButtons'
import type { Dress } from '../papers/dress'
import { FlatObject } from './FlatObject'
import { useHeld } from './held'
import { drawsInSpace } from './space'

// three.js is heavy and only this needs it
const FoldedObject = lazy(() => import('./FoldedObject'))

const PLAY_MS = 1600

/** Steps of the motion; at rest it is shown at one of them, so that it does not start when a line is taken hold of. */
const STEPS = 16
/** How long it must be still to be drawn finely. */
const REST_MS = 250

type Props = { pieces: Piece[]; form: Form; dress?: Dress; showingRef?: { current: number } }

/** The card as an object, moved by one slider from flat to closed, or by playing it. */
export function FoldedPlate({ pieces, form, dress, showingRef }: Props) {
  'use memo'
  // while a line is held it will change again before long
  const held = useHeld()
  const [closed, setClosed] = useState((100 * Math.round(form.showing * STEPS)) / STEPS)
  useEffect(() => {
    if (showingRef) showingRef.current = closed / 100
  }, [closed, showingRef])
  const [turn, setTurn] = useState(STRAIGHT)
  const moving = useMoving(form, closed, turn) || held
  const playing = useRef(0)
  useEffect(() => () => cancelAnimationFrame(playing.current), [])

  const [inSpace, setInSpace] = useState(drawsInSpace)
  const drag = useTurning(turn, setTurn, false)
  const lost = useCallback(() => setInSpace(false), [])
  const flat = <FlatObject pieces={pieces} form={form} dress={dress} closed={closed / 100} />

  const play = () => {
    cancelAnimationFrame(playing.current)
    const to = closed > 50 ? 0 : 100
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
      setClosed(to)
      return
    }
    const begun = performance.now()
    const step = (now: number) => {
      const part = Math.min(1, since(begun, now) / PLAY_MS)
      setClosed(closed + (to - closed) * part)
      if (part < 1) playing.current = requestAnimationFrame(step)
    }
    playing.current = requestAnimationFrame(step)
  }

  const pose = useCallback((to: number) => {
    cancelAnimationFrame(playing.current)
    setClosed(to)
  }, [])

  return (
    <section aria-label="Folded" className="plate">
      {inSpace ? (
        <Boundary instead={() => flat}>
          <Suspense fallback={<div className="h-[20rem]" />}>
            <div className="cursor-grab" {...drag}>
              <FoldedObject
                pieces={pieces}
                form={form}
                dress={dress}
                closed={closed / 100}
                turn={turn}
                moving={moving}
                onLost={lost}
              />
            </div>
          </Suspense>
          <div className="relative -mt-9">
            <TurnButtons turn={turn} onTurn={setTurn} />
          </div>
        </Boundary>
      ) : (
        flat
      )}
      <div className="mt-1 flex items-center gap-3">
        <button type="button" className="slip w-28" onClick={play}>
          {closed > 50 ? 'Open it' : 'Close it'}
        </button>
        <Slider from={form.stations[0].name.toLowerCase()} closed={Math.round(closed)} slide={pose} />
      </div>
      {form.stations.length > 2 && (
        <div className="mt-1 flex flex-wrap gap-x-4" role="group" aria-label="Poses">
          {form.stations.map(({ name, at, flat }) => (
            <span key={name} className="inline-flex items-center gap-x-2">
              <button
                type="button"
                aria-pressed={Math.round(closed) === Math.round(at * 100)}
                className="min-h-11 text-base underline underline-offset-4 aria-pressed:font-semibold aria-pressed:no-underline"
                onClick={() => pose(at * 100)}
              >
                {name}
              </button>
              {flat && <SizeText size={flat} className="text-[1.1rem]" />}
            </span>
          ))}
        </div>
      )}
    </section>
  )
}

const Slider = memo(function Slider({
  from,
  closed,
  slide,
}: {
  from: string
  closed: number
  slide: (to: number) => void
}) {
  return (
    <label className="flex min-w-0 flex-1 items-center gap-2 text-base italic">
      {from}
      <input
        type="range"
        aria-label="How far it is closed"
        min={0}
        max={100}
        step={1}
        value={closed}
        className="h-11 min-w-0 flex-1 accent-ink"
        onChange={(event) => slide(Number(event.target.value))}
      />
      closed
    </label>
  )
})

/** Whether the card has just changed, moved or been turned. */
function useMoving(form: Form, closed: number, turn: Turn) {
  const [still, setStill] = useState<{ form: Form; closed: number; turn: Turn } | null>(null)
  useEffect(() => {
    const timer = setTimeout(() => setStill({ form, closed, turn }), REST_MS)
    return () => clearTimeout(timer)
  }, [form, closed, turn])
  return still?.form !== form || still.closed !== closed || still.turn !== turn
}
