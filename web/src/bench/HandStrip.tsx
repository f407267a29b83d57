import type { Card, DragCommand } from '../api/client'
import { type Told, useHandOf } from './useHand'

const SNAPS: { id: DragCommand['snap']; label: string }[] = [
  { id: 'GROOVES', label: 'grooves' },
  { id: 'MARKS', label: 'marks' },
  { id: 'FREE', label: 'anywhere' },
]

/** How the hand moves lines, said in one sentence whose words are pressed to change them. */
export function HandStrip({ card, told }: { card: Card; told: Told }) {
  'use memo'
  const hand = useHandOf()
  const hint = card.free ? 'drag or draw a line' : 'drag a score'
  return (
    <div
      className="relative flex flex-wrap items-center px-4 pt-2 text-base xl:gap-x-2"
      role="group"
      aria-label="How lines move"
    >
      <span>Lines stop at</span>
      {SNAPS.map(({ id, label }) => (
        <button
          key={id}
          type="button"
          className="word"
          aria-pressed={told.snap === id}
          onClick={() => hand.setSnap(id)}
        >
          {label}
        </button>
      ))}
      <span className="ms-1">neighbours</span>
      <button type="button" className="word" aria-pressed={!told.pushes} onClick={() => hand.setPushes(false)}>
        stay
      </button>
      <button type="button" className="word" aria-pressed={told.pushes} onClick={() => hand.setPushes(true)}>
        follow
      </button>
      {/* while a line is held nothing here can be pressed: what moves is told in its place, so that the sheet stays where it is */}
      <output
        className={`min-h-11 content-center ${told.preview ? 'absolute inset-0 bg-chalk px-4 text-end leading-tight' : 'ms-auto'}`}
        aria-label="What moved"
      >
        {told.words ? <strong className="text-lg">{told.words}</strong> : <span className="plate-note">{hint}</span>}
      </output>
      {told.preview && (
        <span aria-hidden className="plate-note absolute inset-y-0 start-0 content-center px-4">
          Alt: anywhere · Shift: neighbours the other way · Esc: back
        </span>
      )}
      {told.preview && (
        <span aria-hidden className="plate-note invisible ms-auto min-h-11 content-center">
          {hint}
        </span>
      )}
    </div>
  )
}
