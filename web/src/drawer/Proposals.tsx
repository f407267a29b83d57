import type { Proposal } from '../api/client'
import { SizeText } from '../house/SizeText'

type Props = { proposals: Proposal[]; onTake: (proposal: Proposal) => void; busy: boolean }

/** The cards that come of what the maker has, each drawn in its envelope, all to one scale. */
export function Proposals({ proposals, onTake, busy }: Props) {
  if (proposals.length === 0) return <p className="mt-4">No card of a useful size comes out of that. Try a larger sheet.</p>
  const longest = Math.max(...proposals.map(({ finished, fit }) => Math.max(extent(finished), fit ? extent(fit.inside) : 0)))
  return (
    <ul className="mt-5 divide-y divide-kraft-line border-y border-kraft-line" aria-label="Cards that fit">
      {proposals.map((proposal) => (
        <li key={proposal.finished.width.text + proposal.finished.height.text}>
          <button
            type="button"
            disabled={busy}
            className="grid w-full grid-cols-[7.5rem_1fr] items-center gap-4 py-3 text-start hover:bg-picked-wash"
            onClick={() => onTake(proposal)}
          >
            <InEnvelope proposal={proposal} longest={longest} />
            <span>
              <SizeText size={proposal.finished} className="text-2xl" />
              <span className="block text-base text-ink-soft">{reason(proposal)}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  )
}

function extent(size: Proposal['finished']) {
  return Math.max(size.width.mm, size.height.mm)
}

function reason({ fit, pieces, yield: { count, sheet }, bound }: Proposal) {
  const from = count === 0 ? `too long for ${sheet}` : count === 1 ? `one from ${sheet}` : `${count} from one ${sheet}`
  // nothing is promised about the smaller pieces, which may want a sheet of their own
  const cut = pieces > 1 ? `largest piece of ${pieces}: ${from}` : from
  const into = fit ? `for ${fit.envelope}${fit.turned ? ', upright' : ''}` : 'no envelope listed takes it'
  const why = bound === 'ENVELOPE' ? 'as large as the envelope takes' : bound === 'SHEET' ? 'as large as the sheet gives' : ''
  return [cut, into, why].filter(Boolean).join('; ')
}

function InEnvelope({ proposal: { finished, fit }, longest }: { proposal: Proposal; longest: number }) {
  const inside = fit ? (fit.turned ? { width: fit.inside.height, height: fit.inside.width } : fit.inside) : finished
  const scale = 112 / longest
  const [width, height] = [inside.width.mm * scale, inside.height.mm * scale]
  const [cardWidth, cardHeight] = [finished.width.mm * scale, finished.height.mm * scale]
  return (
    <svg width={width + 2} height={height + 2} className="mx-auto" aria-hidden>
      {fit && <rect x={1} y={1} width={width} height={height} className="fill-kraft stroke-ink" strokeWidth={1} />}
      <rect
        x={1 + (width - cardWidth) / 2}
        y={1 + (height - cardHeight) / 2}
        width={cardWidth}
        height={cardHeight}
        className="fill-paper stroke-ink"
        strokeWidth={1}
      />
    </svg>
  )
}
