import { randomUUID } from 'node:crypto'
import { hasKey, readDraft } from '@zakuska/core'
import type request from 'supertest'
import { addReadyMade } from '../demo/ready-made.ts'
import { READY_MADE } from '../demo/ready-made-texts.ts'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
let iris: ReturnType<typeof request.agent>
let torben: ReturnType<typeof request.agent>
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
  torben = await server.signIn('Torben')
})
afterAll(() => server.stop())

const TEXT =
  '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\nExplanation: Rye is.\n\n2. True or false: Rye is a grain.\nAnswer: True\n'

interface Item {
  id: string
  category: string
  body: { stem: unknown }
  signOff: { by: string } | null
  cameFrom: { title: string } | null
  shareRight: number | null
}

async function filled(): Promise<{ draftId: string; items: Item[] }> {
  const draft = (await iris.post('/api/drafts').send({ title: 'Grains', text: TEXT }).expect(201)).body as {
    id: string
  }
  await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true, category: 'Farm/Grains' }).expect(200)
  const { items } = (await iris.get('/api/items?limit=2').expect(200)).body as { items: Item[] }
  return { draftId: draft.id, items }
}

async function linkTo(kind: string, ids: readonly string[], more = {}): Promise<{ id: string; token: string }> {
  return (
    await iris
      .post('/api/copies')
      .send({ kind, ids, ...more })
      .expect(201)
  ).body as { id: string; token: string }
}

test('items are copied with category and source, say where they are from, and are nobody else’s any more', async () => {
  const { items } = await filled()
  const { token } = await linkTo(
    'items',
    items.map(({ id }) => id),
  )
  const preview = (await torben.get(`/api/copies/by-link/${token}`).expect(200)).body as {
    from: string
    items: { category: string }[]
  }
  expect(preview).toMatchObject({ kind: 'items', title: '2 items', from: 'Workspace of Iris', madeBy: 'Iris' })
  expect(preview.items.map(({ category }) => category)).toEqual(['Farm/Grains', 'Farm/Grains'])
  expect((await torben.post(`/api/copies/by-link/${token}`).expect(201)).body).toMatchObject({ itemCount: 2 })
  const copied = ((await torben.get('/api/items').expect(200)).body as { items: Item[] }).items
  expect(copied.map(({ category, cameFrom }) => [category, cameFrom?.title])).toEqual([
    ['Farm/Grains', 'Grains'],
    ['Farm/Grains', 'Grains'],
  ])
  const [first] = copied
  expect((await torben.get(`/api/items/${first?.id}/history`).expect(200)).body).toMatchObject([
    { says: 'copied from “2 items”, handed over by Iris' },
  ])
  await torben.delete(`/api/items/${first?.id}`).expect(204)
  await iris.get(`/api/items/${items[0]?.id}`).expect(200)
  await iris.get(`/api/items/${first?.id}`).expect(404)
})

test('a paper comes with its items and sections, a draft with its text', async () => {
  const { draftId, items } = await filled()
  const paper = (
    await iris
      .post('/api/papers')
      .send({ title: 'Harvest', itemIds: items.map(({ id }) => id) })
      .expect(201)
  ).body as { id: string }
  const ofPaper = await linkTo('paper', [paper.id])
  const made = (await torben.post(`/api/copies/by-link/${ofPaper.token}`).expect(201)).body as { id: string }
  const copy = (await torben.get(`/api/papers/${made.id}`).expect(200)).body as { title: string; entries: object[] }
  expect([copy.title, copy.entries.length]).toEqual(['Harvest', 2])
  const ofDraft = await linkTo('draft', [draftId])
  expect((await torben.get(`/api/copies/by-link/${ofDraft.token}`).expect(200)).body).toMatchObject({ text: TEXT })
  const draft = (await torben.post(`/api/copies/by-link/${ofDraft.token}`).expect(201)).body as { id: string }
  const read = (await torben.get(`/api/drafts/${draft.id}`).expect(200)).body as {
    text: string
    followed: { bankItemId: string | null }[]
  }
  expect(read.text).toBe(TEXT)
  expect(read.followed.map(({ bankItemId }) => bankItemId)).toEqual([null, null])
})

