import { Popover } from 'radix-ui'
import { type FormEvent, type ReactNode, useState } from 'react'
import { ProblemBox } from './ProblemBox'

type Props = {
  label: string
  title: string
  action: string
  onDo: () => Promise<unknown>
  children: ReactNode
  className?: string
}

/** A slip of paper that opens where it is asked for, with a few things to fill in. What is refused stays, with the reason. */
export function Slip({ label, title, action, onDo, children, className = 'word' }: Props) {
  const [open, setOpen] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const done = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await onDo()
      setProblem(null)
      setOpen(false)
    } catch (cause) {
      setProblem((cause as Error).message)
    }
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className={className}>{label}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="z-20 w-96 max-w-[95vw] border-b-2 border-ink bg-chalk px-5 py-4"
          aria-label={title}
        >
          <form onSubmit={(event) => void done(event)}>
            <h2 className="mb-2 text-xl">{title}</h2>
            {children}
            {problem && <ProblemBox className="my-2">{problem}</ProblemBox>}
            <button type="submit" className="slip mt-2 bg-paper font-semibold">
              {action}
            </button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
