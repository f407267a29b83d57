import { type FormEvent, useState } from 'react'
import { wordsOf } from '../api/client'
import { ProblemBox } from '../house/ProblemBox'

type Size = { width: string; height: string }

/** The same card in another size, all its parts with it. What can't be read stays as typed, with the reason. */
export function AnotherSize({ resize }: { resize: (size: Size) => Promise<unknown> }) {
  const [size, setSize] = useState<Size>({ width: '', height: '' })
  const [problem, setProblem] = useState<string | null>(null)
  const make = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await resize(size)
      setProblem(null)
      setSize({ width: '', height: '' })
    } catch (cause) {
      setProblem(wordsOf(cause))
    }
  }
  const field = (name: keyof Size, label: string) => (
    <input
      aria-label={label}
      className={`figure min-h-11 w-24 border-b-2 bg-paper px-2 text-lg ${problem ? 'border-wrong' : 'border-ink'}`}
      value={size[name]}
      maxLength={60}
      required
      onChange={(event) => setSize({ ...size, [name]: event.target.value })}
    />
  )
  return (
    <details className="mt-2">
      <summary className="min-h-11 py-2 text-lg">Same card, another size</summary>
      <form className="flex flex-wrap items-center gap-2" onSubmit={(event) => void make(event)}>
        {field('width', 'New width')}
        <span className="figure">×</span>
        {field('height', 'New height')}
        <button type="submit" className="slip">
          Resize
        </button>
        {problem && <ProblemBox className="basis-full">{problem}</ProblemBox>}
      </form>
    </details>
  )
}
