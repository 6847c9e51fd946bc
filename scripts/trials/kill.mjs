import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'
import pg from 'pg'
import { main } from '../say.mjs'
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
    const sent = await ask('POST', '/api/deliveries', { id, paperId: state.paper, into: 'quiz', includeUnsigned: true })
    if (sent.status !== 201) return
    state.sent.push(id)
    counts.acknowledged++
  },
]

async function oneRound(trial, ask, state, counts, round) {
  const until = Date.now() + 150 + Math.random() * 900
  const work = (async () => {
    while (Date.now() < until + 50)
      await STEPS[Math.floor(Math.random() * (round % 5 === 0 ? 4 : 3))](ask, state, counts)
  })()
  await sleep(Math.max(0, until - Date.now()))
  if (round % 7 === 3) await cutConnections(trial)
  else if (round % 7 === 5) await trial.restartSite()
  else await trial.kill()
  await work
  if (round % 7 !== 3 && round % 7 !== 5) await trial.start()
  else await sleep(400)
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
 * Kills the server (kill -9), cuts every connection to the database, or kills the course site at random moments while a
 * draft is saved, items are signed off and changed in bulk, and papers are sent; then looks whether what was acknowledged
 * is there, once. `node scripts/trials/kill.mjs [ROUNDS]`
 */
await main(async () => {
  const trial = await trialServer()
  const counts = { rounds: 0, acknowledged: 0, lost: 0, doubled: 0, halfDone: 0, deliveries: 0, arrived: 0 }
  try {
    const ask = await firstOwner(trial)
    await ask('PUT', '/api/connections/breakwater', { url: trial.siteUrl, token: trial.token })
    const state = await prepared(ask)
    for (let round = 0; round < ROUNDS; round++) {
      await oneRound(trial, ask, state, counts, round)
      counts.rounds++
    }
    await deliveriesEnd(trial, ask, state, counts)
  } finally {
    await trial.stop()
  }
  process.stdout.write(
    `${Object.entries(counts)
      .map(([name, count]) => `${name} ${count}`)
      .join(', ')}\n`,
  )
  process.exitCode = counts.lost || counts.doubled || counts.halfDone || counts.arrived < counts.deliveries ? 1 : 0
})
