import type { RoleWeights } from './decode.ts'
import type { ReaderWeights } from './read-roles.ts'
import { ROLE_COUNT, ROLES } from './roles.ts'

const ROUNDS = ['first', 'second'] as const
const STEPS = ['step', 'step over a gap'] as const
const ROUNDED = 100
/** What is smaller than this tips no scale, and is left out of the table. */
const SMALLEST = 0.12

/**
 * Weights as a table to read: a line for each feature with what it says for and against roles, in hundredths.
 *
 *     look num0: stem 231, option -88
 */
export function printWeights(weights: ReaderWeights): string {
  return ROUNDS.map((round) => `# ${round}\n${printRound(weights[round])}`).join('\n')
}

function printRound({ features, steps }: RoleWeights): string {
  const lines = [...features]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, own]) => printLine(name, own, (at) => ROLES[at] ?? ''))
  const turns = STEPS.map((name, at) =>
    printLine(
      name,
      steps[at] as Float64Array,
      (pair) => `${ROLES[Math.floor(pair / ROLE_COUNT)]}>${ROLES[pair % ROLE_COUNT]}`,
    ),
  )
  return [...turns, ...lines].filter((line) => !line.endsWith(':')).join('\n')
}

function printLine(name: string, own: Float64Array, label: (at: number) => string): string {
  const said = [...own].flatMap((value, at) =>
    Math.abs(value) >= SMALLEST ? [`${label(at)} ${Math.round(value * ROUNDED)}`] : [],
  )
  return `${name}:${said.length ? ` ${said.join(', ')}` : ''}`
}

/** @throws Error where a line names a role that there is not: the table was made for other roles. */
export function parseWeights(table: string): ReaderWeights {
  const rounds = table.split(/^# (?:first|second)\n/m).slice(1)
  const [first = '', second = ''] = rounds
  return { first: parseRound(first), second: parseRound(second) }
}

function parseRound(text: string): RoleWeights {
  const features = new Map<string, Float64Array>()
  const steps = [new Float64Array(ROLE_COUNT ** 2), new Float64Array(ROLE_COUNT ** 2)] as const
  for (const line of text.split('\n')) {
    const colon = line.lastIndexOf(': ')
    if (colon < 0) continue
    const name = line.slice(0, colon)
    const step = STEPS.indexOf(name as (typeof STEPS)[number])
    const own = step < 0 ? new Float64Array(ROLE_COUNT) : (steps[step] as Float64Array)
    for (const part of line.slice(colon + 2).split(', ')) {
      const blank = part.lastIndexOf(' ')
      own[placeOf(part.slice(0, blank))] = Number(part.slice(blank + 1)) / ROUNDED
    }
    if (step < 0) features.set(name, own)
  }
  return { features, steps }
}

function placeOf(label: string): number {
  const [first = '', second] = label.split('>')
  const [a, b] = [
    ROLES.indexOf(first as (typeof ROLES)[number]),
    second === undefined ? 0 : ROLES.indexOf(second as (typeof ROLES)[number]),
  ]
  if (a < 0 || b < 0) throw new Error(`The table of weights names “${label}”, and there is no such role.`)
  return second === undefined ? a : a * ROLE_COUNT + b
}
