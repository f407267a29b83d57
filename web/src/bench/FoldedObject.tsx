import { Canvas, type ThreeEvent, useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import {
  BackSide,
  BufferGeometry,
  Float32BufferAttribute,
  FrontSide,
  Matrix4,
  PerspectiveCamera,
  Quaternion,
  Shape,
  ShapeGeometry,
  Vector3,
} from 'three'
import type { Piece } from '../api/client'
import { isPicked, usePicked } from './picked'

// the theme's chalk, kraft, ink and blue, as the graphics card wants them
const COLOURS = { face: '#fffdf8', back: '#e4d8c0', ink: '#1e2a33', picked: '#cfe0f2' }
/** How far apart stacked panels are drawn, mm, so that closed ones do not flicker. */
const DRAWN_APART = 0.35

/** The card in space. The engine's frames say where each panel is; between two frames it is drawn in between. */
export function FoldedObject({ pieces, closed }: { pieces: Piece[]; closed: number }) {
  return (
    <div className="h-[20rem]" role="img" aria-label="The card part-open, drawn in space">
      <Canvas frameloop="demand" dpr={1} camera={{ fov: 28, near: 1, far: 6000 }} flat>
        <ambientLight intensity={1.9} />
        <directionalLight position={[-0.6, -0.5, 1.4]} intensity={1.5} />
        <directionalLight position={[0.8, -0.2, -1]} intensity={0.7} />
        <Seat pieces={pieces} />
        {pieces.map((piece) => (
          <FoldedPiece key={piece.name} piece={piece} closed={closed} />
        ))}
      </Canvas>
    </div>
  )
}

/** Puts the eye where the whole card is seen, flat or closed. */
function Seat({ pieces }: { pieces: Piece[] }) {
  const { camera, size, invalidate } = useThree()
  const { width, height } = pieces[0].cut
  useEffect(() => {
    const eye = camera as PerspectiveCamera
    const middle = new Vector3(width.mm * 0.53, height.mm / 2, width.mm * 0.04)
    const distance = (Math.max(width.mm * 0.5, (height.mm * 0.62 * size.width) / size.height) * 1.02) / Math.tan((eye.fov * Math.PI) / 360) / (size.width / size.height)
    eye.up.set(0, 0, 1)
    eye.position.copy(middle).add(new Vector3(-0.34, -0.78, 0.72).normalize().multiplyScalar(distance))
    eye.lookAt(middle)
    eye.updateProjectionMatrix()
    invalidate()
  }, [camera, size, width.mm, height.mm, invalidate])
  return null
}

function FoldedPiece({ piece, closed }: { piece: Piece; closed: number }) {
  const invalidate = useThree((three) => three.invalidate)
  const { picked, pick } = usePicked()
  const matrices = useMemo(() => placed(piece, closed), [piece, closed])
  useEffect(() => invalidate(), [matrices, picked, invalidate])
  return piece.panels.map((panel) => (
    <PanelMesh
      key={panel.index}
      panel={panel}
      matrix={matrices[panel.index]}
      picked={isPicked(picked, 'panel', panel.index)}
      onPick={(on) => pick(on ? { kind: 'panel', index: panel.index } : null)}
    />
  ))
}

type PanelProps = { panel: Piece['panels'][number]; matrix: Matrix4; picked: boolean; onPick: (on: boolean) => void }

function PanelMesh({ panel, matrix, picked, onPick }: PanelProps) {
  const corners = JSON.stringify(panel.corners)
  const [face, edge] = useMemo(() => {
    const points = JSON.parse(corners) as { x: number; y: number }[]
    const shape = new Shape()
    points.forEach(({ x, y }, i) => (i === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)))
    const outline = new BufferGeometry()
    outline.setAttribute('position', new Float32BufferAttribute(points.flatMap(({ x, y }) => [x, y, 0]), 3))
    return [new ShapeGeometry(shape), outline]
  }, [corners])
  useEffect(() => () => [face, edge].forEach((geometry) => geometry.dispose()), [face, edge])
  const over = (event: ThreeEvent<PointerEvent>) => {
    event.stopPropagation()
    onPick(true)
  }
  return (
    <group matrixAutoUpdate={false} matrix={matrix} onPointerOver={over} onPointerOut={() => onPick(false)}>
      {[FrontSide, BackSide].map((side) => (
        <mesh key={side} geometry={face}>
          <meshLambertMaterial
            side={side}
            color={picked ? COLOURS.picked : side === FrontSide ? COLOURS.face : COLOURS.back}
            polygonOffset
            polygonOffsetFactor={1}
            polygonOffsetUnits={1}
          />
        </mesh>
      ))}
      <lineLoop geometry={edge}>
        <lineBasicMaterial color={COLOURS.ink} />
      </lineLoop>
    </group>
  )
}

/** Where each panel is drawn, `closed` of the way, lying a hair above the one beneath it. */
function placed(piece: Piece, closed: number): Matrix4[] {
  const at = closed * (piece.frames.length - 1)
  const before = piece.frames[Math.floor(at)]
  const after = piece.frames[Math.ceil(at)]
  return before.map((columns, panel) => {
    const matrix = between(columns, after[panel], at - Math.floor(at))
    const layer = piece.closed.findIndex((one) => one.panel === panel)
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
