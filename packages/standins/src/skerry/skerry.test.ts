import type { Running } from '../shared/serve.ts'
import { startSkerry } from './index.ts'

const TOKEN = 't'
const SOURCE = `The harbour

A buoy is a floating mark that is held by a chain. A beacon is a mark that stands on a rock. A cleat is a fitting with two horns to which a rope is made fast. The light stands 41 metres above the sea. The quay was built in 1911. The rope is replaced because sunlight weakens it. The wreck was raised because it closed the channel. Nobody bathes there because the current is strong. The harbour sells rope, paint, charts and lamps. The school teaches knots, signals and pilotage.

To enter the harbour, first call the harbour master. Next wait for the green light. Then pass between the two piers.`
const wanted = (lines: string, more = '') =>
  `Write some questions about the text at the end.\n\n${lines}\n\n${more}The text:\n\n${SOURCE}`

let site: Running
beforeAll(async () => {
  site = await startSkerry({
    port: 0,
    token: TOKEN,
    wordsPerSecond: 10_000,
    mistakes: 0,
    manner: 'as-asked',
    words: 400,
    units: 1000,
  })
})
afterAll(() => site.close())

const post = (body: object, token = TOKEN) =>
  fetch(`${site.url}/v1/write`, {
    method: 'POST',
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

interface Line {
  text?: string
  end?: string
  units?: { asked: number; written: number }
}

async function reply(body: object): Promise<{ text: string; last: Line | undefined }> {
  const lines = (await (await post(body)).text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Line)
  return { text: lines.map(({ text = '' }) => text).join(''), last: lines.at(-1) }
}

const put = (path: string, body: object) =>
  fetch(`${site.url}${path}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

test('it tells its terms to who has the token, and nothing to others', async () => {
  const told = await fetch(`${site.url}/v1/terms`, { headers: { authorization: `Bearer ${TOKEN}` } })
  expect(await told.json()).toEqual({ name: 'Skerry', limits: { words: 400, units: 1000 } })
  expect((await post({ request: wanted('- 1 × single choice') }, 'wrong')).status).toBe(401)
})

test('a reply comes in pieces, ends whole, and is counted; of one seed it is the same', async () => {
  const request = wanted('- 2 × single choice\n- 1 × ordering')
  const { text, last } = await reply({ request, seed: 5 })
  expect(last).toEqual({
    end: 'whole',
    units: { asked: Math.ceil(request.length / 4), written: Math.ceil(text.trimEnd().length / 4) },
  })
  expect((await reply({ request, seed: 5 })).text).toBe(text)
  expect((await reply({ request, seed: 6 })).text).not.toBe(text)
})

test('it is cut at the units that it may have, and goes on where it stopped', async () => {
  const request = wanted('- 3 × single choice')
  const whole = await reply({ request, seed: 9 })
  const cut = await reply({ request, seed: 9, units: 40 })
  expect(cut.last?.end).toBe('limit')
  expect(whole.text.startsWith(cut.text)).toBe(true)
  const rest = await reply({ request, seed: 9, soFar: cut.text })
  expect(cut.text + rest.text).toBe(whole.text)
})

test.each([
  ['too many words', { request: 'word '.repeat(500) }, 413, /500 words; 400 are taken/],
  ['a request that says nothing', { request: 'Hello' }, 422, /do not understand/],
  [
    'another language',
    { request: wanted('- 1 × single choice', 'Write them in Norwegian.\n\n') },
    422,
    /English only, not Norwegian/,
  ],
  [
    'a topic that it does not know',
    { request: 'Write a reading of about 200 words on: accountancy' },
    422,
    /know nothing about “accountancy”/,
  ],
])('%s: one sentence', async (_name, body, status, why) => {
  const answer = await post(body)
  expect(answer.status).toBe(status)
  expect(((await answer.json()) as { error: string }).error).toMatch(why)
})

test('a reading on a topic is made of what it knows, its own words untouched', async () => {
  const { text } = await reply({ request: 'Write a reading of about 120 words on: the whipping of a rope' })
  expect(text).toMatch(/^Rope and knots\n\n/)
  expect(text).toContain('this binding is called a whipping')
  expect(text.split(/\s+/).length).toBeLessThan(260)
})

test('what it knows is served as pages', async () => {
  const start = await (await fetch(site.url)).text()
  const [, page] = /href="(\/readings\/[a-z]+\.html)"/.exec(start) ?? []
  expect(await (await fetch(`${site.url}${page}`)).text()).toContain('<main>')
  expect((await fetch(`${site.url}/readings/none.html`)).status).toBe(404)
})

test('its temper can be set, and what it did on purpose is told', async () => {
  await put('/temper', { mistakes: 1, manner: 'bold', seed: 3, wordsPerSecond: -1 })
  const { text } = await reply({ request: wanted('- 2 × single choice') })
  expect(text).toMatch(/\*\*Question 1:\*\*/)
  const told = (await (await fetch(`${site.url}/written`)).json()) as { items: { mistake: string | null }[] }[]
  expect(told.at(-1)?.items.map(({ mistake }) => mistake)).toEqual(['key', 'key'])
  expect(await (await fetch(`${site.url}/temper`)).json()).toMatchObject({
    mistakes: 1,
    manner: 'bold',
    wordsPerSecond: 10_000,
  })
  await put('/temper', { mistakes: 0, manner: 'as-asked' })
})

test('faults are played on request', async () => {
  await put('/faults', [{ on: '/v1/write', play: 'status', status: 503, times: 1 }])
  expect((await post({ request: wanted('- 1 × single choice') })).status).toBe(503)
  expect((await post({ request: wanted('- 1 × single choice') })).status).toBe(200)
})
