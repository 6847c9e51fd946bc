import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { dirname } from 'node:path'
import { sayBundleSizes } from './bundle-sizes.mjs'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

function step(what, program, args) {
  const done = spawnSync(program, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] })
  if (done.status !== 0) throw new PlainError(`${what} failed.`)
}

/** Compiles every package and, unless only types are asked for, bundles the web application. */
export function build({ typesOnly = false } = {}) {
  step('Type checking', 'node_modules/.bin/tsc', [
    '-b',
    'packages/cli',
    'packages/server',
    'packages/standins',
    'packages/web',
    ...(typesOnly ? ['tsconfig.tests.json'] : []),
  ])
  if (typesOnly) return
  step('Bundling the command', process.execPath, ['scripts/bundle-command.mjs'])
  step('Bundling the web application', process.execPath, [
    'node_modules/vite/bin/vite.js',
    'build',
    'packages/web',
    '--logLevel',
    'warn',
  ])
  sayBundleSizes()
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  await main(async () => build({ typesOnly: process.argv.includes('--types-only') }))
