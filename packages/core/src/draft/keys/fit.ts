import { countGaps } from '../../content/model.ts'
import { compose, type Piece } from '../text/compose.ts'
import { readNumberKey } from '../keys/numbers.ts'
import type { DraftRecord, Entry } from '../records/record.ts'
import { trueFalseLead } from '../truth-words.ts'
import { cues, remarksIn } from '../words.ts'
import { findPoints } from '../points.ts'
import { plainText } from '../../content/plain.ts'
import { areJudgements, entryText, fold, judgement, namedOptions, namedPairs } from './values.ts'

/** What a record's key has to be, as far as its lines show. */
export type Expects = 'option' | 'judgement' | 'pairs' | 'order' | 'gaps' | 'text'

export function expectationOf(record: DraftRecord): Expects {
  if (record.lists.length) return 'pairs'
  if (record.rows.length > 1) return 'pairs'
  const stem = stemText(record)
  if (record.entries.length > 1) {
    if (areJudgements(record)) return 'judgement'
    return record.kindSaid === 'order' || cues.asksOrder(stem) || (record.section.order && !record.section.match)
      ? 'order'
      : 'option'
  }
  if (
    record.kindSaid === 'truefalse' ||
    trueFalseLead(stem) ||
    /** statement under a heading */ (record.section.truth && !/[?？]\s*$/.test(stem))
  )
    return 'judgement'
  return stemOf(record).gaps > 1 ? 'gaps' : 'text'
}

interface Known {
  readonly pieces: readonly Piece[]
  readonly text: string
  readonly gaps: number
}

const known = new WeakMap<DraftRecord, Known>()

/** The stem composed; asked for again and again while keys are looked for, so it is kept until the stem changes. */
function stemOf(record: DraftRecord): Known {
  const before = known.get(record)
  if (before?.pieces.length === record.stem.length && record.stem.every((piece, at) => piece === before.pieces[at]))
    return before
  const content = compose(record.stem)
  const now = { pieces: [...record.stem], text: plainText(content), gaps: countGaps(content) }
  known.set(record, now)
  return now
}

export function stemText(record: DraftRecord): string {
  return stemOf(record).text
}

/** How well a text fits as the key of a record: 0 not at all, 1 as well as can be. */
export function fitOf(text: string, record: DraftRecord): number {
  const value = text.trim()
  if (!value) return 0
  switch (expectationOf(record)) {
    case 'option': {
      const named = namedOptions(value, record.entries)
      return named ? (named.restAt >= value.length ? 1 : 0.8) : judgement(value, false) ? 0.1 : 0
    }
    case 'order': {
      const named = namedOptions(value, record.entries)
      return named ? (named.indexes.length === record.entries.length ? 1 : 0.4) : 0
    }
    case 'judgement':
      return judgement(value, true) ? 1 : 0
    case 'pairs': {
      const [left = record.entries, right = record.entries] = record.lists.length
        ? [record.lists[0], record.entries]
        : []
      const named = Math.max(namedPairs(value, left, right).length, value.match(SHORT_PAIR)?.length ?? 0)
      const sides = record.lists.length ? left.length : Math.max(2, record.rows.length - 1)
      if (named > 1) return 0.6 + 0.35 * Math.min(1, named / sides)
      return /.+(?:=|→|–).+/u.test(value) ? 0.7 : 0
    }
    case 'gaps':
      return /[,;/]|\s{2,}|\(\d\)/.test(value) ? 0.8 : 0.3
    case 'text':
      return textFit(value, record)
  }
}

/**
 * How well texts fit a record that does not change meanwhile. The same list is tried in many readings of a draft and from
 * many starts, each with records of its own that say the same: what fits one of them fits all.
 */
export function fitsOf(record: DraftRecord): (text: string) => number {
  const name = nameOf(record)
  if (knownFits.size > MOST_KNOWN) knownFits.clear()
  const own = knownFits.get(name) ?? new Map<string, number>()
  knownFits.set(name, own)
  return (text) => {
    const before = own.get(text)
    if (before !== undefined) return before
    const found = fitOf(text, record)
    own.set(text, found)
    return found
  }
}

const MOST_KNOWN = 400
const knownFits = new Map<string, Map<string, number>>()

/** All of a record that its fit depends on. */
function nameOf(record: DraftRecord): string {
  const { section, kindSaid, rows } = record
  const list = (entries: readonly Entry[]): unknown => entries.map((entry) => [entry.id, entry.value, entryText(entry)])
  return JSON.stringify([
    stemText(record),
    stemOf(record).gaps,
    list(record.entries),
    record.lists.map(list),
    rows.length,
    [kindSaid, section.truth, section.order, section.match],
  ])
}

const SHORT_PAIR = /\d\s?[-–:=)]?\s?\p{L}(?![\p{L}\d])/gu

/** A typed answer is short and says nothing about points; one that judges a plain statement fits, too. */
function textFit(value: string, record: DraftRecord): number {
  if (findPoints(`(${value})`) || remarksIn(value)) return 0
  if (readNumberKey(value)) return 0.9
  const words = fold(value).split(' ').length
  const isAsking = /[?？]\s*$/.test(stemText(record))
  if (judgement(value, false) && !isAsking) return 0.9
  if (/^[\p{L}]$/u.test(value)) return 0.2
  return words <= 6 ? 0.7 : words <= 14 ? 0.55 : 0.3
}
