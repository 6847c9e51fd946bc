import { randomUUID } from 'node:crypto'
import { readDraft } from '@zakuska/core'
import request from 'supertest'
import { addPerson, PASSWORD, startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

type Agent = ReturnType<typeof request.agent>
interface Who {
  id: string
  name: string
  workspace: string
  workspaceId: string
  role: string
  rights: string[]
  workspaces: { id: string; name: string; isDeleted: boolean }[]
}
interface Workspace {
  name: string
  members: { id: string; name: string; email: string; role: string }[]
  invitations: { id: string; note: string }[]
  goneAt: string | null
}

const NEW = 'a quite new password'

function nobody(): Agent {
  return request.agent(server.app.getHttpServer())
}
async function signedIn(email: string, password = PASSWORD): Promise<Agent> {
  const agent = nobody()
  await agent.post('/api/session').send({ email, password }).expect(200)
  return agent
}
async function somebody(name: string): Promise<{ agent: Agent; email: string; workspaceId: string }> {
  const email = `${name.toLowerCase()}-${randomUUID()}@example.test`
  const workspaceId = await addPerson(server.databaseUrl, name, email)
  return { agent: await signedIn(email), email, workspaceId }
}
async function who(agent: Agent): Promise<Who> {
  return (await agent.get('/api/session').expect(200)).body as Who
}
async function workspace(agent: Agent): Promise<Workspace> {
  return (await agent.get('/api/workspace').expect(200)).body as Workspace
}
async function invite(agent: Agent, role: string): Promise<string> {
  const made = await agent.post('/api/workspace/invitations').send({ role, note: 'Berit' }).expect(201)
  return (made.body as { token: string }).token
}

describe('passwords', () => {
  test('a new one needs the old one, is no common one, and ends every other session', async () => {
    const { agent, email } = await somebody('Iris')
    const other = await signedIn(email)
    const change = (old: string, password: string) => agent.put('/api/me/password').send({ old, password })
    expect((await change('wrong', NEW).expect(422)).body).toMatchObject({ message: /not right/ })
    for (const bad of ['short', 'password123', 'lighthouse', 'aaaaaaaaaaaa', email.split('@')[0] ?? ''])
      await change(PASSWORD, bad).expect(422)
    expect((await agent.get('/api/me/sessions').expect(200)).body).toHaveLength(2)
    await change(PASSWORD, NEW).expect(204)
    await agent.get('/api/session').expect(200)
    await other.get('/api/session').expect(204)
    await nobody().post('/api/session').send({ email, password: PASSWORD }).expect(401)
    await signedIn(email, NEW)
  })

  test('a forgotten one is set by an owner’s link, once', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const email = `forgot-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Forgot', email, { workspaceId, role: 'editor' })
    const old = await signedIn(email)
    const member = (await workspace(agent)).members.find((one) => one.email === email)
    const made = await agent.post(`/api/workspace/members/${member?.id}/reset`).expect(201)
    const { token } = made.body as { token: string }
    const shown = await nobody().get(`/api/links/${token}`).expect(200)
    expect(shown.body).toMatchObject({ kind: 'password', person: 'Forgot', madeBy: 'Owner' })
    await nobody().post(`/api/links/${token}`).send({ password: 'short' }).expect(422)
    const fresh = nobody()
    await fresh.post(`/api/links/${token}`).send({ password: NEW }).expect(200)
    expect((await who(fresh)).name).toBe('Forgot')
    await nobody().post(`/api/links/${token}`).send({ password: NEW }).expect(404)
    await old.get('/api/session').expect(204)
    await signedIn(email, NEW)
  })

  test('who is in another workspace, too, is not reached by the owner of one', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const { agent: guest, email } = await somebody('Guest')
    await guest
      .post(`/api/links/${await invite(agent, 'editor')}`)
      .send({})
      .expect(200)
    const member = (await workspace(agent)).members.find((one) => one.email === email)
    await agent.post(`/api/workspace/members/${member?.id}/reset`).expect(409)
    expect(workspaceId).toBe((await who(agent)).workspaceId)
  })
})

test('name and address are changed; the address with the password only, and to one that nobody has', async () => {
  const { agent } = await somebody('Iris')
  const { email: taken } = await somebody('Taken')
  const email = `new-${randomUUID()}@example.test`
  await agent.put('/api/me').send({ name: 'Iris Holm', email }).expect(422)
  await agent.put('/api/me').send({ name: 'Iris Holm', email: taken, password: PASSWORD }).expect(409)
  await agent.put('/api/me').send({ name: 'Iris Holm', email: email.toUpperCase(), password: PASSWORD }).expect(200)
  expect(await who(agent)).toMatchObject({ name: 'Iris Holm', email })
  await signedIn(email)
})

test('sessions are listed, and all others ended', async () => {
  const { agent, email } = await somebody('Many')
  const others = [await signedIn(email), await signedIn(email)]
  const listed = (await agent.get('/api/me/sessions').expect(200)).body as { isThis: boolean; since: string }[]
  expect(listed.map(({ isThis }) => isThis).filter(Boolean)).toHaveLength(1)
  expect(listed.every(({ since }) => !Number.isNaN(Date.parse(since)))).toBe(true)
  await agent.delete('/api/me/sessions').expect(204)
  for (const other of others) await other.get('/api/session').expect(204)
  await agent.get('/api/session').expect(200)
})

describe('invitations', () => {
  test('somebody new makes an account by one, and it works once', async () => {
    const { agent } = await somebody('Owner')
    const token = await invite(agent, 'reviewer')
    expect((await nobody().get(`/api/links/${token}`).expect(200)).body).toEqual({
      kind: 'invitation',
      workspace: 'Workspace of Owner',
      role: 'reviewer',
      person: null,
      madeBy: 'Owner',
    })
    const berit = nobody()
    const given = { name: 'Berit', email: `berit-${randomUUID()}@example.test`, password: NEW }
    await berit.post(`/api/links/${token}`).send({}).expect(422)
    await berit.post(`/api/links/${token}`).send(given).expect(200)
    expect(await who(berit)).toMatchObject({ name: 'Berit', role: 'reviewer', workspace: 'Workspace of Owner' })
    await nobody()
      .post(`/api/links/${token}`)
      .send({ ...given, email: 'other@example.test' })
      .expect(404)
    expect((await workspace(agent)).members.map(({ role }) => role)).toEqual(['owner', 'reviewer'])
  })

  test('of ten who take one up at once, one comes in', async () => {
    const { agent } = await somebody('Owner')
    const token = await invite(agent, 'editor')
    const answers = await Promise.all(
      Array.from({ length: 10 }, () =>
        nobody()
          .post(`/api/links/${token}`)
          .send({ name: 'X', email: `x-${randomUUID()}@example.test`, password: NEW }),
      ),
    )
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(1)
    expect((await workspace(agent)).members).toHaveLength(2)
  })

  test('one that was taken back does not work', async () => {
    const { agent } = await somebody('Owner')
    const token = await invite(agent, 'editor')
    const [open] = (await workspace(agent)).invitations
    await agent.delete(`/api/workspace/invitations/${open?.id}`).expect(204)
    await nobody().get(`/api/links/${token}`).expect(404)
    expect((await workspace(agent)).invitations).toEqual([])
  })
})

describe('workspaces', () => {
  test('of several one is chosen, and is open again at the next sign-in', async () => {
    const { agent, email, workspaceId } = await somebody('Several')
    const made = (await agent.post('/api/workspaces').send({ name: 'Second' }).expect(201)).body as { id: string }
    await agent.put('/api/session/workspace').send({ id: made.id }).expect(200)
    await agent.post('/api/drafts').send({ title: 'In the second', text: '' }).expect(201)
    expect((await who(await signedIn(email))).workspace).toBe('Second')
    await agent.put('/api/session/workspace').send({ id: workspaceId }).expect(200)
    expect((await agent.get('/api/drafts').expect(200)).body).toEqual([])
    await agent.put('/api/session/workspace').send({ id: randomUUID() }).expect(401)
  })

  test('one keeps an owner, also where two owners go at once', async () => {
    const { agent, workspaceId } = await somebody('First')
    await agent.post('/api/workspace/leave').expect(409)
    const email = `second-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Second', email, { workspaceId, role: 'owner' })
    const second = await signedIn(email)
    const answers = await Promise.all([agent.post('/api/workspace/leave'), second.post('/api/workspace/leave')])
    expect(answers.map(({ status }) => status).sort()).toEqual([204, 409])
  })

  test('who was taken out has no way in any more, and their session sees nothing', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const email = `out-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Out', email, { workspaceId, role: 'editor' })
    const out = await signedIn(email)
    const member = (await workspace(agent)).members.find((one) => one.email === email)
    await agent.delete(`/api/workspace/members/${member?.id}`).expect(204)
    await out.get('/api/drafts').expect(401)
    await nobody().post('/api/session').send({ email, password: PASSWORD }).expect(401)
  })

  test('a role counts from the next request on', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const email = `less-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Less', email, { workspaceId, role: 'editor' })
    const less = await signedIn(email)
    await less.post('/api/drafts').send({ title: '', text: '' }).expect(201)
    const member = (await workspace(agent)).members.find((one) => one.email === email)
    await agent.put(`/api/workspace/members/${member?.id}`).send({ role: 'viewer' }).expect(200)
    const refused = await less.post('/api/drafts').send({ title: '', text: '' }).expect(403)
    expect((refused.body as { message: string }).message).toContain('You are a viewer here')
    expect((await workspace(less)).members.every((one) => one.email === '')).toBe(true)
  })

  test('one that was deleted is brought back by its owner, and is closed to others until then', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const email = `member-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Member', email, { workspaceId, role: 'editor' })
    const member = await signedIn(email)
    await agent.delete('/api/workspace').expect(204)
    expect((await workspace(agent)).goneAt).not.toBeNull()
    await member.get('/api/drafts').expect(401)
    await agent.post('/api/workspace/undelete').expect(204)
    await member.get('/api/drafts').expect(200)
  })

  test('a reviewer signs many items off, and changes none', async () => {
    const { agent, workspaceId } = await somebody('Owner')
    const body = readDraft({ text: 'True or false: Rye is a grain.\nAnswer: True\n' }).items[0]?.item
    const made = await agent.post('/api/items').send({ body })
    const email = `review-${randomUUID()}@example.test`
    await addPerson(server.databaseUrl, 'Review', email, { workspaceId, role: 'reviewer' })
    const reviewer = await signedIn(email)
    const { id, revision } = made.body as { id: string; revision: number }
    const change = (fields: object) =>
      reviewer.post('/api/items/bulk').send({ ids: [id], change: fields, shown: { [id]: revision } })
    await change({ deleted: true }).expect(403)
    await change({ points: 3, signedOff: true }).expect(403)
    await change({ signedOff: true }).expect(200)
  })
})

test('what was done is recorded, found by words, and cannot be changed', async () => {
  const { agent } = await somebody('Owner')
  await invite(agent, 'editor')
  await agent.put('/api/workspace').send({ name: 'Renamed' }).expect(200)
  const find = async (text: string) =>
    (
      (await agent.get('/api/workspace/record').query({ text }).expect(200)).body as {
        entries: { says: string; by: string }[]
      }
    ).entries
  expect((await find('')).map(({ says }) => says)).toEqual([
    'renamed the workspace from “Workspace of Owner” to “Renamed”',
    'invited Berit as editor',
    'signed in',
  ])
  expect(await find('berit')).toHaveLength(1)
  expect(await find('100%_')).toHaveLength(0)
  const { MikroORM } = await import('@mikro-orm/postgresql')
  const { ormSettings } = await import('../database/settings.ts')
  const { ENTITIES } = await import('../entities.ts')
  const orm = await MikroORM.init(ormSettings(server.databaseUrl, ENTITIES))
  for (const statement of ['update record_entry set says = $$x$$', 'delete from record_entry'])
    await expect(orm.em.fork().execute(statement)).rejects.toThrow('kept as it was written')
  await orm.close(true)
})
