import { FigureText } from '../house/FigureText'
import { SheetAtTable } from './SheetAtTable'
import type { Cuts } from './useTableWalk'

/** One cut of a sheet, to be read from across the table. */
export function CutNow({ cuts, at }: { cuts: Cuts; at: number }) {
  const step = cuts.steps[at]
  return (
    <>
      {step.stack >= 0 && <SheetAtTable paper={cuts.paper} step={step} />}
      <div className="max-w-2xl">
        {step.set && (
          <p className="text-[7rem] leading-none sm:text-[9rem]">
            <FigureText figure={step.set} unit />
          </p>
        )}
        {step.isSet && <p className="text-2xl text-ink-soft italic">The fence stands there already.</p>}
        <h2 className="mt-4 text-3xl leading-snug">{step.doing}</h2>
        {step.notes.length > 0 && <p className="mt-2 text-2xl italic">{step.notes.join('; ')}.</p>}
      </div>
    </>
  )
}
