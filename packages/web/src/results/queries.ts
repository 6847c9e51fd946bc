import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, dataOf } from '../api/client'

export const resultKeys = { one: (id: string) => ['results', id] as const }

export function useResults(id: string) {
  return useQuery({
    queryKey: resultKeys.one(id),
    queryFn: () => dataOf(api.GET('/api/deliveries/{id}/results', { params: { path: { id } } })),
  })
}

export function useFetchResponses(id: string) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: () => dataOf(api.POST('/api/deliveries/{id}/results/fetch', { params: { path: { id } } })),
    onSuccess: (results) => {
      client.setQueryData(resultKeys.one(id), results)
      return Promise.all([
        client.invalidateQueries({ queryKey: ['dispatch'] }),
        client.invalidateQueries({ queryKey: ['session', 'counts'] }),
      ])
    },
  })
}
