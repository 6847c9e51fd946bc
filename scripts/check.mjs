import { execFileSync, spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ensurePackages } from './packages.mjs'
import { main, PlainError, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const bin = (name) => join(root, 'node_modules', '.bin', name)

/** Tests that read very many drafts: `npm test` has them. */
const SLOW = ['/draft/(?:read-draft|weigh-draft|reread|tidy)\\.test', '/labelled/labelled', 'cli/src/samples\\.test']
const PACKAGES = ['core', 'documents', 'cli', 'standins', 'web']

/**
 * What is quick to know of what changed since the last commit: types, lint, and the tests of the packages that changed
 * that reach what changed, but for the slowest.
 */
await main(async () => {
  ensurePackages(root)
  const start = performance.now()
  const changed = execFileSync('git', ['status', '--porcelain', '--no-renames'], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter((line) => line !== '' && !/^.?D/.test(line))
    .map((line) => line.slice(3))
  const code = changed.filter((file) => /\.(?:tsx?|mjs)$/.test(file))
  const packages = PACKAGES.filter((name) => changed.some((file) => file.startsWith(`packages/${name}/`)))
  const steps = [
    [
      'Types',
      'tsc',
      ['-b', 'packages/cli', 'packages/server', 'packages/standins', 'packages/web', 'tsconfig.tests.json'],
    ],
    ...(code.length ? [['Lint', 'eslint', ['--no-warn-ignored', ...code]]] : []),
    ...(changed.length
      ? [['Format', 'prettier', ['--check', '--ignore-unknown', '--log-level', 'warn', ...changed]]]
      : []),
    ...(packages.length
      ? [
          [
            'Tests',
            'jest',
            [
              '--onlyChanged',
              '--maxWorkers=100%',
              ...SLOW.map((pattern) => `--testPathIgnorePatterns=${pattern}`),
              '--selectProjects',
              ...packages,
            ],
          ],
        ]
      : []),
  ]
  // Types first: what does not fit together is not worth a test.
  const [types, ...rest] = steps
  const failed = [...(await run(types)), ...(await Promise.all(rest.map(run))).flat()]
  say(`${((performance.now() - start) / 1000).toFixed(0)} s`)
  if (failed.length) throw new PlainError(`Failed: ${failed.join(', ')}.`)
})

/** @returns the name of the step where it failed. */
function run([name, program, args]) {
  say(`${name} …`)
  return new Promise((resolve) => {
    const child = spawn(bin(program), args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] })
    child.once('exit', (status) => resolve(status === 0 ? [] : [name]))
  })
}
