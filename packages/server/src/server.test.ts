import { randomUUID } from 'node:crypto'
import { fingerprint, type Item as CoreItem } from '@zakuska/core'
import { readFile } from '@zakuska/documents'
import request from 'supertest'
import { PNG } from './testing/picture.ts'
import { addPerson, PASSWORD, startServer, TOKEN, type RunningServer } from './testing/running-server.ts'

// Deliveries wait for jobs, which a busy machine is slow to start.
jest.setTimeout(30_000)

let server: RunningServer
let iris: ReturnType<typeof request.agent>
let other: ReturnType<typeof request.agent>

beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('iris')
  other = await server.signIn('other')
})
afterAll(() => server.stop())

const TEXT =
  '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye is a grain.\nAnswer: True\n\n3. Which is a tree?\na) oak\nb) rye\n'

interface Followed {
  ref: string
  from: number
  to: number
  fingerprint: string
  signOff: { by: string; at: string } | null
  bankItemId: string | null
  lostSignOff: object | null
}
interface Draft {
  id: string
  title: string
  text: string
  version: number
  followed: Followed[]
  itemCount: number
  signedCount: number
  troubleCount: number
}
interface Item {
  id: string
  revision: number
  body: Record<string, unknown>
  signOff: object | null
}

async function newDraft(text = TEXT): Promise<Draft> {
  return (await iris.post('/api/drafts').send({ title: '', text }).expect(201)).body as Draft
}

function saving(draft: Draft, change: { text?: string; signed?: number[] }) {
  return {
    title: draft.title,
    text: change.text ?? draft.text,
    version: draft.version,
    followed: draft.followed.map(({ ref, from, to, fingerprint, signOff }, index) => ({
      ref,
      from,
      to,
      fingerprint,
      signedOff: change.signed?.includes(index) ?? signOff !== null,
    })),
  }
}

async function bankOf(text: string): Promise<Item[]> {
  const draft = await newDraft(text)
  await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true }).expect(200)
  const page = (await iris.get('/api/items?limit=500').expect(200)).body as { items: Item[] }
  return page.items
}

describe('accounts', () => {
  test('nothing is answered without a sign-in', async () => {
    for (const path of ['/api/drafts', '/api/items', '/api/papers', '/api/deliveries'])
      await request(server.app.getHttpServer()).get(path).expect(401)
  })

  test('an unknown address and a wrong password get the same answer', async () => {
    const email = `known-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'known', email)
    const answers = await Promise.all(
      [
        [email, 'wrong'],
        ['nobody@example.test', 'wrong'],
      ].map(([address, password]) =>
        request(server.app.getHttpServer()).post('/api/session').send({ email: address, password }),
      ),
    )
    expect(answers.map((answer) => [answer.status, (answer.body as { message: string }).message])).toEqual([
      [401, 'The address or the password is not right.'],
      [401, 'The address or the password is not right.'],
    ])
  })

  test('the session cookie is not for scripts, and only for this site', async () => {
    const email = `cookie-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'cookie', email)
    const answer = await request(server.app.getHttpServer())
      .post('/api/session')
      .send({ email, password: PASSWORD })
      .expect(200)
    expect(String(answer.headers['set-cookie'])).toMatch(/HttpOnly.*SameSite=Lax/)
  })

  test('a change asked for by another site is refused', async () => {
    await iris.post('/api/drafts').set('origin', 'http://evil.example').send({ title: 'x', text: '' }).expect(403)
    await iris.post('/api/drafts').set('sec-fetch-site', 'cross-site').send({ title: 'x', text: '' }).expect(403)
  })

  test('after the sign-out nothing is answered', async () => {
    const agent = await server.signIn('leaving')
    await agent.delete('/api/session').expect(204)
    await agent.get('/api/session').expect(204)
  })

  test('bad input gets one clear sentence', async () => {
    const answer = await request(server.app.getHttpServer())
      .post('/api/session')
      .send({ email: 'x', password: '' })
      .expect(400)
    expect((answer.body as { message: string }).message).toContain('Give an e-mail address')
  })
})

