type Props = { isFirst: boolean; isLast: boolean; isDone: boolean; go: (by: number) => void }

/** One step back, one step on: large enough for an elbow. */
export function BackAndOn({ isFirst, isLast, isDone, go }: Props) {
  return (
    <nav aria-label="Steps" className="sticky bottom-0 grid grid-cols-[1fr_2fr] gap-4 bg-chalk px-6 py-4">
      <button
        type="button"
        className="min-h-24 border-b-4 border-ink bg-paper text-3xl disabled:text-ink-soft"
        disabled={isFirst}
        onClick={() => go(-1)}
      >
        Back
      </button>
      <button
        type="button"
        className="min-h-24 border-b-4 border-ink bg-ink text-3xl text-chalk disabled:bg-ink-soft"
        disabled={isLast && isDone}
        onClick={() => go(1)}
      >
        {!isLast ? 'Next' : isDone ? 'That was the last' : 'Done: the card is made'}
      </button>
    </nav>
  )
}
