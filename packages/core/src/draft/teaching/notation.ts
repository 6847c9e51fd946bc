import { isLinePart, LINE_PARTS } from '../roles/parts.ts'
import { ROLES, type Role } from '../roles/roles.ts'
import type { Surroundings } from '../roles/surroundings.ts'
import { lineLook, lookName } from './line-look.ts'
import type { LineLook, Notation, NotationRule } from './model.ts'
import { unitsAt, type Teaching } from './teaching.ts'

/**
 * What was taught about a draft, as a notation for others: a rule for each look that a person spoke of. The rules of a
 * notation that the draft was read by stay, unless a later word is about the same look.
 *
 * @param untaught what the lines were taken for before anything was taught.
 */
export function notationFrom(name: string, draft: Surroundings, untaught: Uint8Array, teaching: Teaching): Notation {
  const rules = new Map<string, NotationRule>()
  const keep = (rule: NotationRule): void => void rules.set(`${lookName(rule.look)} ${rule.was}`, rule)
  teaching.notation?.rules.forEach(keep)
  for (const line of teaching.lines) {
    if (!line.alike) continue
    for (const at of unitsAt(draft, line))
      keep({ look: lineLook(draft, at), was: ROLES[untaught[at] ?? 0] ?? 'out', part: line.part })
  }
  return { name, rules: [...rules.values()] }
}

const FEWEST_LINES = 2
const MOST_FITTING = 3

/** The notations whose rules are about lines that a draft has, those about the most first; the others need not be tried. */
export function fittingNotations(draft: Surroundings, notations: readonly Notation[]): Notation[] {
  const counts = new Map<string, number>()
  draft.facts.forEach((_facts, at) => {
    const name = lookName(lineLook(draft, at))
    counts.set(name, (counts.get(name) ?? 0) + 1)
  })
  return notations
    .map((notation) => {
      const names = new Set(notation.rules.map((rule) => lookName(rule.look)))
      return { notation, lines: [...names].reduce((sum, name) => sum + (counts.get(name) ?? 0), 0) }
    })
    .filter(({ lines }) => lines >= FEWEST_LINES)
    .sort((a, b) => b.lines - a.lines)
    .slice(0, MOST_FITTING)
    .map(({ notation }) => notation)
}

/** A notation in a file was not one. */
export class NotationError extends Error {
  override readonly name = 'NotationError'
}

const MOST_RULES = 500
const LONGEST = 80
const LOOK_FIELDS = ['label', 'word', 'sign', 'tail', 'end', 'dress', 'place'] as const

/**
 * Checks a notation that came from outside: `{ "name": "…", "rules": [{ "look": {…}, "was": "…", "part": "…" }] }`.
 *
 * @throws NotationError with one sentence for a person.
 */
export function parseNotation(value: unknown): Notation {
  const { name, rules } = fieldsOf(value, 'A notation')
  if (typeof name !== 'string' || name.trim() === '' || name.length > LONGEST)
    throw new NotationError(`A notation has a name of at most ${LONGEST} letters.`)
  if (!Array.isArray(rules) || rules.length > MOST_RULES)
    throw new NotationError(`A notation has a list of at most ${MOST_RULES} rules.`)
  return { name: name.trim(), rules: rules.map((rule, at) => parseRule(rule, at + 1)) }
}

function parseRule(value: unknown, place: number): NotationRule {
  const { look, was, part } = fieldsOf(value, `Rule ${place}`)
  if (!isLinePart(part)) throw new NotationError(`Rule ${place}: “part” is one of ${LINE_PARTS.join(', ')}.`)
  if (!isRole(was)) throw new NotationError(`Rule ${place}: “was” is one of ${ROLES.join(', ')}.`)
  return { look: parseLook(look, place), was, part }
}

function parseLook(value: unknown, place: number): LineLook {
  const fields = fieldsOf(value, `The look of rule ${place}`)
  if (!isShort(fields['sort'])) throw new NotationError(`Rule ${place}: its look has no “sort”.`)
  const look: Record<string, string> = { sort: fields['sort'] }
  for (const field of LOOK_FIELDS) {
    const given = fields[field]
    if (given === undefined) continue
    if (!isShort(given)) throw new NotationError(`Rule ${place}: “${field}” of its look is no short text.`)
    look[field] = given
  }
  return look as unknown as LineLook
}

function fieldsOf(value: unknown, what: string): Readonly<Record<string, unknown>> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new NotationError(`${what} is an object with fields.`)
  return value as Readonly<Record<string, unknown>>
}

function isShort(value: unknown): value is string {
  return typeof value === 'string' && value.length <= LONGEST
}

function isRole(value: unknown): value is Role {
  return (ROLES as readonly unknown[]).includes(value)
}
