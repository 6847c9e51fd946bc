import { spawn, spawnSync } from 'node:child_process'
import { createHash, randomBytes } from 'node:crypto'
import { chmodSync, chownSync, existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { dirname, join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { PlainError, say } from './say.mjs'
import { installPackages, isRoot, output } from './system.mjs'

/** PostgreSQL's programs: those of Debian's newest package, or of a server on the path. */
function findPrograms() {
  const base = '/usr/lib/postgresql'
  const versions = existsSync(base) ? readdirSync(base).sort((a, b) => Number(b) - Number(a)) : []
  const folders = [...versions.map((version) => join(base, version, 'bin')), output('pg_config', ['--bindir'])]
  return (
    folders.find((folder) => folder && existsSync(join(folder, 'initdb')) && existsSync(join(folder, 'postgres'))) ??
    null
  )
}

function ensurePrograms() {
  const found = findPrograms()
  if (found) return found
  installPackages(['postgresql'], 'PostgreSQL')
  const installed = findPrograms()
  if (!installed) throw new PlainError('PostgreSQL was installed but its programs are not found.')
  return installed
}

/** PostgreSQL does not run as root: then it runs as the user that Debian's package made for it. */
function serverUser() {
  if (!isRoot) return null
  const uid = output('id', ['-u', 'postgres'])
  const gid = output('id', ['-g', 'postgres'])
  if (uid === null || gid === null) throw new PlainError('There is no user “postgres” to run the database as.')
  return { uid: Number(uid), gid: Number(gid) }
}

/** A folder that the server's user can reach; below a private home folder it cannot, then it goes to /var/tmp. */
function reachable(wanted, user) {
  if (!user) return wanted
  mkdirSync(dirname(wanted), { recursive: true })
  const probe = spawnSync('test', ['-x', dirname(wanted)], { uid: user.uid, gid: user.gid })
  if (probe.status === 0) return wanted
  const elsewhere = join('/var/tmp', `zakuska-${createHash('sha256').update(wanted).digest('hex').slice(0, 12)}`)
  say(`The database's user cannot reach ${wanted}; its files go to ${elsewhere}.`)
  return elsewhere
}

/** The first free port on loopback from `first` on, or any with 0. */
export async function freePort(first) {
  for (let port = first; port < first + 50 || first === 0; port++) {
    const free = await new Promise((resolve) => {
      const probe = createServer()
      probe.once('error', () => resolve(0))
      probe.listen(port, '127.0.0.1', () => {
        const taken = probe.address().port
        probe.close(() => resolve(taken))
      })
    })
    if (free) return free
  }
  throw new PlainError(`There is no free port from ${first} on.`)
}

/**
 * Starts a private PostgreSQL cluster on loopback, making it first where there is none.
 *
 * @param {{ folder: string, durable: boolean, port?: number }} settings `durable: false` trades safety for speed: for
 *   tests. Without a port, a free one.
 * @returns {Promise<{ url: string, stop: () => Promise<void>, crash: () => Promise<void>, remove: () => void }>}
 */
export async function startDatabase({ folder, durable, port: wanted }) {
  const programs = ensurePrograms()
  const user = serverUser()
  const data = reachable(folder, user)
  const owner = user ? { uid: user.uid, gid: user.gid } : {}
  const isOld = existsSync(join(data, 'PG_VERSION')) && !existsSync(secretFile(folder, 'admin'))
  const secrets = isOld ? null : secretsOf(folder)
  if (!existsSync(join(data, 'PG_VERSION'))) makeCluster(programs, data, user, owner, secrets)
  await stopLeftOver(data)
  const port = wanted ?? (await freePort(durable ? 54330 : 0))
  const fast = durable ? [] : ['-c', 'fsync=off', '-c', 'synchronous_commit=off', '-c', 'full_page_writes=off']
  const server = spawn(
    join(programs, 'postgres'),
    [
      '-D',
      data,
      '-p',
      String(port),
      '-c',
      'listen_addresses=127.0.0.1',
      '-c',
      'unix_socket_directories=',
      '-c',
      'log_min_messages=fatal',
      ...fast,
    ],
    { ...owner, cwd: '/', stdio: ['ignore', 'ignore', 'pipe'], detached: true },
  )
  let complaint = ''
  server.stderr.on('data', (chunk) => (complaint = `${complaint}${chunk}`.slice(-2000)))
  const ended = new Promise((resolve) => server.once('exit', resolve))
  const url = urlOf(port, secrets)
  try {
    await waitUntilReady(programs, port, server, () => complaint)
    await ensureOwnDatabase(programs, port, secrets, durable)
  } catch (error) {
    server.kill('SIGINT')
    throw error
  }
  return {
    url,
    stop: async () => {
      if (server.exitCode === null) server.kill('SIGINT')
      await ended
    },
    // SIGQUIT: PostgreSQL's immediate shutdown, which ends as a crash would and recovers at the next start.
    crash: async () => {
      if (server.exitCode === null) server.kill('SIGQUIT')
      await ended
    },
    remove: () => {
      rmSync(data, { recursive: true, force: true })
      for (const name of ['admin', 'application']) rmSync(secretFile(folder, name), { force: true })
    },
  }
}

/**
 * Where the database of `npm start` lies, or with `--empty`, or where there is no other, that of
 * `npm start -- --empty`.
 */
export function ownFolder(root, isEmpty) {
  const [demo, empty] = ['postgres', 'postgres-empty'].map((name) => join(root, '.data', name))
  const isThere = (folder) => existsSync(folder) || existsSync(secretFile(folder, 'admin'))
  return isEmpty || (!isThere(demo) && isThere(empty)) ? empty : demo
}

/**
 * The database that was started there, or that is started for the while.
 *
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function ownDatabase({ folder }) {
  const data = reachable(folder, serverUser())
  if (!existsSync(join(data, 'PG_VERSION'))) throw new PlainError('There is no database yet. Start with: npm start')
  const pidFile = join(data, 'postmaster.pid')
  const port = existsSync(pidFile) ? Number(readFileSync(pidFile, 'utf8').split('\n')[3]) : 0
  const isUp =
    port > 0 && output(join(ensurePrograms(), 'pg_isready'), ['-h', '127.0.0.1', '-p', String(port), '-q']) !== null
  if (!isUp) return startDatabase({ folder, durable: true })
  const isOld = !existsSync(secretFile(folder, 'admin'))
  return { url: urlOf(port, isOld ? null : secretsOf(folder)), stop: () => Promise.resolve() }
}

/** Passwords of a cluster: of who looks after it, and of the application, which may do nothing else in it. */
function secretsOf(folder) {
  mkdirSync(dirname(folder), { recursive: true })
  const secret = (name) => keptSecret(secretFile(folder, name), () => randomBytes(24).toString('hex'))
  return { admin: secret('admin'), application: secret('application') }
}

function secretFile(folder, name) {
  return `${folder}-${name}-password`
}

/** Clusters from before there were passwords trust whoever is on this machine. */
function urlOf(port, secrets) {
  return `postgresql://zakuska${secrets ? `:${secrets.application}` : ''}@127.0.0.1:${port}/zakuska`
}

function makeCluster(programs, data, user, owner, secrets) {
  say('Making a private PostgreSQL cluster …')
  mkdirSync(data, { recursive: true })
  if (user) chownSync(data, user.uid, user.gid)
  chmodSync(data, 0o700)
  const passwordFile = `${data}.initial`
  writeFileSync(passwordFile, `${secrets.admin}\n`, { mode: 0o600 })
  if (user) chownSync(passwordFile, user.uid, user.gid)
  const made = spawnSync(
    join(programs, 'initdb'),
    [
      ...['-D', data, '-U', 'admin', '--auth=scram-sha-256', `--pwfile=${passwordFile}`],
      ...['--encoding=UTF8', '--locale=C.UTF-8'],
    ],
    { ...owner, cwd: '/', encoding: 'utf8' },
  )
  rmSync(passwordFile, { force: true })
  if (made.status !== 0)
    throw new PlainError(
      `The database could not be made: ${(made.stderr || made.stdout || '').trim().split('\n').at(-1)}`,
    )
}

/** A server that an earlier run left behind is asked to stop. */
async function stopLeftOver(data) {
  const pidFile = join(data, 'postmaster.pid')
  if (!existsSync(pidFile)) return
  const pid = Number(readFileSync(pidFile, 'utf8').split('\n')[0])
  try {
    process.kill(pid, 'SIGINT')
  } catch {
    return
  }
  for (let turn = 0; turn < 100 && existsSync(pidFile); turn++) await sleep(100)
}

async function waitUntilReady(programs, port, server, complaint) {
  for (let turn = 0; turn < 300; turn++) {
    if (server.exitCode !== null)
      throw new PlainError(`The database did not start: ${complaint().trim().split('\n').at(-1)}`)
    if (output(join(programs, 'pg_isready'), ['-h', '127.0.0.1', '-p', String(port), '-q']) !== null) return
    await sleep(100)
  }
  throw new PlainError('The database did not start within 30 seconds.')
}

/** The database and the role that owns it and nothing else; under tests it may make more databases. */
async function ensureOwnDatabase(programs, port, secrets, durable) {
  const user = secrets ? 'admin' : 'zakuska'
  const psql = (database, sql) => {
    const done = spawnSync(
      join(programs, 'psql'),
      ['-h', '127.0.0.1', '-p', String(port), '-U', user, '-d', database, '-Atc', sql],
      { encoding: 'utf8', env: { ...process.env, PGPASSWORD: secrets?.admin ?? '' } },
    )
    return done.status === 0 ? done.stdout.trim() : null
  }
  // The template that nobody connects to: a worker of the server's own may be busy in the other at the start.
  for (let turn = 0; turn < 20; turn++) {
    if (secrets && psql('postgres', `select 1 from pg_roles where rolname = 'zakuska'`) !== '1')
      psql(
        'postgres',
        `create role zakuska login password '${secrets.application}' ${durable ? 'nocreatedb' : 'createdb'}`,
      )
    if (psql('postgres', `select 1 from pg_database where datname = 'zakuska'`) === '1') return
    if (psql('postgres', 'create database zakuska owner zakuska template template0') !== null) return
    await sleep(250)
  }
  throw new PlainError('The database “zakuska” could not be made.')
}

/** Keeps a random secret in a file of its own. */
export function keptSecret(file, make) {
  if (!existsSync(file)) writeFileSync(file, make(), { mode: 0o600 })
  return readFileSync(file, 'utf8').trim()
}
