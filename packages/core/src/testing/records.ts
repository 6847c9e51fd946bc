import { factsOf, type Facts } from '../draft/facts/facts.ts'
import { unitsOf } from '../draft/facts/units.ts'
import { cleanLines } from '../draft/text/clean.ts'
import { assemble } from '../draft/records/assemble.ts'
import type { DraftRecord } from '../draft/records/record.ts'
import { readRoles, surround } from '../draft/roles/read-roles.ts'
import { parseWeights } from '../draft/roles/weights.ts'
import { WEIGHTS_TABLE } from '../draft/roles/weights-table.ts'

/** Records of items, and the facts of a list of keys that stands apart. @internal For tests. */
export function assembleText(items: string, list: string): { records: readonly DraftRecord[]; facts: Facts[] } {
  const { records } = assemble(readRoles(surround(unitsOf(cleanLines({ text: items }))), parseWeights(WEIGHTS_TABLE)))
  return { records, facts: unitsOf(cleanLines({ text: list })).map((unit) => factsOf(unit)) }
}
