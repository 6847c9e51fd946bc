import { randomUUID } from 'node:crypto'
import { LockMode } from '@mikro-orm/core'
import request from 'supertest'
import { paperOf, type Agent } from '../../testing/dispatching.ts'
import { startServer, type RunningServer } from '../../testing/running-server.ts'
import { until } from '../../testing/until.ts'
import { Attempt } from '../sitting.entity.ts'
import { stateOf } from './opening.ts'
import { TakingLimits } from './taking-limits.ts'
import { hashOf, newToken } from './tokens.ts'

let server: RunningServer
let iris: Agent
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
})
afterAll(() => server.stop())

const SECRET = 'SECRETKEY'
const TEXT = `1. Which knot makes a loop?
a) reef
b) bowline
c) sheet bend
Answer: b

2. Write the word.
Answer: ${SECRET}

3. Why?
`

interface Shown {
  body: { kind: string; options?: { id: string; content: { content: { text: string }[] }[] }[]; key?: unknown[] }
  response: object | null
  n: number
  told: { points: number | null; key: string | null } | null
  hints: object[]
  hintCount: number
  tries: number
  solved: boolean
}
interface Opened {
  items: Shown[]
  isHandedIn: boolean
  total: number | null
  secondsLeft: number | null
  tells: string
  student: string
}
interface Sitting {
  id: string
  code: string
  taking: Record<string, unknown>
  attemptList: { student: string; responses: unknown[] }[]
  underWay: number
}

async function opened(mode: 'test' | 'practice', more: object = {}, text = TEXT): Promise<Sitting> {
  const paper = await paperOf(text, iris, 'Knots')
  const asked = { id: randomUUID(), paperId: paper.id, mode, includeUnsigned: true }
  const sitting = (await iris.post('/api/sittings/here').send(asked).expect(200)).body as Sitting
  if (!Object.keys(more).length) return sitting
  return set(sitting, more)
}

async function set(sitting: Sitting, more: object): Promise<Sitting> {
  const { places: _p, sections: _s, instructions: _i, identity: _d, ...taking } = sitting.taking
  return (
    await iris
      .put(`/api/sittings/${sitting.id}/taking`)
      .send({ ...taking, ...more })
      .expect(200)
  ).body as Sitting
}

const http = () => request(server.app.getHttpServer())
const begin = (code: string, name: string, more: object = {}) =>
  http()
    .post(`/api/take/${code}`)
    .send({ fields: { Name: name, Class: '7b' }, code: '', device: '', ...more })
async function begun(code: string, name: string, more: object = {}): Promise<string> {
  return ((await begin(code, name, more).expect(200)).body as { token: string }).token
}
const attempt = async (code: string, token: string): Promise<Opened> =>
  (await http().get(`/api/take/${code}/attempt`).set('authorization', `Bearer ${token}`).expect(200)).body as Opened
const save = (code: string, token: string, answers: object[]) =>
  http().put(`/api/take/${code}/attempt/answers`).set('authorization', `Bearer ${token}`).send({ answers })
const handIn = async (code: string, token: string, answers: object[] = []): Promise<Opened> =>
  (
    await http()
      .post(`/api/take/${code}/attempt/hand-in`)
      .set('authorization', `Bearer ${token}`)
      .send({ answers })
      .expect(200)
  ).body as Opened

/** The place of an item by its kind, and the id by which an option of it is shown. */
const placeOf = ({ items }: Opened, kind: string): number => items.findIndex(({ body }) => body.kind === kind)
const optionNamed = ({ items }: Opened, text: string): string =>
  items.flatMap(({ body }) => body.options ?? []).find(({ content }) => content[0]?.content[0]?.text === text)?.id ?? ''