test('too many sign-ins in a minute are held off', async () => {
  const strict = await startServer({ signInsPerMinute: 3, proxies: 1 })
  try {
    const tries = []
    const address = `10.${Math.floor(Math.random() * 250)}.${Math.floor(Math.random() * 250)}.7`
    for (let turn = 0; turn < 5; turn++)
      tries.push(
        (
          await request(strict.app.getHttpServer())
            .post('/api/session')
            .set('x-forwarded-for', address)
            .send({ email: 'a@example.test', password: 'x' })
        ).status,
      )
    expect(tries).toEqual([401, 401, 401, 429, 429])
  } finally {
    await strict.stop()
  }
})

describe('another workspace', () => {
  test('its rows are simply not there', async () => {
    const draft = await newDraft()
    const [item] = await bankOf(TEXT)
    const paper = (
      await iris
        .post('/api/papers')
        .send({ title: 'P', itemIds: [item?.id] })
        .expect(201)
    ).body as { id: string }
    for (const path of [
      `/api/drafts/${draft.id}`,
      `/api/items/${item?.id}`,
      `/api/items/${item?.id}/history`,
      `/api/papers/${paper.id}`,
      `/api/papers/${paper.id}/file?formats=gift`,
      `/api/deliveries/${randomUUID()}`,
    ])
      await other.get(path).expect(404)
    await other.put(`/api/drafts/${draft.id}`).send(saving(draft, {})).expect(404)
    await other.delete(`/api/items/${item?.id}`).expect(404)
    const site = { destination: 'breakwater', name: 'Site', url: server.breakwater.url, token: TOKEN }
    const connected = async (agent: typeof iris) =>
      ((await agent.post('/api/connections').send(site).expect(201)).body as { id: string }).id
    const [own, theirs] = [await connected(other), await connected(iris)]
    const send = (connectionId: string) =>
      other
        .post('/api/deliveries')
        .send({ id: randomUUID(), paperId: paper.id, connectionId, into: 'new', includeUnsigned: true })
    await send(own).expect(404)
    await send(theirs).expect(404)
    await other.get(`/api/connections/${theirs}/places`).expect(404)
    await other.delete(`/api/connections/${theirs}`).expect(404)
    expect(((await other.get('/api/items').expect(200)).body as { total: number }).total).toBe(0)
  })

  test('another workspace’s items do not get onto a paper', async () => {
    const [item] = await bankOf(TEXT)
    const paper = (
      await other
        .post('/api/papers')
        .send({ title: 'P', itemIds: [item?.id] })
        .expect(201)
    ).body as { itemCount: number }
    expect(paper.itemCount).toBe(0)
  })
})

