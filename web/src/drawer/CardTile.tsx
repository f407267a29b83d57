import { DropdownMenu } from 'radix-ui'
import { useRef, useState } from 'react'
import { Link } from 'wouter'
import { useDrawer } from '../api/cards'
import type { CardRow } from '../api/client'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { CardSketch, useTile } from './CardSketch'
import { ProblemBox } from '../house/ProblemBox'

/** One card in the drawer: how it looks part-open, its name and its closed size; of one that can't be opened, why. */
export function CardTile({ card }: { card: CardRow }) {
  const [naming, setNaming] = useState(false)
  const { element, facts, drawn } = useTile(card)
  return (
    <li ref={element} className="flex flex-col">
      {facts?.problem ? (
        <Unopenable card={card} why={facts.problem} />
      ) : (
        <Link
          href={`/card/${card.id}`}
          aria-label={`Open ${card.name}`}
          className="grid h-40 place-items-center px-4 py-2 transition-none hover:bg-chalk/40"
        >
          <CardSketch drawn={drawn} />
        </Link>
      )}
      <div className="flex items-start justify-between gap-2 border-t border-ink pt-2">
        <div className="min-w-0">
          {naming ? (
            <NameField card={card} onDone={() => setNaming(false)} />
          ) : (
            <p className="text-lg leading-snug">{card.name}</p>
          )}
          <CardFacts facts={facts} />
        </div>
        <CardMenu card={card} opens={!facts?.problem} onRename={() => setNaming(true)} />
      </div>
    </li>
  )
}

/** Closed size, structure and envelope of a card. */
export function CardFacts({ facts }: { facts: CardRow['facts'] }) {
  if (!facts?.footprint) return null
  return (
    <>
      <p className="flex flex-wrap items-center gap-x-2 text-lg">
        <SizeText size={facts.footprint} />
        <span className="text-base text-ink">
          {facts.structureName}
          {facts.envelope && `, ${facts.envelope}`}
        </span>
      </p>
      {facts.wrong > 0 && <p className="bg-wrong-wash px-2 text-base text-wrong">Can’t be made as it stands</p>}
    </>
  )
}

function Unopenable({ card, why }: { card: CardRow; why: string }) {
  return (
    <div className="flex h-40 flex-col justify-between gap-2 overflow-auto border-l-4 border-wrong bg-wrong-wash px-3 py-2">
      <p>
        <strong>Can’t be opened here.</strong> {why}
      </p>
      <a
        className="word self-start underline"
        href={`/api/cards/${card.id}/plan.json`}
        download
        aria-label={`Save the document of ${card.name}`}
      >
        Save its document
      </a>
    </div>
  )
}

function CardMenu({ card, opens, onRename }: { card: CardRow; opens: boolean; onRename: () => void }) {
  const { copy, remove, restore } = useDrawer()
  const say = useSay()
  // the name's field opens once the menu is gone, or the closing menu takes the focus from it
  const renaming = useRef(false)
  const attempt = (step: Promise<unknown>) => step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const discard = () =>
    attempt(
      remove.mutateAsync(card.id).then(() =>
        say({
          text: `Deleted “${card.name}”. It can be brought back for 30 days.`,
          action: { label: 'Undo', run: () => void attempt(restore.mutateAsync(card.id)) },
        }),
      ),
    )
  const item = 'min-h-11 px-4 py-2 text-lg outline-none data-highlighted:bg-picked-wash'
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="min-h-11 min-w-11 text-2xl leading-none hover:bg-chalk"
        aria-label={`More for ${card.name}`}
      >
        ⋯
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-10 min-w-40 border-b-2 border-ink bg-chalk py-1"
          onCloseAutoFocus={(event) => {
            if (!renaming.current) return
            renaming.current = false
            event.preventDefault()
            onRename()
          }}
        >
          {opens && (
            <>
              <DropdownMenu.Item className={item} onSelect={() => (renaming.current = true)}>
                Rename
              </DropdownMenu.Item>
              <DropdownMenu.Item className={item} onSelect={() => void attempt(copy.mutateAsync(card.id))}>
                Duplicate
              </DropdownMenu.Item>
            </>
          )}
          <DropdownMenu.Item className={item} onSelect={() => void discard()}>
            Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function NameField({ card, onDone }: { card: CardRow; onDone: () => void }) {
  const { rename } = useDrawer()
  const [name, setName] = useState(card.name)
  const [problem, setProblem] = useState<string | null>(null)
  const write = async () => {
    try {
      if (name !== card.name) await rename.mutateAsync({ id: card.id, name })
      onDone()
    } catch (cause) {
      setProblem((cause as Error).message)
    }
  }
  return (
    <>
      <input
        autoFocus
        aria-label={`Name of ${card.name}`}
        className="min-h-11 w-full border-b-2 border-picked bg-paper px-2 text-lg"
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.target.value)}
        onBlur={() => void write()}
        onKeyDown={(event) => {
          if (event.key === 'Enter') void write()
          if (event.key === 'Escape') onDone()
        }}
      />
      {problem && <ProblemBox>{problem}</ProblemBox>}
    </>
  )
}
