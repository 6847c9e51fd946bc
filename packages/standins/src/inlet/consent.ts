import { createHash, randomBytes } from 'node:crypto'
import express, { Router, type NextFunction, type Request, type Response } from 'express'
import { escape } from '../shared/html.ts'
import { Problem } from '../shared/problem.ts'
import type { JsonStore } from '../shared/store.ts'
import { textOf } from '../shared/text.ts'
import type { Grant, InletState } from './model.ts'
import { inletPage } from './pages.ts'

const CODE_MS = 60_000
/** What may be asked for, as the consent page says it. */
const SCOPES: Readonly<Record<string, string>> = {
  'forms.write': 'make, change and delete forms',
  'responses.read': 'read what people answered',
}

export interface Client {
  readonly id: string
  readonly name: string
  /** Where codes may go. On loopback any port will do (RFC 8252, section 7.3). */
  readonly redirects: readonly string[]
}

/**
 * The authorization code grant with PKCE (RFC 6749, section 4.1; RFC 7636), refresh tokens that are used once (RFC 6749,
 * section 6, with the rotation of section 10.4), and revocation (RFC 7009).
 */
// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
export function consent(store: JsonStore<InletState>, clients: readonly Client[], seconds: number): Router {
  const router = Router()
  const form = express.urlencoded({ extended: false })
  router.get('/consent', (request, response) => {
    const asked = askedIn(request.query, clients)
    const hidden = Object.entries(request.query)
      .map(([name, value]) => `<input type="hidden" name="${escape(name)}" value="${escape(textOf(value))}">`)
      .join('')
    const scopes = asked.scopes.map((scope) => `<li>${escape(SCOPES[scope] ?? scope)}</li>`).join('')
    response.send(
      inletPage(
        'Allow it?',
        `<h1>${escape(asked.client.name)} asks to</h1><ul>${scopes}</ul><p>in the forms account of Skarnholm Harbour School. You can take it back at any time.</p><form method="post" action="/consent">${hidden}<button name="answer" value="yes">Allow</button> <button class="quiet" name="answer" value="no">Refuse</button></form>`,
      ),
    )
  })
  router.post('/consent', form, (request, response) => {
    const given = request.body as Record<string, string>
    const asked = askedIn(given, clients)
    const back = new URL(asked.redirect)
    if (asked.state !== null) back.searchParams.set('state', asked.state)
    if (given['answer'] !== 'yes') back.searchParams.set('error', 'access_denied')
    else {
      const code = randomBytes(24).toString('base64url')
      const { client, redirect, challenge } = asked
      store.state.codes[hash(code)] = {
        ...{ redirect, challenge, client: client.id, scope: asked.scopes.join(' ') },
        family: randomBytes(12).toString('hex'),
        expires: Date.now() + CODE_MS,
      }
      store.save()
      back.searchParams.set('code', code)
    }
    response.redirect(303, back.href)
  })
  router.post('/token', form, (request, response) => {
    response.set('cache-control', 'no-store')
    const given = request.body as Record<string, string>
    const grant =
      given['grant_type'] === 'authorization_code'
        ? byCode(store, given)
        : given['grant_type'] === 'refresh_token'
          ? byRefresh(store, given)
          : 'unsupported_grant_type'
    if (typeof grant === 'string') return void response.status(400).json({ error: grant })
    response.json(issue(store, grant, seconds))
  })
  router.post('/revoke', form, (request, response) => {
    const token = hash(String((request.body as Record<string, string>)['token'] ?? ''))
    const grant = store.state.refresh[token] ?? store.state.access[token]
    if (grant) revoke(store, grant.family)
    response.status(200).end()
  })
  return router
}

interface Asked {
  readonly client: Client
  readonly redirect: string
  readonly scopes: readonly string[]
  readonly state: string | null
  readonly challenge: string
}

