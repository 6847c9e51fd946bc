import type { Facts } from '../facts/facts.ts'
import type { Role } from '../roles/roles.ts'
import { keywordAt } from '../words.ts'
import { takeFields } from './facts-lines.ts'
import { spanOf, type DraftRecord } from './record.ts'

/** An arrow, or signs that stand apart from what follows. */
const STATEMENT_SIGN =
  /^(?:[^\p{L}\p{N}\s"'“”„«»()[\]{}¿¡$€£+−–—._…√|`*-]{1,4}\s+|(?:->|=>|→|➡|⇒|>>|<<|=|>|👉|↳|:|-\s)\s*)/u

/** "Answer: B      Level: easy": further fields behind a wide gap. */
const FIELD_BEHIND = /(?:\s{2,}|\t|\s\|\s)(?=\p{L}[\p{L} ]{1,20}[:：]\s*\S)/u

/** "(Key: rice)" */
const BRACKETED = /^(\s*[([]\s*).*?(\s*[)\]]\.?)\s*$/u

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
  const bracketed = BRACKETED.exec(unit.text)
  const named = bracketed && !cue ? keywordAt(unit.text, bracketed[1]?.length ?? 0) : null
  if (bracketed && named?.role === 'answer') {
    const to = end - (bracketed[2]?.length ?? 0)
    record.statements.push({
      value: spanOf(unit, Math.min(named.end, to), to),
      statement: spanOf(unit, 0, end),
      more: [],
      source: 'line',
    })
    return
  }
  const sign = STATEMENT_SIGN.exec(unit.text)?.[0].length ?? 0
  const pair = /^\p{L}{1,2}\s?[:：]\s*/u.exec(unit.text)?.[0].length ?? 0
  const from = cue ? cue.to : Math.max(sign, pair, facts.bullet ? facts.body : 0)
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
