import { memo, useState } from 'react'
import { useShowing } from '../api/cards'

/** Which panels are seen in each pose: what a maker would dress. Looked at only when asked. */
export const WhatShows = memo(function WhatShows({ id, revision }: { id: string; revision: number }) {
  const [asked, setAsked] = useState(false)
  const showing = useShowing(id, revision, asked)
  return (
    <details onToggle={(event) => setAsked(event.currentTarget.open)}>
      <summary className="min-h-11 py-2 text-lg">What shows</summary>
      {showing.isPending && asked && <p className="plate-note">Looking from all sides…</p>}
      {showing.isError && <p role="alert">{showing.error.message}</p>}
      <dl className="text-base">
        {showing.data?.map(({ pose, front, behind }) => (
          <div key={pose} className="mb-2">
            <dt className="italic">{pose}</dt>
            <dd>In front: {listed(front)}</dd>
            <dd>Behind: {listed(behind)}</dd>
          </div>
        ))}
      </dl>
    </details>
  )
})

const listed = (names: string[]) => (names.length > 0 ? names.join(', ') : 'nothing')
