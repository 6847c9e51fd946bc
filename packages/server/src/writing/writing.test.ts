import { readFileSync } from 'node:fs'
import { requestText } from '@zakuska/core'
import type request from 'supertest'
import { addPerson, PASSWORD, startServer, TOKEN, type RunningServer } from '../testing/running-server.ts'
import { faults } from '../testing/dispatching.ts'
import { until } from '../testing/until.ts'
import { chunksOf, startChat, type ChatServer } from './testing.ts'

type Agent = ReturnType<typeof request.agent>
interface Reply {
  id: string
  state: string
  why: string | null
  text: string
  units: number
  cost: number
  isTaken: boolean
}

const TIDES = readFileSync(new URL('../../../standins/readings/tides.txt', import.meta.url), 'utf8')
const COUNTS = { single: 3, truefalse: 2, numeric: 1 }
const REQUEST = requestText({ counts: COUNTS, level: '', language: '', remarks: '' }, TIDES)
const ASKED = { purpose: 'items', what: '6 questions', request: REQUEST, expected: 400 }

let server: RunningServer
let iris: Agent
const service = (more: object = {}) => ({
  ...{ provider: 'skerry', name: 'Skerry', url: server.skerry.url, key: TOKEN, model: '' },
  ...{ words: 3000, units: 2500, price: 0.5, currency: 'SKM', cap: 20_000, ...more },
})
const setUp = (by: Agent, more: object = {}) => by.put('/api/writing/service').send(service(more))
const ask = (by: Agent, more: object = {}) => by.post('/api/writing/replies').send({ ...ASKED, ...more })

async function ended(by: Agent, id: string): Promise<Reply> {
  let reply = await asItIs(by, id)
  await until('the reply ends', async () => (reply = await asItIs(by, id)).state !== 'writing')
  return reply
}

const asItIs = async (by: Agent, id: string) => (await by.get(`/api/writing/replies/${id}`).expect(200)).body as Reply

const temper = (set: object) =>
  fetch(`${server.skerry.url}/temper`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(set),
  })

async function asked(by: Agent, more: object = {}): Promise<Reply> {
  const { id } = (await ask(by, more).expect(201)).body as Reply
  return ended(by, id)
}

const used = async (by: Agent) => ((await by.get('/api/writing').expect(200)).body as { used: number }).used

beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
})
afterAll(() => server.stop())

describe('the service', () => {
  test('there is none until an owner sets one up, and nothing is sent', async () => {
    expect((await iris.get('/api/writing').expect(200)).body).toMatchObject({ service: null, used: 0 })
    expect((await ask(iris).expect(422)).body).toMatchObject({ message: 'No writing service is set up here.' })
  })

  test('it is tried first, at an address that may be called, and its key is told nobody', async () => {
    expect((await setUp(iris, { url: 'http://192.0.2.1/' }).expect(422)).body).toMatchObject({
      message: expect.stringContaining('this machine only') as string,
    })
    expect((await setUp(iris, { key: 'wrong' }).expect(422)).body).toMatchObject({
      message: 'Skerry does not know this key.',
    })
    const answer = await setUp(iris, { words: 100_000 }).expect(200)
    expect(answer.text).not.toContain(TOKEN)
    // It takes 3,000 words of one request, whatever is written here.
    expect(answer.body).toMatchObject({ service: { hasKey: true, words: 3000 }, whyNot: null })
    const kept = await server.em().execute<{ secret: string }[]>(`select secret from writing_service`)
    expect(kept.every(({ secret }) => secret.startsWith('sealed:'))).toBe(true)
  })

  test('the key goes to no other address than the one that it was given for', async () => {
    const chat = await startChat([])
    const { key: _key, ...rest } = service()
    await iris.put('/api/writing/service').send(rest).expect(200)
    const elsewhere = { ...rest, provider: 'chat', model: 'm', url: chat.url }
    await iris.put('/api/writing/service').send(elsewhere).expect(200)
    const [row] = await server.em().execute<{ secret: string }[]>(`select secret from writing_service`)
    expect(row?.secret.length).toBeLessThan('sealed:'.length + 48)
    await chat.close()
    await setUp(iris).expect(200)
  })
})

