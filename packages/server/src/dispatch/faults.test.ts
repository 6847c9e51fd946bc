import { randomUUID } from 'node:crypto'
import { connected, consented, faults, paperOf, sent, settled, type Agent, type Site } from '../testing/dispatching.ts'
import { until } from '../testing/until.ts'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
let iris: Agent
const connections = new Map<Site, string>()
const SITES: readonly Site[] = ['breakwater', 'inlet', 'foghorn']
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
  for (const site of SITES) connections.set(site, await connected(server, site, iris))
})
afterAll(() => server.stop())
afterEach(() => Promise.all(SITES.map((site) => faults(server, site, []))))

const TEXT = Array.from(
  { length: 6 },
  (_none, at) => `${at + 1}. What comes after ${at}?\na) ${at + 1}\nb) ${at + 5}\nc) ${at + 9}\nAnswer: a\n`,
).join('\n')

/** What brings the items, at each. */
const BRINGS: Readonly<Record<Site, string>> = {
  breakwater: 'POST /api/imports',
  inlet: 'POST /v1/forms/',
  foghorn: 'POST /api/games?',
}

/** How often each item is there, by what its page or its list says. */
async function timesThere(site: Site, title: string): Promise<number[]> {
  const path = { breakwater: '/api/collections', inlet: '', foghorn: '/api/games' }[site]
  if (site === 'inlet') {
    const places = (await iris.get(`/api/connections/${connections.get(site)}/places`).expect(200)).body as {
      title: string
      count: number
    }[]
    return places.filter((one) => one.title === title).map(({ count }) => count)
  }
  const answer = await fetch(server[site].url + path, { headers: { authorization: 'Bearer test-token' } })
  const list = (await answer.json()) as { title: string; items?: number; rounds?: number }[]
  return list.filter((one) => one.title === title).map(({ items, rounds }) => items ?? rounds ?? 0)
}

describe.each(SITES)('%s', (site) => {
  test.each<[string, object]>([
    ['too much to do, with a time to wait', { play: 'status', status: 429, retryAfter: 1, times: 1 }],
    ['a fault once in a while', { play: 'status', status: 500, times: 2 }],
    ['a connection that is cut while the items come in', { play: 'cut', times: 1 }],
    ['an answer that never comes', { play: 'silence', times: 1 }],
    ['an answer that was not heard', { play: 'unheard', times: 1 }],
    ['a token that is not known once', { play: 'status', status: 401, times: 1 }],
  ])('%s: it arrives once, and whole', async (name, fault) => {
    // A token that a person gave is not renewed: it is theirs to give again.
    const isOver = name.startsWith('a token') && site !== 'inlet'
    const title = `${site}: ${name}`
    const paper = await paperOf(TEXT, iris, title)
    await faults(server, site, [{ on: BRINGS[site], ...fault, ...(isOver && { times: 2 }) }])
    let told = await sent({ paperId: paper.id, connectionId: connections.get(site) }, iris)
    if (isOver) {
      expect(told).toMatchObject({
        state: 'failed',
        why: expect.stringContaining('does not know this token') as string,
      })
      await iris.post(`/api/deliveries/${told.id}/retry`).expect(200)
      told = await settled(told.id, iris, ['done'])
    }
    expect(told).toMatchObject({ state: 'done', disagreeing: 0 })
    expect(told.items.map(({ outcome }) => outcome)).toEqual(Array(6).fill('created'))
    expect(await timesThere(site, title)).toEqual([6])
  })

  test('half of the items refused: the others arrive, and each refusal says why', async () => {
    const paper = await paperOf(TEXT, iris, `${site}: half`)
    await faults(server, site, [{ on: '', play: 'refuse', times: 6 }])
    const told = await sent({ paperId: paper.id, connectionId: connections.get(site) }, iris)
    expect(told.state).toBe('done')
    expect(told.items.map(({ outcome }) => outcome).sort()).toEqual([
      ...Array<string>(3).fill('created'),
      ...Array<string>(3).fill('refused'),
    ])
    expect(told.items.find(({ outcome }) => outcome === 'refused')?.why).toMatch(/not this one/i)
    expect(told.proof.map(({ verdict }) => verdict).sort()).toEqual([
      ...Array<string>(3).fill('not-sent'),
      ...Array<string>(3).fill('proven'),
    ])
  })
})

