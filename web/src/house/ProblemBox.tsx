import type { ReactNode } from 'react'

type Props = { id?: string; className?: string; children: ReactNode }

/** What went wrong, in words, beside what it is about. */
export function ProblemBox({ id, className = '', children }: Props) {
  return (
    <span id={id} role="alert" className={`block border-l-4 border-wrong bg-wrong-wash px-3 py-2 ${className}`}>
      {children}
    </span>
  )
}
