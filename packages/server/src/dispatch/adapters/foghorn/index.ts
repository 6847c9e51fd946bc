import { destinationOf, type Item, type Response } from '@zakuska/core'
import { gameSheet } from '@zakuska/documents'
import { Caller, toldIn } from '../call.ts'
import type { Account, Adapter, Parcel, Place } from '../contract.ts'

const { limits, paper, name } = destinationOf('foghorn')

interface RemoteGame {
  readonly id: string
  readonly code: string
  readonly hostPath: string
  readonly joinPath: string
  readonly rows: readonly {
    /** In the sheet, the head being 1. */
    readonly row: number
    readonly outcome: 'taken' | 'refused'
    readonly roundId: string | null
    readonly why: string | null
  }[]
}

/** A live game: items go as a sheet in its columns. */
export const foghorn: Adapter = {
  ...{ id: 'foghorn', name, limits, paper },
  connects: 'token',
  into: ['new'],
  replaces: false,
  noun: 'game',

  async check(account) {
    const { limits: told } = (await new Caller(name, account).call({ method: 'GET', path: '/api/site' })) as {
      readonly limits?: { readonly stem?: unknown; readonly option?: unknown; readonly options?: readonly unknown[] }
    }
    return toldIn({ 'stem-length': told?.stem, 'option-length': told?.option, 'option-count': told?.options?.[1] })
  },

  places: () => Promise.resolve([]),

  async send(account, parcel, progress) {
    const game = (await new Caller(name, account).call({
      method: 'POST',
      path: `/api/games?title=${encodeURIComponent(parcel.title)}`,
      body: new TextEncoder().encode(gameSheet(parcel.parts.map(({ body }) => body)).text),
      headers: { 'content-type': 'text/csv' },
      key: parcel.id,
    })) as RemoteGame
    await progress.arrivedAt(placeOf(account, game))
    await progress.took(outcomesOf(parcel, game))
  },

  async grade(account, place, asked) {
    const grades = (await new Caller(name, account).call({
      method: 'POST',
      path: `/api/games/${place.id}/grade`,
      body: asked.map(({ part, response }) => ({ round: part.remoteId, chosen: placesOf(part.body, response) })),
      // Nothing is kept there, so it may be asked twice.
      key: 'grade',
    })) as { readonly right: boolean | null }[]
    return asked.map((_one, at) => {
      const right = grades[at]?.right ?? null
      return right === null ? null : Number(right)
    })
  },

  async responses(account, place, parts) {
    const { players } = (await new Caller(name, account).call({
      method: 'GET',
      path: `/api/games/${place.id}/responses`,
    })) as {
      readonly players: readonly {
        readonly id: string
        readonly name: string
        readonly answers: Readonly<Record<string, { readonly chosen: readonly number[] }>>
      }[]
    }
    return players.map((player) => ({
      ...{ id: player.id, at: null, student: player.name, fields: {} },
      responses: parts.map(({ body, remoteId }) => {
        const answer = player.answers[remoteId]
        return answer ? responseAt(body, answer.chosen) : null
      }),
    }))
  },

  async setOpen(account, place, isOpen) {
    await new Caller(name, account).call({ method: 'PATCH', path: `/api/games/${place.id}`, body: { isOpen } })
  },

  async remove(account, place) {
    await new Caller(name, account).call({ method: 'DELETE', path: `/api/games/${place.id}` })
  },
}

function placesOf(item: Item, response: Response): number[] {
  if (response.kind === 'truth') return response.value === null ? [] : [response.value ? 0 : 1]
  if (response.kind !== 'choice' || !('options' in item)) return []
  return item.options.flatMap(({ id }, at) => (response.chosen.includes(id) ? [at] : []))
}

function responseAt(item: Item, chosen: readonly number[]): Response {
  if (item.kind === 'truefalse') return { kind: 'truth', value: chosen[0] === undefined ? null : chosen[0] === 0 }
  const options = 'options' in item ? item.options : []
  return { kind: 'choice', chosen: options.flatMap(({ id }, at) => (chosen.includes(at) ? [id] : [])) }
}

function placeOf({ url }: Account, game: RemoteGame): Place {
  const base = url.replace(/\/$/, '')
  return { id: game.id, address: base + game.joinPath, manage: base + game.hostPath, joinCode: game.code }
}

function outcomesOf({ parts }: Parcel, { rows }: RemoteGame): Parameters<Parameters<Adapter['send']>[2]['took']>[0] {
  return parts.map((part, at) => {
    const found = rows.find(({ row }) => row === at + 2)
    return found?.outcome === 'taken'
      ? { name: part.name, outcome: 'created', remoteId: found.roundId, why: null }
      : { name: part.name, outcome: 'refused', remoteId: null, why: found?.why ?? 'the game did not report on it' }
  })
}
