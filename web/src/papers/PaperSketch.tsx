import type { Point } from '../api/client'
import { LayerShape } from './LayerShape'
import { outline, type Shape } from '../house/outline'
import { colourOf, type Dress, seatOf } from './dress'

type Box = { left: number; top: number; width: number; height: number }
type Props = {
  panels: Shape[]
  matrices: number[][]
  stands?: boolean
  layers?: number[]
  within?: Box
  dress?: Dress
  className?: string
}

type Space = [number, number, number]

const RAISED = (38 * Math.PI) / 180
const TURN = (26 * Math.PI) / 180

/** Where a point of the sheet comes to lie when its panel is moved by a column-major matrix. */
function moved({ x, y }: Point, m: number[]): Space {
  return [m[0] * x + m[4] * y + m[12], m[1] * x + m[5] * y + m[13], m[2] * x + m[6] * y + m[14]]
}

/** From how it lies on the table to how it stands there: its height up, its front to the one who looks. */
const upright = ([x, y, z]: Space): Space => [x, -z, y]

/** As seen from a chair at the table: x across, y down, and how near. */
function seen([x, y, z]: Space): Space {
  const turnedX = x * Math.cos(TURN) - y * Math.sin(TURN)
  const turnedY = x * Math.sin(TURN) + y * Math.cos(TURN)
  return [
    turnedX,
    -(turnedY * Math.sin(RAISED) + z * Math.cos(RAISED)),
    z * Math.sin(RAISED) - turnedY * Math.cos(RAISED),
  ]
}

function placed(corner: Point, matrix: number[], stands: boolean) {
  const at = moved(corner, matrix)
  return seen(stands ? upright(at) : at)
}

/** From a panel's sheet to the drawing: drawn from afar, that is an affine map. */
function affine(matrix: number[], stands: boolean) {
  const [o, x, y] = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 0, y: 1 },
  ].map((corner) => placed(corner, matrix, stands))
  return `matrix(${x[0] - o[0]} ${x[1] - o[1]} ${y[0] - o[0]} ${y[1] - o[1]} ${o[0]} ${o[1]})`
}

/** What a card takes up in the drawing. */
export function extent(panels: Shape[], matrices: number[][], stands: boolean): Box {
  const points = panels.flatMap(({ corners }, i) => corners.map((corner) => placed(corner, matrices[i], stands)))
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top }
}

/** What it takes up on its whole way: the box round its boxes at each step. */
export function extentOfAll(panels: Shape[], frames: number[][][], stands: boolean): Box {
  const boxes = frames.map((frame) => extent(panels, frame, stands))
  const left = Math.min(...boxes.map((box) => box.left))
  const top = Math.min(...boxes.map((box) => box.top))
  return {
    left,
    top,
    width: Math.max(...boxes.map((box) => box.left + box.width)) - left,
    height: Math.max(...boxes.map((box) => box.top + box.height)) - top,
  }
}

/**
 * A card as a line drawing; `within` keeps the eye still while it moves. What is nearer is drawn later; once it lies flat,
 * `layers` says for each panel how high it lies.
 */
export function PaperSketch({ panels, matrices, stands = false, layers, within, dress, className = '' }: Props) {
  const drawn = panels
    .map(({ corners, holes }, i) => {
      const points = corners.map((corner) => placed(corner, matrices[i], stands))
      const nearness = points.reduce((sum, point) => sum + point[2], 0) / points.length
      const area = points.reduce((sum, [x, y], j) => {
        const [nextX, nextY] = points[(j + 1) % points.length]
        return sum + x * nextY - nextX * y
      }, 0)
      return { panel: i, corners, holes, nearness: layers ? layers[i] : nearness, face: area < 0 }
    })
    .sort((a, b) => a.nearness - b.nearness)
  const order = drawn.map(({ panel }) => panel)
  const { left, top, width, height } = within ?? extent(panels, matrices, stands)
  const pad = width * 0.03
  return (
    <svg
      viewBox={`${left - pad} ${top - pad} ${width + 2 * pad} ${height + 2 * pad}`}
      className={className}
      aria-hidden
    >
      {drawn.map(({ panel, corners, holes, face }) => (
        <g key={panel}>
          <path
            d={outline({ corners, holes }, (point) => {
              const [x, y] = placed(point, matrices[panel], stands)
              return `${x.toFixed(2)},${y.toFixed(2)}`
            })}
            fillRule="evenodd"
            className={`stroke-ink ${dress ? '' : face ? 'fill-paper' : 'fill-paper-back'}`}
            fill={dress && colourOf(dress, panel, face)}
            strokeWidth={1.3}
            strokeLinejoin="round"
            vectorEffect="non-scaling-stroke"
          />
          {dress && (
            <g transform={affine(matrices[panel], stands)}>
              {dress.layers
                .filter((layer) => layer.face === face && seatOf(layer, order) === panel)
                .map((layer, i) => (
                  <LayerShape key={i} layer={layer} paper={dress.papers.find(({ id }) => id === layer.paper)} />
                ))}
            </g>
          )}
        </g>
      ))}
    </svg>
  )
}
