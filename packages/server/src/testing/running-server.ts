import { randomUUID } from 'node:crypto'
import { MikroORM, type EntityManager } from '@mikro-orm/postgresql'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { startBreakwater, type RunningSite } from '@zakuska/standins/breakwater'
import { startFoghorn } from '@zakuska/standins/foghorn'
import { startInlet } from '@zakuska/standins/inlet'
import { startSkerry } from '@zakuska/standins/skerry'
import request from 'supertest'
import { Membership, Person, Workspace } from '../accounts/accounts.entities.ts'
import { hashPassword } from '../accounts/passwords.ts'
import type { Role } from '../access/permissions.ts'
import { createApplication } from '../application.ts'
import { prepareDatabase } from '../database/prepare.ts'
import type { ServerSettings } from '../settings/settings.ts'
import { ormSettings } from '../database/settings.ts'
import { ENTITIES } from '../entities.ts'
import { timersUnderWay, until } from './until.ts'

export const TOKEN = 'test-token'
export const PASSWORD = 'a long password'

export interface RunningServer {
  readonly app: NestExpressApplication
  readonly breakwater: RunningSite
  readonly inlet: RunningSite
  readonly foghorn: RunningSite
  readonly skerry: RunningSite
  readonly databaseUrl: string
  /** An agent that is signed in, each in a workspace of its own. */
  readonly signIn: (name: string) => Promise<ReturnType<typeof request.agent>>
  /** The database past the application, for what only a start puts there. */
  readonly em: () => EntityManager
  readonly stop: () => Promise<void>
}

/** The whole server against real PostgreSQL (`TEST_DATABASE_URL`) and a real Breakwater. */
export async function startServer(more: Partial<ServerSettings> = {}): Promise<RunningServer> {
  const databaseUrl = more.databaseUrl ?? process.env['TEST_DATABASE_URL']
  if (!databaseUrl) throw new Error('TEST_DATABASE_URL must name a PostgreSQL database: run the tests with `npm test`.')
  const timersBefore = timersUnderWay()
  await prepareDatabase(databaseUrl)
  const breakwater = await startBreakwater({ port: 0, file: null, token: TOKEN })
  const inlet = await startInlet({ port: 0, file: null })
  const foghorn = await startFoghorn({ port: 0, file: null, token: TOKEN })
  const skerry = await startSkerry({ port: 0, token: TOKEN, wordsPerSecond: 4000, mistakes: 0, manner: 'as-asked' })
  const app = await createApplication({
    databaseUrl,
    port: 0,
    sessionSecret: 'test',
    host: '127.0.0.1',
    firstRunToken: null,
    proxies: 0,
    isHttpsOnly: false,
    destinationOrigins: [breakwater.url, inlet.url, foghorn.url],
    pageOrigins: [skerry.url, 'http://127.0.0.1:9'],
    webFolder: null,
    destinationTimeoutMs: 2000,
    signInsPerMinute: 10_000,
    ...more,
  })
  await app.listen(0, '127.0.0.1')
  const signIn = async (name: string): Promise<ReturnType<typeof request.agent>> => {
    const email = `${name}-${randomUUID()}@example.test`
    await addPerson(databaseUrl, name, email)
    const agent = request.agent(app.getHttpServer())
    await agent.post('/api/session').send({ email, password: PASSWORD }).expect(200)
    return agent
  }
  return {
    app,
    ...{ breakwater, inlet, foghorn, skerry },
    databaseUrl,
    signIn,
    em: () => app.get(MikroORM).em.fork() as EntityManager,
    stop: async () => {
      await app.close()
      await Promise.all([breakwater, inlet, foghorn, skerry].map((site) => site.close()))
      // The queue looks every second, by itself, whether its workers have ended; the suite is not taken from under it.
      await until('the timers of the server end', () => timersUnderWay() <= timersBefore)
    },
  }
}

/** Somebody new, in a workspace of their own or, as something, in one that there is. @returns the workspace's id */
export async function addPerson(
  databaseUrl: string,
  name: string,
  email: string,
  into?: { readonly workspaceId: string; readonly role: Role },
): Promise<string> {
  const orm = await MikroORM.init(ormSettings(databaseUrl, ENTITIES))
  const em = orm.em.fork()
  const workspaceId = into?.workspaceId ?? randomUUID()
  if (!into) em.create(Workspace, { id: workspaceId, name: `Workspace of ${name}` })
  const person = em.create(Person, {
    id: randomUUID(),
    lastWorkspaceId: workspaceId,
    name,
    email: email.toLowerCase(),
    passwordHash: await hashPassword(PASSWORD),
  })
  em.create(Membership, { workspaceId, personId: person.id, role: into?.role ?? 'owner', since: new Date() })
  await em.flush()
  await orm.close(true)
  return workspaceId
}
