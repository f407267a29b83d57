import { type Building, type MadeFigure, spoken } from '../api/client'

type Props = { building: Building; made: MadeFigure[]; look: () => void }

/** What does not go together any more: what is stuck, and what was done before the plan changed. */
export function Warnings({ building, made, look }: Props) {
  const { gaping, stuck, lost, missing, progress } = building
  const off = made.filter(({ isOff }) => isOff)
  const words = [
    ...gaping,
    ...stuck.map((what) => `“${what}” can't be done in any order: a hand does not come there. Look at the bench.`),
    ...missing,
    ...lost,
    ...progress.changed,
    ...progress.gone,
  ]
  if (words.length + off.length === 0) return null
  return (
    <ul aria-label="Mind" className="border-b border-ink px-6 py-2 text-lg">
      {off.length > 0 && (
        <li>
          Not as planned: {off.map(({ words, came }) => `${words} ${came ? spoken(came) : ''}`).join('; ')}.{' '}
          <button type="button" className="word underline" onClick={look}>
            What it does to the rest
          </button>
        </li>
      )}
      {words.map((word) => (
        <li key={word} className="text-wrong">
          {word}
        </li>
      ))}
    </ul>
  )
}
