import { setTimeout as sleep } from 'node:timers/promises'
import { main, say } from '../say.mjs'
import { firstOwner, percentile, person, trialServer } from './server.mjs'

const PEOPLE = Number(process.argv[2] ?? 200)
const SECONDS = Number(process.argv[3] ?? 60)
const SIGN_INS_AT_ONCE = 8

/** A draft of some questions, each person's own. */
function draftOf(name, lines) {
  return Array.from(
    { length: lines },
    (_none, at) => `${at + 1}. Which of these is a grain (${name})?\na) oak\nb) rye\nc) ash\nAnswer: b\n`,
  ).join('\n')
}

/** One person for a while: looks around, types, saves; a pause after each step as people make them. */
async function evening(ask, name, until, times) {
  const measured = async (kind, method, path, body) => {
    const start = performance.now()
    const answer = await ask(method, path, body)
    times.push({ kind, took: performance.now() - start, status: answer.status })
    return answer
  }
  let text = draftOf(name, 20)
  const made = await measured('new draft', 'POST', '/api/drafts', { title: name, text })
  let version = made.body?.version ?? 1
  while (Date.now() < until) {
    await sleep(500 + Math.random() * 2500)
    const turn = Math.random()
    if (turn < 0.4) {
      text += ' and more'
      const path = `/api/drafts/${made.body?.id}`
      const saved = await measured('save', 'PUT', path, { title: name, text, version, followed: [] })
      version = saved.body?.version ?? version
    } else if (turn < 0.6) await measured('bank', 'GET', '/api/items?limit=50')
    else if (turn < 0.7) await measured('search', 'GET', '/api/items?text=grain&limit=50')
    else if (turn < 0.8) await measured('counts', 'GET', '/api/session/counts')
    else await measured('drafts', 'GET', '/api/drafts')
  }
}

function report(times, seconds) {
  const kinds = new Map()
  for (const one of times) kinds.set(one.kind, [...(kinds.get(one.kind) ?? []), one])
  for (const [kind, all] of kinds) {
    const took = all.map((one) => one.took)
    const wrong = all.filter((one) => one.status >= 400 || one.status === 0).length
    process.stdout.write(
      `  ${kind}: ${all.length}, ${wrong} not done, p50 ${percentile(took, 0.5).toFixed(0)} ms, p95 ${percentile(took, 0.95).toFixed(0)} ms\n`,
    )
  }
  const took = times.map((one) => one.took)
  const wrong = times.filter((one) => one.status >= 400 || one.status === 0).length
  process.stdout.write(
    `${times.length} requests in ${seconds} s, ${wrong} not done, p95 ${percentile(took, 0.95).toFixed(0)} ms\n`,
  )
  return wrong
}

/** The heaviest files that may be opened, one after the other, while a small request is timed. */
async function besideFiles(trial, ask) {
  const bytes = (text) => new TextEncoder().encode(text)
  const files = [
    ['a text of 19 MB', bytes(draftOf('large', 260_000).slice(0, 19_000_000))],
    ['GIFT, 300,000 questions', bytes('::a::b {=c ~d}\n\n'.repeat(300_000))],
    ['a table of 990,000 cells', bytes('Which is a grain?,oak,rye,ash,b\n'.repeat(165_000))],
  ]
  const took = []
  let isOver = false
  const small = (async () => {
    while (!isOver) {
      const start = performance.now()
      await ask('GET', '/api/session')
      took.push(performance.now() - start)
      await sleep(20)
    }
  })()
  for (const [name, body] of files) {
    const start = performance.now()
    const { status, body: said } = await ask('POST', '/api/files', body, 'application/octet-stream')
    const answer = status === 200 ? 'read' : said?.message
    process.stdout.write(`  ${name}: ${answer}, ${((performance.now() - start) / 1000).toFixed(1)} s\n`)
  }
  isOver = true
  await small
  process.stdout.write(
    `a small request meanwhile: ${took.length}, p50 ${percentile(took, 0.5).toFixed(0)} ms, p95 ${percentile(took, 0.95).toFixed(0)} ms, longest ${Math.max(...took).toFixed(0)} ms\n`,
  )
}

/**
 * So many people for a minute, reading, typing and saving; then a small request beside the heaviest files.
 * `node scripts/trials/load.mjs [PEOPLE] [SECONDS]`
 */
await main(async () => {
  const trial = await trialServer()
  try {
    const owner = await firstOwner(trial)
    const members = []
    say(`Making ${PEOPLE} people …`)
    for (let from = 0; from < PEOPLE; from += SIGN_INS_AT_ONCE)
      members.push(
        ...(await Promise.all(
          Array.from({ length: Math.min(SIGN_INS_AT_ONCE, PEOPLE - from) }, async (_none, at) => {
            const { body: link } = await owner('POST', '/api/workspace/invitations', { role: 'editor', note: 'x' })
            const ask = person(trial.url)
            await ask('POST', `/api/links/${link.token}`, {
              name: `Person ${from + at}`,
              email: `p${from + at}@skarnholm.example`,
              password: 'quite a long password',
            })
            return ask
          }),
        )),
      )
    say(`${PEOPLE} people for ${SECONDS} s …`)
    const times = []
    const until = Date.now() + SECONDS * 1000
    await Promise.all(members.map((ask, at) => evening(ask, `Draft ${at}`, until, times)))
    process.exitCode = report(times, SECONDS) ? 1 : 0
    await besideFiles(trial, owner)
  } finally {
    await trial.stop()
  }
})