describe('a reply', () => {
  beforeAll(() => setUp(iris).expect(200))

  test('comes whole, is counted, and is in the book with what it cost', async () => {
    const before = await used(iris)
    const reply = await asked(iris)
    expect(reply).toMatchObject({ state: 'done', why: null })
    expect(reply.text.match(/^Answer: /gm)).toHaveLength(6)
    expect(reply.cost).toBeCloseTo((reply.units / 1000) * 0.5)
    expect(await used(iris)).toBe(before + reply.units)
    const { entries } = (await iris.get('/api/writing/use').expect(200)).body as { entries: object[] }
    expect(entries[0]).toMatchObject({ by: 'Iris', what: '6 questions', state: 'done', units: reply.units })
    const file = await iris.get('/api/writing/use/file').expect(200)
    expect(file.text).toMatch(/^time,person,what,purpose,sent to,state,units,cost,currency\r\n/)
    expect(file.text).toContain(`,Iris,6 questions,items,"Skerry, ${server.skerry.url}",done,${reply.units},`)
  })

  test('that nobody watched is put into its draft, once, and never over what somebody wrote', async () => {
    const make = async (text: string) =>
      (
        (await iris.post('/api/drafts').send({ title: 'Tides', text, source: TIDES }).expect(201)).body as {
          id: string
        }
      ).id
    const [empty, written] = [await make(''), await make('1. My own?\nAnswer: yes')]
    const replies = [await asked(iris, { draftId: empty }), await asked(iris, { draftId: written })]
    const text = async (id: string) => ((await iris.get(`/api/drafts/${id}`).expect(200)).body as { text: string }).text
    await until('the reply is in its draft', async () => (await text(empty)) === replies[0]?.text)
    expect(await text(written)).toBe('1. My own?\nAnswer: yes')
    const list = (await iris.get(`/api/writing/replies?drafts=${empty},${written}`).expect(200)).body as Reply[]
    expect(list.map(({ id }) => id).sort()).toEqual(replies.map(({ id }) => id).sort())
    await iris.post(`/api/writing/replies/${replies[1]?.id}/taken`).expect(204)
    expect((await ended(iris, replies[1]?.id ?? '')).isTaken).toBe(true)
  })

  test('is told as it grows, and who was away gets what came since', async () => {
    const { id } = (await ask(iris).expect(201)).body as Reply
    const whole = await ended(iris, id)
    const events = (await iris.get(`/api/writing/replies/${id}/events`).expect(200)).text
    const data = JSON.parse(/^data: (.+)$/m.exec(events)?.[1] ?? '{}') as { from: number; more: string }
    expect([data.from, data.more]).toEqual([0, whole.text])
    const later = await iris.get(`/api/writing/replies/${id}/events`).set('last-event-id', '20').expect(200)
    expect(JSON.parse(/^data: (.+)$/m.exec(later.text)?.[1] ?? '{}')).toMatchObject({
      from: 20,
      more: whole.text.slice(20),
    })
  })

  test('that is cut by the limit of one reply is gone on with, and comes whole', async () => {
    await setUp(iris, { units: 100 }).expect(200)
    const cut = await asked(iris)
    expect(cut.state).toBe('cut')
    expect(cut.text.length).toBeLessThanOrEqual(400)
    await setUp(iris).expect(200)
    await iris.post(`/api/writing/replies/${cut.id}/go-on`).expect(200)
    const whole = await ended(iris, cut.id)
    expect(whole.state).toBe('done')
    expect(whole.units).toBeGreaterThan(cut.units)
    await iris.post(`/api/writing/replies/${cut.id}/go-on`).expect(422)
  })

  test('can be stopped; what came is kept and counted', async () => {
    await temper({ pauseAfter: 30, wordsPerSecond: 40 })
    const { id } = (await ask(iris).expect(201)).body as Reply
    await until('some of it has come', async () => (await asItIs(iris, id)).text.length > 20)
    const reply = (await iris.post(`/api/writing/replies/${id}/stop`).expect(200)).body as Reply
    expect(reply.state).toBe('stopped')
    expect(reply.text.length).toBeGreaterThan(20)
    expect(reply.units).toBeGreaterThan(500)
    // The same for a draft, without a wait for the desk; and it can be gone on with at once.
    const draft = (await iris.post('/api/drafts').send({ title: 'T', text: '', source: TIDES }).expect(201)).body as {
      id: string
    }
    const own = (await ask(iris, { draftId: draft.id }).expect(201)).body as Reply
    await until('some of it has come', async () => (await asItIs(iris, own.id)).text.length > 20)
    // It answers although the service holds the reply back.
    await iris.post(`/api/writing/replies/${own.id}/stop`).expect(200)
    await iris.post(`/api/writing/replies/${own.id}/go-on`).expect(200)
    expect((await iris.post(`/api/writing/replies/${own.id}/stop`).expect(200)).body).toMatchObject({
      state: 'stopped',
    })
    await temper({ pauseAfter: null, wordsPerSecond: 4000 })
  })

  test.each([
    ['it refuses', [{ on: '/v1/write', play: 'status', status: 500, times: 1 }], 'Skerry refused: Not just now.'],
    [
      'it is busy',
      [{ on: '/v1/write', play: 'status', status: 429, times: 1 }],
      'Skerry has too much to do just now. Ask again in a minute.',
    ],
    ['the line is torn', [{ on: '/v1/write', play: 'cut', times: 1 }], 'Skerry does not answer at its address.'],
    ['it is silent', [{ on: '/v1/write', play: 'silence', times: 1 }], 'Skerry does not answer at its address.'],
  ])('says in one sentence where %s, and costs nothing', async (_name, list, why) => {
    await faults(server, 'skerry', list)
    const before = await used(iris)
    expect(await asked(iris)).toMatchObject({ state: 'failed', why, text: '', cost: 0 })
    expect(await used(iris)).toBe(before)
  })

  test('whose server was lost in the middle is not written for ever: it is said, and gone on with', async () => {
    const reply = await asked(iris)
    await server
      .em()
      .execute(
        `update writing_reply set state = 'writing', text = left(text, 40), touched_at = now() - interval '2 minutes' where id = ?`,
        [reply.id],
      )
    expect(await ended(iris, reply.id)).toMatchObject({
      state: 'failed',
      why: 'The server stopped while it was written. What came is kept.',
      text: reply.text.slice(0, 40),
    })
    // What was held for it is free again, but for what came.
    const before = await used(iris)
    await server.em().execute(`update writing_reply set units_written = 2000 where id = ?`, [reply.id])
    expect(await used(iris)).toBeGreaterThan(before)
    await asked(iris)
    const { entries } = (await iris.get('/api/writing/use').expect(200)).body as { entries: Reply[] }
    expect(entries.find(({ id }) => id === reply.id)?.units).toBe(Math.ceil(REQUEST.length / 4) + 10)
    await iris.post(`/api/writing/replies/${reply.id}/go-on`).expect(200)
    expect(await ended(iris, reply.id)).toMatchObject({ state: 'done' })
  })

  test('a request that is longer than the service takes is not sent', async () => {
    const refused = await ask(iris, { request: `${REQUEST}\n${'word '.repeat(3000)}` }).expect(422)
    expect((refused.body as { message: string }).message).toMatch(/has 3,\d{3} words, and Skerry takes 3,000/)
  })

  test('what it cannot do it says', async () => {
    const text = requestText({ counts: COUNTS, level: '', language: 'Norwegian', remarks: '' }, TIDES)
    expect(await asked(iris, { request: text })).toMatchObject({
      state: 'failed',
      why: 'Skerry refused: I write English only, not Norwegian.',
    })
  })
})

