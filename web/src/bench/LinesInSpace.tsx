import { useFrame } from '@react-three/fiber'
import { useMemo, useRef } from 'react'
import { Matrix4, type Mesh, Quaternion, Vector3 } from 'three'
import type { Piece, Point } from '../api/client'
import { type Picked, usePicked } from './picked'
import type { Stage } from './stage'

export type Line = { key: string; what: NonNullable<Picked>; panels: number[]; from: Point; to: Point; isMark: boolean }

const UP = new Vector3(0, 1, 0)
/** How thick a lit line is drawn, and how near the pointer must come to one, mm. */
const DRAWN = 0.9
const NEAR = 2.4

/** Scores and slits that are picked, drawn on the card in space. Where they lie is known to the stage alone, so that it need not be drawn again by React while one is dragged. */
export function LinesInSpace({ stage }: { stage: Stage }) {
  'use memo'
  const { lit } = usePicked()
  return (
    <>
      {[...lit.hinges].map((key) => (
        <LineInSpace key={key} of={key} isMark={false} stage={stage} />
      ))}
      {[...lit.marks].map((key) => (
        <LineInSpace key={`mark ${key}`} of={key} isMark stage={stage} />
      ))}
    </>
  )
}

function LineInSpace({ of, isMark, stage }: { of: string; isMark: boolean; stage: Stage }) {
  const mesh = useRef<Mesh>(null)
  useFrame(() => {
    const line = stage.lines.find((one) => one.key === of && one.isMark === isMark)
    if (!mesh.current) return
    mesh.current.visible = line !== undefined
    if (!line) return
    mesh.current.matrix.copy(along(line, stage.matrices[line.panels[0]]))
    mesh.current.matrixWorldNeedsUpdate = true
  })
  return (
    <mesh ref={mesh} matrixAutoUpdate={false} frustumCulled={false}>
      <cylinderGeometry args={[DRAWN, DRAWN, 1, 6, 1]} />
      <meshBasicMaterial color="#0a549c" />
    </mesh>
  )
}

/** All lines of a card, for lighting and pointing at them. */
export function useLines(pieces: Piece[]) {
  return useMemo(() => pieces.flatMap(linesOf), [pieces])
}

/** The line that runs along a panel there, if one is near enough; the place is on its sheet. */
export function lineNear(lines: Line[], panel: number, at: Point): NonNullable<Picked> | null {
  return lines.find((line) => line.panels.includes(panel) && distance(at, line) < NEAR)?.what ?? null
}

function distance(at: Point, { from, to }: Line) {
  const [wx, wy] = [to.x - from.x, to.y - from.y]
  const part = Math.max(0, Math.min(1, ((at.x - from.x) * wx + (at.y - from.y) * wy) / (wx * wx + wy * wy || 1)))
  return Math.hypot(at.x - from.x - part * wx, at.y - from.y - part * wy)
}

function linesOf(piece: Piece): Line[] {
  const key = (index: number) => `${piece.number}:${index}`
  const scoreOf = (hinge: number): NonNullable<Picked> => {
    const upright = piece.scores.findIndex((score) => score.hinges.includes(hinge))
    if (upright >= 0) return { kind: 'score', piece: piece.number, index: upright }
    const level = piece.turned.findIndex((score) => score.hinges.includes(hinge))
    return level >= 0 ? { kind: 'level', piece: piece.number, index: level } : { kind: 'piece', piece: piece.number }
  }
  return [
    ...piece.hinges.map((hinge) => ({
      key: key(hinge.index),
      what: scoreOf(hinge.index),
      panels: [hinge.left, hinge.right],
      from: hinge.from,
      to: hinge.to,
      isMark: false,
    })),
    ...piece.marks.map((mark, index) => ({
      key: key(index),
      what: { kind: 'mark', piece: piece.number, index } as const,
      panels: [mark.panel],
      from: mark.from,
      to: mark.to,
      isMark: true,
    })),
  ]
}

/** A cylinder one long, laid along the line where its panel is. */
function along({ from, to }: Line, panel: Matrix4) {
  const [a, b] = [new Vector3(from.x, from.y, 0), new Vector3(to.x, to.y, 0)]
  const way = b.clone().sub(a)
  const turn = new Quaternion().setFromUnitVectors(UP, way.clone().normalize())
  const laid = new Matrix4().compose(a.clone().add(b).multiplyScalar(0.5), turn, new Vector3(1, way.length(), 1))
  return new Matrix4().multiplyMatrices(panel, laid)
}
