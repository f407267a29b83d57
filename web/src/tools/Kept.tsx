import type { OwnStock, Size } from '../api/client'
import type { Put } from '../api/tools'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'

type Thing = { id: string; name: string; away: boolean; size?: Size; words?: string; colour?: string }

/** What is kept, each put away when it is no longer wanted: cards that use it go on. */
export function Kept({ things, put }: { things: Thing[] | OwnStock['envelopes']; put: Put }) {
  const say = useSay()
  const attempt = (step: Promise<unknown>) => void step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <ul>
      {(things as Thing[]).map(({ id, name, away, size, words, colour }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-4 border-t border-chalk-dim py-1">
          {colour && <span aria-hidden className="inline-block size-8 border border-ink" style={{ background: colour }} />}
          <span className={`text-lg ${away ? 'text-ink-soft line-through' : ''}`}>{name}</span>
          {size && <SizeText size={size} className="text-xl" />}
          {words && <span className="text-base">{words}</span>}
          <button type="button" className="word ms-auto underline" aria-label={`${away ? 'Offer' : 'Put away'} ${name}`} onClick={() => attempt(away ? put.offered(id) : put.away(id))}>
            {away ? 'offer it again' : 'put away'}
          </button>
        </li>
      ))}
    </ul>
  )
}
