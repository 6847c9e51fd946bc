import type { Content } from '../../content/model.ts'
import type { ItemCommon } from '../../item/model.ts'
import { mark, type Mark, type MarkCode, type Severity } from '../marks.ts'
import { compose } from '../text/compose.ts'
import { sourceRange } from '../model.ts'
import type { DraftRecord, Statement } from '../records/record.ts'
import type { Said } from './said.ts'
import type { Trimmed } from './trim.ts'

/** A record while its kind and key are settled. */
export interface Working {
  readonly record: DraftRecord
  readonly trimmed: Trimmed
  /** By entry: whether the sign that keys this draft's alternatives stands at it. */
  readonly signs: readonly boolean[]
  readonly signName: string | null
  /** Such a sign keys few of the draft's items only. */
  readonly isGuess: boolean
  readonly said: readonly Said[]
  readonly marks: Mark[]
  /** Found behind a key. */
  remark: Content | null
  /** A statement of the key names no alternative, whatever others do. */
  namesNone: boolean
}

export function tell(
  working: Working,
  code: MarkCode,
  values: Readonly<Record<string, string>> = {},
  severity?: Severity,
): void {
  working.marks.push(mark(code, placeOf(working.record), values, severity ? { severity } : {}))
}

/** Two statements of the key that differ; the mend makes the second say what the first says, where it stands in the draft. */
export function tellDisagree(working: Working, inline: string, listed: string, second: Statement): void {
  const range = sourceRange(second.value)
  const place = { lines: [second.value.line.number, second.value.line.number] as const, ...range }
  const mend = { label: `Keep ${inline}`, edits: [{ ...range, insert: inline }] }
  const own = range.to > range.from ? place : placeOf(working.record)
  working.marks.push(mark('keys-disagree', own, { inline, listed }, range.to > range.from ? { mend } : {}))
}

export function placeOf(record: DraftRecord): { lines: readonly [number, number]; from: number; to: number } {
  const first = record.units[0]?.line
  const last = record.units.at(-1)?.line
  return {
    lines: [first?.number ?? 1, last?.lastNumber ?? last?.number ?? 1],
    from: first?.from ?? 0,
    to: last?.to ?? 0,
  }
}

/** What an item of any kind takes from its record. */
export function common(working: Working, stem: Content = compose(working.record.stem)): ItemCommon {
  const { record } = working
  const feedback = record.feedback.length ? compose(record.feedback) : working.remark
  return {
    stem,
    points: record.points ?? record.section.pointsEach ?? 1,
    tags: record.tags,
    ...(feedback && { feedback }),
    ...(record.hint.length > 0 && { hint: compose(record.hint) }),
    ...(record.timeLimit !== null && { timeLimit: record.timeLimit }),
    ...(record.difficulty !== null && { difficulty: record.difficulty }),
    ...(record.level !== null && { level: record.level }),
    ...(record.outcome !== null && { outcome: record.outcome }),
  }
}
