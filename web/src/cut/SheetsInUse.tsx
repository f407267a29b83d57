import type { Card, Laid, PaperCut } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { useWidth } from '../bench/useWidth'
import { useSay } from '../house/Notices'
import { type Chosen, isChosen } from './chosen'
import { InHand } from './InHand'
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
  const say = useSay()
  const put = (laid: Laid, sheet: string, nth: number, x: number, y: number, turned: boolean) =>
    inHand
      .cut({
        what: 'PUT',
        paper: paper.paper,
        blank: laid.blank,
        copy: laid.copy,
        sheet,
        nth,
        x,
        y,
        turned,
      })
      .catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const drag = useBlankDrag(card.id, paper, (laid, to, x, y) => {
    choose({ blank: laid.blank, copy: laid.copy })
    void put(laid, to.sheet, to.nth, x, y, laid.turned)
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
            onPut={(laid, x, y, turned) => void put(laid, stack.sheet, stack.nth, x, y, turned)}
            ghost={ghostOn(drag.ghost, i)}
            onTake={drag.take}
          />
        ))}
      </div>
      <InHand
        paper={paper}
        taken={taken ?? null}
        onTurn={({ stack, laid }) => void put(laid, stack.sheet, stack.nth, laid.area.x, laid.area.y, !laid.turned)}
        onPin={({ stack, laid }) => void put(laid, stack.sheet, stack.nth, laid.area.x, laid.area.y, laid.turned)}
        onMove={({ laid }, to) => void put(laid, to.sheet, to.nth, 0, 0, laid.turned)}
        onLetGo={({ laid }) => {
          inHand
            .cut({ what: 'LET_GO', paper: paper.paper, blank: laid.blank, copy: laid.copy })
            .catch((cause: Error) => say({ text: cause.message, wrong: true }))
        }}
      />
    </div>
  )
}

const ghostOn = (ghost: Ghost | null, stack: number) => (ghost?.stack === stack ? ghost : null)
