import { useState } from 'react'
import { useStock } from '../api/cards'
import { type Card, type CardChoice, type Piece, wordsOf } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'
import { ProblemBox } from '../house/ProblemBox'
import { SheetSketch } from '../house/SheetSketch'

const OWN = 'own'

/** Something chosen about a structure. Where an outline of one's own does as well, its SVG path is typed below. */
export function ChoiceField({ choice, inHand }: { choice: CardChoice; inHand: CardInHand }) {
  const say = useSay()
  const isOwn = !choice.alternatives.some(({ id }) => id === choice.value)
  const [drawing, setDrawing] = useState(isOwn)
  const choose = (text: string) => {
    setDrawing(text === OWN)
    if (text !== OWN) {
      inHand.change({ field: choice.id, text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
    }
  }
  return (
    <>
      <Choice label={choice.label} value={drawing ? OWN : choice.value} onChoose={choose} quiet>
        {choice.alternatives.map(({ id, label }) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
        {choice.takesPath && <option value={OWN}>an SVG path of my own</option>}
      </Choice>
      <span className="basis-full text-base text-ink-soft">{choice.meaning}</span>
      <Alternatives choice={choice} onChoose={choose} />
      {drawing && <OwnPath key={choice.value} choice={choice} path={isOwn ? choice.value : ''} inHand={inHand} />}
    </>
  )
}

/** What is cut or scored otherwise with each alternative, small, side by side; touched, it is taken. */
function Alternatives({ choice, onChoose }: { choice: CardChoice; onChoose: (id: string) => void }) {
  return (
    <span className="flex basis-full flex-wrap gap-2">
      {choice.alternatives
        .filter(({ sketch }) => sketch.length > 0)
        .map(({ id, label, sketch }) => (
          <button
            key={id}
            type="button"
            tabIndex={-1}
            className={`flex w-28 flex-col items-center border-2 p-1 text-sm ${id === choice.value ? 'border-ink bg-chalk-dim' : 'border-transparent'}`}
            onClick={() => onChoose(id)}
          >
            <SheetSketch pieces={sketch} className="h-12 w-full" name="" />
            {label}
          </button>
        ))}
    </span>
  )
}

function OwnPath({ choice, path, inHand }: { choice: CardChoice; path: string; inHand: CardInHand }) {
  const [typed, setTyped] = useState(path)
  const [problem, setProblem] = useState<string | null>(null)
  const id = `${choice.id}-path`
  const write = async () => {
    if (typed.trim() === path) return
    try {
      await inHand.change({ field: choice.id, text: typed.trim() })
      setProblem(null)
    } catch (cause) {
      setProblem(wordsOf(cause))
    }
  }
  return (
    <label className="flex basis-full flex-col font-text">
      <span className="text-base text-ink-soft">Its SVG path, like M 0 0 L 40 0 L 40 60 L 0 60 Z</span>
      <textarea
        className={`min-h-20 w-full max-w-96 border-b-2 bg-paper px-2 py-1 font-figures text-lg ${problem ? 'border-wrong' : 'border-ink'}`}
        value={typed}
        maxLength={10000}
        aria-invalid={problem !== null}
        aria-describedby={problem ? id : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => void write()}
      />
      {problem && (
        <ProblemBox id={id} className="mt-1 max-w-96 text-base">
          {problem}
        </ProblemBox>
      )}
    </label>
  )
}

/** What the card is made of; or one of its pieces, of another card where that is wished. */
export function CardstockField({ card, piece, inHand }: { card: Card; piece?: Piece; inHand: CardInHand }) {
  const stock = useStock()
  const say = useSay()
  const field = piece?.stock?.field ?? 'cardstock'
  const choose = (text: string) =>
    inHand.change({ field, text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <Choice
      label={piece ? `Cardstock of ${piece.name}` : 'Cardstock'}
      value={piece ? (piece.stock?.own ?? '') : (card.cardstock ?? stock.data?.cardstocks[0].id ?? '')}
      onChoose={(id) => void choose(id)}
      quiet
    >
      {piece && <option value="">the card’s own</option>}
      {stock.data?.cardstocks.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </Choice>
  )
}
