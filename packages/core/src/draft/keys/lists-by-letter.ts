import type { DraftRecord } from '../records/record.ts'
import { fitOf } from './fit.ts'
import type { Ids } from './list-ids.ts'
import type { ListEntry } from './list-entry.ts'

const LETTER = /(?<![\p{L}\p{N}])(\p{L})\s?[:=]\s?((?:\d{1,3}(?:\s?[,+&]\s?|\s(?=\d{1,3}(?:\s|,|$)))?)+|[-–—])/gu
const FEWEST = 2
/** How much of a list may be something else. */
const MOST_LEFT = 0.15

/** "A: 2, 5   B: 1   C: 3, 4": under each letter the numbers of the items whose key it is. Each item stands once. */
export function letterEntries(texts: readonly string[], ids: Ids, records: readonly DraftRecord[]): ListEntry[] {
  const entries: ListEntry[] = []
  const letters = new Set<string>()
  let length = 0
  let covered = 0
  texts.forEach((text, line) => {
    const found = [...text.matchAll(LETTER)]
    if (!found.length) return
    length += text.replace(/[\s|,;.]/g, '').length
    for (const match of found) {
      const letter = (match[1] ?? '').toLowerCase()
      letters.add(letter)
      covered += match[0].replace(/[\s|,;.]/g, '').length
      for (const number of (match[2] ?? '').match(/\d{1,3}/g) ?? []) {
        const record = ids.get(number)?.[0]
        if (record === undefined) return
        entries.push({ record, value: { line, from: match.index, endLine: line, to: match.index + letter.length } })
      }
    }
  })
  const isWhole = covered >= length * (1 - MOST_LEFT) && letters.size >= FEWEST
  const isOnce = new Set(entries.map((entry) => entry.record)).size === entries.length
  const fits = entries.every(({ record, value }) => {
    const own = records[record]
    return own !== undefined && fitOf((texts[value.line] ?? '').slice(value.from, value.to), own) > 0.5
  })
  return isWhole && isOnce && fits && entries.length >= FEWEST ? entries : []
}
