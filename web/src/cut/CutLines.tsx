import type { CutStep, PaperCut } from '../api/client'
import type { Walk } from './useWalk'

type Props = { paper: PaperCut; stack: number; walk: Walk; x: (mm: number) => number; y: (mm: number) => number }

/**
 * Where the blade comes down on a sheet, each line with the number of its step: all of them before the first step; then those
 * done, and the one that is next to hand.
 */
export function CutLines({ paper, stack, walk, x, y }: Props) {
  const here = paper.steps.filter((step) => step.stack === stack && step.lines.length > 0)
  const now = walk.at > 0 ? paper.steps[walk.at - 1] : null
  return (
    <g className="pointer-events-none" aria-hidden>
      {here
        .filter((step) => walk.at === 0 || step.number <= walk.at)
        .map((step) => (
          <Lines key={step.number} step={step} isNow={step === now} isWalked={walk.at > 0} x={x} y={y} />
        ))}
      {now?.stack === stack &&
        now.edge &&
        now.areas.map((area, i) => <Fence key={i} edge={now.edge} area={area} x={x} y={y} />)}
    </g>
  )
}

/** What is cut now, as it lies. */
export function InHandArea({ paper, stack, walk, x, y }: Props) {
  const now = walk.at > 0 ? paper.steps[walk.at - 1] : null
  if (now?.stack !== stack) return null
  return now.areas.map((area, i) => (
    <rect
      key={i}
      x={x(area.x)}
      y={y(area.y + area.height)}
      width={x(area.width) - x(0)}
      height={y(0) - y(area.height)}
      className="fill-picked-wash"
    />
  ))
}

type LinesProps = Pick<Props, 'x' | 'y'> & { step: CutStep; isNow: boolean; isWalked: boolean }

function Lines({ step, isNow, isWalked, x, y }: LinesProps) {
  const first = step.lines[0]
  const upright = first[0] === first[2]
  return (
    <g>
      {step.lines.map(([x1, y1, x2, y2], i) => (
        <line
          key={i}
          x1={x(x1)}
          y1={y(y1)}
          x2={x(x2)}
          y2={y(y2)}
          className={isNow ? 'stroke-picked' : 'stroke-ink'}
          strokeWidth={isNow ? 3.5 : 1.6}
          strokeDasharray={isNow || isWalked ? undefined : '7 4'}
        />
      ))}
      {/* a number for the first of them, at the end where the blade sets out */}
      <g transform={`translate(${x(first[0])} ${y(upright ? first[3] : first[1])})`}>
        <circle r={10} className={isNow ? 'fill-picked' : 'fill-ink'} />
        <text dy="0.35em" textAnchor="middle" fontSize={13} className="fill-chalk font-figures">
          {step.number}
        </text>
      </g>
    </g>
  )
}

/** The edge that stands against the fence, and the fence. */
function Fence({
  edge,
  area,
  x,
  y,
}: Pick<Props, 'x' | 'y'> & { edge: CutStep['edge']; area: CutStep['areas'][number] }) {
  const { x: left, y: foot, width, height } = area
  const [x1, y1, x2, y2] =
    edge === 'left edge'
      ? [left, foot, left, foot + height]
      : edge === 'right edge'
        ? [left + width, foot, left + width, foot + height]
        : edge === 'foot'
          ? [left, foot, left + width, foot]
          : [left, foot + height, left + width, foot + height]
  return (
    <line
      x1={x(x1)}
      y1={y(y1)}
      x2={x(x2)}
      y2={y(y2)}
      className="stroke-ink"
      strokeWidth={7}
      strokeLinecap="butt"
      opacity={0.8}
    />
  )
}
