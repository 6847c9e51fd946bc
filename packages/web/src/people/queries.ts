import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { api, dataOf, type Schemas } from '../api/client'
import { sessionKeys } from './session'

export type Right = Schemas['PersonDto']['rights'][number]
export type Role = Schemas['PersonDto']['role']

export const peopleKeys = {
  workspace: ['people', 'workspace'] as const,
  sessions: ['people', 'sessions'] as const,
  record: (text: string) => ['people', 'record', text] as const,
  copies: ['people', 'copies'] as const,
  link: (token: string) => ['people', 'link', token] as const,
  readyMade: ['people', 'ready-made'] as const,
  copy: (token: string) => ['people', 'copy', token] as const,
  remarks: (itemId: string | null) => ['people', 'remarks', itemId] as const,
  firstRun: ['people', 'first-run'] as const,
}

/** Somebody is signed in now, or works somewhere else: nothing that was shown before counts. */
function enter(client: QueryClient, person: Schemas['PersonDto']): void {
  client.removeQueries({ predicate: (query) => query.queryKey.join() !== sessionKeys.who.join() })
  client.setQueryData(sessionKeys.who, person)
}

export function useFirstRun() {
  const client = useQueryClient()
  return {
    state: useQuery({ queryKey: peopleKeys.firstRun, queryFn: () => dataOf(api.GET('/api/first-run')) }),
    make: useMutation({
      mutationFn: (given: Schemas['FirstRunDto']) => dataOf(api.POST('/api/first-run', { body: given })),
      onSuccess: (person) => enter(client, person),
    }),
  }
}

export function useLink(token: string) {
  const client = useQueryClient()
  const path = { params: { path: { token } } }
  return {
    link: useQuery({ queryKey: peopleKeys.link(token), queryFn: () => dataOf(api.GET('/api/links/{token}', path)) }),
    takeUp: useMutation({
      mutationFn: (given: Schemas['TakeUpDto']) => dataOf(api.POST('/api/links/{token}', { ...path, body: given })),
      onSuccess: (person) => enter(client, person),
    }),
  }
}

/** The sets that are there for everybody on this server. */
export function useReadyMade() {
  return useQuery({ queryKey: peopleKeys.readyMade, queryFn: () => dataOf(api.GET('/api/copies/ready-made')) })
}

export function useWorkspace() {
  return useQuery({ queryKey: peopleKeys.workspace, queryFn: () => dataOf(api.GET('/api/workspace')) })
}

export function useSessions() {
  return useQuery({ queryKey: peopleKeys.sessions, queryFn: () => dataOf(api.GET('/api/me/sessions')) })
}

export function useRecord(text: string) {
  return useQuery({
    queryKey: peopleKeys.record(text),
    queryFn: () => dataOf(api.GET('/api/workspace/record', { params: { query: { text } } })),
  })
}

