import { readDraft } from '@zakuska/core'
import { readFile, unpackZip } from '@zakuska/documents'
import type request from 'supertest'
import { startServer, type RunningServer } from './testing/running-server.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

type Agent = ReturnType<typeof request.agent>
interface Paper {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly entries: readonly { readonly itemId: string; readonly points: number }[]
}

const TEXT =
  '1. Which knot makes a fixed loop?\na) bowline\nb) reef knot\nAnswer: a\n\n' +
  '2. True or false: A sheet bend joins two ropes.\nAnswer: True\n\n' +
  '3. How many metres are in a nautical mile?\nAnswer: 1852\n'

async function withPaper(name: string, isSigned = true): Promise<{ readonly agent: Agent; readonly paper: Paper }> {
  const agent = await server.signIn(name)
  const ids: string[] = []
  for (const { item } of readDraft({ text: TEXT }).items)
    ids.push(((await agent.post('/api/items').send({ body: item }).expect(201)).body as { readonly id: string }).id)
  const shown = Object.fromEntries(ids.map((id) => [id, 1]))
  if (isSigned)
    await agent
      .post('/api/items/bulk')
      .send({ ids, shown, change: { signedOff: true } })
      .expect(200)
  const paper = (await agent.post('/api/papers').send({ title: 'Knots', itemIds: ids }).expect(201)).body as Paper
  return { agent, paper }
}

/** The body of a file, as it comes. */
async function bytesOf(agent: Agent, path: string): Promise<Uint8Array> {
  const answer = await agent
    .get(path)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = []
      response.on('data', (part: Buffer) => parts.push(part))
      response.on('end', () => done(null, Buffer.concat(parts)))
    })
    .expect(200)
  return new Uint8Array(answer.body as Buffer)
}

describe('print', () => {
  test.each([
    ['pdf', '%PDF-'],
    ['docx', 'PK'],
    ['pptx', 'PK'],
  ])('a paper as %s', async (form, start) => {
    const { agent, paper } = await withPaper(`print-${form}`)
    const bytes = await bytesOf(agent, `/api/papers/${paper.id}/print?form=${form}&what=paper&size=A4&versions=this`)
    expect(Buffer.from(bytes.subarray(0, start.length)).toString('latin1')).toBe(start)
  })

  test('what is printed reads back as what is on the paper', async () => {
    const { agent, paper } = await withPaper('print-and-read')
    const bytes = await bytesOf(agent, `/api/papers/${paper.id}/print?form=docx&what=paper&size=A4&versions=this`)
    const contents = await readFile(bytes)
    if (contents.kind !== 'draft') throw new Error('It is no document.')
    for (const word of ['Which knot makes a fixed loop?', 'bowline', 'A sheet bend joins two ropes', 'nautical mile'])
      expect(contents.source.text).toContain(word)
    expect(contents.source.text).not.toContain('1852')
  })

  test('versions that are not drawn, forms that there are not, and papers of others', async () => {
    const { agent, paper } = await withPaper('print-nothing')
    const path = `/api/papers/${paper.id}/print`
    const refused = await agent.get(`${path}?form=pdf&what=paper&size=A4&versions=all`).expect(422)
    expect((refused.body as { readonly message: string }).message).toBe('No version of this paper is drawn yet.')
    await agent.get(`${path}?form=exe&what=paper&size=A4&versions=this`).expect(400)
    const other = await server.signIn('print-of-others')
    await other.get(`${path}?form=pdf&what=paper&size=A4&versions=this`).expect(404)
  })
})

