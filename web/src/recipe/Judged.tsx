import type { Reading } from '../api/client'
import { SizeText } from '../house/SizeText'

type Props = { read: Reading; text: string; onMend: (text: string) => void }

/** What a recipe comes to: whether it closes, the one figure that would mend it, what was not understood and what was filled in. */
export function Judged({ read, text, onMend }: Props) {
  return (
    <section aria-label="What comes of it" aria-live="polite" className="flex flex-col gap-3 text-lg">
      <p className={`text-2xl ${read.closes ? '' : 'border-l-4 border-wrong bg-wrong-wash px-3 py-2'}`}>
        {read.whatItIs && <strong className="block">{read.whatItIs}</strong>}
        {read.verdict}
      </p>
      {read.mends.length > 0 && (
        <ul className="flex flex-col gap-2" aria-label="Figures that may be misread">
          {read.mends.map((mend) => (
            <li key={`${mend.start}${mend.now}`}>
              <button type="button" className="slip bg-paper text-xl" onClick={() => onMend(mend.text)}>
                {read.closes ? 'Should' : 'It closes with'}{' '}
                {read.closes && <span className="figure-run">{mend.was} be </span>}
                <strong className="figure-run text-2xl">{mend.now}</strong>
                {read.closes ? '?' : <span className="figure-run"> for {mend.was}</span>}
              </button>
            </li>
          ))}
        </ul>
      )}
      {read.findings.map((finding, i) => (
        <p key={i} className="border-l-4 border-wrong bg-wrong-wash px-3 py-2">
          {finding.words}
        </p>
      ))}
      {read.notUnderstood.length > 0 && (
        <div>
          <h2 className="text-lg italic">Not understood</h2>
          {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a list that scrolls is scrolled by keys (axe: scrollable-region-focusable) */}
          <ul className="max-h-60 overflow-auto" tabIndex={0} aria-label="Not understood">
            {read.notUnderstood.map((passage, i) => (
              <li key={i}>
                <span className="figure-run font-semibold break-all">“{text.slice(passage.start, passage.end)}”</span>{' '}
                {passage.words}
              </li>
            ))}
          </ul>
        </div>
      )}
      {read.taken.length > 0 && (
        <div>
          <h2 className="text-lg italic">Filled in</h2>
          <ul>
            {read.taken.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
      )}
      {read.mats.length > 0 && (
        <div>
          <h2 className="text-lg italic">Mats laid</h2>
          <ul>
            {read.mats.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
      )}
      {read.card && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-5 text-xl">
          {read.card.pieces.map((piece) => (
            <div key={piece.number} className="contents">
              <dt className="text-base text-ink-soft italic">{piece.name}</dt>
              <dd>
                {piece.copies.length > 1 && <span className="figure-run">{piece.copies.length} of </span>}
                <SizeText size={piece.cut} />
              </dd>
            </div>
          ))}
          <dt className="text-base text-ink-soft italic">Closed</dt>
          <dd>
            <SizeText size={read.card.footprint} />
          </dd>
        </dl>
      )}
    </section>
  )
}
