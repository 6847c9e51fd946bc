import { anyOf, wordsFor } from '../languages/index.ts'
import { spanText, type Span } from '../model.ts'
import { fold } from '../keys/values.ts'
import type { Piece } from '../text/compose.ts'
import { truthOf } from '../truth-words.ts'
import { cues } from '../words.ts'
import { saidOf } from './said.ts'
import type { DraftRecord, Entry } from '../records/record.ts'

/** What could be alternatives: half-open stretches of the last line of a stem, and where the question before them ends. */
interface Listed {
  readonly ends: number
  readonly parts: readonly Part[]
  /** Parted by strokes or bars, which sentences do not have. */
  readonly isStroked: boolean
  readonly isBehindQuestion: boolean
}

interface Part {
  readonly id: string
  readonly from: number
  readonly to: number
  readonly isSigned: boolean
}

/**
 * "Which metal floats? iron / cork / lead", "… alto, soprano*, mezzo": alternatives in the line of their question, that
 * nothing labels. They are some where a sign marks one of them, or strokes part three behind a question.
 */
export function takeInlineOptions(records: readonly DraftRecord[]): void {
  // Capitals mark a key where they do so in more than one item.
  const shouts = records.filter((record) => isShouted(record)).length >= FEWEST_SHOUTED
  for (const record of records)
    take(record, { ownKey: true, shouts }, ({ parts, isStroked, isBehindQuestion }) => {
      const signed = parts.filter((part) => part.isSigned).length
      return (signed > 0 && signed < parts.length) || (isStroked && isBehindQuestion && parts.length > 2)
    })
}

const FEWEST_SHOUTED = 2

function isShouted(record: DraftRecord): boolean {
  const line = lastLine(record)
  return line !== null && listsIn(line.text, line.piece.span).some((one) => shouted(one, line.text) !== null)
}

/** "flock, SHOAL, pack": the one part in capitals among others that have none; null where there is no such part. */
function shouted({ parts }: Listed, text: string): Part | null {
  const [loud, ...more] = parts.filter(
    ({ from, to }) => /\p{Lu}{2}/u.test(text.slice(from, to)) && !/\p{Ll}/u.test(text.slice(from, to)),
  )
  const isQuiet = parts.every((part) => part === loud || /\p{Ll}{2}/u.test(text.slice(part.from, part.to)))
  return loud && !more.length && isQuiet && parts.length > 2 ? loud : null
}

/** The same where the key of an item is one of them. */
export function takeNamedOptions(records: readonly DraftRecord[]): void {
  for (const record of records) {
    const said = saidOf(record).map((one) => one.text)
    if (said.length)
      take(record, { ownKey: false, said }, (listed, text) => said.every((one) => namesAll(one, listed, text)))
  }
}

const MOST_NAMED = 3
const SEVERAL = new RegExp(
  `\\s*[,;&]\\s*|\\s+(?:${anyOf(wordsFor('and').filter((word) => /^\p{L}/u.test(word)))})\\s+`,
  'iu',
)

function namesAll(said: string, { parts }: Listed, text: string): boolean {
  const names = parts.map((part) => fold(text.slice(part.from, part.to)))
  const isOne = (one: string): boolean =>
    names.includes(fold(one)) ||
    parts.some(({ id }) => id !== '' && id === one.trim().toLowerCase().replace(/[).]$/, ''))
  const several = said.split(SEVERAL).filter(Boolean)
  const isAll = several.length === parts.length && new Set(several.map(fold)).size === parts.length
  return isOne(said) || (several.length > 1 && (several.length <= MOST_NAMED || isAll) && several.every(isOne))
}

/** "-> B", "(cork)": what may be the key behind alternatives. */
const KEY_BEHIND = /\s*(?:(?:->|=>|→|⇒|>>|\s=)\s*(\S.{0,60})|[([]\s*([^()[\]]{1,40}?)\s*[)\]])\s*$/u

/** The last line with text of a stem that could have alternatives in it. */
function lastLine(record: DraftRecord): { readonly at: number; readonly piece: Piece; readonly text: string } | null {
  const at = record.stem.findLastIndex(({ span }) => spanText(span).trim() !== '')
  const piece = record.stem[at]
  if (!piece || record.entries.length || record.rows.length || record.banks.length || piece.join === 'preformatted')
    return null
  if (record.judged !== null || record.kindSaid === 'truefalse') return null
  const text = spanText(piece.span)
  return text.length > LONGEST_LINE ? null : { at, piece, text }
}

interface How {
  /** A key may stand behind the alternatives in their line. */
  readonly ownKey: boolean
  /** Capitals mark the key. */
  readonly shouts?: boolean
  /** What is known of the key: one of the alternatives, wherever the first of them starts. */
  readonly said?: readonly string[]
}

