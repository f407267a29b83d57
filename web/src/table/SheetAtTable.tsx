import type { CutStep, PaperCut, Point } from '../api/client'
import { CutLines, InHandArea } from '../cut/CutLines'
import { outline } from '../house/outline'

const HIGH = 380
const MARGIN = 16

/** The sheet that is cut, and where. */
export function SheetAtTable({ paper, step }: { paper: PaperCut; step: CutStep }) {
  const { size, trimMm, blanks, name, first } = paper.stacks[step.stack]
  const scale = HIGH / Math.max(size.height.mm, size.width.mm)
  const x = (mm: number) => MARGIN + (mm + trimMm) * scale
  const y = (mm: number) => MARGIN + (size.height.mm - mm - trimMm) * scale
  const at = (corner: Point) => `${x(corner.x)},${y(corner.y)}`
  const walk = { at: step.number, go: () => {}, playing: false, play: () => {} }
  const drawn = { paper, stack: step.stack, walk, x, y }
  return (
    <svg
      viewBox={`0 0 ${size.width.mm * scale + 2 * MARGIN} ${size.height.mm * scale + 2 * MARGIN}`}
      className="max-h-[48vh] w-full max-w-md shrink max-lg:max-h-[26vh]"
      role="img"
      aria-label={`Sheet ${first}, ${name}, with this cut drawn bold`}
    >
      <rect
        x={MARGIN}
        y={MARGIN}
        width={size.width.mm * scale}
        height={size.height.mm * scale}
        className="fill-paper stroke-ink"
      />
      <InHandArea {...drawn} />
      {blanks.map((laid, i) => (
        <path key={i} d={outline(laid, at)} fillRule="evenodd" className="fill-none stroke-kraft-line" />
      ))}
      <CutLines {...drawn} />
    </svg>
  )
}
