import type { Facts } from '../facts/facts.ts'
import type { Role } from '../roles/roles.ts'
import { keywordAt } from '../words.ts'
import { takeFields } from './facts-lines.ts'
import { spanOf, type DraftRecord } from './record.ts'

/** An arrow, or signs that stand apart from what follows. */
const STATEMENT_SIGN =
  /^(?:[^\p{L}\p{N}\s"'“”„«»()[\]{}¿¡$€£+−–—._…√|`*-]{1,4}\s+|(?:->|=>|<-{1,2}|→|➡|⇒|>>|<<|=|>|👉|↳|:|-\s)\s*)/u

/** "Answer: B      Level: easy": further fields behind a wide gap. */
const FIELD_BEHIND = /(?:\s{2,}|\t|\s\|\s)(?=\p{L}[\p{L} ]{1,20}[:：]\s*\S)/u

/** What a line says of an item as a whole: its key, feedback or a hint. */
export function takeStatement(record: DraftRecord, facts: Facts, role: Role, last: Role | null): void {
  const { unit, cue } = facts
  const end = unit.text.length
  const isOwn = cue !== null && cue.role !== 'other'
  const said = cue?.role === 'hint' || cue?.role === 'feedback' ? cue.role : role
  const goesOn = last === role && !isOwn && facts.unit.gap === 0 && !facts.flags.has('arrow')
  if (said === 'feedback' || said === 'hint') return takeRemark(record, facts, said, goesOn)
  const before = record.statements.at(-1)
  if (goesOn && before && before.source !== 'glued') {
    before.more.push({ span: spanOf(unit, 0, end), join: 'wrap' })
    return
  }
  if (!cue && takeBracketed(record, facts)) return
  const from = cue ? cue.to : valueFrom(facts)
  const field = FIELD_BEHIND.exec(unit.text.slice(from))
  const to = field ? from + field.index : end
  if (field) takeFields(record, unit.text.slice(to))
  record.statements.push({
    value: spanOf(unit, Math.min(from, to), to),
    statement: spanOf(unit, 0, to),
    more: [],
    source: cue?.role === 'sample' ? 'sample' : 'line',
  })
}

/** Where what a line says starts, behind its sign, a letter with a colon or its bullet. */
function valueFrom({ unit, bullet, body }: Facts): number {
  const sign = STATEMENT_SIGN.exec(unit.text)?.[0].length ?? 0
  const pair = /^\p{L}{1,2}\s?[:：]\s*/u.exec(unit.text)?.[0].length ?? 0
  return Math.max(sign, pair, bullet ? body : 0)
}

const BRACKETED = /^(\s*[([]\s*).*?(\s*[)\]]\.?)\s*$/u

/** "(Key: rice)" */
function takeBracketed(record: DraftRecord, { unit }: Facts): boolean {
  const found = BRACKETED.exec(unit.text)
  const named = found ? keywordAt(unit.text, found[1]?.length ?? 0) : null
  if (!found || named?.role !== 'answer') return false
  const end = unit.text.length
  const to = end - (found[2]?.length ?? 0)
  const value = spanOf(unit, Math.min(named.end, to), to)
  record.statements.push({ value, statement: spanOf(unit, 0, end), more: [], source: 'line' })
  return true
}

function takeRemark(record: DraftRecord, { unit, cue }: Facts, said: 'feedback' | 'hint', goesOn: boolean): void {
  const isOwn = cue !== null && cue.role !== 'other'
  const lead = /^[\s💡🤔>»→*-]*(?=[^\s])/u.exec(unit.text)?.[0].length ?? 0
  const from = cue && (isOwn || said === 'hint') ? cue.to : lead
  const list = said === 'feedback' ? record.feedback : record.hint
  const end = unit.text.length
  if (end > from) list.push({ span: spanOf(unit, from, end), join: list.length && goesOn ? 'wrap' : 'paragraph' })
}

/** "Question 1 (right answer: B)": a key that stands behind other facts of an item. */
export function takeGlued(record: DraftRecord, { glued, unit }: Facts): void {
  if (glued?.role !== 'answer') return
  const value = unit.text.slice(glued.to)
  const field = FIELD_BEHIND.exec(value)
  const end = field ? field.index : value.length
  const own = value.slice(0, end).replace(/[\s)\].;,]+$/u, '')
  if (!own) return
  record.statements.push({
    value: spanOf(unit, glued.to, glued.to + own.length),
    statement: spanOf(unit, glued.from, glued.to + end),
    more: [],
    source: 'glued',
  })
}
