import { startServer, type RunningServer } from '../testing/running-server.ts'

let server: RunningServer
beforeAll(async () => {
  server = await startServer()
})
afterAll(() => server.stop())

test('a draft keeps the text that it was drafted from, through every save; an empty one is none', async () => {
  const iris = await server.signIn('Iris')
  const given = { title: 'Tides', text: '1. Which?\na) x\nb) y\nAnswer: a\n', source: 'The tide turns twice a day.' }
  const made = (await iris.post('/api/drafts').send(given).expect(201)).body as {
    id: string
    version: number
    followed: object[]
  }
  expect(made).toMatchObject({ source: given.source })
  await iris
    .put(`/api/drafts/${made.id}`)
    .send({ title: 'Tides', text: `${given.text}\n`, version: made.version, followed: [] })
    .expect(200)
  expect((await iris.get(`/api/drafts/${made.id}`).expect(200)).body).toMatchObject({ source: given.source })
  const bare = await iris
    .post('/api/drafts')
    .send({ ...given, source: '  ' })
    .expect(201)
  expect(bare.body).toMatchObject({ source: null })
  await iris
    .post('/api/drafts')
    .send({ ...given, source: 5 })
    .expect(400)
})
