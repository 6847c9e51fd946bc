import { labelsAt } from '../facts/labels.ts'
import type { KeyLines } from '../records/assemble.ts'
import type { DraftRecord } from '../records/record.ts'
import { cues } from '../words.ts'

/** Which records a number may mean; of several with one number, those before the list and without a key come first. */
export type Ids = ReadonlyMap<string, readonly number[]>

export function idsOf(records: readonly DraftRecord[], block: Pick<KeyLines, 'after'>): Ids {
  const ids = new Map<string, number[]>()
  const add = (id: string, at: number): void => {
    const known = ids.get(id)
    if (!known) ids.set(id, [at])
    else if (!known.includes(at)) known.push(at)
  }
  const numbered = records.filter((record) => record.label !== null).length
  const heads = headsOf(records)
  records.forEach((record, at) => {
    const { label, section } = record
    if (label?.id) add(label.id, at)
    if (label?.id && section.id && /^\d+$/.test(label.id)) add(`${section.id}${label.id}`, at)
    if (label?.id && heads[at] && /^\p{L}$/u.test(label.id)) add(`${heads[at]}${label.id}`, at)
    if (numbered < records.length * 0.5) add(String(at + 1), at)
    for (const id of rowIds(record)) if (id !== label?.id) add(id, at)
  })
  for (const known of ids.values()) known.sort((a, b) => distance(a, block.after) - distance(b, block.after))
  return ids
}

/** By record: the number of the question that it is a part of, said in a line above it or in its section; empty: none. */
function headsOf(records: readonly DraftRecord[]): string[] {
  let head = ''
  return records.map(({ facts, label, section }) => {
    const own = facts
      .flatMap((unit) => labelsAt(unit.text))
      .find((one) => one.script === 'number' || one.script === 'word')
    if (own) head = own.id
    else if (label && (label.script === 'number' || label.script === 'word')) head = ''
    return head || (/^\d+$/.test(section.id) ? section.id : '')
  })
}

/** Numbers of the rows of a matching: each may have an entry of its own in a list. */
export function rowIds(record: DraftRecord): string[] {
  return record.rows.flatMap((unit) => {
    const label = labelsAt(unit.text)
      .filter((one) => one.script === 'number' && !one.weak)
      .at(-1)
    return label ? [label.id] : []
  })
}

/** Whether a number is that of a row of a matching. */
export function isRowId(id: string, record: DraftRecord): boolean {
  return record.rows.length > 1 && id !== record.label?.id && rowIds(record).includes(id)
}

function distance(record: number, after: number): number {
  return record < after ? after - record : 1000 + record - after
}

/** A section's letter or number in front of the entries of a list. */
export const SECTION_HEAD = /^\W{0,3}(\p{Lu}|[IVX]{1,4})[).:]?\s+(?=\(?\d)/u

/** The section that a line of a list names: "Part II", "B)  5. …"; null where it names none of the draft's. */
export function sectionIn(
  text: string,
  all: readonly DraftRecord[],
): { readonly id: string; readonly to?: number } | null {
  const named = cues.sectionLabel(text) ?? SECTION_HEAD.exec(text)?.[1]?.toLowerCase() ?? null
  if (named && all.some((record) => record.section.id === named)) return { id: named }
  // "Round 2: 1. …": as a heading of the draft begins, whatever its word is.
  const lead = COUNTED_HEAD.exec(text)?.[0]
  const own = lead ? all.find(({ section }) => isHeaded(section.text, lead)) : undefined
  return own?.section.id && lead ? { id: own.section.id, to: lead.length } : null
}

const COUNTED_HEAD = /^\W{0,3}\p{L}{2,14}\s(?:\d{1,2}|\p{Lu}|[IVX]{1,4})(?=[\s:.)–—-]|$)/u

function isHeaded(heading: string, lead: string): boolean {
  const fold = (text: string): string =>
    text
      .replace(/[^\p{L}\p{N} ]/gu, '')
      .trim()
      .toLowerCase()
  return heading.split('\n').some((line) => `${fold(line)} `.startsWith(`${fold(lead)} `))
}