test('a link that was taken back copies nothing, and another workspace cannot take it back', async () => {
  const { items } = await filled()
  const { id, token } = await linkTo('items', [items[0]?.id ?? ''], { title: 'One of ours', days: 3 })
  await torben.delete(`/api/copies/${id}`).expect(404)
  expect((await iris.get('/api/copies').expect(200)).body).toContainEqual(
    expect.objectContaining({ id, title: 'One of ours', copies: 0 }),
  )
  await iris.delete(`/api/copies/${id}`).expect(204)
  await torben.get(`/api/copies/by-link/${token}`).expect(404)
  await torben.post(`/api/copies/by-link/${token}`).expect(404)
})

test('what another workspace has cannot be handed over', async () => {
  const { items, draftId } = await filled()
  await torben
    .post('/api/copies')
    .send({ kind: 'items', ids: items.map(({ id }) => id) })
    .expect(422)
  await torben
    .post('/api/copies')
    .send({ kind: 'draft', ids: [draftId] })
    .expect(404)
  await torben
    .post('/api/copies')
    .send({ kind: 'paper', ids: [randomUUID()] })
    .expect(404)
})

test('ready-made sets are listed for everybody by outcome, looked through and copied without a link', async () => {
  await addReadyMade(server.em())
  await addReadyMade(server.em())
  const sets = async () =>
    (await torben.get('/api/copies/ready-made').expect(200)).body as {
      id: string
      outcome: string
      kinds: string[]
      here: number
    }[]
  const [first, ...more] = await sets()
  expect([first, ...more].map((one) => one?.outcome.slice(0, 4))).toEqual(['P1.1', 'P2.1', 'P2.2', 'P3.1', 'P5 M'])
  expect(first).toMatchObject({ from: 'Skarnholm · Course team', here: 0 })
  const preview = await torben.get(`/api/copies/by-link/${first?.id}`).expect(200)
  expect((preview.body as { items: object[] }).items).toHaveLength(first?.kinds.length ?? 0)
  await torben.post(`/api/copies/by-link/${first?.id}`).expect(201)
  expect((await sets())[0]?.here).toBe(first?.kinds.length)
  // A link that somebody made is found by its token alone.
  const { items } = await filled()
  const { id } = await linkTo('items', [items[0]?.id ?? ''])
  await torben.get(`/api/copies/by-link/${id}`).expect(404)
})

test('each ready-made set reads with nothing left over or in trouble, a key and its outcome for every item', () => {
  for (const { text, outcome } of READY_MADE) {
    const { items, aside } = readDraft({ text })
    expect(aside).toEqual([])
    expect(items).toHaveLength(5)
    for (const { item, marks } of items) {
      const trouble = marks.filter(({ severity }) => severity === 'trouble')
      expect([item.outcome, hasKey(item), trouble]).toEqual([outcome.split(' ')[0], true, []])
    }
  }
})

describe('remarks', () => {
  test('are listed while they are open, and settled by name', async () => {
    const body = readDraft({ text: TEXT }).items[1]?.item
    const item = (await iris.post('/api/items').send({ body }).expect(201)).body as Item
    await iris.post(`/api/items/${item.id}/remarks`).send({ says: '' }).expect(400)
    const [remark] = (await iris.post(`/api/items/${item.id}/remarks`).send({ says: ' Is it? ' }).expect(201)).body as {
      id: string
    }[]
    const open = async () => (await iris.get('/api/remarks').expect(200)).body as object[]
    expect(await open()).toContainEqual(
      expect.objectContaining({ says: 'Is it?', stem: 'Rye is a grain.', by: 'Iris', settledBy: null }),
    )
    await torben.put(`/api/remarks/${remark?.id}`).send({ settled: true }).expect(404)
    await torben.get(`/api/items/${item.id}/remarks`).expect(404)
    const settled = await iris.put(`/api/remarks/${remark?.id}`).send({ settled: true }).expect(200)
    expect(settled.body).toMatchObject([{ settledBy: 'Iris' }])
    expect(await open()).not.toContainEqual(expect.objectContaining({ id: remark?.id }))
  })
})

test('who else has something open is said within the workspace only', async () => {
  const place = `draft:${randomUUID()}`
  expect((await iris.post('/api/presence').send({ place }).expect(200)).body).toEqual({ others: [] })
  expect((await torben.post('/api/presence').send({ place }).expect(200)).body).toEqual({ others: [] })
  await iris.post('/api/presence').send({ place: 'anything' }).expect(400)
})
