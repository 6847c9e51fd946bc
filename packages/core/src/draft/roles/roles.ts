/**
 * What a line can be. `out` holds titles, headings, instructions, chatter and page furniture; `answer` gives the key of
 * the item it stands in, `keys` those of many items; `row` is a pair, a row of a grid or of a table.
 */
export const ROLES = [
  'out',
  'passage',
  'stem',
  'more',
  'option',
  'wrapped',
  'answer',
  'feedback',
  'hint',
  'facts',
  'row',
  'bank',
  'lines',
  'keys',
  'remark',
] as const
export type Role = (typeof ROLES)[number]

export const ROLE_COUNT: number = ROLES.length
export const ROLE_INDEX = Object.fromEntries(ROLES.map((role, index) => [role, index])) as Readonly<
  Record<Role, number>
>

/** Roles that only a line of an item has: one of them cannot begin a draft. */
const INSIDE = new Set<Role>(['more', 'option', 'wrapped', 'answer', 'feedback', 'hint', 'row', 'lines', 'remark'])
const NEEDS: Partial<Record<Role, readonly Role[]>> = {
  wrapped: ['option', 'wrapped', 'remark'],
  more: ['stem', 'more', 'row', 'lines', 'bank', 'facts'],
}

/** Whether a line of role `role` can follow one of role `before`; null: the draft begins with it. */
export function canFollow(before: Role | null, role: Role): boolean {
  if (before === null) return !INSIDE.has(role)
  const needs = NEEDS[role]
  if (needs) return needs.includes(before)
  if (role === 'option' || role === 'row' || role === 'lines') return before !== 'keys' && before !== 'passage'
  if (role === 'answer' || role === 'remark' || role === 'feedback' || role === 'hint') return before !== 'passage'
  return true
}
