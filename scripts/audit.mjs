import { spawnSync } from 'node:child_process'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const GRAVE = ['high', 'critical']

/**
 * What the registry knows to be wrong with the packages that the application runs on.
 *
 * @returns {{ name: string, severity: string }[] | null} null where it does not answer such questions
 */
export function knownFaults() {
  const { stdout } = spawnSync('npm', ['audit', '--omit=dev', '--json'], {
    cwd: root,
    encoding: 'utf8',
    timeout: 60_000,
    stdio: ['ignore', 'pipe', 'ignore'],
  })
  return faultsIn(stdout ?? '')
}

/** Of the report of `npm audit --json`. */
export function faultsIn(report) {
  try {
    const { vulnerabilities } = JSON.parse(report)
    return vulnerabilities ? Object.values(vulnerabilities).map(({ name, severity }) => ({ name, severity })) : null
  } catch {
    return null
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  await main(() => {
    const faults = knownFaults()
    if (!faults) return say('The registry does not answer questions about its packages: they were not audited.')
    const grave = faults.filter(({ severity }) => GRAVE.includes(severity))
    if (grave.length)
      throw new PlainError(`Packages with grave faults: ${grave.map(({ name }) => name).join(', ')}. See: npm audit`)
    say(faults.length ? `${faults.length} packages have lesser faults; see: npm audit` : 'No faults are known.')
  })
