import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { api, dataOf, type Schemas } from '../api/client'
import { forgetTyped, saveAll } from '../parts/leaving'

export const sessionKeys = {
  who: ['session'] as const,
  counts: ['session', 'counts'] as const,
  settings: ['session', 'settings'] as const,
}

/** Who is signed in; null where nobody is. */
export function useSession() {
  return useQuery({
    queryKey: sessionKeys.who,
    queryFn: async () => {
      const person: Schemas['PersonDto'] | undefined = await dataOf(api.GET('/api/session'))
      // Nobody: it answers without a body.
      return person?.id === undefined ? null : person
    },
    staleTime: Infinity,
  })
}

export function useCounts() {
  return useQuery({
    queryKey: sessionKeys.counts,
    queryFn: () => dataOf(api.GET('/api/session/counts')),
    staleTime: 5000,
  })
}

export function useSettings() {
  return useQuery({ queryKey: sessionKeys.settings, queryFn: () => dataOf(api.GET('/api/session/settings')) })
}

/** Settings are kept as a whole; what shows findings of the checks is asked for again. */
export function useSetSettings() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (given: Schemas['WorkspaceSettingsDto']) => dataOf(api.PUT('/api/session/settings', { body: given })),
    onSuccess: (settings) => {
      client.setQueryData(sessionKeys.settings, settings)
      return client.invalidateQueries({
        predicate: (query) => query.queryKey[0] === 'bank' || query.queryKey[0] === 'papers',
      })
    },
  })
}

export function useSignIn() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (given: { readonly email: string; readonly password: string }) =>
      dataOf(api.POST('/api/session', { body: given })),
    onSuccess: (person) => {
      client.setQueryData(sessionKeys.who, person)
      forgetTheRest(client)
    },
  })
}

export function useSignOut() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async () => {
      await saveAll()
      return dataOf(api.DELETE('/api/session'))
    },
    onSuccess: () => {
      forgetTyped()
      client.setQueryData(sessionKeys.who, null)
      forgetTheRest(client)
    },
  })
}

/** Nothing that one person saw is left for the next. */
function forgetTheRest(client: QueryClient): void {
  client.removeQueries({ predicate: (query) => query.queryKey[0] !== sessionKeys.who[0] || query.queryKey.length > 1 })
}
