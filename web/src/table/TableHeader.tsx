import type { ReactNode } from 'react'
import type { Card } from '../api/client'
import { Thread } from '../bench/Thread'
import { Heading } from '../house/Heading'
import { WayBack } from '../house/WayBack'

type Props = { card: Card; title: string; at?: string; children?: ReactNode }

/** What stands over a walk at the table: the card, how far one is, its other places, and what else can be done here. */
export function TableHeader({ card, title, at, children }: Props) {
  return (
    <header className="flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-ink px-6 py-2">
      <WayBack className="bg-paper" />
      <Heading title={title} className="truncate text-2xl">
        {card.name}
      </Heading>
      {at && <p className="ms-auto text-xl">{at}</p>}
      <div className="flex basis-full flex-wrap items-center justify-between gap-x-6">
        <Thread card={card} place="table" />
        <div className="flex gap-x-6">{children}</div>
      </div>
    </header>
  )
}
