import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'
import pg from 'pg'
import { main, PlainError, say } from '../say.mjs'
import { firstOwner, trialServer } from './server.mjs'

const ROUNDS = Number(process.argv[2] ?? 50)
const ITEMS = 60

async function prepared(ask) {
  const text = Array.from(
    { length: ITEMS },
    (_none, at) => `${at + 1}. What is ${at} and one?\nAnswer: ${at + 1}\n`,
  ).join('\n')
  const draft = (await ask('POST', '/api/drafts', { title: 'Trial', text })).body
  await ask('POST', `/api/drafts/${draft.id}/bank`, { includeUnsigned: true })
  const saved = (await ask('GET', `/api/drafts/${draft.id}`)).body
  const items = (await ask('GET', `/api/items?limit=${ITEMS}`)).body.items
  const paper = (await ask('POST', '/api/papers', { title: 'Trial', itemIds: items.map(({ id }) => id) })).body
  return {
    draft: saved.id,
    base: text,
    version: saved.version,
    text: [text],
    signed: [false],
    item: items[0].id,
    tags: [''],
    ids: items.slice(1).map(({ id }) => id),
    paper: paper.id,
    sent: [],
  }
}

/** Each step names what may be there afterwards: what was acknowledged last, and what was asked for since. */
const STEPS = [
  async (ask, state, counts) => {
    const text = `${state.base}\n${randomUUID()}`
    state.text.push(text)
    const saved = await ask('PUT', `/api/drafts/${state.draft}`, {
      title: 'Trial',
      text,
      version: state.version,
      followed: [],
    })
    if (saved.status !== 200) return
    Object.assign(state, { version: saved.body.version, text: [text] })
    counts.acknowledged++
  },
  async (ask, state, counts) => {
    const signedOff = !state.signed[0]
    state.signed.push(signedOff)
    const { status, body: item } = await ask('GET', `/api/items/${state.item}`)
    const { fingerprint } = await import('../../packages/core/dist/index.js')
    if (status !== 200) return
    const done = await ask('PUT', `/api/items/${state.item}/sign-off`, {
      signedOff,
      fingerprint: fingerprint(item.body),
    })
    if (done.status !== 200) return
    state.signed = [signedOff]
    counts.acknowledged++
  },
  async (ask, state, counts) => {
    const tag = `t${randomUUID().slice(0, 8)}`
    state.tags.push(tag)
    const change = { addTags: [tag], dropTags: state.tags.filter((one) => one && one !== tag) }
    const done = await ask('POST', '/api/items/bulk', { ids: state.ids, change })
    if (done.status !== 200) return
    state.tags = [tag]
    counts.acknowledged++
  },
  async (ask, state, counts) => {
    const id = randomUUID()
    const sent = await ask('POST', '/api/deliveries', {
      id,
      paperId: state.paper,
      connectionId: state.connectionId,
      into: 'new',
      includeUnsigned: true,
    })
    if (sent.status !== 201) return
    state.sent.push(id)
    counts.acknowledged++
  },
]

/** What is done to it at the end of a round; each leaves all of it running again. */
const FAULTS = {
  'server killed': async (trial, round) => {
    const at = round % trial.urls.length
    await trial.kill(at)
    return () => trial.start(at)
  },
  'all servers killed': async (trial) => {
    for (const at of trial.urls.keys()) await trial.kill(at)
    return async () => {
      for (const at of trial.urls.keys()) await trial.start(at)
    }
  },
  'connections cut': (trial) => cutConnections(trial),
  'database stopped': async (trial) => {
    await trial.stopDatabase()
    return () => trial.startDatabase()
  },
  'database crashed': async (trial) => {
    await trial.crashDatabase()
    return () => trial.startDatabase()
  },
  'disk full': async (trial) => {
    if (!trial.disk) throw new PlainError('This machine gives the database no disk of its own that could be filled.')
    trial.disk.fill()
    await sleep(1500)
    return async () => {
      trial.disk.clear()
      // PostgreSQL stops by itself where its log finds no room.
      if (!(await isUp(trial.databaseUrl))) {
        await trial.crashDatabase()
        await trial.startDatabase()
      }
    }
  },
  'course site killed': (trial) => trial.restartSite(),
}

/** Counts what was not done, so that a fault that nobody felt is seen. */
function counting(ask, counts) {
  return async (...asked) => {
    const answer = await ask(...asked)
    if (answer.status === 0 || answer.status >= 500) counts.notDone++
    if (process.env.VERBOSE && answer.status >= 500) process.stderr.write(`${asked[1]}: ${JSON.stringify(answer)}\n`)
    return answer
  }
}

async function isUp(connectionString) {
  const client = new pg.Client({ connectionString, connectionTimeoutMillis: 2000 })
  try {
    await client.connect()
    await client.query('select 1')
    await client.end()
    return true
  } catch {
    return false
  }
}

