import type { AsideLine, DraftSource } from '../model.ts'
import { featuresOf } from '../roles/features.ts'
import { PART_KINDS, partOf, type LinePart } from '../roles/parts.ts'
import type { Evidence, ReadRoles } from '../roles/read-roles.ts'
import { ROLE_COUNT, ROLE_INDEX, ROLES, type Role } from '../roles/roles.ts'
import type { Surroundings } from '../roles/surroundings.ts'
import { lineLook, lookName } from './line-look.ts'
import type { Notation, TaughtLine } from './model.ts'

/** All that was taught about a draft. */
export interface Teaching {
  readonly lines: readonly TaughtLine[]
  readonly notation: Notation | null
}

/** What was taught about a draft; null where nothing was. */
export function teachingOf({ taught = [], notation }: DraftSource): Teaching | null {
  return taught.length || notation ? { lines: taught, notation: notation ?? null } : null
}

/** No other evidence comes near what a person said of a line; of two that cannot both be, the later one holds. */
const SAID = 1e5
/** What it says of a line that looks alike; what such a line says itself can still speak against it. */
const ALIKE = 12
/** The same, where the line was taken for something else before. */
const ALIKE_ELSE = 6

/**
 * What was taught as evidence for each line. A line that looks like one that a person spoke of is read the same way,
 * the more so if it was taken for the same before; of several such lines the one decides with which it has most in
 * common.
 *
 * @param untaught what the lines were taken for before anything was taught.
 */
export function evidenceOf(draft: Surroundings, untaught: Uint8Array, teaching: Teaching): Evidence {
  const said = new Map<number, LinePart>()
  const scores = new Float64Array(untaught.length * ROLE_COUNT)
  const names = draft.facts.map((_facts, at) => lookName(lineLook(draft, at)))
  const lean = (at: number, part: LinePart, weight: number): void => {
    for (const role of rolesAt(part, at, names, untaught)) {
      const place = at * ROLE_COUNT + ROLE_INDEX[role]
      scores[place] = (scores[place] ?? 0) + weight
    }
  }
  const examples = new Map<string, Example[]>()
  const addExample = (name: string, example: Example): void =>
    void examples.set(name, [...(examples.get(name) ?? []), example])
  for (const { look, was, part } of teaching.notation?.rules ?? [])
    addExample(lookName(look), { at: null, was: ROLE_INDEX[was], part })
  teaching.lines.forEach(({ part, alike, from }, rank) => {
    for (const at of unitsAt(draft, { from, part })) {
      said.set(at, part)
      lean(at, part, SAID + rank)
      if (alike) addExample(names[at] ?? '', { at, was: untaught[at] ?? 0, part })
    }
  })
  for (let at = 0; examples.size && at < untaught.length; at++) {
    if (said.has(at)) continue
    const example = nearest(draft, at, untaught[at] ?? 0, examples.get(names[at] ?? '') ?? [])
    if (example) lean(at, example.part, example.was === untaught[at] ? ALIKE : ALIKE_ELSE)
  }
  return { scores, said }
}

/** A line that a person spoke of, or a rule of a notation, which has no line. */
interface Example {
  readonly at: number | null
  readonly was: number
  readonly part: LinePart
}

/** A key is one of many in a list only where a list is, or lines that look the same follow each other. */
function rolesAt(part: LinePart, at: number, names: readonly string[], untaught: Uint8Array): readonly Role[] {
  const { roles } = PART_KINDS[part]
  if (part !== 'key') return roles
  const isListed =
    [at - 1, at, at + 1].some((one) => untaught[one] === ROLE_INDEX.keys) ||
    [at - 1, at + 1].some((one) => names[one] === names[at])
  return isListed ? roles : roles.filter((role) => role !== 'keys')
}

/** The pieces of the line that a person spoke of; what starts an item starts with the first. */
export function unitsAt(draft: Surroundings, { from, part }: Pick<TaughtLine, 'from' | 'part'>): number[] {
  const own = draft.facts
    .filter(({ unit: { line } }) => line.from <= from && from <= line.to)
    .map((one) => one.unit.index)
  return part === 'item' ? own.slice(0, 1) : own
}

/** Of several examples that look the same, the one that a line has most in common with: one of its own draft first. */
function nearest(draft: Surroundings, at: number, was: number, examples: readonly Example[]): Example | undefined {
  const inDraft = examples.filter((one) => one.at !== null)
  const own = inDraft.length ? inDraft : examples
  if (own.length < 2) return own[0]
  const names = new Set(namesOf(draft, at))
  const shared = own.map((one) => {
    const theirs = one.at === null ? [] : namesOf(draft, one.at)
    const both = theirs.filter((name) => names.has(name)).length
    return both / (theirs.length + names.size) + (one.was === was ? 1 : 0)
  })
  return own[shared.indexOf(Math.max(...shared))]
}

function namesOf(draft: Surroundings, at: number): string[] {
  const names: string[] = []
  featuresOf(draft, at, (name) => names.push(name))
  return names
}

const HEADS = new Set<AsideLine['reason']>(['title', 'section', 'instruction'])

/** What each line was taken for, from the first on; null where it has no text. */
export function linePartsOf({ draft, roles }: ReadRoles, aside: readonly AsideLine[]): (LinePart | null)[] {
  const heads = new Set(aside.filter((one) => HEADS.has(one.reason)).map((one) => one.line))
  const parts: (LinePart | null)[] = new Array<LinePart | null>(draft.facts.at(-1)?.unit.line.number ?? 0).fill(null)
  draft.facts.forEach(({ unit: { line } }, at) => {
    const role = ROLES[roles[at] ?? 0] ?? 'out'
    parts[line.number - 1] ??= role === 'out' && heads.has(line.number) ? 'heading' : partOf(role)
  })
  return parts
}
