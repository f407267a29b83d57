import { useFrame } from '@react-three/fiber'
import { useRef } from 'react'
import { Matrix4, type Mesh, Quaternion, Vector3 } from 'three'
import type { Line } from './lines'
import { usePicked } from './picked'
import type { Stage } from './stage'

const UP = new Vector3(0, 1, 0)
/** How thick a lit line is drawn, mm. */
const DRAWN = 0.9

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

/** A cylinder one long, laid along the line where its panel is. */
function along({ from, to }: Line, panel: Matrix4) {
  const [a, b] = [new Vector3(from.x, from.y, 0), new Vector3(to.x, to.y, 0)]
  const way = b.clone().sub(a)
  const turn = new Quaternion().setFromUnitVectors(UP, way.clone().normalize())
  const laid = new Matrix4().compose(a.clone().add(b).multiplyScalar(0.5), turn, new Vector3(1, way.length(), 1))
  return new Matrix4().multiplyMatrices(panel, laid)
}
