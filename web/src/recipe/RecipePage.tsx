import { useDeferredValue, useEffect, useRef, useState } from 'react'
import { useLocation } from 'wouter'
import { useDrawer, useReading, useReadyForRecipes, useStock } from '../api/cards'
import { FoldedPlate } from '../bench/FoldedPlate'
import { Pickable } from '../bench/picked'
import { lastHabits } from '../drawer/habits'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { SheetSketch } from '../house/SheetSketch'
import { onPaper } from '../papers/dress'
import { Judged } from './Judged'
import { MarkedText } from './MarkedText'
import { type Odd, oddPlaces } from './odd'
import { OddPlaces } from './OddPlaces'
import { OtherReadings } from './OtherReadings'
import { rebased, rewrite } from './rewrite'
import { WayBack } from '../house/WayBack'
import { Heading } from '../house/Heading'

const KEPT = 'vantbreeze.recipe'
const EXAMPLE = '11 x 4 1/4, score on the long side at 2 3/4 and 5 1/2, fold m v'
const PAUSE_MS = 250

/** A recipe as people write it down, drawn and judged while it is typed. */
export function RecipePage() {
  const stock = useStock()
  const [text, setText] = useState(() => localStorage.getItem(KEPT) ?? '')
  const [ruler, setRuler] = useState(() => lastHabits().ruler)
  const settled = useSettled(useDeferredValue(text))
  const reading = useReading(settled, ruler)
  useReadyForRecipes()
  const { fromRecipe } = useDrawer()
  const [, go] = useLocation()
  const say = useSay()
  const write = (next: string) => {
    setText(next)
    localStorage.setItem(KEPT, next)
  }
  const box = useRef<HTMLTextAreaElement>(null)
  const [caret, setCaret] = useState(-1)
  const read = text.trim() === '' ? undefined : reading.data
  // as if it were typed: undo takes it back, and the box has the keys again
  const reword = (next: string) => {
    const then = rebased(read?.of ?? text, next, text)
    if (then !== undefined && !rewrite(box.current!, then)) write(then)
  }
  const put = (place: Odd, instead: string) =>
    reword((read?.of ?? text).slice(0, place.start) + instead + (read?.of ?? text).slice(place.end))
  const make = async () => {
    try {
      const card = await fromRecipe.mutateAsync({ text, ruler })
      go(`/card/${card.id}`)
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
    }
  }
  const odd = read?.of === text ? oddPlaces(read) : []
  const atCaret = odd.filter(({ start, end }) => start <= caret && caret <= end)
  return (
    <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
      <header className="flex flex-wrap items-center gap-4 py-3">
        <WayBack />
        <Heading className="flex-1 text-2xl">A recipe, as it is written down</Heading>
        <Choice label="Figures without a unit are in" value={ruler} onChoose={setRuler} quiet>
          {stock.data?.rulers.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </Choice>
        <button
          type="button"
          className="slip border-picked font-semibold"
          disabled={!read?.card || fromRecipe.isPending}
          onClick={() => void make()}
        >
          Take it to the bench
        </button>
      </header>
      <main className="grid flex-1 gap-5 lg:grid-cols-[minmax(0,1fr)_minmax(24rem,34rem)]">
        <div className="flex min-w-0 flex-col gap-4 bg-chalk px-6 py-4">
          <MarkedText
            text={text}
            onWrite={write}
            passages={odd}
            passedOver={read?.of === text ? read.passedOver : []}
            box={box}
            onCaret={setCaret}
          />
          {atCaret.length > 0 && (
            <div className="border-l-4 border-wrong bg-wrong-wash px-3 py-2 text-lg">
              <OddPlaces label="At the caret" odd={atCaret} onWrite={put} />
            </div>
          )}
          {text === '' && (
            <p className="text-lg">
              Type, paste or dictate one, in inches or centimetres, figures or words: “four and a quarter by eleven”,
              “from both ends”, “every 1 in”, “in half”, mats and slits.{' '}
              <button type="button" className="word underline" onClick={() => write(EXAMPLE)}>
                Show me one
              </button>
            </p>
          )}
          {reading.isError && text.trim() !== '' && <p role="alert">{reading.error.message}</p>}
          {reading.isLoading && (
            <p role="status" className="text-lg italic">
              Comparing it with the cards that are known…
            </p>
          )}
          {read && (
            <Judged
              read={read}
              text={read.of}
              onMend={reword}
              onWrite={put}
              others={read.of === text && read.card && <OtherReadings text={text} ruler={ruler} onWrite={reword} />}
            />
          )}
        </div>
        <div className="flex flex-col gap-3">
          {read?.card && (
            <Pickable pieces={read.card.pieces}>
              <SheetSketch pieces={read.card.pieces} className="max-h-[17rem] w-full bg-chalk" />
              <FoldedPlate
                key={settled}
                pieces={read.card.pieces}
                form={read.card.form}
                dress={{ ...read.card, layers: onPaper(read.card) }}
              />
            </Pickable>
          )}
        </div>
      </main>
    </div>
  )
}

/** What was typed, once the fingers rest. */
function useSettled(text: string) {
  const [settled, setSettled] = useState(text)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [text])
  return settled
}
