import { randomUUID } from 'node:crypto'
import { readDraft } from '@zakuska/core'
import { addPerson, startServer, type RunningServer } from '../testing/running-server.ts'
import { PurgeService } from './purge.service.ts'
import { removeWorkspace } from './remove-workspace.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

async function tablesOfWorkspaces(): Promise<string[]> {
  const rows = await server.em().execute<{ table_name: string }[]>(
    `select c.table_name from information_schema.columns c join information_schema.tables t using (table_schema, table_name)
     where c.table_schema = 'public' and c.column_name = 'workspace_id' and t.table_type = 'BASE TABLE' order by 1`,
  )
  return rows.map((row) => row.table_name)
}

async function left(workspaceId: string): Promise<string[]> {
  const found: string[] = []
  for (const table of await tablesOfWorkspaces()) {
    const [row] = await server
      .em()
      .execute<{ count: string }[]>(`select count(*) from "${table}" where workspace_id = ?`, [workspaceId])
    if (Number(row?.count)) found.push(table)
  }
  return found
}

async function filled(name: string): Promise<string> {
  const agent = await server.signIn(name)
  const { workspaceId } = (await agent.get('/api/session').expect(200)).body as { readonly workspaceId: string }
  const [item] = readDraft({ text: '1. Which?\na) x\nb) y\nAnswer: a\n' }).items
  const { id } = (await agent.post('/api/items').send({ body: item?.item }).expect(201)).body as { readonly id: string }
  await agent
    .post('/api/papers')
    .send({ title: 'One', itemIds: [id] })
    .expect(201)
  await agent.post('/api/drafts').send({ title: 'One', text: '1. Which?', styles: [] }).expect(201)
  await agent
    .post('/api/presence')
    .send({ place: `item:${id}` })
    .expect(200)
  await agent.post(`/api/items/${id}/remarks`).send({ says: 'Is this so?' }).expect(201)
  await agent
    .post('/api/items/filters')
    .send({ name: 'All', filter: { kind: 'single' } })
    .expect(201)
  await agent.put('/api/outcomes').send({ text: 'code,statement\nA,Knows\n' }).expect(200)
  await agent
    .post('/api/copies')
    .send({ kind: 'items', ids: [id] })
    .expect(201)
  await agent.post('/api/workspace/invitations').send({ note: 'Ode', role: 'viewer' }).expect(201)
  return workspaceId
}

test('a workspace that is taken out leaves no row of any table behind, and others keep theirs', async () => {
  const [gone, stays] = [await filled('gone'), await filled('stays')]
  const before = await left(stays)
  expect(before.length).toBeGreaterThan(10)
  await removeWorkspace(server.em(), gone)
  expect(await left(gone)).toEqual([])
  expect(await left(stays)).toEqual(before)
  const [revisions] = await server
    .em()
    .execute<{ count: string }[]>(
      'select count(*) from item_revision r where not exists (select 1 from bank_item b where b.id = r.item_id)',
    )
  expect(Number(revisions?.count)).toBe(0)
})

test('what has had its time goes, and nothing before', async () => {
  const em = server.em()
  const [old, young] = [
    await addPerson(server.databaseUrl, 'old', `old-${randomUUID()}@example.test`),
    await addPerson(server.databaseUrl, 'young', `young-${randomUUID()}@example.test`),
  ]
  await em.execute(`update workspace set deleted_at = now() - interval '31 days' where id = ?`, [old])
  await em.execute(`update workspace set deleted_at = now() - interval '29 days' where id = ?`, [young])
  await em.execute(
    `insert into presence (workspace_id, place, person_id, name, seen_at) values (?, 'x', ?, 'Somebody', now() - interval '2 days')`,
    [young, randomUUID()],
  )
  await server.app.get(PurgeService).purge()
  // Several servers may do it at once.
  await Promise.all([server.app.get(PurgeService).purge(), server.app.get(PurgeService).purge()])
  const rows = await em.execute<{ id: string }[]>('select id from workspace where id in (?, ?)', [old, young])
  expect(rows.map(({ id }) => id)).toEqual([young])
  const [seen] = await em.execute<{ count: string }[]>('select count(*) from presence where workspace_id = ?', [young])
  expect(Number(seen?.count)).toBe(0)
})
