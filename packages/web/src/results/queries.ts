import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { analyse, type Analysis, type Attempt, type Item } from '@zakuska/core'
import { useEffect, useMemo, useState } from 'react'
import { api, dataOf, type Schemas } from '../api/client'
import { useMay } from '../people/May'

export type SittingSummary = Schemas['SittingSummaryDto']
export type Taking = Schemas['TakingDto']

/** One attempt of a sitting, in the types of core. */
export type SittingAttempt = Omit<Schemas['AttemptDto'], 'responses'> &
  Attempt & { readonly given: Readonly<Record<string, number>> }

/** A sitting, in the types of core. */
export interface Sitting extends Omit<Schemas['SittingDto'], 'items' | 'attemptList'> {
  readonly items: readonly { readonly itemId: string; readonly body: Item; readonly inBank: Item | null }[]
  readonly attemptList: readonly SittingAttempt[]
}

export const resultKeys = {
  list: ['results', 'list'] as const,
  one: (id: string) => ['results', 'one', id] as const,
  rosters: ['results', 'rosters'] as const,
}

/** While people take it, it is looked at again so often. */
const LOOK_MS = 5000

/** Nothing where a role does not let one see results. */
export function useSittings() {
  const may = useMay('results')
  return useQuery({
    enabled: may,
    queryKey: resultKeys.list,
    queryFn: () => dataOf(api.GET('/api/sittings')),
    refetchInterval: ({ state }) => (state.data?.some(({ isOpen }) => isOpen) ? LOOK_MS : false),
  })
}

export function useSitting(id: string) {
  return useQuery({
    queryKey: resultKeys.one(id),
    queryFn: async (): Promise<Sitting> => dataOf(api.GET('/api/sittings/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    refetchInterval: ({ state }) => (state.data?.isOpen ? LOOK_MS : false),
  })
}

/** Who counts, and what follows from it. */
export interface Looked {
  readonly bodies: readonly Item[]
  readonly counted: readonly SittingAttempt[]
  readonly analysis: Analysis
}

/** More answers than this are analysed beside the page. */
const MOST_AT_ONCE = 20_000

/** Null while many people's answers are being analysed. */
export function useLooked(sitting: Sitting): Looked | null {
  const request = useMemo(() => {
    const bodies = sitting.items.map(({ body }) => body)
    return { bodies, attempts: sitting.attemptList.filter(({ counts }) => counts), settings: sitting.settings }
  }, [sitting])
  const { bodies, attempts, settings } = request
  const isLarge = bodies.length * attempts.length > MOST_AT_ONCE
  const atOnce = useMemo(
    () => (isLarge ? null : analyse(bodies, attempts, settings)),
    [isLarge, bodies, attempts, settings],
  )
  const [apart, setApart] = useState<{ readonly of: object; readonly analysis: Analysis } | null>(null)
  useEffect(() => {
    if (!isLarge) return
    let isWanted = true
    const { bodies: items, attempts: people, settings: kept } = request
    // Only what is graded goes over: names and remarks are not needed there.
    const bare = people.map(({ student, responses, given }) => ({ student, responses, given }))
    void import('./analysis-thread')
      .then(({ analysedApart }) => analysedApart({ bodies: items, attempts: bare, settings: kept }))
      .then((analysis) => isWanted && setApart({ of: request, analysis }))
    return () => {
      isWanted = false
    }
  }, [isLarge, request])
  const analysis = atOnce ?? (apart?.of === request ? apart.analysis : null)
  return useMemo(() => analysis && { bodies, counted: attempts, analysis }, [bodies, attempts, analysis])
}

// eslint-disable-next-line max-lines-per-function -- a list of calls, with no step of its own
export function useSittingChanges(id = '') {
  const client = useQueryClient()
  const path = { params: { path: { id } } }
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: resultKeys.list }),
      client.invalidateQueries({ queryKey: ['session', 'counts'] }),
    ])
  const show = (dto: Schemas['SittingDto']) => {
    client.setQueryData(resultKeys.one(dto.id), dto)
    return refresh()
  }
  const takenIn = { onSuccess: ({ sitting }: Schemas['ResponsesInDto']) => show(sitting) }
  return {
    ofDelivery: useMutation({
      mutationFn: (deliveryId: string) =>
        dataOf(api.POST('/api/sittings/of-delivery/{id}', { params: { path: { id: deliveryId } } })),
      ...takenIn,
    }),
    fetch: useMutation({ mutationFn: () => dataOf(api.POST('/api/sittings/{id}/fetch', path)), ...takenIn }),
    readIn: useMutation({
      mutationFn: (given: Schemas['NewSittingDto']) => dataOf(api.POST('/api/sittings', { body: given })),
      ...takenIn,
    }),
    openHere: useMutation({
      mutationFn: (given: Schemas['OpenHereDto']) => dataOf(api.POST('/api/sittings/here', { body: given })),
      onSuccess: show,
    }),
    save: useMutation({
      mutationFn: (given: Schemas['SaveSittingDto']) => dataOf(api.PUT('/api/sittings/{id}', { ...path, body: given })),
      onSuccess: show,
    }),
    setTaking: useMutation({
      mutationFn: (given: Taking) => dataOf(api.PUT('/api/sittings/{id}/taking', { ...path, body: given })),
      onSuccess: show,
    }),
    regrade: useMutation({
      mutationFn: (given: Schemas['RegradeDto']) =>
        dataOf(api.POST('/api/sittings/{id}/regrade', { ...path, body: given })),
      onSuccess: show,
      onError: () => client.invalidateQueries({ queryKey: resultKeys.one(id) }),
    }),
    give: useMutation({
      mutationFn: (given: Schemas['GivenDto']) => dataOf(api.PUT('/api/sittings/{id}/given', { ...path, body: given })),
      onSuccess: (attempt: Schemas['AttemptDto']) =>
        client.setQueryData(resultKeys.one(id), (known: Sitting | undefined) =>
          known
            ? {
                ...known,
                attemptList: known.attemptList.map((one) =>
                  one.id === attempt.id
                    ? { ...one, given: attempt.given, remarks: attempt.remarks, history: attempt.history }
                    : one,
                ),
              }
            : known,
        ),
    }),
    remove: useMutation({
      mutationFn: (of: string) => dataOf(api.DELETE('/api/sittings/{id}', { params: { path: { id: of } } })),
      onSuccess: refresh,
    }),
    undelete: useMutation({
      mutationFn: (of: string) => dataOf(api.POST('/api/sittings/{id}/undelete', { params: { path: { id: of } } })),
      onSuccess: refresh,
    }),
  }
}

export function useRosters() {
  const client = useQueryClient()
  return {
    rosters: useQuery({ queryKey: resultKeys.rosters, queryFn: () => dataOf(api.GET('/api/rosters')) }),
    keep: useMutation({
      mutationFn: (given: Schemas['KeepRosterDto']) => dataOf(api.PUT('/api/rosters', { body: given })),
      onSuccess: (rosters) => client.setQueryData(resultKeys.rosters, rosters),
    }),
  }
}

/** Lets somebody who has begun go on on another device. */
export function useLetMove(sittingId: string) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (attempt: string) =>
      dataOf(api.POST('/api/sittings/{id}/attempts/{attempt}/move', { params: { path: { id: sittingId, attempt } } })),
    onSuccess: (sitting) => client.setQueryData(resultKeys.one(sittingId), sitting),
  })
}
