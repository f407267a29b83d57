import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type PostArea } from './client'
import type { components } from './generated/schema'

type Service = components['schemas']['NewService']
type Area = components['schemas']['NewArea']

const tablesKey = ['post tables']

/** The tables of postal services, and how to change them; the counter asks them anew. */
export function usePostTables() {
  const queries = useQueryClient()
  const tables = useQuery({ queryKey: tablesKey, queryFn: () => answered(api.GET('/api/post')) })
  const keep = async (asked: Promise<PostArea[]>) => {
    queries.setQueryData(tablesKey, await asked)
    await queries.invalidateQueries({ queryKey: ['post'] })
    await queries.invalidateQueries({ queryKey: ['post ways'] })
  }
  const at = (area: string, id: string) => ({ params: { path: { area, id } } })
  return {
    tables,
    put: {
      area: (body: Area) => keep(answered(api.POST('/api/post', { body }))),
      service: (area: string, body: Service) =>
        keep(answered(api.POST('/api/post/{area}/services', { params: { path: { area } }, body }))),
      changed: (area: string, id: string, body: Service) =>
        keep(answered(api.PUT('/api/post/{area}/services/{id}', { ...at(area, id), body }))),
      without: (area: string, id: string) => keep(answered(api.DELETE('/api/post/{area}/services/{id}', at(area, id)))),
      usual: (area: string) => keep(answered(api.DELETE('/api/post/{area}', { params: { path: { area } } }))),
    },
  }
}

export type PutPost = ReturnType<typeof usePostTables>['put']
