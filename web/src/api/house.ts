import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Copy, Problem, FAILED } from './client'

const copiesKey = ['copies'] as const

/** How the house is: whether it can be changed, and what the maker should know. */
export function useHouse() {
  return useQuery({ queryKey: ['house'], queryFn: () => answered(api.GET('/api/house')), staleTime: Infinity })
}

/** Copies that lie in the house. */
export function useCopies() {
  return useQuery({
    queryKey: copiesKey,
    queryFn: () => answered(api.GET('/api/copies')),
    staleTime: 0,
    // the day's first one is made a few seconds after the start
    refetchInterval: ({ state }) => (state.data?.length === 0 ? 3000 : false),
  })
}

/** What putting a copy back would do. */
export function usePlannedRestore(name: string) {
  return useQuery({
    queryKey: ['planned', name],
    queryFn: () => answered(api.GET('/api/copies/{name}/planned', { params: { path: { name } } })),
    staleTime: 0,
    gcTime: 0,
  })
}

/** Puts a copy back; all that was known is asked anew. */
export function useRestore() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (name: string) => answered(api.POST('/api/copies/{name}/restored', { params: { path: { name } } })),
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** Brings a backup from a file into the house, to be looked at first. Sent as it is. */
export async function bring(file: File, signal: AbortSignal): Promise<Copy> {
  let response: Response
  try {
    response = await fetch('/api/restore', {
      method: 'POST',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream' },
      signal,
    })
  } catch {
    throw new Problem(
      signal.aborted
        ? 'Stopped. Nothing was changed.'
        : 'The file did not arrive whole. Nothing was changed. Try again.',
      0,
    )
  }
  const answer = (await response.json()) as Copy & { detail?: string }
  if (!response.ok) throw new Problem(answer.detail ?? FAILED, response.status)
  return answer
}
