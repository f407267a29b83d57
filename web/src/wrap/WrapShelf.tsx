import { useState } from 'react'
import type { Card, OfferedWrap } from '../api/client'
import { SizeText } from '../house/SizeText'
import { useToAndFro } from '../house/useToAndFro'
import { InWrap } from './InWrap'

type Props = { shelf: OfferedWrap[]; card: Card; making: boolean; onMake: (structure: string) => void }

/** The wraps to choose from, each as a small model round this card: the one that is pointed at opens and shuts. */
export function WrapShelf({ shelf, card, making, onMake }: Props) {
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-5 gap-y-6">
      {shelf.map((wrap) => (
        <li key={wrap.structure}>
          <Offered wrap={wrap} card={card} making={making} onMake={() => onMake(wrap.structure)} />
        </li>
      ))}
    </ul>
  )
}

type OfferedProps = { wrap: OfferedWrap; card: Card; making: boolean; onMake: () => void }

function Offered({ wrap, card, making, onMake }: OfferedProps) {
  const [pointed, point] = useState(false)
  const half = wrap.picture.in / 2
  const at = useToAndFro(pointed, half) ?? half
  return (
    <button
      type="button"
      className="group flex w-full flex-col gap-1 text-start"
      disabled={making}
      onPointerEnter={() => point(true)}
      onPointerLeave={() => point(false)}
      onFocus={() => point(true)}
      onBlur={() => point(false)}
      onClick={onMake}
    >
      <span className="flex h-40 w-full items-end justify-center border-b-[5px] border-kraft-line px-3">
        <InWrap picture={wrap.picture} card={card} at={at} className="max-h-36 w-full overflow-visible" />
      </span>
      <span className="text-lg leading-tight font-semibold group-hover:underline">{wrap.name}</span>
      <span className="text-base leading-snug">{wrap.does}</span>
      <span className="inline-flex flex-wrap items-baseline gap-x-2 text-base">
        <span className="plate-note">cut</span>
        <SizeText size={wrap.cut} />
      </span>
    </button>
  )
}
