import { useState } from 'react'
import { useReruling, useStock } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { Sheet } from '../house/Sheet'
import { SizeText } from '../house/SizeText'
import type { CardInHand } from './useCard'

type Props = { card: Card; inHand: CardInHand }

/** The ruler in force. Another one shows first what every figure would become on it, and by how much each drifts. */
export function RulerChoice({ card, inHand }: Props) {
  const stock = useStock()
  const [wanted, setWanted] = useState<string | null>(null)
  return (
    <>
      <Choice label="Ruler" value={card.ruler} onChoose={setWanted} quiet>
        {stock.data?.rulers.map((ruler) => (
          <option key={ruler.id} value={ruler.id}>
            {ruler.label}
          </option>
        ))}
      </Choice>
      {wanted && <ReruleSheet card={card} ruler={wanted} inHand={inHand} onClose={() => setWanted(null)} />}
    </>
  )
}

function ReruleSheet({ card, ruler, inHand, onClose }: Props & { ruler: string; onClose: () => void }) {
  const stock = useStock()
  const reruling = useReruling(card.id, card.revision, ruler)
  const say = useSay()
  const label = stock.data?.rulers.find(({ id }) => id === ruler)?.label.toLowerCase()
  const attempt = (step: Promise<unknown>) => {
    step.catch((cause: Error) => say({ text: cause.message, wrong: true }))
    onClose()
  }
  return (
    <Sheet open title={`The same card in ${label}`} onClose={onClose}>
      {reruling.isPending && <p className="plate-note">Trying it on that ruler…</p>}
      {reruling.isError && <p role="alert">{reruling.error.message}</p>}
      {reruling.data && (
        <>
          <table className="w-full text-lg">
            <thead>
              <tr className="text-start text-base text-ink-soft italic">
                <th className="text-start font-normal">Figure</th>
                <th className="text-start font-normal">Now</th>
                <th className="text-start font-normal">On that ruler</th>
                <th className="text-start font-normal">Drift</th>
              </tr>
            </thead>
            <tbody>
              {reruling.data.rows.map(({ label: name, was, now, drift }) => (
                <tr key={name} className="border-t border-chalk-dim">
                  <td className="py-1 text-base">{name}</td>
                  <td>
                    <FigureText figure={was} unit />
                  </td>
                  <td>
                    <FigureText figure={now} unit className="text-xl" />
                  </td>
                  <td className="figure">{drift}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="my-3 text-lg">
            It closes as before, to <SizeText size={reruling.data.closed} className="text-xl" />. No figure moves by
            more than <span className="figure">{reruling.data.largestDrift}</span>.
          </p>
        </>
      )}
      <p className="flex flex-wrap gap-3">
        {reruling.data && (
          <button type="button" className="slip bg-paper font-semibold" onClick={() => attempt(inHand.rerule(ruler))}>
            Bring every figure to its mark
          </button>
        )}
        <button
          type="button"
          className="slip bg-paper"
          onClick={() => attempt(inHand.change({ field: 'ruler', text: ruler }))}
        >
          Keep every length, read it there
        </button>
      </p>
    </Sheet>
  )
}
