import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { fingerprint, type CheckCode, type Item } from '@zakuska/core'
import { api, dataOf, type Schemas } from '../api/client'
import type { BankFilter, BankSearch } from './search'

export type BankItem = Schemas['ItemDto']

export const bankKeys = {
  all: ['bank'] as const,
  search: (search: BankSearch) => ['bank', 'search', search] as const,
  facets: (filter: BankFilter) => ['bank', 'facets', filter] as const,
  filters: ['bank', 'filters'] as const,
  outcomes: ['bank', 'outcomes'] as const,
  proposals: (id: string) => ['bank', 'proposals', id] as const,
  near: (id: string) => ['bank', 'near', id] as const,
  nearBodies: (bodies: readonly Item[]) => ['bank', 'near-bodies', bodies] as const,
  one: (id: string) => ['bank', 'one', id] as const,
  history: (id: string) => ['bank', 'history', id] as const,
}

const PAGE = 50

/** The items that a search finds, page by page as they come into view. */
export function useBankSearch({ filter, sort }: BankSearch) {
  return useInfiniteQuery({
    queryKey: bankKeys.search({ filter, sort }),
    queryFn: ({ pageParam }) =>
      dataOf(api.GET('/api/items', { params: { query: { ...filter, sort, limit: PAGE, offset: pageParam } } })),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const loaded = pages.reduce((sum, page) => sum + page.items.length, 0)
      return last.items.length === PAGE ? loaded : undefined
    },
    placeholderData: keepPreviousData,
  })
}

export function useFacets(filter: BankFilter) {
  return useQuery({
    queryKey: bankKeys.facets(filter),
    queryFn: () => dataOf(api.GET('/api/items/facets', { params: { query: filter } })),
    placeholderData: keepPreviousData,
  })
}

export function useSavedFilters() {
  return useQuery({ queryKey: bankKeys.filters, queryFn: () => dataOf(api.GET('/api/items/filters')) })
}

export function useFilterChanges() {
  const client = useQueryClient()
  const keep = (filters: Schemas['SavedFilterDto'][]): void => void client.setQueryData(bankKeys.filters, filters)
  return {
    save: useMutation({
      mutationFn: (given: Schemas['NewSavedFilterDto']) => dataOf(api.POST('/api/items/filters', { body: given })),
      onSuccess: keep,
    }),
    remove: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/items/filters/{id}', { params: { path: { id } } })),
      onSuccess: keep,
    }),
  }
}

/** Items nearly the same as one that is in the bank. */
export function useNear(id: string) {
  return useQuery({
    queryKey: bankKeys.near(id),
    queryFn: () => dataOf(api.GET('/api/items/{id}/near', { params: { path: { id } } })),
  })
}

/** Items of the bank nearly the same as these, a list for each. */
export function useNearBodies(bodies: readonly Item[], wanted: boolean) {
  return useQuery({
    queryKey: bankKeys.nearBodies(bodies),
    queryFn: () => dataOf(api.POST('/api/items/near', { body: { bodies: [...bodies] } })),
    enabled: wanted && bodies.length > 0,
  })
}

export function useOutcomes() {
  return useQuery({ queryKey: bankKeys.outcomes, queryFn: () => dataOf(api.GET('/api/outcomes')) })
}

export function useReplaceOutcomes() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (text: string) => dataOf(api.PUT('/api/outcomes', { body: { text } })),
    onSuccess: (outcomes) => client.setQueryData(bankKeys.outcomes, outcomes),
  })
}

export function useProposals(id: string, wanted: boolean) {
  return useQuery({
    queryKey: bankKeys.proposals(id),
    queryFn: () => dataOf(api.GET('/api/outcomes/proposals/{itemId}', { params: { path: { itemId: id } } })),
    enabled: wanted,
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
// eslint-disable-next-line max-lines-per-function -- a list of calls, with no step of its own
export function useBankChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' })
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    create: useMutation({
      mutationFn: ({ body, category }: { readonly body: Item; readonly category: string | undefined }) =>
        dataOf(api.POST('/api/items', { body: { body, ...(category && { category }) } })),
      onSuccess: refresh,
    }),
    change: useMutation({
      mutationFn: ({ id, body, revision }: { readonly id: string; readonly body: Item; readonly revision: number }) =>
        dataOf(api.PUT('/api/items/{id}', { ...path(id), body: { body, revision } })),
      onSuccess: refresh,
    }),
    signOff: useMutation({
      // Vouched for is the item as it is shown; one that changed meanwhile is refused.
      mutationFn: ({
        item,
        signedOff,
        remark,
      }: {
        readonly item: BankItem
        readonly signedOff: boolean
        readonly remark: string
      }) =>
        dataOf(
          api.PUT('/api/items/{id}/sign-off', {
            ...path(item.id),
            body: { signedOff, remark, fingerprint: fingerprint(item.body) },
          }),
        ),
      onSuccess: refresh,
    }),
    restore: useMutation({
      mutationFn: ({ id, number }: { readonly id: string; readonly number: number }) =>
        dataOf(api.POST('/api/items/{id}/restore', { ...path(id), body: { number } })),
      onSuccess: refresh,
    }),
    waive: useMutation({
      mutationFn: ({
        id,
        code,
        reason,
      }: {
        readonly id: string
        readonly code: CheckCode
        readonly reason: string | null
      }) => dataOf(api.PUT('/api/items/{id}/waiver', { ...path(id), body: { code, reason } })),
      onSuccess: refresh,
    }),
    addVariant: useMutation({
      mutationFn: ({
        id,
        language,
        body,
      }: {
        readonly id: string
        readonly language: string | null
        /** What it says; absent: what its original says, to be reworded. */
        readonly body?: Item
      }) =>
        dataOf(
          api.POST('/api/items/{id}/variants', {
            ...path(id),
            body: { language, ...(body && { body }) },
          }),
        ),
      onSuccess: refresh,
    }),
    bringInLine: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/items/{id}/in-line', path(id))),
      onSuccess: refresh,
    }),
    changeMany: useMutation({
      mutationFn: (given: Schemas['BulkDto']) => dataOf(api.POST('/api/items/bulk', { body: given })),
      onSuccess: refresh,
    }),
    rebalance: useMutation({
      mutationFn: (ids: string[]) => dataOf(api.POST('/api/items/rebalance', { body: { ids } })),
      onSuccess: refresh,
    }),
    undoMany: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/items/bulk/{id}/undo', path(id))),
      onSuccess: refresh,
    }),
    toTranslate: useMutation({
      mutationFn: (given: Schemas['ToTranslateDto']) =>
        dataOf(api.POST('/api/items/translations/out', { body: given })),
    }),
    translated: useMutation({
      mutationFn: (text: string) => dataOf(api.POST('/api/items/translations/back', { body: { text } })),
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
