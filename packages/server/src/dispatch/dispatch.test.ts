import { randomUUID } from 'node:crypto'
import { DESTINATIONS, plainText, readDraft, remediesFor, scorePaper, type Attempt, type Item } from '@zakuska/core'
import { unzipSync } from 'fflate'
import request from 'supertest'
import { until } from '../testing/until.ts'
import { startServer, TOKEN, type RunningServer } from '../testing/running-server.ts'
import { connected, consented, faults, paperOf, sent, settled, type Site, type Told } from '../testing/dispatching.ts'
import { Connection } from './connections/connection.entity.ts'
import { BANK_TEXT } from '../demo/texts.ts'

let server: RunningServer
let iris: ReturnType<typeof request.agent>
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('Iris')
})
afterAll(() => server.stop())

/** Every remedy that the fit offers, taken: as somebody does who wants all of it to go. */
function allRemedies(site: Site, items: readonly Item[], ids: readonly string[]): string {
  const limits = DESTINATIONS.find(({ id }) => id === site)?.limits ?? {}
  return items
    .flatMap((item, at) => remediesFor(item, [], { limits }).map((remedy) => `${site}:${ids[at]}:${remedy}`))
    .join(',')
}

const EVERY_KIND = readDraft({ text: BANK_TEXT })
  .items.map(({ item }) => item)
  .filter((item, at, all) => all.findIndex(({ kind }) => kind === item.kind) === at)

describe('connecting', () => {
  test('an address is tried first, and must be one that this server may call', async () => {
    const connect = (more: object) =>
      iris.post('/api/connections').send({ destination: 'breakwater', name: 'Site', token: TOKEN, ...more })
    expect((await connect({ url: 'http://169.254.1.1' }).expect(422)).body).toMatchObject({
      message: expect.stringContaining('This server sends to') as string,
    })
    expect((await connect({ url: 'file:///etc/passwd' }).expect(422)).body).toMatchObject({
      message: 'An address begins with http:// or https://.',
    })
    expect((await connect({ url: server.breakwater.url, token: 'wrong' }).expect(422)).body).toMatchObject({
      message: 'Breakwater does not know this token.',
    })
    const answer = await connect({ url: server.breakwater.url }).expect(201)
    expect(answer.text).not.toContain(TOKEN)
    const { id } = answer.body as { id: string }
    await connect({ url: server.foghorn.url, destination: 'foghorn', id }).expect(422)
  })

  test('Inlet is connected on its own page; refused there, or answered to somebody else, nothing is', async () => {
    const agent = await server.signIn('Consent')
    expect(await consented(server, agent, 'no')).toContain('refused=It+was+refused+there')
    await agent.get('/api/connections/return?code=x&state=y').expect(303)
    const none = (await agent.get('/api/connections').expect(200)).body as { connections: object[] }
    expect(none.connections).toEqual([])
    expect(await consented(server, agent, 'yes')).toBe('/dispatch?connected=Forms')
    const { connections } = (await agent.get('/api/connections').expect(200)).body as { connections: { id: string }[] }
    expect(connections).toMatchObject([{ destination: 'inlet', name: 'Forms', ended: null }])
    await agent.get(`/api/connections/${connections[0]?.id}/places`).expect(200)
    await agent.delete(`/api/connections/${connections[0]?.id}`).expect(204)
  })
})

