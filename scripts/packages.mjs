import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { PlainError, say } from './say.mjs'

/**
 * Installs the npm packages of the lock file, unless they are there already. Not by `npm ci`: it refuses a lock file
 * that lacks the builds for other machines, which not every registry mirror has.
 */
export function ensurePackages(root) {
  const stamp = join(root, 'node_modules', '.zakuska-lock')
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  say('Installing npm packages …')
  const done = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
  })
  if (done.status !== 0) throw new PlainError('The npm packages could not be installed; npm said why above.')
  writeFileSync(stamp, lock)
}
