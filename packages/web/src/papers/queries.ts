import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, dataOf, type Schemas } from '../api/client'

export type Paper = Schemas['PaperDto']

export const paperKeys = {
  list: ['papers', 'list'] as const,
  one: (id: string) => ['papers', 'one', id] as const,
  versions: (id: string, version: number) => ['papers', 'versions', id, version] as const,
}

export function usePapers() {
  return useQuery({ queryKey: paperKeys.list, queryFn: () => dataOf(api.GET('/api/papers')) })
}

export function paperQuery(id: string) {
  return {
    queryKey: paperKeys.one(id),
    queryFn: () => dataOf(api.GET('/api/papers/{id}', { params: { path: { id } } })),
  }
}

/** Nothing is asked for while no paper is chosen: without an id the address is that of the list. */
export function usePaper(id: string) {
  return useQuery({ ...paperQuery(id), enabled: id !== '' })
}

/** The versions of a paper as it was saved last, and what its rules find. */
export function useVersions(id: string, version: number) {
  return useQuery({
    queryKey: paperKeys.versions(id, version),
    queryFn: () => dataOf(api.GET('/api/papers/{id}/versions', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
  })
}

export function useDraw(id: string) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (given: Schemas['DrawDto']) =>
      dataOf(api.POST('/api/papers/{id}/draw', { params: { path: { id } }, body: given })),
    onSuccess: () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' }),
  })
}

export function usePaperChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' })
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    create: useMutation({
      mutationFn: (given: Schemas['NewPaperDto']) => dataOf(api.POST('/api/papers', { body: given })),
      onSuccess: refresh,
    }),
    append: useMutation({
      mutationFn: async ({ id, itemIds }: { readonly id: string; readonly itemIds: string[] }) => {
        const before = await dataOf(api.GET('/api/papers/{id}', path(id)))
        const paper = await dataOf(api.POST('/api/papers/{id}/items', { ...path(id), body: { itemIds } }))
        return { paper, added: paper.entries.length - before.entries.length }
      },
      onSuccess: refresh,
    }),
    save: useMutation({
      mutationFn: ({ id, given }: { readonly id: string; readonly given: Schemas['SavePaperDto'] }) =>
        dataOf(api.PUT('/api/papers/{id}', { ...path(id), body: given })),
      onSuccess: (paper) => {
        client.setQueryData(paperKeys.one(paper.id), paper)
        return client.invalidateQueries({
          predicate: (query) =>
            query.queryKey[0] === 'bank' || query.queryKey[1] === 'list' || query.queryKey[1] === 'counts',
        })
      },
    }),
    remove: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/papers/{id}', path(id))),
      onSuccess: refresh,
    }),
    undelete: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/papers/{id}/undelete', path(id))),
      onSuccess: refresh,
    }),
  }
}
