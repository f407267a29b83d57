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

function Figures({ figures }: { figures: BuildStep['readings'][number]['figures'] }) {
  if (figures.length === 0) return null
  const size = figures.length > 2 ? 'text-[4.5rem]' : figures.length > 1 ? 'text-[6rem]' : 'text-[8.5rem]'
  return (
    <p className={`mt-3 flex flex-wrap items-center gap-x-6 leading-none ${size}`}>
      {figures.map(({ figure, word }, i) => (
        <span key={i} className="inline-flex items-center gap-4">
          {word && <span className="figure text-[0.5em]">{word}</span>}
          <FigureText figure={figure} unit={i === figures.length - 1} />
        </span>
      ))}
    </p>
  )
}
