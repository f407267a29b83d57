import type { Card } from '../api/client'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { useSay } from '../house/Notices'
import type { CardInHand } from './useCard'

type Props = { id: string; card: Card; inHand: CardInHand }

/**
 * A measure, typed over or moved by keys; locked so that nothing else moves it, or worked out from the rest. One that
 * follows from the rest goes back to doing so.
 */
export function MeasureField({ id, card, inHand }: Props) {
  'use memo'
  const measure = card.measures.find((one) => one.id === id)
  const say = useSay()
  if (!measure) return null
  const tell = (cause: Error) => say({ text: cause.message, wrong: true })
  return (
    <>
      <FigureField
        label={measure.label}
        figure={measure.figure}
        onWrite={(text) => inHand.change({ field: id, text })}
        onMove={(divisions) => inHand.change({ field: id, divisions })}
        onWay={inHand.goWay}
      />
      <span className="-ms-2 inline-flex text-base">
        <button
          type="button"
          className="word"
          aria-pressed={measure.locked}
          aria-label={`Lock ${measure.label}`}
          onClick={() => void inHand.lock(id, !measure.locked).catch(tell)}
        >
          {measure.locked ? 'locked' : 'lock'}
        </button>
        {measure.follows ? (
          measure.usual &&
          !measure.locked && (
            <button
              type="button"
              className="word"
              aria-label={`${measure.label} as usual`}
              onClick={() => void inHand.change({ field: id, text: '' }).catch(tell)}
            >
              usual: <FigureText figure={measure.usual} unit />
            </button>
          )
        ) : (
          <button
            type="button"
            className="word"
            aria-label={`Work out ${measure.label}`}
            disabled={measure.locked}
            onClick={() => void inHand.solve(id).then((text) => say({ text }), tell)}
          >
            work out
          </button>
        )}
      </span>
    </>
  )
}
