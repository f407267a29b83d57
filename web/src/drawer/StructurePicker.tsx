import { ToggleGroup } from 'radix-ui'
import type { Stock } from '../api/client'
import { PaperSketch } from '../house/PaperSketch'

type Structure = Stock['structures'][number]
type Props = { structures: Structure[]; picked: Structure; onPick: (id: string) => void }

/** The structures side by side, each as it looks part-open; picked by looking. */
export function StructurePicker({ structures, picked, onPick }: Props) {
  return (
    <>
      <ToggleGroup.Root
        type="single"
        value={picked.id}
        aria-label="Structure"
        onValueChange={(id) => id && onPick(id)}
        className="mt-2 grid grid-cols-5 gap-1"
      >
        {structures.map(({ id, name, panels, partOpen }) => (
          <ToggleGroup.Item
            key={id}
            value={id}
            className="flex flex-col items-center justify-start gap-1 border-b-2 border-transparent px-1 pt-2 pb-1 hover:bg-picked-wash data-[state=on]:border-ink data-[state=on]:bg-kraft"
          >
            <PaperSketch panels={panels} matrices={partOpen} className="h-10 max-w-full" />
            <span className="text-base leading-tight">{name}</span>
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <p className="plate-note mt-2">{picked.description}</p>
    </>
  )
}
