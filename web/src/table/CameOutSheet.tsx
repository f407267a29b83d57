import { useCameOut, useMeasured } from '../api/made'
import type { BuildStep, CameOut, MadeFigure } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useAttempt } from '../house/Notices'
import { Sheet } from '../house/Sheet'

type Props = {
  id: string
  revision: number
  inHand: CardInHand
  step: BuildStep
  made: MadeFigure[]
  open: boolean
  onClose: () => void
}

/** What the ruler shows of a step, and what that does to the rest. */
export function CameOutSheet({ id, revision, inHand, step, made, open, onClose }: Props) {
  const measured = useMeasured(id, revision)
  const attempt = useAttempt()
  const out = useCameOut(id, revision, made, open)
  const here = made.filter((figure) => figure.step === step.id || figure.isOff)
  return (
    <Sheet open={open} onClose={onClose} title="What the ruler shows" back="Back to the step" wide>
      <p className="text-lg text-ink-soft">Type what came out; it is kept with the card.</p>
      <ul className="mt-2 grid gap-x-10 sm:grid-cols-2">
        {here.map(({ id: figure, words, planned, came, isOff }) => (
          <li
            key={figure}
            className="flex min-h-12 flex-wrap items-center justify-between gap-x-3 border-b border-kraft-line py-1 text-lg"
          >
            <span>
              {words}
              {isOff && (
                <span className="block text-base text-ink-soft italic">
                  planned <FigureText figure={planned} unit />
                </span>
              )}
            </span>
            <span className="flex items-center gap-2 text-2xl">
              {came && (
                <button
                  type="button"
                  className="word text-base underline"
                  aria-label={`As planned: ${words}`}
                  onClick={() => attempt(measured(figure, {}))}
                >
                  as planned
                </button>
              )}
              <FigureField
                label={words}
                figure={came ?? planned}
                onWrite={(text) => measured(figure, { text })}
                onMove={(marks) => measured(figure, { marks })}
              />
            </span>
          </li>
        ))}
      </ul>
      {/* as high as what may hang below a figure */}
      <div aria-live="polite" className="min-h-56">
        {out.isFetching && <p className="mt-4 text-lg italic">Working out what that does to the rest…</p>}
        {out.error && <p className="mt-4 text-lg text-wrong">{out.error.message}</p>}
        {!out.isFetching &&
          made.some(({ isOff }) => isOff) &&
          out.data?.map((one) => (
            <Effect key={one.figure} out={one} follow={(way) => attempt(inHand.follow(one.figure, way))} />
          ))}
      </div>
    </Sheet>
  )
}

function Effect({ out, follow }: { out: CameOut; follow: (way: string) => void }) {
  return (
    <section aria-label={out.words} className="mt-5">
      <h3 className="text-2xl">{out.words}</h3>
      {out.asItIs.length > 0 && (
        <ul className="mt-1 border-l-4 border-wrong ps-3 text-lg">
          {out.asItIs.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {out.ways.length === 0 && (
        <p className="mt-1 text-lg">
          {out.asItIs.length === 0
            ? 'Nothing that is left to do changes with it.'
            : 'No measure makes up for it: make that piece again.'}
        </p>
      )}
      {out.ways.map((way) => (
        <div key={way.words} className="mt-3 border-t border-kraft-line pt-2">
          <p className="flex flex-wrap items-center justify-between gap-3">
            <span className="text-xl">{way.words}</span>
            <button type="button" className="slip bg-paper" onClick={() => follow(way.words)}>
              Make the rest fit this
            </button>
          </p>
          <Changes title="then" changes={way.changes} />
          {way.again.length > 0 && <Changes title="done already, to be made again" changes={way.again} wrong />}
          {way.changes.length + way.again.length === 0 && <p className="text-lg">Nothing else changes with it.</p>}
        </div>
      ))}
    </section>
  )
}

function Changes({
  title,
  changes,
  wrong,
}: {
  title: string
  changes: CameOut['ways'][0]['changes']
  wrong?: boolean
}) {
  if (changes.length === 0) return null
  return (
    <ul aria-label={title} className={`text-lg ${wrong ? 'text-wrong' : ''}`}>
      {changes.map(({ what, was, now }, i) => (
        <li key={i}>
          {wrong && 'Again: '}
          {what}: <span className="figure">{now}</span>
          <span className="text-ink-soft"> instead of {was}</span>
        </li>
      ))}
    </ul>
  )
}