describe('who may, and how much', () => {
  let torben: Agent
  let workspaceId: string
  let torbenId: string
  beforeAll(async () => {
    await setUp(iris).expect(200)
    workspaceId = ((await iris.get('/api/session').expect(200)).body as { workspaceId: string }).workspaceId
    const email = `torben-${Date.now()}@example.test`
    await addPerson(server.databaseUrl, 'Torben', email, { workspaceId, role: 'editor' })
    torben = (await import('supertest')).default.agent(server.app.getHttpServer())
    await torben.post('/api/session').send({ email, password: PASSWORD }).expect(200)
    torbenId = ((await torben.get('/api/session').expect(200)).body as { id: string }).id
  })
  const allow = (given: object) => iris.put(`/api/writing/people/${torbenId}`).send(given)

  test('an editor may ask, but not set the service, nor see the book of others', async () => {
    await setUp(torben).expect(403)
    await torben.get('/api/writing/people').expect(403)
    await asked(torben)
    const { entries } = (await torben.get('/api/writing/use').expect(200)).body as { entries: { by: string }[] }
    expect(new Set(entries.map(({ by }) => by))).toEqual(new Set(['Torben']))
    const all = (await iris.get('/api/writing/use').expect(200)).body as { entries: { by: string }[] }
    expect(new Set(all.entries.map(({ by }) => by))).toEqual(new Set(['Iris', 'Torben']))
  })

  test('whom it is not open to is told so', async () => {
    await allow({ isAllowed: false, cap: null }).expect(200)
    expect((await ask(torben).expect(422)).body).toMatchObject({
      message: expect.stringContaining('not open to you') as string,
    })
    await allow({ isAllowed: true, cap: null }).expect(200)
  })

  test('at four fifths it is said, at the cap it stops, and no reply goes beyond it', async () => {
    const before = await used(torben)
    await allow({ isAllowed: true, cap: before + 10 }).expect(200)
    expect((await torben.get('/api/writing').expect(200)).body).toMatchObject({ isNear: true, whyNot: null })
    expect((await ask(torben).expect(422)).body).toMatchObject({
      message: expect.stringMatching(/This request alone takes about [\d,]+ units/) as string,
    })
    const request = Math.ceil(REQUEST.length / 4)
    await allow({ isAllowed: true, cap: before + request + 60 }).expect(200)
    const reply = await asked(torben)
    expect(reply.state).toBe('cut')
    expect(await used(torben)).toBeLessThanOrEqual(before + request + 60)
    await allow({ isAllowed: true, cap: await used(torben) }).expect(200)
    expect((await ask(torben).expect(422)).body).toMatchObject({
      message: expect.stringMatching(/units of this month are used up/) as string,
    })
  })

  test('two requests at once do not use the same units', async () => {
    const room = Math.ceil(REQUEST.length / 4) + 200
    await allow({ isAllowed: true, cap: (await used(torben)) + room }).expect(200)
    const answers = await Promise.all([ask(torben), ask(torben), ask(torben)])
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422, 422])
  })

  test('another workspace sees none of it', async () => {
    const other = await server.signIn('Other')
    const { entries } = (await iris.get('/api/writing/use').expect(200)).body as { entries: { id: string }[] }
    await other.get(`/api/writing/replies/${entries[0]?.id}`).expect(404)
    expect((await other.get('/api/writing').expect(200)).body).toMatchObject({ service: null })
  })
})