describe('drafts', () => {
  test('are read again on the server, and take their title from the text', async () => {
    const draft = await newDraft(`Bread and grain\n\n${TEXT}`)
    expect(draft).toMatchObject({ title: 'Bread and grain', itemCount: 3, signedCount: 0, troubleCount: 1 })
  })

  test('a sign-off is stamped with who and when, and is lost when the key changes', async () => {
    const draft = await newDraft()
    const signed = (
      await iris
        .put(`/api/drafts/${draft.id}`)
        .send(saving(draft, { signed: [0] }))
        .expect(200)
    ).body as Draft
    expect(signed.followed[0]?.signOff).toMatchObject({ by: 'iris' })
    const changed = (
      await iris
        .put(`/api/drafts/${draft.id}`)
        .send(saving(signed, { text: TEXT.replace('Answer: b', 'Answer: a') }))
        .expect(200)
    ).body as Draft
    expect(changed.followed[0]).toMatchObject({
      ref: signed.followed[0]?.ref,
      signOff: null,
      lostSignOff: { by: 'iris' },
    })
  })

  test('saving over a newer version is refused, and nothing is changed', async () => {
    const draft = await newDraft()
    await iris
      .put(`/api/drafts/${draft.id}`)
      .send(saving(draft, { text: 'one' }))
      .expect(200)
    await iris
      .put(`/api/drafts/${draft.id}`)
      .send(saving(draft, { text: 'two' }))
      .expect(409)
    expect(((await iris.get(`/api/drafts/${draft.id}`)).body as Draft).text).toBe('one')
  })

  test('only signed items go to the bank unless all are asked for, and going again updates', async () => {
    const draft = await newDraft()
    await iris
      .put(`/api/drafts/${draft.id}`)
      .send(saving(draft, { signed: [0] }))
      .expect(200)
    const first = (await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: false }).expect(200))
      .body as { created: number; leftOut: object[]; draft: Draft }
    expect(first).toMatchObject({ created: 1, updated: 0, leftOut: [{ line: 6, why: 'Not signed off.' }, { line: 9 }] })
    const again = (await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true }).expect(200))
      .body as { created: number; unchanged: number; draft: Draft }
    expect(again).toMatchObject({ created: 2, updated: 0, unchanged: 1 })
    await iris
      .put(`/api/drafts/${draft.id}`)
      .send(saving(again.draft, { text: TEXT.replace('Which is a grain', 'Which one is a grain') }))
      .expect(200)
    expect(
      (await iris.post(`/api/drafts/${draft.id}/bank`).send({ includeUnsigned: true }).expect(200)).body,
    ).toMatchObject({ created: 0, updated: 1, unchanged: 2 })
  })

  test('new items lie in the category that was asked for, and take it along as GIFT', async () => {
    const draft = await newDraft()
    await iris
      .post(`/api/drafts/${draft.id}/bank`)
      .send({ includeUnsigned: true, category: ' Week 1 /Words' })
      .expect(200)
    const { items } = (await iris.get('/api/items?category=Week 1').expect(200)).body as { items: { id: string }[] }
    expect(items).toHaveLength(3)
    const itemIds = items.map((item) => item.id)
    const paper = (await iris.post('/api/papers').send({ title: 'Words', itemIds }).expect(201)).body as { id: string }
    const file = await iris.get(`/api/papers/${paper.id}/file?formats=gift&unsigned=true`).responseType('blob')
    expect((file.body as Buffer).toString().match(/\$CATEGORY.*/g)).toEqual([
      '$CATEGORY: Words',
      '$CATEGORY: Words/Week 1/Words',
    ])
  })

  test('deleting is undone', async () => {
    const draft = await newDraft()
    await iris.delete(`/api/drafts/${draft.id}`).expect(204)
    await iris.get(`/api/drafts/${draft.id}`).expect(404)
    await iris.post(`/api/drafts/${draft.id}/undelete`).expect(204)
    await iris.get(`/api/drafts/${draft.id}`).expect(200)
  })
})

