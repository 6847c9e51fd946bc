import { randomUUID } from 'node:crypto'
import { setTimeout as sleep } from 'node:timers/promises'
import { main, say } from '../say.mjs'
import { firstOwner, trialServer } from './server.mjs'

const ROUNDS = Number(process.argv[2] ?? 50)
const ITEMS = 60

/** A connection to each of the stand-ins; that to Inlet by its own page. */
async function connectAll(trial, ask) {
  const connections = {}
  for (const destination of ['breakwater', 'foghorn']) {
    const given = { destination, name: destination, url: trial.sites[destination].url, token: trial.token }
    connections[destination] = (await ask('POST', '/api/connections', given)).body.id
  }
  const { url } = trial.sites.inlet
  const asked = await ask('POST', '/api/connections/consent', { destination: 'inlet', name: 'inlet', url })
  const address = new URL(asked.body.address)
  const form = new URLSearchParams([...address.searchParams, ['answer', 'yes']])
  const back = await fetch(new URL('/consent', address), { method: 'POST', body: form, redirect: 'manual' })
  const { pathname, search } = new URL(back.headers.get('location'))
  await ask('GET', pathname + search)
  const known = (await ask('GET', '/api/connections')).body.connections
  connections.inlet = known.find(({ destination }) => destination === 'inlet').id
  return connections
}

async function preparedItems(ask) {
  const text = Array.from(
    { length: ITEMS },
    (_none, at) => `${at + 1}. What comes after ${at}?\na) ${at + 1}\nb) ${at + 5}\nc) ${at + 9}\nAnswer: a\n`,
  ).join('\n')
  const draft = (await ask('POST', '/api/drafts', { title: 'Trial', text })).body
  await ask('POST', `/api/drafts/${draft.id}/bank`, { includeUnsigned: true })
  return (await ask('GET', `/api/items?limit=${ITEMS}`)).body.items.map(({ id }) => id)
}

async function answered(ask, method, path, body) {
  for (let turn = 0; turn < 60; turn++) {
    const answer = await ask(method, path, body)
    if (answer.status === 200 || answer.status === 201) return answer.body
    await sleep(200)
  }
  throw new Error(`${path} does not answer any more.`)
}

/** How many items each thing of that title has there. */
async function there({ sites, token }, ask, destination, connections, title) {
  if (destination === 'inlet') {
    const places = await answered(ask, 'GET', `/api/connections/${connections.inlet}/places`)
    return places.filter((one) => one.title === title).map(({ count }) => count)
  }
  const path = { breakwater: '/api/collections', foghorn: '/api/games' }[destination]
  const answer = await fetch(sites[destination].url + path, { headers: { authorization: `Bearer ${token}` } })
  return (await answer.json()).filter((one) => one.title === title).map(({ items, rounds }) => items ?? rounds)
}

async function oneRound(trial, ask, connections, itemIds, round, counts) {
  const destination = ['inlet', 'breakwater', 'foghorn'][round % 3]
  const title = `Round ${round}`
  const paper = await answered(ask, 'POST', '/api/papers', { title, itemIds })
  const id = randomUUID()
  const given = { id, paperId: paper.id, connectionId: connections[destination], into: 'new', includeUnsigned: true }
  await answered(ask, 'POST', '/api/deliveries', given)
  // At a random moment from before it begins to when it is nearly done.
  await sleep(Math.random() * (destination === 'inlet' ? 2200 : 1200))
  const isServer = round % 2 === 0
  if (isServer) {
    await trial.kill()
    await trial.start()
  } else await trial.sites[destination].restart()
  counts[isServer ? 'server killed' : 'stand-in killed']++
  let delivery = await answered(ask, 'GET', `/api/deliveries/${id}`)
  for (let turn = 0; turn < 600 && delivery.state !== 'done'; turn++) {
    if (delivery.state === 'failed') {
      counts['taken up by hand']++
      await ask('POST', `/api/deliveries/${id}/retry`)
    }
    await sleep(200)
    delivery = await answered(ask, 'GET', `/api/deliveries/${id}`)
  }
  const found = await there(trial, ask, destination, connections, title)
  const isWhole = delivery.state === 'done' && found.length === 1 && found[0] === ITEMS
  const isLogRight = delivery.items.every(({ outcome }) => outcome === 'created') && delivery.disagreeing === 0
  if (isWhole) counts['arrived once and whole']++
  else say(`round ${round}, ${destination}: ${delivery.state}, there ${JSON.stringify(found)}, ${delivery.why}`)
  if (isLogRight) counts['log right']++
}

/**
 * Sends a paper of 60 items to each stand-in in turn, kills the server or the stand-in (kill -9) at a random moment of it,
 * and looks whether it arrived once, whole and proven, and whether the log says so.
 * `node scripts/trials/deliver.mjs [ROUNDS]`
 */
await main(async () => {
  const trial = await trialServer()
  const counts = {
    'server killed': 0,
    'stand-in killed': 0,
    'arrived once and whole': 0,
    'log right': 0,
    'taken up by hand': 0,
  }
  try {
    const ask = await firstOwner(trial)
    const connections = await connectAll(trial, ask)
    const itemIds = await preparedItems(ask)
    for (let round = 0; round < ROUNDS; round++) await oneRound(trial, ask, connections, itemIds, round, counts)
  } finally {
    await trial.stop()
  }
  process.stdout.write(
    `${ROUNDS} rounds: ${Object.entries(counts)
      .map(([name, count]) => `${name} ${count}`)
      .join(', ')}\n`,
  )
  process.exitCode = counts['arrived once and whole'] < ROUNDS || counts['log right'] < ROUNDS ? 1 : 0
})
