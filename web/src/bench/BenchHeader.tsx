import { Popover } from 'radix-ui'
import { useEffect, useState } from 'react'
import { Link } from 'wouter'
import { useStock } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { useSaving } from './saving'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** Name, way back, steps back and forth, ruler, and what leaves the house: paper and file. */
export function BenchHeader({ card, inHand }: Props) {
  const say = useSay()
  const attempt = (step: Promise<unknown>) => step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <header className="flex flex-wrap items-center gap-x-5 gap-y-2 py-3">
      <Link href="/" className="slip inline-flex items-center">
        <span aria-hidden className="me-2">
          ←
        </span>
        Drawer
      </Link>
      <CardName key={card.name} card={card} inHand={inHand} />
      <SaveState />
      <span className="ms-auto flex flex-wrap items-center gap-2">
        <button type="button" className="slip" disabled={!inHand.canUndo} onClick={() => void attempt(inHand.undo())}>
          Undo
        </button>
        <button type="button" className="slip" disabled={!inHand.canRedo} onClick={() => void attempt(inHand.redo())}>
          Redo
        </button>
        <RulerChoice card={card} onChoose={(text) => void attempt(inHand.change({ field: 'ruler', text }))} />
        <PaperAndFile card={card} />
      </span>
    </header>
  )
}

/** "Saved", unless saving takes so long that one would wonder. */
function SaveState() {
  const saving = useSaving()
  const [slow, setSlow] = useState(false)
  useEffect(() => {
    if (!saving) return
    const timer = setTimeout(() => setSlow(true), 800)
    return () => {
      clearTimeout(timer)
      setSlow(false)
    }
  }, [saving])
  return (
    <span className="text-base whitespace-nowrap" role="status">
      {slow ? 'Saving…' : 'Saved'}
    </span>
  )
}

function CardName({ card, inHand }: Props) {
  const [name, setName] = useState(card.name)
  const say = useSay()
  const write = async () => {
    if (name === card.name) return
    try {
      await inHand.change({ field: 'name', text: name })
    } catch (cause) {
      say({ text: (cause as Error).message, wrong: true })
      setName(card.name)
    }
  }
  return (
    <h1 className="min-w-40 flex-1">
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
    </h1>
  )
}

function RulerChoice({ card, onChoose }: { card: Card; onChoose: (ruler: string) => void }) {
  const stock = useStock()
  return (
    <Choice label="Ruler" value={card.ruler} onChoose={onChoose} quiet>
      {stock.data?.rulers.map((ruler) => (
        <option key={ruler.id} value={ruler.id}>
          {ruler.label}
        </option>
      ))}
    </Choice>
  )
}

function PaperAndFile({ card }: { card: Card }) {
  const out = 'flex min-h-11 items-center px-4 py-2 text-lg hover:bg-picked-wash focus-visible:bg-picked-wash'
  return (
    <Popover.Root>
      <Popover.Trigger className="slip border-picked font-semibold">Print or save a file</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={4} className="z-10 w-80 border-b-2 border-ink bg-chalk py-2">
          <a className={out} href={`/api/cards/${card.id}/plan.pdf?page=a4`} target="_blank" rel="noreferrer">
            True-size PDF on A4
          </a>
          <a className={out} href={`/api/cards/${card.id}/plan.pdf?page=letter`} target="_blank" rel="noreferrer">
            True-size PDF on Letter
          </a>
          <a className={out} href={`/api/cards/${card.id}/plan.json`} download>
            The plan as a file
          </a>
          <p className="plate-note px-4 pt-2 text-base">
            Cut away from your hand, along a metal rule; cap the blade when you put it down.
          </p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
