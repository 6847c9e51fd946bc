import { EntityManager } from '@mikro-orm/postgresql'
import { fingerprint, readDraft, type Item as CoreItem } from '@zakuska/core'
import type request from 'supertest'
import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

interface Item {
  id: string
  revision: number
  body: { tags: string[]; points: number; options?: { id: string }[]; key?: string[]; [name: string]: unknown }
  signOff: object | null
  findings: { code: string; waived: { reason: string } | null }[]
  variantOf: string | null
  variants: { itemId: string; language: string | null; stale: boolean }[]
  stale: boolean
}
type Agent = ReturnType<typeof request.agent>

const TEXT = `1. Which light flashes twice?
a) Fl(2)
b) Oc
c) Q
Answer: a
Tags: lights

2. Which of these is not a knot?
a) bowline
b) keel
c) sheet bend
Answer: b
Tags: knots

3. True or false: Flashing lights are lit for longer than they are dark.
Answer: False
Tags: lights

4. How many degrees has a compass card?
Answer: 360
Tags: charts
`

async function filled(name: string, text = TEXT): Promise<{ agent: Agent; items: Item[] }> {
  const agent = await server.signIn(name)
  for (const { item } of readDraft({ text }).items) await agent.post('/api/items').send({ body: item }).expect(201)
  return { agent, items: await found(agent, 'sort=oldest') }
}

async function found(agent: Agent, query: string): Promise<Item[]> {
  return ((await agent.get(`/api/items?${query}`).expect(200)).body as { items: Item[] }).items
}

async function facets(agent: Agent, query = ''): Promise<Record<string, Record<string, number>>> {
  const body: unknown = (await agent.get(`/api/items/facets?${query}`).expect(200)).body
  const list = (body as { facets: { name: string; values: { value: string; count: number }[] }[] }).facets
  return Object.fromEntries(
    list.map(({ name, values }) => [name, Object.fromEntries(values.map((one) => [one.value, one.count]))]),
  )
}

/** Signs items off as they stand. */
async function signOff(agent: Agent, ids: readonly string[]): Promise<void> {
  const shown = Object.fromEntries((await found(agent, 'limit=500')).map(({ id, revision }) => [id, revision]))
  await agent
    .post('/api/items/bulk')
    .send({ ids, change: { signedOff: true }, shown })
    .expect(200)
}