describe('a test', () => {
  test('a class takes it without signing in; nothing of the key goes to the browser before it may be seen', async () => {
    const { code, id } = await opened('test')
    const about = await http().get(`/api/take/${code.toLowerCase()}`).expect(200)
    expect(about.body).toMatchObject({ title: 'Knots', state: 'open', identity: ['Name', 'Class'], itemCount: 3 })
    await begin(code, '').expect(422)
    const token = await begun(code, 'Bente')
    const first = await attempt(code, token)
    expect(JSON.stringify([about.body, first])).not.toContain(SECRET)
    expect(first.items.flatMap(({ body }) => body.key ?? [])).toEqual([])
    const [choice, short, essay] = ['single', 'short', 'essay'].map((kind) => placeOf(first, kind))
    const answers = [
      { at: choice, n: 1, response: { kind: 'choice', chosen: [optionNamed(first, 'bowline')] } },
      { at: short, n: 1, response: { kind: 'text', text: SECRET.toLowerCase() } },
      { at: essay, n: 1, response: { kind: 'text', text: 'Because.' } },
    ]
    expect((await save(code, token, answers).expect(200)).body).toEqual({ kept: 3 })
    const done = await handIn(code, token)
    expect(done).toMatchObject({ isHandedIn: true, total: 2 })
    expect(done.items.map(({ told }) => told?.points)).toEqual(
      done.items.map(({ body }) => (body.kind === 'essay' ? null : 1)),
    )
    const sitting = (await iris.get(`/api/sittings/${id}`).expect(200)).body as Sitting
    expect(sitting.attemptList).toMatchObject([
      { student: 'Bente, 7b', responses: [{ chosen: ['b'] }, { text: SECRET.toLowerCase() }, { text: 'Because.' }] },
    ])
  })

  test('an older answer never overwrites a newer one, in whatever order they come', async () => {
    const { code } = await opened('test')
    const token = await begun(code, 'Bente')
    const at = placeOf(await attempt(code, token), 'short')
    const text = (n: number) => ({ at, n, response: { kind: 'text', text: `answer ${n}` } })
    await save(code, token, [text(5)]).expect(200)
    await save(code, token, [text(3)]).expect(200)
    await Promise.all([6, 9, 7, 8].map((n) => save(code, token, [text(n)]).expect(200)))
    expect((await attempt(code, token)).items[at]).toMatchObject({ n: 9, response: { text: 'answer 9' } })
  })

  test('what is no answer, no token, and no longer open are refused in words', async () => {
    const sitting = await opened('test')
    const { code } = sitting
    const token = await begun(code, 'Bente')
    await save(code, token, [{ at: 0, n: 1, response: { kind: 'grade', value: 9 } }]).expect(400)
    await save(code, newToken(), [{ at: 0, n: 1, response: { kind: 'text', text: 'x' } }]).expect(401)
    await http().get(`/api/take/${code}/attempt`).expect(401)
    await http().get('/api/take/ZZZZZZ').expect(404)
    const at = placeOf(await attempt(code, token), 'short')
    await save(code, token, [{ at, n: 1, response: { kind: 'text', text: 'kept' } }]).expect(200)
    const closed = await set(sitting, { isOpen: false })
    await save(code, token, [{ at, n: 2, response: { kind: 'text', text: 'late' } }]).expect(410)
    await begin(code, 'Nils').expect(410)
    // What was saved is handed in.
    expect([closed.underWay, closed.attemptList.map(({ responses }) => responses[1])]).toEqual([
      0,
      [{ kind: 'text', text: 'kept' }],
    ])
  })

  test('another order for each, which stays the same for an attempt', async () => {
    const many = Array.from({ length: 8 }, (_none, at) => `${at + 1}. True or false: It is ${at}.\nAnswer: True\n`)
    const sitting = await opened('test', { shuffleItems: true }, many.join('\n'))
    const orders = []
    for (const name of ['A', 'B', 'C', 'D']) {
      const token = await begun(sitting.code, name)
      const order = JSON.stringify((await attempt(sitting.code, token)).items.map(({ body }) => body))
      expect(JSON.stringify((await attempt(sitting.code, token)).items.map(({ body }) => body))).toBe(order)
      orders.push(order)
    }
    expect(new Set(orders).size).toBeGreaterThan(1)
  })

  test('one response each: by name, by browser, and begun twice', async () => {
    const { code } = await opened('test', { attempts: 1 })
    const token = await begun(code, 'Bente', { device: 'd1' })
    await begin(code, ' bente ').expect(409)
    await handIn(code, token)
    await begin(code, 'Bente').expect(409)
    await begin(code, 'Somebody', { device: 'd1' }).expect(409)
    await begin(code, 'Somebody', { device: 'd2' }).expect(200)
  })

  test('by a list, and by a code of one’s own, with which one goes on elsewhere', async () => {
    const people = [{ name: 'Bente Havn', code: 'K7QX9D' }]
    const { code, id } = await opened('test', { who: 'code', people })
    await begin(code, 'Nils', { code: 'K7QX9D' }).expect(403)
    await begin(code, 'Bente Havn', { code: 'AAAA' }).expect(403)
    const first = await begun(code, 'bente havn', { code: 'k7q-x9d' })
    const at = placeOf(await attempt(code, first), 'short')
    await save(code, first, [{ at, n: 1, response: { kind: 'text', text: 'on the phone' } }]).expect(200)
    await begin(code, 'Bente Havn', { code: 'K7QX9D', device: 'tablet' }).expect(409)
    const seen = (await iris.get(`/api/sittings/${id}`).expect(200)).body as { underWayList: { id: string }[] }
    const own = seen.underWayList[0]?.id ?? ''
    const allowed = (await iris.post(`/api/sittings/${id}/attempts/${own}/move`).expect(200)).body as object
    expect(allowed).toMatchObject({ underWayList: [{ student: 'Bente Havn', mayMove: true }] })
    const second = await begun(code, 'Bente Havn', { code: 'K7QX9D', device: 'tablet' })
    await begin(code, 'Bente Havn', { code: 'K7QX9D', device: 'third' }).expect(409)
    expect((await attempt(code, second)).items[at]).toMatchObject({ response: { text: 'on the phone' } })
    await http().get(`/api/take/${code}/attempt`).set('authorization', `Bearer ${first}`).expect(401)
    const listed = await opened('test', { who: 'list', people: [{ name: 'Nils Bø', code: '' }] })
    await begin(listed.code, 'Bente').expect(403)
    await begin(listed.code, 'NILS BØ').expect(200)
    expect((await iris.put(`/api/sittings/${listed.id}/taking`).send({ ...listed.taking, who: 'code' })).status).toBe(
      400,
    )
  })

  test('when its time is over, what was saved is handed in', async () => {
    const sitting = await opened('test', { timeLimit: 1 })
    const { code, id } = sitting
    const token = await begun(code, 'Bente')
    const now = await attempt(code, token)
    expect(now.secondsLeft).toBeGreaterThan(50)
    const at = placeOf(now, 'short')
    await save(code, token, [{ at, n: 1, response: { kind: 'text', text: SECRET } }]).expect(200)
    await server.em().nativeUpdate(Attempt, { sittingId: id }, { deadline: new Date(Date.now() - 31_000) })
    await save(code, token, [{ at, n: 2, response: { kind: 'text', text: 'late' } }]).expect(410)
    expect(await attempt(code, token)).toMatchObject({ isHandedIn: true, total: 1 })
  })

  test.each([
    ['never', null],
    ['closed', null],
    ['after', 0],
  ])('feedback %s', async (feedbackWhen, total) => {
    const sitting = await opened('test', { feedbackWhen })
    const token = await begun(sitting.code, 'Bente')
    const done = await handIn(sitting.code, token)
    expect(done.total).toBe(total)
    expect(JSON.stringify(done).includes(SECRET)).toBe(total !== null)
    await set(sitting, { feedbackWhen, isOpen: false })
    expect((await attempt(sitting.code, token)).total).toBe(feedbackWhen === 'never' ? null : 0)
  })
})

