import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
/** Code that tests: what runs as a test, and what only tests use. */
const TESTS = /\.(?:test|spec)\.tsx?$|\/testing\/|^e2e\/|^scripts\/trials\/|\/labelled\//
/** What somebody else's program writes. */
const MADE = /schema\.d\.ts$/

/** Lines of code by package, and how many of them are tests; blank lines do not count. */
await main(async () => {
  const files = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs'], { cwd: root, encoding: 'utf8' })
    .trim()
    .split('\n')
  const counts = new Map()
  for (const file of files) {
    if (MADE.test(file)) continue
    const name = /^packages\/([^/]+)/.exec(file)?.[1] ?? (file.startsWith('e2e/') ? 'e2e' : 'scripts')
    const lines = readFileSync(`${root}/${file}`, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length
    const known = counts.get(name) ?? { all: 0, tests: 0 }
    counts.set(name, { all: known.all + lines, tests: known.tests + (TESTS.test(file) ? lines : 0) })
  }
  const total = [...counts.values()].reduce((sum, one) => ({ all: sum.all + one.all, tests: sum.tests + one.tests }))
  for (const [name, { all, tests }] of [...[...counts].sort(([a], [b]) => a.localeCompare(b)), ['together', total]])
    process.stdout.write(
      `${name.padEnd(12)}${String(all).padStart(8)} lines${String(Math.round((100 * tests) / all)).padStart(5)} % tests\n`,
    )
})
