import { type FormEvent, type ReactNode, useState } from 'react'
import { Problem, FAILED } from '../api/client'
import { ProblemBox } from '../house/ProblemBox'

type FormProps = {
  label: string
  action: string
  onDo: () => Promise<unknown>
  children: (problemOf: (field: string) => boolean) => ReactNode
}

/** A few fields and one thing to do with them. What is refused stays as typed, with the reason. */
export function Form({ label, action, onDo, children }: FormProps) {
  const [problem, setProblem] = useState<Problem | null>(null)
  const done = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await onDo()
      setProblem(null)
    } catch (cause) {
      setProblem(cause instanceof Problem ? cause : new Problem(FAILED, 0))
    }
  }
  return (
    <form
      aria-label={label}
      className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2"
      onSubmit={(event) => void done(event)}
    >
      {children((field) => problem?.field === field)}
      <button type="submit" className="slip bg-paper font-semibold">
        {action}
      </button>
      {problem && <ProblemBox className="basis-full">{problem.message}</ProblemBox>}
    </form>
  )
}

type FieldProps = {
  label: string
  value: string
  onType: (text: string) => void
  wrong?: boolean
  wide?: boolean
  hint?: string
}

export function TextField({ label, value, onType, wrong = false, wide = false, hint }: FieldProps) {
  return (
    <label className="flex flex-col text-base text-ink-soft">
      {label}
      <input
        className={`figure min-h-11 border-b-2 bg-paper px-2 text-lg text-ink ${wrong ? 'border-wrong' : 'border-ink'} ${wide ? 'w-56' : 'w-28'}`}
        value={value}
        placeholder={hint}
        aria-invalid={wrong}
        maxLength={120}
        onChange={(event) => onType(event.target.value)}
      />
    </label>
  )
}
