import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
/** Code that tests: what runs as a test, and what only tests use. */
const TESTS = /\.(?:test|spec)\.tsx?$|\/testing\/|^e2e\/|^scripts\/trials\/|\/labelled\//
/** What a program writes: the client's types, and the weights that the reader was fitted to. */
const MADE = /schema\.d\.ts$|weights-table\.ts$/
/** Least share of tests in a package, in percent; the scripts are tried by running them. */
const LEAST = 25
const EXEMPT = new Set(['scripts'])

/** The browser tests drive the web application. */
function packageOf(file) {
  return /^packages\/([^/]+)/.exec(file)?.[1] ?? (file.startsWith('e2e/') ? 'web' : 'scripts')
}

/** @returns lines by package, and how many of them are tests; blank lines do not count. */
function linesByPackage() {
  const files = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs'], { cwd: root, encoding: 'utf8' })
    .trim()
    .split('\n')
  const counts = new Map()
  for (const file of files) {
    if (MADE.test(file)) continue
    const lines = readFileSync(`${root}/${file}`, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length
    const known = counts.get(packageOf(file)) ?? { all: 0, tests: 0 }
    counts.set(packageOf(file), { all: known.all + lines, tests: known.tests + (TESTS.test(file) ? lines : 0) })
  }
  return [...counts].sort(([a], [b]) => a.localeCompare(b))
}

await main(async () => {
  const counts = linesByPackage()
  const total = counts.reduce((sum, [, one]) => ({ all: sum.all + one.all, tests: sum.tests + one.tests }), {
    all: 0,
    tests: 0,
  })
  const shareOf = ({ all, tests }) => (100 * tests) / all
  for (const [name, one] of [...counts, ['together', total]])
    process.stdout.write(
      `${name.padEnd(12)}${String(one.all).padStart(8)} lines${shareOf(one).toFixed(1).padStart(6)} % tests\n`,
    )
  const under = counts.filter(([name, one]) => !EXEMPT.has(name) && shareOf(one) < LEAST)
  if (under.length && process.argv.includes('--check'))
    throw new PlainError(`Less than ${LEAST} % of the lines are tests in ${under.map(([name]) => name).join(', ')}.`)
})