/** @throws Problem where it is not clear whom to answer: then nobody is sent anywhere (RFC 6749, section 4.1.2.1). */
function askedIn(query: object, clients: readonly Client[]): Asked {
  const from = query as Record<string, unknown>
  const text = (name: string): string => (typeof from[name] === 'string' ? from[name] : '')
  const client = clients.find(({ id }) => id === text('client_id'))
  if (!client) throw new Problem('Inlet does not know who asks.')
  const redirect = text('redirect_uri')
  if (!client.redirects.some((known) => isSamePlace(known, redirect)))
    throw new Problem('Inlet does not know where to answer.')
  if (text('response_type') !== 'code' || text('code_challenge_method') !== 'S256' || !text('code_challenge'))
    throw new Problem('Ask with response_type=code and a code_challenge of S256.')
  const scopes = text('scope').split(' ').filter(Boolean)
  if (!scopes.length || scopes.some((scope) => !Object.hasOwn(SCOPES, scope)))
    throw new Problem('Something is asked for that Inlet does not have.')
  return { client, redirect, scopes, state: text('state') || null, challenge: text('code_challenge') }
}

function isSamePlace(known: string, asked: string): boolean {
  if (!URL.canParse(asked)) return false
  const [a, b] = [new URL(known), new URL(asked)]
  if (a.hostname === '127.0.0.1' && ['127.0.0.1', 'localhost'].includes(b.hostname))
    Object.assign(b, { hostname: a.hostname, port: a.port })
  return a.href === b.href
}

function byCode(store: JsonStore<InletState>, given: Record<string, string>): Grant | string {
  const name = hash(given['code'] ?? '')
  const found = store.state.codes[name]
  if (!found || found.expires < Date.now()) return 'invalid_grant'
  // A code works once (RFC 6749, section 4.1.2).
  delete store.state.codes[name]
  store.save()
  const proof = createHash('sha256')
    .update(given['code_verifier'] ?? '')
    .digest('base64url')
  if (proof !== found.challenge || given['client_id'] !== found.client || given['redirect_uri'] !== found.redirect)
    return 'invalid_grant'
  return found
}

function byRefresh(store: JsonStore<InletState>, given: Record<string, string>): Grant | string {
  const found = store.state.refresh[hash(given['refresh_token'] ?? '')]
  if (!found || given['client_id'] !== found.client) return 'invalid_grant'
  if (found.used) {
    // Used twice: one of the two is a thief, so all that came from this consent ends (RFC 6749, section 10.4).
    revoke(store, found.family)
    return 'invalid_grant'
  }
  found.used = true
  return found
}

function issue(store: JsonStore<InletState>, { family, client, scope }: Grant, seconds: number): object {
  const [access, refresh] = [randomBytes(24).toString('base64url'), randomBytes(24).toString('base64url')]
  const grant = { family, client, scope, expires: Date.now() + seconds * 1000 }
  store.state.access[hash(access)] = grant
  store.state.refresh[hash(refresh)] = { ...grant, used: false }
  store.save()
  return { access_token: access, token_type: 'Bearer', expires_in: seconds, refresh_token: refresh, scope }
}

function revoke(store: JsonStore<InletState>, family: string): void {
  for (const tokens of [store.state.access, store.state.refresh])
    for (const [name, grant] of Object.entries(tokens)) if (grant.family === family) delete tokens[name]
  store.save()
}

/** Lets through who has a token with the scope (RFC 6750). */
export function allowed(store: JsonStore<InletState>, scope: string) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const token = /^Bearer (.+)$/.exec(request.get('authorization') ?? '')?.[1] ?? ''
    const grant = store.state.access[hash(token)]
    const refuse = (status: number, error: string): void =>
      void response.status(status).set('www-authenticate', `Bearer error="${error}"`).json({ error })
    if (!grant || grant.expires < Date.now()) return refuse(401, 'invalid_token')
    if (!grant.scope.split(' ').includes(scope)) return refuse(403, 'insufficient_scope')
    next()
  }
}

function hash(token: string): string {
  return createHash('sha256').update(token).digest('hex')
}
