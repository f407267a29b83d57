import { useEffect, useState } from 'react'
import type { BuildingNow } from '../api/building'

type Props = { building: BuildingNow; at: number; stop: (step: string) => void }
type Timer = { id: string; what: string; rest: number; wanted: boolean }

/** What sets: how much longer, and that it is done. It goes on whatever one looks at. */
export function Timers({ building, at, stop }: Props) {
  const { setting } = building.progress
  const [now, setNow] = useState(building.told)
  const [all, showAll] = useState(false)
  useEffect(() => {
    if (setting.length === 0) return
    const timer = setInterval(() => setNow(Date.now()), 500)
    return () => clearInterval(timer)
  }, [setting.length])
  if (setting.length === 0) return null
  const timers = setting.map(({ step, left }): Timer => {
    const { id, what } = building.steps[step]
    const rest = Math.max(0, left - Math.max(0, now - building.told))
    return { id, what, rest, wanted: building.steps[at].waitsFor.includes(step) }
  })
  const running = timers.filter(({ rest }) => rest > 0).sort(nearest)
  // however many set, the step itself keeps its room
  const shown = [...timers.filter(({ rest }) => rest === 0), ...(all ? running : running.slice(0, 1))]
  return (
    <div className="flex flex-wrap items-center gap-x-6 border-b border-ink bg-paper px-6 text-xl lg:flex-nowrap">
      <ul aria-label="What sets" className="flex flex-wrap gap-x-6 gap-y-1">
        {shown.map((timer) => (
          <li key={timer.id} className="flex min-h-11 flex-wrap items-center gap-x-3">
            <OneTimer timer={timer} stop={() => stop(timer.id)} />
          </li>
        ))}
      </ul>
      {running.length > 1 && (
        <button type="button" className="word underline" aria-expanded={all} onClick={() => showAll(!all)}>
          {all ? 'only the next' : `${running.length - 1} more`}
        </button>
      )}
    </div>
  )
}

/** Those that what is done now waits for come first, the longest before the others; then what has set soonest. */
function nearest(one: Timer, other: Timer) {
  if (one.wanted !== other.wanted) return one.wanted ? -1 : 1
  return one.wanted ? other.rest - one.rest : one.rest - other.rest
}

function OneTimer({ timer: { what, rest, wanted }, stop }: { timer: Timer; stop: () => void }) {
  const over = rest === 0
  return (
    <>
      {over ? (
        <span role="alert" className="font-semibold">
          It has set: {what}. Open and close it: does it rock or spring?
        </span>
      ) : (
        <>
          <span className="figure">{clock(rest)}</span> {what}
          {wanted && <strong className="font-semibold">Still setting: handle it with care.</strong>}
        </>
      )}
      <button type="button" className="word underline" onClick={stop} aria-label={`${over ? 'Good' : 'Skip'}: ${what}`}>
        {over ? 'Good' : 'Skip'}
      </button>
    </>
  )
}

const clock = (ms: number) => {
  const seconds = Math.ceil(ms / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
