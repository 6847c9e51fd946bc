import type { Facts } from '../facts/facts.ts'
import { formKind, keywordAt, remarksIn, timeLimitIn } from '../words.ts'
import { findPoints } from '../points.ts'
import type { DraftRecord } from './record.ts'

const FIELD = /(?:^|\s{2,}|\||·|\t)\s*(?=\p{L}[\p{L} ]{1,20}[:：])/u

/** Points, level, difficulty, outcome, tags, kind and time that a line of facts gives its item. */
export function takeFacts(record: DraftRecord, facts: Facts): void {
  const { text } = facts.unit
  const body = facts.label?.to ?? 0
  for (const part of text.slice(body).split(FIELD)) takeField(record, part.trim())
  const bracket = /[([]([^()[\]]{2,60})[)\]]/u.exec(text)
  for (const remark of bracket?.[1] ? (remarksIn(bracket[1]) ?? []) : []) giveRemark(record, remark.role, remark.value)
  if (record.points === null) {
    const points = findPoints(text) ?? findPoints(`(${/\d+\s*\p{L}+/u.exec(text.slice(body))?.[0] ?? ''})`)
    if (points) record.points = points.points
  }
  const seconds = timeLimitIn(text)
  if (seconds !== null) record.timeLimit = seconds
}

/** What fields behind a statement say: "Level: easy   Points: 2". */
export function takeFields(record: DraftRecord, text: string): void {
  for (const part of text.split(FIELD)) takeField(record, part.trim())
}

function takeField(record: DraftRecord, text: string): void {
  const kind = formKind(text)
  if (kind) record.kindSaid = kind
  const found = keywordAt(text, 0)
  const value = found
    ? text
        .slice(found.end)
        .replace(/^[[\s]+|[\]\s|]+$/g, '')
        .split(/\s{3,}|\t/)[0]
        ?.trim()
    : ''
  if (!found || !value) return
  if (found.role === 'points') noteUnsaid(record, value)
  if (found.role === 'tags') record.tags = value.split(/\s*[,;]\s*/).filter(Boolean)
  else if (found.role === 'points')
    record.points = Number(/\d+(?:\.\d+)?/.exec(value.replace(',', '.'))?.[0] ?? Number.NaN) || record.points
  else if (found.role === 'difficulty' || found.role === 'level' || found.role === 'outcome')
    giveRemark(record, found.role, value)
}

const POINTS_VALUE = /^\D{0,12}\d+(?:[.,]\d+)?(?:\s*\/\s*\d+)?/u
const WORDS = /\p{L}{3,}/gu

/** "Points: 2, one more where the sketch is neat": no field holds the rest, so that somebody has to see it. */
function noteUnsaid(record: DraftRecord, value: string): void {
  const rest = value
    .replace(POINTS_VALUE, '')
    .replace(/^\s*\p{L}+/u, (word) => (findPoints(`(1 ${word.trim()})`) ? '' : word))
  if ((rest.match(WORDS)?.length ?? 0) > 1) record.unsaid = rest.replace(/^[\s,;:.–—-]+/u, '')
}

function giveRemark(record: DraftRecord, role: string, value: string): void {
  if (role === 'points') record.points = Number(value)
  else if (role === 'difficulty') record.difficulty = value
  else if (role === 'level') record.level = value
  else if (role === 'outcome') record.outcome = value
}
