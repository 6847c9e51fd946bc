import { randomUUID } from 'node:crypto'
import { setTimeout as sleep } from 'node:timers/promises'
import pg from 'pg'
import { main, say } from '../say.mjs'
import { firstOwner, percentile, trialServer } from './server.mjs'

const PEOPLE = Number(process.argv[2] ?? 200)
const SECONDS = Number(process.argv[3] ?? 60)
const KILLS = Number(process.argv[4] ?? 0)
const ITEMS = 12
const LOOK_UPS = 400
const PAUSE_MS = [700, 2300]

/** A paper of typed answers, open to anyone. */
async function opened(ask) {
  const ids = []
  for (let at = 0; at < ITEMS; at++) {
    const stem = [{ type: 'paragraph', content: [{ type: 'text', text: `What is ${at} and one?` }] }]
    const body = { kind: 'short', stem, points: 1, tags: [], key: [String(at + 1)], rules: RULES }
    ids.push((await ask('POST', '/api/items', { body })).body.id)
  }
  const paper = (await ask('POST', '/api/papers', { title: 'Trial', itemIds: ids })).body
  const asked = { id: randomUUID(), paperId: paper.id, mode: 'test', includeUnsigned: true }
  return (await ask('POST', '/api/sittings/here', asked)).body
}

const RULES = { letterCase: 'ignore', accents: 'respect' }

async function call(url, method, path, body, token) {
  const start = performance.now()
  try {
    const response = await fetch(url + path, {
      method,
      headers: { 'content-type': 'application/json', ...(token && { authorization: `Bearer ${token}` }) },
      ...(body && { body: JSON.stringify(body) }),
    })
    const text = await response.text()
    return { status: response.status, body: text ? JSON.parse(text) : null, took: performance.now() - start }
  } catch {
    return { status: 0, body: null, took: performance.now() - start }
  }
}

/** Asked again until it is heard of, as the queue in the browser does. */
async function until(ask) {
  for (let turn = 0; ; turn++) {
    const answer = await ask()
    if (answer.status !== 0 && answer.status < 500) return answer
    await sleep(Math.min(3000, 200 * 2 ** turn))
  }
}

/** One student: begins, answers with pauses, changes answers. What was acknowledged is noted. */
async function student(url, code, at, end, seen) {
  const path = `/api/take/${code}`
  await sleep(Math.random() * 3000)
  const given = { fields: { Name: `Student ${at}`, Class: 'A' }, code: '', device: `d${at}` }
  let token = null
  while (token === null) {
    const begun = await call(url, 'POST', path, given)
    // Begun and not heard of: another name of this browser, as a person would type it once more.
    if (begun.status === 409)
      Object.assign(given, { device: `d${at}-${randomUUID()}`, fields: { Name: `Student ${at} again`, Class: 'A' } })
    else if (begun.status === 200) token = begun.body.token
    else if (begun.status !== 0 && begun.status < 500) throw new Error(`Begun: ${begun.status}`)
    else await sleep(500)
  }
  const acknowledged = new Map()
  const counts = new Map()
  while (Date.now() < end) {
    await sleep(PAUSE_MS[0] + Math.random() * (PAUSE_MS[1] - PAUSE_MS[0]))
    const item = Math.floor(Math.random() * ITEMS)
    const n = (counts.get(item) ?? -1) + 1
    counts.set(item, n)
    const text = `${at}-${item}-${n}`
    const answer = { at: item, n, response: { kind: 'text', text } }
    const saved = await until(async () => {
      const one = await call(url, 'PUT', `${path}/attempt/answers`, { answers: [answer] }, token)
      seen.times.push(one)
      return one
    })
    if (saved.status === 200) acknowledged.set(item, { n, text })
    else seen.refused.push(saved.status)
  }
  return { token, acknowledged }
}

/** The last acknowledged answer of each item must be there, or a newer one. */
async function lost(url, code, people) {
  let [missing, kept] = [0, 0]
  for (const { token, acknowledged } of people) {
    const { body } = await until(() => call(url, 'GET', `/api/take/${code}/attempt`, undefined, token))
    for (const [item, { n, text }] of acknowledged) {
      const there = body.items[item]
      if (there && (there.n > n || there.response?.text === text)) kept++
      else missing++
    }
  }
  return { missing, kept }
}

/** The plainest thing the database does, timed from here: a row by its primary key. */
async function lookUps(databaseUrl, id) {
  const client = new pg.Client({ connectionString: databaseUrl })
  await client.connect()
  const took = []
  for (let at = 0; at < LOOK_UPS; at++) {
    const start = performance.now()
    await client.query('select id from sitting where id = $1', [id])
    took.push(performance.now() - start)
  }
  await client.end()
  return took
}

/**
 * So many people take one paper at once, each answering every other second; the server is killed so often meanwhile.
 * `node scripts/trials/take.mjs [PEOPLE] [SECONDS] [KILLS]`
 */
await main(async () => {
  const trial = await trialServer()
  try {
    const owner = await firstOwner(trial)
    const sitting = await opened(owner)
    const alone = await lookUps(trial.databaseUrl, sitting.id)
    say(`${PEOPLE} people for ${SECONDS} s, the server killed ${KILLS} times …`)
    const end = Date.now() + SECONDS * 1000
    const seen = { times: [], refused: [] }
    const taking = Promise.all(
      Array.from({ length: PEOPLE }, (_none, at) => student(trial.url, sitting.code, at, end, seen)),
    )
    let during = []
    for (let kill = 0; kill < KILLS; kill++) {
      await sleep((SECONDS * 1000) / (KILLS + 1))
      await trial.kill()
      await trial.start()
    }
    if (!KILLS) {
      await sleep((SECONDS * 1000) / 2)
      during = await lookUps(trial.databaseUrl, sitting.id)
    }
    const people = await taking
    const { missing, kept } = await lost(trial.url, sitting.code, people)
    const ok = seen.times.filter(({ status }) => status === 200).map(({ took }) => took)
    const unheard = seen.times.length - ok.length
    const p95 = percentile(ok, 0.95)
    const plain = percentile(during.length ? during : alone, 0.95)
    process.stdout.write(
      `${ok.length} answers kept, ${unheard} not heard of and sent again, ${seen.refused.length} refused; p50 ${percentile(ok, 0.5).toFixed(1)} ms, p95 ${p95.toFixed(1)} ms\n`,
    )
    process.stdout.write(
      `a row by its primary key: alone p95 ${percentile(alone, 0.95).toFixed(2)} ms, meanwhile p95 ${plain.toFixed(2)} ms; saving is ${(p95 / plain).toFixed(1)} times that (aim 20)\n`,
    )
    process.stdout.write(`${kept} last answers are there as they were acknowledged, ${missing} lost\n`)
    if (missing || seen.refused.length) process.exitCode = 1
  } finally {
    await trial.stop()
  }
})
