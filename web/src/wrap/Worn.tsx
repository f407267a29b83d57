import { useEffect, useRef, useState } from 'react'
import { Link } from 'wouter'
import type { Card, Worn as WornWrap } from '../api/client'
import { Findings } from '../bench/Findings'
import type { CardInHand } from '../bench/useCard'
import { FigureText } from '../house/FigureText'
import { SizeText } from '../house/SizeText'
import { InWrap } from './InWrap'

type Props = { worn: WornWrap; card: Card; inHand: CardInHand; isNew: boolean; onPutAside: () => void }

/** Pulled so far on the screen, the card is all out, px. */
const ALL_OUT = 220

/** One wrap of the card: drawn with the card in it, which is pulled out by hand; its figures, and the ways to its own places. */
export function Worn({ worn, card, inHand, isNew, onPutAside }: Props) {
  const { picture } = worn
  const [at, setAt] = useState(picture.in / 2)
  const held = useRef<{ y: number; at: number } | null>(null)
  const place = useRef<HTMLElement>(null)
  useEffect(() => {
    if (isNew) place.current?.scrollIntoView({ block: 'nearest' })
  }, [isNew])
  const to = (wanted: number) => setAt(Math.min(1, Math.max(0, wanted)))
  // what is only laid in with the card is opened and shut
  const noun = worn.structureName.toLowerCase()
  const pulls = picture.in > 0
  const isOut = pulls ? at < picture.in / 2 : at < 0.5
  const press = pulls ? (isOut ? 'Put it in' : 'Pull it out') : isOut ? 'Shut it' : 'Open it'
  return (
    <section
      ref={place}
      aria-label={worn.name}
      className="plate grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1fr)_19rem]"
    >
      <div className="flex min-w-0 flex-col gap-2">
        <div
          role="img"
          aria-label={`The card in its ${noun}`}
          className="grid h-[19rem] cursor-grab place-items-center"
          onPointerDown={(event) => {
            // a finger scrolls the page; for it there are the button and the slider
            if (event.pointerType === 'touch') return
            event.currentTarget.setPointerCapture(event.pointerId)
            held.current = { y: event.clientY, at }
          }}
          onPointerMove={(event) => {
            if (held.current) to(held.current.at + ((event.clientY - held.current.y) / ALL_OUT) * picture.in)
          }}
          onPointerUp={() => (held.current = null)}
          onPointerCancel={() => (held.current = null)}
        >
          <InWrap picture={picture} card={card} at={at} className="h-[19rem] w-full" />
        </div>
        <div hidden={picture.frames.length < 2} className="flex flex-wrap items-center gap-x-3">
          <button type="button" className="slip w-32" onClick={() => to(isOut ? (pulls ? picture.in : 1) : 0)}>
            {press}
          </button>
          <label className="flex min-w-52 flex-1 items-center gap-2 text-base italic">
            {pulls ? 'out' : 'open'}
            <input
              type="range"
              aria-label={pulls ? `How far the card is in its ${noun}` : `How far the ${noun} is shut`}
              min={0}
              max={100}
              value={Math.round(100 * at)}
              className="h-11 min-w-0 flex-1 accent-ink"
              onChange={(event) => to(Number(event.target.value) / 100)}
            />
            {picture.in < 1 ? 'shut' : 'in'}
          </label>
        </div>
      </div>
      <div className="flex min-w-0 flex-col gap-3">
        <h2 className="text-2xl leading-tight">{worn.structureName}</h2>
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1 text-xl">
          <dt className="plate-note text-base">Cut</dt>
          <dd className="flex flex-col">
            {worn.cut.map((size, i) => (
              <SizeText key={i} size={size} />
            ))}
          </dd>
          <dt className="plate-note text-base">With the card</dt>
          <dd>
            <SizeText size={worn.outside} />
          </dd>
          <dt className="plate-note text-base">Thick</dt>
          <dd>
            <FigureText figure={worn.thickness} unit />
          </dd>
          <dt className="plate-note text-base">Weighs</dt>
          <dd>
            <FigureText figure={worn.grams} unit />
          </dd>
        </dl>
        <Findings findings={worn.findings} inHand={inHand} />
        <p className="mt-auto flex flex-wrap gap-2">
          <Link href={`/card/${worn.id}`} className="slip inline-flex items-center border-picked font-semibold">
            To its bench
          </Link>
          <button type="button" className="slip" onClick={onPutAside}>
            Put it aside
          </button>
        </p>
      </div>
    </section>
  )
}
