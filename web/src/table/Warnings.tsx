import type { Building } from '../api/client'

/** What does not go together any more: what is stuck, and what was done before the plan changed. */
export function Warnings({ building, at }: { building: Building; at: number }) {
  const { gaping, stuck, lost, progress } = building
  const sets = progress.setting.filter(({ step, left }) => left > 0 && building.steps[at].waitsFor.includes(step))
  const words = [
    ...gaping,
    ...stuck.map((what) => `“${what}” can't be done in any order: a hand does not come there. Look at the bench.`),
    ...lost,
    ...progress.changed,
    ...progress.gone,
  ]
  if (words.length + sets.length === 0) return null
  return (
    <ul aria-label="Mind" className="border-b border-ink px-6 py-2 text-lg">
      {sets.map(({ step }) => (
        <li key={step}>Still setting: {building.steps[step].what}. Handle it with care, or do something else first.</li>
      ))}
      {words.map((word) => (
        <li key={word} className="text-wrong">
          {word}
        </li>
      ))}
    </ul>
  )
}
