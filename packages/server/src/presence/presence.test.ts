import { randomUUID } from 'node:crypto'
import request from 'supertest'
import { addPerson, PASSWORD, startServer, type RunningServer } from '../testing/running-server.ts'

const DRAFT = `draft:${randomUUID()}`
const OTHER = `draft:${randomUUID()}`
let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

/** Somebody of a workspace, signed in. */
async function colleague(name: string, workspaceId: string): Promise<ReturnType<typeof request.agent>> {
  const email = `${name}-${randomUUID()}@example.test`
  await addPerson(server.databaseUrl, name, email, { workspaceId, role: 'editor' })
  const agent = request.agent(server.app.getHttpServer())
  await agent.post('/api/session').send({ email, password: PASSWORD }).expect(200)
  return agent
}

test('who has the same open is told by name; who was not heard of for a while is gone', async () => {
  const iris = await server.signIn('iris')
  const { workspaceId } = (await iris.get('/api/session').expect(200)).body as { readonly workspaceId: string }
  const torben = await colleague('torben', workspaceId)
  const others = async (agent: typeof iris, place: string): Promise<readonly string[]> =>
    ((await agent.post('/api/presence').send({ place }).expect(200)).body as { readonly others: readonly string[] })
      .others
  expect(await others(iris, DRAFT)).toEqual([])
  expect(await others(torben, DRAFT)).toEqual(['iris'])
  expect(await others(iris, DRAFT)).toEqual(['torben'])
  expect(await others(iris, OTHER)).toEqual([])
  await server.em().execute(`update presence set seen_at = now() - interval '1 minute' where name = 'torben'`)
  expect(await others(iris, DRAFT)).toEqual([])
  // Saying so again, one is there again.
  await others(torben, DRAFT)
  expect(await others(iris, DRAFT)).toEqual(['torben'])
})
