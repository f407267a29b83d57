import type { ReactNode } from 'react'
import type { BuildStep } from '../api/client'
import { FigureText } from '../house/FigureText'

type Props = { step: BuildStep; reading: number; picture?: ReactNode; children?: ReactNode }

/** One thing to do, to be read from across the table. */
export function NowAtTable({ step, reading, picture, children }: Props) {
  const now = step.readings[reading]
  return (
    <>
      {picture}
      <div className="max-w-2xl min-w-0">
        <h2 className="text-4xl leading-tight">{step.what}</h2>
        {step.how && <p className="mt-2 text-xl text-ink-soft">{step.how}</p>}
        {now && <Figures figures={now.figures} />}
        {now?.words && <p className="mt-2 text-3xl leading-snug">{now.words}</p>}
        {step.cautions.length > 0 && (
          <p className="mt-4 border-l-4 border-wrong ps-3 text-xl">{step.cautions.join(' ')}</p>
        )}
        {children}
        {step.why && <p className="mt-4 text-xl text-ink-soft italic">{step.why}</p>}
      </div>
    </>
  )
}

type Figured = BuildStep['readings'][number]['figures']

function Figures({ figures }: { figures: Figured }) {
  // at one setting of the fence several stretches: the setting is read from afar, the rest at the board
  if (figures.length > 4) {
    return (
      <>
        <Row figures={figures.slice(0, 1)} size="text-[7rem]" />
        <Row figures={figures.slice(1)} size="text-[2.75rem]" />
      </>
    )
  }
  return <Row figures={figures} size={SIZES[figures.length] ?? 'text-[4.5rem]'} />
}

/** By how many stand in a row. */
const SIZES = ['', 'text-[8.5rem]', 'text-[6rem]']

function Row({ figures, size }: { figures: Figured; size: string }) {
  if (figures.length === 0) return null
  return (
    <p className={`mt-3 flex flex-wrap items-center gap-x-[0.3em] gap-y-2 leading-none ${size}`}>
      {stretches(figures).map((stretch) => (
        <span key={stretch[0].i} className="inline-flex items-center gap-x-[0.2em] whitespace-nowrap">
          {stretch.map(({ figure, word, i }) => (
            <span key={i} className="inline-flex items-center gap-[0.2em]">
              {word && <span className="figure text-[0.5em]">{word}</span>}
              <FigureText figure={figure} unit={i === figures.length - 1} />
            </span>
          ))}
        </span>
      ))}
    </p>
  )
}

type Placed = Figured[number] & { i: number }

/** What runs from one figure to the next stays on one line. */
function stretches(figures: Figured) {
  return figures.reduce<Placed[][]>((all, figure, i) => {
    const placed = { ...figure, i }
    return figure.word === '–' && all.length > 0
      ? [...all.slice(0, -1), [...all[all.length - 1], placed]]
      : [...all, [placed]]
  }, [])
}