describe.each<Site>(['breakwater', 'inlet', 'foghorn'])('%s', (site) => {
  test('a paper of all twelve kinds arrives with its remedies, and its own grader proves every key', async () => {
    const connectionId = await connected(server, site, iris)
    const items = EVERY_KIND
    const ids: string[] = []
    for (const body of items) ids.push(((await iris.post('/api/items').send({ body })).body as { id: string }).id)
    const paper = (await iris.post('/api/papers').send({ title: 'Every kind', itemIds: ids })).body as { id: string }
    const told = await sent({ paperId: paper.id, connectionId, remedies: allRemedies(site, items, ids) }, iris)
    expect([told.state, told.why]).toEqual(['done', null])
    expect(told.disagreeing).toBe(0)
    expect(told.items.filter(({ outcome }) => outcome === 'refused')).toEqual([])
    const left = told.items.flatMap(({ outcome, body }) => (outcome === 'left-out' ? [body.kind] : []))
    // The gaps of the cloze would become typed answers, which a game does not take either: it stays whole.
    expect([...new Set(left)].sort()).toEqual(site === 'foghorn' ? ['cloze', 'essay', 'numeric', 'scale', 'short'] : [])
    const verdicts = told.proof.map(({ verdict }) => verdict)
    expect(verdicts.filter((one) => one === 'proven' || one === 'announced').length).toBeGreaterThanOrEqual(
      site === 'foghorn' ? 5 : 8,
    )
    expect((await fetch(told.address)).status).toBe(200)
  })

  test('it is sent once however often it is asked for, closed and opened, and taken away again', async () => {
    const connectionId = await connected(server, site, iris)
    const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris)
    const asked = { id: randomUUID(), paperId: paper.id, connectionId, into: 'new', includeUnsigned: true }
    await Promise.all([1, 2, 3].map(() => iris.post('/api/deliveries').send(asked)))
    const told = await settled(asked.id, iris)
    expect(told).toMatchObject({ state: 'done', disagreeing: 0 })
    await iris.put(`/api/deliveries/${told.id}/open`).send({ isOpen: false }).expect(200)
    if (site !== 'foghorn') expect(await (await fetch(told.address)).text()).toContain('is closed')
    await iris.put(`/api/deliveries/${told.id}/open`).send({ isOpen: true }).expect(200)
    await iris.post(`/api/deliveries/${told.id}/remove-there`).expect(200)
    await iris.post(`/api/deliveries/${told.id}/remove-there`).expect(422)
  })
})

describe('into what is there', () => {
  test('questions are put into a form at the place that was chosen, and into a bank or quiz that is there', async () => {
    const inlet = await connected(server, 'inlet', iris)
    const first = await paperOf(
      '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye grows.\nAnswer: True\n',
      iris,
    )
    const second = await paperOf('1. True or false: Oaks are trees.\nAnswer: True\n', iris)
    const form = await sent({ paperId: first.id, connectionId: inlet }, iris)
    const places = (await iris.get(`/api/connections/${inlet}/places`).expect(200)).body as {
      id: string
      count: number
    }[]
    const place = places.find(({ id }) => form.address.endsWith(id))
    expect(place?.count).toBe(2)
    const added = await sent({ paperId: second.id, connectionId: inlet, into: 'add', addTo: place?.id, addAt: 1 }, iris)
    expect(added).toMatchObject({ state: 'done', disagreeing: 0, address: form.address })
    const page = await (await fetch(form.address)).text()
    expect([...page.matchAll(/Which is a grain|Oaks are trees|Rye grows/g)].map(([found]) => found)).toEqual([
      'Which is a grain',
      'Oaks are trees',
      'Rye grows',
    ])
    await iris.post(`/api/deliveries/${added.id}/remove-there`).expect(422)
    const site = await connected(server, 'breakwater', iris)
    const bank = await sent({ paperId: first.id, connectionId: site, into: 'bank' }, iris)
    expect(bank).toMatchObject({ state: 'done', address: null, disagreeing: 0 })
    const asked = { id: randomUUID(), paperId: first.id, connectionId: site, into: 'add', includeUnsigned: true }
    await iris.post('/api/deliveries').send(asked).expect(422)
  })
})

