import { factsOf } from '../facts/facts.ts'
import type { Unit } from '../facts/units.ts'
import { spanText, type Span } from '../model.ts'
import type { KeyLines } from '../records/assemble.ts'
import type { DraftRecord, Statement } from '../records/record.ts'
import { fitOf } from './fit.ts'
import { idsOf } from './list-ids.ts'
import { numbered, worthOfAll } from './lists.ts'

/** Statements inside an item that are a short list for several: "Key: 1 B, 2 C, 3 C" below the third. Taken from it. */
export function strayLists(records: readonly DraftRecord[]): KeyLines[] {
  return records.flatMap((record, at) => {
    const numbered = numberedAnswers(record, records, at)
    if (numbered.length) {
      const facts = numbered.map(({ statement }) => factsOf(unitOfSpan(statement)))
      return [{ facts, after: at + 1, section: record.section }]
    }
    const found = record.statements.findIndex((one) => one.source === 'line' && isList(one, records, at))
    const [statement] = found < 0 ? [] : record.statements.splice(found, 1)
    if (!statement) return []
    const spans = [statement.value, ...statement.more.map((piece) => piece.span)]
    const facts = spans.map((span) => factsOf(unitOfSpan(span)))
    return [{ facts, after: at + 1, section: record.section }]
  })
}

/** "3. Answer: hull", "4. Answer: keel" one below the other in one item: keys of others, by their numbers. Taken from it. */
function numberedAnswers(record: DraftRecord, records: readonly DraftRecord[], at: number): Statement[] {
  const some = record.statements.filter(({ statement }) => NUMBERED.test(spanText(statement)))
  // Asked for few records only: going through all of them for each would take too long.
  if (some.length < FEWEST_NUMBERED) return []
  const ids = idsOf(records, { after: at + 1 })
  const own = record.statements.filter(({ source, statement }) => {
    const id = source === 'line' ? NUMBERED.exec(spanText(statement))?.[1] : undefined
    return id !== undefined && ids.has(id)
  })
  const named = new Set(own.map(({ statement }) => NUMBERED.exec(spanText(statement))?.[1]))
  if (named.size < FEWEST_NUMBERED) return []
  record.statements.splice(0, record.statements.length, ...record.statements.filter((one) => !own.includes(one)))
  return own
}

const NUMBERED = /^\s*\(?(\d{1,3})\s?[.):]\s/u
const FEWEST_NUMBERED = 2

/** A list below an item with options that has its key already. */
function isListBeside({ statements, rows, lists, entries }: DraftRecord, text: string): boolean {
  return statements.length > 1 && entries.length > 1 && !rows.length && !lists.length && PAIRS.test(text)
}

/** "1 c  2 a": numbers with a letter each, and nothing else, where "1" alone could name an option. */
const PAIRS = /^\W*(?:\d{1,3}\s?[-–.):=]{0,2}\s?\p{L}(?!\p{L})[\s,;.]*){2,}$/u

function isList(statement: Statement, records: readonly DraftRecord[], at: number): boolean {
  const texts = [statement.value, ...statement.more.map((piece) => piece.span)].map((span) => spanText(span))
  const record = records[at] as DraftRecord
  if (!/\d/.test(texts.join(' ')) || (fitOf(texts.join(' '), record) >= 0.7 && !isListBeside(record, texts.join(' '))))
    return false
  const ids = idsOf(records, { after: at + 1 })
  const entries = numbered(texts, ids, records, true)
  return new Set(entries.map((entry) => entry.record)).size > 1 && worthOfAll(entries, texts, records) > 1.2
}

function unitOfSpan(span: Span): Unit {
  const text = spanText(span)
  const lead = text.length - text.trimStart().length
  const from = span.from + lead
  return {
    index: 0,
    line: span.line,
    prefix: { quotes: 0, speaker: null, end: 0 },
    from,
    to: from + text.trim().length,
    text: text.trim(),
    indent: 0,
    gap: 0,
  }
}
