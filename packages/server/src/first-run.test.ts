import { randomUUID } from 'node:crypto'
import { MikroORM } from '@mikro-orm/postgresql'
import pg from 'pg'
import request from 'supertest'
import { Membership, Workspace } from './accounts/accounts.entities.ts'
import { makePasswordLink } from './accounts/password-link.ts'
import { PurgeService } from './accounts/purge.service.ts'
import { ormSettings } from './database/settings.ts'
import { ENTITIES } from './entities.ts'
import { startServer, type RunningServer } from './testing/running-server.ts'

const TOKEN = 'the token that was printed at the start'
let server: RunningServer
let admin: pg.Client
const name = `first_${randomUUID().slice(0, 8)}`

beforeAll(async () => {
  const cluster = new URL(process.env['TEST_DATABASE_URL'] ?? '')
  admin = new pg.Client({ connectionString: cluster.href })
  await admin.connect()
  await admin.query(`create database ${name}`)
  cluster.pathname = `/${name}`
  server = await startServer({ databaseUrl: cluster.href, firstRunToken: TOKEN })
})
afterAll(async () => {
  await server.stop()
  await admin.query(`drop database ${name} with (force)`)
  await admin.end()
})

const GIVEN = {
  token: TOKEN,
  workspace: 'Evening course',
  name: 'Iris Holm',
  email: 'Iris@skarnholm.example',
  password: 'four quite unlikely words',
}

test('the first owner is made once, by the token only, also where several come at once', async () => {
  const http = request(server.app.getHttpServer())
  expect((await http.get('/api/first-run').expect(200)).body).toEqual({ isOpen: true })
  await http
    .post('/api/first-run')
    .send({ ...GIVEN, token: 'another token of the same length, or so' })
    .expect(403)
  await http
    .post('/api/first-run')
    .send({ ...GIVEN, password: 'password12' })
    .expect(422)
  const answers = await Promise.all(
    [1, 2, 3].map((at) => http.post('/api/first-run').send({ ...GIVEN, email: `iris${at}@skarnholm.example` })),
  )
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 403, 403])
  expect((await http.get('/api/first-run').expect(200)).body).toEqual({ isOpen: false })
  const won = answers.find(({ status }) => status === 201)
  expect(won?.body).toMatchObject({ name: 'Iris Holm', workspace: 'Evening course', role: 'owner' })
})

test('whoever runs the server makes a link for a new password', async () => {
  const http = request(server.app.getHttpServer())
  const orm = await MikroORM.init(ormSettings(server.databaseUrl, ENTITIES))
  const [{ email } = { email: '' }] = await orm.em.fork().execute<{ email: string }[]>('select email from person')
  await orm.close(true)
  expect(await makePasswordLink(server.databaseUrl, 'nobody@skarnholm.example')).toBeNull()
  const token = await makePasswordLink(server.databaseUrl, ` ${email.toUpperCase()} `)
  await http.post(`/api/links/${token}`).send({ password: 'four other unlikely words' }).expect(200)
  await http.post('/api/session').send({ email, password: 'four other unlikely words' }).expect(200)
})

test('a workspace that was deleted is gone for good when its time is over, and only then', async () => {
  const orm = await MikroORM.init(ormSettings(server.databaseUrl, ENTITIES))
  const em = orm.em.fork()
  const person = (await em.execute<{ id: string }[]>('select id from person'))[0]?.id ?? ''
  const day = 86_400_000
  for (const [id, days] of [
    [randomUUID(), 29],
    [randomUUID(), 31],
  ] as const) {
    em.create(Workspace, { id, name: `${days}`, deletedAt: new Date(Date.now() - days * day) })
    em.create(Membership, { workspaceId: id, personId: person, role: 'owner', since: new Date() })
  }
  await em.flush()
  await server.app.get(PurgeService).purge()
  const left = await em.execute<{ name: string }[]>('select name from workspace order by name')
  expect(left.map((one) => one.name)).toEqual(['29', 'Evening course'])
  await orm.close(true)
})

test('the page answers whatever is accepted, the health of the server is told', async () => {
  const http = request(server.app.getHttpServer())
  expect((await http.get('/healthz').expect(200)).body).toEqual({ status: 'alive' })
  expect((await http.get('/readyz').expect(200)).body).toEqual({ status: 'ready' })
})
