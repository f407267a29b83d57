import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { answered, api, type BuildProgress, type Building, type MovedStep } from './client'
import { isTurned, STRAIGHT, type Turn } from './turn'

const keyOf = (id: string, revision?: number) => ['building', id, revision] as const

/** With when it was told: what sets is told as how much is left, so that clocks need not agree. */
export type BuildingNow = Building & { told: number }

/** The steps of a card and how far it is, as of a revision. */
export function useBuilding(id: string, revision: number | undefined) {
  return useQuery({
    queryKey: keyOf(id, revision),
    queryFn: async (): Promise<BuildingNow> => {
      const building = await answered(api.GET('/api/cards/{id}/building', { params: { path: { id } } }))
      return { ...building, told: Date.now() }
    },
    enabled: revision !== undefined,
    placeholderData: keepPreviousData,
    staleTime: 0,
  })
}

const pictureOf = (id: string, revision: number, step: number, reading: number, turn: Turn) => ({
  queryKey: ['picture', id, revision, step, reading, turn.aside, turn.over],
  // what was walked past is not waited for
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    answered(
      api.GET('/api/cards/{id}/building/pictures/{step}/{reading}', {
        params: { path: { id, step, reading }, query: turn },
        signal,
      }),
    ),
  staleTime: Infinity,
})

/** What a step looks like; what comes after it is fetched meanwhile. */
export function useStepPicture(id: string, building: Building, step: number, reading: number, turn: Turn) {
  const client = useQueryClient()
  const picture = useQuery({
    ...pictureOf(id, building.revision, step, reading, turn),
    placeholderData: keepPreviousData,
  })
  const isLast = reading + 1 >= building.steps[step].readings.length
  const next = isLast ? { step: step + 1, reading: 0 } : { step, reading: reading + 1 }
  if (picture.isSuccess && !isTurned(turn) && next.step < building.steps.length) {
    void client.prefetchQuery(pictureOf(id, building.revision, next.step, next.reading, STRAIGHT))
  }
  return picture.data
}

/** What stands in the way where a step may not go. */
export function useRefused(id: string, revision: number, move: MovedStep) {
  return useQuery({
    queryKey: ['refused', id, revision, move.step, move.before],
    queryFn: () => answered(api.GET('/api/cards/{id}/building/refused', { params: { path: { id }, query: move } })),
    staleTime: Infinity,
  }).data
}

type At = { step: string; reading: number; done: string[] }

/**
 * Keeps where the maker is. Hands go faster than a network: what happens while an answer is awaited goes together into the
 * next question.
 */
export function useKeepProgress(id: string, revision: number) {
  const client = useQueryClient()
  const last = useRef<Promise<unknown>>(Promise.resolve())
  const waiting = useRef<At | null>(null)
  const path = { path: { id } }
  const put = (ask: () => Promise<BuildProgress>) => {
    const asked = last.current.then(ask).then((progress) => {
      client.setQueryData<BuildingNow>(
        keyOf(id, revision),
        (building) => building && { ...building, progress, told: Date.now() },
      )
    })
    // one that fails is told to who asked, and does not stop the next
    last.current = asked.catch(() => undefined)
    return asked
  }
  const at = (step: string, reading: number, done?: string) => {
    const before = waiting.current
    waiting.current = { step, reading, done: [...(before?.done ?? []), ...(done ? [done] : [])] }
    if (before) return last.current
    return put(() => {
      const body = waiting.current!
      waiting.current = null
      return answered(api.POST('/api/cards/{id}/building/progress', { params: path, body }))
    })
  }
  return {
    at,
    setting: (step: string, on: boolean) =>
      put(() => answered(api.POST('/api/cards/{id}/building/setting', { params: path, body: { step, on } }))),
    anew: () => put(() => answered(api.POST('/api/cards/{id}/building/anew', { params: path }))),
  }
}

/** Puts a trial of a card in the drawer: at half size, to be made in scrap. */
export const triedInScrap = (id: string) =>
  answered(api.POST('/api/cards/{id}/building/trial', { params: { path: { id } } }))
