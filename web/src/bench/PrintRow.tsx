import type { Piece } from '../api/client'
import { Choice } from '../house/Choice'
import { FigureField } from '../house/FigureField'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

type Props = { piece: Piece; print: NonNullable<Piece['print']>; inHand: CardInHand }

/** The sheet slid under the scores: where on the piece its print begins. */
export function PrintRow({ piece, print, inHand }: Props) {
  'use memo'
  const say = useSay()
  const slide = (field: string, text: string) =>
    void inHand.change({ field, text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const led = print.leads.find(({ inForce }) => inForce)
  return (
    <>
      {(['across', 'up'] as const).map((way) => {
        const field = way === 'across' ? print.acrossField : print.upField
        const from = way === 'across' ? 'from left' : 'from foot'
        return (
          <span key={way} className="inline-flex items-baseline gap-x-1">
            <FigureField
              label={`Print of ${piece.name} begins ${from}`}
              figure={print[way]}
              onWrite={(text) => inHand.change({ field, text })}
              onMove={(divisions) => inHand.change({ field, divisions })}
            />
            <span className="text-base">{from}</span>
          </span>
        )
      })}
      <Choice
        label={`Slide the print of ${piece.name}`}
        value={led?.text ?? ''}
        onChoose={(text) => text && slide(print.acrossField, text)}
        quiet
      >
        {!led && <option value="">slid by hand</option>}
        {print.leads.map(({ words, text }) => (
          <option key={words} value={text}>
            {words}
          </option>
        ))}
      </Choice>
    </>
  )
}
