import { labelsAt } from '../facts/labels.ts'
import { spanText, type Span } from '../model.ts'
import type { DraftRecord, Statement } from '../records/record.ts'
import { truthOf } from '../truth-words.ts'
import { cues } from '../words.ts'
import { expectationOf, fitOf, stemText } from './fit.ts'
import { fold } from './values.ts'

/** Where a line of an item stands in it. */
type Where = 'head' | 'stem' | 'option' | 'said'

/** A stretch of a line of an item that could be its key: what stands before it, and what taking it does. */
interface Place {
  /** What all places of one sort have in common: where, the signs before it, and the draft's own words before it. */
  readonly sort: string
  /** How many words of the draft's own stand before it. */
  readonly words: number
  readonly value: Span
  readonly statement: Span
  readonly take: () => void
}

/** How well the text of a place fits: as few others would, as any short text would, or not. */
type Fit = 'strong' | 'weak' | 'none'

const FEWEST = 2
const LEAST_RIGHT = 0.7
/** How many of the items without a key have to get one, and when they are enough however many there are. */
const LEAST_SHARE = 0.3
const MOST_ASKED = 3
/** How many items may have weak keys for each that has a strong one. */
const MOST_WEAK = 3
const MOST_WORDS = 3
const LONGEST_LINE = 400
const LONGEST_WEAK = 6

/**
 * What is the same in item after item is the draft's own wording; what differs is what it says. So a place counts as the
 * one of the keys where the same signs or words stand before what fits the item, in item after item: "(goed: B)" in
 * the line of the number, "<-- 14", "ans gravity", "-- goggles". Neither the words nor the signs are known before.
 */
export function takeRecurringPlaces(records: readonly DraftRecord[]): void {
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const best = bestSort(records)
    if (!best) return
    for (const { record, place } of best) {
      place.take()
      if (isStatement(record) && judges(spanText(place.value))) record.kindSaid ??= 'truefalse'
      record.statements.push({ value: place.value, statement: place.statement, more: [], source: 'slot' })
    }
  }
}

const MOST_ROUNDS = 3

interface Found {
  readonly record: DraftRecord
  readonly place: Place
  readonly fit: Fit
}

function bestSort(records: readonly DraftRecord[]): Found[] | null {
  const bySort = new Map<string, Found[]>()
  const open = records.filter((record) => !isKeyed(record)).length
  for (const record of records) {
    const isDone = isKeyed(record)
    for (const place of placesIn(record)) {
      const own = bySort.get(place.sort) ?? []
      // Where the key is known, what stands in such a place says something else.
      own.push({ record, place, fit: isDone ? 'none' : fitAt(place, record) })
      bySort.set(place.sort, own)
    }
  }
  let best: Found[] | null = null
  let most = 0
  for (const found of bySort.values()) {
    const times = new Map<DraftRecord, number>()
    for (const { record } of found) times.set(record, (times.get(record) ?? 0) + 1)
    // A sort that stands in an item twice parts it and keys nothing.
    const once = found.filter(({ record }) => times.get(record) === 1)
    const worth = worthOf(once, open)
    if (worth <= most) continue
    most = worth
    best = once.filter(({ fit }) => fit !== 'none')
  }
  return best
}

/** What a sort of places is worth as the place of keys; 0 where it is none. */
function worthOf(found: readonly Found[], open: number): number {
  const count = (fit: Fit): number => found.filter((one) => one.fit === fit).length
  const [strong, weak] = [count('strong'), count('weak')]
  const isEnough =
    strong + weak >= Math.max(FEWEST, Math.min(open * LEAST_SHARE, MOST_ASKED)) &&
    strong >= FEWEST &&
    weak <= strong * MOST_WEAK &&
    strong + weak >= found.length * LEAST_RIGHT
  if (!isEnough || !differ(found)) return 0
  const words = Math.max(...found.map(({ place }) => place.words))
  return strong + weak / 2 - words / 10
}

/** Keys differ; what is the same each time says something else, and what counts on is a number. */
function differ(found: readonly Found[]): boolean {
  const texts = found.map(({ place }) => fold(spanText(place.value)))
  const counts = texts.every(
    (text, at) => /^\d+$/.test(text) && (at === 0 || Number(text) === Number(texts[at - 1]) + 1),
  )
  return !counts && (texts.length < 3 || new Set(texts).size > 1)
}