describe('files', () => {
  const bytes = (text: string): Buffer => Buffer.from(text)
  const open = (body: Buffer) => iris.post('/api/files').set('content-type', 'application/octet-stream').send(body)

  test('a file is opened by its contents, a table with its blocks', async () => {
    const csv = 'Question,A,B,Correct\nWhich of them is a grain?,oak,rye,B\nWhich of them is a tree?,oak,rye,A\n'
    const { body } = (await open(bytes(csv)).expect(200)) as { body: { type: string; text: string; blocks: object[] } }
    expect(body).toMatchObject({ type: 'csv', blocks: [{ type: 'table' }] })
    expect(body.text).toContain('1. Which of them is a grain?')
    expect((await open(bytes('1. Which?\na) oak')).expect(200)).body).toMatchObject({ type: 'text', notes: [] })
  })

  test('the pictures of a file are kept with the draft, and only for its workspace', async () => {
    const png = PNG
    const page = `<html><body><p>1. What is shown? <img src="data:image/png;base64,${png.toString('base64')}" alt="a ketch"></p><p>Answer: a ketch</p></body></html>`
    const { body } = (await open(bytes(page)).expect(200)) as { body: { text: string } }
    const id = /!\[a ketch\]\(asset:([\da-f-]{36})\)/.exec(body.text)?.[1] ?? ''
    expect((await iris.get(`/api/assets/${id}`).expect(200)).body).toEqual(png)
    await other.get(`/api/assets/${id}`).expect(404)
  })

  test('what cannot be read is one clear line', async () => {
    expect(((await open(bytes('PK\u0003\u0004')).expect(422)).body as { message: string }).message).toMatch(/broken/)
    await iris.post('/api/files').send({ text: 'x' }).expect(400)
  })

  test('a draft keeps its dress and its key text, and is read by them', async () => {
    const text = '1. Which is a grain?\na) oak\nb) rye\n\n2. Which is a tree?\na) oak\nb) rye\n'
    const at = text.indexOf('rye')
    const styles = [{ from: at, to: at + 3, style: 'highlight' }]
    const made = (await iris.post('/api/drafts').send({ title: 'Dressed', text, styles, keyText: '2. a' }).expect(201))
      .body as Draft
    expect(made).toMatchObject({ styles, keyText: '2. a', itemCount: 2, troubleCount: 0 })
    expect((await iris.get(`/api/drafts/${made.id}`).expect(200)).body).toMatchObject({ styles, keyText: '2. a' })
    await iris
      .post('/api/drafts')
      .send({ title: '', text, styles: [{ from: 0, to: 1, style: 'blink' }] })
      .expect(400)
  })

  test('what lines are said to be is kept with the draft, and the draft is read by it', async () => {
    const text = '1. Which is a grain?\na) oak\nb) rye\nRye it is.\n'
    const from = text.indexOf('Rye it is')
    const taught = [{ from, to: from + 10, part: 'feedback', alike: true }]
    const made = (await iris.post('/api/drafts').send({ title: 'Taught', text, taught }).expect(201)).body as Draft
    expect(made).toMatchObject({ taught, notation: null })
    const { version } = made
    const rules = [{ look: { sort: 'plain', sign: '§' }, was: 'out', part: 'key' }]
    const notation = { name: 'Signs', rules }
    const save = { title: 'Taught', text, taught: [], notation, followed: [], version }
    await iris.put(`/api/drafts/${made.id}`).send(save).expect(200)
    expect((await iris.get(`/api/drafts/${made.id}`).expect(200)).body).toMatchObject({ taught: [], notation })
    const outside = { title: '', text: 'one', taught: [{ from: 2, to: 9, part: 'key', alike: true }] }
    expect((await iris.post('/api/drafts').send(outside).expect(201)).body).toMatchObject({ taught: [] })
    await iris
      .post('/api/drafts')
      .send({ title: '', text, taught: [{ from: 0, to: 3, part: 'riddle', alike: true }] })
      .expect(400)
  })

  test('a notation is kept by name, replaced by its name, and belongs to its workspace', async () => {
    const rule = { look: { sort: 'plain', sign: '§§' }, was: 'option', part: 'key' }
    await iris.put('/api/notations').send({ name: 'Two signs', rules: [] }).expect(200)
    const again = { name: ' Two signs ', rules: [rule] }
    const kept = (await iris.put('/api/notations').send(again).expect(200)).body as { id: string }
    expect((await iris.get('/api/notations').expect(200)).body).toEqual([
      { id: kept.id, name: 'Two signs', rules: [rule] },
    ])
    expect((await other.get('/api/notations').expect(200)).body).toEqual([])
    await other.delete(`/api/notations/${kept.id}`).expect(404)
    for (const bad of [
      { ...rule, was: 'riddle' },
      { ...rule, look: {} },
      { ...rule, look: { sort: 'x'.repeat(81) } },
    ])
      await iris
        .put('/api/notations')
        .send({ name: 'Bad', rules: [bad] })
        .expect(400)
    await iris.delete(`/api/notations/${kept.id}`).expect(204)
    expect((await iris.get('/api/notations').expect(200)).body).toEqual([])
  })

  test('a column layout is kept by name, replaced by its name, and belongs to its workspace', async () => {
    const layout = { roles: ['stem', 'option', 'option', 'key'], leadingRows: 1, keyForm: 'letter' }
    await iris.put('/api/files/layouts').send({ name: 'Workshop', layout }).expect(200)
    const body = (
      await iris
        .put('/api/files/layouts')
        .send({ name: 'Workshop', layout: { ...layout, leadingRows: 2 } })
        .expect(200)
    ).body as { id: string }
    const listed = (await iris.get('/api/files/layouts').expect(200)).body as object[]
    expect(listed).toEqual([{ id: body.id, name: 'Workshop', layout: { ...layout, leadingRows: 2 } }])
    expect((await other.get('/api/files/layouts').expect(200)).body).toEqual([])
    await other.delete(`/api/files/layouts/${body.id}`).expect(404)
    await iris
      .put('/api/files/layouts')
      .send({ name: 'Bad', layout: { ...layout, roles: ['riddle'] } })
      .expect(400)
    await iris.delete(`/api/files/layouts/${body.id}`).expect(204)
  })

  test('a picture is told by its bytes, kept, and shown to its workspace alone', async () => {
    const png = PNG
    const keep = (body: Buffer) => iris.post('/api/assets').set('content-type', 'application/octet-stream').send(body)
    const { id } = (await keep(png).expect(201)).body as { id: string }
    const shown = await iris.get(`/api/assets/${id}`).expect(200).expect('content-type', 'image/png')
    expect(Buffer.compare(shown.body as Buffer, png)).toBe(0)
    await other.get(`/api/assets/${id}`).expect(404)
    await keep(bytes('<svg onload="alert(1)"/>')).expect(400)
    // One that only begins as a picture, and one that says it is larger than anything that is printed.
    await keep(png.subarray(0, 40)).expect(422)
    const large = Buffer.from(png)
    large.writeUInt32BE(20_000, 16)
    large.writeUInt32BE(20_000, 20)
    expect((await keep(large).expect(422)).body).toMatchObject({
      message: expect.stringContaining('20,000 × 20,000 pixels') as string,
    })
  })
})

