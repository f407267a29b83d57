import { type ReactNode, useId } from 'react'

type Props = { label: string; value: string; onChoose: (value: string) => void; children: ReactNode; quiet?: boolean }

/** A labelled list to choose from. */
export function Choice({ label, value, onChoose, children, quiet = false }: Props) {
  const id = useId()
  return (
    <span className="inline-flex max-w-full min-w-0 flex-col">
      <label htmlFor={id} className={quiet ? 'sr-only' : 'text-base text-ink-soft'}>
        {label}
      </label>
      <select
        id={id}
        className="slip max-w-full truncate font-figures text-lg"
        value={value}
        onChange={(event) => onChoose(event.target.value)}
      >
        {children}
      </select>
    </span>
  )
}
