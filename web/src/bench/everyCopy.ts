import type { Piece } from '../api/client'

/** The panels of a piece and of all others that are cut like it, each by its own number. */
export function everyCopy({ panels, copies }: Piece) {
  return copies.flatMap((first) => panels.map((panel) => ({ ...panel, index: panel.index - copies[0] + first })))
}