describe('sent again', () => {
  test.each<Site>(['inlet', 'breakwater'])(
    '%s: only what changed goes, in its place, and is proven anew',
    async (site) => {
      const connectionId = await connected(server, site, iris)
      const paper = await paperOf(
        '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye grows.\nAnswer: True\n\n3. Name a tree.\nAnswer: oak\n',
        iris,
      )
      const first = await sent({ paperId: paper.id, connectionId }, iris)
      expect(first.since).toEqual({ edited: 0, keys: 0, added: 0, removed: 0 })
      // The second is edited, its key turned; the third goes; a fourth comes.
      const [, second] = paper.ids
      const kept = (await iris.get(`/api/items/${second}`).expect(200)).body as { body: Item; revision: number }
      await iris
        .put(`/api/items/${second}`)
        .send({ body: { ...kept.body, key: [false] }, revision: kept.revision })
        .expect(200)
      const more = await paperOf('1. True or false: Barley is a grain.\nAnswer: True\n', iris)
      const whole = (await iris.get(`/api/papers/${paper.id}`).expect(200)).body as {
        version: number
        entries: { itemId: string; points: number; required: boolean }[]
      }
      const entries = [...whole.entries.slice(0, 2), { itemId: more.ids[0] ?? '', points: 1, required: true }].map(
        ({ itemId, points, required }) => ({ itemId, points, required }),
      )
      await iris
        .put(`/api/papers/${paper.id}`)
        .send({
          title: 'Check',
          instructions: '',
          entries,
          shuffleItems: false,
          shuffleOptions: true,
          version: whole.version,
        })
        .expect(200)
      const before = (await iris.get(`/api/deliveries/${first.id}`).expect(200)).body as Told
      expect(before.since).toEqual({ edited: 1, keys: 1, added: 1, removed: 1 })
      const again = await sent({ paperId: paper.id, connectionId, again: first.id }, iris)
      expect(again).toMatchObject({ state: 'done', disagreeing: 0, address: first.address })
      expect(again.items.map(({ outcome }) => outcome)).toEqual(['kept', 'replaced', 'created'])
      expect(again.proof.map(({ verdict }) => verdict)).toEqual(['proven', 'proven', 'proven'])
      const page = await (await fetch(first.address)).text()
      const found = ['Which is a grain', 'Rye grows', 'Name a tree', 'Barley'].map(
        (text) => page.split(text).length - 1,
      )
      expect(found).toEqual([1, 1, 0, 1])
    },
  )
})

test('what a remedy made and did not change is kept when it is sent again; other points in the paper are said', async () => {
  const connectionId = await connected(server, 'inlet', iris)
  const paper = await paperOf('1. How deep is it, in metres?\nAnswer: 3.2 ± 0.1\n', iris)
  const remedies = `inlet:${paper.ids[0]}:list-answers`
  const first = await sent({ paperId: paper.id, connectionId, remedies }, iris)
  expect(first.items[0]?.body.kind).toBe('short')
  const again = await sent({ paperId: paper.id, connectionId, remedies, again: first.id }, iris)
  expect(again.items.map(({ outcome }) => outcome)).toEqual(['kept'])

  const plain = await sent({ paperId: paper.id, connectionId }, iris)
  const entries = [{ itemId: paper.ids[0], points: 5, required: true }]
  await iris
    .put(`/api/papers/${paper.id}`)
    .send({ title: 'Check', instructions: '', entries, shuffleItems: false, shuffleOptions: true, version: 1 })
    .expect(200)
  const told = (await iris.get(`/api/deliveries/${plain.id}`).expect(200)).body as Told
  expect(told.since).toEqual({ edited: 1, keys: 0, added: 0, removed: 0 })
})

test('what is set for all holds for this delivery alone, but for the exceptions', async () => {
  const connectionId = await connected(server, 'breakwater', iris)
  const paper = await paperOf('1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. Name a tree.\nAnswer: oak\n', iris)
  const forAll = { points: 3, shuffleOptions: false, exceptions: [paper.ids[1]] }
  const told = await sent({ paperId: paper.id, connectionId, forAll }, iris)
  expect(told.items.map(({ body }) => [body.points, 'shuffle' in body && body.shuffle])).toEqual([
    [3, false],
    [1, false],
  ])
  const kept = (await iris.get(`/api/items/${paper.ids[0]}`).expect(200)).body as { body: Item }
  expect(kept.body.points).toBe(1)
})

