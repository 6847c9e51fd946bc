import { createHash } from 'node:crypto'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { askFor, grantFor, refreshed, revoke } from './consent.ts'

interface Heard {
  readonly path: string
  readonly form: URLSearchParams
}
let server: Server
let heard: Heard[]
let answer: { readonly status: number; readonly body: string; readonly after?: number }
let url = ''

beforeAll(async () => {
  server = createServer((request, response) => {
    let text = ''
    request.on('data', (part: Buffer) => (text += part.toString()))
    request.on('end', () => {
      heard.push({ path: request.url ?? '', form: new URLSearchParams(text) })
      setTimeout(
        () =>
          response
            .writeHead(answer.status, { 'content-type': 'application/json', location: '/elsewhere' })
            .end(answer.body),
        answer.after ?? 0,
      )
    })
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => new Promise((resolve) => server.close(resolve)))
beforeEach(() => {
  heard = []
  answer = { status: 200, body: JSON.stringify({ access_token: 'a1', refresh_token: 'r1', expires_in: 3600 }) }
})
const asked = () =>
  askFor({ url, name: 'Forms', redirect: 'https://school.example/api/connections/consent', connectionId: null })

describe('asking for consent (RFC 6749, 4.1.1; RFC 7636, 4.3)', () => {
  test('the address says what is asked for, by whom, and where the answer goes', () => {
    const { asking, address } = asked()
    const { origin, pathname, searchParams: query } = new URL(address)
    expect(`${origin}${pathname}`).toBe(`${url}/consent`)
    expect(Object.fromEntries(query)).toMatchObject({
      ...{ response_type: 'code', code_challenge_method: 'S256', state: asking.state },
      redirect_uri: 'https://school.example/api/connections/consent',
    })
  })
  test('the challenge is the hash of the verifier, which is not sent (RFC 7636, appendix B)', () => {
    const challengeOf = (verifier: string): string => createHash('sha256').update(verifier).digest('base64url')
    expect(challengeOf('dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk')).toBe(
      'E9Melhoa2OwvFrEMTJguCHaoeK1t8URWbuGJSstw-cM',
    )
    const { asking, address } = asked()
    expect(new URL(address).searchParams.get('code_challenge')).toBe(challengeOf(asking.verifier))
    expect(address).not.toContain(asking.verifier)
    // Section 4.1: 43 letters at least.
    expect(asking.verifier).toMatch(/^[\w-]{43,128}$/)
  })
  test('states and verifiers are another one each time', () => {
    const [one, two] = [asked().asking, asked().asking]
    expect(one.state).not.toBe(two.state)
    expect(one.verifier).not.toBe(two.verifier)
  })
})

describe('the grant (RFC 6749, 4.1.3 and 6)', () => {
  test('a code becomes a pair of tokens with their end', async () => {
    const { asking } = asked()
    const grant = await grantFor(asking, 'the-code', 1000)
    expect(grant).toMatchObject({ access: 'a1', refresh: 'r1' })
    const left = grant && grant !== 'unheard' ? Date.parse(grant.expires) - Date.now() : 0
    expect(left).toBeGreaterThan(3_590_000)
    expect(Object.fromEntries(heard[0]?.form ?? [])).toMatchObject({
      ...{
        grant_type: 'authorization_code',
        code: 'the-code',
        code_verifier: asking.verifier,
        redirect_uri: asking.redirect,
      },
    })
  })
  test('an old pair becomes a new one', async () => {
    await refreshed(url, { access: 'x', refresh: 'r0', expires: '' }, 1000)
    expect(Object.fromEntries(heard[0]?.form ?? [])).toMatchObject({ grant_type: 'refresh_token', refresh_token: 'r0' })
  })
  test.each<[string, typeof answer, null | 'unheard']>([
    ['no', { status: 400, body: '{"error":"invalid_grant"}' }, null],
    ['a server in trouble', { status: 503, body: '' }, 'unheard'],
    ['too many at once', { status: 429, body: '' }, 'unheard'],
    ['what is no JSON', { status: 200, body: '<html>' }, 'unheard'],
    ['the way to somewhere else, which is not taken', { status: 302, body: '' }, 'unheard'],
    ['silence', { status: 200, body: '{}', after: 600 }, 'unheard'],
  ])('%s', async (_what, says, found) => {
    answer = says
    expect(await grantFor(asked().asking, 'c', 300)).toBe(found)
  })
  test('tokens are given back, whether it is heard or not (RFC 7009)', async () => {
    await revoke(url, { access: 'a', refresh: 'r9', expires: '' }, 1000)
    expect(heard[0]?.path).toBe('/revoke')
    expect(heard[0]?.form.get('token')).toBe('r9')
    await expect(revoke('http://127.0.0.1:9', { access: 'a', refresh: 'r', expires: '' }, 300)).resolves.toBeUndefined()
  })
})