describe('files', () => {
  test.each(['gift', 'aiken', 'qti12', 'qti21', 'qti22', 'qti30', 'cc13', 'csv', 'xlsx'])(
    'a paper as %s holds its items, and its keys are proven',
    async (to) => {
      const { agent, paper } = await withPaper(`file-${to}`)
      const contents = await readFile(await bytesOf(agent, `/api/papers/${paper.id}/file?formats=${to}`))
      // Aiken has single choice alone, and true or false as one; a cartridge has no numbers.
      const least = to === 'aiken' || to === 'cc13' ? 2 : 3
      const count = contents.kind === 'items' ? contents.result.items.length : readDraft(contents.source).items.length
      expect(count).toBeGreaterThanOrEqual(least)
      if (to === 'csv' || to === 'xlsx') return
      const answer = await agent.get(`/api/papers/${paper.id}/proof?formats=${to}`).expect(200)
      const [proof] = answer.body as readonly { readonly probes: number; readonly wrong: readonly string[] }[]
      expect(proof).toMatchObject({ wrong: [] })
      expect(proof?.probes).toBeGreaterThan(3)
    },
  )

  test('what nobody signed off stays behind, unless it is asked for', async () => {
    const { agent, paper } = await withPaper('file-unsigned', false)
    const refused = await agent.get(`/api/papers/${paper.id}/file?formats=gift`)
    expect(refused.status).toBe(422)
    expect((refused.body as { readonly message: string }).message).toMatch(/none of its items is signed off/)
    const contents = await readFile(await bytesOf(agent, `/api/papers/${paper.id}/file?formats=gift&unsigned=true`))
    expect(contents.kind === 'items' && contents.result.items).toHaveLength(3)
  })

  test('a zip that is asked for is one, with safe names', async () => {
    const { agent, paper } = await withPaper('file-names')
    const given = {
      title: '../../Knots: "week 2"',
      instructions: '',
      entries: paper.entries.map((one) => ({ ...one, required: false })),
    }
    await agent
      .put(`/api/papers/${paper.id}`)
      .send({ ...given, shuffleItems: false, shuffleOptions: false, version: paper.version })
      .expect(200)
    const answer = await agent.get(`/api/papers/${paper.id}/file?formats=qti21`).expect(200)
    expect(answer.headers['content-disposition']).not.toMatch(/\.\.|\//)
    const files = unpackZip(await bytesOf(agent, `/api/papers/${paper.id}/file?formats=qti21`))
    expect(files.some(({ path }) => path === 'imsmanifest.xml')).toBe(true)
    expect(files.every(({ path }) => !path.startsWith('/') && !path.includes('..'))).toBe(true)
  })
})

describe('what lies at each station', () => {
  test('is counted, without what was deleted and what is of others', async () => {
    const { agent, paper } = await withPaper('counts')
    const counts = async (): Promise<unknown> => (await agent.get('/api/session/counts').expect(200)).body as unknown
    const draft = (await agent.post('/api/drafts').send({ title: 'One', text: TEXT, styles: [] }).expect(201)).body as {
      readonly id: string
    }
    expect(await counts()).toEqual({ drafts: 1, bank: 3, papers: 1, dispatch: 0, results: 0 })
    await agent.delete(`/api/drafts/${draft.id}`).expect(204)
    await agent.delete(`/api/papers/${paper.id}`).expect(204)
    expect(await counts()).toEqual({ drafts: 0, bank: 3, papers: 0, dispatch: 0, results: 0 })
    await agent.post(`/api/papers/${paper.id}/undelete`).expect(204)
    expect(await counts()).toMatchObject({ papers: 1 })
    const other = await server.signIn('counts-of-others')
    expect((await other.get('/api/session/counts').expect(200)).body).toMatchObject({ bank: 0, papers: 0 })
  })
})

describe('outcomes', () => {
  // 1EdTech CASE 1.0: a package of CFItems, joined by CFAssociations of the type isChildOf (from memory).
  test('come from the open CASE format, parents before children; another file takes their place', async () => {
    const agent = await server.signIn('case')
    const item = (id: string, code: string, statement: string): object => ({
      identifier: id,
      humanCodingScheme: code,
      fullStatement: statement,
    })
    const child = (from: string, to: string): object => ({
      associationType: 'isChildOf',
      originNodeURI: { identifier: from },
      destinationNodeURI: { identifier: to },
    })
    const text = JSON.stringify({
      CFDocument: { identifier: 'd', title: 'Pilotage' },
      CFItems: [item('b', 'P1.1', 'Measures distances'), item('a', 'P1', 'Works on the chart')],
      CFAssociations: [child('b', 'a'), child('a', 'd')],
    })
    const list = (await agent.put('/api/outcomes').send({ text }).expect(200)).body as {
      readonly id: string
      readonly code: string
      readonly parentId: string | null
    }[]
    expect(list.map(({ code }) => code)).toEqual(['P1', 'P1.1'])
    expect(list[1]?.parentId).toBe(list[0]?.id)
    await agent.put('/api/outcomes').send({ text: 'code,statement\nX,Something else\n' }).expect(200)
    const now = (await agent.get('/api/outcomes').expect(200)).body as readonly { readonly code: string }[]
    expect(now.map(({ code }) => code)).toEqual(['X'])
  })
})

describe('the record', () => {
  test('goes back page by page, newest first, and holds no line of another workspace', async () => {
    const { agent } = await withPaper('record')
    for (let at = 0; at < 4; at++) {
      const paper = (
        await agent
          .post('/api/papers')
          .send({ title: `Paper ${at}`, itemIds: [] })
          .expect(201)
      ).body as Paper
      await agent.delete(`/api/papers/${paper.id}`).expect(204)
    }
    const { entries } = (await agent.get('/api/workspace/record?text=deleted').expect(200)).body as {
      readonly entries: readonly { readonly id: string; readonly says: string; readonly by: string }[]
    }
    expect(entries.length).toBeGreaterThanOrEqual(4)
    expect(entries[0]?.says).toContain('Paper 3')
    const older = (await agent.get(`/api/workspace/record?before=${entries[1]?.id}`).expect(200))
      .body as typeof entries extends never ? never : { readonly entries: typeof entries }
    expect(older.entries.some(({ id }) => id === entries[0]?.id)).toBe(false)
    const other = await server.signIn('record-of-others')
    const none = (await other.get('/api/workspace/record?text=Paper').expect(200)).body as {
      readonly entries: unknown[]
    }
    expect(none.entries).toEqual([])
  })
})

describe('pictures', () => {
  const PNG = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  const post = (agent: Agent, bytes: Buffer) =>
    agent.post('/api/assets').set('content-type', 'application/octet-stream').send(bytes)

  test('are kept as they are, shown to their workspace, and cached there only', async () => {
    const agent = await server.signIn('pictures')
    const { id } = (await post(agent, PNG).expect(201)).body as { readonly id: string }
    const shown = await agent.get(`/api/assets/${id}`).expect(200)
    expect(shown.headers['content-type']).toBe('image/png')
    expect(shown.headers['cache-control']).toContain('private')
    expect(shown.headers['x-content-type-options']).toBe('nosniff')
    expect(Buffer.from(shown.body as Buffer).equals(PNG)).toBe(true)
    const other = await server.signIn('pictures-of-others')
    await other.get(`/api/assets/${id}`).expect(404)
    // Nobody made it public.
    await other.get(`/pictures/${id}`).expect(404)
  })
  test('what is none, and what is too large, is said', async () => {
    const agent = await server.signIn('no-pictures')
    const none = await post(agent, Buffer.from('<svg onload="x()"/>'))
    expect(none.status).toBe(400)
    const large = await post(agent, Buffer.concat([PNG, Buffer.alloc(6 * 1024 * 1024)]))
    expect(large.status).toBeGreaterThanOrEqual(400)
    expect((large.body as { readonly message: string }).message).toMatch(/large|MB/)
  })
})
