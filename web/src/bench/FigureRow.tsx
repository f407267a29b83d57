import type { ReactNode } from 'react'
import { InSight } from './InSight'
import type { picking } from './picked'

/** One row of its own and not of a grid, so that a figure that changes does not have every row laid out anew. */
export function FigureRow({
  name,
  lit,
  children,
  ...pointing
}: { name: string; lit?: boolean; children: ReactNode } & Partial<ReturnType<typeof picking>>) {
  'use memo'
  return (
    <InSight className="mb-0.5 flex items-baseline gap-x-5">
      <dt className={`w-32 shrink-0 font-text text-base italic ${lit ? 'text-picked' : 'text-ink-soft'}`}>{name}</dt>
      <dd className="flex min-w-0 flex-1 flex-wrap items-center gap-x-3" {...pointing}>
        {children}
      </dd>
    </InSight>
  )
}
