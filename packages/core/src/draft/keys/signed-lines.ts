import type { DraftRecord } from '../records/record.ts'
import { spanText } from '../model.ts'
import { keywordAt } from '../words.ts'

const ARROW = /^\s*(?:->|=>|→|➡|⇒|⇌)/u

/**
 * A line that starts with an arrow may give the key, or go on with a reaction. Where another line of the item names the
 * key in words, the arrow is a part of the question.
 */
export function arrowsIntoStems(records: readonly DraftRecord[]): void {
  for (const record of records) {
    const isNamed = record.statements.some((one) => keywordAt(spanText(one.statement), 0)?.role === 'answer')
    if (!isNamed || record.entries.length) continue
    const at = record.statements.findIndex((one) => ARROW.test(spanText(one.statement)))
    if (at < 0) continue
    const [arrow] = record.statements.splice(at, 1)
    if (arrow) record.stem.push({ span: arrow.statement, join: 'wrap' })
  }
}
