import { plainText } from '../../content/plain.ts'
import type { Item, NumericKey } from '../../item/model.ts'
import { labelsAt } from '../facts/labels.ts'
import { optionRun } from '../facts/runs.ts'
import { judgement } from '../keys/values.ts'
import { findPoints } from '../points.ts'
import { trueFalseLead } from '../truth-words.ts'
import { keywordsWithin } from '../words.ts'
import type { DraftRecord } from '../records/record.ts'
import { spanText } from '../model.ts'

/** Below this a role of a line is doubtful; set on labelled drafts. */
export const LEAST_PROBABILITY = 0.76
const LONG_OPTION = 180
const MOST_OPTIONS = 9
const MOST_QUOTED = 60

/**
 * What is odd about an item as it came out: a strange notation is read wrongly, but surely, so that what shows is only
 * that its parts are badly explained. Null where nothing is odd.
 */
export function oddness(item: Item, record: DraftRecord): string | null {
  const stem = plainText(item.stem)
  if (!/\p{L}/u.test(stem)) return 'the question has no words'
  if (labelsAt(stem).some((label) => !label.weak && label.dress !== 'word' && label.value < 40))
    return 'the question starts with a number'
  if (record.unsaid !== null) return `“${record.unsaid.slice(0, MOST_QUOTED)}” is kept nowhere`
  const inStem = oddStem(stem)
  if (inStem) return inStem
  if (isUnparted(record)) return 'a line has wide gaps in it'
  if (keywordsWithin(stem, 0).some((word) => word.role === 'answer')) return 'the question may hold its key'
  if ('options' in item) return oddOptions(item.options.map((option) => plainText(option.content)))
  if (item.kind === 'match') return oddSides([...item.left, ...item.right].map((side) => plainText(side)))
  if (item.kind === 'numeric') return oddNumber(item.key)
  if (item.kind === 'short' && item.key.some((key) => startsWithNumber(key, record)))
    return 'the typed answer starts with the number of its question'
  if (item.kind === 'short') return isParted(record) ? 'the typed answer has wide gaps in it' : oddAnswer(item.key)
  if (item.kind === 'truefalse' && trueFalseLead(stem)) return 'the question says what to do with it'
  return null
}

