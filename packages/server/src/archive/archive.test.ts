import { packZip, readFile, unpackZip } from '@zakuska/documents'
import type request from 'supertest'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
let iris: ReturnType<typeof request.agent>
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
})
afterAll(() => server.stop())

const TEXT =
  '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\nExplanation: Rye is.\n\n2. True or false: Rye is a grain.\nAnswer: True\n'

interface Item {
  id: string
  category: string
  body: object
  revision: number
  signOff: object | null
}

async function archive(): Promise<Uint8Array> {
  const got = await iris
    .get('/api/workspace/archive')
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = []
      response.on('data', (part: Buffer) => parts.push(part))
      response.on('end', () => done(null, Buffer.concat(parts)))
    })
    .expect(200)
  return new Uint8Array(got.body as Buffer)
}

function takeIn(bytes: Uint8Array): request.Test {
  return iris.post('/api/workspaces/archive').set('content-type', 'application/octet-stream').send(Buffer.from(bytes))
}

test('a workspace goes out as a zip, and comes in again as it was', async () => {
  const draft = (await iris.post('/api/drafts').send({ title: 'Grains', text: TEXT }).expect(201)).body as {
    id: string
  }
  await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true, category: 'Farm/Grains' }).expect(200)
  const page = async () => ((await iris.get('/api/items?sort=oldest').expect(200)).body as { items: Item[] }).items
  const [first, second] = await page()
  await iris
    .post('/api/items/bulk')
    .send({ ids: [first?.id], change: { addTags: ['bread'] } })
    .expect(200)
  await iris
    .post('/api/items/bulk')
    .send({ ids: [second?.id], change: { signedOff: true }, shown: { [second?.id ?? '']: 1 } })
    .expect(200)
  const itemIds = (await page()).map(({ id }) => id)
  await iris.post('/api/papers').send({ title: 'Harvest', itemIds }).expect(201)
  await iris.put('/api/outcomes').send({ text: 'code,statement\nG1,Name grains\n' }).expect(200)
  const before = await page()

  const bytes = await archive()
  const files = unpackZip(bytes)
  const open = files.find(({ path }) => path.startsWith('open/bank.qti30'))
  const inQti = await readFile(open?.bytes ?? new Uint8Array())
  expect(inQti.kind === 'items' && inQti.result.items).toHaveLength(2)

  const made = (await takeIn(bytes).expect(201)).body as { id: string }
  expect(made).toMatchObject({ itemCount: 2, draftCount: 1, paperCount: 1 })
  await iris.put('/api/session/workspace').send({ id: made.id }).expect(200)
  const after = await page()
  const told = (items: Item[]) =>
    items.map(({ category, body, revision, signOff }) => ({ category, body, revision, signOff }))
  expect(told(after)).toEqual(told(before))
  expect(after.some(({ id }) => itemIds.includes(id))).toBe(false)
  const history = (await iris.get(`/api/items/${after.find(({ revision }) => revision === 2)?.id}/history`).expect(200))
    .body as { says: string }[]
  expect(history).toHaveLength(2)
  const [paper] = (await iris.get('/api/papers').expect(200)).body as { title: string; itemCount: number }[]
  expect(paper).toMatchObject({ title: 'Harvest', itemCount: 2 })
  expect((await iris.get('/api/drafts').expect(200)).body).toMatchObject([{ title: 'Grains', itemCount: 2 }])
  expect((await iris.get('/api/outcomes').expect(200)).body).toMatchObject([{ code: 'G1' }])
})

const json = (value: unknown): Uint8Array =>
  packZip([{ path: 'workspace.json', bytes: new TextEncoder().encode(JSON.stringify(value)) }])
const EMPTY = {
  archive: 1,
  name: 'x',
  settings: {},
  outcomes: [],
  items: [],
  drafts: [],
  papers: [],
  filters: [],
  notations: [],
  layouts: [],
}

test.each([
  ['no zip', new Uint8Array([1, 2, 3]), 'This is not a zip package.'],
  ['another zip', packZip([{ path: 'a.txt', bytes: new Uint8Array([1]) }]), 'workspace.json is missing'],
  ['no object', json([1]), 'workspace.json cannot be read'],
  ['a newer one', json({ ...EMPTY, archive: 2 }), 'made by a newer version'],
  ['items that are none', json({ ...EMPTY, items: [1] }), 'cannot be taken in: items'],
  ['a draft of numbers', json({ ...EMPTY, drafts: [{ title: 1, text: 2 }] }), 'drafts.0.'],
  ['a character that no text has', json({ ...EMPTY, name: 'a\0b' }), 'U+0000'],
])('%s is refused with one line', async (_what, bytes, says) => {
  const refused = await takeIn(bytes).expect(422)
  expect((refused.body as { message: string }).message).toContain(says)
})

test('an empty one makes an empty workspace', async () => {
  expect((await takeIn(json(EMPTY)).expect(201)).body).toMatchObject({ itemCount: 0 })
})
