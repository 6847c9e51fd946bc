import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { Item } from '@zakuska/core'
import { api, dataOf, type Schemas } from '../api/client'

export type BankItem = Schemas['ItemDto']

export interface BankSearch {
  readonly text: string
  readonly kind: string | null
  readonly tag: string | null
  readonly signedOff: 'yes' | 'no' | null
}

export const bankKeys = {
  all: ['bank'] as const,
  search: (search: BankSearch) => ['bank', 'search', search] as const,
  one: (id: string) => ['bank', 'one', id] as const,
  history: (id: string) => ['bank', 'history', id] as const,
}

const PAGE = 500

export function useBankSearch(search: BankSearch) {
  return useQuery({
    queryKey: bankKeys.search(search),
    queryFn: () =>
      dataOf(
        api.GET('/api/items', {
          params: {
            query: {
              limit: PAGE,
              ...(search.text && { text: search.text }),
              ...(search.kind && { kind: search.kind }),
              ...(search.tag && { tag: search.tag }),
              ...(search.signedOff && { signedOff: search.signedOff }),
            },
          },
        }),
      ),
    placeholderData: keepPreviousData,
  })
}

export function useBankItem(id: string | undefined) {
  return useQuery({
    queryKey: bankKeys.one(id ?? ''),
    queryFn: () => dataOf(api.GET('/api/items/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined,
  })
}

export function useHistory(id: string, open: boolean) {
  return useQuery({
    queryKey: bankKeys.history(id),
    queryFn: () => dataOf(api.GET('/api/items/{id}/history', { params: { path: { id } } })),
    enabled: open,
  })
}

/** Every change of an item; all of them refresh what shows items. */
export function useBankChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' })
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    create: useMutation({
      mutationFn: (body: Item) => dataOf(api.POST('/api/items', { body: { body: asObject(body) } })),
      onSuccess: refresh,
    }),
    change: useMutation({
      mutationFn: ({ id, body, revision }: { readonly id: string; readonly body: Item; readonly revision: number }) =>
        dataOf(api.PUT('/api/items/{id}', { ...path(id), body: { body: asObject(body), revision } })),
      onSuccess: refresh,
    }),
    signOff: useMutation({
      mutationFn: ({
        id,
        signedOff,
        remark,
      }: {
        readonly id: string
        readonly signedOff: boolean
        readonly remark: string
      }) => dataOf(api.PUT('/api/items/{id}/sign-off', { ...path(id), body: { signedOff, remark } })),
      onSuccess: refresh,
    }),
    restore: useMutation({
      mutationFn: ({ id, number }: { readonly id: string; readonly number: number }) =>
        dataOf(api.POST('/api/items/{id}/restore', { ...path(id), body: { number } })),
      onSuccess: refresh,
    }),
    remove: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/items/{id}', path(id))),
      onSuccess: refresh,
    }),
    undelete: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/items/{id}/undelete', path(id))),
      onSuccess: refresh,
    }),
  }
}

function asObject(body: Item): Record<string, unknown> {
  return body as unknown as Record<string, unknown>
}
