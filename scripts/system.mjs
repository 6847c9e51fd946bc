import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { PlainError, say } from './say.mjs'

export const isRoot = process.getuid?.() === 0

/** Runs a program to its end and gives back what it printed; null if it failed or is not there. */
export function output(program, args, options = {}) {
  const done = spawnSync(program, args, { encoding: 'utf8', ...options })
  return done.status === 0 ? done.stdout.trim() : null
}

let refreshed = false

/** Installs Debian packages, as root or through a sudo that asks for nothing. */
export function installPackages(names, why) {
  const prefix = isRoot ? [] : output('sudo', ['-n', 'true']) !== null ? ['sudo', '-n'] : null
  if (prefix === null || output('apt-get', ['--version']) === null)
    throw new PlainError(
      `${why} is missing. Install it (on Debian: apt-get install ${names.join(' ')}) and start again.`,
    )
  const run = (args) => {
    const [program, ...rest] = [...prefix, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]
    return spawnSync(program, rest, { stdio: ['ignore', 'ignore', 'pipe'], encoding: 'utf8' })
  }
  say(`Installing ${names.join(', ')} from Debian's packages …`)
  if (!refreshed) run(['update', '-qq'])
  refreshed = true
  const done = run(['install', '-y', '-qq', '--no-install-recommends', ...names])
  if (done.status !== 0)
    throw new PlainError(`${names.join(', ')} could not be installed: ${(done.stderr ?? '').trim().split('\n').at(-1)}`)
}

const BROWSERS = ['/usr/bin/chromium', '/usr/bin/chromium-browser']

/** A browser for the tests: Debian's Chromium, installed if it is not there. */
export function findBrowser() {
  const found = () => BROWSERS.find((path) => existsSync(path))
  if (!found()) installPackages(['chromium'], 'Chromium')
  const path = found()
  if (!path) throw new PlainError('Chromium was installed but is not at /usr/bin/chromium.')
  return path
}
