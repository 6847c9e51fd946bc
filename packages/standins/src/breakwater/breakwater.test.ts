import { strToU8, zipSync } from 'fflate'
import { Faults } from '../shared/faults.ts'
import { serve } from '../shared/serve.ts'
import { startBreakwater, type RunningSite } from './index.ts'
import { createSite } from './site.ts'
import { openStore } from './store.ts'

let site: RunningSite
beforeAll(async () => {
  site = await startBreakwater({ port: 0, file: null, token: 'tok' })
})
afterAll(() => site.close())

const QTI = 'xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1"'
const item = (identifier: string, correct: string): string =>
  `<assessmentItem ${QTI} identifier="${identifier}" title="${identifier}"><responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>${correct}</value></correctResponse></responseDeclaration><outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody><choiceInteraction responseIdentifier="RESPONSE" maxChoices="1"><prompt>Which &lt;one&gt;?</prompt><simpleChoice identifier="a">oak</simpleChoice><simpleChoice identifier="b">rye</simpleChoice></choiceInteraction></itemBody><responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/></assessmentItem>`

function upload(items: Record<string, string>): Uint8Array<ArrayBuffer> {
  const resources = Object.keys(items)
    .map(
      (path) =>
        `<resource identifier="r-${path}" type="imsqti_item_xmlv2p1" href="${path}"><file href="${path}"/></resource>`,
    )
    .join('')
  const manifest = `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="m"><organizations/><resources>${resources}</resources></manifest>`
  return new Uint8Array(
    zipSync({
      'imsmanifest.xml': strToU8(manifest),
      ...Object.fromEntries(Object.entries(items).map(([path, xml]) => [path, strToU8(xml)])),
    }),
  )
}

async function call(path: string, init: RequestInit = {}): Promise<{ status: number; body: never }> {
  const response = await fetch(site.url + path, {
    ...init,
    headers: { authorization: 'Bearer tok', ...(init.headers as Record<string, string>) },
  })
  return { status: response.status, body: (await response.json().catch(() => null)) as never }
}

async function importAll(
  bytes: Uint8Array<ArrayBuffer>,
  key?: string,
): Promise<{
  id: string
  outcomes: { outcome: string; itemId: string; why: string }[]
  collectionId: string
  state: string
  why: string
}> {
  const started = await call('/api/imports?into=quiz&title=Check', {
    method: 'POST',
    body: bytes,
    headers: { 'content-type': 'application/zip', ...(key && { 'idempotency-key': key }) },
  })
  for (;;) {
    const job = await call(`/api/imports/${(started.body as { id: string }).id}`)
    const state = (job.body as { state: string }).state
    if (state === 'done' || state === 'failed') return job.body
    await new Promise((resolve) => setTimeout(resolve, 20))
  }
}

test('a package becomes a quiz, with an outcome per item', async () => {
  const job = await importAll(
    upload({
      'good.xml': item('good', 'b'),
      'bad.xml': '<broken',
      'foreign.xml': item('foreign', 'b').replaceAll('choiceInteraction', 'drawingInteraction'),
    }),
  )
  expect(job.outcomes.map((one) => one.outcome)).toEqual(['created', 'refused', 'refused'])
  expect(job.outcomes[1]?.why).toMatch(/not well-formed/)
  expect(job.outcomes[2]?.why).toMatch(/drawingInteraction/)
})

test('the same key imports once', async () => {
  const first = await importAll(upload({ 'good.xml': item('good', 'b') }), 'k1')
  const second = await importAll(upload({ 'good.xml': item('good', 'b') }), 'k1')
  expect(second.collectionId).toBe(first.collectionId)
})

test('responses are graded by the item’s own processing', async () => {
  const job = await importAll(upload({ 'good.xml': item('good', 'b') }))
  const asked = ['b', 'a', null].map((value) => ({
    itemId: job.outcomes[0]?.itemId,
    responses: { RESPONSE: value ? [value] : [] },
  }))
  const { body } = await call('/api/grade', {
    method: 'POST',
    body: JSON.stringify(asked),
    headers: { 'content-type': 'application/json' },
  })
  expect((body as { score: number }[]).map((one) => one.score)).toEqual([1, 0, 0])
})

