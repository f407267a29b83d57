import { type ReactNode, useState } from 'react'

/** More than one takes in at a glance. */
const GLANCE = 12

type Props = { count: number; what: string; glance?: number; children: () => ReactNode }

/** A few things as they are; many behind a word that counts them, made only when they are wanted. */
export function Many({ count, what, glance = GLANCE, children }: Props) {
  const [open, setOpen] = useState(false)
  if (count <= glance) return children()
  return (
    <>
      <button type="button" className="word text-lg underline" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? `fold away the ${count} ${what}` : `all ${count} ${what}`}
      </button>
      {open && children()}
    </>
  )
}
