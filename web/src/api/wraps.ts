import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from './client'

const wrapsKey = (card: string) => ['wraps', card] as const

/** What goes round a card and what could, as of a revision of the card; its wraps change by themselves. */
export function useWraps(card: string, revision: number | undefined) {
  return useQuery({
    queryKey: [...wrapsKey(card), revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/wraps', { params: { path: { id: card } } })),
    enabled: revision !== undefined,
    placeholderData: (before) => before,
    staleTime: 0,
  })
}

/** Makes a wrap for a card, puts one aside, brings it back. */
export function useWrapping(card: string) {
  const queries = useQueryClient()
  // those that lie round one another follow too
  const onSuccess = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: wrapsKey(card) }),
      queries.invalidateQueries({ queryKey: ['card'], refetchType: 'none' }),
    ])
  return {
    make: useMutation({
      mutationFn: (structure: string) =>
        answered(api.POST('/api/cards/{id}/wraps', { params: { path: { id: card } }, body: { structure } })),
      onSuccess,
    }),
    putAside: useMutation({
      mutationFn: (id: string) => answered(api.DELETE('/api/cards/{id}', { params: { path: { id } } })),
      onSuccess,
    }),
    bringBack: useMutation({
      mutationFn: (id: string) => answered(api.POST('/api/cards/{id}/restored', { params: { path: { id } } })),
      onSuccess,
    }),
  }
}
