import { useFrame, useThree } from '@react-three/fiber'
import { memo, useEffect, useMemo, useRef } from 'react'
import {
  BackSide,
  BufferAttribute,
  FrontSide,
  type Group,
  type Matrix4,
  Path,
  Shape,
  ShapeGeometry,
  Vector2,
  Vector3,
} from 'three'
import type { Layer, Paper, Point } from '../api/client'
import { repeatOf, textureOf } from '../papers/textures'
import type { Dress } from '../papers/dress'
import type { Stage } from './stage'

/** How far above its panel, and above the layer beneath, a layer is drawn, mm; and how much of its foam is drawn. */
const ABOVE = 0.08
const EACH = 0.07
const FOAM = 0.3

/** Mats and layers on the card in space. */
export function LayersInSpace({ dress, stage }: { dress: Dress; stage: Stage }) {
  const groups = useRef(new Map<number, Group>())
  useFrame(() => {
    groups.current.forEach((group, i) => {
      const layer = dress.layers[i]
      const matrix = layer && uppermost(layer, stage)
      if (!matrix) return
      group.matrix.copy(matrix)
      group.matrixWorldNeedsUpdate = true
    })
  })
  return dress.layers.map((layer, i) => (
    <group
      key={i}
      matrixAutoUpdate={false}
      ref={(group) => {
        if (group) groups.current.set(i, group)
        else groups.current.delete(i)
      }}
    >
      <LayerMesh layer={layer} paper={dress.papers.find(({ id }) => id === layer.paper)} />
    </group>
  ))
}

/**
 * Where a layer is drawn: on its panel or, where it lies across several, on that of them which is drawn foremost. Panels that
 * lie flat together are drawn apart where something is threaded between them.
 */
function uppermost({ panel, across, face, inside }: Layer, { matrices }: Stage): Matrix4 | undefined {
  const own = matrices[panel]
  if (!own || !across) return own
  const outwards = new Vector3().setFromMatrixColumn(own, 2).multiplyScalar(face ? 1 : -1)
  const out = (matrix: Matrix4) => new Vector3(inside.x, inside.y, 0).applyMatrix4(matrix).dot(outwards)
  return across.map((one) => matrices[one]).reduce((best, one) => (out(one) > out(best) ? one : best), own)
}

const shaped = (corners: Point[]) => corners.map(({ x, y }) => new Vector2(x, y))

const LayerMesh = memo(function LayerMesh({ layer, paper }: { layer: Layer; paper: Paper | undefined }) {
  const invalidate = useThree((three) => three.invalidate)
  const geometry = useMemo(() => flat(layer, paper), [layer, paper])
  useEffect(() => () => geometry.dispose(), [geometry])
  const texture = paper && !layer.otherSide ? textureOf(paper, invalidate) : null
  // what is printed on the card itself lies in its face, beneath the lines drawn there
  const printed = layer.level < 0
  const height = printed ? 0 : ABOVE + EACH * layer.level + FOAM * layer.raised
  const plain = !paper ? '#fffdf8' : layer.otherSide ? paper.back : paper.colour
  return (
    <mesh geometry={geometry} position={[0, 0, layer.face ? height : -height]} raycast={() => null}>
      <meshLambertMaterial
        key={texture ? 'printed' : 'plain'}
        map={texture}
        color={texture ? '#ffffff' : plain}
        side={layer.face ? FrontSide : BackSide}
        polygonOffset={printed}
        polygonOffsetFactor={0.2}
        polygonOffsetUnits={0.5}
      />
    </mesh>
  )
})

/** The layer's shape, its print upright where it is seen. */
function flat(layer: Layer, paper: Paper | undefined) {
  const shape = new Shape(shaped(layer.corners))
  shape.holes = layer.holes.map((hole) => new Path(shaped(hole)))
  const geometry = new ShapeGeometry(shape)
  const places = geometry.getAttribute('position')
  const repeat = paper ? repeatOf(paper) : 1
  const turn = ((90 - layer.up) * Math.PI) / 180
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const uv = new Float32Array(places.count * 2)
  for (let i = 0; i < places.count; i++) {
    const [x, y] = [places.getX(i) - layer.inside.x, places.getY(i) - layer.inside.y]
    const across = x * cos - y * sin
    uv[2 * i] = (layer.face ? across : -across) / repeat + 0.5
    uv[2 * i + 1] = (x * sin + y * cos) / repeat + 0.5
  }
  geometry.setAttribute('uv', new BufferAttribute(uv, 2))
  return geometry
}
