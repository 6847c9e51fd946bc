import type { Item } from '../../item/model.ts'
import { mark, type Mark } from '../marks.ts'
import { placeOf } from '../kinds/working.ts'
import type { DraftRecord } from '../records/record.ts'
import type { ReadRoles } from '../roles/read-roles.ts'
import { ROLES, type Role } from '../roles/roles.ts'
import { LEAST_PROBABILITY, oddness } from './doubt.ts'

const ROLE_WORDS: Readonly<Record<Role, string>> = {
  out: 'no part of any item',
  passage: 'part of a passage',
  stem: 'the start of an item',
  more: 'part of the question',
  option: 'an option',
  wrapped: 'the rest of an option',
  answer: 'a key',
  feedback: 'feedback',
  hint: 'a hint',
  facts: 'a remark about the item',
  row: 'a pair',
  bank: 'a word bank',
  lines: 'room to write',
  keys: 'part of a list of keys',
  remark: 'feedback to an option',
}

/** What speaks against an item as it came out: something odd about it, or a line that could as well be something else. */
export interface Doubt {
  readonly odd: string | null
  readonly line: string | null
}

export function doubtOf(record: DraftRecord, item: Item, read: ReadRoles): Doubt {
  const last = record.units.at(-1)?.index ?? 0
  const units = [...record.units.map((unit) => unit.index), last + 1].filter((at) => at < read.probabilities.length)
  const least = units.reduce(
    (worst, at) => ((read.probabilities[at] ?? 1) < (read.probabilities[worst] ?? 1) ? at : worst),
    units[0] ?? 0,
  )
  const isUnsure = (read.probabilities[least] ?? 1) < LEAST_PROBABILITY
  const line = read.draft.facts[least]?.unit.line.number ?? 1
  const other = ROLE_WORDS[ROLES[read.others[least] ?? 0] ?? 'out']
  return { odd: oddness(item, record), line: isUnsure ? `line ${line} could also be ${other}` : null }
}

/** One mark per item, whatever is wrong with it. */
export function marksOf({ odd, line }: Doubt, record: DraftRecord): Mark[] {
  const why = odd ?? line
  return why === null ? [] : [mark('reading-unsure', placeOf(record), { why })]
}
