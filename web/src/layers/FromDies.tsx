import { useState } from 'react'
import { useDieStacks } from '../api/cards'
import { type DieStack, type Layers, wordsOf } from '../api/client'
import { DieSketch, DiesInWords, NoDies } from '../house/Dies'
import { ProblemBox } from '../house/ProblemBox'
import { Sheet } from '../house/Sheet'

type Props = {
  card: string
  layers: Layers
  /** The panel that is looked at, by its place among all faces. */
  face: number
  onLay: (stack: DieStack) => Promise<unknown>
}

/** Layers that dies on hand cut, to be laid on what lies on a panel already. */
export function FromDies(props: Props) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <button type="button" className="slip bg-paper" onClick={() => setOpen(true)}>
        From my dies…
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title={`Cut with a die for ${props.layers.faces[props.face].name}`}
        back="Back to the layers"
        wide
      >
        {open && <Stacks {...props} onDone={() => setOpen(false)} />}
      </Sheet>
    </>
  )
}

function Stacks({ card, layers, face, onLay, onDone }: Props & { onDone: () => void }) {
  const { data, error } = useDieStacks(card, layers.revision, layers.faces[face].panel, layers.faces[face].face)
  const [problem, setProblem] = useState<string | null>(null)
  const lay = (stack: DieStack) => void onLay(stack).then(onDone, (cause: unknown) => setProblem(wordsOf(cause)))
  if (error) return <ProblemBox>{error.message}</ProblemBox>
  if (!data) return <p className="my-3 text-lg">Looking which go there…</p>
  if (!data.kept) return <NoDies />
  return (
    <>
      {problem && <ProblemBox className="mb-2">{problem}</ProblemBox>}
      <Group title="Frames: one on another, the same border all round" stacks={data.frames} onLay={lay} />
      <Group title="One layer" stacks={data.single} onLay={lay} />
      {data.single.length === 0 && (
        <p className="text-lg">
          None of your dies is small enough for what lies there. Take a layer off, or type a size.
        </p>
      )}
    </>
  )
}

function Group({ title, stacks, onLay }: { title: string; stacks: DieStack[]; onLay: (stack: DieStack) => void }) {
  if (stacks.length === 0) return null
  return (
    <section aria-label={title} className="mb-4">
      <h3 className="mb-1 text-lg italic">{title}</h3>
      <ul className="grid gap-x-6 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
        {stacks.map((stack, i) => (
          <li key={i}>
            <button type="button" className="word flex w-full items-center gap-3 py-1" onClick={() => onLay(stack)}>
              <DieSketch dies={stack.dies} />
              <DiesInWords {...stack} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
