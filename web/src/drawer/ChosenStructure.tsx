import { Link } from 'wouter'
import { useShelf } from '../api/cards'
import type { Stock } from '../api/client'
import { Choice } from '../house/Choice'
import { PaperSketch } from '../papers/PaperSketch'

type Structure = Stock['structures'][number]
type Props = { structures: Structure[]; picked: Structure; onPick: (id: string) => void }

/** The structure a card is begun with, as it looks; another by its name, or from the shelf. */
export function ChosenStructure({ structures, picked, onPick }: Props) {
  const shelf = useShelf()
  const model = shelf.data?.structures.find(({ id }) => id === picked.id)
  return (
    <div className="mt-3 grid grid-cols-[10rem_1fr] items-center gap-x-5">
      <div className="flex h-28 items-end border-b-[5px] border-kraft-line px-2">
        {model && (
          <PaperSketch
            stands={!model.lies}
            panels={model.panels}
            matrices={model.partOpen}
            className="max-h-24 w-full"
          />
        )}
      </div>
      <div>
        <div className="flex flex-wrap items-center gap-2 [&_select]:bg-paper">
          <Choice label="Structure" value={picked.id} onChoose={onPick} quiet>
            {structures.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Choice>
          <Link href="/shelf" className="slip inline-flex items-center border-picked font-semibold">
            Look on the shelf
          </Link>
        </div>
        <p className="plate-note mt-2 leading-snug">{picked.does}</p>
      </div>
    </div>
  )
}
