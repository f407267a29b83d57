import type { Card, Laid, PaperCut } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { useWidth } from '../bench/useWidth'
import { useAttempt } from '../house/Notices'
import { type Chosen, isChosen } from './chosen'
import { InHand, type Place } from './InHand'
import { MARGIN, OneStack } from './OneStack'
import { type Ghost, useBlankDrag } from './useBlankDrag'
import type { Walk } from './useWalk'

type Props = {
  card: Card
  paper: PaperCut
  inHand: CardInHand
  walk: Walk
  chosen: Chosen
  choose: (chosen: Chosen) => void
}

/** Highest and lowest that a sheet is drawn, pixels. */
const TALLEST = 400
const GAP = 28

/** All sheets of a paper that are used, beside one another at one scale, with what lies on them. */
export function SheetsInUse({ card, paper, inHand, walk, chosen, choose }: Props) {
  const [element, width] = useWidth<HTMLDivElement>()
  const attempt = useAttempt()
  const put = (laid: Laid, to: Place, x: number, y: number, turned: boolean) =>
    attempt(
      inHand.cut({
        what: 'PUT',
        paper: paper.paper,
        blank: laid.blank,
        copy: laid.copy,
        sheet: to.sheet,
        nth: to.nth,
        x,
        y,
        turned,
      }),
    )
  const drag = useBlankDrag(card.id, paper, (laid, to, x, y) => {
    choose({ blank: laid.blank, copy: laid.copy })
    put(laid, to, x, y, laid.turned)
  })
  const whole = paper.stacks.reduce((sum, { size }) => sum + size.width.mm, 0)
  const highest = Math.max(1, ...paper.stacks.map(({ size }) => size.height.mm))
  const room = Math.max(260, width - 2 * MARGIN)
  const many = paper.stacks.length
  const beside = (room - (GAP + 2 * MARGIN) * (many - 1)) / Math.max(1, whole)
  const widest = Math.max(1, ...paper.stacks.map(({ size }) => size.width.mm))
  const scale = Math.min(TALLEST / highest, room / widest, Math.max(beside, (many > 3 ? 200 : 260) / highest))
  const lying = paper.stacks.flatMap((stack) => stack.blanks.map((laid) => ({ stack, laid })))
  const taken = lying.find(({ laid }) => isChosen(chosen, laid))
  return (
    <div className="min-w-0">
      <div ref={element} className="flex flex-wrap items-end gap-x-7 gap-y-3 px-6 pt-2 pb-2">
        {paper.stacks.map((stack, i) => (
          <OneStack
            key={`${stack.first}`}
            number={i}
            stack={stack}
            paper={paper}
            look={card.papers.find(({ id }) => id === paper.paper)}
            scale={scale}
            walk={walk}
            chosen={chosen}
            onChoose={choose}
            onPut={(laid, x, y, turned) => put(laid, stack, x, y, turned)}
            ghost={ghostOn(drag.ghost, i)}
            onTake={drag.take}
          />
        ))}
      </div>
      <InHand
        paper={paper}
        taken={taken ?? null}
        onTurn={({ stack, laid }) => put(laid, stack, laid.area.x, laid.area.y, !laid.turned)}
        onPin={({ stack, laid }) => put(laid, stack, laid.area.x, laid.area.y, laid.turned)}
        onMove={({ laid }, to) => put(laid, to, 0, 0, laid.turned)}
        onLetGo={({ laid }) =>
          attempt(inHand.cut({ what: 'LET_GO', paper: paper.paper, blank: laid.blank, copy: laid.copy }))
        }
      />
    </div>
  )
}

const ghostOn = (ghost: Ghost | null, stack: number) => (ghost?.stack === stack ? ghost : null)
