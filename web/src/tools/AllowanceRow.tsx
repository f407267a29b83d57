import type { Allowance } from '../api/client'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'

type Props = {
  allowance: Allowance
  set: (id: string, to: { text?: string; divisions?: number }) => Promise<void>
}

/** One allowance: what it is for, its figure to press and type over, and the trade's to go back to. */
export function AllowanceRow({ allowance, set }: Props) {
  const say = useSay()
  const back = () =>
    set(allowance.id, {}).then(
      () => say({ text: `${allowance.label}: as usual again.` }),
      (cause: Error) => say({ text: cause.message, wrong: true }),
    )
  return (
    <li className="grid grid-cols-[1fr_auto] items-baseline gap-x-6 border-t border-kraft py-3 first:border-t-0">
      <div>
        <h3 className="text-lg">{allowance.label}</h3>
        <p className="plate-note">{allowance.why}</p>
        <p className="text-base text-ink-soft">
          Usual: <FigureText figure={allowance.usual} unit className="text-lg" />
          {allowance.elsewhere && (
            <>
              , elsewhere <FigureText figure={allowance.elsewhere} unit className="text-lg" />
            </>
          )}{' '}
          <small className="text-base">({allowance.source})</small>
        </p>
        {allowance.own && (
          <button type="button" className="slip" onClick={() => void back()}>
            Back to the usual<span className="sr-only"> {allowance.label}</span>
          </button>
        )}
      </div>
      <FigureField
        label={allowance.label}
        figure={allowance.figure}
        onWrite={(text) => set(allowance.id, { text })}
        onMove={(divisions) => set(allowance.id, { divisions })}
        className={`text-2xl ${allowance.own ? 'font-semibold' : ''}`}
      />
    </li>
  )
}
