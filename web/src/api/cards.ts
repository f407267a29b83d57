import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Card, type CardRow } from './client'

const listKey = ['cards'] as const
export const cardKey = (id: string) => ['card', id] as const

export function useStock() {
  return useQuery({ queryKey: ['stock'], queryFn: () => answered(api.GET('/api/stock')), staleTime: Infinity })
}

export function useShelf() {
  return useQuery({ queryKey: ['shelf'], queryFn: () => answered(api.GET('/api/shelf')), staleTime: Infinity })
}

/** How a structure's example folds; asked for only when someone wants to see it. */
export function useShelfForm(structure: string, wanted: boolean) {
  return useQuery({
    queryKey: ['shelf', structure],
    queryFn: () => answered(api.GET('/api/shelf/{structure}/form', { params: { path: { structure } } })),
    enabled: wanted,
    staleTime: Infinity,
  })
}

export type FittingQuestion = { ruler: string; sheet: string; envelope?: string }

/** Which structures come out of a sheet, and for an envelope. */
export function useFitting(question: FittingQuestion | null) {
  return useQuery({
    queryKey: ['fitting', question],
    queryFn: () => answered(api.GET('/api/shelf/fitting', { params: { query: question! } })),
    enabled: question !== null,
    staleTime: Infinity,
  })
}

export function useCards() {
  return useQuery({
    queryKey: listKey,
    queryFn: () => answered(api.GET('/api/cards')),
    staleTime: 0,
    refetchInterval: whileSomeAreWorkedOut,
  })
}

/** Cards that were put aside and can be brought back. */
export function useDeletedCards() {
  return useQuery({
    queryKey: [...listKey, 'deleted'],
    queryFn: () => answered(api.GET('/api/cards/deleted')),
    staleTime: 0,
  })
}

/** After an update the house works out anew what it shows of each card; the list is asked again until it knows all. */
function whileSomeAreWorkedOut({ state }: { state: { data?: CardRow[] } }) {
  return state.data?.some(({ facts }) => !facts) ? 1000 : false
}