/** Takes alternatives that fit, or, with `ownKey`, such as the key behind them in the same line names. */
function take(record: DraftRecord, how: How, fits: (listed: Listed, text: string) => boolean): void {
  const line = lastLine(record)
  const unit = record.units.find((one) => one.line === line?.piece.span.line)
  if (!line || !unit) return
  const { at, piece, text } = line
  const { ownKey, shouts = false, said = [] } = how
  const lists = [...listsIn(text, piece.span), ...said.flatMap((key) => listBefore(text, key))].map((one) => {
    const loud = shouts ? shouted(one, text) : null
    return loud ? { ...one, parts: one.parts.map((part) => (part === loud ? { ...part, isSigned: true } : part)) } : one
  })
  const behind = ownKey && !record.statements.length ? KEY_BEHIND.exec(text) : null
  const key = behind?.[1] ?? behind?.[2] ?? ''
  const before = behind ? text.slice(0, behind.index) : ''
  const keyed = key ? listsIn(before, piece.span).find((one) => namesAll(key, one, before)) : undefined
  const listed = keyed ?? lists.find((one) => fits(one, text))
  if (!listed) return
  if (keyed && behind) {
    const from = piece.span.from + behind.index + behind[0].indexOf(key)
    const value = { ...piece.span, from, to: from + key.trimEnd().length }
    const statement = { ...piece.span, from: piece.span.from + behind.index }
    record.statements.push({ value, statement, more: [], source: 'slot' })
  }
  const isSigned = listed.parts.some((part) => part.isSigned)
  record.entries.push(...listed.parts.map((part, index) => entryOf(piece, part, index, isSigned, unit)))
  record.stem[at] = { ...piece, span: { ...piece.span, to: piece.span.from + listed.ends } }
}

function entryOf(piece: Piece, part: Part, value: number, boxed: boolean, unit: Entry['unit']): Entry {
  const span = { ...piece.span, from: piece.span.from + part.from, to: piece.span.from + part.to }
  return {
    id: part.id,
    value: part.id ? value : -1,
    dress: '',
    labelText: part.id,
    pieces: [{ span, join: 'paragraph' }],
    remarks: [],
    lead: '',
    ticked: part.isSigned,
    boxed,
    unit,
    inRow: true,
  }
}

