import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { hostileFiles, mutated } from './hostile-files.mjs'
import { main, say } from '../say.mjs'
import { firstOwner, percentile, person, root, trialServer } from './server.mjs'

const MUTATED = Number(process.argv[2] ?? 10_000)
const ONLY = process.argv[3]
const LONGEST_MS = 5000

/** Memory of a process and its children, in MB (Linux). */
function memoryOf(pid) {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8')
  const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean)
  return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1000 + children.reduce((all, one) => all + memoryOf(one), 0)
}

/** Files as people have them, to be broken. */
function ordinary() {
  const folder = join(root, 'packages/core/samples/drafts')
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile() && !one.name.endsWith('.json'))
    .map((one) => new Uint8Array(readFileSync(join(one.parentPath, one.name))))
}

async function second(trial, owner) {
  const { body: link } = await owner('POST', '/api/workspace/invitations', { role: 'editor', note: 'x' })
  const ask = person(trial.url)
  const password = 'quite a long password'
  await ask('POST', `/api/links/${link.token}`, { name: 'Torben', email: 'torben@skarnholm.example', password })
  return ask
}

/**
 * Files that are made to be large, deep or slow, then ordinary ones broken at random, opened by one person while another
 * opens small ones. `node scripts/trials/hostile.mjs [MUTATED] [ONLY]`
 */
await main(async () => {
  const trial = await trialServer({ LOG_LEVEL: 'silent' })
  let failed = 0
  try {
    const owner = await firstOwner(trial)
    const torben = await second(trial, owner)
    const open = (ask, file) => ask('POST', '/api/files', file, 'application/octet-stream')
    const small = new TextEncoder().encode('1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n')
    await open(owner, small)
    await sleep(1000)
    const before = memoryOf(trial.pid())
    const others = []
    let isOver = false
    const beside = (async () => {
      while (!isOver) {
        const start = performance.now()
        const { status } = await open(torben, small)
        others.push(status === 200 ? performance.now() - start : Infinity)
        await sleep(250)
      }
    })()
    const took = []
    const tried = async (name, file) => {
      const start = performance.now()
      const { status, body } = await open(owner, file)
      const ms = performance.now() - start
      took.push(ms)
      const isBad = status === 0 || status >= 500 || ms > LONGEST_MS
      if (!isBad) return
      failed++
      process.stdout.write(
        `  ${name}: ${status || 'nobody answered'}, ${(ms / 1000).toFixed(1)} s ${body?.message ?? ''}\n`,
      )
      if (status === 0) {
        await sleep(500)
        if (!trial.isRunning()) await trial.start()
      }
    }
    const files = Object.entries(hostileFiles()).filter(([name]) => !ONLY || name.includes(ONLY))
    say(`${files.length} hostile files …`)
    for (const [name, file] of files) await tried(name, file)
    process.stdout.write(
      `${files.length} hostile files: ${failed} ended it, got a 5xx or took over ${LONGEST_MS / 1000} s; p50 ${percentile(took, 0.5).toFixed(0)} ms, longest ${Math.max(...took).toFixed(0)} ms\n`,
    )
    if (!ONLY) {
      say(`${MUTATED} broken files …`)
      const generator = xoroshiro128plus(20261202)
      const next = () => uniformInt(generator, 0, 0x3fffffff) / 0x40000000
      const whole = ordinary()
      const [start, bad] = [took.length, failed]
      for (let at = 0; at < MUTATED; at++)
        await tried(`broken file ${at}`, mutated(whole[Math.floor(next() * whole.length)], next))
      process.stdout.write(
        `${MUTATED} broken files: ${failed - bad} ended it, got a 5xx or took too long; longest ${Math.max(...took.slice(start)).toFixed(0)} ms\n`,
      )
    }
    isOver = true
    await beside
    await sleep(60_000)
    process.stdout.write(
      `small files of another person meanwhile: ${others.length}, p95 ${percentile(others, 0.95).toFixed(0)} ms, longest ${Math.max(...others).toFixed(0)} ms\n` +
        `memory: ${before.toFixed(0)} MB before, ${memoryOf(trial.pid()).toFixed(0)} MB a minute after\n`,
    )
    process.exitCode = failed ? 1 : 0
  } finally {
    await trial.stop()
  }
})
