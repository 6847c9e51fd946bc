import { randomBytes, randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { spawn } from 'node:child_process'
import { freePort, startDatabase } from '../database.mjs'

export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))))

/** Starts one of our programs; `kill()` is kill -9. */
async function program(script, environment) {
  const child = spawn(process.execPath, [script], {
    cwd: root,
    env: { ...process.env, ...environment },
    stdio: ['ignore', 'pipe', process.env.VERBOSE ? 'inherit' : 'ignore'],
  })
  const ended = new Promise((resolve) => child.once('exit', resolve))
  await new Promise((resolve, reject) => {
    child.once('exit', () => reject(new Error(`${script} ended.`)))
    child.stdout.on('data', (chunk) => String(chunk).includes('http://') && resolve())
  })
  return {
    kill: async () => {
      child.kill('SIGKILL')
      await ended
    },
  }
}

/** A server, its database and Breakwater, all of them thrown away at the end. */
export async function trialServer(settings = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-trial-'))
  const database = await startDatabase({ folder: join(root, '.data', `trial-${process.pid}`), durable: true })
  const [port, sitePort] = [await freePort(0), await freePort(0)]
  const token = randomUUID()
  const siteFile = join(folder, 'breakwater.json')
  const site = () =>
    program('packages/standins/dist/breakwater/main.js', {
      BREAKWATER_PORT: String(sitePort),
      BREAKWATER_FILE: siteFile,
      BREAKWATER_TOKEN: token,
    })
  const firstRunToken = randomBytes(24).toString('hex')
  const environment = {
    DATABASE_URL: database.url,
    SESSION_SECRET: randomBytes(32).toString('hex'),
    ZAKUSKA_DESTINATIONS: `http://127.0.0.1:${sitePort}`,
    ZAKUSKA_SIGN_INS_PER_MINUTE: '100000',
    ZAKUSKA_FIRST_RUN_TOKEN: firstRunToken,
    LOG_LEVEL: 'silent',
    PORT: String(port),
    ...settings,
  }
  const server = () => program('packages/server/dist/main.js', environment)
  let [running, runningSite] = [await server(), await site()]
  return {
    url: `http://127.0.0.1:${port}`,
    siteUrl: `http://127.0.0.1:${sitePort}`,
    siteFile,
    token,
    firstRunToken,
    databaseUrl: database.url,
    restart: async () => {
      await running.kill()
      running = await server()
    },
    kill: () => running.kill(),
    start: async () => {
      running = await server()
    },
    restartSite: async () => {
      await runningSite.kill()
      runningSite = await site()
    },
    stop: async () => {
      await running.kill()
      await runningSite.kill()
      await database.stop()
      database.remove()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/** Somebody with a session: `ask(method, path, body)` answers `{ status, body }`; status 0 where nobody answered. */
export function person(url) {
  let cookie = ''
  return async (method, path, body, type = 'application/json') => {
    try {
      const response = await fetch(url + path, {
        method,
        headers: { ...(body !== undefined && { 'content-type': type }), ...(cookie && { cookie }) },
        ...(body !== undefined && { body: type === 'application/json' ? JSON.stringify(body) : body }),
      })
      const set = response.headers.get('set-cookie')
      if (set) cookie = set.split(';')[0]
      const text = await response.text()
      return { status: response.status, body: text ? JSON.parse(text) : null }
    } catch {
      return { status: 0, body: null }
    }
  }
}

/** The first owner of a fresh server. */
export async function firstOwner(trial) {
  const ask = person(trial.url)
  const made = await ask('POST', '/api/first-run', {
    token: trial.firstRunToken,
    workspace: 'Trial',
    name: 'Iris',
    email: 'iris@skarnholm.example',
    password: 'quite a long password',
  })
  if (made.status !== 201) throw new Error(`The first owner was not made: ${made.status} ${JSON.stringify(made.body)}`)
  return ask
}

/** The value below which that share of the values lies. */
export function percentile(values, share) {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0
}
