import { randomUUID } from 'node:crypto'
import { readDraft } from '@zakuska/core'
import { readFile } from '@zakuska/documents'
import type request from 'supertest'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

type Agent = ReturnType<typeof request.agent>
interface Paper {
  id: string
  title: string
  version: number
  label: string | null
  seed: number | null
  entries: { itemId: string; sectionId: string | null; points: number; optionOrder: string[] | null }[]
  items: { id: string; body: { tags: string[] } }[]
  findings: { code: string }[]
  expectedSeconds: number
}
interface Versions {
  papers: { id: string; label: string | null; seed: number | null; itemCount: number }[]
  overlap: number[][]
  found: number[]
  seed: number | null
}

const SUBJECTS = ['fog', 'wind', 'ice', 'swell', 'rain', 'haze', 'squall', 'calm', 'gale', 'frost', 'dew', 'hail']

async function filled(name: string): Promise<{ agent: Agent; ids: string[] }> {
  const agent = await server.signIn(name)
  const text = SUBJECTS.map(
    (word, at) =>
      `${at + 1}. What does ${word} do to ${word.toUpperCase()} and its watch?\na) ${word} one\nb) ${word} two\nc) ${word} three\nAnswer: b\nTags: ${at < 6 ? 'first' : 'second'}\n`,
  ).join('\n')
  const ids: string[] = []
  for (const { item } of readDraft({ text }).items)
    ids.push(((await agent.post('/api/items').send({ body: item }).expect(201)).body as { id: string }).id)
  return { agent, ids }
}

async function paperOf(agent: Agent, itemIds: string[], rules: object[], more: object = {}): Promise<Paper> {
  const made = (await agent.post('/api/papers').send({ title: 'Weather', itemIds }).expect(201)).body as Paper
  const entries = made.entries.map(({ itemId, points }) => ({ itemId, points, required: false }))
  const given = {
    title: made.title,
    instructions: '',
    entries,
    shuffleItems: true,
    shuffleOptions: true,
    version: made.version,
    rules,
    ...more,
  }
  return (await agent.put(`/api/papers/${made.id}`).send(given).expect(200)).body as Paper
}

const rule = (count: number, filter: object, sectionId: string | null = null): object => ({
  id: randomUUID(),
  count,
  filter,
  sectionId,
  points: 2,
})

async function drawn(agent: Agent, id: string, asked: object): Promise<Versions> {
  return (await agent.post(`/api/papers/${id}/draw`).send(asked).expect(200)).body as Versions
}

test('three versions are papers of their own, the same for the same seed, and stay until drawn again', async () => {
  const { agent } = await filled('draw')
  const section = randomUUID()
  const paper = await paperOf(agent, [], [rule(2, { tag: 'first' }), rule(2, { tag: 'second' }, section)], {
    sections: [{ id: section, title: 'Part two', instructions: '' }],
  })
  const first = await drawn(agent, paper.id, { versions: 3, seed: 11, apart: true })
  expect(first.papers.map((one) => [one.label, one.itemCount])).toEqual([
    ['A', 4],
    ['B', 4],
    ['C', 4],
  ])
  expect(first.overlap).toEqual([
    [4, 0, 0],
    [0, 4, 0],
    [0, 0, 4],
  ])
  expect(first.found).toEqual([6, 6])
  const get = async (id: string | undefined): Promise<Paper> =>
    (await agent.get(`/api/papers/${id}`).expect(200)).body as Paper
  const a = await get(first.papers[0]?.id)
  expect(a.entries.map((entry) => [entry.sectionId, entry.points])).toEqual([
    [null, 2],
    [null, 2],
    [section, 2],
    [section, 2],
  ])
  expect(a.entries.every((entry) => [...(entry.optionOrder ?? [])].sort().join('') === 'abc')).toBe(true)
  expect(await get(first.papers[0]?.id)).toEqual(a)
  const again = await drawn(agent, paper.id, { versions: 3, seed: 11, apart: true })
  expect(again.seed).toBe(11)
  expect((await get(again.papers[0]?.id)).entries).toEqual(a.entries)
  const fewer = await drawn(agent, paper.id, { versions: 1, seed: 12, apart: true })
  expect(fewer.papers.filter((one) => one.label !== null)).toHaveLength(1)
})