describe('practice', () => {
  const PRACTICE = `1. Which knot makes a loop?\na) reef\nb) bowline\nAnswer: b\nHint: It does not slip.\nFeedback: A bowline holds.\n`
  const check = (code: string, token: string, at: number, n: number, id: string) =>
    http()
      .post(`/api/take/${code}/attempt/check`)
      .set('authorization', `Bearer ${token}`)
      .send({ at, n, response: { kind: 'choice', chosen: [id] } })

  test('check, hint by hint, again as often as is set, then the explanation', async () => {
    const { code } = await opened('practice', { tries: 2 }, PRACTICE)
    const token = await begun(code, 'Bente')
    const now = await attempt(code, token)
    const wrong = (await check(code, token, 0, 1, optionNamed(now, 'reef')).expect(200)).body as Shown
    expect(wrong).toMatchObject({ tries: 1, solved: false, told: null, hintCount: 1, hints: [] })
    const hinted = await http()
      .post(`/api/take/${code}/attempt/hint`)
      .set('authorization', `Bearer ${token}`)
      .send({ at: 0 })
      .expect(200)
    expect(JSON.stringify((hinted.body as Shown).hints)).toContain('It does not slip.')
    const right = (await check(code, token, 0, 2, optionNamed(now, 'bowline')).expect(200)).body as Shown
    expect(right).toMatchObject({ tries: 2, solved: true, told: { points: 1 } })
    expect(JSON.stringify(right.told)).toContain('A bowline holds.')
  })

  test('after the last try the key is told; a test tells nothing', async () => {
    const { code } = await opened('practice', { tries: 1 }, PRACTICE)
    const token = await begun(code, 'Bente')
    const spent = (await check(code, token, 0, 1, optionNamed(await attempt(code, token), 'reef'))).body as Shown
    expect(spent).toMatchObject({ solved: false, told: { points: 0, key: expect.stringMatching(/b/i) as string } })
    const other = await opened('test', {}, PRACTICE)
    const second = await begun(other.code, 'Bente')
    await check(other.code, second, 0, 1, optionNamed(await attempt(other.code, second), 'reef')).expect(403)
  })
})

