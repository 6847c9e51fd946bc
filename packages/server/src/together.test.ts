import { randomUUID } from 'node:crypto'
import { fingerprint, type Item } from '@zakuska/core'
import type request from 'supertest'
import { startServer, type RunningServer } from './testing/running-server.ts'

let server: RunningServer
let iris: ReturnType<typeof request.agent>

beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('iris')
})
afterAll(() => server.stop())

const TEXT = '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye is a grain.\nAnswer: True\n'

interface Draft {
  id: string
  title: string
  text: string
  version: number
  updatedBy: string
}
interface BankItem {
  id: string
  revision: number
  body: Item
}
interface Answer {
  status: number
  body: { message: string; version: number }
}

async function newDraft(): Promise<Draft> {
  return (await iris.post('/api/drafts').send({ title: 'Grains', text: TEXT }).expect(201)).body as Draft
}

async function newItems(count: number): Promise<BankItem[]> {
  const made: BankItem[] = []
  for (let at = 0; at < count; at++) {
    const text = `1. Which of ${randomUUID()} is a grain?\na) oak\nb) rye\nAnswer: b\n`
    const draft = (await iris.post('/api/drafts').send({ title: 'x', text }).expect(201)).body as Draft
    await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true }).expect(200)
    const page = (await iris.get('/api/items?limit=1').expect(200)).body as { items: BankItem[] }
    made.push(...page.items.slice(0, 1))
  }
  return made
}

/** How many of the answers had each status. */
function counted(answers: readonly { status: number }[]): Record<number, number> {
  const found: Record<number, number> = {}
  for (const { status } of answers) found[status] = (found[status] ?? 0) + 1
  return found
}

test('of ten who save one draft at once, one is acknowledged a round, and what is acknowledged is kept', async () => {
  const draft = await newDraft()
  let version = draft.version
  for (let round = 0; round < 5; round++) {
    const saves = Array.from({ length: 10 }, (_, at) =>
      iris
        .put(`/api/drafts/${draft.id}`)
        .send({ title: 'Grains', text: `${TEXT}\n${round} ${at}`, version, followed: [] }),
    )
    const answers = (await Promise.all(saves)) as unknown as Answer[]
    expect(counted(answers)).toEqual({ 200: 1, 409: 9 })
    const won = answers.findIndex(({ status }) => status === 200)
    const now = (await iris.get(`/api/drafts/${draft.id}`).expect(200)).body as Draft
    expect(now.text).toBe(`${TEXT}\n${round} ${won}`)
    expect(answers.find(({ status }) => status === 409)?.body.message).toContain('iris saved this draft meanwhile')
    version = now.version
  }
})

test('of several who save one paper at once, one is acknowledged', async () => {
  const paper = (await iris.post('/api/papers').send({ title: 'Together', itemIds: [] }).expect(201)).body as Draft
  const save = { instructions: '', entries: [], shuffleItems: false, shuffleOptions: true, version: paper.version }
  const answers = await Promise.all(
    Array.from({ length: 8 }, (_, at) => iris.put(`/api/papers/${paper.id}`).send({ ...save, title: `Paper ${at}` })),
  )
  expect(counted(answers)).toEqual({ 200: 1, 409: 7 })
  const kept = (await iris.get(`/api/papers/${paper.id}`).expect(200)).body as Draft
  expect(kept.title).toBe(`Paper ${answers.findIndex(({ status }) => status === 200)}`)
})

test('everything that is put on a paper at once is on it', async () => {
  const items = await newItems(8)
  const paper = (await iris.post('/api/papers').send({ title: 'All', itemIds: [] }).expect(201)).body as Draft
  const answers = await Promise.all(
    items.map(({ id }) => iris.post(`/api/papers/${paper.id}/items`).send({ itemIds: [id] })),
  )
  expect(counted(answers)).toEqual({ 200: 8 })
  const kept = (await iris.get(`/api/papers/${paper.id}`).expect(200)).body as { entries: { itemId: string }[] }
  expect(kept.entries.map(({ itemId }) => itemId).sort()).toEqual(items.map(({ id }) => id).sort())
})

test('an item that several change at once has one new revision, and the others are told whose', async () => {
  const [item] = (await newItems(1)) as [BankItem]
  const answers = (await Promise.all(
    Array.from({ length: 6 }, (_, at) =>
      iris.put(`/api/items/${item.id}`).send({ body: { ...item.body, tags: [`t${at}`] }, revision: item.revision }),
    ),
  )) as unknown as Answer[]
  expect(counted(answers)).toEqual({ 200: 1, 409: 5 })
  expect(answers.find(({ status }) => status === 409)?.body.message).toContain('iris changed this item meanwhile')
  expect((await iris.get(`/api/items/${item.id}/history`).expect(200)).body).toHaveLength(2)
})

test('what was not shown is not signed off', async () => {
  const [item] = (await newItems(1)) as [BankItem]
  const shown = fingerprint(item.body)
  const changed = { ...item.body, points: 3 }
  await iris.put(`/api/items/${item.id}`).send({ body: changed, revision: item.revision }).expect(200)
  const path = `/api/items/${item.id}/sign-off`
  await iris.put(path).send({ signedOff: true, fingerprint: shown }).expect(409)
  await iris.put(path).send({ signedOff: true }).expect(409)
  const now = (await iris.get(`/api/items/${item.id}`).expect(200)).body as BankItem
  await iris
    .put(path)
    .send({ signedOff: true, fingerprint: fingerprint(now.body) })
    .expect(200)

  const [other] = (await newItems(1)) as [BankItem]
  const many = { ids: [other.id], change: { signedOff: true } }
  await iris.post('/api/items/bulk').send(many).expect(422)
  const late = await iris
    .post('/api/items/bulk')
    .send({ ...many, shown: { [other.id]: other.revision + 1 } })
    .expect(200)
  expect(late.body).toMatchObject({ changed: 0, changedMeanwhile: 1 })
  const right = await iris
    .post('/api/items/bulk')
    .send({ ...many, shown: { [other.id]: other.revision } })
    .expect(200)
  expect(right.body).toMatchObject({ changed: 1, changedMeanwhile: 0 })
})

test('what is put into the bank four times at once is there once', async () => {
  const draft = await newDraft()
  const before = (await iris.get('/api/items?limit=1').expect(200)).body as { total: number }
  const answers = await Promise.all(
    Array.from({ length: 4 }, () => iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true })),
  )
  expect(counted(answers)).toEqual({ 200: 4 })
  const after = (await iris.get('/api/items?limit=1').expect(200)).body as { total: number }
  expect(after.total - before.total).toBe(2)
})

test('outcomes that are replaced three times at once are one tree', async () => {
  const text = 'code,statement\nG1,Name grains\nG2,Grind grains\n'
  const answers = await Promise.all(Array.from({ length: 3 }, () => iris.put('/api/outcomes').send({ text })))
  expect(counted(answers)).toEqual({ 200: 3 })
  expect((await iris.get('/api/outcomes').expect(200)).body).toHaveLength(2)
})
