import { useState } from 'react'
import { useStock, useWrittenRecipe } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { Sheet } from '../house/Sheet'

const STYLES = [
  ['short', 'Short, one line a piece'],
  ['full', 'In full, panel by panel'],
  ['aloud', 'To be read aloud'],
] as const

/** The card written out as a recipe, in any style and on any ruler, to copy, to keep or to read out. */
export function WrittenOut({ card, open, onClose }: { card: Card; open: boolean; onClose: () => void }) {
  const stock = useStock()
  const say = useSay()
  const [ruler, setRuler] = useState<string | null>(null)
  const on = ruler ?? card.ruler
  const [style, setStyle] = useState<string>('full')
  const recipe = useWrittenRecipe(card.id, card.revision, { ruler: on, style }, open)
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(recipe.data ?? '')
      say({ text: 'Copied.' })
    } catch {
      say({ text: 'This browser does not let me copy. Select the text and copy it yourself.', wrong: true })
    }
  }
  return (
    <Sheet open={open} title="Written out" onClose={onClose}>
      <p className="flex flex-wrap items-end gap-3">
        <Choice label="How" value={style} onChoose={setStyle}>
          {STYLES.map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </Choice>
        <Choice label="In figures of" value={on} onChoose={setRuler}>
          {stock.data?.rulers.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </Choice>
        <button type="button" className="slip bg-paper" disabled={!recipe.data} onClick={() => void copy()}>
          Copy it
        </button>
      </p>
      {recipe.isError && <p role="alert">{recipe.error.message}</p>}
      <textarea
        readOnly
        aria-label="The recipe"
        className="figure-run mt-3 min-h-80 w-full border-b-2 border-dotted border-ink-soft bg-paper p-3 text-xl leading-normal"
        value={recipe.data ?? ''}
      />
      <p className="plate-note">
        A length between two marks of that ruler is written exactly, in millimetres. Pasted under “A recipe” the same
        card comes back, cut, scored, slit and glued alike, in full or read aloud with its rectangular mats too. In
        short, what follows from the card that it is stays unsaid. Envelope, sheet, papers and shaped layers are not in
        it: to hand on the whole card, save it as a file.
      </p>
    </Sheet>
  )
}