describe('a chat model', () => {
  let chat: ChatServer
  const start = async (script: Parameters<typeof startChat>[0]) => {
    chat = await startChat(script)
    await setUp(iris, {
      provider: 'chat',
      name: 'Model',
      url: chat.url,
      key: 'k-1',
      model: 'small',
      units: 300,
    }).expect(200)
  }
  afterEach(() => chat.close())

  test('is asked in the common JSON, and its reply read from events in any pieces', async () => {
    await start([{ chunks: chunksOf('1. What?\nAnswer: a ✓', 'stop', [210, 12]) }])
    expect(await asked(iris)).toMatchObject({ state: 'done', text: '1. What?\nAnswer: a ✓', units: 222 })
    expect(chat.asked[0]).toMatchObject({
      key: 'Bearer k-1',
      body: { model: 'small', stream: true, max_tokens: 300, messages: [{ role: 'user', content: REQUEST }] },
    })
  })

  test('one that was cut is gone on with where it stopped', async () => {
    await start([
      { chunks: chunksOf('1. What is', 'length', [210, 3]) },
      { chunks: chunksOf(' it?\nAnswer: b', 'stop', [220, 5]) },
    ])
    const cut = await asked(iris)
    expect(cut).toMatchObject({ state: 'cut', text: '1. What is' })
    await iris.post(`/api/writing/replies/${cut.id}/go-on`).expect(200)
    expect(await ended(iris, cut.id)).toMatchObject({ state: 'done', text: '1. What is it?\nAnswer: b', units: 438 })
    expect(chat.asked[1]?.body['messages']).toMatchObject([
      { role: 'user' },
      { role: 'assistant', content: '1. What is' },
      { role: 'user' },
    ])
  })

  test.each([
    ['refuses', { status: 404 }, 'The service refused: No such model.', ''],
    [
      'breaks off',
      { chunks: chunksOf('1. What is it', null), tear: true },
      'The service broke off in the middle of its reply.',
      '1. What is it',
    ],
    ['ends without saying so', { chunks: chunksOf('1. What', null) }, 'The reply broke off before its end.', '1. What'],
    [
      'gives up',
      { chunks: [...chunksOf('1. ', null), { error: { message: 'overloaded' } }] },
      'The service gave up in the middle of its reply.',
      '1. ',
    ],
  ])('what came before it %s is kept', async (_name, script, why, text) => {
    await start([script])
    expect(await asked(iris)).toMatchObject({ state: 'failed', why, text })
  })
})

