import { Popover } from 'radix-ui'
import { useState } from 'react'
import { Link } from 'wouter'
import type { Card } from '../api/client'
import { ShowKeys } from '../house/Keys'
import { useSay } from '../house/Notices'
import { RulerChoice } from './RulerChoice'
import { SaveState } from './SaveState'
import { useTyped } from './saving'
import type { CardInHand } from './useCard'
import { Versions } from './Versions'
import { WrittenOut } from './WrittenOut'
import { WayBack } from '../house/WayBack'
import { useHeading } from '../house/Heading'
import { Thread, type PlaceOfCard } from './Thread'

type Props = { card: Card; inHand: CardInHand }

const TITLES: Record<PlaceOfCard, string> = {
  bench: '',
  layers: ': mats and layers',
  cut: ': cutting',
  table: ', at the table',
  wrap: ': wraps',
  send: ': sending',
}

/**
 * The same in every place of a card: name, way back, what acts on the card as a whole, and the thread of its places with
 * the one that this is.
 */
export function CardHeader({ card, inHand, place }: Props & { place: PlaceOfCard }) {
  const heading = useHeading<HTMLHeadingElement>(`${card.name}${TITLES[place]}`)
  const say = useSay()
  const attempt = (step: Promise<unknown>) => step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-0 pt-1">
      <WayBack />
      <h1 ref={heading} tabIndex={-1} className="min-w-40 flex-1">
        <CardName key={card.name} card={card} inHand={inHand} />
      </h1>
      {card.wraps && (
        <Link
          href={`/card/${card.wraps.id}/wrap`}
          className="min-h-11 max-w-80 content-center truncate text-lg underline underline-offset-4"
        >
          goes round {card.wraps.name}
        </Link>
      )}
      <SaveState card={card.id} />
      <span className="ms-auto flex flex-wrap items-center gap-2">
        <button type="button" className="slip" disabled={!inHand.canUndo} onClick={() => void attempt(inHand.undo())}>
          Undo
        </button>
        <button type="button" className="slip" disabled={!inHand.canRedo} onClick={() => void attempt(inHand.redo())}>
          Redo
        </button>
        <span className="[&_select]:w-40">
          <RulerChoice card={card} inHand={inHand} />
        </span>
        <Versions card={card} inHand={inHand} />
        <PaperAndFile card={card} />
      </span>
      <span className="flex basis-full flex-wrap items-center">
        <Thread card={card} place={place} />
        <ShowKeys />
      </span>
    </header>
  )
}

function CardName({ card, inHand }: Props) {
  const [name, setName] = useState(card.name)
  const say = useSay()
  useTyped(name !== card.name)
  // what was refused or not saved stays as it was typed; Escape goes back to the name it has
  const write = async () => {
    if (name === card.name) return
    try {
      await inHand.change({ field: 'name', text: name })
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
    }
  }
  return (
    <input
      aria-label="Name of the card"
      className="field-sizing-content min-h-11 max-w-full min-w-40 truncate border-b-2 border-transparent bg-transparent text-2xl hover:border-ink"
      value={name}
      maxLength={120}
      onChange={(event) => setName(event.target.value)}
      onBlur={() => void write()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur()
        if (event.key === 'Escape') setName(card.name)
      }}
    />
  )
}

function PaperAndFile({ card }: { card: Card }) {
  const [writing, setWriting] = useState(false)
  const out =
    'flex min-h-11 w-full items-center px-4 py-2 text-start text-lg hover:bg-picked-wash focus-visible:bg-picked-wash'
  return (
    <>
      <Popover.Root>
        <Popover.Trigger className="slip border-picked font-semibold">Print, write, save</Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            sideOffset={4}
            className="z-10 w-80 border-b-2 border-ink bg-chalk py-2"
            aria-label="Print, write, save"
          >
            <a className={out} href={`/api/cards/${card.id}/plan.pdf?page=a4`} target="_blank" rel="noreferrer">
              True-size PDF on A4
            </a>
            <a className={out} href={`/api/cards/${card.id}/plan.pdf?page=letter`} target="_blank" rel="noreferrer">
              True-size PDF on Letter
            </a>
            <Popover.Close className={out} onClick={() => setWriting(true)}>
              Written out as a recipe
            </Popover.Close>
            <a className={out} href={`/api/cards/${card.id}/plan.json`} download>
              The plan as a file
            </a>
            <p className="plate-note px-4 pt-2 text-base">
              Cut away from your hand, along a metal rule; cap the blade when you put it down.
            </p>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <WrittenOut card={card} open={writing} onClose={() => setWriting(false)} />
    </>
  )
}
