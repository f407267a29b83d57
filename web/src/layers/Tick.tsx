import type { Layers, Point } from '../api/client'

type TickProps = {
  face: Layers['faces'][number]
  d: string
  middle: Point
  name: string[]
  clear: boolean
  printed: boolean
  numbers: number[]
  isTicked: boolean
  onTick: () => void
}

/** One side of a panel, to be ticked: its name, or the numbers of what lies on it. */
export function Tick({ face, d, middle, name, clear, printed, numbers, isTicked, onTick }: TickProps) {
  const written = [...new Set(numbers)].join(' · ')
  const words = face.why ?? `seen ${face.behind ? 'from behind, ' : ''}${face.poses.join(', ').toLowerCase()}`
  return (
    <g
      role="checkbox"
      aria-checked={isTicked}
      aria-disabled={!face.free}
      aria-label={`${face.name}, ${words}${written && `, layers ${written}`}`}
      tabIndex={face.free ? 0 : -1}
      className={`group outline-none [&:focus-visible>path]:stroke-picked [&:focus-visible>path]:[stroke-width:5] ${face.free ? 'cursor-pointer' : ''}`}
      onClick={() => face.free && onTick()}
      onKeyDown={(event) => {
        if (event.key !== ' ' && event.key !== 'Enter') return
        event.preventDefault()
        onTick()
      }}
    >
      <title>{`${face.name}: ${words}`}</title>
      <path
        d={d}
        fillRule="evenodd"
        className={
          isTicked ? 'fill-picked/15 stroke-picked' : 'fill-transparent stroke-transparent hover:stroke-picked'
        }
        strokeWidth={isTicked ? 4 : 2}
      />
      {written ? (
        <text
          x={middle.x}
          y={middle.y + 6}
          textAnchor="middle"
          className="fill-ink stroke-chalk font-figures text-[18px] font-semibold [paint-order:stroke]"
          strokeWidth={6}
          strokeLinejoin="round"
        >
          {written}
        </text>
      ) : (
        face.free && face.poses.length > 0 && <Name lines={name} middle={middle} clear={clear} printed={printed} />
      )}
      {/* rimmed with chalk, to be seen on dark papers too */}
      {isTicked &&
        [
          { stroke: 'stroke-chalk', wide: 11 },
          { stroke: 'stroke-picked', wide: 5 },
        ].map(({ stroke, wide }) => (
          <path
            key={stroke}
            d={`M${middle.x - 13} ${middle.y - 14}l8 8l16 -18`}
            className={`fill-none ${stroke}`}
            strokeWidth={wide}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ))}
    </g>
  )
}

/** What a panel is called; where that would lie on others it is told when the panel is pointed at. */
function Name({ lines, middle, clear, printed }: { lines: string[]; middle: Point; clear: boolean; printed: boolean }) {
  const seen = clear ? '' : 'opacity-0 group-hover:opacity-100 group-focus-visible:opacity-100'
  return (
    <text
      textAnchor="middle"
      className={`pointer-events-none text-[15px] italic ${seen} ${clear && !printed ? 'fill-ink-soft' : 'fill-ink stroke-chalk [paint-order:stroke]'}`}
      strokeWidth={clear && !printed ? 0 : 5}
    >
      {lines.map((line, i) => (
        <tspan key={i} x={middle.x} y={middle.y + 5 + (i - (lines.length - 1) / 2) * 17}>
          {line}
        </tspan>
      ))}
    </text>
  )
}
