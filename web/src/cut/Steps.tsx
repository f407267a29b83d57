import { useEffect, useRef } from 'react'
import type { CutStep, PaperCut } from '../api/client'
import { FigureText } from '../house/FigureText'
import type { Walk } from './useWalk'

type Props = { paper: PaperCut; walk: Walk }

/** Cut after cut: the one to do now in large, all of them below. */
export function Steps({ paper, walk }: Props) {
  const { steps } = paper
  if (steps.length === 0) return null
  const now = walk.at > 0 ? steps[walk.at - 1] : null
  return (
    <div className="min-w-0 px-6 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="slip bg-paper" disabled={walk.at === 0} onClick={() => walk.go(walk.at - 1)}>
          Back
        </button>
        <button
          type="button"
          className="slip border-picked bg-paper font-semibold"
          disabled={walk.at === steps.length}
          onClick={() => walk.go(walk.at + 1)}
        >
          {walk.at === 0 ? 'First cut' : 'Next'}
        </button>
        <button type="button" className="slip bg-paper" onClick={() => walk.play(!walk.playing)}>
          {walk.playing ? 'Hold on' : 'Play them all'}
        </button>
        <span className="text-lg" aria-live="polite">
          {now
            ? `Step ${now.number} of ${steps.length}`
            : `${steps.length} ${steps.length === 1 ? 'step' : 'steps'} in all`}
        </span>
      </div>
      {now && <Now step={now} />}
      <List paper={paper} walk={walk} />
      <p className="plate-note mt-2 text-base">
        Cut away from your hand, along a metal rule; start in the middle of a sheet and go back and forth, or the blade
        wrinkles its edge. Cap the blade when you put it down.
      </p>
    </div>
  )
}

function Now({ step }: { step: CutStep }) {
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-1" role="group" aria-label="Now">
      {step.set && <FigureText figure={step.set} unit className="text-6xl" />}
      <p className="min-w-0 flex-1 basis-60 text-xl">
        {step.isSet && <span className="block text-base text-ink-soft italic">The fence stands there already.</span>}
        {step.doing}
        {step.notes.length > 0 && <span className="block text-base italic">{step.notes.join('; ')}.</span>}
      </p>
    </div>
  )
}

function List({ paper, walk }: Props) {
  const list = useRef<HTMLOListElement>(null)
  // the list alone moves, not the page with the sheets on it
  useEffect(() => {
    const current = list.current?.children.item(walk.at - 1)
    if (list.current && current instanceof HTMLElement) list.current.scrollTop = current.offsetTop - 60
  }, [walk.at])
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls is reached by keyboard
    <ol ref={list} aria-label="Steps" tabIndex={0} className="relative mt-3 max-h-72 overflow-y-auto">
      {paper.steps.map((step) => (
        <li key={step.number}>
          <button
            type="button"
            aria-current={step.number === walk.at ? 'step' : undefined}
            onClick={() => walk.go(step.number)}
            className="grid w-full grid-cols-[2rem_5rem_minmax(0,1fr)] items-baseline gap-x-2 border-b border-chalk-dim py-1.5 text-start text-lg hover:bg-picked-wash aria-[current=step]:bg-picked-wash"
          >
            <span className="figure-run text-xl">{step.number}</span>
            <span>
              {step.set && !step.isSet && <FigureText figure={step.set} unit className="text-xl" />}
              {step.isSet && <span className="text-base text-ink-soft italic">the same</span>}
            </span>
            <span className="leading-snug">{step.doing}</span>
          </button>
        </li>
      ))}
    </ol>
  )
}
