import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startFoghorn } from './index.ts'
import { COLUMNS } from './model.ts'

const folder = mkdtempSync(join(tmpdir(), 'foghorn-'))
const file = join(folder, 'foghorn.json')
let site: Awaited<ReturnType<typeof startFoghorn>>
beforeAll(async () => {
  site = await startFoghorn({ port: 0, file, token: 'tok' })
})
afterAll(async () => {
  await site.close()
  rmSync(folder, { recursive: true })
})

interface Game {
  id: string
  title: string
  code: string
  isOpen: boolean
  hostPath: string
  joinPath: string
  rounds: string[]
}

async function call(path: string, init: RequestInit = {}): Promise<{ status: number; body: unknown }> {
  const answer = await fetch(site.url + path, { ...init, headers: { authorization: 'Bearer tok', ...init.headers } })
  return { status: answer.status, body: await answer.json().catch(() => null) }
}

const sent = (path: string, method: string, body: unknown) =>
  call(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })

async function game(key?: string): Promise<Game> {
  const sheet = `${COLUMNS.join(',')}\n30,Which?,B,ebb,flood\n10,Which ones?,"A,C",a,b,c\n`
  const headers = { 'content-type': 'text/csv', ...(key && { 'idempotency-key': key }) }
  return (await call('/api/games?title=Tides', { method: 'POST', headers, body: sheet })).body as Game
}

const joined = async ({ code }: Game, name: string) => {
  const body = new URLSearchParams({ code, name })
  const answer = await fetch(`${site.url}/join`, { method: 'POST', body, redirect: 'manual' })
  return { status: answer.status, place: site.url + (answer.headers.get('location') ?? '') }
}

test('a sheet is one game, however often the same key sends it', async () => {
  const [first, second, other] = [await game('one'), await game('one'), await game('two')]
  expect(second.id).toBe(first.id)
  expect(other.id).not.toBe(first.id)
  expect(other.code).not.toBe(first.code)
  // No letter that is mistaken for another.
  expect(first.code).toMatch(/^[A-HJ-NP-Z2-9]{6}$/)
  expect((await call('/api/games')).body).toContainEqual({ id: first.id, title: 'Tides', isOpen: true, rounds: 2 })
  expect((await call('/api/site')).body).toMatchObject({ name: 'Foghorn', limits: { stem: 150, option: 80 } })
})

test('who has no token makes no game, and an empty sheet is none', async () => {
  const headers = { authorization: 'Bearer other' }
  expect((await call('/api/games', { method: 'POST', headers, body: 'x' })).status).toBe(401)
  expect((await call('/api/games', { method: 'POST' })).body).toEqual({ error: 'The sheet is empty.' })
})

test('answers are graded without a game being played', async () => {
  const { id, rounds } = await game()
  const asked = [
    [0, [1]],
    [0, [0]],
    [1, [2, 0]],
    [1, [0]],
  ] as const
  const { body } = await sent(
    `/api/games/${id}/grade`,
    'POST',
    asked.map(([at, chosen]) => ({ round: rounds[at], chosen })),
  )
  expect(body).toEqual([true, false, true, false].map((right) => ({ right })))
  expect((await sent(`/api/games/${id}/grade`, 'POST', [{ round: 'round-0', chosen: [0] }])).body).toEqual([
    { right: null },
  ])
  expect((await sent(`/api/games/${id}/grade`, 'POST', {})).status).toBe(400)
})

test('a closed game takes no players; one that is taken away is gone', async () => {
  const own = await game()
  expect((await sent(`/api/games/${own.id}`, 'PATCH', { isOpen: false })).body).toMatchObject({ isOpen: false })
  expect((await joined(own, 'Bente')).status).toBe(404)
  await sent(`/api/games/${own.id}`, 'PATCH', { isOpen: true })
  expect((await joined(own, 'Bente')).status).toBe(303)
  expect((await call(`/api/games/${own.id}`, { method: 'DELETE' })).status).toBe(204)
  expect((await call(`/api/games/${own.id}`)).status).toBe(404)
})

test('two play: each sees the own score and rank, the host the counts of the options', async () => {
  const own = await game()
  const key = new URL(own.hostPath, site.url).search
  const [bente, arvid] = [await joined(own, 'Bente'), await joined(own, '  ')]
  const state = async (place: string) => (await (await fetch(place)).json()) as Record<string, unknown>
  const host = () => state(`${site.url}/host/${own.id}/state${key}`)
  const next = () => fetch(`${site.url}/host/${own.id}/next${key}`, { method: 'POST' })
  const answer = (place: string, chosen: readonly number[]) =>
    fetch(`${place}/answer`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ round: own.rounds[0], chosen }),
    })
  expect((await answer(bente.place, [1])).status).toBe(409)
  await next()
  expect((await answer(bente.place, [1])).status).toBe(204)
  expect(await host()).toMatchObject({ phase: 'asked', answered: 1, right: [], count: 2, isLast: false })
  await answer(arvid.place, [0])
  expect(await host()).toMatchObject({ phase: 'shown', right: [1], counts: [1, 1], players: ['Bente', 'Nameless'] })
  expect(await state(`${bente.place}/state`)).toMatchObject({ isRight: true, rank: 1, players: 2 })
  expect(await state(`${arvid.place}/state`)).toMatchObject({ isRight: false, gained: 0, rank: 2 })
  await next()
  expect(await host()).toMatchObject({ phase: 'asked', isLast: true })
  // The host need not wait for those who have gone.
  await fetch(`${site.url}/host/${own.id}/stop${key}`, { method: 'POST' })
  expect(await host()).toMatchObject({ phase: 'shown', right: [0, 2] })
  expect((await fetch(`${site.url}/play/${own.id}/nobody/state`)).status).toBe(404)
})

test('a restart loses no game', async () => {
  const own = await game('kept')
  await site.close()
  site = await startFoghorn({ port: 0, file, token: 'tok' })
  expect((await call(`/api/games/${own.id}`)).body).toEqual(own)
  expect((await game('kept')).id).toBe(own.id)
})