test('it opens and closes there by itself when its time has come; by hand ends that', async () => {
  const connectionId = await connected(server, 'inlet', iris)
  const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris)
  const told = await sent({ paperId: paper.id, connectionId }, iris)
  const in1s = () => new Date(Date.now() + 1000).toISOString()
  const opening = (body: object) => iris.put(`/api/deliveries/${told.id}/opening`).send(body)
  const later = new Date(Date.now() + 3_600_000).toISOString()
  await opening({ opensAt: later, closesAt: in1s() }).expect(422)
  await opening({ opensAt: 'tomorrow', closesAt: null }).expect(400)
  await faults(server, 'inlet', [{ on: 'PATCH /v1/forms/', play: 'status', status: 404, times: 1 }])
  expect((await opening({ opensAt: later, closesAt: null }).expect(422)).body).toMatchObject({
    message: expect.stringContaining('The times are kept, and it is tried again by itself.') as string,
  })
  expect((await opening({ opensAt: later, closesAt: null }).expect(200)).body).toMatchObject({
    isOpen: false,
    opensAt: later,
  })
  expect(await (await fetch(told.address)).text()).toContain('is closed')
  expect((await opening({ opensAt: null, closesAt: in1s() }).expect(200)).body).toMatchObject({ isOpen: true })
  expect(await (await fetch(told.address)).text()).not.toContain('is closed')
  await until(
    'it is closed',
    async () => !((await iris.get(`/api/deliveries/${told.id}`)).body as { isOpen: boolean }).isOpen,
  )
  expect(await (await fetch(told.address)).text()).toContain('is closed')
  await opening({ opensAt: null, closesAt: later }).expect(200)
  await iris.put(`/api/deliveries/${told.id}/open`).send({ isOpen: false }).expect(200)
  expect((await iris.get(`/api/deliveries/${told.id}`)).body).toMatchObject({ isOpen: false, closesAt: null })
})

test('how far it is comes as events until it is over', async () => {
  const connectionId = await connected(server, 'inlet', iris)
  const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris)
  const id = randomUUID()
  await iris.post('/api/deliveries').send({ id, paperId: paper.id, connectionId, into: 'new', includeUnsigned: true })
  const { text } = await iris.get(`/api/deliveries/${id}/events`).buffer(true).expect(200)
  const states = [...text.matchAll(/^data: (.*)$/gm)].map(([, data = '']) => (JSON.parse(data) as Told).state)
  expect(states.at(-1)).toBe('done')
})

test('a class answers a form and a quiz; the responses come back as responses to the items', async () => {
  const text =
    '1. Which are trees?\na) oak\nb) rye\nc) elm\nAnswer: a, c\n\n2. The fruit of the oak is the _____.\nAnswer: acorn / oak nut\n\n3. No key here?\na) x\nb) y\n'
  const paper = await paperOf(text, iris, 'Trees')
  const told = await sent({ paperId: paper.id, connectionId: await connected(server, 'breakwater', iris) }, iris)
  expect(told.items.map(({ outcome }) => outcome)).toEqual(['created', 'created', 'left-out'])
  const page = await (await fetch(told.address)).text()
  const [choice = '', typed = ''] = new Set([...page.matchAll(/name="(item-\d+\.RESPONSE)"/g)].map(([, name]) => name))
  const handIn = (student: string, answers: string[][]) =>
    fetch(told.address, { method: 'POST', body: new URLSearchParams([['student', student], ...answers]) })
  await handIn('=HYPERLINK("x")', [
    [typed, ' Oak  Nut '],
    [choice, 'a'],
    [choice, 'c'],
  ])
  await handIn('Corvin', [
    [typed, 'cone'],
    [choice, 'a'],
  ])
  interface TakenIn {
    sitting: { id: string; items: { body: Item }[]; attemptList: Attempt[] }
    fresh: number
    known: number
  }
  const fetched = async (id: string): Promise<TakenIn> =>
    (await iris.post(`/api/sittings/of-delivery/${id}`).expect(200)).body as TakenIn
  const totals = ({ sitting }: TakenIn): number[] =>
    scorePaper(
      sitting.items.map(({ body }) => body),
      sitting.attemptList,
    ).attempts.map(({ total }) => total)
  const results = await fetched(told.id)
  expect([results.fresh, results.known, ...totals(results)]).toEqual([2, 0, 2, 0])
  await handIn('Dagny', [[typed, 'acorn']])
  const more = await fetched(told.id)
  expect([more.fresh, more.known, ...totals(more)]).toEqual([1, 2, 2, 0, 1])
  const csv = await iris.get(`/api/sittings/${more.sitting.id}/sheet?columns=student,total&as=csv`).expect(200)
  expect(
    csv.text
      .replace(/^\uFEFF/, '')
      .split('\r\n')
      .slice(0, 3),
  ).toEqual(['Student,Total (2)', `"'=HYPERLINK(""x"")",2`, 'Corvin,0'])

  const form = await sent({ paperId: paper.id, connectionId: await connected(server, 'inlet', iris) }, iris)
  const shown = await (await fetch(form.address)).text()
  const ids = [...new Set([...shown.matchAll(/name="(q-\d+)"/g)].map(([, name]) => name ?? ''))]
  const answers = [
    ['field0', 'Bente'],
    ['field1', '7b'],
    [ids[0] ?? '', 'oak'],
    [ids[0] ?? '', 'elm'],
    [ids[1] ?? '', 'acorn'],
    [ids[2] ?? '', 'x'],
  ]
  const done = await fetch(form.address, { method: 'POST', body: new URLSearchParams(answers) })
  expect(await done.text()).toContain('2 of 2')
  const ofForm = await fetched(form.id)
  expect(ofForm.sitting.attemptList).toMatchObject([{ student: 'Bente, 7b', fields: { Name: 'Bente', Class: '7b' } }])
  expect(totals(ofForm)).toEqual([2])
  const again = await fetched(form.id)
  expect([again.fresh, again.sitting.attemptList.length]).toEqual([0, 1])
})

