import { memo, useState } from 'react'
import { useStock } from '../api/cards'
import type { Card, Fit, Point } from '../api/client'
import { EnvelopeOptions } from '../drawer/EnvelopeOptions'
import { Choice } from '../house/Choice'
import { outline } from '../house/outline'
import { FigureText } from '../house/FigureText'
import { colourOf, onPaper } from '../papers/dress'
import { useSay } from '../house/Notices'
import { picking, usePicked } from './picked'
import { AnotherSize } from './AnotherSize'
import { LaidOn } from './LaidOn'
import type { CardInHand, Resize } from './useCard'

const ACROSS = 300
const UP = 190
/** Shadows of so many layers would only blacken one another. */
const MANY = 24

const VERDICTS: Record<Fit['verdict'], string> = {
  FITS: 'goes in',
  LOOSE: 'goes in, loosely',
  TIGHT: 'tight',
  TOO_THICK: 'too thick to go in',
  TOO_LARGE: 'does not go in',
}

const DOES_NOT_GO_IN = new Set<Fit['verdict']>(['TOO_LARGE', 'TOO_THICK'])

/** The closed card laid in its envelope, with what is to spare each way. */
export function EnvelopePlate({ card, inHand }: { card: Card; inHand: CardInHand }) {
  'use memo'
  const stock = useStock()
  const say = useSay()
  const [over, setOver] = useState(false)
  const [bulk, setBulk] = useState(false)
  const choose = (text: string) =>
    inHand.change({ field: 'envelope', text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const resize = (to: Resize) =>
    void inHand.resize(to).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <section aria-label="Closed, in its envelope" className="plate">
      <ClosedInEnvelope
        fit={card.fit}
        footprint={card.footprint}
        closed={card.form.closed}
        layers={onPaper(card)}
        papers={card.papers}
        madeOf={card.madeOf}
        thickest={card.heft.thickest}
        over={over}
        bulk={bulk}
      />
      <div className="flex flex-wrap gap-x-2 text-base">
        {card.fit && (
          <button type="button" className="word" aria-pressed={over} onClick={() => setOver(!over)}>
            envelope on top
          </button>
        )}
        <button type="button" className="word" aria-pressed={bulk} onClick={() => setBulk(!bulk)}>
          where it is thickest
        </button>
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
        <Choice label="Envelope" value={card.envelope ?? ''} onChoose={(id) => void choose(id)} quiet>
          <option value="">No envelope</option>
          {stock.data && <EnvelopeOptions envelopes={stock.data.envelopes} />}
        </Choice>
        {card.envelope && (
          <button type="button" className="slip" onClick={() => resize({ how: 'ENVELOPE' })}>
            Fill the envelope
          </button>
        )}
        <button type="button" className="slip" onClick={() => resize({ how: 'TURNED' })}>
          {card.footprint.width.mm < card.footprint.height.mm ? 'Make it lie' : 'Make it upright'}
        </button>
      </div>
      <AnotherSize resize={(size) => inHand.resize({ how: 'SIZE', ...size })} />
    </section>
  )
}

/** The panels but for those that lie edge on edge under another: of a concertina that is most of them. */
function uncovered(closed: Card['form']['closed']) {
  const covered = new Set<string>()
  const seen = [...closed].reverse().filter(({ corners, holes }) => {
    const edge = [corners, ...holes]
      .flat()
      .map(({ x, y }) => `${x.toFixed(3)},${y.toFixed(3)}`)
      .sort()
      .join(' ')
    if (covered.has(edge)) return false
    covered.add(edge)
    return true
  })
  return seen.reverse()
}

type Plate = Pick<Card, 'fit' | 'footprint' | 'layers' | 'papers' | 'madeOf'> & {
  closed: Card['form']['closed']
  thickest: Card['heft']['thickest']
  over: boolean
  bulk: boolean
}

const ClosedInEnvelope = memo(function ClosedInEnvelope({
  fit,
  footprint,
  closed,
  layers,
  papers,
  madeOf,
  thickest,
  over,
  bulk,
}: Plate) {
  'use memo'
  const { lit, pick } = usePicked()
  const inside = fit ? (fit.turned ? { width: fit.inside.height, height: fit.inside.width } : fit.inside) : footprint
  const [across, up] = fit?.turned ? [fit.slackUp, fit.slackAcross] : [fit?.slackAcross, fit?.slackUp]
  const widest = Math.max(inside.width.mm, footprint.width.mm)
  const highest = Math.max(inside.height.mm, footprint.height.mm)
  const scale = Math.min(ACROSS / widest, UP / highest)
  const width = inside.width.mm * scale
  const height = inside.height.mm * scale
  const at = (point: Point) => `${4 + point.x * scale},${4 + (highest - point.y) * scale}`
  const order = closed.map(({ panel }) => panel)
  return (
    <div className="relative" style={{ height: highest * scale + (fit ? 68 : 44) }}>
      <svg
        width={368}
        height={highest * scale + 10}
        className="block max-w-full"
        role="img"
        aria-label="The closed card, front"
      >
        <defs>
          <pattern id="thick" width={6} height={6} patternUnits="userSpaceOnUse">
            <circle cx={2} cy={2} r={1.3} className="fill-ink" />
          </pattern>
        </defs>
        {fit && !over && (
          <path
            d={`M4 ${4 + highest * scale - height} h${width} v${height} h${-width} z`}
            className="fill-kraft-deep stroke-ink"
            strokeWidth={1.4}
          />
        )}
        {uncovered(closed).map(({ panel, faceUp, corners, holes, laid }) => (
          <g key={panel}>
            {/* the one shadow: where paper lies on paper */}
            {closed.length < MANY && (
              <path
                d={outline({ corners, holes }, at)}
                fillRule="evenodd"
                transform="translate(1.5 2.5)"
                className="fill-ink/30"
              />
            )}
            <path
              d={outline({ corners, holes }, at)}
              fillRule="evenodd"
              className={`stroke-ink ${lit.panels.has(panel) ? 'fill-picked-wash' : ''}`}
              fill={colourOf({ papers, madeOf }, panel, faceUp)}
              strokeWidth={1.2}
              strokeLinejoin="round"
              {...picking(pick, { kind: 'panel', index: panel })}
            />
            <LaidOn
              panel={panel}
              order={order}
              faceUp={faceUp}
              layers={layers}
              papers={papers}
              isLit={lit.panels.has(panel)}
              transform={`matrix(${scale} 0 0 ${-scale} 4 ${4 + highest * scale}) matrix(${laid.join(' ')})`}
            />
          </g>
        ))}
        {bulk &&
          thickest.map((place, i) => (
            <path
              key={i}
              d={outline(place, at)}
              fillRule="evenodd"
              fill="url(#thick)"
              className="pointer-events-none stroke-ink"
              strokeWidth={1.5}
            />
          ))}
        {fit && over && (
          <path
            d={`M4 ${4 + highest * scale - height} h${width} v${height} h${-width} z M4 ${4 + highest * scale - height} l${width / 2} ${height * 0.55} l${width / 2} ${-height * 0.55}`}
            className="pointer-events-none fill-kraft-deep/40 stroke-ink"
            strokeWidth={1.8}
          />
        )}
      </svg>
      {fit && across && up && (
        <>
          <p
            className={`absolute right-0 text-right text-lg leading-snug whitespace-nowrap ${DOES_NOT_GO_IN.has(fit.verdict) ? 'bg-wrong-wash px-2 text-wrong' : ''}`}
            style={{ top: highest * scale + 8 }}
          >
            {VERDICTS[fit.verdict]}
            <span className="block text-base">{fit.bulk}</span>
          </p>
          <Slack figure={across} words="across" style={{ left: 4, top: highest * scale + 10 }} />
          <Slack figure={up} words="up" style={{ left: Math.max(width, widest * scale) + 12, top: 4 }} />
        </>
      )}
      {!fit && (
        <p className="plate-note absolute" style={{ left: 4, top: highest * scale + 10 }}>
          No envelope chosen yet.
        </p>
      )}
    </div>
  )
})

type SlackProps = { figure: Fit['slackUp']; words: string; style: { left: number; top: number } }

function Slack({ figure, words, style }: SlackProps) {
  const wrong = figure.sign === '-'
  return (
    <p
      className={`absolute flex items-center gap-2 leading-tight ${wrong ? 'bg-wrong-wash px-1 text-wrong' : ''}`}
      style={style}
    >
      <FigureText figure={figure} unit className="text-2xl" />
      <span className="text-base italic">{words}</span>
    </p>
  )
}
