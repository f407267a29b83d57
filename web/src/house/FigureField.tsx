import { type KeyboardEvent, useEffect, useId, useLayoutEffect, useRef, useState } from 'react'
import { type Figure, Problem, spoken, type WayOut, wordsOf } from '../api/client'
import { FigureText } from './FigureText'
import { ProblemBox } from './ProblemBox'

type Props = {
  label: string
  figure: Figure
  /** Sends what was typed; throws a Problem when it can't be. */
  onWrite: (text: string) => Promise<unknown>
  /** Moves by so many marks of the ruler. */
  onMove: (divisions: number) => Promise<unknown>
  /** Goes a way out that the refusal offered. */
  onWay?: (way: WayOut) => Promise<unknown>
  onAttend?: (attending: boolean) => void
  /** Whether it is locked. */
  held?: boolean
  /** Without its unit, where others beside it say it. */
  bare?: boolean
  /** Other keys pressed on it. */
  keys?: Record<string, () => void>
  /** What keys do on it, shown to those who come there by key. */
  hint?: string
  className?: string
}

/**
 * A figure that is edited where it stands: press it, type over it, Enter. Arrow up and down move it by a mark.
 * What can't be taken stays as typed, with the reason beside it; Escape goes back.
 */
export function FigureField({
  label,
  figure,
  onWrite,
  onMove,
  onWay,
  onAttend,
  held = false,
  bare = false,
  keys = {},
  hint,
  className = '',
}: Props) {
  'use memo'
  const [typed, setTyped] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [ways, setWays] = useState<WayOut[]>([])
  const field = useRef<HTMLInputElement>(null)
  const face = useRef<HTMLButtonElement>(null)
  const refocus = useRef(false)
  const problemId = useId()
  const [box, toRight] = useWithin(problem)

  useEffect(() => {
    if (typed === null && refocus.current) {
      refocus.current = false
      face.current?.focus()
    }
  }, [typed])

  const tell = (cause: unknown) => {
    setProblem(wordsOf(cause))
    setWays(cause instanceof Problem ? cause.ways : [])
  }

  const go = (way: WayOut) =>
    onWay?.(way).then(() => {
      refocus.current = true
      setTyped(null)
      setProblem(null)
    }, tell)

  const write = async () => {
    if (typed === null) return
    if (typed.trim() === figure.text) {
      setTyped(null)
      setProblem(null)
      return
    }
    try {
      await onWrite(typed)
      setTyped(null)
      setProblem(null)
    } catch (cause) {
      tell(cause)
    }
  }

  const move = (divisions: number) => {
    setProblem(null)
    onMove(divisions).catch(tell)
  }

  const steps: Record<string, number> = {
    ArrowUp: 1,
    ArrowRight: 1,
    ArrowDown: -1,
    ArrowLeft: -1,
    PageUp: 8,
    PageDown: -8,
  }

  const faceKeys = (event: KeyboardEvent) => {
    if (event.key in steps) {
      event.preventDefault()
      move(steps[event.key])
    } else if (event.key in keys) {
      event.preventDefault()
      keys[event.key]()
    } else if (event.key.length === 1 && /[\d.,½¼¾]/.test(event.key) && !event.ctrlKey && !event.metaKey) {
      event.preventDefault()
      setTyped(event.key)
    }
  }

  const fieldKeys = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      refocus.current = true
      void write()
    } else if (event.key === 'Escape') {
      refocus.current = true
      setTyped(null)
      setProblem(null)
    }
  }

  return (
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions -- only notices where the focus inside it is
    <span
      className={`relative inline-block ${className}`}
      onFocus={() => onAttend?.(true)}
      onBlur={() => onAttend?.(false)}
    >
      {typed === null ? (
        <button
          ref={face}
          type="button"
          aria-label={`${label}: ${spoken(figure)}. Press to change.`}
          aria-describedby={problem ? problemId : undefined}
          className={`peer min-h-11 min-w-11 border-b-2 border-dotted px-1.5 hover:border-solid hover:border-picked hover:text-picked ${problem ? 'border-wrong' : 'border-ink-soft'}`}
          onClick={() => setTyped(figure.text)}
          onKeyDown={faceKeys}
        >
          <FigureText figure={figure} unit={!bare} />
          {held && <span className="ms-1 font-text text-base italic">locked</span>}
        </button>
      ) : (
        <input
          ref={field}
          data-figure
          autoFocus
          aria-label={label}
          aria-invalid={problem !== null}
          aria-describedby={problem ? problemId : undefined}
          className={`figure min-h-11 w-36 border-b-2 bg-paper px-1.5 ${problem ? 'border-wrong' : 'border-picked'}`}
          value={typed}
          maxLength={60}
          onFocus={(event) => typed === figure.text && event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={fieldKeys}
          onBlur={() => void write()}
        />
      )}
      {hint && typed === null && !problem && (
        <span
          aria-hidden
          className="plate-note absolute top-full left-0 z-10 hidden bg-chalk px-2 font-text text-base whitespace-nowrap peer-focus-visible:block"
        >
          {hint}
        </span>
      )}
      {problem && (
        <span ref={box} className={`absolute top-full z-10 mt-1 block w-72 ${toRight ? 'right-0' : 'left-0'}`}>
          <ProblemBox
            id={problemId}
            className="block text-start font-text text-base leading-snug whitespace-normal text-ink"
          >
            {problem}
          </ProblemBox>
          {onWay && ways.length > 0 && (
            <span className="flex flex-col items-start gap-1 bg-wrong-wash px-3 pb-2 font-text text-base">
              {ways.map((way) => (
                // taken before the figure above notices that it was left
                <button
                  key={way.label}
                  type="button"
                  className="slip bg-paper text-start whitespace-normal"
                  onPointerDown={(event) => event.preventDefault()}
                  onClick={() => void go(way)}
                >
                  {way.label}
                </button>
              ))}
            </span>
          )}
        </span>
      )}
    </span>
  )
}

/** Whether what hangs below a figure has to end with it, as it would otherwise hang out of its part of the page. */
function useWithin(shown: unknown) {
  const box = useRef<HTMLSpanElement>(null)
  const [toRight, setToRight] = useState(false)
  useLayoutEffect(() => {
    const hung = box.current
    if (!hung) return
    const part = (hung.closest('section, [role=dialog]') ?? document.body).getBoundingClientRect()
    const figure = hung.parentElement!.getBoundingClientRect()
    setToRight(figure.left + hung.offsetWidth > part.right && figure.right - hung.offsetWidth > 0)
  }, [shown])
  return [box, toRight] as const
}