test.each([
  [{ isOpen: true, opensAt: null, closesAt: null }, 'open'],
  [{ isOpen: false, opensAt: null, closesAt: null }, 'closed'],
  [{ isOpen: true, opensAt: '2026-03-02T10:00:00Z', closesAt: null }, 'early'],
  [{ isOpen: true, opensAt: '2026-03-02T08:00:00Z', closesAt: '2026-03-02T10:00:00Z' }, 'open'],
  [{ isOpen: true, opensAt: null, closesAt: '2026-03-02T09:00:00Z' }, 'closed'],
] as const)('%j is %s at nine', (taking, state) => {
  expect(stateOf(taking, new Date('2026-03-02T09:00:00Z'))).toBe(state)
})

test('a token is the same however it is typed', () => {
  const token = newToken()
  expect(token).toMatch(/^(?:[A-HJ-NP-Z2-9]{4}-?){3}$/)
  expect(hashOf(token.toLowerCase().replaceAll('-', ' '))).toBe(hashOf(token))
  expect(hashOf(newToken())).not.toBe(hashOf(token))
})

test('practice is no record: there one tries until it is right', async () => {
  const paper = await paperOf('1. Write the word.\nAnswer: ebb\n', iris, 'Practised')
  const take = async (mode: string): Promise<void> => {
    const asked = { id: randomUUID(), paperId: paper.id, mode, includeUnsigned: true }
    const { code, id } = (await iris.post('/api/sittings/here').send(asked).expect(200)).body as Sitting
    const token = await begun(code, `P ${mode}`)
    await handIn(code, token, [{ at: 0, n: 1, response: { kind: 'text', text: 'ebb' } }])
    await iris.get(`/api/sittings/${id}`).expect(200)
  }
  const item = async () => (await iris.get(`/api/items/${paper.ids[0]}`).expect(200)).body as object
  await take('practice')
  expect(await item()).toMatchObject({ takenBy: 0, shareRight: null })
  await take('test')
  expect(await item()).toMatchObject({ takenBy: 1, shareRight: 1 })
})

test('somebody who begins twice at once in one browser has one attempt', async () => {
  const { code } = await opened('test', { attempts: 1 })
  const answers = await Promise.all(Array.from({ length: 5 }, () => begin(code, 'Bente', { device: 'one' })))
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409])
})

test('who begins and gives nothing leaves nothing behind when it is closed', async () => {
  const sitting = await opened('test')
  await begun(sitting.code, 'Nobody')
  const token = await begun(sitting.code, 'Bente')
  await save(sitting.code, token, [{ at: 0, n: 0, response: { kind: 'choice', chosen: ['s1'] } }]).expect(200)
  const closed = await set(sitting, { isOpen: false })
  expect(closed.attemptList.map(({ student }) => student)).toEqual(['Bente, 7b'])
})

test('handed in twice, it is handed in once; what comes after is refused', async () => {
  const { code, id } = await opened('test')
  const token = await begun(code, 'Bente')
  const at = placeOf(await attempt(code, token), 'short')
  const first = await handIn(code, token, [{ at, n: 1, response: { kind: 'text', text: SECRET } }])
  const second = await handIn(code, token, [{ at, n: 2, response: { kind: 'text', text: 'other' } }])
  expect([first.total, second.total]).toEqual([1, 1])
  const { attemptList } = (await iris.get(`/api/sittings/${id}`).expect(200)).body as Sitting
  expect(attemptList).toHaveLength(1)
})

