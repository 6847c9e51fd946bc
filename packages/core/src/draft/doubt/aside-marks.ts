import { mark, type Mark } from '../marks.ts'
import { PART_KINDS } from '../roles/parts.ts'
import type { ReadRoles } from '../roles/read-roles.ts'
import { ROLE_COUNT, ROLE_INDEX } from '../roles/roles.ts'

/** How probable it has to be that a line which is set aside starts an item, for it to be said. */
const LEAST_PROBABILITY = 0.05

/** Lines that were set aside, ask something, and may be items all the same: none is lost without a word. */
export function asideMarks({ draft, roles, weighed, said }: ReadRoles): Mark[] {
  return draft.facts.flatMap(({ unit: { line }, flags, end, gaps }, at) => {
    const asks = end === 'asks' || gaps > 0 || flags.has('commands')
    const isFurniture = flags.has('chatter') || flags.has('identity') || flags.has('rule')
    if (roles[at] !== ROLE_INDEX.out || !asks || isFurniture || said.has(at)) return []
    const probability = weighed?.marginals[at * ROLE_COUNT + ROLE_INDEX.stem] ?? 0
    if (probability < LEAST_PROBABILITY) return []
    const { number, from, to } = line
    const says = (part: 'item' | 'none', label: string) => ({ label, edits: [], says: [{ from, to, part }] })
    return [
      mark(
        'aside-unsure',
        { lines: [number, number], from, to },
        { line: String(number) },
        {
          mend: says('item', `Read line ${number} as ${PART_KINDS.item.noun}`),
          stays: says('none', `It is ${PART_KINDS.none.noun}`),
          cause: `aside ${draft.groups[at] ?? 0}`,
        },
      ),
    ]
  })
}
