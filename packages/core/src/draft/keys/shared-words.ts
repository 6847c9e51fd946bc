import { spanText } from '../model.ts'
import type { DraftRecord, Statement } from '../records/record.ts'
import { fitOf } from './fit.ts'

const FIRST = /^(\p{L}[\p{L}\p{M}'’-]{0,19}[./]?\)?)(?:\s*[-–—=:]\s+|\s+)(?=\S)/u
const FEWEST = 2
const LEAST_SHARE = 0.6
const LEAST_GAIN = 0.4

/**
 * A word before the key of item after item, without which the keys fit better, is this draft's word for a key: "Kelm B",
 * "solved: the mate". It is taken off.
 */
export function dropSharedWords(records: readonly DraftRecord[]): void {
  const all = records.flatMap((record) =>
    record.statements.filter((one) => one.source === 'line').map((statement) => ({ record, statement })),
  )
  const byWord = new Map<string, { record: DraftRecord; statement: Statement; to: number }[]>()
  for (const { record, statement } of all) {
    const found = FIRST.exec(spanText(statement.value))
    if (!found?.[1]) continue
    const word = found[1].toLowerCase()
    byWord.set(word, [...(byWord.get(word) ?? []), { record, statement, to: found[0].length }])
  }
  for (const own of byWord.values()) {
    if (own.length < FEWEST || own.length < all.length * LEAST_SHARE) continue
    const gain = own.reduce((sum, { record, statement, to }) => {
      const text = spanText(statement.value)
      return sum + fitOf(text.slice(to), record) - fitOf(text, record)
    }, 0)
    if (gain < own.length * LEAST_GAIN) continue
    for (const { record, statement, to } of own) {
      const { value } = statement
      record.statements[record.statements.indexOf(statement)] = {
        ...statement,
        value: { ...value, from: value.from + to },
      }
    }
  }
}
