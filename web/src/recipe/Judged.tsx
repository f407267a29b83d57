import type { ReactNode } from 'react'
import type { Reading } from '../api/client'
import { SizeText } from '../house/SizeText'
import { WithFractions } from '../house/WithFractions'
import { OddPlaces } from './OddPlaces'
import type { Odd } from './odd'

type Props = {
  read: Reading
  text: string
  onMend: (text: string) => void
  onWrite: (place: Odd, instead: string) => void
  /** What else it may mean. */
  others?: ReactNode
}

/** What a recipe comes to: whether it closes, the one figure that would mend it, what was not understood and what was filled in. */
export function Judged({ read, text, onMend, onWrite, others }: Props) {
  const asked = new Set(read.question?.answers.map((answer) => answer.text))
  const mends = read.mends.filter((mend) => !asked.has(mend.text))
  return (
    <section aria-label="What comes of it" aria-live="polite" className="flex flex-col gap-3 text-lg">
      <p className={`text-2xl ${read.closes ? '' : 'border-l-4 border-wrong bg-wrong-wash px-3 py-2'}`}>
        {read.whatItIs && <strong className="block">{read.whatItIs}</strong>}
        {read.verdict}
      </p>
      {read.question && (
        <fieldset className="border-2 border-picked px-3 pb-3">
          <legend className="px-1 text-xl font-semibold">{read.question.words}</legend>
          <div className="flex flex-wrap gap-2">
            {read.question.answers.map(({ words, text: then }) => (
              <button
                key={then}
                type="button"
                className="slip figure-run bg-paper text-xl"
                onClick={() => onMend(then)}
              >
                <WithFractions text={words} />
              </button>
            ))}
          </div>
        </fieldset>
      )}
      {mends.length > 0 && (
        <ul className="flex flex-col gap-2" aria-label="Figures that may be misread">
          {mends.map((mend) => (
            <li key={`${mend.start}${mend.now}`}>
              <button type="button" className="slip bg-paper text-xl" onClick={() => onMend(mend.text)}>
                {read.closes && 'Should it be '}
                <strong className="figure-run text-2xl">
                  <WithFractions text={mend.now} />
                </strong>{' '}
                <WithFractions text={`for ${mend.was}`} className="figure-run" />
                {read.closes ? '?' : ':'} <span className="text-lg">{mend.then}</span>
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
          <OddPlaces
            label="Not understood"
            odd={read.notUnderstood.map((passage) => ({
              ...passage,
              quote: text.slice(passage.start, passage.end),
            }))}
            onWrite={onWrite}
          />
        </div>
      )}
      {read.assumed.length > 0 && (
        <div>
          <h2 className="text-lg italic">Filled in</h2>
          <ul className="flex flex-col gap-2">
            {read.assumed.map(({ words, others: ways }) => (
              <li key={words} className="flex flex-wrap items-center gap-x-4">
                <span>{words}</span>
                {ways.map(({ words: way, text: then }) => (
                  <button key={then} type="button" className="word figure-run underline" onClick={() => onMend(then)}>
                    {way}
                  </button>
                ))}
              </li>
            ))}
          </ul>
        </div>
      )}
      {others}
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
