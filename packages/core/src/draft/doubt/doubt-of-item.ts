import type { Item } from '../../item/model.ts'
import type { DraftRecord } from '../records/record.ts'
import { partOf, type LinePart } from '../roles/parts.ts'
import type { ReadRoles } from '../roles/read-roles.ts'
import { ROLES } from '../roles/roles.ts'
import { LEAST_PROBABILITY, oddness } from './doubt.ts'

/** What speaks against an item as it came out: something odd about it, or a line that could as well be something else. */
export interface Doubt {
  readonly odd: string | null
  readonly line: OtherPart | null
}

/** A line with what it was taken for, and what it may be as well. */
export interface OtherPart {
  readonly number: number
  readonly from: number
  readonly to: number
  readonly part: LinePart
  readonly other: LinePart
  /** One name for lines that look alike and are doubtful in the same way. */
  readonly cause: string
}

/** Of an item that is odd, a line that is this sure is not blamed for it. */
const SURE = 0.95

export function doubtOf(record: DraftRecord, item: Item, read: ReadRoles): Doubt {
  const odd = oddness(item, record)
  const last = record.units.at(-1)?.index ?? 0
  const units = [...record.units.map((unit) => unit.index), last + 1].filter((at) => at < read.probabilities.length)
  const probability = (at: number): number => read.probabilities[at] ?? 1
  const least = units.reduce((worst, at) => (probability(at) < probability(worst) ? at : worst), units[0] ?? 0)
  const isUnsure = probability(least) < (odd === null ? LEAST_PROBABILITY : SURE)
  return { odd, line: isUnsure ? otherPart(read, least) : null }
}

function otherPart({ draft, roles, others }: ReadRoles, at: number): OtherPart | null {
  const line = draft.facts[at]?.unit.line
  const [part, other] = [roles, others].map((all) => partOf(ROLES[all[at] ?? 0] ?? 'out'))
  if (!line || !part || !other) return null
  const { number, from, to } = line
  return { number, from, to, part, other, cause: `${draft.groups[at] ?? 0} ${part} ${other}` }
}
