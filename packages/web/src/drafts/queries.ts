import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { SourceStyle } from '@zakuska/core'
import { api, dataOf, type Schemas } from '../api/client'
import { sessionKeys } from '../people/session'

export const draftKeys = {
  all: ['drafts'] as const,
  list: ['drafts', 'list'] as const,
  one: (id: string) => ['drafts', 'one', id] as const,
}

export type SavedDraft = Schemas['DraftDto']

export function useDrafts() {
  return useQuery({ queryKey: draftKeys.list, queryFn: () => dataOf(api.GET('/api/drafts')) })
}

/** Loaded once; after that the desk holds the text, and saves. */
export function useDraft(id: string) {
  return useQuery({
    queryKey: draftKeys.one(id),
    queryFn: () => dataOf(api.GET('/api/drafts/{id}', { params: { path: { id } } })),
    staleTime: 0,
    gcTime: 0,
  })
}

export interface NewDraft {
  readonly title: string
  readonly text: string
  readonly styles?: readonly SourceStyle[]
  /** The text that it was drafted from. */
  readonly source?: string
}

export function useNewDraft() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (given: NewDraft) =>
      dataOf(api.POST('/api/drafts', { body: { ...given, styles: [...(given.styles ?? [])] } })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: draftKeys.list }),
        client.invalidateQueries({ queryKey: sessionKeys.counts }),
      ]),
  })
}

export function fetchDraft(id: string): Promise<SavedDraft> {
  return dataOf(api.GET('/api/drafts/{id}', { params: { path: { id } } }))
}

export function saveDraft(id: string, body: Schemas['SaveDraftDto']): Promise<SavedDraft> {
  return dataOf(api.PUT('/api/drafts/{id}', { params: { path: { id } }, body }))
}

export function useToBank(id: string) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (asked: Schemas['ToBankDto']) =>
      dataOf(api.POST('/api/drafts/{id}/bank', { params: { path: { id } }, body: asked })),
    onSuccess: () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' }),
  })
}

export function useDeleteDraft() {
  const client = useQueryClient()
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: draftKeys.list }),
      client.invalidateQueries({ queryKey: sessionKeys.counts }),
    ])
  const remove = useMutation({
    mutationFn: (id: string) => dataOf(api.DELETE('/api/drafts/{id}', { params: { path: { id } } })),
    onSuccess: refresh,
  })
  const restore = useMutation({
    mutationFn: (id: string) => dataOf(api.POST('/api/drafts/{id}/undelete', { params: { path: { id } } })),
    onSuccess: refresh,
  })
  return { remove, restore }
}
