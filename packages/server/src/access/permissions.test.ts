import { RequestMethod } from '@nestjs/common'
import { describeApi } from '../application.ts'
import { addPerson, PASSWORD, startServer, type RunningServer } from '../testing/running-server.ts'
import request from 'supertest'
import { randomUUID } from 'node:crypto'
import { ruleFor } from '../accounts/gate.ts'
import { may, ROLES, ROUTES, whyNot, type Role } from './permissions.ts'

let server: RunningServer
let operations: string[]
beforeAll(async () => {
  server = await startServer()
  operations = Object.entries(describeApi(server.app).paths).flatMap(([path, item]) =>
    Object.keys(item)
      .filter((name) => name.toUpperCase() in RequestMethod)
      .map((name) => `${name.toUpperCase()} ${path}`),
  )
})
afterAll(() => server.stop())

const HEALTH = ['GET /healthz', 'GET /readyz']

test('every route has a rule, and every rule a route', () => {
  expect(operations.length).toBeGreaterThan(80)
  expect(operations.filter((route) => !(route in ROUTES))).toEqual([])
  expect(Object.keys(ROUTES).filter((route) => !operations.includes(route) && !HEALTH.includes(route))).toEqual([])
})

test('a route that is written out goes before one with a name in its place', () => {
  expect(ruleFor('POST', '/api/items/rebalance')).toBe('write')
  expect(ruleFor('PUT', `/api/items/${randomUUID()}/sign-off`)).toBe('sign-off')
  expect(ruleFor('HEAD', '/api/items/facets')).toBe('see')
  expect(ruleFor('GET', '/api/nothing')).toBeNull()
})

test('what is missing is said, with who has it', () => {
  expect(whyNot('viewer', 'write')).toBe('You are a viewer here; to change anything takes an editor.')
  expect(whyNot('editor', 'people')).toBe(
    'You are an editor here; to look after people and the workspace takes an owner.',
  )
})

/** Asks for a route with nothing in it: what is let through fails on its contents, or does nothing. */
async function ask(agent: ReturnType<typeof request.agent>, route: string): Promise<number> {
  const [method = '', path = ''] = route.split(' ')
  const address = path.replace(/\{\w+\}/g, () => randomUUID())
  const sent = agent[method.toLowerCase() as 'get'](address)
  return (await (method === 'GET' || method === 'DELETE' ? sent : sent.send({}))).status
}

async function memberAs(role: Role, of?: string): Promise<ReturnType<typeof request.agent>> {
  const email = `${role}-${randomUUID()}@example.test`
  const workspaceId = of ?? (await addPerson(server.databaseUrl, 'Owner', `o-${randomUUID()}@example.test`))
  await addPerson(server.databaseUrl, role, email, { workspaceId, role })
  const agent = request.agent(server.app.getHttpServer())
  await agent.post('/api/session').send({ email, password: PASSWORD }).expect(200)
  return agent
}

// What ends the session or the workspace of who walks is not walked.
const ENDING = ['DELETE /api/session', 'POST /api/workspace/leave', 'DELETE /api/workspace', 'DELETE /api/me/sessions']

test.each(ROLES)('each route lets %s through or not, as the table says', async (role) => {
  const agent = await memberAs(role)
  for (const route of operations.filter((one) => !ENDING.includes(one))) {
    const right = ROUTES[route] ?? 'nobody'
    const allowed = right === 'nobody' || right === 'self' || may(role, right)
    const status = await ask(agent, route)
    expect([route, status === 403]).toEqual([route, !allowed && status === 403])
    if (!allowed) expect([route, status]).toEqual([route, 403])
    expect([route, status >= 500]).toEqual([route, false])
  }
})

test('a reviewer signs off in a draft, and changes nothing else of it', async () => {
  const workspaceId = await addPerson(server.databaseUrl, 'Owner', `o-${randomUUID()}@example.test`)
  const [editor, reviewer, viewer] = [
    await memberAs('editor', workspaceId),
    await memberAs('reviewer', workspaceId),
    await memberAs('viewer', workspaceId),
  ]
  const text = '1. True or false: Rye is a grain.\nAnswer: True\n'
  const styles = [{ from: 3, to: 7, style: 'strong' }]
  interface Saved {
    id: string
    version: number
    followed: { ref: string; signOff: { by: string } | null }[]
  }
  const draft = (await editor.post('/api/drafts').send({ title: 'Grains', text, styles }).expect(201)).body as Saved
  const given = { title: 'Grains', text, styles, version: draft.version }
  const followed = draft.followed.map(({ signOff: _none, ...one }) => ({ ...one, signedOff: true }))
  const save = (by: typeof editor, body: object) => by.put(`/api/drafts/${draft.id}`).send(body)
  const sent = followed.map((one) => ({ ...one, bankItemId: undefined, lostSignOff: undefined }))
  await save(viewer, { ...given, followed: sent }).expect(403)
  for (const change of [{ text: `${text}More` }, { title: 'Other' }, { styles: [] }, { keyText: '1. False' }]) {
    const refused = (await save(reviewer, { ...given, followed: sent, ...change }).expect(403)).body as object
    expect(refused).toMatchObject({ message: 'You are a reviewer here; to change anything takes an editor.' })
  }
  const saved = (await save(reviewer, { ...given, followed: sent }).expect(200)).body as Saved
  expect(saved.followed.map(({ signOff }) => signOff?.by)).toEqual(['reviewer'])
})

test('without a sign-in nothing is answered but what is for everybody', async () => {
  const agent = request.agent(server.app.getHttpServer())
  for (const route of operations) {
    const status = await ask(agent, route)
    if (ROUTES[route] !== 'nobody') expect([route, status]).toEqual([route, 401])
  }
})

test('an address that there is not answers before its body is read', async () => {
  const large = { text: 'x'.repeat(400_000) }
  await request(server.app.getHttpServer()).post('/api/nothing').send(large).expect(404)
  await request(server.app.getHttpServer()).post('/api/drafts').send(large).expect(401)
  await request(server.app.getHttpServer())
    .post('/api/session')
    .send({ email: 'x'.repeat(30_000) })
    .expect(413)
})