async function oneRound(trial, ask, state, counts, round) {
  const until = Date.now() + 150 + Math.random() * 900
  let isOver = false
  const work = (async () => {
    while (!isOver) {
      const status = await STEPS[Math.floor(Math.random() * (round % 5 === 0 ? 4 : 3))](ask, state, counts)
      if (status === 0) await sleep(20)
    }
  })()
  await sleep(Math.max(0, until - Date.now()))
  const names = Object.keys(FAULTS)
  const name = names[round % names.length]
  const before = counts.notDone
  const mend = await FAULTS[name](trial, round)
  await sleep(50)
  isOver = true
  await work
  const felt = counts.faults[name] ?? { rounds: 0, notDone: 0 }
  counts.faults[name] = { rounds: felt.rounds + 1, notDone: felt.notDone + counts.notDone - before }
  await mend?.()
  await look(ask, state, counts)
}

async function cutConnections(trial) {
  const client = new pg.Client({ connectionString: trial.databaseUrl })
  await client.connect()
  await client.query(
    'select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and usename = current_user',
  )
  await client.end()
}

async function answered(ask, path) {
  for (let turn = 0; turn < 40; turn++) {
    const { status, body } = await ask('GET', path)
    if (status === 200) return body
    await sleep(250)
  }
  throw new Error(`${path} does not answer any more.`)
}

async function look(ask, state, counts) {
  const draft = await answered(ask, `/api/drafts/${state.draft}`)
  if (!state.text.includes(draft.text)) counts.lost++
  Object.assign(state, { version: draft.version, text: [draft.text] })
  const item = await answered(ask, `/api/items/${state.item}`)
  if (!state.signed.includes(item.signOff !== null)) counts.lost++
  state.signed = [item.signOff !== null]
  const { items } = await answered(ask, `/api/items?limit=${ITEMS}`)
  const tags = new Set(items.filter(({ id }) => id !== state.item).map(({ body }) => body.tags.join(' ')))
  if (tags.size > 1) counts.halfDone++
  if (!state.tags.some((tag) => tags.has(tag))) counts.lost++
  state.tags = [...tags].slice(0, 1)
  if (items.length > ITEMS) counts.doubled++
}

/** Every delivery that was taken arrives in the end, with each item once. */
async function deliveriesEnd(trial, ask, state, counts) {
  counts.deliveries = state.sent.length
  for (const id of state.sent) {
    let delivery = await answered(ask, `/api/deliveries/${id}`)
    for (let turn = 0; turn < 400 && delivery.state !== 'done'; turn++) {
      if (delivery.state === 'failed') await ask('POST', `/api/deliveries/${id}/retry`)
      await sleep(500)
      delivery = await answered(ask, `/api/deliveries/${id}`)
    }
    if (delivery.state === 'done') counts.arrived++
  }
  const { collections, jobs } = JSON.parse(readFileSync(trial.siteFile, 'utf8'))
  const quizzes = Object.values(collections).filter(({ kind }) => kind === 'quiz')
  const done = Object.values(jobs).filter((job) => job.state === 'done')
  if (quizzes.some(({ itemIds }) => itemIds.length > ITEMS)) counts.doubled++
  if (new Set(done.map(({ key }) => key)).size !== done.length) counts.doubled++
}

/**
 * Kills one of two servers or both (kill -9), cuts their connections to the database, stops, crashes or fills the disk of
 * the database, or kills the course site, at random moments while a draft is saved, items are signed off and changed in bulk, and papers are sent; then looks whether what was acknowledged
 * is there, once. `node scripts/trials/kill.mjs [ROUNDS]`
 */
await main(async () => {
  const trial = await trialServer({}, 2)
  const counts = {
    rounds: 0,
    acknowledged: 0,
    notDone: 0,
    lost: 0,
    doubled: 0,
    halfDone: 0,
    deliveries: 0,
    arrived: 0,
    faults: {},
  }
  try {
    const ask = counting(await firstOwner(trial), counts)
    const site = { destination: 'breakwater', name: 'Site', url: trial.siteUrl, token: trial.token }
    const { id: connectionId } = (await ask('POST', '/api/connections', site)).body
    const state = { ...(await prepared(ask)), connectionId }
    for (let round = 0; round < ROUNDS; round++) {
      await oneRound(trial, ask, state, counts, round)
      counts.rounds++
    }
    await deliveriesEnd(trial, ask, state, counts)
  } finally {
    await trial.stop()
  }
  const { faults, ...all } = counts
  for (const [name, { rounds, notDone }] of Object.entries(faults)) say(`${name}: ${rounds} times, ${notDone} not done`)
  process.stdout.write(
    `${Object.entries(all)
      .map(([name, count]) => `${name} ${count}`)
      .join(', ')}\n`,
  )
  process.exitCode = counts.lost || counts.doubled || counts.halfDone || counts.arrived < counts.deliveries ? 1 : 0
})
