import { useQuery } from '@tanstack/react-query'
import { answered, api } from './client'

export type PostQuestion = { area?: string; outer?: string; gifts: number }

/** A card at the counter, as of a revision. */
export function usePost(card: string, revision: number | undefined, query: PostQuestion) {
  return useQuery({
    queryKey: ['post', card, revision, query],
    queryFn: () => answered(api.GET('/api/cards/{id}/post', { params: { path: { id: card }, query } })),
    enabled: revision !== undefined,
    placeholderData: (before) => before,
    staleTime: 0,
    retry: false,
  })
}

/** What would let a cheaper service take it, as of a revision; every change is tried on the card, which takes a while. */
export function usePostWays(card: string, revision: number, query: PostQuestion) {
  return useQuery({
    queryKey: ['post ways', card, revision, query],
    queryFn: () => answered(api.GET('/api/cards/{id}/post/ways', { params: { path: { id: card }, query } })),
    retry: false,
  })
}