/** What is drawn of a card in a list; asked for when it comes into sight. */
export function useSketch({ id, revision }: CardRow, wanted: boolean) {
  return useQuery({
    queryKey: ['sketch', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/sketch', { params: { path: { id } } })),
    enabled: wanted,
    staleTime: Infinity,
  })
}

export function useCardQuery(id: string) {
  return useQuery({
    queryKey: cardKey(id),
    queryFn: () => answered(api.GET('/api/cards/{id}', { params: { path: { id } } })),
  })
}

/** Which structures a free card is, as of a revision. */
export function useLikenesses(id: string, revision: number) {
  return useQuery({
    queryKey: ['likenesses', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/likenesses', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
}

/** What could be set on a face of a card, tried on it, as of a revision. */
export function useOffers(id: string, revision: number, panel: number, face: boolean) {
  return useQuery({
    queryKey: ['offers', id, revision, panel, face],
    queryFn: () => answered(api.GET('/api/cards/{id}/offers', { params: { path: { id }, query: { panel, face } } })),
    staleTime: Infinity,
  })
}

/** Which parts of a card dies on hand could cut, as of a revision. */
export function useDieOffers(id: string, revision: number, wanted: boolean) {
  return useQuery({
    queryKey: ['die offers', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/dies', { params: { path: { id } } })),
    enabled: wanted,
    placeholderData: keepPreviousData,
  })
}

/** What dies on hand could cut to lay on a face of a card, as of a revision. */
export function useDieStacks(id: string, revision: number, panel: number, face: boolean) {
  return useQuery({
    queryKey: ['die stacks', id, revision, panel, face],
    queryFn: () =>
      answered(api.GET('/api/cards/{id}/layers/dies', { params: { path: { id }, query: { panel, face } } })),
  })
}

/** What shows in each pose of a card, as of a revision. */
export function useShowing(id: string, revision: number, wanted: boolean) {
  return useQuery({
    queryKey: ['showing', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/showing', { params: { path: { id } } })),
    enabled: wanted,
    staleTime: Infinity,
  })
}

/** How a card is cut, as of a revision; asked again while it is worked out. */
export function useCutting(id: string, revision: number | undefined) {
  return useQuery({
    queryKey: ['cutting', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/cutting', { params: { path: { id } } })),
    enabled: revision !== undefined,
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => (state.data && !state.data.isDone ? 400 : false),
  })
}

/** Ends the search for a plan with the best so far. */
export function useStopCutting(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answered(api.POST('/api/cards/{id}/cutting/stopped', { params: { path: { id } } })),
    onSuccess: (cutting) => queries.setQueryData(['cutting', id, cutting.revision], cutting),
  })
}

/** Says that a card was cut, so that its sheets leave the stock and its offcuts come in; or that it was not. */
export function useCutDone(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (what: { revision: number } | { back: string }) =>
      answered(
        'back' in what
          ? api.POST('/api/cards/{id}/cutting/done/{done}/taken-back', { params: { path: { id, done: what.back } } })
          : api.POST('/api/cards/{id}/cutting/done', { params: { path: { id } }, body: what }),
      ),
    onSuccess: (cutting) => {
      queries.setQueryData(['cutting', id, cutting.revision], cutting)
      // all that is worked out from what is at hand
      void queries.invalidateQueries({ queryKey: ['stock'] })
      void queries.invalidateQueries({ queryKey: ['own'] })
      void queries.invalidateQueries({ queryKey: cardKey(id) })
    },
  })
}

/** A card's layers as they are chosen and cut, as of a revision. */
export function useLayers(id: string, revision: number | undefined) {
  return useQuery({
    queryKey: ['layers', id, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/layers', { params: { path: { id } } })),
    enabled: revision !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
}

/** What becomes of a card's figures on another ruler, as of a revision. */
export function useReruling(id: string, revision: number, ruler: string) {
  return useQuery({
    queryKey: ['reruling', id, revision, ruler],
    queryFn: () => answered(api.GET('/api/cards/{id}/reruling', { params: { path: { id }, query: { ruler } } })),
    retry: false,
  })
}

/** A card written out as a recipe. */
export function useWrittenRecipe(
  id: string,
  revision: number,
  query: { ruler: string; style: string },
  wanted: boolean,
) {
  return useQuery({
    queryKey: ['recipe', id, revision, query],
    queryFn: () => answered(api.GET('/api/cards/{id}/recipe', { params: { path: { id }, query }, parseAs: 'text' })),
    enabled: wanted,
  })
}

/** The named versions of a card. */
export function useVersions(id: string) {
  const queries = useQueryClient()
  const queryKey = ['versions', id]
  return {
    list: useQuery({
      queryKey,
      queryFn: () => answered(api.GET('/api/cards/{id}/versions', { params: { path: { id } } })),
    }),
    keep: useMutation({
      mutationFn: (name: string) =>
        answered(api.POST('/api/cards/{id}/versions', { params: { path: { id } }, body: { name } })),
      onSuccess: () => queries.invalidateQueries({ queryKey }),
    }),
  }
}

/** A version set beside the card as it is. */
export function useCompared(id: string, version: string, revision: number) {
  return useQuery({
    queryKey: ['compared', id, version, revision],
    queryFn: () => answered(api.GET('/api/cards/{id}/versions/{version}', { params: { path: { id, version } } })),
  })
}

/** Lets the house go through its catalogue while the first words are typed. */
export function useReadyForRecipes() {
  return useQuery({
    queryKey: ['ready for recipes'],
    queryFn: async () => (await api.GET('/api/recipes/ready')).response.ok,
    retry: false,
    staleTime: Infinity,
  })
}

/** What a recipe comes to, and which text that is; asked anew whenever its text changes. */
export function useReading(text: string, ruler: string) {
  return useQuery({
    queryKey: ['reading', text, ruler],
    queryFn: async () => ({ ...(await answered(api.POST('/api/recipes/read', { body: { text, ruler } }))), of: text }),
    enabled: text.trim() !== '',
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  })
}

/** What else a recipe may mean; asked once what it comes to is shown. */
export function useOtherReadings(text: string, ruler: string) {
  return useQuery({
    queryKey: ['other readings', text, ruler],
    queryFn: ({ signal }) => answered(api.POST('/api/recipes/others', { body: { text, ruler }, signal })),
    enabled: text.trim() !== '',
    retry: false,
    staleTime: Infinity,
  })
}

export type StartQuestion = {
  from: 'ENVELOPE' | 'SIZE' | 'SHEET'
  structure: string
  ruler: string
  sheet: string
  envelope?: string
  width?: string
  height?: string
}

export function useStarts(question: StartQuestion | null) {
  return useQuery({
    queryKey: ['starts', question],
    queryFn: () => answered(api.GET('/api/starts', { params: { query: question! } })),
    enabled: question !== null,
  })
}

export type NewCard = {
  structure: string
  ruler: string
  width: string
  height: string
  envelope?: string
  sheet?: string
}

/** What can be done to the drawer as a whole; each refreshes the list. */
export function useDrawer() {
  const queries = useQueryClient()
  const refresh = () => queries.invalidateQueries({ queryKey: listKey })
  const keep = (card: Card) => {
    queries.setQueryData(cardKey(card.id), card)
    void refresh()
  }
  return {
    begin: useMutation({ mutationFn: (body: NewCard) => answered(api.POST('/api/cards', { body })), onSuccess: keep }),
    bare: useMutation({
      mutationFn: (body: { ruler: string; width: string; height: string }) =>
        answered(api.POST('/api/cards/bare', { body })),
      onSuccess: keep,
    }),
    fromRecipe: useMutation({
      mutationFn: (body: { text: string; ruler: string }) => answered(api.POST('/api/recipes/begun', { body })),
      onSuccess: keep,
    }),
    open: useMutation({
      mutationFn: (document: string) => answered(api.POST('/api/cards/opened', { body: { document } })),
      onSuccess: keep,
    }),
    copy: useMutation({
      mutationFn: (id: string) => answered(api.POST('/api/cards/{id}/copy', { params: { path: { id } } })),
      onSuccess: keep,
    }),
    remove: useMutation({
      mutationFn: (id: string) => answered(api.DELETE('/api/cards/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
    restore: useMutation({
      mutationFn: (id: string) => answered(api.POST('/api/cards/{id}/restored', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
    rename: useMutation({
      mutationFn: async ({ id, name }: { id: string; name: string }) => {
        const card = await answered(api.GET('/api/cards/{id}', { params: { path: { id } } }))
        const body = { revision: card.revision, field: 'name', text: name }
        return answered(api.POST('/api/cards/{id}/changes', { params: { path: { id } }, body }))
      },
      onSuccess: keep,
    }),
  }
}