test('a student takes the quiz in a page, and the attempt is listed as JSON and CSV', async () => {
  const job = await importAll(upload({ 'good.xml': item('good', 'b') }))
  const page = await (await fetch(`${site.url}/quiz/${job.collectionId}`)).text()
  expect(page).toContain('Which &#60;one&#62;?')
  const form = new URLSearchParams({ student: 'Bente, Havn', [`${job.outcomes[0]?.itemId}.RESPONSE`]: 'b' })
  const done = await (await fetch(`${site.url}/quiz/${job.collectionId}`, { method: 'POST', body: form })).text()
  expect(done).toContain('1 of 1')
  expect((await call(`/api/quizzes/${job.collectionId}/responses`)).body).toMatchObject({
    attempts: [{ student: 'Bente, Havn' }],
  })
  const csv = await (
    await fetch(`${site.url}/api/quizzes/${job.collectionId}/responses.csv`, {
      headers: { authorization: 'Bearer tok' },
    })
  ).text()
  expect(csv).toMatch(/"Bente, Havn",.*,b,1/)
})

test.each<[string, string, RequestInit, number]>([
  ['a wrong token', '/api/site', { headers: { authorization: 'Bearer other' } }, 401],
  ['an unknown import', '/api/imports/import-99', {}, 404],
  ['an empty upload', '/api/imports', { method: 'POST' }, 400],
])('%s', async (_name, path, init, status) => {
  expect((await call(path, init)).status).toBe(status)
})

test('an upload that is no package fails with its reason', async () => {
  const job = await importAll(new Uint8Array(strToU8('hello')))
  expect(job).toMatchObject({ state: 'failed', why: 'the upload is not a zip package' })
})

test('text in GIFT becomes a quiz', async () => {
  const job = await importAll(new Uint8Array(strToU8('::one::Is it wet? {T}\n\n::two::Which? {~a ~b')))
  expect(job.outcomes.map(({ outcome, why }) => [outcome, why])).toEqual([
    ['created', null],
    ['refused', 'the braces of its answers are not closed'],
  ])
})

const TIMED = `<assessmentTest xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="t" title="Timed"><timeLimits maxTime="60"/><testPart identifier="p" navigationMode="linear" submissionMode="simultaneous"><assessmentSection identifier="s" title="One" visible="true"><assessmentItemRef identifier="i" href="good.xml"/></assessmentSection></testPart></assessmentTest>`
const TIMED_MANIFEST = `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="m"><organizations/><resources><resource identifier="t" type="imsqti_test_xmlv2p1" href="test.xml"><file href="test.xml"/></resource><resource identifier="i" type="imsqti_item_xmlv2p1" href="good.xml"><file href="good.xml"/></resource></resources></manifest>`

describe('a quiz with a time', () => {
  let clock = Date.parse('2026-03-02T08:00:00Z')
  let timed: RunningSite
  let quiz: string
  beforeAll(async () => {
    const store = openStore(null)
    timed = await serve(
      createSite(store, new Faults(), 'tok', () => new Date(clock)),
      0,
    )
    const bytes = zipSync({
      'imsmanifest.xml': strToU8(TIMED_MANIFEST),
      'test.xml': strToU8(TIMED),
      'good.xml': strToU8(item('good', 'b')),
    })
    await fetch(`${timed.url}/api/imports?into=quiz&attempts=2`, {
      method: 'POST',
      body: new Uint8Array(bytes),
      headers: { authorization: 'Bearer tok' },
    })
    while (!Object.values(store.state.collections)[0]?.sections) await new Promise((resolve) => setTimeout(resolve, 10))
    quiz = `${timed.url}/quiz/${Object.keys(store.state.collections)[0] ?? ''}`
  })
  afterAll(() => timed.close())
  const begin = async (student: string): Promise<string> => {
    const answer = await fetch(`${quiz}/start`, {
      method: 'POST',
      body: new URLSearchParams({ student }),
      redirect: 'manual',
    })
    return new URL(answer.headers.get('location') ?? '', quiz).searchParams.get('start') ?? ''
  }
  const handIn = (start: string): Promise<Response> =>
    fetch(quiz, { method: 'POST', body: new URLSearchParams({ start, 'item-1.RESPONSE': 'b' }) })

  test('shows no item before it begins', async () => {
    const page = await (await fetch(quiz)).text()
    expect(page).toContain('You have 60 seconds')
    expect(page).not.toContain('rye')
  })
  test('goes on with the time that runs where it is opened again, and takes what comes in time', async () => {
    const first = await begin('Bente')
    clock += 50_000
    expect(await begin('Bente')).toBe(first)
    expect(await (await fetch(`${quiz}?start=${first}`)).text()).toContain('10 seconds')
    expect((await handIn(first)).status).toBe(200)
    expect((await handIn(first)).status).toBe(409)
  })
  test('does not count what comes too late', async () => {
    const start = await begin('Arvid')
    clock += 91_000
    expect((await handIn(start)).status).toBe(403)
  })
})
