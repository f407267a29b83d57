import type { ReactNode } from 'react'
import type { OwnStock, Paper, Size } from '../api/client'
import type { Put } from '../api/tools'
import { useAttempt } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { Swatch } from '../papers/Swatch'

type Thing = {
  id: string
  name: string
  away: boolean
  size?: Size
  words?: string
  paper?: Paper
  more?: ReactNode
  also?: ReactNode
}

/** What is kept, each put away when it is no longer wanted: cards that use it go on. */
export function Kept({ things, put }: { things: Thing[] | OwnStock['envelopes']; put: Put }) {
  const attempt = useAttempt()
  return (
    <ul>
      {(things as Thing[]).map(({ id, name, away, size, words, paper, more, also }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-4 border-t border-chalk-dim py-1">
          {paper && <Swatch paper={paper} />}
          <span className="flex min-w-64 flex-1 flex-wrap items-center gap-x-4 leading-snug">
            <span className={`text-lg ${away ? 'text-ink-soft line-through' : ''}`}>{name}</span>
            {size && <SizeText size={size} className="text-xl" />}
            {words && <span className="basis-full text-base">{words}</span>}
            {more}
          </span>
          <span className="ms-auto flex flex-wrap justify-end gap-x-2">
            {also}
            <button
              type="button"
              className="word underline"
              aria-label={`${away ? 'Show' : 'Hide'} ${name}`}
              onClick={() => attempt(away ? put.offered(id) : put.away(id))}
            >
              {away ? 'show it again' : 'hide'}
            </button>
          </span>
        </li>
      ))}
    </ul>
  )
}
