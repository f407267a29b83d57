import { useState } from 'react'
import type { Building } from '../api/client'

type Props = {
  building: Building
  at: number
  go: (to: number) => void
  /** Puts a step before another one; −1 for the end. */
  move: (from: number, before: number) => void
}

/** Every step in its order: to go to, and to put elsewhere by dragging, or a place at a time. */
export function StepList({ building, at, go, move }: Props) {
  const { steps, progress } = building
  const [dragged, setDragged] = useState<number | null>(null)
  const [over, setOver] = useState<number | null>(null)
  const drop = (before: number) => {
    if (dragged !== null && before !== dragged && before !== dragged + 1) move(dragged, before)
    setDragged(null)
    setOver(null)
  }
  return (
    <ol>
      {steps.map((step, i) => (
        // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- what dragging does, its buttons do too
        <li
          key={step.id}
          draggable
          className={`flex flex-wrap items-center gap-x-3 border-t-2 py-1 ${over === i ? 'border-picked' : 'border-kraft-line'} ${dragged === i ? 'opacity-50' : ''}`}
          aria-current={i === at ? 'step' : undefined}
          onDragStart={(event) => {
            event.dataTransfer.effectAllowed = 'move'
            event.dataTransfer.setData('text/plain', step.what)
            setDragged(i)
          }}
          onDragEnd={() => {
            setDragged(null)
            setOver(null)
          }}
          onDragOver={(event) => {
            if (dragged === null) return
            event.preventDefault()
            setOver(i)
          }}
          onDrop={(event) => {
            event.preventDefault()
            drop(i)
          }}
        >
          <span aria-hidden className="cursor-grab px-1 text-xl text-ink-soft max-sm:hidden">
            ⠿
          </span>
          <span className="figure w-8 text-end text-lg">{i + 1}</span>
          <button
            type="button"
            className={`word min-h-11 flex-1 text-start text-lg ${i === at ? 'font-semibold' : ''}`}
            onClick={() => go(i)}
          >
            {step.what}
            {progress.done.includes(i) && <span className="text-ink-soft italic"> — done</span>}
          </button>
          <span className="text-base text-ink-soft max-sm:hidden">
            {step.tool}, {step.minutes}
          </span>
          <button
            type="button"
            className="word min-h-11 min-w-11"
            aria-label={`Earlier: ${step.what}`}
            disabled={i === 0}
            onClick={() => move(i, i - 1)}
          >
            ↑
          </button>
          <button
            type="button"
            className="word min-h-11 min-w-11"
            aria-label={`Later: ${step.what}`}
            disabled={i === steps.length - 1}
            onClick={() => move(i, i + 2)}
          >
            ↓
          </button>
        </li>
      ))}
    </ol>
  )
}
