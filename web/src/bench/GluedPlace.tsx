import type { Figure } from '../api/client'
import { FigureField } from '../house/FigureField'
import type { CardInHand } from './useCard'

type Props = { join: number; words: string; across: Figure; up: Figure; inHand: CardInHand }

/** Where the lower left corner of what is glued on lies: typed over, or moved by the arrow keys. */
export function GluedPlace({ join, words, across, up, inHand }: Props) {
  const move = (place: { acrossFrom?: string; upFrom?: string; divisions?: number; divisionsUp?: number }) =>
    inHand.draw({ what: 'MOVE_GLUED', index: join, acrossFrom: across.text, upFrom: up.text, ...place })
  return (
    <span className="ms-2 inline-flex flex-wrap items-center gap-x-2">
      corner
      <FigureField
        label={`${words}: its corner, from left`}
        figure={across}
        bare
        onWrite={(acrossFrom) => move({ acrossFrom })}
        onMove={(divisions) => move({ divisions })}
      />
      from left,
      <FigureField
        label={`${words}: its corner, from foot`}
        figure={up}
        bare
        onWrite={(upFrom) => move({ upFrom })}
        onMove={(divisionsUp) => move({ divisionsUp })}
      />
      from foot
    </span>
  )
}
