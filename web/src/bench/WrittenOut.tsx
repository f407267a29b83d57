import { useState } from 'react'
import { useStock, useWrittenRecipe } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { useSay } from '../house/Notices'
import { Sheet } from '../house/Sheet'

/** The card written out as a recipe, on any ruler, to copy or to keep. */
export function WrittenOut({ card, open, onClose }: { card: Card; open: boolean; onClose: () => void }) {
  const stock = useStock()
  const say = useSay()
  const [ruler, setRuler] = useState<string | null>(null)
  const on = ruler ?? card.ruler
  const recipe = useWrittenRecipe(card.id, card.revision, on, open)
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
        pieces come back, cut, scored, slit and glued alike. Layers, envelope, sheet and papers are not in it: to hand
        on the whole card, save it as a file.
      </p>
    </Sheet>
  )
}
