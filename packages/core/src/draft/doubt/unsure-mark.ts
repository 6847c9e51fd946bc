import { placeOf } from '../kinds/working.ts'
import { mark, type Mark, type Mend } from '../marks.ts'
import type { DraftRecord } from '../records/record.ts'
import { PART_KINDS } from '../roles/parts.ts'
import type { Doubt, OtherPart } from './doubt-of-item.ts'

/** One mark per item, whatever is wrong with it: what speaks against it, and what else its doubtful line may be. */
export function unsureMarks({ odd, line }: Doubt, record: DraftRecord): Mark[] {
  if (odd === null && line === null) return []
  const other = line && line.part !== line.other ? line : null
  const why = [odd, line && lineWords(line)].filter((one) => one !== null).join('; ')
  if (!line || odd !== null)
    return [mark('reading-unsure', placeOf(record), { why }, other ? { mend: mendsOf(other).mend } : {})]
  const place = { lines: [line.number, line.number] as const, from: line.from, to: line.to }
  return [mark('reading-unsure', place, { why }, other ? { ...mendsOf(other), cause: other.cause } : {})]
}

function lineWords({ number, part, other }: OtherPart): string {
  return part === other
    ? `line ${number} is read as ${PART_KINDS[part].noun}, but it is not sure of what`
    : `line ${number} is read as ${PART_KINDS[part].noun} and may be ${PART_KINDS[other].noun}`
}

function mendsOf({ number, from, to, part, other }: OtherPart): { readonly mend: Mend; readonly stays: Mend } {
  return {
    mend: { label: `Read line ${number} as ${PART_KINDS[other].noun}`, edits: [], says: [{ from, to, part: other }] },
    stays: { label: `It is ${PART_KINDS[part].noun}`, edits: [], says: [{ from, to, part }] },
  }
}