describe('bank', () => {
  const body = {
    kind: 'truefalse',
    stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'A zander is a freshwater fish.' }] }],
    points: 1,
    tags: ['fish'],
    key: [true],
  }

  test('an item is found by the start of a word, its kind and its tag', async () => {
    const item = (await iris.post('/api/items').send({ body }).expect(201)).body as Item
    for (const query of [
      'text=zand',
      'text=freshw%20zander',
      'tag=fish',
      'kind=truefalse&text=zander',
      'signedOff=no&text=zander',
    ])
      expect(
        ((await iris.get(`/api/items?${query}`).expect(200)).body as { items: Item[] }).items.map((one) => one.id),
      ).toContain(item.id)
    expect(((await iris.get('/api/items?text=zander&kind=single').expect(200)).body as { total: number }).total).toBe(0)
  })

  test('words that a query language would read are only words', async () => {
    for (const text of ["'", '& | !', ':*', 'a & b) or (', '%'])
      await iris.get('/api/items').query({ text }).expect(200)
  })

  test('every change is a revision, an old one can be restored, and the sign-off goes with the key', async () => {
    const item = (await iris.post('/api/items').send({ body }).expect(201)).body as Item
    await iris
      .put(`/api/items/${item.id}/sign-off`)
      .send({ signedOff: true, remark: 'seen', fingerprint: fingerprint(item.body as unknown as CoreItem) })
      .expect(200)
    const tagged = (
      await iris
        .put(`/api/items/${item.id}`)
        .send({ body: { ...body, tags: ['fish', 'lake'] }, revision: 1 })
        .expect(200)
    ).body as Item
    expect(tagged).toMatchObject({ revision: 2, signOff: { by: 'iris', remark: 'seen' } })
    const turned = (
      await iris
        .put(`/api/items/${item.id}`)
        .send({ body: { ...body, key: [false] }, revision: 2 })
        .expect(200)
    ).body as Item
    expect(turned).toMatchObject({ revision: 3, signOff: null })
    await iris.put(`/api/items/${item.id}`).send({ body, revision: 1 }).expect(409)
    await iris.post(`/api/items/${item.id}/restore`).send({ number: 1 }).expect(200)
    const history = (await iris.get(`/api/items/${item.id}/history`).expect(200)).body as {
      number: number
      says: string
    }[]
    expect(history.map((one) => one.number)).toEqual([4, 3, 2, 1])
    expect(history[1]?.says).toBe('key, tags')
  })

  test.each<[string, object]>([
    ['a key that is not there', { ...body, kind: 'single', options: [], key: ['z'], shuffle: true }],
    ['a script', { ...body, stem: [{ type: 'script', text: 'alert(1)' }] }],
    ['no item', { a: 1 }],
  ])('%s is refused', async (_name, wrong) => {
    const answer = await iris.post('/api/items').send({ body: wrong }).expect(422)
    expect((answer.body as { message: string }).message).toMatch(/cannot be kept/)
  })
})

