import { destinationOf, plainText, type Content, type Item, type Response } from '@zakuska/core'
import { stringify } from 'csv-stringify/sync'
import { Caller } from '../call.ts'
import type { Account, Adapter, Parcel, Part, Place } from '../contract.ts'

const { limits, paper, name } = destinationOf('foghorn')
const HEADS = ['Seconds', 'Question', 'Right', 'A', 'B', 'C', 'D', 'E', 'F']
const SECONDS = { least: 10, most: 120, usual: 30 }

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
    await new Caller(name, account).call({ method: 'GET', path: '/api/site' })
  },

  places: () => Promise.resolve([]),

  async send(account, parcel, progress) {
    const game = (await new Caller(name, account).call({
      method: 'POST',
      path: `/api/games?title=${encodeURIComponent(parcel.title)}`,
      body: new TextEncoder().encode(gameSheet(parcel.parts)),
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
        readonly name: string
        readonly answers: Readonly<Record<string, { readonly chosen: readonly number[] }>>
      }[]
    }
    return players.map((player) => ({
      student: player.name,
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

/** The sheet of a game, in its column order. */
export function gameSheet(parts: readonly Pick<Part, 'body'>[]): string {
  const rows = parts.map(({ body }) => {
    const options = optionsOf(body)
    const right = placesOf(body, keyOf(body)).map((place) => String.fromCharCode(65 + place))
    return [secondsFor(body), line(body.stem), right.join(' '), ...options]
  })
  return stringify([HEADS, ...rows])
}

function secondsFor({ timeLimit }: Item): number {
  return timeLimit === undefined ? SECONDS.usual : Math.min(SECONDS.most, Math.max(SECONDS.least, timeLimit))
}

function optionsOf(item: Item): string[] {
  if (item.kind === 'truefalse') return ['True', 'False']
  return item.kind === 'single' || item.kind === 'multiple' ? item.options.map(({ content }) => line(content)) : []
}

function keyOf(item: Item): Response {
  if (item.kind === 'truefalse') return { kind: 'truth', value: item.key[0] ?? null }
  return { kind: 'choice', chosen: item.kind === 'single' || item.kind === 'multiple' ? item.key : [] }
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

function line(content: Content): string {
  return plainText(content).replace(/\s+/g, ' ').trim()
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
