import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** What grades, keys, fits, draws and writes: where a fault would cost somebody points. */
const FOLDERS = ['grade', 'fit', 'assemble', 'proof', 'draft/keys', 'formats']
const WINDOW = 8
const LEAST = 80

/**
 * Changes small pieces of core one by one and runs its tests against each change (a mutation run, by Stryker):
 *
 *   npm run mutation                     a sample of pieces, the same each time
 *   npm run mutation -- --every 1        all of them (hours)
 *   npm run mutation -- --from 3         another sample
 */
await main(async () => {
  const every = argument('--every', 50)
  const from = argument('--from', 0)
  const pieces = FOLDERS.flatMap((folder) => filesIn(join('packages/core/src', folder))).flatMap(windowsOf)
  // By name and not by turn: a file that grows moves its own pieces only.
  const chosen = pieces.filter((piece) => numberOf(piece) % every === from % every)
  process.stdout.write(`${chosen.length} of ${pieces.length} pieces of ${WINDOW} lines.\n`)
  const done = spawnSync(process.execPath, ['node_modules/.bin/stryker', 'run', '--mutate', chosen.join(',')], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
  })
  if (done.status !== 0) throw new PlainError('The mutation run failed.')
  sayKilled()
})

/** A number that is the same for the same name. */
function numberOf(name) {
  return createHash('sha256').update(name).digest().readUInt32BE()
}

function argument(name, otherwise) {
  const at = process.argv.indexOf(name)
  return at < 0 ? otherwise : Number(process.argv[at + 1])
}

function filesIn(folder) {
  return readdirSync(join(root, folder))
    .sort()
    .flatMap((name) => {
      const path = `${folder}/${name}`
      if (statSync(join(root, path)).isDirectory()) return filesIn(path)
      return name.endsWith('.ts') && !name.endsWith('.test.ts') ? [path] : []
    })
}

function windowsOf(file) {
  const lines = readFileSync(join(root, file), 'utf8').split('\n').length
  return Array.from(
    { length: Math.floor(lines / WINDOW) },
    (_none, at) => `${file}:${at * WINDOW + 1}-${(at + 1) * WINDOW}`,
  )
}

/** What survived, to be read, and the share that was killed. @throws PlainError where that is too small. */
function sayKilled() {
  const { files } = JSON.parse(readFileSync(join(root, '.data/mutation.json'), 'utf8'))
  const mutants = Object.entries(files).flatMap(([file, { mutants: own }]) => own.map((one) => ({ ...one, file })))
  const counted = mutants.filter(({ status }) => ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(status))
  const killed = counted.filter(({ status }) => status === 'Killed' || status === 'Timeout').length
  for (const { file, location, mutatorName, replacement, status } of counted)
    if (status === 'Survived' || status === 'NoCoverage')
      process.stdout.write(`  ${file}:${location.start.line}  ${mutatorName}: ${String(replacement).slice(0, 80)}\n`)
  const share = (100 * killed) / counted.length
  process.stdout.write(`${killed} of ${counted.length} changes were noticed: ${share.toFixed(1)} %\n`)
  if (share < LEAST) throw new PlainError(`Fewer than ${LEAST} % of the changes were noticed.`)
}
