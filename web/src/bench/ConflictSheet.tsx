import { useLocation } from 'wouter'
import { useAttempt } from '../house/Notices'
import { Sheet } from '../house/Sheet'
import type { CardInHand } from './useCard'

/** Another window changed the card first: both are offered, nothing is lost. */
export function ConflictSheet({ inHand }: { inHand: CardInHand }) {
  const [, go] = useLocation()
  const { conflict } = inHand
  const attempt = useAttempt()
  if (!conflict) return null
  const choices = [
    {
      label: 'Take it as it is there',
      words: 'What you just did is left out; the rest of your steps are in there.',
      run: inHand.takeTheirs,
    },
    {
      label: 'Do my step there',
      words: 'The card of the other window, with what you just did done to it.',
      run: conflict.again,
    },
    {
      label: 'Keep mine as a second card',
      words: 'The other window keeps its card; yours, with your step, lies beside it in the drawer.',
      run: async () => go(`/card/${(await conflict.onCopy()).id}`),
    },
  ]
  return (
    <Sheet open title="This card was changed in another window" onClose={() => attempt(inHand.takeTheirs())}>
      <ul className="flex flex-col gap-3">
        {choices.map(({ label, words, run }) => (
          <li key={label}>
            <button type="button" className="slip w-full bg-paper" onClick={() => attempt(run())}>
              <span className="block text-lg font-semibold">{label}</span>
              <span className="block text-base">{words}</span>
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}
