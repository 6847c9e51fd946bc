import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, dataOf, type Schemas } from '../api/client'

export type Paper = Schemas['PaperDto']

export const paperKeys = { list: ['papers', 'list'] as const, one: (id: string) => ['papers', 'one', id] as const }

export function usePapers() {
  return useQuery({ queryKey: paperKeys.list, queryFn: () => dataOf(api.GET('/api/papers')) })
}

export function usePaper(id: string) {
  return useQuery({
    queryKey: paperKeys.one(id),
    queryFn: () => dataOf(api.GET('/api/papers/{id}', { params: { path: { id } } })),
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
