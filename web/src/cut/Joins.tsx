import type { PaperCut } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { FigureField } from '../house/FigureField'
import { useAttempt } from '../house/Notices'

type Props = { paper: PaperCut; inHand: CardInHand }

/** Pieces that no sheet is large enough for: joined from parts if wished, and where. */
export function Joins({ paper, inHand }: Props) {
  const attempt = useAttempt()
  return (
    <>
      {paper.offers.map((offer) => (
        <div key={offer.blank} className="flex flex-wrap items-center gap-x-4 gap-y-1 px-6 pt-2">
          <p className="text-lg">{offer.words}</p>
          <button
            type="button"
            className="slip bg-paper"
            onClick={() => attempt(inHand.cut({ what: 'JOIN', paper: paper.paper, blank: offer.blank }))}
          >
            {offer.label}
          </button>
        </div>
      ))}
      {paper.seams.map((seam) => {
        const of = { piece: seam.piece, nth: seam.nth }
        return (
          <div key={`${seam.piece} ${seam.nth} ${seam.seam}`} className="px-6 pt-2">
            {seam.words && <p className="text-lg">{seam.words}</p>}
            <p className="flex flex-wrap items-center gap-x-3 text-lg">
              {!seam.isLost && (
                <>
                  Seam at
                  <FigureField
                    label={`Seam of ${seam.piece}, from ${seam.from}`}
                    figure={seam.at}
                    className="text-xl"
                    onWrite={(at) => inHand.cut({ what: 'SEAM', ...of, seam: seam.seam, at })}
                    onMove={(divisions) => inHand.cut({ what: 'SEAM', ...of, seam: seam.seam, divisions })}
                  />
                  from {seam.from}
                </>
              )}
              {seam.words && (
                <button
                  type="button"
                  className="slip bg-paper"
                  onClick={() => attempt(inHand.cut({ what: 'WHOLE', ...of }))}
                >
                  {seam.isLost ? 'Forget that seam' : 'Cut it whole'}
                </button>
              )}
            </p>
          </div>
        )
      })}
    </>
  )
}
