import type { Proposal } from '../api/client'
import { SizeText } from '../house/SizeText'

type Props = { proposals: Proposal[]; onTake: (proposal: Proposal) => void; busy: boolean }

/** The cards that come of what the maker has, each drawn in its envelope, all to one scale. */
export function Proposals({ proposals, onTake, busy }: Props) {
  if (proposals.length === 0)
    return <p className="mt-4">No card of a useful size comes out of that. Try a larger sheet.</p>
  const longest = Math.max(
    ...proposals.map(({ finished, fit }) => Math.max(extent(finished), fit ? extent(fit.inside) : 0)),
  )
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

const BOUNDS: Record<Proposal['bound'], string> = {
  ENVELOPE: 'as large as the envelope takes',
  SHEET: 'as large as the sheet gives',
  GROOVES: 'every score on a groove of the board',
  MAKER: '',
}

/** Why this size: what comes out of the sheet, what takes it, what keeps it from being larger. */
function reason({ fit, pieces, cards, waste, yield: { count, sheet }, bound, onGrooves }: Proposal) {
  const each = pieces > 1 ? 'card' : ''
  const several = cards === 1 ? `one ${each} from ${sheet}` : `${cards} ${each}${each && 's'} from one ${sheet}`
  const left = cards > 0 ? `, ${Math.round(waste * 100)} % left over` : ''
  const from =
    cards > 0 ? several : count === 0 ? `too long for ${sheet}` : `its ${pieces} pieces want more than one ${sheet}`
  const into = fit ? `for ${fit.envelope}${fit.turned ? ', upright' : ''}` : 'no envelope listed takes it'
  const grooves = onGrooves && bound !== 'GROOVES' ? 'scores on the grooves' : ''
  return [from.replace(/ {2,}/g, ' ') + left, into, BOUNDS[bound], grooves].filter(Boolean).join('; ')
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