/** What one changes of oneself and of the workspace. */
// eslint-disable-next-line max-lines-per-function -- a list of calls, with no step of its own
export function usePeopleChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: ['people'] })
  const who = () => client.invalidateQueries({ queryKey: sessionKeys.who })
  const both = () => Promise.all([refresh(), who()])
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    profile: useMutation({
      mutationFn: (given: Schemas['ProfileDto']) => dataOf(api.PUT('/api/me', { body: given })),
      onSuccess: (person) => void client.setQueryData(sessionKeys.who, person),
    }),
    password: useMutation({
      mutationFn: (given: Schemas['NewPasswordDto']) => dataOf(api.PUT('/api/me/password', { body: given })),
      onSuccess: refresh,
    }),
    endSessions: useMutation({
      mutationFn: () => dataOf(api.DELETE('/api/me/sessions')),
      onSuccess: refresh,
    }),
    choose: useMutation({
      mutationFn: (id: string) => dataOf(api.PUT('/api/session/workspace', { body: { id } })),
      onSuccess: (person) => enter(client, person),
    }),
    make: useMutation({
      mutationFn: (name: string) => dataOf(api.POST('/api/workspaces', { body: { name } })),
    }),
    bringIn: useMutation({
      mutationFn: (file: File) =>
        dataOf(
          api.POST('/api/workspaces/archive', {
            headers: { 'content-type': 'application/octet-stream' },
            body: '',
            bodySerializer: () => file,
          }),
        ),
      onSuccess: who,
    }),
    rename: useMutation({
      mutationFn: (name: string) => dataOf(api.PUT('/api/workspace', { body: { name } })),
      onSuccess: both,
    }),
    invite: useMutation({
      mutationFn: (given: Schemas['InviteDto']) => dataOf(api.POST('/api/workspace/invitations', { body: given })),
      onSuccess: refresh,
    }),
    takeBack: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/workspace/invitations/{id}', path(id))),
      onSuccess: refresh,
    }),
    setRole: useMutation({
      mutationFn: ({ id, role }: { readonly id: string; readonly role: Role }) =>
        dataOf(api.PUT('/api/workspace/members/{id}', { ...path(id), body: { role } })),
      onSuccess: both,
    }),
    remove: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/workspace/members/{id}', path(id))),
      onSuccess: refresh,
    }),
    reset: useMutation({
      mutationFn: (id: string) => dataOf(api.POST('/api/workspace/members/{id}/reset', path(id))),
    }),
    leave: useMutation({
      mutationFn: () => dataOf(api.POST('/api/workspace/leave')),
      onSuccess: who,
    }),
    setDeleted: useMutation({
      mutationFn: (deleted: boolean) =>
        dataOf(deleted ? api.DELETE('/api/workspace') : api.POST('/api/workspace/undelete')),
      onSuccess: both,
    }),
  }
}

export function useCopyLinks() {
  return useQuery({ queryKey: peopleKeys.copies, queryFn: () => dataOf(api.GET('/api/copies')) })
}

export function useCopyLinkChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: peopleKeys.copies })
  return {
    make: useMutation({
      mutationFn: (given: Schemas['NewCopyLinkDto']) => dataOf(api.POST('/api/copies', { body: given })),
      onSuccess: refresh,
    }),
    takeBack: useMutation({
      mutationFn: (id: string) => dataOf(api.DELETE('/api/copies/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  }
}

export function useCopy(token: string) {
  const client = useQueryClient()
  const path = { params: { path: { token } } }
  return {
    preview: useQuery({
      queryKey: peopleKeys.copy(token),
      queryFn: () => dataOf(api.GET('/api/copies/by-link/{token}', path)),
    }),
    take: useMutation({
      mutationFn: () => dataOf(api.POST('/api/copies/by-link/{token}', path)),
      onSuccess: () =>
        client.invalidateQueries({
          predicate: ({ queryKey }) => queryKey[0] !== 'people' || queryKey[1] === 'ready-made',
        }),
    }),
  }
}

export function useRemarks(itemId: string | null) {
  return useQuery({
    queryKey: peopleKeys.remarks(itemId),
    queryFn: () =>
      itemId === null
        ? dataOf(api.GET('/api/remarks'))
        : dataOf(api.GET('/api/items/{id}/remarks', { params: { path: { id: itemId } } })),
  })
}

export function useRemarkChanges() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: ['people', 'remarks'] })
  return {
    add: useMutation({
      mutationFn: ({ itemId, says }: { readonly itemId: string; readonly says: string }) =>
        dataOf(api.POST('/api/items/{id}/remarks', { params: { path: { id: itemId } }, body: { says } })),
      onSuccess: refresh,
    }),
    settle: useMutation({
      mutationFn: ({ id, settled }: { readonly id: string; readonly settled: boolean }) =>
        dataOf(api.PUT('/api/remarks/{id}', { params: { path: { id } }, body: { settled } })),
      onSuccess: refresh,
    }),
  }
}

const HERE_EVERY_MS = 10_000

/** Says that one has something open, and hears who else has. */
export function useOthers(place: string) {
  return useQuery({
    queryKey: ['presence', place],
    queryFn: () => dataOf(api.POST('/api/presence', { body: { place } })),
    refetchInterval: HERE_EVERY_MS,
    staleTime: 0,
  })
}
