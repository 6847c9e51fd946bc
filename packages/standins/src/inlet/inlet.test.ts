import { createHash } from 'node:crypto'
import { startInlet } from './index.ts'
import { pointsFor } from './grade.ts'
import { questionIn } from './check.ts'
import { LIMITS } from './model.ts'

let site: Awaited<ReturnType<typeof startInlet>>
beforeAll(async () => {
  site = await startInlet({ port: 0, file: null, tokenSeconds: 60 })
})
afterAll(() => site.close())

const VERIFIER = 'dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk'
const REDIRECT = 'http://127.0.0.1:1234/api/connections/return'
const ASK = {
  response_type: 'code',
  client_id: 'zakuska',
  redirect_uri: REDIRECT,
  scope: 'forms.write responses.read',
  state: 'xyz',
  code_challenge: 'E9Melhoa2OwvFrEMTJguCHaoeK1t8URWbuGJSstw-cM',
  code_challenge_method: 'S256',
}

interface Tokens {
  access_token: string
  refresh_token: string
  token_type: string
  expires_in: number
  error?: string
}

const post = (path: string, form: Record<string, string>) =>
  fetch(site.url + path, { method: 'POST', body: new URLSearchParams(form), redirect: 'manual' })

async function codeFor(more: Record<string, string> = {}): Promise<URL> {
  const answer = await post('/consent', { ...ASK, ...more, answer: 'yes' })
  return new URL(answer.headers.get('location') ?? '')
}

async function tokens(form: Record<string, string>): Promise<Tokens> {
  return (await (await post('/token', { client_id: 'zakuska', ...form })).json()) as Tokens
}

const byCode = (code: string, more: Record<string, string> = {}) =>
  tokens({ grant_type: 'authorization_code', code, redirect_uri: REDIRECT, code_verifier: VERIFIER, ...more })

async function granted(): Promise<Tokens> {
  return byCode((await codeFor()).searchParams.get('code') ?? '')
}

async function call(
  token: string,
  method: string,
  path: string,
  body?: object,
): Promise<{ status: number; body: never }> {
  const answer = await fetch(site.url + path, {
    method,
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
    body: body === undefined ? null : JSON.stringify(body),
  })
  const text = await answer.text()
  return { status: answer.status, body: (text ? JSON.parse(text) : null) as never }
}

describe('consent', () => {
  // RFC 7636, appendix B: the verifier and its challenge by S256.
  test('the challenge of the standard’s own example is that of its verifier', () => {
    expect(createHash('sha256').update(VERIFIER).digest('base64url')).toBe(ASK.code_challenge)
  })

  test('a code comes back with the state, and works once, with its verifier, from its client, for its address', async () => {
    const back = await codeFor()
    expect(back.searchParams.get('state')).toBe('xyz')
    const code = back.searchParams.get('code') ?? ''
    expect(await byCode(code)).toMatchObject({ token_type: 'Bearer', expires_in: 60 })
    expect(await byCode(code)).toEqual({ error: 'invalid_grant' })
    for (const wrong of [{ code_verifier: 'other' }, { client_id: 'other' }, { redirect_uri: `${REDIRECT}/x` }]) {
      const fresh = (await codeFor()).searchParams.get('code') ?? ''
      expect(await byCode(fresh, wrong)).toEqual({ error: 'invalid_grant' })
    }
    expect(await tokens({ grant_type: 'password' })).toEqual({ error: 'unsupported_grant_type' })
  })

  test('who refuses is sent back with access_denied; whom Inlet does not know is sent nowhere', async () => {
    const refused = await post('/consent', { ...ASK, answer: 'no' })
    const back = new URL(refused.headers.get('location') ?? '')
    expect([back.searchParams.get('error'), back.searchParams.get('state')]).toEqual(['access_denied', 'xyz'])
    for (const wrong of [
      { client_id: 'other' },
      { redirect_uri: 'https://evil.example/' },
      { response_type: 'token' },
      { code_challenge_method: 'plain' },
      { scope: 'everything' },
    ]) {
      const answer = await post('/consent', { ...ASK, ...wrong, answer: 'yes' })
      expect([wrong, answer.status, answer.headers.get('location')]).toEqual([wrong, 400, null])
    }
  })

  test('a refresh token works once; used twice, all that came from the consent ends', async () => {
    const first = await granted()
    const refresh = (token: string) => tokens({ grant_type: 'refresh_token', refresh_token: token })
    const second = await refresh(first.refresh_token)
    expect((await call(second.access_token, 'GET', '/v1/account')).status).toBe(200)
    expect(await refresh(first.refresh_token)).toEqual({ error: 'invalid_grant' })
    expect((await call(second.access_token, 'GET', '/v1/account')).status).toBe(401)
    expect(await refresh(second.refresh_token)).toEqual({ error: 'invalid_grant' })
  })

  test('what is given up works no more; a token alone for writing does not read', async () => {
    const { access_token, refresh_token } = await granted()
    await post('/revoke', { token: refresh_token })
    expect(await call(access_token, 'GET', '/v1/account')).toEqual({ status: 401, body: { error: 'invalid_token' } })
    const code = (await codeFor({ scope: 'forms.write' })).searchParams.get('code') ?? ''
    const less = await byCode(code)
    const form = (await call(less.access_token, 'POST', '/v1/forms', { title: 'F' })).body as { id: string }
    expect((await call(less.access_token, 'GET', `/v1/forms/${form.id}/responses`)).status).toBe(403)
  })
})

