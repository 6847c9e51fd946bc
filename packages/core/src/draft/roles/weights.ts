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
const SMALLEST = 0.12

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
  const rounds = table.split(/^# (?:first|second)\n/m).slice(1)
  const [first = '', second = ''] = rounds
  return { first: parseRound(first), second: parseRound(second) }
}

function parseRound(text: string): RoleWeights {
  const features = new LazyRows()
  const steps = [new Float64Array(ROLE_COUNT ** 2), new Float64Array(ROLE_COUNT ** 2)] as const
  for (let from = 0; from < text.length;) {
    const newline = text.indexOf('\n', from)
    const end = newline < 0 ? text.length : newline
    const colon = text.lastIndexOf(': ', end)
    if (colon > from) {
      const name = text.slice(from, colon)
      const step = STEPS.indexOf(name as (typeof STEPS)[number])
      const rest = text.slice(colon + 2, end)
      if (step < 0) features.set(name, rest)
      else parseRow(rest, steps[step] as Float64Array)
    }
    from = end + 1
  }
  return { features, steps }
}

/** The rows of the table are parsed when they are asked for: a short draft needs few of them. */
class LazyRows implements RowsByName {
  readonly #rows = new Map<string, string | Float64Array>()

  set(name: string, row: string): void {
    this.#rows.set(name, row)
  }

  get(name: string): Float64Array | undefined {
    const row = this.#rows.get(name)
    if (typeof row !== 'string') return row
    const parsed = parseRow(row, new Float64Array(ROLE_COUNT))
    this.#rows.set(name, parsed)
    return parsed
  }
}

function parseRow(text: string, row: Float64Array): Float64Array {
  for (const part of text.split(', ')) {
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