describe('search', () => {
  test('by the start of a word, by stems, by a phrase, and without a word', async () => {
    const { agent } = await filled('search')
    const count = async (text: string): Promise<number> =>
      (await found(agent, `text=${encodeURIComponent(text)}`)).length
    expect([await count('flash'), await count('light'), await count('compass degree')]).toEqual([2, 2, 1])
    expect([await count('"flashing lights"'), await count('lights -knot'), await count('zeppelin')]).toEqual([1, 2, 0])
  })

  test('counts stand beside each value, a set field counted as if it were open', async () => {
    const { agent } = await filled('facets')
    const all = await facets(agent)
    expect(all['kind']).toEqual({ single: 2, truefalse: 1, numeric: 1 })
    expect(all['tag']).toEqual({ lights: 2, knots: 1, charts: 1 })
    expect([all['signedOff'], all['used'], all['hasKey']]).toEqual([{ no: 4 }, { yes: 0, no: 4 }, { yes: 4 }])
    expect(all['finding']).toMatchObject({ 'negative-unstressed': 1 })
    const single = await facets(agent, 'kind=single')
    expect(single['kind']).toEqual(all['kind'])
    expect(single['tag']).toEqual({ lights: 1, knots: 1 })
  })

  test('counts follow every change: new items, sign-off, deleting and bringing back, and more rows than are kept', async () => {
    const { agent, items } = await filled('counts')
    const ids = items.map((item) => item.id)
    const bulk = async (change: object, some = ids): Promise<void> =>
      void (await agent.post('/api/items/bulk').send({ ids: some, change }).expect(200))
    const both = async (): Promise<unknown> => {
      // The same numbers, counted one by one: a filter of two fields is never answered from what is kept.
      const whole = await facets(agent)
      const one = async (query: string): Promise<number> => (await found(agent, `text=-zeppelin&${query}`)).length
      const counted = {
        yes: await one('signedOff=yes'),
        no: await one('signedOff=no'),
        lights: await one('tag=lights'),
      }
      expect({ yes: whole['signedOff']?.['yes'] ?? 0, no: whole['signedOff']?.['no'] ?? 0 }).toEqual({
        yes: counted.yes,
        no: counted.no,
      })
      expect(whole['tag']?.['lights'] ?? 0).toBe(counted.lights)
      // And counted by shape: every item has a key.
      const shapes = await facets(agent, 'hasKey=yes')
      expect([shapes['tag'], shapes['signedOff'], shapes['kind'], shapes['used']]).toEqual([
        whole['tag'],
        whole['signedOff'],
        whole['kind'],
        whole['used'],
      ])
      expect(shapes['used']).toEqual({ yes: 0, no: counted.yes + counted.no })
      return counted
    }
    expect(await both()).toEqual({ yes: 0, no: 4, lights: 2 })
    await signOff(agent, ids)
    expect(await both()).toEqual({ yes: 4, no: 0, lights: 2 })
    await bulk({ deleted: true }, ids.slice(0, 1))
    expect(await both()).toEqual({ yes: 3, no: 0, lights: 1 })
    await agent.post('/api/items').send({ body: items[0]?.body }).expect(201)
    expect(await both()).toEqual({ yes: 3, no: 1, lights: 2 })
    const em = server.app.get(EntityManager).fork()
    const own = 'from bank_item where id = ?'
    await em.execute(
      `insert into bank_count (workspace_id, field, value, change)
       select workspace_id, 'tag', 'lights', case when n % 2 = 0 then 1 else -1 end
       from (select workspace_id ${own}) own, generate_series(1, 3000) n`,
      [ids[0]],
    )
    await both()
    const [kept] = await em.execute<{ rows: number }[]>(
      `select count(*)::int as rows from bank_count where workspace_id = (select workspace_id ${own})`,
      [ids[0]],
    )
    expect(kept?.rows).toBeLessThan(100)
    // As many as there are sorts of items: changes were summed up with the counts.
    const [shapes] = await em.execute<{ rows: number; sum: number }[]>(
      `select count(*)::int as rows, sum(change)::int as sum from bank_shape where workspace_id = (select workspace_id ${own})`,
      [ids[0]],
    )
    expect(shapes).toEqual({ rows: 4, sum: 4 })
    expect(await both()).toEqual({ yes: 3, no: 1, lights: 2 })
  })

  test('what is not a filter is refused', async () => {
    const { agent } = await filled('refused')
    await agent.get('/api/items?signedOff=maybe').expect(400)
    await agent.get('/api/items?sort=body').expect(400)
  })

  test('filters are kept by name, replaced by name, and stay in their workspace', async () => {
    const { agent } = await filled('kept')
    const other = await server.signIn('kept-other')
    await agent
      .post('/api/items/filters')
      .send({ name: 'Lights', filter: { tag: 'lights' } })
      .expect(201)
    const body: unknown = (
      await agent
        .post('/api/items/filters')
        .send({ name: 'Lights', filter: { kind: 'single' } })
        .expect(201)
    ).body
    expect(body).toMatchObject([{ name: 'Lights', filter: { kind: 'single' } }])
    expect((await other.get('/api/items/filters').expect(200)).body).toEqual([])
    const [kept] = body as { id: string }[]
    expect((await agent.delete(`/api/items/filters/${kept?.id}`).expect(200)).body).toEqual([])
  })
})

