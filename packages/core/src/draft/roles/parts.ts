import type { Role } from './roles.ts'

/** What a person can say that a line is, in the order in which it is offered. */
export const LINE_PARTS = [
  'item',
  'stem',
  'option',
  'rest',
  'key',
  'feedback',
  'hint',
  'pair',
  'bank',
  'facts',
  'passage',
  'heading',
  'none',
] as const
export type LinePart = (typeof LINE_PARTS)[number]

interface PartKind {
  /** As it is chosen: "Item starts here". */
  readonly says: string
  /** As it is spoken of: "line 4 may be the start of an item". */
  readonly noun: string
  /** The roles that a line of this part may have; which of them it has is weighed with all other lines. */
  readonly roles: readonly Role[]
}

export const PART_KINDS: Readonly<Record<LinePart, PartKind>> = {
  item: { says: 'Item starts here', noun: 'the start of an item', roles: ['stem'] },
  stem: { says: 'Belongs to the stem', noun: 'part of the stem', roles: ['more'] },
  option: { says: 'Option', noun: 'an option', roles: ['option'] },
  rest: { says: 'Rest of the option above', noun: 'the rest of an option', roles: ['wrapped'] },
  key: { says: 'Key', noun: 'a key', roles: ['answer', 'keys'] },
  feedback: { says: 'Feedback', noun: 'feedback', roles: ['feedback', 'remark'] },
  hint: { says: 'Hint', noun: 'a hint', roles: ['hint'] },
  pair: { says: 'Pair or row', noun: 'a pair or a row', roles: ['row'] },
  bank: { says: 'Word bank', noun: 'a word bank', roles: ['bank'] },
  facts: { says: 'Points, level or tags', noun: 'a line of points, level or tags', roles: ['facts'] },
  passage: { says: 'Passage', noun: 'part of a passage', roles: ['passage'] },
  heading: { says: 'Heading', noun: 'a heading', roles: ['out'] },
  none: { says: 'Not part of it', noun: 'no part of any item', roles: ['out', 'lines'] },
}

export function isLinePart(value: unknown): value is LinePart {
  return (LINE_PARTS as readonly unknown[]).includes(value)
}

const BY_ROLE = new Map<Role, LinePart>(
  [...LINE_PARTS].reverse().flatMap((part) => PART_KINDS[part].roles.map((role): [Role, LinePart] => [role, part])),
)

/** The part that a role is, in a person's words; what is set aside is no part unless it heads something. */
export function partOf(role: Role): LinePart {
  return role === 'out' ? 'none' : (BY_ROLE.get(role) ?? 'none')
}
