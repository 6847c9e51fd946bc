import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, dataOf, type Schemas } from '../api/client'
import type { paths } from '../api/schema'

export type Delivery = Schemas['DeliveryDto']
export type FileProof = Schemas['FileProofDto']
export type DownloadQuery = NonNullable<paths['/api/papers/{id}/file']['get']['parameters']['query']>
export type DeliverySummary = Schemas['DeliverySummaryDto']

export const dispatchKeys = {
  deliveries: ['dispatch', 'list'] as const,
  delivery: (id: string) => ['dispatch', 'one', id] as const,
  connection: ['dispatch', 'connection'] as const,
}

const POLL_MS = 700

export function isGoing(delivery: { readonly state: string }): boolean {
  return delivery.state !== 'done' && delivery.state !== 'failed'
}

export function useDeliveries() {
  return useQuery({
    queryKey: dispatchKeys.deliveries,
    queryFn: () => dataOf(api.GET('/api/deliveries')),
    refetchInterval: (query) => (query.state.data?.some(isGoing) ? POLL_MS : false),
  })
}

export function useDelivery(id: string) {
  return useQuery({
    queryKey: dispatchKeys.delivery(id),
    queryFn: () => dataOf(api.GET('/api/deliveries/{id}', { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data && isGoing(query.state.data) ? POLL_MS : false),
  })
}

export function useConnection() {
  return useQuery({ queryKey: dispatchKeys.connection, queryFn: () => dataOf(api.GET('/api/connections/breakwater')) })
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

export function useDispatchChanges() {
  const client = useQueryClient()
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['dispatch'] }),
      client.invalidateQueries({ queryKey: ['session', 'counts'] }),
    ])
  return {
    connect: useMutation({
      mutationFn: (given: Schemas['SetConnectionDto']) =>
        dataOf(api.PUT('/api/connections/breakwater', { body: given })),
      onSuccess: refresh,
    }),
    send: useMutation({
      mutationFn: (given: Schemas['SendDto']) => dataOf(api.POST('/api/deliveries', { body: given })),
      onSuccess: refresh,
    }),
    retry: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/deliveries/{id}/retry', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  }
}