describe('categories', () => {
  const move = async (agent: Agent, ids: readonly string[], category: string | null): Promise<{ id: string }> =>
    (await agent.post('/api/items/bulk').send({ ids, change: { category } }).expect(200)).body as { id: string }

  test('items are moved without a new revision or a lost sign-off, and moved back as one', async () => {
    const { agent, items } = await filled('move')
    const [first, second, third] = items.map((item) => item.id)
    await signOff(agent, [first ?? ''])
    const moved = await move(agent, [first ?? '', second ?? ''], ' Navigation / Lights ')
    await move(agent, [third ?? ''], 'Navigation')
    const [now] = await found(agent, 'sort=oldest')
    expect(now).toMatchObject({ category: 'Navigation/Lights', revision: 1, signOff: {} })
    expect((await facets(agent))['category']).toEqual({ Navigation: 3, 'Navigation/Lights': 2 })
    expect(await found(agent, 'category=Navigation')).toHaveLength(3)
    expect(await found(agent, 'category=Navigation/Lights&tag=lights')).toHaveLength(1)
    expect((await facets(agent, 'tag=lights'))['category']).toEqual({ Navigation: 2, 'Navigation/Lights': 1 })
    // Moved again meanwhile: it stays where it is.
    await move(agent, [second ?? ''], 'Seamanship')
    const undone = await agent.post(`/api/items/bulk/${moved.id}/undo`).expect(200)
    expect(undone.body).toEqual({ restored: 1, left: 1 })
    expect((await facets(agent))['category']).toEqual({ Navigation: 1, Seamanship: 1 })
    await move(agent, [second ?? '', third ?? ''], null)
    expect((await facets(agent))['category']).toEqual({})
  })

  test('moving back costs no sign-off that was given since, and brings nothing back that was deleted since', async () => {
    const { agent, items } = await filled('move-later')
    const [first = '', second = '', third = ''] = items.map((item) => item.id)
    const moved = await move(agent, [first, second, third], 'Exam')
    await agent
      .put(`/api/items/${first}/sign-off`)
      .send({ signedOff: true, remark: 'chart 5', fingerprint: fingerprint(items[0]?.body as unknown as CoreItem) })
      .expect(200)
    await agent.delete(`/api/items/${second}`).expect(204)
    const undone = await agent.post(`/api/items/bulk/${moved.id}/undo`).expect(200)
    expect(undone.body).toEqual({ restored: 1, left: 2 })
    const [now, ...others] = await found(agent, 'sort=oldest')
    expect(now).toMatchObject({ id: first, category: 'Exam', signOff: { remark: 'chart 5' } })
    expect(others.map((item) => item.id)).not.toContain(second)
  })

  test('a new item lies where it was made, a variant where its original does', async () => {
    const { agent, items } = await filled('lies')
    const made: unknown = (
      await agent.post('/api/items').send({ body: items[0]?.body, category: 'Navigation/Lights' }).expect(201)
    ).body
    expect(made).toMatchObject({ category: 'Navigation/Lights' })
    const { id } = made as Item
    const variant: unknown = (await agent.post(`/api/items/${id}/variants`).send({ language: 'sv' }).expect(201)).body
    expect(variant).toMatchObject({ category: 'Navigation/Lights' })
  })
})

