import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { knownFaults } from './audit.mjs'
import { freePort, startDatabase } from './database.mjs'
import { noteBuild, needsBuild } from './freshness.mjs'
import { ensurePackages } from './packages.mjs'
import { main, PlainError, say } from './say.mjs'
import { findBrowser } from './system.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const counts = { passed: 0, failed: 0 }

/** Runs one step to its end; its output goes on as it comes. */
function step(name, program, args, environment = {}) {
  say(`${name} …`)
  return new Promise((resolve) => {
    const child = spawn(program, args, {
      cwd: root,
      env: { ...process.env, ...environment },
      stdio: ['ignore', 'inherit', 'inherit'],
    })
    child.once('exit', (status) => resolve(status === 0))
  })
}

/** A step without a report of its own counts as one check. */
async function check(name, program, args) {
  const passed = await step(name, program, args)
  counts[passed ? 'passed' : 'failed']++
  if (!passed) process.stdout.write(`  ${name} failed.\n`)
  return passed
}

function readReport(file, pick) {
  try {
    return pick(JSON.parse(readFileSync(file, 'utf8')))
  } catch {
    // A runner that ended before it could report has failed.
    return { passed: 0, failed: 1 }
  }
}

/** A runner that ended badly has failed, whatever its report counts: it may never have come to its tests. */
function orFailed(ended, found) {
  return ended || found.failed > 0 ? found : { ...found, failed: 1 }
}

function add(found) {
  counts.passed += found.passed
  counts.failed += found.failed
}

const node = process.execPath
const bin = (name) => join(root, 'node_modules', '.bin', name)

/** Sources of each package: a shell would find them by a pattern, and there is none. */
function sources() {
  return ['core', 'documents', 'cli', 'standins', 'server', 'web'].map((name) => `packages/${name}/src`)
}

/** Types, lint, and what is derived from the code. */
async function statics() {
  await check('Checking the types of the tests', bin('tsc'), ['-b', 'tsconfig.tests.json'])
  await check('Linting', bin('eslint'), ['.'])
  await check('Checking which folder imports which', bin('depcruise'), ['--output-type', 'err', ...sources()])
  await check('Checking the format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
  await check('Counting how much of the code is tests', node, ['scripts/shares.mjs', '--check'])
  await check('Comparing the web client with the API', node, ['scripts/api-description.mjs', '--check'])
  await check('Comparing the tables in docs with the code', node, ['scripts/reference-docs.mjs', '--check'])
  const faults = knownFaults()
  // Where nobody can be asked, nothing is counted.
  if (faults) await check('Auditing the packages', node, ['scripts/audit.mjs'])
  else say('The registry does not answer questions about its packages: they are not audited.')
}

/** The tests of some packages under Jest. */
async function underJest(name, packages, databaseUrl, folder) {
  const report = join(folder, `${name}.json`)
  const run = await step(
    name,
    node,
    [
      'node_modules/jest/bin/jest.js',
      '--json',
      '--maxWorkers=2',
      `--outputFile=${report}`,
      '--selectProjects',
      ...packages,
    ],
    { TEST_DATABASE_URL: databaseUrl },
  )
  const read = (found) => ({
    passed: found.numPassedTests,
    failed: found.numFailedTests + found.numRuntimeErrorTestSuites,
  })
  add(orFailed(run, readReport(report, read)))
}

/** The application as people use it. */
async function inBrowser(databaseUrl, folder, browser) {
  const report = join(folder, 'browser.json')
  const run = await step('Browser tests', node, ['node_modules/@playwright/test/cli.js', 'test'], {
    TEST_DATABASE_URL: databaseUrl,
    CHROMIUM_PATH: browser,
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
    E2E_PORT: String(await freePort(0)),
  })
  const read = (found) => ({ passed: found.stats.expected, failed: found.stats.unexpected + found.stats.flaky })
  add(orFailed(run, readReport(report, read)))
}

/** One after the other. */
async function inTurn(...steps) {
  for (const one of steps) await one()
}

await main(async () => {
  ensurePackages(root)
  const browser = findBrowser()
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-test-'))
  const database = await startDatabase({ folder: join(root, '.data', `test-${process.pid}`), durable: false })
  const stop = async () => {
    await database.stop()
    database.remove()
    rmSync(folder, { recursive: true, force: true })
  }
  process.on('SIGINT', () => void stop().then(() => process.exit(130)))
  try {
    const built = await check('Building and checking types', node, ['scripts/build.mjs'])
    if (!built) throw new PlainError('Nothing was tested, since it does not build.')
    if (needsBuild(root)) noteBuild(root)
    const { url } = database
    const UNITS = ['core', 'documents', 'cli', 'standins', 'web']
    // Side by side: the browser tests wait more than they compute. The server's wait for deadlines, and want room.
    await Promise.all([
      inTurn(statics, () => underJest('Unit tests', UNITS, url, folder)),
      inBrowser(url, folder, browser),
    ])
    await underJest('Server tests', ['server'], url, folder)
  } finally {
    await stop()
  }
})

process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`)
process.exitCode = counts.failed ? 1 : 0
