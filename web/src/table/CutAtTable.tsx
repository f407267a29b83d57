import { useState } from 'react'
import { useCardQuery, useCutting } from '../api/cards'
import type { Card, CutStep, PaperCut } from '../api/client'
import { FigureText } from '../house/FigureText'
import { NoSuchCard } from '../house/NoSuchCard'
import { BackAndOn } from './BackAndOn'
import { SheetAtTable } from './SheetAtTable'
import { TableHeader } from './TableHeader'
import { useTableKeys } from './useTableKeys'

/** Cut by cut, to be read from across the table; space or an arrow goes on. */
export function CutAtTable({ id }: { id: string }) {
  const card = useCardQuery(id)
  const cutting = useCutting(id, card.data?.revision)
  const error = card.error ?? cutting.error
  if (error) return <NoSuchCard id={id} error={error} />
  if (!card.data || !cutting.data?.isDone) return <p className="p-8 text-lg">Laying out the sheets…</p>
  const all = cutting.data.papers.flatMap((paper) => paper.steps.map((step) => ({ paper, step })))
  return <Walk card={card.data} all={all} />
}

type Props = { card: Card; all: { paper: PaperCut; step: CutStep }[] }

function Walk({ card, all }: Props) {
  const [wanted, setAt] = useState(0)
  const at = Math.min(wanted, all.length - 1)
  const go = (by: number) => setAt(Math.max(0, Math.min(all.length - 1, at + by)))
  useTableKeys(go)
  const now = all.at(Math.max(0, at))
  return (
    <div className="flex min-h-dvh flex-col bg-chalk">
      <TableHeader
        card={card}
        title={`${card.name}, cutting at the table`}
        at={now && `${now.paper.name}, ${at + 1} of ${all.length}`}
        to={{ path: '/table', name: 'Piece by piece' }}
      />
      {now ? (
        <>
          <main
            className="flex flex-1 flex-col items-center justify-between gap-4 px-6 pt-4 lg:flex-row lg:justify-center lg:gap-14"
            aria-live="polite"
          >
            <div className="max-w-2xl">
              {now.step.set && (
                <p className="text-[7rem] leading-none sm:text-[9rem]">
                  <FigureText figure={now.step.set} unit />
                </p>
              )}
              {now.step.isSet && <p className="text-2xl text-ink-soft italic">The fence stands there already.</p>}
              <h2 className="mt-4 text-3xl leading-snug">{now.step.doing}</h2>
              {now.step.notes.length > 0 && <p className="mt-2 text-2xl italic">{now.step.notes.join('; ')}.</p>}
            </div>
            {now.step.stack >= 0 && <SheetAtTable paper={now.paper} step={now.step} />}
          </main>
          <BackAndOn at={at} count={all.length} go={go} />
        </>
      ) : (
        <main className="p-8 text-2xl">There is nothing to cut yet.</main>
      )}
    </div>
  )
}
