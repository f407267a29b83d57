import { useRefused } from '../api/building'
import type { MovedStep } from '../api/client'
import { ProblemBox } from '../house/ProblemBox'
import { StepDrawing } from './StepDrawing'

type Props = { id: string; revision: number; move: MovedStep; words: string; onClose: () => void }

/** Why a step may not go somewhere, and what would stand in the way there. */
export function Refused({ id, revision, move, words, onClose }: Props) {
  const picture = useRefused(id, revision, move)
  return (
    <div className="sticky -top-5 z-10 mb-4 flex flex-wrap items-center gap-x-6 gap-y-2 bg-wrong-wash">
      <ProblemBox className="min-w-64 flex-1 text-lg">
        {words}{' '}
        <button type="button" className="word underline" onClick={onClose}>
          Leave it where it is
        </button>
      </ProblemBox>
      {picture && picture.patches.length > 0 && (
        <figure className="h-44 w-72 max-sm:w-full">
          <StepDrawing picture={picture} name="What stands in the way" />
        </figure>
      )}
    </div>
  )
}
