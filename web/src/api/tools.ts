import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type OwnStock } from './client'

const ownKey = ['own-stock']

type Thing = { name: string; ruler: string; width: string; height: string }
type Cardstock = {
  name: string
  grammage: string
  caliper?: string
  grain: OwnStock['cardstocks'][number]['grain']
  pattern: OwnStock['cardstocks'][number]['pattern']
  colour: string
}
type Board = { name: string; groove: string; length: string }

/** What the maker has of their own, and how to change it; everything that is offered elsewhere follows. */
export function useOwnStock() {
  const queries = useQueryClient()
  const own = useQuery({ queryKey: ownKey, queryFn: () => answered(api.GET('/api/stock/own')) })
  const keep = async (asked: Promise<OwnStock>) => {
    queries.setQueryData(ownKey, await asked)
    // every card is worked out with the tools and stock that there are
    await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== ownKey[0] })
  }
  return {
    own,
    put: {
      tools: (body: { inches: Board; metric: Board; bed: string; stopsInside: boolean }) => keep(answered(api.PUT('/api/stock/own/tools', { body }))),
      envelopes: (body: Thing) => keep(answered(api.POST('/api/stock/own/envelopes', { body }))),
      sheets: (body: Thing) => keep(answered(api.POST('/api/stock/own/sheets', { body }))),
      cardstocks: (body: Cardstock) => keep(answered(api.POST('/api/stock/own/cardstocks', { body }))),
      away: (id: string) => keep(answered(api.DELETE('/api/stock/own/{id}', { params: { path: { id } } }))),
      offered: (id: string) => keep(answered(api.PUT('/api/stock/own/{id}/offered', { params: { path: { id } } }))),
    },
  }
}

export type Put = ReturnType<typeof useOwnStock>['put']
