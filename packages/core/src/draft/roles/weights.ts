import type { RoleWeights, RowsByName } from './decode.ts'
import { ROLE_COUNT, ROLES } from './roles.ts'

/** The two rounds: what each line says, then also how the lines that look like it were read. */
export interface ReaderWeights {
  readonly first: RoleWeights
  readonly second: RoleWeights
}

/** Weights as they come from the fit, every row of them known. */
export interface FittedRound extends RoleWeights {
  readonly features: ReadonlyMap<string, Float64Array>
}

export interface FittedWeights extends ReaderWeights {
  readonly first: FittedRound
  readonly second: FittedRound
}

const ROUNDS = ['first', 'second'] as const
const STEPS = ['step', 'step over a gap'] as const
const ROUNDED = 100
/** What is smaller than this tips no scale, and is left out of the table. */
const SMALLEST = 0.155

/**
 * Weights as a table to read: a line for each feature with what it says for and against roles, in hundredths.
 *
 *     look num0: stem 231, option -88
 */
export function printWeights(weights: FittedWeights): string {
  return ROUNDS.map((round) => `# ${round}\n${printRound(weights[round])}`).join('\n')
}

function printRound({ features, steps }: FittedRound): string {
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

/** Rows are parsed when they are asked for; one that names a role that there is not throws then. */
export function parseWeights(table: string): ReaderWeights {
  const [first = '', second = ''] = table.split(/^# (?:first|second)\n/m).slice(1)
  return { first: parseRound(first), second: parseRound(second) }
}

function parseRound(text: string): RoleWeights {
  const stepRows = STEPS.map((name) => new RegExp(`^${name}: (.*)\n?`, 'm').exec(text))
  const steps = stepRows.map((found) => parseRow(found?.[1] ?? '', new Float64Array(ROLE_COUNT ** 2)))
  const behind = Math.max(0, ...stepRows.map((found) => (found ? found.index + found[0].length : 0)))
  return {
    features: new SortedRows(text.slice(behind)),
    steps: steps as [Float64Array, Float64Array],
  }
}

/**
 * The table is in the order of its names, so a row is found by halving and parsed when it is asked for: a short draft
 * needs a few hundred of some thirty thousand.
 */
class SortedRows implements RowsByName {
  readonly #text: string
  readonly #known = new Map<string, Float64Array | undefined>()

  constructor(text: string) {
    this.#text = text
  }

  get(name: string): Float64Array | undefined {
    if (this.#known.has(name)) return this.#known.get(name)
    const row = this.#find(name)
    const parsed = row === null ? undefined : parseRow(row, new Float64Array(ROLE_COUNT))
    this.#known.set(name, parsed)
    return parsed
  }

  #find(name: string): string | null {
    let [low, high] = [0, this.#text.length]
    while (low < high) {
      const from = this.#text.lastIndexOf('\n', ((low + high) >>> 1) - 1) + 1
      const newline = this.#text.indexOf('\n', from)
      const end = newline < 0 ? this.#text.length : newline
      const colon = this.#text.lastIndexOf(': ', end)
      const here = this.#text.slice(from, colon)
      if (here === name) return this.#text.slice(colon + 2, end)
      if (here < name) low = end + 1
      else high = from
    }
    return null
  }
}

function parseRow(text: string, row: Float64Array): Float64Array {
  for (const part of text ? text.split(', ') : []) {
    const blank = part.lastIndexOf(' ')
    row[placeOf(part.slice(0, blank))] = Number(part.slice(blank + 1)) / ROUNDED
  }
  return row
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
