import { useSay } from '../house/Notices'
import { leaveOut, saveAgain, useSaving } from './saving'

/** How the card stands: saving, saved, or not saved, with why and what to do. */
export function SaveState({ card }: { card: string }) {
  const { underWay, unsaved } = useSaving()
  const say = useSay()
  const mine = unsaved.filter((step) => step.card === card)
  if (mine.length === 0) {
    return (
      <span className="inline-block w-16 text-base whitespace-nowrap" data-saving={underWay > 0 ? 'saving' : 'saved'}>
        {underWay > 0 ? 'Saving…' : 'Saved'}
      </span>
    )
  }
  const again = () => void saveAgain(card).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  return (
    <div
      role="alert"
      data-saving="not saved"
      className="order-last flex w-full flex-wrap items-center gap-x-4 border-l-4 border-wrong bg-wrong-wash px-3 py-1"
    >
      <p>
        <strong>Not saved{mine.length > 1 ? `: your last ${mine.length} steps` : ': your last step'}.</strong>{' '}
        {mine[mine.length - 1].why}
      </p>
      <button type="button" className="word underline" disabled={underWay > 0} onClick={again}>
        Try again
      </button>
      <button type="button" className="word underline" onClick={() => leaveOut(card)}>
        Leave it out
      </button>
    </div>
  )
}