test('items are put behind those of a paper with their own points, and once only', async () => {
  const { agent, ids } = await filled('append')
  const section = randomUUID()
  const paper = await paperOf(agent, ids.slice(0, 1), [], {
    sections: [{ id: section, title: 'Part two', instructions: '' }],
    entries: [{ itemId: ids[0], points: 4, required: true, sectionId: section }],
  })
  await agent
    .post('/api/items/bulk')
    .send({ ids: ids.slice(1, 2), change: { points: 3 } })
    .expect(200)
  const append = async (itemIds: (string | undefined)[]): Promise<Paper> =>
    (await agent.post(`/api/papers/${paper.id}/items`).send({ itemIds }).expect(200)).body as Paper
  const after = await append([ids[0], ids[1], ids[2]])
  expect(after.entries.map((entry) => [entry.points, entry.sectionId])).toEqual([
    [4, section],
    [3, section],
    [1, section],
  ])
  expect(after.version).toBe(paper.version + 1)
  expect((await append([ids[1]])).version).toBe(after.version)
})

test('a paper goes out with its sections, instructions, time and order', async () => {
  const { agent, ids } = await filled('plan')
  const section = randomUUID()
  const paper = await paperOf(agent, ids.slice(0, 3), [], {
    instructions: 'Read all of it first.',
    sections: [{ id: section, title: 'Part two', instructions: 'One is right.' }],
    timeLimit: 30,
    feedbackWhen: 'never',
    identity: ['Name'],
    entries: ids.slice(0, 3).map((itemId, at) => ({
      itemId,
      points: 1 + at,
      required: at === 0,
      ...(at > 0 && { sectionId: section }),
    })),
  })
  const answer = await agent
    .get(`/api/papers/${paper.id}/file?formats=qti21&unsigned=true`)
    .responseType('blob')
    .expect(200)
  const contents = await readFile(new Uint8Array(answer.body as Buffer))
  expect(contents).toMatchObject({
    kind: 'items',
    result: {
      items: [{ points: 1 }, { points: 2 }, { points: 3 }],
      plan: {
        instructions: 'Read all of it first.',
        timeLimit: 1800,
        shuffleItems: true,
        feedbackWhen: 'never',
        sections: [{ title: 'Part two', instructions: 'One is right.' }],
        places: [
          { section: null, required: true },
          { section: 0, required: false },
          { section: 0, required: false },
        ],
      },
    },
  })
})

test('a rule that cannot be met says which, and by how many', async () => {
  const { agent } = await filled('short')
  const paper = await paperOf(agent, [], [rule(2, { tag: 'first' }), rule(9, { tag: 'second' })])
  const body: unknown = (
    await agent.post(`/api/papers/${paper.id}/draw`).send({ versions: 1, apart: true }).expect(422)
  ).body
  expect((body as { message: string }).message).toMatch(/rule 2 \(second\) by 3/)
})

test('items of another paper are not drawn where that is asked, and shared ones stand in the table', async () => {
  const { agent, ids } = await filled('avoid')
  const past = await paperOf(agent, ids.slice(0, 4), [])
  const paper = await paperOf(agent, [], [rule(2, { tag: 'first' })])
  const clear = await drawn(agent, paper.id, { versions: 1, seed: 5, apart: true, avoid: [past.id] })
  expect(clear.papers).toHaveLength(1)
  const all = await paperOf(agent, [], [rule(6, { tag: 'first' })])
  const both = await drawn(agent, all.id, { versions: 1, seed: 5, apart: true })
  expect(both.papers.find((one) => one.id === past.id)).toBeDefined()
  expect(both.overlap[0]?.[both.papers.findIndex((one) => one.id === past.id)]).toBe(4)
})

test('a version is not drawn from, and what it says can be sent as it stands', async () => {
  const { agent, ids } = await filled('fixed')
  const paper = await paperOf(agent, ids.slice(0, 3), [])
  const { papers } = await drawn(agent, paper.id, { versions: 2, seed: 3, apart: true })
  await agent.post(`/api/papers/${papers[0]?.id}/draw`).send({ versions: 1, apart: true }).expect(422)
  const list = (await agent.get('/api/papers').expect(200)).body as { id: string; versionOf: string | null }[]
  expect(list.filter((one) => one.versionOf === paper.id)).toHaveLength(2)
})

test('the set is checked, and the time reckoned', async () => {
  const { agent, ids } = await filled('set')
  const paper = await paperOf(agent, ids, [])
  expect(paper.findings.map((one) => one.code)).toContain('key-position')
  expect(paper.expectedSeconds).toBeGreaterThan(12 * 40)
})
