import { DropdownMenu } from 'radix-ui'
import { useRef, useState } from 'react'
import { Link } from 'wouter'
import { useDrawer } from '../api/cards'
import type { CardSummary } from '../api/client'
import { useSay } from '../house/Notices'
import { PaperSketch } from '../house/PaperSketch'
import { SizeText } from '../house/SizeText'

/** One card in the drawer: how it looks part-open, its name and its closed size. */
export function CardTile({ card }: { card: CardSummary }) {
  const [naming, setNaming] = useState(false)
  return (
    <li className="flex flex-col">
      <Link
        href={`/card/${card.id}`}
        aria-label={`Open ${card.name}`}
        className="grid h-40 place-items-center px-4 py-2 transition-none hover:bg-chalk/40"
      >
        <PaperSketch stands={!card.lies} panels={card.panels} matrices={card.partOpen} dress={card} className="max-h-36 max-w-full" />
      </Link>
      <div className="flex items-start justify-between gap-2 border-t border-ink pt-2">
        <div className="min-w-0">
          {naming ? <NameField card={card} onDone={() => setNaming(false)} /> : <p className="text-lg leading-snug">{card.name}</p>}
          <p className="flex flex-wrap items-center gap-x-2 text-lg">
            <SizeText size={card.footprint} />
            <span className="text-base text-ink">
              {card.structureName}
              {card.envelope && `, ${card.envelope}`}
            </span>
          </p>
          {card.wrong > 0 && <p className="bg-wrong-wash px-2 text-base text-wrong">Can’t be made as it stands</p>}
        </div>
        <CardMenu card={card} onRename={() => setNaming(true)} />
      </div>
    </li>
  )
}

function CardMenu({ card, onRename }: { card: CardSummary; onRename: () => void }) {
  const { copy, remove, restore } = useDrawer()
  const say = useSay()
  // the name's field opens once the menu is gone, or the closing menu takes the focus from it
  const renaming = useRef(false)
  const discard = async () => {
    await remove.mutateAsync(card.id)
    say({ text: `Deleted “${card.name}”.`, action: { label: 'Undo', run: () => restore.mutate(card.id) } })
  }
  const item = 'min-h-11 px-4 py-2 text-lg outline-none data-highlighted:bg-picked-wash'
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="min-h-11 min-w-11 text-2xl leading-none hover:bg-chalk" aria-label={`More for ${card.name}`}>
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
          <DropdownMenu.Item className={item} onSelect={() => (renaming.current = true)}>
            Rename
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => copy.mutate(card.id)}>
            Duplicate
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => void discard()}>
            Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function NameField({ card, onDone }: { card: CardSummary; onDone: () => void }) {
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
      {problem && (
        <p role="alert" className="border-l-4 border-wrong bg-wrong-wash px-2 py-1">
          {problem}
        </p>
      )}
    </>
  )
}