describe('many at once', () => {
  test('tags, points and outcome are set for all that a filter finds, and undone as one', async () => {
    const { agent, items } = await filled('bulk')
    const change = { addTags: ['autumn'], dropTags: ['lights'], outcome: 'P2' }
    const body: unknown = (
      await agent
        .post('/api/items/bulk')
        .send({ filter: { tag: 'lights' }, change })
        .expect(200)
    ).body
    expect(body).toMatchObject({ changed: 2, unchanged: 0, signOffsLost: 0 })
    expect((await facets(agent))['tag']).toEqual({ autumn: 2, knots: 1, charts: 1 })
    const { id } = body as { id: string }
    expect((await agent.post(`/api/items/bulk/${id}/undo`).expect(200)).body).toEqual({ restored: 2, left: 0 })
    expect((await facets(agent))['tag']).toEqual({ lights: 2, knots: 1, charts: 1 })
    await agent.post(`/api/items/bulk/${id}/undo`).expect(409)
    expect(items).toHaveLength(4)
  })

  test('undo leaves alone what somebody changed since', async () => {
    const { agent, items } = await filled('bulk-later')
    const ids = items.map((item) => item.id)
    const body: unknown = (
      await agent
        .post('/api/items/bulk')
        .send({ ids, change: { addTags: ['x'] } })
        .expect(200)
    ).body
    const [first] = await found(agent, 'sort=oldest')
    await agent
      .put(`/api/items/${first?.id}`)
      .send({ body: { ...first?.body, tags: ['mine'] }, revision: first?.revision })
      .expect(200)
    const undone = await agent.post(`/api/items/bulk/${(body as { id: string }).id}/undo`).expect(200)
    expect(undone.body).toEqual({ restored: 3, left: 1 })
    expect((await facets(agent))['tag']).toMatchObject({ mine: 1 })
  })

  test('signing off and deleting are undone too; points take sign-offs with them and say so', async () => {
    const { agent, items } = await filled('bulk-signed')
    const ids = items.map((item) => item.id)
    await signOff(agent, ids)
    const points = await agent
      .post('/api/items/bulk')
      .send({ ids, change: { points: 2 } })
      .expect(200)
    expect(points.body).toMatchObject({ changed: 4, signOffsLost: 4 })
    await agent.post(`/api/items/bulk/${(points.body as { id: string }).id}/undo`).expect(200)
    expect(await found(agent, 'signedOff=yes')).toHaveLength(4)
    const deleted = await agent
      .post('/api/items/bulk')
      .send({ ids, change: { deleted: true } })
      .expect(200)
    expect(await found(agent, '')).toHaveLength(0)
    await agent.post(`/api/items/bulk/${(deleted.body as { id: string }).id}/undo`).expect(200)
    expect(await found(agent, 'signedOff=yes')).toHaveLength(4)
  })

  test('keys are spread without touching their sign-off', async () => {
    const text = Array.from(
      { length: 8 },
      (_none, at) => `${at + 1}. Which wood is on deck ${at}?\na) ash\nb) elm\nc) oak\nd) fir\nAnswer: a\n`,
    ).join('\n')
    const { agent, items } = await filled('spread', text)
    const ids = items.map((item) => item.id)
    await signOff(agent, ids)
    const body: unknown = (await agent.post('/api/items/rebalance').send({ ids }).expect(200)).body
    expect(body).toMatchObject({ changed: 6, signOffsLost: 0 })
    const places = (await found(agent, 'sort=oldest')).map((item) =>
      item.body.options?.findIndex((option) => option.id === item.body.key?.[0]),
    )
    expect([0, 1, 2, 3].map((place) => places.filter((at) => at === place).length)).toEqual([2, 2, 2, 2])
    expect(await found(agent, 'signedOff=yes')).toHaveLength(8)
  })
})

describe('checks', () => {
  test('a finding is waived with a reason, and taken up again', async () => {
    const { agent, items } = await filled('waive')
    const item = items.find((one) => one.findings.some((finding) => finding.code === 'negative-unstressed'))
    const code = 'negative-unstressed'
    await agent.put(`/api/items/${item?.id}/waiver`).send({ code, reason: '' }).expect(400)
    const waived = await agent
      .put(`/api/items/${item?.id}/waiver`)
      .send({ code, reason: 'the negative is the point' })
      .expect(200)
    expect((waived.body as Item).findings).toMatchObject([{ code, waived: { reason: 'the negative is the point' } }])
    expect(await found(agent, `finding=${code}`)).toHaveLength(0)
    await agent.put(`/api/items/${item?.id}/waiver`).send({ code, reason: null }).expect(200)
    expect(await found(agent, `finding=${code}`)).toHaveLength(1)
  })

  test('a check that the workspace switched off says nothing', async () => {
    const { agent, items } = await filled('off')
    await agent
      .put('/api/session/settings')
      .send({ checksOff: ['negative-unstressed'], lookUp: 'https://find.example/?q={words}' })
      .expect(200)
    const codes = (await found(agent, '')).flatMap((item) => item.findings.map((finding) => finding.code))
    expect(codes).not.toContain('negative-unstressed')
    expect(items.flatMap((item) => item.findings.map((finding) => finding.code))).toContain('negative-unstressed')
    await agent.put('/api/session/settings').send({ lookUp: 'javascript:alert(1){words}' }).expect(400)
  })
})

