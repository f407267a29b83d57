import { Canvas, type ThreeEvent, useThree } from '@react-three/fiber'
import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef } from 'react'
import {
  BackSide,
  Box3,
  BufferGeometry,
  Float32BufferAttribute,
  FrontSide,
  type Group,
  Matrix4,
  PerspectiveCamera,
  Quaternion,
  Shape,
  ShapeGeometry,
  Sphere,
  Vector3,
} from 'three'
import type { Card, Form, Panel, Piece } from '../api/client'
import { backOf } from '../papers/motifs'
import { LayersInSpace } from './LayersInSpace'
import { usePicked } from './picked'
import { lineNear, LinesInSpace, useLines } from './LinesInSpace'

// the theme's chalk, kraft, ink and blue, as the graphics card wants them
const COLOURS = { face: '#fffdf8', back: '#e4d8c0', ink: '#1e2a33', picked: '#cfe0f2' }
/** How far apart stacked panels are drawn, mm, so that closed ones do not flicker. */
const DRAWN_APART = 0.5

/** What the card is made of and what lies on it. */
export type Dress = Pick<Card, 'layers' | 'papers' | 'base'>

/** The card in space. The engine's frames say where each panel is; between two frames it is drawn in between. */
type Props = { pieces: Piece[]; form: Form; dress?: Dress; closed: number; moving: boolean }

export function FoldedObject({ pieces, form, dress, closed, moving }: Props) {
  const panels = useMemo(() => pieces.flatMap(everyCopy), [pieces])
  const fineness = useMemo(finenessHere, [])
  return (
    <div className="h-[20rem]" role="img" aria-label="The card part-open, drawn in space">
      <Canvas frameloop="demand" dpr={moving ? fineness.moving : fineness.still} gl={{ antialias: false }} camera={{ fov: 28, near: 1, far: 6000 }} flat>
        <ambientLight intensity={1.9} />
        <directionalLight position={[-0.6, -0.5, 1.4]} intensity={1.5} />
        <directionalLight position={[0.8, -0.2, -1]} intensity={0.7} />
        <Seat panels={panels} form={form} closed={closed} />
        <FoldedPanels pieces={pieces} panels={panels} form={form} dress={dress} closed={closed} />
      </Canvas>
    </div>
  )
}

/** Dots for each pixel, at rest and while it moves: fewer where no graphics card helps, so that it keeps up with the hand. */
function finenessHere() {
  const gl = document.createElement('canvas').getContext('webgl2')
  const info = gl?.getExtension('WEBGL_debug_renderer_info')
  const drawn = info ? String(gl!.getParameter(info.UNMASKED_RENDERER_WEBGL)) : ''
  return /swiftshader|llvmpipe|software/i.test(drawn) ? { still: 2, moving: 0.6 } : { still: 2, moving: 2 }
}

/** The panels of a piece and of all others that are cut like it, each by its own number. */
function everyCopy({ panels, copies }: Piece) {
  return copies.flatMap((first) => panels.map((panel) => ({ ...panel, index: panel.index - copies[0] + first })))
}

type CardProps = { panels: Panel[]; form: Form; closed: number }

/** Puts the eye where the whole card is seen as it stands, never so near that a small card looks large. */
function Seat({ panels, form, closed }: CardProps) {
  const { camera, size, invalidate } = useThree()
  const opened = useMemo(() => around(panels, form, 0).radius, [panels, form])
  useLayoutEffect(() => {
    const eye = camera as PerspectiveCamera
    const card = around(panels, form, closed)
    const across = Math.max(card.radius, Math.min(opened * 0.72, card.radius * 2))
    const narrow = Math.tan((eye.fov * Math.PI) / 360) * Math.min(1, size.width / size.height)
    // what lies is seen from above with its foot near, what stands from before and a little above
    eye.up.set(0, form.lies ? 0 : 1, form.lies ? 1 : 0)
    const from = form.lies ? new Vector3(-0.34, -0.78, 0.66) : new Vector3(-0.42, 0.46, 0.86)
    eye.position.copy(card.center).addScaledVector(from.normalize(), across / narrow)
    eye.lookAt(card.center)
    eye.updateProjectionMatrix()
    invalidate()
  }, [camera, size, panels, form, closed, opened, invalidate])
  return null
}