describe('papers and files', () => {
  test('a paper keeps its order and points, and refuses an item twice', async () => {
    const items = await bankOf(TEXT)
    const paper = (
      await iris
        .post('/api/papers')
        .send({ title: 'P', itemIds: items.slice(0, 2).map((item) => item.id) })
        .expect(201)
    ).body as { id: string; entries: { itemId: string }[]; version: number }
    const entries = [...paper.entries]
      .reverse()
      .map((entry, index) => ({ itemId: entry.itemId, points: index + 2, required: true }))
    const given = { title: 'P2', instructions: 'Go.', entries, shuffleItems: false, shuffleOptions: true, version: 1 }
    expect((await iris.put(`/api/papers/${paper.id}`).send(given).expect(200)).body).toMatchObject({
      title: 'P2',
      points: 5,
      entries,
      version: 2,
    })
    await iris
      .put(`/api/papers/${paper.id}`)
      .send({ ...given, version: 2, entries: [entries[0], entries[0]] })
      .expect(400)
    await iris.put(`/api/papers/${paper.id}`).send(given).expect(409)
  })

  test.each(['gift', 'qti21'])(
    'the %s file reads back to the paper’s items; unsigned ones only on demand',
    async (format) => {
      const items = (await bankOf(TEXT)).filter((item) => (item.body['key'] as unknown[]).length > 0).slice(0, 2)
      const paper = (
        await iris
          .post('/api/papers')
          .send({ title: 'File', itemIds: items.map((item) => item.id) })
          .expect(201)
      ).body as { id: string }
      const get = async (unsigned: boolean): Promise<number> => {
        const answer = await iris
          .get(`/api/papers/${paper.id}/file?formats=${format}&unsigned=${unsigned}`)
          .responseType('blob')
          .expect(unsigned ? 200 : 422)
        const proof: unknown = (
          await iris.get(`/api/papers/${paper.id}/proof?formats=${format},csv&unsigned=${unsigned}`).expect(200)
        ).body
        expect(proof).toMatchObject([{ format, sent: unsigned ? 2 : 0, wrong: [] }])
        if (!unsigned) return 0
        const contents = await readFile(new Uint8Array(answer.body as Buffer))
        return contents.kind === 'items' ? contents.result.items.length : -1
      }
      expect(await get(true)).toBe(2)
      expect(await get(false)).toBe(0)
      await iris.get(`/api/papers/${paper.id}/file?formats=pdf`).expect(422)
    },
  )
})
