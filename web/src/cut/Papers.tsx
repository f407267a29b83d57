import { Tabs } from 'radix-ui'
import type { ReactNode } from 'react'
import type { Card, PaperCut } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { Swatch } from '../papers/Swatch'
import { Joins } from './Joins'

type Props = {
  card: Card
  inHand: CardInHand
  papers: PaperCut[]
  chosen: string
  onChoose: (paper: string) => void
  children: ReactNode
}

/** The papers of a card, one of which lies on the table; what it takes, and how it is cut. */
export function Papers({ card, inHand, papers, chosen, onChoose, children }: Props) {
  const paper = papers.find((one) => one.paper === chosen)
  const table = paper && (
    <>
      <Took paper={paper} />
      <Joins paper={paper} inHand={inHand} />
      {children}
    </>
  )
  // one paper by itself is no tab
  if (papers.length < 2) return table
  return (
    <Tabs.Root value={chosen} onValueChange={onChoose}>
      <Tabs.List aria-label="Papers" className="flex flex-wrap gap-x-5 gap-y-1 px-6 pt-4">
        {papers.map((one) => {
          const look = card.papers.find(({ id }) => id === one.paper)
          return (
            <Tabs.Trigger
              key={one.paper}
              value={one.paper}
              className="inline-flex min-h-11 max-w-full items-center gap-2 border-b-4 border-transparent pb-1 text-start text-lg data-[state=active]:border-ink data-[state=active]:font-semibold"
            >
              {look && <Swatch paper={look} size={30} />}
              {one.name}
            </Tabs.Trigger>
          )
        })}
      </Tabs.List>
      {papers.map((one) => (
        <Tabs.Content key={one.paper} value={one.paper} tabIndex={-1}>
          {one.paper === chosen && table}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  )
}

function Took({ paper }: { paper: PaperCut }) {
  return (
    <div className="px-6 pt-3">
      <h2 className="text-2xl">
        {paper.took.charAt(0).toUpperCase() + paper.took.slice(1)}
        {paper.known && <span className="text-lg text-ink-soft italic"> ({paper.known})</span>}
      </h2>
      {paper.pinsCost && <p className="text-lg">{paper.pinsCost}</p>}
      {paper.otherwise && <p className="text-lg">{paper.otherwise}</p>}
      {paper.notes.length > 0 && <p className="plate-note text-base">{paper.notes.join(' ')}</p>}
      {paper.warnings.map((warning) => (
        <p key={warning} className="mt-1 border-s-4 border-ink ps-3 text-lg">
          {warning}
        </p>
      ))}
    </div>
  )
}
