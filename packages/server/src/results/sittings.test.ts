import { randomUUID } from 'node:crypto'
import { scorePaper, type Attempt, type Item } from '@zakuska/core'
import { unzipSync, strFromU8 } from 'fflate'
import type { Agent } from '../testing/dispatching.ts'
import { paperOf } from '../testing/dispatching.ts'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
let iris: Agent
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
})
afterAll(() => server.stop())

interface Told {
  id: string
  version: number
  items: { itemId: string; body: Item; inBank: Item | null }[]
  attemptList: (Attempt & { id: string; counts: boolean; given: Record<string, number>; history: object[] })[]
  settings: { which: string; threshold: number; leftOut: number[] }
  regradings: { by: string; why: string; changes: { student: string; before: number; after: number }[] }[]
}

const TEXT = `1. Which knot makes a loop that does not slip?
Answer: bowline

2. True or false: Rye is a grain.
Answer: True

3. Why is a lee shore dangerous? (4 points)
`

const typed = (text: string) => ({ kind: 'text', text })
const truth = (value: boolean) => ({ kind: 'truth', value })
const row = (student: string, responses: (object | null)[], time: string | null = null) => ({
  ...{ student, fields: { Name: student }, time, responses },
})

async function sittingOf(attempts: object[], text = TEXT): Promise<{ told: Told; paperId: string; itemIds: string[] }> {
  const paper = await paperOf(text, iris, 'Knots')
  const given = { id: randomUUID(), paperId: paper.id, title: 'Knots, from a form', attempts }
  const { sitting } = (await iris.post('/api/sittings').send(given).expect(200)).body as { sitting: Told }
  return { told: sitting, paperId: paper.id, itemIds: paper.ids }
}

const totals = ({ items, attemptList, settings }: Told): number[] =>
  scorePaper(
    items.map(({ body }) => body),
    attemptList.filter(({ counts }) => counts),
    settings,
  ).attempts.map(({ total }) => total)

const bytesOf = async (path: string): Promise<Buffer> =>
  (
    await iris
      .get(path)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = []
        response.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => done(null, Buffer.concat(chunks)))
      })
      .expect(200)
  ).body as Buffer

