import { useEffect, useState } from 'react'
import type { BuildingNow } from '../api/building'

type Props = { building: BuildingNow; at: number; stop: (step: string) => void }

/** What sets: how much longer, and that it is done. It goes on whatever one looks at. */
export function Timers({ building, at, stop }: Props) {
  const { setting } = building.progress
  const [now, setNow] = useState(building.told)
  useEffect(() => {
    if (setting.length === 0) return
    const timer = setInterval(() => setNow(Date.now()), 500)
    return () => clearInterval(timer)
  }, [setting.length])
  if (setting.length === 0) return null
  return (
    <ul
      aria-label="What sets"
      className="flex flex-wrap gap-x-6 gap-y-1 border-b border-ink bg-paper px-6 py-1 text-xl"
    >
      {setting.map(({ step, left }) => {
        const rest = Math.max(0, left - Math.max(0, now - building.told))
        const { id, what } = building.steps[step]
        return (
          <li key={id} className="flex min-h-11 items-center gap-3">
            {rest > 0 ? (
              <>
                <span className="figure">{clock(rest)}</span> {what}
                {building.steps[at].waitsFor.includes(step) && (
                  <strong className="font-semibold">
                    Still setting: handle it with care, or do something else first.
                  </strong>
                )}
              </>
            ) : (
              <span role="alert" className="font-semibold">
                It has set: {what}. Open and close it: does it rock or spring?
              </span>
            )}
            <button
              type="button"
              className="word underline"
              onClick={() => stop(id)}
              aria-label={`${rest > 0 ? 'Skip' : 'Good'}: ${what}`}
            >
              {rest > 0 ? 'Skip' : 'Good'}
            </button>
          </li>
        )
      })}
    </ul>
  )
}

const clock = (ms: number) => {
  const seconds = Math.ceil(ms / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