test('a paper without a signed-off item opens with those that were asked for, or says why not', async () => {
  const paper = await paperOf(TEXT, iris, 'Unsigned')
  const asked = { id: randomUUID(), paperId: paper.id, mode: 'test', includeUnsigned: false }
  const refused = await iris.post('/api/sittings/here').send(asked).expect(422)
  expect((refused.body as { message: string }).message).toContain('no signed-off item')
})

test('settings that cannot be are refused in words', async () => {
  const sitting = await opened('test')
  const { places: _p, sections: _s, instructions: _i, identity: _d, ...taking } = sitting.taking
  const tried = async (more: object): Promise<[number, string]> => {
    const answer = await iris.put(`/api/sittings/${sitting.id}/taking`).send({ ...taking, ...more })
    return [answer.status, (answer.body as { message: string }).message]
  }
  expect(await tried({ opensAt: '2026-03-02T10:00:00.000Z', closesAt: '2026-03-02T09:00:00.000Z' })).toEqual([
    ...[422, 'It would close before it opens. Choose a later end.'],
  ])
  expect(await tried({ who: 'list', people: [] })).toEqual([422, 'Give the list of who may take it.'])
  expect(await tried({ who: 'code', people: [{ name: 'Nils', code: '4-821' }] })).toEqual([
    ...[422, 'The code of Nils can be guessed. A code has at least 6 letters or figures.'],
  ])
  expect(await tried({ who: 'code', people: [{ name: 'Nils', code: ' ' }] })).toEqual([
    ...[422, 'Everybody on the list needs a code.'],
  ])
})

test('pictures of an open paper are seen without signing in; what is not on it is not', async () => {
  const png = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
  const keep = async (): Promise<string> => {
    const sent = iris
      .post('/api/assets')
      .set('content-type', 'application/octet-stream')
      .send(Buffer.from(png, 'base64'))
    return ((await sent.expect(201)).body as { id: string }).id
  }
  const [asset, other] = [await keep(), await keep()]
  const stem = [{ type: 'paragraph', content: [{ type: 'picture', asset, alt: 'a buoy' }] }]
  const body = { kind: 'truefalse', stem, points: 1, tags: [], key: [true] }
  const { id } = (await iris.post('/api/items').send({ body }).expect(201)).body as { id: string }
  const paper = (await iris.post('/api/papers').send({ title: 'Seen', itemIds: [id] })).body as { id: string }
  await http().get(`/pictures/${asset}`).expect(404)
  const asked = { id: randomUUID(), paperId: paper.id, mode: 'test', includeUnsigned: true }
  await iris.post('/api/sittings/here').send(asked).expect(200)
  expect((await http().get(`/pictures/${asset}`).expect(200)).headers['content-type']).toBe('image/png')
  await http().get(`/pictures/${other}`).expect(404)
})

test('two of one name take it side by side, each in a browser of their own', async () => {
  const { code, id } = await opened('test')
  const [one, two] = [await begun(code, 'Anna', { device: 'a' }), await begun(code, 'Anna', { device: 'b' })]
  await begin(code, 'Anna', { device: 'a' }).expect(409)
  await handIn(code, one, [{ at: 0, n: 0, response: { kind: 'choice', chosen: ['s1'] } }])
  await handIn(code, two, [{ at: 0, n: 0, response: { kind: 'choice', chosen: ['s2'] } }])
  const { attemptList } = (await iris.get(`/api/sittings/${id}`).expect(200)).body as Sitting
  expect(attemptList.map((one) => (one as { counts?: boolean }).counts)).toEqual([true, true])
})

test('names that look like none do not stand in each other’s way', async () => {
  const { code } = await opened('test', { attempts: 1 }, '1. True or false: So.\nAnswer: True\n')
  const fields = (Name: string) => ({ fields: { Name, Class: '' } })
  await begin(code, 'x', { ...fields('Response 1'), device: 'a' }).expect(422)
  await begin(code, 'Response 1', { device: 'a' }).expect(200)
  await begin(code, 'Response 2', { device: 'b' }).expect(200)
})

