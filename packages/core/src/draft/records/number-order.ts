import type { DraftRecord } from './record.ts'

/** Items that stand side by side are read across; their numbers say in which order they are meant. */
export function inNumberOrder(records: readonly DraftRecord[]): DraftRecord[] {
  const lineOf = (record: DraftRecord | undefined): number => record?.units[0]?.line.number ?? -1
  const isBeside = records.map(
    (record, at) => lineOf(record) === lineOf(records[at - 1]) || lineOf(record) === lineOf(records[at + 1]),
  )
  const sorted = [...records]
  for (let from = 0; from < records.length; from++) {
    if (!isBeside[from]) continue
    let end = from
    while (isBeside[end]) end++
    const own = sorted.slice(from, end).sort((a, b) => (a.label?.value ?? 0) - (b.label?.value ?? 0))
    sorted.splice(from, end - from, ...own)
    from = end
  }
  return sorted
}
