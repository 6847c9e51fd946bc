import type { DraftRecord } from '../records/record.ts'
import { fitOf } from './fit.ts'
import type { Ids } from './list-ids.ts'
import type { ListEntry } from './list-entry.ts'

const RANGE =
  /(?<![\p{L}\p{N}])(\d{1,3})\s?(?:[-–—]|to|bis|à|a|до)\s?(\d{1,3})\s?[.):=]?\s+((?:[\p{L}①-⑳+\-−](?:\s?[,;/]\s?|\s)?){2,60})/gu

/** "1–5 BCADA": letters for a range of numbers, one each. */
export function rangeEntries(texts: readonly string[], ids: Ids, records: readonly DraftRecord[]): ListEntry[] {
  const entries: ListEntry[] = []
  texts.forEach((text, line) => {
    for (const match of text.matchAll(RANGE)) {
      const [first, last] = [Number(match[1]), Number(match[2])]
      const start = match.index + match[0].indexOf(match[3] ?? '')
      const letters = [...(match[3] ?? '').matchAll(/[^\s,;/]/gu)]
      if (letters.length !== last - first + 1) continue
      letters.forEach((letter, at) => {
        const record = ids.get(String(first + at))?.find((one) => records[one] !== undefined)
        const from = start + letter.index
        if (record !== undefined)
          entries.push({ record, value: { line, from, endLine: line, to: from + letter[0].length } })
      })
    }
  })
  return entries
}

const FEWEST = 3
const NUMBERED = /^[\s*•(]*(\d{1,3})\s?(?:[):]|\.(?!\d))\s*\S/u

/**
 * Keys without numbers: as many parts as there are items before the list that still lack a key, in their order. Lines that
 * begin with numbers of items are none of them: such a list may be of some items only.
 */
export function inOrder(
  texts: readonly string[],
  records: readonly DraftRecord[],
  after: number,
  ids: Ids,
): ListEntry[] {
  const open = records.flatMap((record, at) => (at < after && !record.statements.length ? [at] : []))
  const numbered = texts.filter((text) => ids.has(NUMBERED.exec(text)?.[1] ?? '')).length
  if (open.length < FEWEST || numbered > 1) return []
  for (const parts of [lineParts(texts), wordParts(texts)]) {
    if (parts.length !== open.length) continue
    const entries = parts.map((part, at): ListEntry => ({ record: open[at] ?? 0, value: part }))
    const fits = entries.filter(
      ({ record, value }) =>
        fitOf((texts[value.line] ?? '').slice(value.from, value.to), records[record] as DraftRecord) > 0.5,
    )
    if (fits.length >= entries.length * 0.8) return entries
  }
  return []
}

function lineParts(texts: readonly string[]): ListEntry['value'][] {
  return texts.flatMap((text, line) => {
    const from = /^[\s•*–-]*/u.exec(text)?.[0].length ?? 0
    return text.trim() && !text.endsWith(':') ? [{ line, from, endLine: line, to: text.length }] : []
  })
}

function wordParts(texts: readonly string[]): ListEntry['value'][] {
  return texts.flatMap((text, line) => {
    const start = /^[^:：]{0,30}[:：]\s*/u.exec(text)?.[0].length ?? 0
    return [...text.slice(start).matchAll(/[^\s,;|]+/gu)].map((match) => {
      const from = start + match.index
      return { line, from, endLine: line, to: from + match[0].length }
    })
  })
}
