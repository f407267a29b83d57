import type { Card, Cut, Layers } from '../api/client'
import { outline } from '../house/outline'
import { SizeText } from '../house/SizeText'
import { Swatch } from '../papers/Swatch'

/** What to cut, by paper, each with its number on the picture. */
export function CutList({ card, layers }: { card: Card; layers: Layers }) {
  if (layers.cuts.length === 0) return null
  const papers = [...new Set(layers.cuts.map(({ paper }) => paper))]
  const kinds = layers.cuts.length
  return (
    <section aria-label="To cut" className="bg-chalk px-6 py-4">
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="text-xl">
          To cut: {layers.pieces === 1 ? 'one piece' : `${layers.pieces} pieces`}
          {kinds > 1 && kinds < layers.pieces && ` of ${kinds} kinds`}
        </h2>
        <span className="ms-auto flex gap-2">
          <a
            className="slip inline-flex items-center bg-paper"
            href={`/api/cards/${card.id}/layers.pdf?page=${card.ruler.startsWith('mm') ? 'a4' : 'letter'}`}
          >
            List and map as PDF
          </a>
          <a className="slip inline-flex items-center bg-paper" href={`/api/cards/${card.id}/layers.csv`}>
            As a table (CSV)
          </a>
        </span>
      </div>
      {papers.map((id) => {
        const paper = card.papers.find((one) => one.id === id)
        return (
          <div key={id} className="mt-3">
            <h3 className="flex items-center gap-3 border-b border-ink pb-1 text-lg">
              {paper && <Swatch paper={paper} />}
              {paper?.name ?? 'A paper that is not among yours'}
            </h3>
            <ol>
              {layers.cuts
                .filter((cut) => cut.paper === id)
                .map((cut) => (
                  <OneCut key={cut.number} cut={cut} />
                ))}
            </ol>
          </div>
        )
      })}
      <p className="plate-note mt-3 text-base">
        Width by height as each stands. Cut away from your hand, along a metal rule; cap the blade when you put it down.
      </p>
    </section>
  )
}

const SKETCH = 40

function OneCut({ cut }: { cut: Cut }) {
  const scale = SKETCH / Math.max(cut.size.width.mm, cut.size.height.mm)
  const high = cut.size.height.mm * scale
  return (
    <li className="grid grid-cols-[2.2rem_3rem_6rem_minmax(0,1fr)] items-center gap-x-3 border-b border-chalk-dim py-1.5 sm:grid-cols-[2.2rem_3rem_6rem_minmax(9rem,auto)_minmax(0,1fr)]">
      <span className="figure-run text-2xl">{cut.number}</span>
      <svg width={SKETCH + 4} height={SKETCH + 4} aria-hidden>
        <path
          d={outline(cut, ({ x, y }) => `${2 + x * scale},${2 + (SKETCH + high) / 2 - y * scale}`)}
          fillRule="evenodd"
          className="fill-paper stroke-ink"
          strokeWidth={1.2}
        />
      </svg>
      <span className="figure-run text-2xl whitespace-nowrap">
        {cut.count === 1 ? 'one' : cut.count}
        {cut.count > 1 && <span className="text-base"> of these</span>}
      </span>
      <span>
        <SizeText size={cut.size} className="text-2xl" />
        <span className="block text-base text-ink-soft">
          <SizeText size={cut.other} />
          {cut.shape && `, ${cut.shape}`}
        </span>
      </span>
      {/* on a phone below its size */}
      <span className="col-span-full col-start-2 text-base leading-snug sm:col-auto">
        {cut.where}
        <span className="block text-ink-soft italic">{cut.notes}</span>
      </span>
    </li>
  )
}