test('players of a game: their answers come in, and are brought up to date while it goes on', async () => {
  const text = '1. True or false: Rye is a grain.\nAnswer: True\n\n2. True or false: Salt is a grain.\nAnswer: False\n'
  const paper = await paperOf(text, iris, 'Game')
  const told = await sent({ paperId: paper.id, connectionId: await connected(server, 'foghorn', iris) }, iris)
  const host = new URL(told.manage)
  const next = () => fetch(new URL(`${host.pathname}/next${host.search}`, host), { method: 'POST' })
  const form = new URLSearchParams({ code: told.joinCode, name: 'Bente' })
  const joined = await fetch(new URL('/join', host), { method: 'POST', body: form, redirect: 'manual' })
  const player = new URL(joined.headers.get('location') ?? '', host)
  const answer = async (chosen: number): Promise<void> => {
    const state = (await (await fetch(`${player.href}/state`)).json()) as { round?: string }
    await fetch(`${player.href}/answer`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ chosen: [chosen], round: state.round }),
    })
  }
  interface Fetched {
    fresh: number
    known: number
    sitting: { attemptList: { student: string; responses: unknown[] }[] }
  }
  const fetched = async () => (await iris.post(`/api/sittings/of-delivery/${told.id}`).expect(200)).body as Fetched
  await next()
  await answer(0)
  const first = await fetched()
  expect([first.fresh, first.sitting.attemptList]).toMatchObject([
    1,
    [{ student: 'Bente', responses: [{ kind: 'truth', value: true }, null] }],
  ])
  await next()
  await answer(1)
  const second = await fetched()
  expect([second.fresh, second.known]).toEqual([0, 1])
  expect(second.sitting.attemptList[0]?.responses).toEqual([true, false].map((value) => ({ kind: 'truth', value })))
})