function isKeyed(record: DraftRecord): boolean {
  return (
    record.judged !== null ||
    record.entries.some((entry) => entry.ticked) ||
    record.statements.some((one) => one.source !== 'line' && one.source !== 'sample') ||
    record.statements.some((one) => strength(spanText(one.value), record) === 'strong')
  )
}

function fitAt({ sort, value, statement, words }: Place, record: DraftRecord): Fit {
  const text = spanText(value).trim()
  if (isListed(text, statement, record)) return 'strong'
  const fit = strength(text, record)
  // What a heading says besides is no key with a remark.
  if (sort.startsWith('head') && fit === 'strong' && record.entries.length && fitOf(text, record) < 1) return 'none'
  return fit === 'weak' && words === 0 && record.entries.length === 0 && !isClosed(record) ? 'none' : fit
}

/** A question or a sentence that is whole, or has room in it: what stands behind it may be an answer. */
function isClosed(record: DraftRecord): boolean {
  return /[?？.。!:]\s*\S*\s*$|_{2,}/u.test(stemText(record))
}

function strength(text: string, record: DraftRecord): Fit {
  const expects = expectationOf(record)
  const fit = fitOf(text, record)
  if (expects === 'text') {
    if (isStatement(record) && judges(text)) return 'strong'
    if (fit >= STRONG_TEXT && /\d/.test(text)) return 'strong'
    return fit > 0.5 && text.split(/\s+/).length <= LONGEST_WEAK ? 'weak' : 'none'
  }
  if (expects === 'judgement') return truthOf(text, true) !== null || fit === 1 ? 'strong' : 'none'
  return fit >= STRONG ? 'strong' : 'none'
}

/** Says something that can be true, and asks nothing. */
function isStatement(record: DraftRecord): boolean {
  const text = stemText(record)
  return record.entries.length === 0 && record.rows.length === 0 && !/[?？]|_{2,}/u.test(text)
}

function judges(text: string): boolean {
  return truthOf(text, false) !== null || cues.isYesNo(text)
}

const STRONG = 0.7
const STRONG_TEXT = 0.9

/** "… goggles, a scarf, sandals -- goggles": one of several things that the question lists. */
function isListed(text: string, { line, from }: Span, record: DraftRecord): boolean {
  const own = fold(text)
  if (!own || record.entries.length || own.split(' ').length > LONGEST_WEAK) return false
  const before = record.stem.map(({ span }) =>
    spanText(span.line === line ? { ...span, to: Math.min(from, span.to) } : span),
  )
  return before.some((line) => {
    const parts = line.split(/\s*[,;/|、，]\s*|\s{3,}|\t/u).map(fold)
    return parts.length > 2 && parts.some((part, at) => part === own || (at === 0 && part.endsWith(` ${own}`)))
  })
}

function placesIn(record: DraftRecord): Place[] {
  const last = record.entries.at(-1)
  const stem = record.stem.flatMap((piece, at) =>
    piece.join === 'preformatted'
      ? []
      : placesOf('stem', piece.span, (from) => {
          record.stem[at] = { ...piece, span: { ...piece.span, to: from } }
        }),
  )
  const entry = last?.pieces.at(-1)
  const option =
    last && entry
      ? placesOf('option', entry.span, (from) => {
          last.pieces[last.pieces.length - 1] = { ...entry, span: { ...entry.span, to: from } }
        })
      : []
  const isOwn = record.labelUnit !== null && record.stem.every(({ span }) => span.line !== record.labelUnit?.line)
  const heads = [...new Set([...(isOwn && record.labelUnit ? [record.labelUnit] : []), ...record.facts])]
  const head = heads.flatMap(({ line, from, to, text }) => {
    // The number of the item is in the line, too.
    const labelled = Math.max(0, ...labelsAt(text).map((label) => label.to))
    return placesOf('head', { line, from: from + labelled, to }, () => undefined)
  })
  return [...head, ...stem, ...option, ...record.statements.flatMap((one) => placesSaid(record, one))]
}

