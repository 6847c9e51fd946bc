import { strToU8, zipSync } from 'fflate'
import { startBreakwater, type RunningSite } from './index.ts'

let site: RunningSite
beforeAll(async () => {
  site = await startBreakwater({ port: 0, file: null, token: 'tok' })
})
afterAll(() => site.close())

const QTI = 'xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1"'
const PNG = Buffer.from('iVBORw0KGgo=', 'base64')
const item = (identifier: string, correct: string, body = ''): string =>
  `<assessmentItem ${QTI} identifier="${identifier}" title="${identifier}"><responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>${correct}</value></correctResponse></responseDeclaration><outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody>${body}<choiceInteraction responseIdentifier="RESPONSE" maxChoices="1"><simpleChoice identifier="a">oak</simpleChoice><simpleChoice identifier="b">rye</simpleChoice></choiceInteraction></itemBody><responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/></assessmentItem>`

function upload(
  items: Readonly<Record<string, string>>,
  more: Readonly<Record<string, Uint8Array>> = {},
): Uint8Array<ArrayBuffer> {
  const resources = Object.keys(items).map(
    (path) =>
      `<resource identifier="r-${path}" type="imsqti_item_xmlv2p1" href="${path}"><file href="${path}"/></resource>`,
  )
  return new Uint8Array(
    zipSync({
      'imsmanifest.xml': strToU8(
        `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="m"><organizations/><resources>${resources.join('')}</resources></manifest>`,
      ),
      ...Object.fromEntries(Object.entries(items).map(([path, xml]) => [path, strToU8(xml)])),
      ...more,
    }),
  )
}

interface Job {
  state: string
  why: string | null
  collectionId: string
  outcomes: { identifier: string; outcome: string; itemId: string }[]
}

async function call(path: string, init: RequestInit = {}): Promise<{ status: number; body: unknown }> {
  const answer = await fetch(site.url + path, { ...init, headers: { authorization: 'Bearer tok', ...init.headers } })
  return { status: answer.status, body: await answer.json().catch(() => null) }
}

const sent = (path: string, method: string, body: unknown) =>
  call(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })

async function imported(bytes: Uint8Array<ArrayBuffer>, query = ''): Promise<Job> {
  const { id } = (await call(`/api/imports?title=Tides${query}`, { method: 'POST', body: bytes })).body as {
    id: string
  }
  for (;;) {
    const job = (await call(`/api/imports/${id}`)).body as Job
    if (/done|failed/.test(job.state)) return job
    await new Promise((resolve) => setTimeout(resolve, 10))
  }
}

test('an item that is known by its name is replaced in place, a new one goes behind, one that is named goes out', async () => {
  const first = await imported(upload({ 'one.xml': item('one', 'a'), 'two.xml': item('two', 'a') }))
  const again = await imported(
    upload({ 'two.xml': item('two', 'b'), 'three.xml': item('three', 'a') }),
    `&appendTo=${first.collectionId}&without=one`,
  )
  expect(again.collectionId).toBe(first.collectionId)
  expect(again.outcomes.map(({ identifier, outcome }) => [identifier, outcome])).toEqual([
    ['two', 'replaced'],
    ['three', 'created'],
  ])
  expect(again.outcomes[0]?.itemId).toBe(first.outcomes[1]?.itemId)
  const { body } = await call(`/api/quizzes/${first.collectionId}/responses`)
  expect((body as { items: { identifier: string }[] }).items.map(({ identifier }) => identifier)).toEqual([
    'two',
    'three',
  ])
  const graded = await sent('/api/grade', 'POST', [
    { itemId: again.outcomes[0]?.itemId, responses: { RESPONSE: ['b'] } },
    { itemId: 'item-999', responses: {} },
  ])
  expect(graded.body).toEqual([
    { score: 1, points: 1 },
    { score: null, points: null },
  ])
})

test('into a bank, which is no quiz; to a collection that is not there, nothing', async () => {
  const job = await imported(upload({ 'one.xml': item('one', 'a') }), '&into=bank')
  expect((await call(`/api/collections/${job.collectionId}`)).body).toMatchObject({
    kind: 'bank',
    title: 'Tides',
    items: 1,
  })
  expect((await call(`/api/quizzes/${job.collectionId}/responses`)).status).toBe(404)
  const lost = await imported(upload({ 'one.xml': item('one', 'a') }), '&appendTo=quiz-77')
  expect(lost).toMatchObject({ state: 'failed', why: 'there is no quiz-77 to append to', outcomes: [] })
})