test('what is being saved while its time ends is handed in with the rest', async () => {
  const { code, id } = await opened('test', { closesAt: '2099-03-02T09:00:00.000Z' })
  const token = await begun(code, 'Nils')
  const at = placeOf(await attempt(code, token), 'short')
  await server.em().nativeUpdate(Attempt, { sittingId: id }, { deadline: new Date(Date.now() - 31_000) })
  const reading = await server.em().transactional(async (em) => {
    const own = await em.findOneOrFail(Attempt, { sittingId: id }, { lockMode: LockMode.PESSIMISTIC_WRITE })
    const asked = attempt(code, token)
    await until('the other waits for this row', async () => {
      const waiting = `select count(*)::int n from pg_stat_activity where wait_event_type = 'Lock' and query like '%attempt%'`
      const [row] = await server.em().execute<{ n: number }[]>(waiting)
      return (row?.n ?? 0) > 0
    })
    own.answers = { [at]: { n: 1, response: { kind: 'text', text: SECRET } } }
    return { asked }
  })
  expect(await reading.asked).toMatchObject({ isHandedIn: true, total: 1 })
})

test('what is on its way when it closes is still taken; what somebody closes is closed', async () => {
  const { code, id, ...sitting } = await opened('test')
  const token = await begun(code, 'Nils')
  const answer = { at: placeOf(await attempt(code, token), 'short'), response: { kind: 'text', text: SECRET } }
  await set({ code, id, ...sitting }, { closesAt: new Date(Date.now() - 5000).toISOString() })
  expect(await attempt(code, token)).toMatchObject({ isHandedIn: false })
  await save(code, token, [{ ...answer, n: 1 }]).expect(200)
  await iris.get(`/api/sittings/${id}`).expect(200)
  await save(code, token, [{ ...answer, n: 2 }]).expect(200)
  await begin(code, 'Bente').expect(410)
  await set({ code, id, ...sitting }, { isOpen: false })
  await save(code, token, [{ ...answer, n: 3 }]).expect(410)
  expect(await attempt(code, token)).toMatchObject({ isHandedIn: true, total: 1 })
})

describe('who guesses', () => {
  test('at the code of a name is held off, and the right one does not come through either', async () => {
    const people = [
      { name: 'Bente Havn', code: 'K7QX9D' },
      { name: 'Nils Bø', code: 'M2RT8W' },
    ]
    const { code } = await opened('test', { who: 'code', people })
    const statuses = await Promise.all(
      Array.from({ length: 30 }, async (_none, at) => (await begin(code, 'Bente Havn', { code: `AAAA${at}A` })).status),
    )
    expect(statuses.filter((status) => status === 403)).toHaveLength(10)
    expect(statuses.filter((status) => status === 429)).toHaveLength(20)
    await begin(code, 'Bente Havn', { code: 'K7QX9D' }).expect(429)
    // Another of the class behind the same address is not held off.
    await begin(code, 'Nils Bø', { code: 'M2RT8W' }).expect(200)
  })

  test('at codes of sittings is held off', async () => {
    const from = `10.1.${Math.floor(Math.random() * 250)}.${Math.floor(Math.random() * 250)}`
    const limits = server.app.get(TakingLimits)
    for (let turn = 0; turn < 40; turn++) await limits.countUnknown(from)
    await expect(limits.countUnknown(from)).rejects.toMatchObject({ status: 429 })
  })

  test('and who begins without end is held off, a year group is not', async () => {
    const { code } = await opened('test')
    const statuses: number[] = []
    for (let at = 0; at < 155; at++)
      statuses.push((await begin(code, `Pupil ${String.fromCharCode(65 + (at % 26))}${at}`)).status)
    expect(statuses.slice(0, 150).every((status) => status === 200)).toBe(true)
    expect(statuses.slice(150)).toEqual([429, 429, 429, 429, 429])
  })

  test.each(['Bente\u200b', ' B ente', '\u0412ente', 'Bente\u3164'])('once is all for %j, too', async (name) => {
    const { code } = await opened('test', { attempts: 1 })
    await begin(code, 'Bente', { device: 'a' }).expect(200)
    await begin(code, name, { device: 'b' }).expect(409)
  })
})
