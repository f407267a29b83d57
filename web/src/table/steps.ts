import type { Card, Figure, Piece } from '../api/client'
import { FOLD_WORDS } from '../bench/notation'

/** One thing to do at the table: what, its figures as large as they will go, and where on the piece. */
export type Step = {
  piece: Piece
  what: string
  figures: { figure: Figure; word?: string }[]
  note?: string
  lit: { score?: number; level?: number; mark?: number }
}

/** The way through a card piece by piece, score by score. */
export function stepsOf(card: Card): Step[] {
  return card.pieces.flatMap((piece) => {
    const size = { figures: [{ figure: piece.cut.width }, { figure: piece.cut.height, word: '×' }], lit: {} }
    const cut = piece.copies.length > 1 ? `Cut ${piece.copies.length}` : 'Cut'
    return [
      {
        piece,
        what: cut,
        ...size,
        note: piece.yield && piece.yield.count > 0 ? `${piece.yield.count} come from ${piece.yield.sheet}` : undefined,
      },
      ...piece.scores.map((score, index) => ({
        piece,
        what: `Score, ${FOLD_WORDS[score.fold]}`,
        figures: [{ figure: score.fromLeft }],
        note: 'from the left edge, against the fence',
        lit: { score: index },
      })),
      ...piece.turned.map((score, index) => ({
        piece,
        what: `Score level, ${FOLD_WORDS[score.fold]}`,
        figures: [{ figure: score.fromLeft }],
        note: 'foot against the fence',
        lit: { level: index },
      })),
      ...piece.marks.map((mark, index) => ({
        piece,
        what: mark.fold ? `Score aslant, ${FOLD_WORDS[mark.fold]}` : 'Slit',
        figures: [
          { figure: mark.fromX },
          { figure: mark.fromY, word: '↑' },
          { figure: mark.toX, word: '→' },
          { figure: mark.toY, word: '↑' },
        ],
        note: 'across and up, to across and up',
        lit: { mark: index },
      })),
      ...piece.pencil.map((mark) => ({
        piece,
        what: 'Pencil mark',
        figures: [{ figure: mark.across }, { figure: mark.up, word: '↑' }],
        note: `across and up, for ${mark.words}; rub it out later`,
        lit: {},
      })),
      ...piece.glue.map((glue) => ({ piece, what: 'Glue', figures: [], note: glue.words, lit: {} })),
    ]
  })
}
