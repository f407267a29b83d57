import { Canvas, type ThreeEvent, useFrame, useThree } from '@react-three/fiber'
import { useEffect, useLayoutEffect, useMemo, useState } from 'react'
import { BackSide, FrontSide, type PerspectiveCamera } from 'three'
import type { Form, Piece } from '../api/client'
import type { Turn } from '../api/turn'
import { everyCopy } from './everyCopy'
import { colourOf, type Dress } from '../papers/dress'
import { LayersInSpace } from './LayersInSpace'
import { usePicked } from './picked'
import { lineNear, useLines } from './lines'
import { LinesInSpace } from './LinesInSpace'
import { Stage } from './stage'

// the theme's chalk, kraft and ink, as the graphics card wants them
const COLOURS = { face: '#fffdf8', back: '#e4d8c0', ink: '#1e2a33' }

/** The card in space. The engine's frames say where each panel is; between two frames it is drawn in between. */
type Props = {
  pieces: Piece[]
  form: Form
  dress?: Dress
  closed: number
  turn: Turn
  moving: boolean
  onLost: () => void
}

export default function FoldedObject({ pieces, form, dress, closed, turn, moving, onLost }: Props) {
  'use memo'
  const { lit } = usePicked()
  const [stage] = useState(() => new Stage())
  const [fineness] = useState(finenessHere)
  const panels = useMemo(() => pieces.flatMap(everyCopy), [pieces])
  const lines = useLines(pieces)
  const papers = dress?.papers
  const madeOf = dress?.madeOf
  const colours = useMemo(() => {
    const of = (face: boolean) =>
      (madeOf ?? form.frames[0]).map((_, panel) =>
        papers && madeOf ? colourOf({ papers, madeOf }, panel, face) : face ? COLOURS.face : COLOURS.back,
      )
    return { fronts: of(true), backs: of(false) }
  }, [papers, madeOf, form])
  // by hand and not by React, which would go over all that is drawn at every step; and before the browser draws, so that the
  // object answers in the same frame as the figures
  useLayoutEffect(() => stage.lay({ panels, lines, form, closed }), [stage, panels, lines, form, closed])
  useLayoutEffect(() => stage.colour(colours, lit.panels), [stage, panels, colours, lit])
  useLayoutEffect(() => stage.turned(turn), [stage, turn])
  useEffect(() => () => stage.body.dispose(), [stage])
  return (
    <div
      className="h-[20rem]"
      role="img"
      aria-label="The card part-open, drawn in space"
      data-drawn={moving ? 'coarsely' : 'finely'}
    >
      <Canvas
        frameloop="demand"
        dpr={moving ? fineness.moving : fineness.still}
        gl={{ antialias: false }}
        camera={{ fov: 28, near: 1, far: 6000 }}
        flat
        onCreated={({ gl }) => gl.domElement.addEventListener('webglcontextlost', onLost)}
      >
        <ambientLight intensity={1.9} />
        <directionalLight position={[-0.6, -0.5, 1.4]} intensity={1.5} />
        <directionalLight position={[0.8, -0.2, -1]} intensity={0.7} />
        <Paper stage={stage} />
        {dress && <LayersInSpace dress={dress} stage={stage} />}
        <LinesInSpace stage={stage} />
      </Canvas>
    </div>
  )
}

/** Dots for each pixel, at rest and while it moves: fewer where no graphics card helps, so that it keeps up with the hand. */
function finenessHere() {
  const gl = document.createElement('canvas').getContext('webgl2')
  const info = gl?.getExtension('WEBGL_debug_renderer_info')
  const drawn = info ? String(gl!.getParameter(info.UNMASKED_RENDERER_WEBGL)) : ''
  return /swiftshader|llvmpipe|software/i.test(drawn) ? { still: 1.5, moving: 0.6 } : { still: 2, moving: 2 }
}

/** The panels as one body, and what is pointed at on it. */
function Paper({ stage }: { stage: Stage }) {
  'use memo'
  const { pick } = usePicked()
  const { camera, size, invalidate } = useThree()
  useLayoutEffect(() => {
    stage.drawsBy(invalidate)
    invalidate()
  }, [stage, invalidate])
  useFrame(() => stage.seat(camera as PerspectiveCamera, size))
  const point = (event: ThreeEvent<PointerEvent>) => {
    event.stopPropagation()
    const panel = stage.body.panelAt(event.faceIndex)
    if (panel === undefined) return
    const at = event.point.clone().applyMatrix4(stage.matrices[panel].clone().invert())
    pick(lineNear(stage.lines, panel, at) ?? { kind: 'panel', index: panel })
  }
  return (
    <>
      {[FrontSide, BackSide].map((side) => (
        <mesh
          key={side}
          geometry={side === FrontSide ? stage.body.fronts : stage.body.backs}
          frustumCulled={false}
          onPointerMove={point}
          onPointerOut={() => pick(null)}
        >
          <meshLambertMaterial
            side={side}
            vertexColors
            polygonOffset
            polygonOffsetFactor={0.4}
            polygonOffsetUnits={1}
          />
        </mesh>
      ))}
      <lineSegments geometry={stage.body.edges} frustumCulled={false} raycast={() => null}>
        <lineBasicMaterial color={COLOURS.ink} />
      </lineSegments>
    </>
  )
}
