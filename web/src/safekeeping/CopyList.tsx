import type { Copy } from '../api/client'

const WHY: Record<Copy['why'], string> = {
  DAY: 'the first use of that day',
  BEFORE_RESTORE: 'before a backup was put back',
  BEFORE_MIGRATION: 'before an update of Vantbreeze',
  BROUGHT: 'from a file',
}

const DAY = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' })
const TIME = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' })

/** When something was made, as one says it. */
export const said = (moment: string) => `${DAY.format(new Date(moment))}, ${TIME.format(new Date(moment))}`

/** The copies, the newest first. */
export function CopyList({ copies, onChoose }: { copies: Copy[]; onChoose: (name: string) => void }) {
  if (copies.length === 0)
    return <p className="text-lg">None yet. The first one is made a few seconds after Vantbreeze is started.</p>
  return (
    <ul>
      {copies.map((copy) => (
        <li key={copy.name} className="flex flex-wrap items-center gap-x-4 border-t border-ink/30 py-1">
          <p className="min-w-72 flex-1 text-lg">
            {said(copy.made)}
            <span className="ms-3 text-base text-ink-soft italic">{WHY[copy.why]}</span>
          </p>
          <a
            className="word inline-flex items-center underline"
            href={`/api/copies/${copy.name}`}
            download
            aria-label={`Save the copy of ${said(copy.made)}`}
          >
            Save
          </a>
          {copy.why === 'BEFORE_MIGRATION' ? (
            <span className="px-2 text-base">put back with ./vantbreeze restore</span>
          ) : (
            <button
              type="button"
              className="word underline"
              aria-label={`Put back the copy of ${said(copy.made)}`}
              onClick={() => onChoose(copy.name)}
            >
              Put back…
            </button>
          )}
        </li>
      ))}
    </ul>
  )
}