/** What a line says as a key that fits nothing may begin with words of the draft's own. */
function placesSaid(record: DraftRecord, statement: Statement): Place[] {
  if (statement.source !== 'line' || statement.more.length) return []
  return placesOf('said', statement.value, () => {
    record.statements.splice(record.statements.indexOf(statement), 1)
  }).filter(({ words, value }) => words > 0 || value.from > statement.value.from)
}

/** Signs that set something off, with room round them. */
const SIGNS =
  /(?<=^|\s)(?:[^\p{L}\p{N}\s([{"'“”„«»_.?!,…¿¡$€£+]{1,4})(?=\s)|(?<![?.!。？]\s{1,4}\p{L}{1,14}\s?)[:：](?=\s)|\s{3,}|\t/gu
/** A sentence that ends with a line that goes on. */
const STOPS = /(?<=[?.!。？]["”»)]?)\s+(?=\S)/gu
const OPENS = /[([{（【]/gu
const SHUTS: Readonly<Record<string, string>> = { '(': ')', '[': ']', '{': '}', '（': '）', '【': '】' }
const WORD = /^\s*(\p{L}[\p{L}\p{M}'’.]{0,14}[:：]?)\s+(?=\S)/u

/** Where a value could start in a line: what is set off, by which sign, and where it starts and ends. */
interface Start {
  readonly at: number
  readonly sign: string
  readonly to: number
  readonly end: number
}

function startsIn(where: Where, text: string): Start[] {
  const last = text.trimEnd().length
  const signs = [...text.matchAll(SIGNS)].map((found) => ({
    // A colon belongs to what it stands behind.
    at: found.index + (/^[:：]/u.test(found[0]) ? 1 : 0),
    sign: found[0].trim() || 'room',
    to: found.index + found[0].length,
  }))
  const stops = [...text.matchAll(STOPS)].map((found) => ({
    at: found.index,
    sign: STOP,
    to: found.index + found[0].length,
  }))
  const brackets = [...text.matchAll(OPENS)].flatMap((found) => {
    const end = text.indexOf(SHUTS[found[0]] ?? ')', found.index)
    // Brackets at the end of a line, or a line that is a head.
    const isLast = end > 0 && (where === 'head' || /^[)\]}）】]\s*\.?\s*$/u.test(text.slice(end)))
    return isLast ? [{ at: found.index, sign: found[0], to: found.index + 1, end }] : []
  })
  const open = [{ at: 0, sign: '', to: 0 }, ...stops, ...signs].map((start) => {
    // "(right: B)": brackets that open before shut behind.
    const shut = /^[^()[\]]*(?=[)\]]\s*$)/u.exec(text.slice(start.to, last))?.[0].length
    return { ...start, end: shut === undefined ? last : start.to + shut }
  })
  return [...open, ...brackets]
}

const STOP = 'stop'

function placesOf(where: Where, span: Span, cut: (from: number) => void): Place[] {
  const text = spanText(span)
  if (text.length > LONGEST_LINE) return []
  return startsIn(where, text).flatMap((start) => placesAt(where, span, start, cut))
}

/** What a value that is set off could be: all that follows, or that without words of the draft's own before it. */
function placesAt(where: Where, span: Span, { at, sign, to, end }: Start, cut: (from: number) => void): Place[] {
  const text = spanText(span)
  const isWhole = at === 0 || sign === STOP
  // The first words of a question are no words before a key.
  if (where === 'stem' && text.slice(0, at).trim() === '') return []
  const places: Place[] = []
  let [from, own] = [to, '']
  for (let words = 0; words <= MOST_WORDS && from < end; words++) {
    // Behind a sentence there has to be a word at least that recurs.
    if (words > 0 || !isWhole || where === 'said')
      places.push({
        sort: `${where} ${sign} ${own}`,
        words,
        value: { ...span, from: span.from + from, to: span.from + end },
        statement: { ...span, from: span.from + at },
        take: () => cut(span.from + at),
      })
    const word = WORD.exec(text.slice(from, end))
    if (!word?.[1]) break
    own += ` ${word[1].toLowerCase()}`
    from += word[0].length
  }
  return places
}