describe('near duplicates and variants', () => {
  test('a reworded copy is found, an item of another subject is not', async () => {
    const { agent, items } = await filled('near')
    const [copy] = readDraft({ text: 'Which of the lights flashes twice?\na) Fl(2)\nb) Oc\nc) Q\nAnswer: a' }).items
    const [other] = readDraft({ text: 'What is slack water?\na) still water\nb) a loose rope\nAnswer: a' }).items
    const body: unknown = (
      await agent
        .post('/api/items/near')
        .send({ bodies: [copy?.item, other?.item] })
        .expect(200)
    ).body
    expect(body).toMatchObject([{ near: [{ itemId: items[0]?.id }] }, { near: [] }])
    expect((await agent.get(`/api/items/${items[0]?.id}/near`).expect(200)).body).toEqual({ near: [] })
  })

  test('a variant is linked, goes stale when its original changes, and is brought in line', async () => {
    const { agent, items } = await filled('variants')
    const original = items[0]
    const made = (await agent.post(`/api/items/${original?.id}/variants`).send({ language: 'sv' }).expect(201))
      .body as Item
    expect(made).toMatchObject({ variantOf: original?.id, stale: false, body: { language: 'sv' } })
    await agent
      .put(`/api/items/${original?.id}`)
      .send({ body: { ...original?.body, points: 5 }, revision: original?.revision })
      .expect(200)
    const get = async (id: string | undefined): Promise<Item> =>
      (await agent.get(`/api/items/${id}`).expect(200)).body as Item
    expect((await get(made.id)).stale).toBe(true)
    expect((await get(original?.id)).variants).toMatchObject([
      { itemId: made.id, language: 'sv', stale: true, reading: { index: 'lix' } },
    ])
    await agent.post(`/api/items/${made.id}/in-line`).expect(200)
    expect((await get(made.id)).stale).toBe(false)
  })
})

test('a translation goes out as XLIFF, and comes back as a variant that is changed the second time', async () => {
  const { agent, items } = await filled('xliff')
  const ids = [items[0]?.id ?? '']
  const out = (await agent.post('/api/items/translations/out').send({ ids, language: 'sv' }).expect(200)).body as {
    text: string
  }
  const answered = out.text.replace(
    /<source>Which light flashes twice\?<\/source>/,
    '$&<target>Vilken fyr blinkar två gånger?</target>',
  )
  const back: unknown = (await agent.post('/api/items/translations/back').send({ text: answered }).expect(200)).body
  expect(back).toMatchObject({ created: 1, updated: 0, unknown: 0 })
  const [variant] = await found(agent, 'language=sv')
  expect(JSON.stringify(variant?.body)).toContain('Vilken fyr blinkar')
  expect(variant).toMatchObject({ variantOf: ids[0], body: { key: ['a'] } })
  const again = answered.replace('två gånger', 'dubbelt')
  expect((await agent.post('/api/items/translations/back').send({ text: again }).expect(200)).body).toMatchObject({
    created: 0,
    updated: 1,
  })
  await agent.post('/api/items/translations/back').send({ text: '<tmx/>' }).expect(422)
  await agent.post('/api/items/translations/out').send({ ids, language: 'not a tag' }).expect(400)
})

describe('outcomes', () => {
  test('are read from a table, counted, and proposed by words', async () => {
    const { agent, items } = await filled('outcomes')
    await agent
      .put('/api/outcomes')
      .send({ text: 'code,statement\nP1,Reads lights and their flashes\nP1.1,Tells a group flash\nP2,Ties knots\n' })
      .expect(200)
    await agent
      .post('/api/items/bulk')
      .send({ ids: [items[0]?.id], change: { outcome: 'P1.1' } })
      .expect(200)
    const list = (await agent.get('/api/outcomes').expect(200)).body as {
      code: string
      itemCount: number
      parentId: string | null
      id: string
    }[]
    expect(list.map((one) => [one.code, one.itemCount])).toEqual([
      ['P1', 0],
      ['P1.1', 1],
      ['P2', 0],
    ])
    expect(list[1]?.parentId).toBe(list[0]?.id)
    const proposed = (await agent.get(`/api/outcomes/proposals/${items[1]?.id}`).expect(200)).body as { code: string }[]
    expect(proposed[0]?.code).toBe('P2')
    await agent.put('/api/outcomes').send({ text: '{"a":1}' }).expect(422)
  })
})
