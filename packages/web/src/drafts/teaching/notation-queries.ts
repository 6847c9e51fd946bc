import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { Notation } from '@zakuska/core'
import { api, dataOf, type Schemas } from '../../api/client'

export type KeptNotation = Schemas['KeptNotationDto']

/** A notation as the server takes it. */
export function sentNotation({ name, rules }: Notation): Schemas['NotationDto'] {
  return { name, rules: rules.map(({ look, was, part }) => ({ look: { ...look }, was, part })) }
}

const keptKey = ['notations'] as const

export function useNotations() {
  return useQuery({ queryKey: keptKey, queryFn: () => dataOf(api.GET('/api/notations')) })
}

export function useKeepNotation() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ name, rules }: Notation) =>
      dataOf(
        api.PUT('/api/notations', {
          body: sentNotation({ name, rules }),
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keptKey }),
  })
}

export function useDeleteNotation() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (id: string) => dataOf(api.DELETE('/api/notations/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keptKey }),
  })
}
