import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type OwnStock, Problem, FAILED } from './client'
import type { components } from './generated/schema'

const ownKey = ['own-stock']

type Sheet = components['schemas']['NewSheetOfStock']
type Thing = components['schemas']['NewEnvelope']
type Cardstock = components['schemas']['NewCardstock']
type Nest = components['schemas']['NewNest']
type Glue = components['schemas']['NewAdhesive']
type Board = { name: string; groove: string; length: string }

/** What the maker has of their own, and how to change it; everything that is offered elsewhere follows. */
export function useOwnStock() {
  const queries = useQueryClient()
  const own = useQuery({ queryKey: ownKey, queryFn: () => answered(api.GET('/api/stock/own')) })
  const keep = async (asked: Promise<OwnStock>) => {
    const after = await asked
    queries.setQueryData(ownKey, after)
    // every card is worked out with the tools and stock that there are
    await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== ownKey[0] })
    return after
  }
  return {
    own,
    put: {
      tools: (body: { inches: Board; metric: Board; bed: string; stopsInside: boolean }) =>
        keep(answered(api.PUT('/api/stock/own/tools', { body }))),
      envelopes: (body: Thing) => keep(answered(api.POST('/api/stock/own/envelopes', { body }))),
      changedEnvelope: (id: string, body: Thing) =>
        keep(answered(api.PUT('/api/stock/own/envelopes/{id}', { params: { path: { id } }, body }))),
      sheets: (body: Sheet) => keep(answered(api.POST('/api/stock/own/sheets', { body }))),
      nests: (body: Nest) => keep(answered(api.POST('/api/stock/own/nests', { body }))),
      cardstocks: (body: Cardstock) => keep(answered(api.POST('/api/stock/own/cardstocks', { body }))),
      adhesives: (body: Glue) => keep(answered(api.POST('/api/stock/own/adhesives', { body }))),
      changedAdhesive: (id: string, body: Glue) =>
        keep(answered(api.PUT('/api/stock/own/adhesives/{id}', { params: { path: { id } }, body }))),
      usualAdhesive: (id: string) =>
        keep(answered(api.DELETE('/api/stock/own/adhesives/{id}', { params: { path: { id } } }))),
      away: (id: string) => keep(answered(api.DELETE('/api/stock/own/{id}', { params: { path: { id } } }))),
      offered: (id: string) => keep(answered(api.PUT('/api/stock/own/{id}/offered', { params: { path: { id } } }))),
    },
  }
}

export type Together = { ruler: string; border: string | null }

/** Which dies go together: two that leave a ring so wide, or three with an even border. */
export function useTogether(asked: Together | null) {
  return useQuery({
    queryKey: ['dies', asked],
    queryFn: ({ signal }) =>
      asked!.border === null
        ? answered(api.GET('/api/stock/dies/frames', { params: { query: { ruler: asked!.ruler } }, signal }))
        : answered(
            api.GET('/api/stock/dies/rings', {
              params: { query: { ruler: asked!.ruler, border: asked!.border } },
              signal,
            }),
          ),
    enabled: asked !== null,
  })
}

/** What the maker allows for, and how to change it. */
export function useAllowances(ruler: string) {
  const queries = useQueryClient()
  const groups = useQuery({
    queryKey: ['allowances', ruler],
    queryFn: () => answered(api.GET('/api/stock/allowances', { params: { query: { ruler } } })),
  })
  const set = async (id: string, body: { text?: string; divisions?: number }) => {
    const after = await answered(
      api.PUT('/api/stock/allowances/{id}', { params: { path: { id }, query: { ruler } }, body }),
    )
    queries.setQueryData(['allowances', ruler], after)
    await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'allowances' })
  }
  return { groups, set }
}

export type Put = ReturnType<typeof useOwnStock>['put']

/** Keeps a picture of a paper; its id. Sent as it is, so that the house reads no more of it than it takes. */
export async function keepPicture(file: File): Promise<string> {
  let response: Response
  try {
    response = await fetch('/api/stock/pictures', {
      method: 'POST',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream' },
    })
  } catch {
    throw new Problem(
      'The picture did not arrive whole. Is it larger than 10 MB? Save it smaller and choose it again.',
      0,
    )
  }
  const answer = (await response.json()) as { id: string; detail?: string }
  if (!response.ok) throw new Problem(answer.detail ?? FAILED, response.status)
  return answer.id
}