function FoldedPanels({ pieces, panels, form, dress, closed }: CardProps & { pieces: Piece[]; dress?: Dress }) {
  const invalidate = useThree((three) => three.invalidate)
  const { lit, pick } = usePicked()
  const lines = useLines(pieces)
  const matrices = useMemo(() => placed(form, closed), [form, closed])
  const groups = useRef(new Map<number, Group>())
  const hold = useCallback((index: number, group: Group | null) => {
    if (group) groups.current.set(index, group)
    else groups.current.delete(index)
  }, [])
  // moved by hand and not by React: a card has many panels, and all of them move at every step
  useLayoutEffect(() => {
    groups.current.forEach((group, index) => {
      group.matrix.copy(matrices[index])
      group.matrixWorldNeedsUpdate = true
    })
    // before the browser draws, so that the object answers in the same frame as the figures
    invalidate()
  }, [matrices, panels, lit, invalidate])
  const point = useRef<(index: number, event: ThreeEvent<PointerEvent> | null) => void>(() => {})
  point.current = (index, event) => {
    if (!event) return pick(null)
    event.stopPropagation()
    const at = event.point.clone().applyMatrix4(matrices[index].clone().invert())
    pick(lineNear(lines, index, at) ?? { kind: 'panel', index })
  }
  return (
    <>
      {panels.map((panel) => (
        <PanelMesh key={panel.index} panel={panel} corners={JSON.stringify(panel.corners)} picked={lit.panels.has(panel.index)} face={dress?.base.colour ?? COLOURS.face} back={dress ? backOf(dress.base) : COLOURS.back} hold={hold} point={point} />
      ))}
      {dress && <LayersInSpace dress={dress} matrices={matrices} />}
      <LinesInSpace lines={lines} matrices={matrices} />
    </>
  )
}

type PanelProps = {
  panel: Panel
  corners: string
  picked: boolean
  face: string
  back: string
  hold: (index: number, group: Group | null) => void
  point: { current: (index: number, event: ThreeEvent<PointerEvent> | null) => void }
}

/** One panel, drawn anew only when its shape changes or it is picked. */
const PanelMesh = memo(
  function PanelMesh({ panel: { index }, corners, picked, face: faceColour, back, hold, point }: PanelProps) {
    const [face, edge] = useMemo(() => {
      const points = JSON.parse(corners) as { x: number; y: number }[]
      const shape = new Shape()
      points.forEach(({ x, y }, i) => (i === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)))
      const outline = new BufferGeometry()
      outline.setAttribute('position', new Float32BufferAttribute(points.flatMap(({ x, y }) => [x, y, 0]), 3))
      return [new ShapeGeometry(shape), outline]
    }, [corners])
    useEffect(() => () => [face, edge].forEach((geometry) => geometry.dispose()), [face, edge])
    const move = (event: ThreeEvent<PointerEvent>) => point.current(index, event)
    return (
      <group ref={(group) => hold(index, group)} matrixAutoUpdate={false} onPointerMove={move} onPointerOut={() => point.current(index, null)}>
        {[FrontSide, BackSide].map((side) => (
          <mesh key={side} geometry={face}>
            <meshLambertMaterial
              side={side}
              color={picked ? COLOURS.picked : side === FrontSide ? faceColour : back}
              polygonOffset
              polygonOffsetFactor={0.4}
              polygonOffsetUnits={1}
            />
          </mesh>
        ))}
        <lineLoop geometry={edge}>
          <lineBasicMaterial color={COLOURS.ink} />
        </lineLoop>
      </group>
    )
  },
  (before, after) => before.corners === after.corners && before.picked === after.picked && before.face === after.face && before.back === after.back && before.panel.index === after.panel.index,
)

/** The ball that the card takes up, `closed` of the way. */
function around(panels: Panel[], form: Form, closed: number): Sphere {
  const matrices = placed(form, closed)
  const corners = panels.flatMap((panel) =>
    panel.corners.map(({ x, y }) => new Vector3(x, y, 0).applyMatrix4(matrices[panel.index])),
  )
  return new Box3().setFromPoints(corners).getBoundingSphere(new Sphere())
}

/** Where each panel is drawn, `closed` of the way, lying a hair above the one beneath it. */
function placed(form: Form, closed: number): Matrix4[] {
  const at = closed * (form.frames.length - 1)
  const before = form.frames[Math.floor(at)]
  const after = form.frames[Math.ceil(at)]
  return before.map((columns, panel) => {
    const matrix = between(columns, after[panel], at - Math.floor(at))
    const layer = form.closed.findIndex((one) => one.panel === panel)
    matrix.elements[14] += layer * DRAWN_APART
    return matrix
  })
}

function between(from: number[], to: number[], part: number): Matrix4 {
  const [a, b] = [from, to].map((columns) => {
    const [position, turn, size] = [new Vector3(), new Quaternion(), new Vector3()]
    new Matrix4().fromArray(columns).decompose(position, turn, size)
    return { position, turn, size }
  })
  return new Matrix4().compose(a.position.lerp(b.position, part), a.turn.slerp(b.turn, part), a.size)
}