const LEAD = /^\s*(?:[-–—*•/+>~=]+|_{2,}\s)\s*\p{L}/u
/** "1p  3  Which …" */
const COUNTED_LEAD = /^\s*[\p{L}\d]{1,3}[.)]?\s+\d{1,2}[.)]?\s+\p{Lu}\p{Ll}/u
/** Brackets and arrows that no question has. */
const LEFT_OVER = /\[\[|\]\]|<<|>>|<?--+>|\{\{/
const BEHIND_QUESTION = /[?？]["”»)]*\s+(?![([])(\S.{0,28})$/u
const REMARK_BEHIND = /[.?!。？]\s*(?:\[[^[\]]*\p{L}{3}[^[\]]*\]|\([^()]*\p{L}[!:][^()]*\))\s*$/u

/** How far behind a question is looked, so that no pattern looks far. */
const MOST_BEHIND = 160

/** What stands round a question as if it were no part of it. */
function oddStem(stem: string): string | null {
  if (LEAD.test(stem.slice(0, 40))) return 'the question starts with a sign'
  if (COUNTED_LEAD.test(stem.slice(0, 40))) return 'the question starts with something and a number'
  if (LEFT_OVER.test(stem)) return 'there are signs of something else in the question'
  const end = stem.slice(-MOST_BEHIND)
  const behind = BEHIND_QUESTION.exec(end)?.[1]
  if (behind && !/_{2,}|[?？]/.test(behind) && behind.split(/\s+/).length < 5)
    return 'something stands behind the question'
  return REMARK_BEHIND.test(end) ? 'there is a remark behind the question' : null
}

function oddSides(texts: readonly string[]): string | null {
  return texts.some((text) => LEFT_OVER.test(text)) ? 'there are signs of something else in a side' : null
}

/** A number that may be off by itself is no answer. */
function oddNumber(keys: readonly NumericKey[]): string | null {
  const isWide = keys.some((key) => 'value' in key && key.tolerance > 0 && key.tolerance >= Math.abs(key.value))
  return isWide ? 'the number may be off by all of itself' : null
}

function startsWithNumber(key: string, { label }: DraftRecord): boolean {
  return label?.script === 'number' && new RegExp(`^${label.id}[.)]?\\s+\\p{L}`, 'u').test(key)
}

function isUnparted(record: DraftRecord): boolean {
  const pieces = [...record.stem, ...record.entries.flatMap((entry) => entry.pieces)]
  return pieces.some(
    (piece) =>
      piece.join !== 'preformatted' &&
      /\S(?:\s{4,}|\t| \| )\S/.test(spanText(piece.span).trim().replace(/_{2,}/g, 'x')),
  )
}

/** "port\tstarboard\tport": the cells of a row, or answers in columns, are no one answer. */
function isParted(record: DraftRecord): boolean {
  return record.statements.some(({ value }) => /\S(?:\s{4,}|\t)\s*\S/.test(spanText(value)))
}

function oddOptions(texts: readonly string[]): string | null {
  if (texts.length > MOST_OPTIONS) return 'there are very many options'
  if (texts.some((text) => text.length > LONG_OPTION)) return 'an option is very long'
  const labelled = texts.filter((text) => labelsAt(text).some((label) => !label.weak)).length
  if (labelled > 1 && labelled >= texts.length - 1) return 'the options start with letters or numbers'
  if (texts.some((text) => optionRun(text, 0).length > 2)) return 'an option holds several'
  if (texts.some((text) => /\[\[|\]\]/.test(text))) return 'there are signs of something else in an option'
  if (texts.every((text) => /^_{2,}/.test(text))) return 'the options start with blanks'
  if (isUnlike(texts)) return 'the last option is unlike the others'
  return texts.some((text) => keywordsWithin(text, 0).some((word) => word.role === 'answer'))
    ? 'an option may hold the key'
    : null
}

/** The last alone ends in a full stop, or names something with a colon: it may be a remark below the options. */
function isUnlike(texts: readonly string[]): boolean {
  const last = texts.at(-1) ?? ''
  const others = texts.slice(0, -1)
  if (others.length < 2) return false
  const signs = [/[.!]$/, /^\p{L}[\p{L} ]{2,20}[:：]\s/u]
  return signs.some((sign) => sign.test(last) && !others.some((text) => sign.test(text)))
}

/** "a loop (2)": in two steps, since one pattern for both would look through the whole text from every letter. */
function hasFigureBehindWords(text: string): boolean {
  const letter = text.search(/\p{L}/u)
  return letter >= 0 && /[([]\d{1,2}[)\]]/.test(text.slice(letter))
}

/** What is no answer that anybody types, by what it looks like instead. */
const STRANGE: readonly (readonly [says: string, is: (text: string) => boolean])[] = [
  ['the typed answer judges', (text) => text.length > 2 && judgement(text, false) !== null],
  ['the typed answer names pairs', (text) => (text.match(PAIR)?.length ?? 0) > 1],
  ['the typed answer has points in it', (text) => hasFigureBehindWords(text) || findPoints(text) !== null],
  ['the typed answer has a blank in it', (text) => /_{2,}/.test(text)],
  ['the typed answer has a remark in brackets', (text) => /\p{L}\s\((?:[^()]*\s){2}[^()]*\)$/u.test(text)],
  ['the typed answer asks', (text) => /[?？]/.test(text)],
]
const PAIR = /(?<![\p{L}\p{N}])\d{1,2}\s?[-–:=)]?\s?\p{L}(?![\p{L}\d])/gu

function oddAnswer(key: readonly string[]): string | null {
  const [first = ''] = key
  if (/^\(?[\p{L}]\)?[.)]?$/u.test(first) && !/^\(?[A-Za-h]\)?\.?$/.test(first)) return 'the key is a single letter'
  if (/^\p{L}[\p{L} ]{1,20}\d?[:：]\s/u.test(first)) return 'the typed answer has a title'
  if (/^[[(][^)\]]*$/.test(first)) return 'the typed answer breaks off'
  const strange = STRANGE.find(([, is]) => is(first))
  if (strange) return strange[0]
  if (first.split(/\s+/).length > 10 || optionRun(first, 0).length > 1) return 'the typed answer is very long'
  return /^[^\p{L}\p{N}]+\s?\p{L}|[([]$/u.test(first) ? 'the typed answer starts with a sign' : null
}
