import { useState } from 'react'
import { useCardQuery, useSteps } from '../api/cards'
import type { Card, Step } from '../api/client'
import { FigureText } from '../house/FigureText'
import { NoSuchCard } from '../house/NoSuchCard'
import { PieceInHand } from './PieceInHand'
import { BackAndOn } from './BackAndOn'
import { TableHeader } from './TableHeader'
import { useTableKeys } from './useTableKeys'

/** At the table: one step at a time, to be read from across it; space or an arrow goes on. */
export function TablePage({ id }: { id: string }) {
  const card = useCardQuery(id)
  const steps = useSteps(id, card.data?.revision)
  const error = card.error ?? steps.error
  if (error) return <NoSuchCard id={id} error={error} />
  if (!card.data || !steps.data) return <p className="p-8 text-lg">Laying it out…</p>
  return <Walk card={card.data} steps={steps.data} />
}

function Walk({ card, steps }: { card: Card; steps: Step[] }) {
  const [wanted, setAt] = useState(0)
  const at = Math.min(wanted, steps.length - 1)
  const go = (by: number) => setAt(Math.max(0, Math.min(steps.length - 1, at + by)))
  useTableKeys(go)
  const step = steps[at]
  const piece = card.pieces[step.piece]
  return (
    <div className="flex min-h-dvh flex-col bg-chalk">
      <TableHeader
        card={card}
        title={`${card.name}, at the table`}
        at={`${piece.name}, ${at + 1} of ${steps.length}`}
        to={{ path: '/table/cut', name: 'Cut the sheets first' }}
      />
      <main className="flex flex-1 flex-col items-center justify-between gap-4 px-6 pt-4" aria-live="polite">
        <h2 className="text-5xl">{step.what}</h2>
        <Figures step={step} />
        <p className="min-h-10 text-center text-2xl text-ink-soft italic">{step.note}</p>
        <PieceInHand piece={piece} line={step.line} />
      </main>
      <BackAndOn at={at} count={steps.length} go={go} />
    </div>
  )
}

function Figures({ step }: { step: Step }) {
  const size = step.figures.length > 2 ? 'text-[5.5rem]' : 'text-[9rem]'
  return (
    <p className={`flex min-h-36 flex-wrap items-center justify-center gap-x-8 ${size}`}>
      {step.figures.map(({ figure, word }, i) => (
        <span key={i} className="inline-flex items-center gap-6">
          {word && <span className="figure text-[0.5em]">{word}</span>}
          <FigureText figure={figure} unit={i === step.figures.length - 1} />
        </span>
      ))}
    </p>
  )
}
