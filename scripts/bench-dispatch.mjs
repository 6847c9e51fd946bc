import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { startService } from './services.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const TOKEN = 'bench'
const RUNS = 5

/** Sending and proving a paper at the course site, which runs as a process of its own, beside bare HTTP. */
export async function dispatch(items, line) {
  const { FORMATS, barePlan, probesOf, variablesOf } = await import('../packages/core/dist/index.js')
  const { packZip } = await import('../packages/documents/dist/index.js')
  const { ADAPTERS } = await import('../packages/server/dist/dispatch/adapters/index.js')
  const site = await startService(
    'Breakwater',
    'packages/standins/dist/breakwater/main.js',
    { BREAKWATER_PORT: '0', BREAKWATER_TOKEN: TOKEN },
    root,
  )
  const sink = await listening()
  try {
    const account = { url: site.url, timeoutMs: 60_000, token: () => Promise.resolve(TOKEN) }
    const parts = items.map((body, at) => ({
      ...{ name: `item-${at}`, body, remoteId: null, section: null, required: true },
    }))
    const plan = barePlan(parts.length)
    let arrived = []
    let place = null
    const progress = {
      arrivedAt: (found) => void (place = found),
      goesOn: () => Promise.resolve(),
      took: (outcomes) => void (arrived = outcomes),
    }
    const parcel = () => ({
      ...{ id: randomUUID(), title: 'Bench', plan, parts, assets: new Map(), into: 'new' },
      ...{ to: null, at: null, place: null, without: [] },
    })
    const sending = await best(() => ADAPTERS.breakwater.send(account, parcel(), progress))
    const { data } = FORMATS.qti21.write(items, { title: 'Bench', as: 'paper' })
    const posting = await best(() => post(sink.url, packZip(data.files)))
    line(
      `sending ${items.length} items to the course site, until they are there`,
      `${sending.toFixed(0)} ms; zipping and posting the same files ${posting.toFixed(0)} ms`,
      sending / posting,
      5,
    )
    const remoteIds = new Map(arrived.map(({ name, remoteId }) => [name, remoteId]))
    const asked = parts.flatMap((part) =>
      probesOf(part.body).map(({ response }) => ({
        part: { ...part, remoteId: remoteIds.get(part.name) },
        response,
      })),
    )
    const proving = await best(() => ADAPTERS.breakwater.grade(account, place, asked))
    const bodies = asked.map(({ part, response }) =>
      JSON.stringify([{ itemId: part.remoteId, responses: variablesOf(part.body, response) }]),
    )
    const plain = await best(async () => {
      for (const body of bodies) await post(sink.url, body)
    })
    line(
      `proving them there, ${asked.length} probes`,
      `${proving.toFixed(0)} ms; as many plain requests ${plain.toFixed(0)} ms`,
      proving / plain,
      2,
    )
  } finally {
    await site.stop()
    sink.close()
  }
}

/** A server that reads what it is sent and says that it did. */
async function listening() {
  const server = createServer((request, response) => {
    request.resume()
    request.once('end', () => response.end('{}'))
  })
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve))
  return { url: `http://127.0.0.1:${server.address().port}`, close: () => server.close() }
}

async function post(url, body) {
  await (await fetch(url, { method: 'POST', body })).text()
}

async function best(run) {
  let least = Infinity
  for (let turn = 0; turn < RUNS; turn++) {
    const start = performance.now()
    await run()
    least = Math.min(least, performance.now() - start)
  }
  return least
}