const LONGEST_LINE = 400
const LONGEST_PART = 48
const BEFORE: readonly RegExp[] = [
  /^.*\S[?？]["”»)]?(?=\s+\S)/u,
  /^.*[.?!。？:…]["”»]?(?=\s*[([{][^()[\]{}]*[)\]}]\s*$)/u,
  /^.*?\S[:：](?=\s+\S)/u,
  /^.*?\S(?=\s+[–—-]\s+\S)/u,
  /^.*?\S(?=\s{3,}\S)/u,
  /^.*?\S(?=\s(?:a|A)\s\S.{0,60}[,;]\s?(?:b|B)\s)/u,
]
const OR = anyOf(wordsFor('or').filter((word) => /^\p{L}/u.test(word)))
const SEPARATORS: readonly { readonly sign: RegExp; readonly isStroked: boolean }[] = [
  { sign: /\s+[/|]\s+/gu, isStroked: true },
  { sign: /(?<=\p{L}{3})\/(?=\p{L}{3})/gu, isStroked: true },
  { sign: /\s{3,}|\t+/gu, isStroked: false },
  { sign: /\s*;\s*/gu, isStroked: false },
  { sign: new RegExp(`,\\s*(?:${OR})\\s+|\\s*[,、，]\\s*|\\s+(?:${OR})\\s+`, 'giu'), isStroked: false },
]

/** Every way in which the end of a text could be a list of alternatives, the likeliest first. */
function listsIn(text: string, span: Span): Listed[] {
  return BEFORE.flatMap((before, rank) => {
    const ends = before.exec(text)?.[0].length ?? 0
    const rest = text.slice(ends)
    const lead = /^\s*(?:[–—-]\s+|[([{]\s*)?/u.exec(rest)?.[0].length ?? 0
    const tail =
      (/[([{]$/.test(rest.slice(0, lead).trim()) ? /[\s?？.)\]}]*$/u : /[\s?？.]*$/u).exec(rest)?.[0].length ?? 0
    if (ends === 0 || !text.slice(0, ends).trim().includes(' ') || lead + tail >= rest.length) return []
    const [from, to] = [ends + lead, text.length - tail]
    for (const { sign, isStroked } of SEPARATORS) {
      const parts = partsIn(text, from, to, sign, span)
      if (parts) return [{ ends, parts, isStroked, isBehindQuestion: rank < 2 || rank === 4 }]
    }
    return []
  })
}

/** "a rope is laid / plaited / braided", where the key is one of them: nothing but the key says where the first one starts. */
function listBefore(text: string, key: string): Listed[] {
  const own = key.trim().replace(/[.\s]+$/u, '')
  const words = own.split(/\s+/).length
  if (!own || words > MOST_OF_PART || truthOf(own, false) !== null || cues.isYesNo(own)) return []
  const end = text.trimEnd().replace(/[.?!]+$/u, '').length
  for (const { sign, isStroked } of SEPARATORS) {
    const cuts = [...text.slice(0, end).matchAll(sign)]
    const [first] = cuts
    if (!first || cuts.length < (isStroked ? 1 : 2)) continue
    const before = text.slice(0, first.index)
    const isFirst = fold(before).endsWith(` ${fold(own)}`)
    // Commas are in sentences, too: "Which came first, the radio or …".
    if (!isFirst && !isStroked) continue
    const head = isFirst ? own.length : lengthOfWords(before, words)
    const start = first.index - head
    const parts = partsIn(text, start, end, sign, null)
    if (!parts || start < SHORTEST_STEM || !isAlike(parts, text)) continue
    return [{ ends: text.slice(0, start).trimEnd().length, parts, isStroked, isBehindQuestion: false }]
  }
  return []
}

const MOST_OF_PART = 4
const SHORTEST_STEM = 4

/** Letters of the last words of a text. */
function lengthOfWords(text: string, count: number): number {
  return new RegExp(`(?:\\S+\\s*){${count}}$`, 'u').exec(text)?.[0].length ?? text.length
}

/** No part is much longer than the others, as the half of a sentence would be. */
function isAlike(parts: readonly Part[], text: string): boolean {
  return parts.every(({ from, to }) => text.slice(from, to).trim().split(/\s+/).length <= MOST_OF_PART)
}

const SIGN_BEFORE = /^\s*(?:[*✓✔✅☑]|[([][xX✓][)\]])\s*/u
const SIGN_BEHIND = /\s*(?:[*✓✔✅☑]|[([][xX✓][)\]]|<{1,2}|<-{1,2})\s*$/u

function partsIn(text: string, start: number, end: number, sign: RegExp, span: Span | null): Part[] | null {
  const cuts = [...text.slice(start, end).matchAll(sign)]
  if (!cuts.length) return null
  const stretches = [...cuts, null].map((cut, at): [number, number] => {
    const last = cuts[at - 1]
    return [last ? start + last.index + last[0].length : start, cut ? start + cut.index : end]
  })
  const parts = stretches.map(([a, b]): Part => {
    const raw = text.slice(a, b)
    const before = SIGN_BEFORE.exec(raw)?.[0].length ?? 0
    const behind = SIGN_BEHIND.exec(raw.slice(before))?.[0].length ?? 0
    return {
      id: '',
      from: a + before,
      to: b - behind,
      isSigned: before + behind > 0 || (span !== null && isBold(span, a, b)),
    }
  })
  const isWhole = parts.every(({ from, to }) => {
    const own = text.slice(from, to).trim()
    return (
      own !== '' &&
      own.length <= LONGEST_PART &&
      /[\p{L}\p{N}]/u.test(own) &&
      !/_{2}|\.{3}|[?？]/.test(own) &&
      isClosed(own)
    )
  })
  return isWhole ? lettered(parts, text) : null
}

/** Brackets that open in it shut in it: it is no end of something in brackets. */
function isClosed(text: string): boolean {
  return (text.match(/[([]/g)?.length ?? 0) === (text.match(/[)\]]/g)?.length ?? 0)
}

function isBold(span: Span, from: number, to: number): boolean {
  return span.line.styles.some(
    (range) => range.style === 'strong' && range.from <= span.from + from && range.to >= span.from + to,
  )
}

/** "a rice, b soya, c wheat": letters with nothing but a blank behind them, where every part has its own. */
function lettered(parts: readonly Part[], text: string): Part[] {
  const letters = parts.map(({ from, to }) => /^\s*\(?(\p{L})\)?[.)]?\s+(?=\S)/u.exec(text.slice(from, to)))
  const counts = letters.every((letter, at) => letter?.[1]?.toLowerCase() === String.fromCharCode(97 + at))
  return parts.map((part, at) =>
    counts && parts.length > 1
      ? { ...part, id: String.fromCharCode(97 + at), from: part.from + (letters[at]?.[0].length ?? 0) }
      : part,
  )
}
