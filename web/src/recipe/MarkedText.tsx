import { type Ref, useRef } from 'react'

type Passage = { start: number; end: number; words: string }
type Props = {
  text: string
  onWrite: (text: string) => void
  /** What was not understood, or is odd. */
  passages: Passage[]
  /** What is not about the card. */
  passedOver?: Passage[]
  box?: Ref<HTMLTextAreaElement>
  onCaret?: (at: number) => void
}

const LOOK = 'figure-run min-h-56 w-full whitespace-pre-wrap break-words p-3 text-2xl leading-relaxed'

/** A box to write in, where what was not understood is underlined as it stands, and what is not about the card greyed. */
export function MarkedText({ text, onWrite, passages, passedOver = [], box, onCaret }: Props) {
  const under = useRef<HTMLDivElement>(null)
  return (
    <div className="relative">
      <div
        ref={under}
        aria-hidden
        className={`${LOOK} pointer-events-none absolute inset-0 overflow-hidden border-b-2 border-transparent bg-paper text-transparent`}
      >
        {marked(text, passages, passedOver)}
      </div>
      <textarea
        ref={box}
        aria-label="Recipe"
        autoFocus
        className={`${LOOK} relative block min-h-56 resize-none border-b-2 border-ink bg-transparent field-sizing-content`}
        value={text}
        maxLength={50000}
        spellCheck={false}
        onChange={(event) => onWrite(event.target.value)}
        onSelect={(event) => onCaret?.(event.currentTarget.selectionEnd)}
        onScroll={(event) => {
          under.current!.scrollTop = event.currentTarget.scrollTop
        }}
      />
    </div>
  )
}

const WAVY = 'bg-wrong-wash text-transparent underline decoration-wrong decoration-wavy decoration-2 underline-offset-4'
const GREYED = 'bg-chalk-dim text-transparent'

/** The text cut at the passages, each of them in a mark; where two overlap the first stands. */
function marked(text: string, passages: Passage[], passedOver: Passage[]) {
  const parts = []
  let at = 0
  const all = [
    ...passages.map((passage) => ({ ...passage, look: WAVY })),
    ...passedOver.map((passage) => ({ ...passage, look: GREYED })),
  ]
  for (const { start, end, look } of all.sort((a, b) => a.start - b.start)) {
    if (start < at || end <= start) continue
    parts.push(text.slice(at, start))
    parts.push(
      <mark key={start} className={look}>
        {text.slice(start, end)}
      </mark>,
    )
    at = end
  }
  return [...parts, text.slice(at), '\n']
}
