import { useState } from 'react'
import { type BuildingNow, useBuilding } from '../api/building'
import { useCutting } from '../api/cards'
import { useMade } from '../api/made'
import { type Card, type Cutting, type MadeFigure, spoken } from '../api/client'
import { ConflictSheet } from '../bench/ConflictSheet'
import { type CardInHand, useCard } from '../bench/useCard'
import { useStepKeys } from '../bench/useStepKeys'
import { Choice } from '../house/Choice'
import { NoSuchCard } from '../house/NoSuchCard'
import { useAttempt, useSay } from '../house/Notices'
import { AllSteps } from './AllSteps'
import { BackAndOn } from './BackAndOn'
import { CameOutSheet } from './CameOutSheet'
import { CutNow } from './CutNow'
import { ItsWraps } from './ItsWraps'
import { NowAtTable } from './NowAtTable'
import { TableHeader } from './TableHeader'
import { Timers } from './Timers'
import { TurnedPicture } from './TurnedPicture'
import { useAwake } from './useAwake'
import { useSpoken } from './useSpoken'
import { useSwipe } from './useSwipe'
import { useTableKeys } from './useTableKeys'
import { cutsOf, useTableWalk } from './useTableWalk'
import { Warnings } from './Warnings'

/** At the table: one thing at a time, to be read from across it; space, an arrow or a pedal goes on. */
export function TablePage({ id }: { id: string }) {
  const inHand = useCard(id)
  const card = inHand.query.data
  const building = useBuilding(id, card?.revision)
  const cutting = useCutting(id, card?.revision)
  const error = inHand.query.error ?? building.error
  if (error) return <NoSuchCard id={id} error={error} />
  if (!card || !building.data) return <p className="p-8 text-lg">Laying it out…</p>
  return building.data.steps.length > 0 ? (
    <Walk card={card} inHand={inHand} building={building.data} cutting={cutting.data} />
  ) : (
    <p className="p-8 text-2xl">There is nothing to build yet.</p>
  )
}

const NOTHING: MadeFigure[] = []

type Props = { card: Card; inHand: CardInHand; building: BuildingNow; cutting: Cutting | undefined }

function Walk({ card, inHand, building, cutting }: Props) {
  const attempt = useAttempt()
  const say = useSay()
  const [all, showAll] = useState(false)
  const [came, showCame] = useState(false)
  const made = useMade(card.id, card.revision) ?? NOTHING
  const walk = useTableWalk(card.id, building, cutting)
  const step = building.steps[walk.at]
  const cuts = cutsOf(step, cutting)
  const go = (by: number) => attempt(walk.go(by))
  useTableKeys(go, !all && !came)
  useStepKeys({ undo: inHand.undo, redo: inHand.redo }, (cause) => say({ text: cause.message, wrong: true }))
  useAwake()
  const swipe = useSwipe(go)
  const now = step.readings[walk.reading]
  const voice = useSpoken(
    cuts
      ? (cuts.steps[walk.reading]?.words ?? '')
      : [step.what, ...(now?.figures.map(({ figure }) => spoken(figure)) ?? []), now?.words].filter(Boolean).join('. '),
  )
  return (
    <div className="flex min-h-dvh flex-col bg-chalk">
      <TableHeader
        card={card}
        title={`${card.name}, at the table`}
        at={`Step ${walk.at + 1} of ${building.steps.length}${walk.count > 1 ? `, ${walk.reading + 1} of ${walk.count}` : ''}`}
      >
        {voice.can && (
          <button type="button" className="word underline" aria-pressed={voice.on} onClick={voice.turn}>
            {voice.on ? 'Stop reading aloud' : 'Read aloud'}
          </button>
        )}
        {made.some((figure) => figure.step === step.id) && (
          <button type="button" className="word underline" onClick={() => showCame(true)}>
            It came out otherwise
          </button>
        )}
        <button type="button" className="word underline" onClick={() => showAll(true)}>
          All steps
        </button>
      </TableHeader>
      <Timers building={building} at={walk.at} stop={(id) => attempt(walk.keep.setting(id, false))} />
      <Warnings building={building} made={made} look={() => showCame(true)} />
      <main
        className="flex flex-1 touch-pan-y flex-col items-center justify-center gap-6 px-6 pt-4 lg:flex-row lg:gap-12"
        aria-live="polite"
        {...swipe}
      >
        {cuts ? (
          <CutNow cuts={cuts} at={walk.reading} />
        ) : (
          <NowAtTable
            step={step}
            reading={walk.reading}
            picture={<TurnedPicture id={card.id} building={building} at={walk.at} reading={walk.reading} />}
          >
            {step.kind === 'SEND' && <ItsWraps card={card.id} revision={card.revision} />}
            {step.adhesive && (
              <p className="mt-4">
                <Choice
                  label="Glued with"
                  value={step.adhesive}
                  onChoose={(adhesive) => attempt(inHand.build({ what: 'GLUE', step: step.id, adhesive }))}
                >
                  {building.adhesives.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </Choice>
              </p>
            )}
          </NowAtTable>
        )}
      </main>
      <BackAndOn
        isFirst={walk.at === 0 && walk.reading === 0}
        isDone={building.progress.done.includes(walk.at)}
        isLast={walk.at === building.steps.length - 1 && walk.reading === walk.count - 1}
        go={go}
      />
      <CameOutSheet
        id={card.id}
        revision={card.revision}
        inHand={inHand}
        step={step}
        made={made}
        open={came}
        onClose={() => showCame(false)}
      />
      <AllSteps
        id={card.id}
        inHand={inHand}
        building={building}
        at={walk.at}
        open={all}
        onClose={() => showAll(false)}
        go={(to) => {
          attempt(walk.to(to))
          showAll(false)
        }}
        anew={() => attempt(walk.keep.anew().then(() => walk.to(0)))}
      />
      <ConflictSheet inHand={inHand} />
    </div>
  )
}
