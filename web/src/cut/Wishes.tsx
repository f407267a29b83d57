import type { CutCommand, Cutting, PaperCut } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { Choice } from '../house/Choice'
import { FigureField } from '../house/FigureField'
import { useAttempt } from '../house/Notices'
import { SizeText } from '../house/SizeText'

type Props = { cutting: Cutting; paper: PaperCut; inHand: CardInHand }

/** What is wished of the plan, and which sheets it may take. */
export function Wishes({ cutting, paper, inHand }: Props) {
  const attempt = useAttempt()
  const now = { offcutsFirst: cutting.offcutsFirst, grain: cutting.grain, squared: cutting.squared.text }
  const wish = (change: Partial<CutCommand>) => inHand.cut({ what: 'WISH', ...now, ...change })
  return (
    <section aria-label="Sheets to cut from" className="bg-chalk px-6 py-4">
      <h2 className="text-xl">Sheets to cut from</h2>
      <SheetList sheets={paper.sheets.filter(({ listed }) => listed)} paper={paper} inHand={inHand} />
      <details className="mt-1">
        <summary className="inline-flex min-h-11 cursor-pointer items-center text-lg underline underline-offset-4">
          Other sizes
        </summary>
        <SheetList sheets={paper.sheets.filter(({ listed }) => !listed)} paper={paper} inHand={inHand} />
      </details>
      <div className="mt-3 flex flex-wrap items-end gap-x-8 gap-y-2">
        <label className="inline-flex min-h-11 items-center gap-2 text-lg">
          <input
            type="checkbox"
            className="size-5 accent-picked"
            checked={cutting.offcutsFirst}
            onChange={(event) => attempt(wish({ offcutsFirst: event.target.checked }))}
          />
          Offcuts before sheets
        </label>
        {paper.heavy && (
          <Choice
            label="Folds along the grain"
            value={cutting.grain}
            onChoose={(grain) => attempt(wish({ grain: grain as CutCommand['grain'] }))}
          >
            <option value="RULE">always</option>
            <option value="WISH">where it takes no more sheets</option>
            <option value="NONE">never mind</option>
          </Choice>
        )}
        <span className="inline-flex items-center gap-2 text-lg">
          Trim off each edge first
          <FigureField
            label="Trim off each edge first"
            figure={cutting.squared}
            className="text-xl"
            onWrite={(squared) => wish({ squared })}
            onMove={() => Promise.resolve()}
          />
        </span>
        {cutting.pinned > 0 && (
          <button type="button" className="slip bg-paper" onClick={() => attempt(inHand.cut({ what: 'LET_ALL_GO' }))}>
            {cutting.pinned === 1 ? 'Let the pinned piece go' : `Let all ${cutting.pinned} pinned pieces go`}
          </button>
        )}
      </div>
    </section>
  )
}

type ListProps = { sheets: PaperCut['sheets']; paper: PaperCut; inHand: CardInHand }

function SheetList({ sheets, paper, inHand }: ListProps) {
  const attempt = useAttempt()
  const use = (sheet: string, as: string) =>
    attempt(
      inHand.cut({
        what: 'SHEET',
        paper: paper.paper,
        sheet,
        use: as === 'NONE' ? undefined : (as as CutCommand['use']),
      }),
    )
  return (
    <ul className="mt-1">
      {sheets.map((sheet) => (
        <li
          key={sheet.id}
          className="grid grid-cols-1 items-center gap-x-4 border-b border-chalk-dim py-1 sm:grid-cols-[minmax(0,1fr)_auto_auto]"
        >
          <span className="text-lg">
            {sheet.name}, <SizeText size={sheet.size} />
            {sheet.words && <span className="text-base text-ink-soft"> ({sheet.words})</span>}
          </span>
          <span className="text-lg">{sheet.used > 0 && `${sheet.used} used`}</span>
          <Choice
            label={`How ${sheet.name} is used`}
            quiet
            value={sheet.use ?? 'NONE'}
            onChoose={(as) => use(sheet.id, as)}
          >
            {sheet.listed && sheet.use !== 'ADDED' ? (
              <>
                <option value="NONE">as it comes</option>
                <option value="FIRST">before others</option>
                <option value="BANNED">not at all</option>
              </>
            ) : (
              <>
                <option value="NONE">not for this paper</option>
                <option value="ADDED">for this paper too</option>
              </>
            )}
          </Choice>
        </li>
      ))}
    </ul>
  )
}