test('a slow import is waited for', async () => {
  const paper = await paperOf(TEXT, iris, 'slow')
  await faults(server, 'breakwater', [{ on: 'GET /api/imports', play: 'slow', ms: 600, times: 3 }])
  expect(await sent({ paperId: paper.id, connectionId: connections.get('breakwater') }, iris)).toMatchObject({
    state: 'done',
  })
})

test('a person stops it, and takes it up again: what had arrived stays, and nothing is there twice', async () => {
  const paper = await paperOf(TEXT, iris, 'stopped')
  await faults(server, 'inlet', [{ on: 'POST /v1/forms/', play: 'slow', ms: 150, times: 100 }])
  const id = randomUUID()
  const asked = { id, paperId: paper.id, connectionId: connections.get('inlet'), into: 'new', includeUnsigned: true }
  await iris.post('/api/deliveries').send(asked).expect(201)
  await settled(id, iris, ['sending'])
  await iris.post(`/api/deliveries/${id}/stop`).expect(200)
  const stopped = await settled(id, iris)
  expect(stopped).toMatchObject({ state: 'stopped', why: 'It was stopped by hand.' })
  await faults(server, 'inlet', [])
  await iris.post(`/api/deliveries/${id}/retry`).expect(200)
  expect(await settled(id, iris)).toMatchObject({ state: 'done', disagreeing: 0 })
  expect(await timesThere('inlet', 'stopped')).toEqual([6])
})

test('a question that was taken out there by hand comes anew when it is sent again', async () => {
  const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris, 'by hand')
  const connectionId = connections.get('inlet')
  const first = await sent({ paperId: paper.id, connectionId }, iris)
  const [id] = paper.ids
  const kept = (await iris.get(`/api/items/${id}`).expect(200)).body as { body: object; revision: number }
  const change = { body: { ...kept.body, key: [false] }, revision: kept.revision }
  await iris.put(`/api/items/${id}`).send(change).expect(200)
  await faults(server, 'inlet', [{ on: 'PUT /v1/forms/', play: 'status', status: 404, times: 1 }])
  const again = await sent({ paperId: paper.id, connectionId, again: first.id }, iris)
  expect(again).toMatchObject({ state: 'done', disagreeing: 0, items: [{ outcome: 'created' }] })
})

test('a consent that was taken back there ends the delivery in a clear line; connected anew, it goes on', async () => {
  const agent = await server.signIn('Revoked')
  const connectionId = await connected(server, 'inlet', agent)
  const paper = await paperOf(TEXT, agent, 'revoked')
  await faults(server, 'inlet', [
    { on: 'POST /v1/forms', play: 'status', status: 401, times: 1 },
    { on: 'POST /token', play: 'status', status: 400, times: 1 },
  ])
  const told = await sent({ paperId: paper.id, connectionId }, agent)
  expect(told).toMatchObject({
    state: 'failed',
    why: 'The consent was taken back there, or has run out. Connect it anew in Dispatch.',
  })
  await consented(server, agent, 'yes', connectionId)
  await agent.post(`/api/deliveries/${told.id}/retry`).expect(200)
  expect(await settled(told.id, agent)).toMatchObject({ state: 'done', disagreeing: 0 })
})

test('a destination that is gone is said in one line', async () => {
  const lone = await startServer()
  const agent = await lone.signIn('lone')
  const connectionId = await connected(lone, 'breakwater', agent)
  const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', agent)
  await lone.breakwater.close()
  const id = randomUUID()
  await agent.post('/api/deliveries').send({ id, paperId: paper.id, connectionId, into: 'bank', includeUnsigned: true })
  let why: string | null = null
  await until('it is said', async () => {
    why = ((await agent.get(`/api/deliveries/${id}`)).body as { why: string | null }).why
    return why !== null
  })
  expect(why).toBe('Breakwater does not answer at its address. Is it running? It is tried again by itself.')
  await lone.app.close()
})