test.each<[string, Uint8Array<ArrayBuffer>, string]>([
  ['without a manifest', new Uint8Array(zipSync({ 'one.xml': strToU8('<a/>') })), 'the package has no imsmanifest.xml'],
  [
    'whose file is missing',
    new Uint8Array(
      zipSync({
        'imsmanifest.xml': strToU8(
          '<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1"><resources><resource type="imsqti_item_xmlv2p1" href="gone.xml"/></resources></manifest>',
        ),
      }),
    ),
    'the manifest names gone.xml, which is not in the package',
  ],
])('a package %s fails with its reason', async (_name, bytes, why) => {
  expect(await imported(bytes)).toMatchObject({ state: 'failed', why })
})

test('pictures come along and stand in the page; one that is missing is said by its text', async () => {
  const pictures = '<p><img src="../pictures/knot.png" alt="A knot"/><img src="gone.png" alt="A buoy"/></p>'
  const job = await imported(
    upload({ 'items/one.xml': item('one', 'a', pictures) }, { 'pictures/knot.png': new Uint8Array(PNG) }),
  )
  const page = await (await fetch(`${site.url}/quiz/${job.collectionId}`)).text()
  expect(page).toContain(`<img alt="A knot" src="data:image/png;base64,${PNG.toString('base64')}">`)
  expect(page).toContain('[A buoy]')
})

test('a quiz is closed, opened and taken away with its attempts', async () => {
  const job = await imported(upload({ 'one.xml': item('one', 'a') }), '&attempts=1')
  const quiz = `${site.url}/quiz/${job.collectionId}`
  const handIn = (student: string) => fetch(quiz, { method: 'POST', body: new URLSearchParams({ student }) })
  expect((await handIn('Bente')).status).toBe(200)
  const again = await handIn('Bente')
  expect([again.status, await again.text()]).toEqual([409, expect.stringContaining('handed in 1 of 1 times')])
  const close = (isClosed: boolean) => sent(`/api/collections/${job.collectionId}`, 'PATCH', { isClosed })
  expect((await close(true)).body).toMatchObject({ isClosed: true, attempts: 1 })
  expect((await handIn('Arvid')).status).toBe(410)
  expect(await (await fetch(quiz)).text()).toContain('This quiz is closed.')
  await close(false)
  expect((await handIn('Arvid')).status).toBe(200)
  expect((await call(`/api/collections/${job.collectionId}`, { method: 'DELETE' })).status).toBe(204)
  expect((await fetch(quiz)).status).toBe(404)
  expect((await call(`/api/collections/${job.collectionId}`)).status).toBe(404)
})

test('attempts made elsewhere are handed in, and are graded like any other', async () => {
  const job = await imported(upload({ 'one.xml': item('one', 'b') }))
  const itemId = job.outcomes[0]?.itemId ?? ''
  const at = '2026-03-02T08:00:00Z'
  const taken = await sent(`/api/quizzes/${job.collectionId}/attempts`, 'POST', [
    { student: 'Bente', submittedAt: at, answers: { [itemId]: ['b'] } },
    { student: 'Arvid', submittedAt: at, answers: { [itemId]: ['a'] } },
    { student: 'Odd', submittedAt: at, answers: {} },
  ])
  expect(taken).toEqual({ status: 201, body: { taken: 3 } })
  const { attempts } = (await call(`/api/quizzes/${job.collectionId}/responses`)).body as {
    attempts: { student: string; answers: Record<string, { score: number }> }[]
  }
  expect(attempts.map(({ student, answers }) => [student, answers[itemId]?.score])).toEqual([
    ['Bente', 1],
    ['Arvid', 0],
    ['Odd', 0],
  ])
  expect((await sent(`/api/quizzes/${job.collectionId}/attempts`, 'POST', {})).status).toBe(400)
  expect((await sent('/api/grade', 'POST', [{ itemId }])).status).toBe(400)
})
