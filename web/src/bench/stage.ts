import { Box3, MathUtils, Matrix4, type PerspectiveCamera, Quaternion, Sphere, Vector3 } from 'three'
import type { Form, Panel } from '../api/client'
import { STRAIGHT, type Turn } from '../api/turn'
import { lifts } from '../house/motion'
import type { Line } from './lines'
import { type Colours, PaperBody } from './paperBody'

/** The theme's blue wash. */
const PICKED = '#cfe0f2'
/** How far apart stacked panels are drawn, mm, so that closed ones do not flicker. */
const DRAWN_APART = 0.5

type Laid = { panels: Panel[]; lines: Line[]; form: Form; closed: number }

/** The card where it is shown in space: where each panel is, and where the eye is. */
export class Stage {
  readonly body = new PaperBody()
  matrices: Matrix4[] = []
  lines: Line[] = []
  /** Asks for it to be drawn anew. */
  private invalidate = () => {}
  private lies = true
  private card = new Sphere()
  private opened = new Sphere()
  private seated = ''
  private turn = STRAIGHT

  /** Says who draws it when something has changed. */
  drawsBy(draw: () => void) {
    this.invalidate = draw
  }

  /** Lays the card, `closed` of the way from open. The engine's frames say where each panel is; between two it is drawn in between. */
  lay({ panels, lines, form, closed }: Laid) {
    this.matrices = placed(form, closed)
    this.lines = lines
    this.lies = form.lies
    this.card = around(panels, this.matrices)
    this.opened = around(panels, placed(form, 0))
    this.body.cut(panels)
    this.body.lay(this.matrices)
    this.invalidate()
  }

  /** Colours the fronts and the backs of the panels, by their numbers. */
  colour(colours: Colours, lit: Set<number>) {
    this.body.colour(colours, lit, PICKED)
    this.invalidate()
  }

  /** Turns it before the eye, from how it is seen first. */
  turned(turn: Turn) {
    this.turn = turn
    this.invalidate()
  }

  /** Puts the eye where the whole card is seen as it stands, never so near that a small card looks large. */
  seat(eye: PerspectiveCamera, { width, height }: { width: number; height: number }) {
    const { card, opened, lies, turn } = this
    const asked = [card.center.toArray(), card.radius, opened.radius, lies, turn.aside, turn.over, width, height].join()
    if (asked === this.seated) return
    this.seated = asked
    const across = Math.max(card.radius, Math.min(opened.radius * 0.72, card.radius * 2))
    const narrow = Math.tan((eye.fov * Math.PI) / 360) * Math.min(1, width / height)
    // what lies is seen from above with its foot near, what stands from before and a little above
    eye.up.set(0, lies ? 0 : 1, lies ? 1 : 0)
    const from = lies ? new Vector3(-0.34, -0.78, 0.66) : new Vector3(-0.42, 0.46, 0.86)
    round(from, eye.up, turn)
    eye.position.copy(card.center).addScaledVector(from.normalize(), across / narrow)
    eye.lookAt(card.center)
    eye.updateProjectionMatrix()
  }
}

/** Never so far over that up is nowhere, degrees from straight above or below. */
const LEANS = 4

/** The way to the eye, round what goes up and then over it. */
function round(from: Vector3, up: Vector3, { aside, over }: Turn) {
  from.applyAxisAngle(up, MathUtils.degToRad(aside))
  const least = MathUtils.degToRad(LEANS)
  const above = from.angleTo(up)
  const after = MathUtils.clamp(above - MathUtils.degToRad(over), least, Math.PI - least)
  from.applyAxisAngle(new Vector3().crossVectors(from, up).normalize(), above - after)
}

/** The ball that the card takes up. */
function around(panels: Panel[], matrices: Matrix4[]): Sphere {
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
  const matrices = before.map((columns, panel) => between(columns, after[panel], at - Math.floor(at)))
  lifts(form, closed).forEach((layer, panel) => {
    matrices[panel].elements[14] += layer * DRAWN_APART
  })
  return matrices
}

function between(from: number[], to: number[], part: number): Matrix4 {
  if (part === 0) return new Matrix4().fromArray(from)
  const [a, b] = [from, to].map((columns) => {
    const [position, turn, size] = [new Vector3(), new Quaternion(), new Vector3()]
    new Matrix4().fromArray(columns).decompose(position, turn, size)
    return { position, turn, size }
  })
  return new Matrix4().compose(a.position.lerp(b.position, part), a.turn.slerp(b.turn, part), a.size)
}
