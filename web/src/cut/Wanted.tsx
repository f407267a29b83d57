import type { PaperCut } from '../api/client'
import { picking, usePicked } from '../bench/picked'
import { SizeText } from '../house/SizeText'
import type { Walk } from './useWalk'

type Props = { paper: PaperCut; walk: Walk }

/** What is cut from this paper; what is pointed at lights on the sheets and on the card. */
export function Wanted({ paper, walk }: Props) {
  const { pick, picked } = usePicked()
  const now = walk.at > 0 ? paper.steps[walk.at - 1].blanks : []
  return (
    <section aria-label="Pieces" className="bg-chalk px-5 py-4">
      <h2 className="text-xl">From this paper</h2>
      <ul className="mt-1">
        {paper.blanks.map((blank, i) => {
          const isLit = picked?.kind === 'panels' && picked.indices === blank.panels
          return (
            <li key={i}>
              <button
                type="button"
                data-lit={isLit || now.includes(i) || undefined}
                className="grid w-full grid-cols-[minmax(2.2rem,auto)_minmax(0,1fr)] items-baseline gap-x-3 border-b border-chalk-dim py-1.5 text-start data-lit:bg-picked-wash"
                {...picking(pick, { kind: 'panels', indices: blank.panels })}
              >
                <span className={blank.numbered ? 'figure-run text-2xl' : 'text-lg'}>{blank.label}</span>
                <span>
                  <span className="figure-run text-lg">{blank.count === 1 ? 'one of ' : `${blank.count} of `}</span>
                  <SizeText size={blank.size} className="text-xl" />
                  {blank.numbered && <span className="block text-base text-ink-soft">{blank.where}</span>}
                </span>
              </button>
            </li>
          )
        })}
      </ul>
      {paper.largestRest && (
        <p className="mt-2 text-lg">
          Left over, the largest: <SizeText size={paper.largestRest} className="text-xl" />
        </p>
      )}
    </section>
  )
}
