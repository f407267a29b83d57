import { PrintRow } from './PrintRow'
import { useStock } from '../api/cards'
import type { Card } from '../api/client'
import { Choice } from '../house/Choice'
import { Many } from '../house/Many'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { CardstockField } from './ChoiceField'
import { FigureRow } from './FigureRow'
import { GluedPlace } from './GluedPlace'
import { Marks, Scores } from './LineFigures'
import { MeasureField } from './MeasureField'
import { isPicked, picking, usePicked } from './picked'
import type { CardInHand } from './useCard'

type Props = {
  piece: Card['pieces'][number]
  card: Card
  inHand: CardInHand
  /** Takes the piece to the board; left out for the one that lies there. */
  onTakeUp?: () => void
}

/** A piece: how large it is cut, from what, and what is marked, slit, scored and glued on it. */
export function PieceRows({ piece, card, inHand, onTakeUp }: Props) {
  'use memo'
  const { picked, pick, lit } = usePicked()
  const stock = useStock()
  const say = useSay()
  const choose = (text: string) =>
    inHand.change({ field: 'sheet', text }).catch((cause: Error) => say({ text: cause.message, wrong: true }))
  const cut = (
    <>
      <FigureRow
        name={card.pieces.length > 1 ? piece.name : 'Cut'}
        {...picking(pick, { kind: 'piece', piece: piece.number })}
      >
        {piece.copies.length > 1 && <span className="figure">{piece.copies.length}</span>}
        <SizeText size={piece.cut} />
        {onTakeUp ? (
          <span className="text-base">{piece.yield && `${piece.yield.count} from ${piece.yield.sheet}`}</span>
        ) : (
          <>
            <span className="inline-flex max-w-full items-center gap-2 text-base">
              <span className="whitespace-nowrap">
                {piece.yield && piece.yield.count > 0 ? `${piece.yield.count} from` : 'from'}
              </span>
              <Choice label="Sheet" value={card.sheet ?? ''} onChoose={(id) => void choose(id)} quiet>
                <option value="">any sheet</option>
                {stock.data?.sheets.map((sheet) => (
                  <option key={sheet.id} value={sheet.id}>
                    {sheet.name}
                  </option>
                ))}
              </Choice>
            </span>
            {card.pieces.length > 1 && piece.stock && (
              <span className="inline-flex max-w-full items-center gap-2 text-base">
                of
                <CardstockField card={card} piece={piece} inHand={inHand} />
              </span>
            )}
          </>
        )}
        {card.free && piece.number > 0 && (
          <button
            type="button"
            className="word underline"
            onClick={() =>
              void inHand
                .draw({ what: 'TAKE_AWAY', piece: piece.number })
                .catch((cause: Error) => say({ text: cause.message, wrong: true }))
            }
          >
            take it away
          </button>
        )}
        {onTakeUp && (
          <button
            type="button"
            className="word underline"
            onClick={onTakeUp}
            aria-label={`Lay ${piece.name} on the board`}
          >
            lay it on the board
          </button>
        )}
      </FigureRow>
    </>
  )
  if (onTakeUp) return cut
  return (
    <>
      {cut}
      {piece.print && (
        <FigureRow name="Print begins">
          <PrintRow piece={piece} print={piece.print} inHand={inHand} />
        </FigureRow>
      )}
      {piece.how && (
        <FigureRow name="How">
          <span className="text-base">{piece.how}</span>
        </FigureRow>
      )}
      {piece.marks.length > 0 && (
        <FigureRow name="Marks">
          <Many count={piece.marks.length} glance={6} what="slits and slanted scores">
            {() => <Marks piece={piece} card={card} inHand={inHand} />}
          </Many>
        </FigureRow>
      )}
      {piece.glue.length > 0 && (
        <FigureRow name="Glue">
          <ul className="text-base">
            {piece.glue.map(({ words, join, across, up }, index) => (
              <li
                key={index}
                className={isPicked(picked, { kind: 'glue', piece: piece.number, index }) ? 'text-picked' : ''}
                {...picking(pick, { kind: 'glue', piece: piece.number, index })}
              >
                {words}
                {across && up && <GluedPlace join={join} words={words} across={across} up={up} inHand={inHand} />}
                {card.free && join >= 0 && (
                  <button
                    type="button"
                    className="word ms-2 underline"
                    onClick={() =>
                      void inHand
                        .draw({ what: 'UNGLUE', index: join })
                        .catch((cause: Error) => say({ text: cause.message, wrong: true }))
                    }
                  >
                    take apart
                  </button>
                )}
              </li>
            ))}
          </ul>
        </FigureRow>
      )}
      {piece.pencil.length > 0 && (
        <FigureRow name="Pencil">
          <ul className="text-base">
            {piece.pencil.map((mark, i) => (
              <li key={i} className="flex flex-wrap items-center gap-x-2">
                <FigureText figure={mark.across} className="text-xl" /> from left,
                <FigureText figure={mark.up} className="text-xl" /> from foot, for {mark.words}
              </li>
            ))}
          </ul>
        </FigureRow>
      )}
      {piece.turned.length > 0 && (
        <FigureRow name="Foot to the fence">
          <Scores piece={piece} kind="level" card={card} inHand={inHand} />
        </FigureRow>
      )}
      {piece.scores.length > 0 && (
        <FigureRow name="Score">
          <Many count={piece.scores.length} what="scores">
            {() => <Scores piece={piece} kind="score" card={card} inHand={inHand} />}
          </Many>
        </FigureRow>
      )}
      {card.free && (
        <FigureRow name="Panels">
          <Many count={piece.panels.length} what="panels">
            {() =>
              piece.panels.map((panel) => (
                <span
                  key={panel.index}
                  className="inline-flex items-center"
                  {...picking(pick, { kind: 'panel', index: panel.index })}
                >
                  <span className={`text-base italic ${lit.panels.has(panel.index) ? 'text-picked' : ''}`}>
                    {panel.name}
                  </span>
                  <MeasureField id={`panel:${panel.name}`} card={card} inHand={inHand} />
                </span>
              ))
            }
          </Many>
        </FigureRow>
      )}
    </>
  )
}
