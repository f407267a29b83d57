import { WithFractions } from '../house/WithFractions'
import type { Odd } from './odd'

type Props = { label: string; odd: Odd[]; onWrite: (place: Odd, instead: string) => void }

/** What is odd in a recipe, and what to write instead; many scroll. */
export function OddPlaces({ label, odd, onWrite }: Props) {
  return (
    <ul
      className="flex max-h-60 flex-col gap-2 overflow-auto"
      tabIndex={odd.length > 3 ? 0 : undefined}
      aria-label={label}
    >
      {odd.map((place, i) => (
        <li key={i} className="flex flex-wrap items-center gap-x-3">
          {place.quote !== undefined && <span className="figure-run font-semibold break-all">“{place.quote}”</span>}
          <WithFractions text={place.words} />
          {place.instead !== undefined && (
            <button
              type="button"
              className="word figure-run underline"
              // the box keeps the caret
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => onWrite(place, place.instead!)}
            >
              {place.instead === '' ? 'Leave it out' : <WithFractions text={`Write “${place.instead}”`} />}
            </button>
          )}
        </li>
      ))}
    </ul>
  )
}
