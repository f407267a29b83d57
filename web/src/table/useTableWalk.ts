import { useState } from 'react'
import { useKeepProgress } from '../api/building'
import type { BuildStep, Building, Cutting, PaperCut } from '../api/client'

/** The cuts of a step that cuts a paper, as the plan of cuts has them; slits come in a step of their own. */
export function cutsOf(step: BuildStep, cutting: Cutting | undefined) {
  const paper = cutting?.isDone ? cutting.papers.find(({ paper }) => paper === step.paper) : undefined
  const steps = paper?.steps.filter(({ kind }) => kind !== 'SLIT') ?? []
  return paper && steps.length > 0 ? { paper, steps } : undefined
}

export type Cuts = { paper: PaperCut; steps: PaperCut['steps'] }

/** One thing after the other through all steps; where one is, is kept. */
export function useTableWalk(id: string, building: Building, cutting: Cutting | undefined) {
  const keep = useKeepProgress(id, building.revision)
  const { steps, progress } = building
  const [here, setHere] = useState({ id: steps[progress.step]?.id, reading: progress.reading })
  const found = steps.findIndex((step) => step.id === here.id)
  const at = Math.max(0, found < 0 ? progress.step : found)
  const count = (step: BuildStep) => Math.max(1, cutsOf(step, cutting)?.steps.length ?? step.readings.length)
  const reading = Math.min(here.reading, count(steps[at]) - 1)
  const stand = (step: number, other: number, done?: string) => {
    setHere({ id: steps[step].id, reading: other })
    return keep.at(steps[step].id, other, done)
  }
  const go = (by: number) => {
    const isLast = reading + 1 >= count(steps[at])
    if (by > 0 && !isLast) return stand(at, reading + 1)
    if (by > 0) return stand(Math.min(at + 1, steps.length - 1), at + 1 < steps.length ? 0 : reading, steps[at].id)
    if (reading > 0) return stand(at, reading - 1)
    const before = Math.max(0, at - 1)
    return stand(before, at === 0 ? 0 : count(steps[before]) - 1)
  }
  return { at, reading, count: count(steps[at]), go, to: (step: number) => stand(step, 0), keep }
}
