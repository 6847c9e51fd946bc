import { randomUUID } from 'node:crypto'
import { readDraft, type Item } from '@zakuska/core'
import type request from 'supertest'
import { until } from './until.ts'
import { TOKEN, type RunningServer } from './running-server.ts'

export type Agent = ReturnType<typeof request.agent>

export type Site = 'breakwater' | 'inlet' | 'foghorn'
export interface Sent {
  itemId: string
  body: Item
  outcome: string
  why: string | null
  since: string | null
  changes: string[]
}
export interface Told {
  id: string
  state: string
  why: string | null
  address: string
  manage: string
  joinCode: string
  items: Sent[]
  proof: { verdict: string; probes: { verdict: string }[] }[]
  disagreeing: number
  since: { edited: number; keys: number; added: number; removed: number }
}

/** A connection to a stand-in; that to Inlet by its own page. */
export async function connected(server: RunningServer, site: Site, by: Agent): Promise<string> {
  const { url } = server[site]
  if (site !== 'inlet') {
    const given = { destination: site, name: `My ${site}`, url, token: TOKEN }
    return ((await by.post('/api/connections').send(given).expect(201)).body as { id: string }).id
  }
  await consented(server, by, 'yes')
  const { connections } = (await by.get('/api/connections').expect(200)).body as {
    connections: { id: string; destination: string }[]
  }
  return connections.findLast(({ destination }) => destination === 'inlet')?.id ?? ''
}

/** What a browser does with the page on which it is allowed. @returns where the person ends. */
export async function consented(server: RunningServer, by: Agent, answer: 'yes' | 'no', id?: string): Promise<string> {
  const given = { destination: 'inlet', name: 'Forms', url: server.inlet.url, ...(id !== undefined && { id }) }
  const asked = (await by.post('/api/connections/consent').send(given).expect(200)).body as { address: string }
  const address = new URL(asked.address)
  const page = await (await fetch(address)).text()
  expect(page).toContain('make, change and delete forms')
  const form = new URLSearchParams([...address.searchParams, ['answer', answer]])
  const back = await fetch(new URL('/consent', address), { method: 'POST', body: form, redirect: 'manual' })
  const { pathname, search } = new URL(back.headers.get('location') ?? '')
  const ended = await by.get(pathname + search).expect(303)
  return ended.headers['location'] ?? ''
}

export async function paperOf(
  text: string,
  by: Agent,
  title = 'Check',
): Promise<{ id: string; items: Item[]; ids: string[] }> {
  const items = readDraft({ text }).items.map(({ item }) => item)
  const ids: string[] = []
  for (const body of items)
    ids.push(((await by.post('/api/items').send({ body }).expect(201)).body as { id: string }).id)
  const paper = (await by.post('/api/papers').send({ title, itemIds: ids }).expect(201)).body as { id: string }
  return { id: paper.id, items, ids }
}

export async function sent(more: object, by: Agent): Promise<Told> {
  const asked = { id: randomUUID(), into: 'new', includeUnsigned: true, ...more }
  const { id } = (await by.post('/api/deliveries').send(asked).expect(201)).body as Told
  return settled(id, by)
}

export async function settled(id: string, by: Agent, states = ['done', 'failed', 'stopped']): Promise<Told> {
  const asItIs = async (): Promise<Told> => (await by.get(`/api/deliveries/${id}`).expect(200)).body as Told
  let told = await asItIs()
  await until(`the delivery is ${states.join(' or ')}`, async () => states.includes((told = await asItIs()).state))
  return told
}

export async function faults(server: RunningServer, site: Site | 'skerry', list: object[]): Promise<void> {
  await fetch(`${server[site].url}/faults`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(list),
  })
}
