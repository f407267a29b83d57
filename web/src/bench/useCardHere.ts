import { useSay } from '../house/Notices'
import { useCard } from './useCard'
import { useStepKeys } from './useStepKeys'

/** The card of a place that is all about it: in hand, with steps back and forward by key. */
export function useCardHere(id: string) {
  const inHand = useCard(id)
  const say = useSay()
  useStepKeys({ undo: inHand.undo, redo: inHand.redo }, (cause) => say({ text: cause.message, wrong: true }))
  return inHand
}
