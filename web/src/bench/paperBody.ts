import { BufferAttribute, BufferGeometry, Color, type Matrix4, ShapeUtils, Vector2, Vector3 } from 'three'
import type { Panel, Point } from '../api/client'

/** What colour each panel is on its decorated side and on the other, by its number. */
export type Colours = { fronts: string[]; backs: string[] }

/**
 * All panels of a card as one body of paper: its fronts, its backs and its edges are drawn at one go each, however many
 * panels there are. Where they are is reckoned here and not by the graphics card, since each panel has few corners.
 */
export class PaperBody {
  readonly fronts = new BufferGeometry()
  readonly backs = new BufferGeometry()
  readonly edges = new BufferGeometry()
  private panels: number[] = []
  private corners: Point[] = []
  private panelOfTriangle: number[] = []

  /** Takes these panels, cornered as they lie on their sheets, by their numbers. */
  cut(panels: Pick<Panel, 'index' | 'corners' | 'holes'>[]) {
    const rings = (panel: Pick<Panel, 'corners' | 'holes'>) => [panel.corners, ...panel.holes]
    const corners = panels.flatMap((panel) => rings(panel).flat())
    const triangles: number[] = []
    const sides: number[] = []
    const of: number[] = []
    let first = 0
    for (const panel of panels) {
      const [edge, ...holes] = rings(panel).map((ring) => ring.map(({ x, y }) => new Vector2(x, y)))
      for (const triangle of ShapeUtils.triangulateShape(edge, holes)) {
        triangles.push(...triangle.map((corner) => first + corner))
        of.push(panel.index)
      }
      for (const ring of rings(panel)) {
        const begins = first
        ring.forEach((_, i) => sides.push(begins + i, begins + ((i + 1) % ring.length)))
        first += ring.length
      }
    }
    const alike = corners.length === this.corners.length && triangles.join() === this.fronts.index?.array.join()
    this.corners = corners
    this.panels = panels.flatMap((panel) =>
      rings(panel)
        .flat()
        .map(() => panel.index),
    )
    this.panelOfTriangle = of
    if (!alike) this.allot(triangles, sides)
  }

  private allot(triangles: number[], sides: number[]) {
    this.dispose()
    const [places, normals] = [0, 1].map(() => new BufferAttribute(new Float32Array(this.corners.length * 3), 3))
    for (const body of [this.fronts, this.backs]) {
      body.setIndex(triangles)
      body.setAttribute('normal', normals)
      body.setAttribute('color', new BufferAttribute(new Float32Array(this.corners.length * 3), 3))
    }
    this.edges.setIndex(sides)
    for (const body of [this.fronts, this.backs, this.edges]) body.setAttribute('position', places)
  }

  /** Moves every panel to its place. */
  lay(matrices: Matrix4[]) {
    const places = this.fronts.getAttribute('position')
    const normals = this.fronts.getAttribute('normal')
    const at = new Vector3()
    this.corners.forEach(({ x, y }, i) => {
      const matrix = matrices[this.panels[i]]
      at.set(x, y, 0).applyMatrix4(matrix)
      places.setXYZ(i, at.x, at.y, at.z)
      normals.setXYZ(i, matrix.elements[8], matrix.elements[9], matrix.elements[10])
    })
    for (const body of [this.fronts, this.backs, this.edges]) body.computeBoundingSphere()
    places.needsUpdate = true
    normals.needsUpdate = true
  }

  /** Colours its fronts and its backs; panels in `lit` are another colour on both. */
  colour({ fronts, backs }: Colours, lit: Set<number>, picked: string) {
    const light = new Color(picked)
    for (const [body, names] of [
      [this.fronts, fronts],
      [this.backs, backs],
    ] as const) {
      const colours = body.getAttribute('color')
      const known = new Map(names.map((name) => [name, new Color(name)]))
      this.panels.forEach((panel, i) => {
        const { r, g, b } = lit.has(panel) ? light : known.get(names[panel])!
        colours.setXYZ(i, r, g, b)
      })
      colours.needsUpdate = true
    }
  }

  /** The panel that a triangle is of, as a ray that meets it tells. */
  panelAt(triangle: number | null | undefined): number | undefined {
    return triangle == null ? undefined : this.panelOfTriangle[triangle]
  }

  dispose() {
    for (const body of [this.fronts, this.backs, this.edges]) body.dispose()
  }
}
