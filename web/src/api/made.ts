import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type MadeFigure } from './client'

const figuresOf = (id: string, revision: number) => ['made', id, revision] as const

/** What can be measured of a card, and what the ruler showed. */
export function useMade(id: string, revision: number) {
  return useQuery({
    queryKey: figuresOf(id, revision),
    queryFn: () => answered(api.GET('/api/cards/{id}/made', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  }).data
}

/** What that which came out otherwise does to the rest, as of what was measured; asked while it is looked at. */
export function useCameOut(id: string, revision: number, made: MadeFigure[], open: boolean) {
  const off = made.filter(({ isOff }) => isOff)
  return useQuery({
    queryKey: ['came out', id, revision, off.map(({ id, came }) => [id, came?.text])],
    queryFn: ({ signal }) => answered(api.GET('/api/cards/{id}/made/out', { params: { path: { id } }, signal })),
    enabled: open && off.length > 0,
    staleTime: 0,
  })
}

/** Tells what the ruler shows: a figure as it is typed, or so many marks on; nothing for as it is planned. */
export function useMeasured(id: string, revision: number) {
  const queries = useQueryClient()
  return async (figure: string, entry: { text?: string; marks?: number }) => {
    const made = await answered(
      api.POST('/api/cards/{id}/made', { params: { path: { id } }, body: { figure, ...entry } }),
    )
    queries.setQueryData(figuresOf(id, revision), made)
  }
}
