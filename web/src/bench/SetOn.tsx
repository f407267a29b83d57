import { type FormEvent, useId, useState } from 'react'
import { useOffers } from '../api/cards'
import { type Card, type Offer, wordsOf } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { ProblemBox } from '../house/ProblemBox'
import { Sheet } from '../house/Sheet'
import { usePicked } from './picked'
import { Profile } from './Profile'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }
type Wish = { panel: number; face: boolean; kind: string; to: number | null; name: string }

/** Something set on a panel: a mount, a figure, a band. Each kind is tried on the card before it is offered. */
export function SetOn({ card, inHand }: Props) {
  const { picked } = usePicked()
  const [wish, setWish] = useState<Wish | null>(null)
  const begin = () =>
    setWish({
      panel: picked?.kind === 'panel' ? picked.index : card.base,
      face: true,
      kind: '',
      to: null,
      name: '',
    })
  return (
    <>
      <button type="button" className="word underline" onClick={begin}>
        Set something on it…
      </button>
      <Sheet open={wish !== null} onClose={() => setWish(null)} title="Set something on the card" wide>
        {wish && <Wishing card={card} inHand={inHand} wish={wish} onWish={setWish} />}
      </Sheet>
    </>
  )
}

function Wishing({ card, inHand, wish, onWish }: Props & { wish: Wish; onWish: (wish: Wish | null) => void }) {
  const say = useSay()
  const [problem, setProblem] = useState<string | null>(null)
  const put = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await inHand.carry({ what: 'PUT', ...wish, to: wish.to ?? undefined })
      onWish(null)
      say({ text: 'Set on. Its measures stand among the figures; Undo takes it off again.' })
    } catch (cause) {
      setProblem(wordsOf(cause))
    }
  }
  return (
    <form onSubmit={(event) => void put(event)}>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="On"
          value={String(wish.panel)}
          onChoose={(text) => onWish({ ...wish, panel: Number(text), kind: '', to: null })}
        >
          {card.pieces.map((piece) => (
            <optgroup key={piece.number} label={piece.name}>
              {piece.panels.map(({ index, name }) => (
                <option key={index} value={index}>
                  {name}
                </option>
              ))}
            </optgroup>
          ))}
        </Choice>
        <Choice
          label="Its side"
          value={String(wish.face)}
          onChoose={(text) => onWish({ ...wish, face: text === 'true', kind: '', to: null })}
        >
          <option value="true">the side drawn on the sheet</option>
          <option value="false">its back</option>
        </Choice>
        <label className="flex min-w-60 flex-1 flex-col">
          <span className="text-base text-ink-soft">What you call it, if you like</span>
          <input
            className="min-h-11 min-w-0 border-b-2 border-ink bg-paper px-2 text-lg"
            maxLength={40}
            value={wish.name}
            onChange={(event) => onWish({ ...wish, name: event.target.value })}
          />
        </label>
      </div>
      <Kinds card={card} wish={wish} onWish={onWish} />
      {problem && <ProblemBox className="my-2">{problem}</ProblemBox>}
      <button type="submit" disabled={!wish.kind} className="slip mt-3 bg-paper font-semibold">
        Set it on
      </button>
    </form>
  )
}

/** What can be set there, each with its picture; what does not go says why. */
function Kinds({ card, wish, onWish }: { card: Card; wish: Wish; onWish: (wish: Wish) => void }) {
  const { data, isError } = useOffers(card.id, card.revision, wish.panel, wish.face)
  if (isError) return <p className="my-3 text-lg">What goes there can’t be told just now. Try again.</p>
  if (!data) return <p className="my-3 text-lg">Trying what goes there…</p>
  const chosen = data.find(({ kind }) => kind === wish.kind)
  return (
    <>
      <div role="radiogroup" aria-label="What" className="my-3 grid gap-x-6 sm:grid-cols-2">
        {data.map((offer) => (
          <Kind
            key={offer.kind}
            offer={offer}
            chosen={offer.kind === wish.kind}
            onChoose={() => onWish({ ...wish, kind: offer.kind, to: offer.places[0].panel ?? null })}
          />
        ))}
      </div>
      {chosen && chosen.places[0].panel !== undefined && (
        <Choice
          label="Its other end on"
          value={String(wish.to)}
          onChoose={(text) => onWish({ ...wish, to: Number(text) })}
        >
          {chosen.places.map(({ panel, name, against }) => (
            <option key={panel} value={panel}>
              {name}
              {against && ' (does not go)'}
            </option>
          ))}
        </Choice>
      )}
    </>
  )
}

function Kind({ offer, chosen, onChoose }: { offer: Offer; chosen: boolean; onChoose: () => void }) {
  const id = useId()
  const { against } = offer.places[0]
  return (
    <label
      className={`flex cursor-pointer items-center gap-3 border-b border-kraft-line px-1 py-2 ${chosen ? 'bg-picked-wash' : ''}`}
    >
      <input
        type="radio"
        name="extra-kind"
        className="size-5 shrink-0 accent-picked"
        checked={chosen}
        onChange={onChoose}
        aria-describedby={id}
      />
      <Profile kind={offer.kind} />
      <span className="min-w-0">
        <span className="block text-lg leading-tight">{offer.name}</span>
        <span id={id} className={`block text-base leading-tight ${against ? 'text-wrong' : 'text-ink-soft'}`}>
          {against || offer.meaning}
        </span>
      </span>
    </label>
  )
}
