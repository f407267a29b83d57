import type { Laid, PaperCut, SheetStack } from '../api/client'
import { SizeText } from '../house/SizeText'

export type Taken = { stack: SheetStack; laid: Laid }

/** A sheet of a kind: the how-manieth of those with anything pinned; 0 for one more. */
export type Place = Pick<SheetStack, 'sheet' | 'nth'>

type Props = {
  paper: PaperCut
  taken: Taken | null
  onTurn: (taken: Taken) => void
  onPin: (taken: Taken) => void
  onMove: (taken: Taken, to: Place) => void
  onLetGo: (taken: Taken) => void
}

/** The blank that is taken up, and what can be done with it. */
export function InHand({ paper, taken, onTurn, onPin, onMove, onLetGo }: Props) {
  if (paper.stacks.length === 0) return null
  if (!taken) {
    return (
      <p className="plate-note px-6 pb-2 text-base">
        Press a piece to take it up, or drag it where you want it: it stays there, and the rest is planned about it.
      </p>
    )
  }
  const { laid, stack } = taken
  const blank = paper.blanks[laid.blank]
  const others = [
    ...paper.stacks.filter((one) => one !== stack).map((one) => ({ ...one, name: `sheet ${one.first}` })),
    // kinds that lie ready and that nothing is cut from yet
    ...paper.sheets
      .filter(({ listed, used, use }) => listed && used === 0 && use !== 'BANNED')
      .map(({ id, name }) => ({ sheet: id, nth: 0, name })),
  ]
  return (
    <div role="group" aria-label="In hand" className="flex flex-wrap items-center gap-x-3 gap-y-1 px-6 pb-2 text-lg">
      <span>
        {blank.numbered ? `Number ${blank.label}` : blank.label}, <SizeText size={blank.size} />
        {blank.where !== blank.label && <span className="block text-base text-ink-soft">{blank.where}</span>}
      </span>
      {laid.shared ? (
        <span className="text-base italic">It shares its rectangle with others, so it stays with them.</span>
      ) : (
        <>
          {laid.pinned ? (
            <button type="button" className="slip bg-paper" onClick={() => onLetGo(taken)}>
              Let it go
            </button>
          ) : (
            <button type="button" className="slip bg-paper" onClick={() => onPin(taken)}>
              Pin it here
            </button>
          )}
          <button type="button" className="slip bg-paper" disabled={!blank.turns} onClick={() => onTurn(taken)}>
            Turn it
          </button>
          {others.map((to) => (
            <button key={to.name} type="button" className="slip bg-paper" onClick={() => onMove(taken, to)}>
              To {to.name}
            </button>
          ))}
          {!blank.turns && <span className="text-base italic">Its pattern has an upper end.</span>}
        </>
      )}
    </div>
  )
}
