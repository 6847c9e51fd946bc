import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api, dataOf, type Schemas } from '../api/client'
import type { paths } from '../api/schema'
import { tellQuery } from '../api/tell-query'

export type Delivery = Schemas['DeliveryDto']
export type DeliverySummary = Schemas['DeliverySummaryDto']
export type FileProof = Schemas['FileProofDto']
export type DownloadQuery = NonNullable<paths['/api/papers/{id}/file']['get']['parameters']['query']>
export type Connection = Schemas['ConnectionDto']
export type DestinationKind = Schemas['DestinationDto']

export const dispatchKeys = {
  deliveries: ['dispatch', 'list'] as const,
  delivery: (id: string) => ['dispatch', 'one', id] as const,
  connections: ['dispatch', 'connections'] as const,
  places: (id: string) => ['dispatch', 'places', id] as const,
}

const POLL_MS = 1500

export function isGoing(delivery: { readonly state: string }): boolean {
  return !['done', 'failed', 'stopped'].includes(delivery.state)
}

export function useDeliveries() {
  return useQuery({
    queryKey: dispatchKeys.deliveries,
    queryFn: () => dataOf(api.GET('/api/deliveries')),
    refetchInterval: (query) => (query.state.data?.some(isGoing) ? POLL_MS : false),
  })
}

/** One delivery; while it is under way, item by item as the server tells it. */
export function useDelivery(asked: string | null) {
  const id = asked ?? ''
  const client = useQueryClient()
  const query = useQuery({
    queryKey: dispatchKeys.delivery(id),
    queryFn: () => dataOf(api.GET('/api/deliveries/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    // Where the server's events do not come through.
    refetchInterval: ({ state }) => (state.data && isGoing(state.data) ? POLL_MS * 2 : false),
  })
  const isUnderWay = query.data !== undefined && isGoing(query.data)
  useEffect(() => {
    if (!isUnderWay || !('EventSource' in window)) return
    const events = new EventSource(`/api/deliveries/${id}/events`)
    events.onmessage = ({ data }: MessageEvent<string>) => {
      const now = JSON.parse(data) as DeliverySummary
      tellQuery<Delivery>(client, dispatchKeys.delivery(id), (known) => ({ ...known, ...now }))
      if (isGoing(now)) return
      events.close()
      void client.invalidateQueries({ queryKey: ['dispatch'] })
      void client.invalidateQueries({ queryKey: ['session', 'counts'] })
    }
    return () => events.close()
  }, [client, id, isUnderWay])
  return query
}

export function useConnections() {
  return useQuery({ queryKey: dispatchKeys.connections, queryFn: () => dataOf(api.GET('/api/connections')) })
}

/** What is there that can be added to. */
export function usePlaces(connectionId: string, isWanted: boolean) {
  return useQuery({
    queryKey: dispatchKeys.places(connectionId),
    queryFn: () => dataOf(api.GET('/api/connections/{id}/places', { params: { path: { id: connectionId } } })),
    enabled: isWanted && connectionId !== '',
  })
}

/** The connection with what its destination tells of its limits now; what it told last holds until then. */
export function useTold(connectionId: string | undefined) {
  return useQuery({
    queryKey: ['dispatch', 'told', connectionId] as const,
    queryFn: () => dataOf(api.POST('/api/connections/{id}/told', { params: { path: { id: connectionId ?? '' } } })),
    enabled: connectionId !== undefined,
    staleTime: Infinity,
    retry: false,
  })
}

/** Layouts that were kept while tables were read; tables are written in them, too. */
export function useColumnLayouts() {
  return useQuery({ queryKey: ['column-layouts'], queryFn: () => dataOf(api.GET('/api/files/layouts')) })
}

/** The key proof of the files that would be downloaded; proven anew whenever what goes along changes. */
export function useFileProofs(paper: { readonly id: string; readonly version: number }, asked: DownloadQuery) {
  return useQuery({
    queryKey: ['dispatch', 'proof', paper.id, paper.version, asked] as const,
    queryFn: () => dataOf(api.GET('/api/papers/{id}/proof', { params: { path: { id: paper.id }, query: asked } })),
    enabled: asked.formats !== '',
  })
}

export function useConnectionChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: dispatchKeys.connections })
  return {
    connect: useMutation({
      mutationFn: (given: Schemas['NewConnectionDto']) => dataOf(api.POST('/api/connections', { body: given })),
      onSuccess: refresh,
    }),
    /** Leads to the page there on which it is allowed. */
    ask: useMutation({
      mutationFn: (given: Schemas['NewConnectionDto']) => dataOf(api.POST('/api/connections/consent', { body: given })),
      onSuccess: ({ address }) => window.location.assign(address),
    }),
    remove: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/connections/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  }
}

// eslint-disable-next-line max-lines-per-function -- a list of calls, with no step of its own
export function useDispatchChanges() {
  const client = useQueryClient()
  const path = (id: string) => ({ params: { path: { id } } })
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['dispatch'] }),
      client.invalidateQueries({ queryKey: ['session', 'counts'] }),
    ])
  const show = (delivery: Delivery) => {
    client.setQueryData(dispatchKeys.delivery(delivery.id), delivery)
    return refresh()
  }
  return {
    send: useMutation({
      mutationFn: (given: Schemas['SendDto']) => dataOf(api.POST('/api/deliveries', { body: given })),
      onSuccess: show,
    }),
    retry: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/deliveries/{id}/retry', path(id))),
      onSuccess: show,
    }),
    stop: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/deliveries/{id}/stop', path(id))),
      onSuccess: show,
    }),
    setOpen: useMutation({
      mutationFn: ({ id, isOpen }: { readonly id: string; readonly isOpen: boolean }) =>
        dataOf(api.PUT('/api/deliveries/{id}/open', { ...path(id), body: { isOpen } })),
      onSuccess: show,
    }),
    setOpening: useMutation({
      mutationFn: ({ id, ...body }: { readonly id: string } & Schemas['OpeningDto']) =>
        dataOf(api.PUT('/api/deliveries/{id}/opening', { ...path(id), body })),
      onSuccess: show,
    }),
    setPeople: useMutation({
      mutationFn: ({ id, ...body }: { readonly id: string } & Schemas['PeopleDto']) =>
        dataOf(api.PUT('/api/deliveries/{id}/people', { ...path(id), body })),
      onSuccess: show,
    }),
    removeThere: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/deliveries/{id}/remove-there', path(id))),
      onSuccess: show,
    }),
  }
}
