import { randomBytes, randomUUID } from 'node:crypto'
import { mkdirSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { spawn, spawnSync } from 'node:child_process'
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
    pid: child.pid,
    isRunning: () => child.exitCode === null && child.signalCode === null,
    kill: async () => {
      child.kill('SIGKILL')
      await ended
    },
  }
}

/**
 * A disk of its own for the database, small enough to be filled; null where this machine does not let us have one.
 *
 * @param {string} folder
 */
function smallDisk(folder) {
  mkdirSync(folder, { recursive: true })
  const made = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=400m,mode=755', 'tmpfs', folder])
  if (made.status !== 0) return null
  const ballast = join(folder, 'ballast')
  return {
    fill: () => {
      const { bavail, bsize } = statfsSync(folder)
      try {
        writeFileSync(ballast, Buffer.alloc(bavail * bsize))
      } catch (error) {
        // Somebody else took the rest meanwhile: it is full all the same.
        if (error.code !== 'ENOSPC') throw error
      }
    },
    clear: () => rmSync(ballast, { force: true }),
    remove: () => spawnSync('umount', [folder]),
  }
}

/** One of the stand-ins, with what it knows in a file, so that it knows it again after it was killed. */
async function standIn(id, folder, token) {
  const port = await freePort(0)
  const file = join(folder, `${id}.json`)
  const prefix = id.toUpperCase()
  const start = () =>
    program(`packages/standins/dist/${id}/main.js`, {
      [`${prefix}_PORT`]: String(port),
      [`${prefix}_FILE`]: file,
      [`${prefix}_TOKEN`]: token,
    })
  let running = await start()
  return {
    url: `http://127.0.0.1:${port}`,
    file,
    kill: () => running.kill(),
    restart: async () => {
      await running.kill()
      running = await start()
    },
  }
}

/**
 * Servers on one database, and the stand-ins, all of them thrown away at the end.
 *
 * @param {object} settings more for the servers' environment
 * @param {number} servers how many
 */
export async function trialServer(settings = {}, servers = 1) {
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-trial-'))
  const disk = smallDisk(join(root, '.data', `trial-${process.pid}`))
  const databaseAt = { folder: join(root, '.data', `trial-${process.pid}`, 'postgres'), durable: true }
  databaseAt.port = await freePort(0)
  let database = await startDatabase(databaseAt)
  const token = randomUUID()
  const sites = {}
  for (const id of ['breakwater', 'inlet', 'foghorn']) sites[id] = await standIn(id, folder, token)
  const port = await freePort(0)
  const firstRunToken = randomBytes(24).toString('hex')
  const environment = {
    DATABASE_URL: database.url,
    SESSION_SECRET: randomBytes(32).toString('hex'),
    ZAKUSKA_DESTINATIONS: Object.values(sites)
      .map(({ url }) => url)
      .join(','),
    ZAKUSKA_DESTINATION_TIMEOUT: '5',
    ZAKUSKA_SIGN_INS_PER_MINUTE: '100000',
    ZAKUSKA_FIRST_RUN_TOKEN: firstRunToken,
    LOG_LEVEL: 'silent',
    PORT: String(port),
    ...settings,
  }
  const ports = [port]
  while (ports.length < servers) ports.push(await freePort(0))
  const server = (at) => program('packages/server/dist/main.js', { ...environment, PORT: String(ports[at]) })
  const running = []
  for (const at of ports.keys()) running.push(await server(at))
  return {
    url: `http://127.0.0.1:${port}`,
    urls: ports.map((one) => `http://127.0.0.1:${one}`),
    sites,
    siteUrl: sites.breakwater.url,
    siteFile: sites.breakwater.file,
    token,
    firstRunToken,
    databaseUrl: database.url,
    disk,
    restart: async () => {
      await running[0].kill()
      running[0] = await server(0)
    },
    /** Of the first server. */
    pid: () => running[0].pid,
    isRunning: () => running[0].isRunning(),
    kill: (at = 0) => running[at].kill(),
    start: async (at = 0) => {
      running[at] = await server(at)
    },
    restartSite: () => sites.breakwater.restart(),
    stopDatabase: () => database.stop(),
    crashDatabase: () => database.crash(),
    startDatabase: async () => {
      database = await startDatabase(databaseAt)
    },
    stop: async () => {
      for (const one of running) await one.kill()
      for (const site of Object.values(sites)) await site.kill()
      await database.stop()
      database.remove()
      disk?.remove()
      rmSync(join(root, '.data', `trial-${process.pid}`), { recursive: true, force: true })
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/**
 * Somebody with a session: `ask(method, path, body)` answers `{ status, body }`; status 0 where nobody answered. Of
 * several servers any is asked.
 */
export function person(...urls) {
  let cookie = ''
  const ask = async (method, path, body, type = 'application/json', isSecondTry = false) => {
    try {
      const url = urls[Math.floor(Math.random() * urls.length)]
      const response = await fetch(url + path, {
        method,
        headers: { ...(body !== undefined && { 'content-type': type }), ...(cookie && { cookie }) },
        ...(body !== undefined && { body: type === 'application/json' ? JSON.stringify(body) : body }),
      })
      const set = response.headers.get('set-cookie')
      if (set) cookie = set.split(';')[0]
      const text = await response.text()
      return { status: response.status, body: text ? JSON.parse(text) : null }
    } catch (error) {
      // A connection that was kept open was closed just as it was used again.
      if (error.cause?.code === 'UND_ERR_SOCKET' && !isSecondTry) return ask(method, path, body, type, true)
      return { status: 0, body: { message: String(error.cause ?? error) } }
    }
  }
  return ask
}

/** The first owner of a fresh server. */
export async function firstOwner(trial) {
  const ask = person(...trial.urls)
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
