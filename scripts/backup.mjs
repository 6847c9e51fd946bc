import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ownDatabase, ownFolder } from './database.mjs'
import { main, PlainError, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/**
 * `npm run backup [-- FILE]` and `npm run restore -- FILE`: the whole database in one file of PostgreSQL's own tools, of
 * the database that `npm start` made or of the one that DATABASE_URL names. Pictures are in it; nothing else is kept
 * outside.
 */
await main(async () => {
  const isRestore = process.argv.includes('--restore')
  const [given] = process.argv.slice(2).filter((one) => !one.startsWith('--'))
  const own = process.env.DATABASE_URL
    ? null
    : await ownDatabase({ folder: ownFolder(root, process.argv.includes('--empty')) })
  const url = process.env.DATABASE_URL ?? own.url
  try {
    if (isRestore) restore(url, given)
    else backup(url, given)
  } finally {
    await own?.stop()
  }
})

function backup(url, given) {
  const stamp = new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-')
  const file = resolve(given ?? join(root, '.data', 'backups', `zakuska-${stamp}.dump`))
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, '', { mode: 0o600 })
  run('pg_dump', ['--format=custom', '--no-owner', '--no-privileges', `--file=${file}`, url])
  say(`Backed up to ${file}. It holds everybody’s drafts, items and results: keep it safe.`)
}

/** In one transaction: a file that cannot be restored leaves everything as it is. */
function restore(url, given) {
  if (!given) throw new PlainError('Say which file: npm run restore -- FILE')
  if (readFileSync(given).subarray(0, 5).toString() !== 'PGDMP') throw new PlainError(`${given} is no backup.`)
  run('pg_restore', [
    '--clean',
    '--if-exists',
    '--no-owner',
    '--no-privileges',
    '--single-transaction',
    `--dbname=${url}`,
    given,
  ])
  say(`Restored from ${given}. Start the server again.`)
}

function run(program, args) {
  const done = spawnSync(program, args, { stdio: ['ignore', 'inherit', 'pipe'], encoding: 'utf8' })
  if (done.error) throw new PlainError(`${program} is not installed: it comes with PostgreSQL.`)
  if (done.status !== 0) throw new PlainError(done.stderr.trim().split('\n').slice(-3).join(' '))
}
