import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import type { WritingRequest } from '@zakuska/core'
import { useEffect } from 'react'
import { api, dataOf, type Schemas } from '../api/client'
import { tellQuery } from '../api/tell-query'

export type Reply = Schemas['ReplyDto']
export type ReplySummary = Schemas['ReplySummaryDto']
export type Writing = Schemas['WritingDto']

export const writingKeys = {
  all: ['writing'] as const,
  mine: ['writing', 'mine'] as const,
  people: ['writing', 'people'] as const,
  use: ['writing', 'use'] as const,
  requests: ['writing', 'requests'] as const,
  reply: (id: string) => ['writing', 'reply', id] as const,
  ofDrafts: (ids: readonly string[]) => ['writing', 'of-drafts', ...ids] as const,
}

/** Where a browser has no events. */
const POLL_MS = 700

export function useWriting() {
  return useQuery({ queryKey: writingKeys.mine, queryFn: () => dataOf(api.GET('/api/writing')) })
}

export function useWritingPeople(isWanted: boolean) {
  return useQuery({
    queryKey: writingKeys.people,
    queryFn: () => dataOf(api.GET('/api/writing/people')),
    enabled: isWanted,
  })
}

export function useUse() {
  return useQuery({ queryKey: writingKeys.use, queryFn: () => dataOf(api.GET('/api/writing/use')) })
}

export function useKeptRequests() {
  return useQuery({ queryKey: writingKeys.requests, queryFn: () => dataOf(api.GET('/api/writing/requests')) })
}

/** Replies that were asked for for drafts, newest first. */
export function useRepliesOf(draftIds: readonly string[], isWanted = true) {
  return useQuery({
    queryKey: writingKeys.ofDrafts(draftIds),
    queryFn: () => dataOf(api.GET('/api/writing/replies', { params: { query: { drafts: draftIds.join(',') } } })),
    enabled: isWanted && draftIds.length > 0,
  })
}

/** One reply; while it is written, as it grows. */
export function useReply(asked: string | null) {
  const id = asked ?? ''
  const client = useQueryClient()
  const hasEvents = 'EventSource' in window
  const query = useQuery({
    queryKey: writingKeys.reply(id),
    queryFn: () => dataOf(api.GET('/api/writing/replies/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    refetchInterval: ({ state }) => (!hasEvents && state.data?.state === 'writing' ? POLL_MS : false),
  })
  const isWriting = query.data?.state === 'writing'
  useEffect(() => {
    if (!isWriting || !hasEvents) return
    const events = new EventSource(`/api/writing/replies/${id}/events`)
    events.onmessage = ({ data }: MessageEvent<string>) => {
      const now = JSON.parse(data) as Schemas['ReplyEventDto']
      grow(client, id, now)
      if (now.state !== 'writing') events.close()
    }
    return () => events.close()
  }, [client, id, isWriting, hasEvents])
  useEffect(() => {
    if (query.data && !isWriting) void client.invalidateQueries({ queryKey: writingKeys.mine })
  }, [client, isWriting, query.data])
  return query
}

function grow(client: QueryClient, id: string, { from, more, ...summary }: Schemas['ReplyEventDto']): void {
  tellQuery<Reply>(client, writingKeys.reply(id), ({ text }) => ({ ...summary, text: text.slice(0, from) + more }))
}

/** Everything that can be done with writing help; nothing of it is sent but by a press of a person. */
// eslint-disable-next-line max-lines-per-function -- a list of calls, with no step of its own
export function useWritingChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: writingKeys.all })
  const keep = (reply: Reply): void => {
    client.setQueryData(writingKeys.reply(reply.id), reply)
  }
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    ask: useMutation({
      mutationFn: (body: Schemas['AskDto']) => dataOf(api.POST('/api/writing/replies', { body })),
      onSuccess: keep,
    }),
    stop: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/writing/replies/{id}/stop', path(id))),
      onSuccess: keep,
    }),
    goOn: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/writing/replies/{id}/go-on', path(id))),
      onSuccess: keep,
    }),
    setTaken: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/writing/replies/{id}/taken', path(id))),
      onSuccess: (_none, id) =>
        client.setQueryData(writingKeys.reply(id), (known: Reply | undefined) => known && { ...known, isTaken: true }),
    }),
    readPage: useMutation({
      mutationFn: (url: string) => dataOf(api.POST('/api/writing/page', { body: { url } })),
    }),
    keepRequest: useMutation({
      mutationFn: ({ name, request }: { readonly name: string; readonly request: WritingRequest }) =>
        dataOf(
          api.PUT('/api/writing/requests', {
            body: { name, request: request as unknown as Schemas['WritingRequestDto'] },
          }),
        ),
      onSuccess: refresh,
    }),
    deleteRequest: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/writing/requests/{id}', path(id))),
      onSuccess: refresh,
    }),
    setService: useMutation({
      mutationFn: (body: Schemas['SetWritingServiceDto']) => dataOf(api.PUT('/api/writing/service', { body })),
      onSuccess: refresh,
    }),
    removeService: useMutation({
      mutationFn: () => dataOf(api.DELETE('/api/writing/service')),
      onSuccess: refresh,
    }),
    allow: useMutation({
      mutationFn: ({ id, ...body }: Schemas['SetAllowanceDto'] & { readonly id: string }) =>
        dataOf(api.PUT('/api/writing/people/{id}', { ...path(id), body })),
      onSuccess: refresh,
    }),
    lookUp: useMutation({
      mutationFn: (body: Schemas['LookUpDto']) => dataOf(api.POST('/api/writing/words', { body })),
    }),
  }
}