describe('a response file', () => {
  test('its rows come back as they are; what is no table is said', async () => {
    const send = (bytes: Buffer) =>
      iris.post('/api/sittings/table').set('content-type', 'application/octet-stream').send(bytes)
    const { rows } = (await send(Buffer.from('Name;Q1\nNils;reef\n')).expect(200)).body as { rows: string[][] }
    expect(rows).toEqual([
      ['Name', 'Q1'],
      ['Nils', 'reef'],
    ])
    expect((await send(Buffer.from('hello')).expect(422)).body).toMatchObject({
      message: 'There is no table with a head and a row below it in this file.',
    })
  })

  test.each<[string, unknown]>([
    ['an order without its options', { kind: 'order' }],
    ['a text without its text', { kind: 'text' }],
    ['gaps that are no list', { kind: 'gaps', texts: 3 }],
    ['pairs of one', { kind: 'pairs', pairs: [[1]] }],
    ['of no kind', {}],
    ['more than an answer', { kind: 'text', text: 'a', more: 1 }],
    ['a word', 'reef'],
  ])('%s is refused, and nothing of the file is kept', async (_name, response) => {
    const paper = await paperOf(TEXT, iris, 'Knots')
    const id = randomUUID()
    const given = { id, paperId: paper.id, title: 'Knots', attempts: [row('Nils', [response as object])] }
    expect((await iris.post('/api/sittings').send(given).expect(400)).body).toMatchObject({
      message: expect.stringContaining('no answer to an item') as string,
    })
    await iris.get(`/api/sittings/${id}`).expect(404)
    const { told } = await sittingOf([row('Nils', [typed('bowline')])])
    await iris.post(`/api/sittings/${told.id}/attempts`).send({ attempts: given.attempts }).expect(400)
    const after = (await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told
    expect(after.attemptList).toHaveLength(1)
  })

  test('what an older program stored that is no answer stops nothing', async () => {
    const { told } = await sittingOf([row('Nils', [typed('bowline')])])
    await server
      .em()
      .execute('update attempt set responses = ?::jsonb where sitting_id = ?', [
        JSON.stringify([{ kind: 'order' }, { kind: 'text' }, 7]),
        told.id,
      ])
    const after = (await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told
    expect(after.attemptList[0]?.responses).toEqual([null, null, null])
    await iris.get(`/api/sittings/${told.id}/reports`).expect(200)
    await iris
      .post(`/api/sittings/${told.id}/attempts`)
      .send({ attempts: [row('Ode', [null])] })
      .expect(200)
    await iris.delete(`/api/sittings/${told.id}`).expect(204)
  })

  test('without its settings a sitting is not saved', async () => {
    const { told } = await sittingOf([row('Nils', [typed('bowline')])])
    await iris.put(`/api/sittings/${told.id}`).send({ version: told.version, title: 'Knots' }).expect(400)
  })

  test('the same file again brings only what is new; a row of another kind than its item is left open', async () => {
    const rows = [row('Bente', [typed('bowline'), truth(true), null]), row('Nils', [truth(true), null, null])]
    const { told } = await sittingOf(rows)
    expect(told.attemptList.map(({ responses }) => responses[0])).toEqual([typed('bowline'), null])
    const again = await iris
      .post(`/api/sittings/${told.id}/attempts`)
      .send({ attempts: [...rows, row('Åse', [typed('reef'), null, null])] })
      .expect(200)
    expect(again.body).toMatchObject({ fresh: 1, known: 2 })
  })

  test('of several responses of one person the last, the first or the best counts, as it is set', async () => {
    const { told } = await sittingOf([
      row('Bente Havn', [typed('bowline'), truth(true), null], '2026-03-02 10:00'),
      row('bente  havn', [typed('reef'), truth(false), null], '2026-03-02 11:00'),
    ])
    expect(totals(told)).toEqual([0])
    const set = async (which: string, version: number): Promise<Told> =>
      (
        await iris
          .put(`/api/sittings/${told.id}`)
          .send({ version, title: 'Knots', settings: { ...told.settings, which } })
          .expect(200)
      ).body as Told
    expect(totals(await set('best', 1))).toEqual([2])
    expect(totals(await set('first', 2))).toEqual([2])
    await iris.put(`/api/sittings/${told.id}`).send({ version: 1, title: 'Late', settings: told.settings }).expect(409)
  })
})

describe('regrading', () => {
  test('an accepted answer more changes who wrote it; the regrade is kept with what changed for whom', async () => {
    const { told } = await sittingOf([
      row('Bente', [typed('bowlin'), null, null]),
      row('Nils', [typed('reef'), null, null]),
    ])
    const [first] = told.items
    const body = { ...first?.body, key: ['bowline', 'bowlin'] }
    const asked = { version: 1, items: [{ item: 0, body }], why: '1 wrote bowlin' }
    const after = (await iris.post(`/api/sittings/${told.id}/regrade`).send(asked).expect(200)).body as Told
    expect(totals(after)).toEqual([1, 0])
    expect(after.regradings).toMatchObject([
      { by: 'Iris', why: '1 wrote bowlin', changes: [{ student: 'Bente', before: 0, after: 1 }] },
    ])
    await iris.post(`/api/sittings/${told.id}/regrade`).send(asked).expect(409)
  })

  test('another question in an item’s place is refused', async () => {
    const { told } = await sittingOf([row('Bente', [null, null, null])])
    const other = { kind: 'truefalse', stem: told.items[0]?.body.stem, points: 1, tags: [], key: [true] }
    const refused = await iris
      .post(`/api/sittings/${told.id}/regrade`)
      .send({ version: 1, items: [{ item: 0, body: other }], why: 'x' })
      .expect(422)
    expect((refused.body as { message: string }).message).toContain('Only its key')
  })

  test('a key that was mended in the bank since is offered', async () => {
    const { told, itemIds } = await sittingOf([row('Bente', [null, truth(false), null])])
    expect(told.items[1]?.inBank).toBeNull()
    const item = (await iris.get(`/api/items/${itemIds[1]}`).expect(200)).body as { body: object; revision: number }
    await iris
      .put(`/api/items/${itemIds[1]}`)
      .send({ body: { ...item.body, key: [false] }, revision: item.revision })
      .expect(200)
    const now = (await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told
    expect(now.items[1]?.inBank).toMatchObject({ key: [false] })
  })

  test('an item that is left out counts for nobody', async () => {
    const { told } = await sittingOf([row('Bente', [typed('bowline'), truth(false), null])])
    const after = (
      await iris
        .post(`/api/sittings/${told.id}/regrade`)
        .send({ version: 1, items: [], leftOut: [0], why: 'the question was told before' })
        .expect(200)
    ).body as Told
    expect(totals(after)).toEqual([0])
    expect(after.regradings[0]?.changes).toMatchObject([{ before: 1, after: 0 }])
  })
})

test('an essay gets its points by hand, with a remark; every change is kept', async () => {
  const { told } = await sittingOf([row('Bente', [null, null, typed('Wind drives the ship ashore.')])])
  const [attempt] = told.attemptList
  const give = (points: number | null, remark = '') =>
    iris.put(`/api/sittings/${told.id}/given`).send({ attemptId: attempt?.id, item: 2, points, remark })
  await give(9).expect(422)
  await give(3, 'And the anchor?').expect(200)
  const second = (await give(4).expect(200)).body as { given: object; remarks: object; history: object[] }
  expect(second).toMatchObject({
    given: { 2: 4 },
    remarks: {},
    history: [
      { by: 'Iris', item: 2, before: null, after: 3 },
      { by: 'Iris', item: 2, before: 3, after: 4 },
    ],
  })
  const now = (await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told
  expect(totals(now)).toEqual([4])
})

test('the bank keeps how an item went in all sittings, weighted by people', async () => {
  const right = [typed('bowline'), null, null]
  const { told, paperId, itemIds } = await sittingOf([row('A', right), row('B', [null, null, null])])
  const second = { id: randomUUID(), paperId, title: 'Again', attempts: [row('C', right), row('D', right)] }
  await iris.post('/api/sittings').send(second).expect(200)
  const item = async () => (await iris.get(`/api/items/${itemIds[0]}`).expect(200)).body as object
  expect(await item()).toMatchObject({ shareRight: 0.75, takenBy: 4 })
  await iris.delete(`/api/sittings/${told.id}`).expect(204)
  expect(await item()).toMatchObject({ shareRight: 1, takenBy: 2 })
  await iris.post(`/api/sittings/${told.id}/undelete`).expect(204)
  expect(await item()).toMatchObject({ shareRight: 0.75 })
})

test('the bank is narrowed by how well items tell people apart', async () => {
  const text = ['A', 'B', 'C'].map((name, at) => `${at + 1}. True or false: ${name} holds.\nAnswer: True\n`).join('\n')
  const agent = await server.signIn('Telling')
  const paper = await paperOf(text, agent, 'Telling')
  // A and B go together, C goes the other way.
  const attempts = Array.from({ length: 12 }, (_none, at) =>
    row(`P${at}`, [truth(at < 6), truth(at < 6), truth(at >= 6)]),
  )
  await agent
    .post('/api/sittings')
    .send({ id: randomUUID(), paperId: paper.id, title: 'Telling', attempts })
    .expect(200)
  const search = async (tells: string) =>
    (await agent.get(`/api/items?tells=${tells}&limit=10`).expect(200)).body as { items: { id: string }[] }
  expect((await search('backwards')).items.map(({ id }) => id)).toEqual([paper.ids[2]])
  const { facets } = (await agent.get('/api/items/facets').expect(200)).body as {
    facets: { name: string; values: { value: string; count: number }[] }[]
  }
  expect(facets.find(({ name }) => name === 'tells')?.values).toContainEqual({ value: 'backwards', count: 1 })
})

describe('what goes elsewhere', () => {
  test('marks as a gradebook package, reports of results, feedback sheets', async () => {
    const { told } = await sittingOf([
      row('Bente', [typed('bowline'), truth(true), null], '2026-03-02T10:00:00Z'),
      row('Nils', [typed('reef'), null, null]),
    ])
    const path = `/api/sittings/${told.id}`
    const book = unzipSync(new Uint8Array(await bytesOf(`${path}/gradebook?field=Name&classId=c1&schoolId=s1`)))
    expect(strFromU8(book['results.csv'] ?? new Uint8Array())).toContain(`Bente,2,fully graded,2026-03-02`)
    await iris.get(`${path}/gradebook?field=Number&classId=c1&schoolId=s1`).expect(422)
    const reports = unzipSync(new Uint8Array(await bytesOf(`${path}/reports`)))
    expect(Object.keys(reports)).toEqual(['result-0001.xml', 'result-0002.xml'])
    expect((await bytesOf(`${path}/feedback?files=one&keys=true&size=A4`)).subarray(0, 5).toString()).toBe('%PDF-')
    const each = unzipSync(new Uint8Array(await bytesOf(`${path}/feedback?files=each&keys=false&size=A4`)))
    expect(Object.keys(each)).toEqual(['Bente.pdf', 'Nils.pdf'])
    const sheet = await bytesOf(`${path}/sheet?columns=student,points,total&as=xlsx`)
    expect(sheet.subarray(0, 2).toString()).toBe('PK')
    await iris.get(`${path}/sheet?columns=nothing&as=csv`).expect(422)
  })
})

describe('two at once', () => {
  test('of two regrades of one version one is done, the other is told', async () => {
    const { told } = await sittingOf([row('Bente', [typed('bowlin'), null, null])])
    const regrade = (key: string) =>
      iris
        .post(`/api/sittings/${told.id}/regrade`)
        .send({ version: 1, items: [{ item: 0, body: { ...told.items[0]?.body, key: [key] } }], why: key })
    const answers = await Promise.all(['a', 'b', 'c', 'd'].map(regrade))
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409])
    const now = (await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told
    expect([now.version, now.regradings.length]).toEqual([2, 1])
  })

  test('points that several give to one person at once are all kept', async () => {
    const essays = Array.from({ length: 6 }, (_none, at) => `${at + 1}. Why ${at}? (4 points)\n`).join('\n')
    const { told } = await sittingOf(
      [
        row(
          'Bente',
          Array.from({ length: 6 }, () => typed('So.')),
        ),
      ],
      essays,
    )
    const [attempt] = told.attemptList
    await Promise.all(
      Array.from({ length: 6 }, (_none, item) =>
        iris
          .put(`/api/sittings/${told.id}/given`)
          .send({ attemptId: attempt?.id, item, points: 1, remark: '' })
          .expect(200),
      ),
    )
    expect(totals((await iris.get(`/api/sittings/${told.id}`).expect(200)).body as Told)).toEqual([6])
  })

  test('one file read twice at once is there once', async () => {
    const { told } = await sittingOf([])
    const attempts = Array.from({ length: 20 }, (_none, at) => row(`P${at}`, [typed(`${at}`), null, null]))
    const send = () => iris.post(`/api/sittings/${told.id}/attempts`).send({ attempts }).expect(200)
    const fresh = (await Promise.all([send(), send(), send()])).map(({ body }) => (body as { fresh: number }).fresh)
    expect(fresh.sort((a, b) => a - b)).toEqual([0, 0, 20])
  })
})

test('rosters are kept by name, and belong to their workspace', async () => {
  const people = [{ name: 'Bente Havn', code: '' }]
  await iris.put('/api/rosters').send({ name: '7b', people: [] }).expect(200)
  const kept = (await iris.put('/api/rosters').send({ name: '7b', people }).expect(200)).body as { id: string }[]
  expect(kept).toMatchObject([{ name: '7b', people }])
  const other = await server.signIn('Other')
  expect((await other.get('/api/rosters').expect(200)).body).toEqual([])
  await other.delete(`/api/rosters/${kept[0]?.id}`).expect(204)
  expect((await iris.get('/api/rosters').expect(200)).body).toHaveLength(1)
})

test('a sitting of another workspace is none', async () => {
  const { told } = await sittingOf([row('Bente', [null, null, null])])
  const other = await server.signIn('Other')
  for (const path of ['', '/sheet?columns=student&as=csv', '/reports'])
    await other.get(`/api/sittings/${told.id}${path}`).expect(404)
})
