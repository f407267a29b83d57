import { Link } from 'wouter'
import type { Card } from '../api/client'
import { Thread } from '../bench/Thread'
import { Heading } from '../house/Heading'
import { WayBack } from '../house/WayBack'

type Props = { card: Card; title: string; at?: string; to: { path: string; name: string } }

/** What stands over a walk at the table: the card, how far one is, its other places, and the other walk. */
export function TableHeader({ card, title, at, to }: Props) {
  return (
    <header className="flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-ink px-6 py-2">
      <WayBack className="bg-paper" />
      <Heading title={title} className="truncate text-2xl">
        {card.name}
      </Heading>
      {at && <p className="ms-auto text-xl">{at}</p>}
      <div className="flex basis-full flex-wrap items-center justify-between gap-x-6">
        <Thread card={card} place="table" />
        <Link href={`/card/${card.id}${to.path}`} className="text-lg underline underline-offset-4">
          {to.name}
        </Link>
      </div>
    </header>
  )
}