describe('forms', () => {
  test('one key makes one form and one question, questions go where they are wanted, and what is wrong is named', async () => {
    const { access_token: token } = await granted()
    const make = () =>
      fetch(`${site.url}/v1/forms`, {
        method: 'POST',
        headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json', 'idempotency-key': 'one' },
        body: JSON.stringify({ title: 'Tides', settings: { isQuiz: true, fields: ['Name'] } }),
      }).then((answer) => answer.json() as Promise<{ id: string; path: string }>)
    const [form, same] = [await make(), await make()]
    expect(same.id).toBe(form.id)
    const add = (question: object) => call(token, 'POST', `/v1/forms/${form.id}/questions`, question)
    const choice = { type: 'choice', title: 'Which?', options: ['ebb', 'flood'], points: 2, right: { places: [0] } }
    expect((await add(choice)).status).toBe(201)
    await add({ type: 'part', title: 'First', at: 0 })
    expect((await add({ ...choice, options: ['ebb', 'ebb'] })).body).toMatchObject({ at: 'options' })
    expect((await add({ ...choice, right: { places: [5] } })).body).toMatchObject({ at: 'right' })
    expect((await add({ ...choice, title: 'x'.repeat(601) })).body).toMatchObject({ at: 'title' })
    const shown = (await call(token, 'GET', `/v1/forms/${form.id}`)).body as { questions: { type: string }[] }
    expect(shown.questions.map(({ type }) => type)).toEqual(['part', 'choice'])
    const answer = await fetch(site.url + form.path, { method: 'POST', body: new URLSearchParams({ field0: '' }) })
    expect(answer.status).toBe(422)
  })
})

test('questions are held to the limits of the account, which may be others than usual', () => {
  const small = { ...LIMITS, title: 20, options: 2 }
  const made = (given: object) => () => questionIn(given, 'q', null, small)
  expect(made({ type: 'line', title: 'x'.repeat(21) })).toThrow('title has at most 20 letters.')
  expect(made({ type: 'choice', title: 'x', options: ['a', 'b', 'c'] })).toThrow('options are at most 2.')
})

test('people on a list alone may answer, however they write capitals and blanks', async () => {
  const token = (await granted()).access_token
  const form = (await call(token, 'POST', '/v1/forms', { title: 'F' })).body as { id: string; path: string }
  const said = await call(token, 'PATCH', `/v1/forms/${form.id}`, { people: ['Bente Havn'] })
  expect(said.body).toMatchObject({ people: ['Bente Havn'], settings: { fields: ['Name'] } })
  const answer = (field0: string) =>
    fetch(site.url + form.path, { method: 'POST', body: new URLSearchParams({ field0 }) })
  const stranger = await answer('Nils')
  expect([stranger.status, await stranger.text()]).toEqual([422, expect.stringContaining('is not on the list')])
  expect((await answer(' bente  havn')).status).toBe(200)
  expect((await call(token, 'PATCH', `/v1/forms/${form.id}`, { people: [] })).status).toBe(422)
  await call(token, 'PATCH', `/v1/forms/${form.id}`, { people: null })
  expect((await answer('Nils')).status).toBe(200)
})

test('a list of forms tells what is in them, so that a place can be chosen', async () => {
  const token = (await granted()).access_token
  const form = (await call(token, 'POST', '/v1/forms', { title: 'Outlined' })).body as { id: string }
  for (const question of [
    { type: 'part', title: 'One' },
    { type: 'line', title: 'How deep?' },
  ])
    await call(token, 'POST', `/v1/forms/${form.id}/questions`, question)
  const forms = (await call(token, 'GET', '/v1/forms')).body as { id: string; questions: number; outline: object[] }[]
  expect(forms.find(({ id }) => id === form.id)).toMatchObject({
    questions: 1,
    outline: [
      { type: 'part', title: 'One' },
      { type: 'line', title: 'How deep?' },
    ],
  })
})

// What forms of this kind count as right: all of it or nothing, typed answers letter by letter or without case.
test.each<[object, string[], number]>([
  [{ type: 'choice', options: ['a', 'b'], right: { places: [1] } }, ['b'], 1],
  [{ type: 'choice', options: ['a', 'b'], right: { places: [1] } }, ['a'], 0],
  [{ type: 'boxes', options: ['a', 'b', 'c'], right: { places: [0, 2] } }, ['c', 'a'], 1],
  [{ type: 'boxes', options: ['a', 'b', 'c'], right: { places: [0, 2] } }, ['a'], 0],
  [{ type: 'boxes', options: ['a', 'b', 'c'], right: { places: [0, 2] } }, ['a', 'b', 'c'], 0],
  [{ type: 'line', right: { texts: ['Ebb', 'fall'] }, ignoreCase: true }, [' ebb '], 1],
  [{ type: 'line', right: { texts: ['Ebb'] } }, ['ebb'], 0],
  [{ type: 'line', right: { texts: ['two  words'] } }, ['two words'], 0],
  [{ type: 'grid', rows: ['r', 's'], columns: ['x', 'y'], right: { places: [1, 0] } }, ['y', 'x'], 1],
  [{ type: 'grid', rows: ['r', 's'], columns: ['x', 'y'], right: { places: [1, 0] } }, ['y', ''], 0],
  [{ type: 'lines' }, ['anything'], 0],
])('%j with %j earns %d', (given, answer, points) => {
  expect(pointsFor(questionIn({ title: 'q', points: 1, ...given }, 'q', null, LIMITS), answer)).toBe(points)
})