describe('the very destination', () => {
  test('what it tells of its limits is heard, and what does not fit it is left out saying so', async () => {
    const connectionId = await connected(server, 'foghorn', iris)
    const told = (await iris.post(`/api/connections/${connectionId}/told`).expect(200)).body as { told: object }
    expect(told.told).toEqual({ 'stem-length': 150, 'option-length': 80, 'option-count': 6 })
    await server.em().nativeUpdate(Connection, { id: connectionId }, { told: { 'stem-length': 10 } })
    const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris)
    const { items } = await sent({ paperId: paper.id, connectionId }, iris)
    expect(items).toMatchObject([{ outcome: 'left-out', why: 'A question has at most 10 letters' }])
  })

  test('where it does not answer, what it told last holds', async () => {
    const connectionId = await connected(server, 'foghorn', iris)
    await server.em().nativeUpdate(Connection, { id: connectionId }, { told: { 'stem-length': 77 } })
    await faults(server, 'foghorn', [{ on: 'GET /api/site', play: 'status', status: 401, times: 9 }])
    const told = (await iris.post(`/api/connections/${connectionId}/told`).expect(200)).body as { told: object }
    await faults(server, 'foghorn', [])
    expect(told.told).toEqual({ 'stem-length': 77 })
  })

  test('people on a list alone may answer a form; a quiz cannot hold that, and says so', async () => {
    const paper = await paperOf('1. True or false: Rye is a grain.\nAnswer: True\n', iris)
    const form = await sent({ paperId: paper.id, connectionId: await connected(server, 'inlet', iris) }, iris)
    await iris.put(`/api/deliveries/${form.id}/people`).send({ people: [] }).expect(400)
    const set = await iris.put(`/api/deliveries/${form.id}/people`).send({ people: [' Bente Havn ', ''] })
    expect([set.status]).toEqual([400])
    const kept = await iris.put(`/api/deliveries/${form.id}/people`).send({ people: [' Bente Havn ', 'Nils Bø'] })
    expect((kept.body as { people: string[] }).people).toEqual(['Bente Havn', 'Nils Bø'])
    const stranger = await fetch(form.address, { method: 'POST', body: new URLSearchParams({ field0: 'Arvid' }) })
    expect(stranger.status).toBe(422)
    const quiz = await sent({ paperId: paper.id, connectionId: await connected(server, 'breakwater', iris) }, iris)
    const refused = await iris
      .put(`/api/deliveries/${quiz.id}/people`)
      .send({ people: ['Nils Bø'] })
      .expect(422)
    expect((refused.body as { message: string }).message).toContain('cannot keep answering to people by name')
  })
})

test('a picture goes as a link: anybody who has it may look, and at no other picture', async () => {
  const bytes = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  const keep = async (): Promise<string> =>
    (
      (await iris.post('/api/assets').set('content-type', 'application/octet-stream').send(bytes).expect(201)).body as {
        id: string
      }
    ).id
  const [asset, other] = [await keep(), await keep()]
  const stem = [
    {
      type: 'paragraph',
      content: [
        { type: 'text', text: 'Lit? ' },
        { type: 'picture', asset, alt: 'buoy' },
      ],
    },
  ]
  const body = { kind: 'truefalse', stem, points: 1, tags: [], key: [true] }
  const { id } = (await iris.post('/api/items').send({ body }).expect(201)).body as { id: string }
  const paper = (await iris.post('/api/papers').send({ title: 'Seen', itemIds: [id] })).body as { id: string }
  const connectionId = await connected(server, 'foghorn', iris)
  const told = await sent({ paperId: paper.id, connectionId, remedies: `foghorn:${id}:picture-to-link` }, iris)
  const [, address = ''] = /buoy: (\S+)/.exec(plainText(told.items[0]?.body.stem ?? [])) ?? []
  expect(told).toMatchObject({ state: 'done', disagreeing: 0 })
  const http = request(server.app.getHttpServer())
  const shown = await http.get(new URL(address).pathname).expect(200)
  expect(shown.headers['content-type']).toBe('image/png')
  await http.get(`/pictures/${other}`).expect(404)
})

test('several papers come as one zip, each in a folder of its own', async () => {
  const texts = [
    '1. True or false: Rye is a grain.\nAnswer: True\n',
    '1. True or false: Salt is a grain.\nAnswer: False\n',
  ]
  const papers = []
  for (const text of texts) papers.push(await paperOf(text, iris, 'Same name'))
  const [first, second] = papers.map(({ id }) => id)
  const answer = await iris
    .get(`/api/papers/${first}/file?formats=gift,aiken&unsigned=true&with=${second},nobody`)
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = []
      response.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => done(null, Buffer.concat(chunks)))
    })
    .expect(200)
  expect(Object.keys(unzipSync(new Uint8Array(answer.body as Buffer))).sort()).toEqual([
    'same-name-2/same-name.aiken.txt',
    'same-name-2/same-name.gift.txt',
    'same-name/same-name.aiken.txt',
    'same-name/same-name.gift.txt',
  ])
})