describe('sources and requests', () => {
  const page = (url: string) => iris.post('/api/writing/page').send({ url })

  test('a page is read as text, without what stands around it', async () => {
    const { text } = (await page(`${server.skerry.url}/readings/tides.html`).expect(200)).body as { text: string }
    expect(text).toContain('The difference between the two is called the range.')
    expect(text).toMatch(/Tides at Skarnholm/)
  })

  test.each([
    ['http://192.0.2.7/secret', /reads from .* only/],
    ['file:///etc/passwd', /begins with http/],
    ['nonsense', /This is no address/],
    ['SITE/readings/none.html', /There is no page at this address \(status 404\)/],
    ['http://127.0.0.1:9/', /Nothing answers at this address/],
  ])('%s is refused in one sentence', async (url, why) => {
    const refused = await page(url.replace('SITE', server.skerry.url)).expect(422)
    expect((refused.body as { message: string }).message).toMatch(why)
  })

  test('words are looked up, up to sixty', async () => {
    const look = (words: string[]) => iris.post('/api/writing/words').send({ words, passage: 'The anchor holds.' })
    const found = (await look(['anchor', 'xyzzy']).expect(200)).body as {
      word: string
      senses: { definition: string }[]
    }[]
    expect(found.map(({ word, senses }) => [word, senses.length > 0])).toEqual([
      ['anchor', true],
      ['xyzzy', false],
    ])
    await look(Array.from({ length: 61 }, (_, at) => `w${at}`)).expect(400)
    await look([]).expect(400)
  })

  test('requests are kept by name', async () => {
    const request = {
      counts: { single: 4 },
      level: 'B1',
      language: '',
      remarks: '',
      cognitive: ['apply'],
      difficulty: 'easy',
    }
    const { id } = (await iris.put('/api/writing/requests').send({ name: 'Weekly', request }).expect(200)).body as {
      id: string
    }
    await iris
      .put('/api/writing/requests')
      .send({ name: 'Weekly', request: { ...request, level: 'B2' } })
      .expect(200)
    expect((await iris.get('/api/writing/requests').expect(200)).body).toMatchObject([
      { id, name: 'Weekly', request: { level: 'B2', cognitive: ['apply'] } },
    ])
    await iris
      .put('/api/writing/requests')
      .send({ name: 'Bad', request: { ...request, counts: { single: 4000 } } })
      .expect(400)
    await iris.delete(`/api/writing/requests/${id}`).expect(204)
    expect((await iris.get('/api/writing/requests').expect(200)).body).toEqual([])
  })
})

describe('evidence and variants', () => {
  test('an item in the bank keeps the sentence that it rests on, and where it stands', async () => {
    const text = '1. What is the stream called that runs while the sea rises?\na) ebb\nb) flood\nAnswer: b\n'
    const draft = (await iris.post('/api/drafts').send({ title: 'T', text, source: TIDES }).expect(201)).body as {
      id: string
    }
    const put = (await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true }).expect(200)).body as {
      draft: { followed: { bankItemId: string }[] }
    }
    const item = await iris.get(`/api/items/${put.draft.followed[0]?.bankItemId}`).expect(200)
    expect(item.body).toMatchObject({
      cameFrom: {
        evidence: {
          verdict: 'said',
          source: 'Tides at Skarnholm',
          sentences: [{ text: expect.stringContaining('is called the flood') as string, time: null }],
        },
      },
    })
  })

  test('a variant may say something of its own, linked to its original', async () => {
    const body = {
      kind: 'truefalse',
      stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Fog is dry.' }] }],
      points: 1,
      tags: [],
      key: [false],
    }
    const { id } = (await iris.post('/api/items').send({ body }).expect(201)).body as { id: string }
    const easier = { ...body, stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Fog is not wet.' }] }] }
    const made = await iris.post(`/api/items/${id}/variants`).send({ language: null, body: easier }).expect(201)
    expect(made.body).toMatchObject({ variantOf: id, stale: false, body: { stem: easier.stem } })
    await iris
      .post(`/api/items/${id}/variants`)
      .send({ language: null, body: { kind: 'nothing' } })
      .expect(422)
  })
})
