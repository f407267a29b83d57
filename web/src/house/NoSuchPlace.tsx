import type { ReactNode } from 'react'
import { Link } from 'wouter'
import { Heading } from './Heading'

/** Where an address leads nowhere: says so and shows the way back, and what else can be done. */
export function NoSuchPlace({
  title = 'Not on this table',
  text,
  children,
}: {
  title?: string
  text: string
  children?: ReactNode
}) {
  return (
    <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-6 p-8">
      <Heading className="text-3xl" title={title}>
        {title}
      </Heading>
      <p className="text-lg">{text}</p>
      <p className="flex flex-wrap gap-2">
        <Link href="/" className="slip inline-block">
          Back to the drawer
        </Link>
        {children}
      </p>
    </main>
  )
}
