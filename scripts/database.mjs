import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
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
 * @param {{ folder: string, durable: boolean }} settings `durable: false` trades safety for speed: for tests.
 * @returns {Promise<{ url: string, stop: () => Promise<void>, remove: () => void }>}
 */
export async function startDatabase({ folder, durable }) {
  const programs = ensurePrograms()
  const user = serverUser()
  const data = reachable(folder, user)
  const owner = user ? { uid: user.uid, gid: user.gid } : {}
  if (!existsSync(join(data, 'PG_VERSION'))) makeCluster(programs, data, user, owner)
  await stopLeftOver(data)
  const port = await freePort(durable ? 54330 : 0)
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
  const url = `postgresql://zakuska@127.0.0.1:${port}/zakuska`
  try {
    await waitUntilReady(programs, port, server, () => complaint)
    await ensureOwnDatabase(programs, port)
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
    remove: () => rmSync(data, { recursive: true, force: true }),
  }
}

function makeCluster(programs, data, user, owner) {
  say('Making a private PostgreSQL cluster …')
  mkdirSync(data, { recursive: true })
  if (user) chownSync(data, user.uid, user.gid)
  chmodSync(data, 0o700)
  // Only this machine can connect, and only this account's programs know the port; a password would lie beside the data.
  const made = spawnSync(
    join(programs, 'initdb'),
    ['-D', data, '-U', 'zakuska', '--auth=trust', '--encoding=UTF8', '--locale=C.UTF-8'],
    { ...owner, cwd: '/', encoding: 'utf8' },
  )
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

async function ensureOwnDatabase(programs, port) {
  const psql = (database, sql) =>
    output(join(programs, 'psql'), [
      '-h',
      '127.0.0.1',
      '-p',
      String(port),
      '-U',
      'zakuska',
      '-d',
      database,
      '-Atc',
      sql,
    ])
  // The template that nobody connects to: a worker of the server's own may be busy in the other at the start.
  for (let turn = 0; turn < 20; turn++) {
    if (psql('postgres', `select 1 from pg_database where datname = 'zakuska'`) === '1') return
    if (psql('postgres', 'create database zakuska template template0') !== null) return
    await sleep(250)
  }
  throw new PlainError('The database “zakuska” could not be made.')
}

/** Keeps a random secret in a file of its own. */
export function keptSecret(file, make) {
  if (!existsSync(file)) writeFileSync(file, make(), { mode: 0o600 })
  return readFileSync(file, 'utf8').trim()
}
