import type { Facts } from '../facts/facts.ts'
import type { Unit } from '../facts/units.ts'
import { asciiShadow } from '../labels.ts'
import type { KeyLines } from '../records/assemble.ts'
import { type DraftRecord, spanOf, type Statement } from '../records/record.ts'
import { fitOf, fitsOf } from './fit.ts'
import { type Ids, idsOf, isRowId, SECTION_HEAD, sectionIn } from './list-ids.ts'
import { letterEntries } from './lists-by-letter.ts'
import { inOrder, rangeEntries } from './lists-in-a-row.ts'
import { tableEntries } from './lists-in-tables.ts'
import type { ListEntry, Stretch } from './list-entry.ts'
import { isOfExercise, startWorth } from './list-starts.ts'
import { tidyValue, valueText } from './list-values.ts'

/** A place where an entry could begin: a text that is the number of an item. */
interface Candidate {
  readonly id: string
  readonly line: number
  readonly from: number
  readonly to: number
  readonly records: readonly number[]
  readonly worth: number
}

const NUMBER =
  /(?<![\p{L}\p{N}.,])(?:\(\s?)?(\p{L}?\.?\d{1,3}(?:\.\d{1,2})?|[ivx]{1,5}|\p{L})(?:\s?\))?(?:\s?(?:[.):=\]°：、．]|(?<![.):=]\s?)[-–—](?=\s?\S)|(?<=[.):=]\s?)[-–—](?=\s?[^\s\d])|->|→)){0,2}(?![\p{L}\p{N}]{3})/giu

const WINDOW = 10

const MOST_CANDIDATES = 4000

const MOST_IN_LINE = 120

/** Letters of what a list says of one item, its explanation included. */
const LONGEST_VALUE = 4000

/** Gives the entries of lists of keys to their items: the split and the giving under which most of them fit. */
export function giveListedKeys(blocks: readonly KeyLines[], records: readonly DraftRecord[]): void {
  for (const block of blocks) for (const entry of entriesIn(block, records)) take(entry, block.facts, records)
}

const ENTRY = /^\s*\(?(\d{1,3})\s?[.):]\s*\S/

/** Lines of a list that start with a number that no item has, while others start with one of an item. */
export function unknownEntries(
  block: KeyLines,
  records: readonly DraftRecord[],
): readonly { readonly id: string; readonly unit: Unit }[] {
  const ids = idsOf(records, block)
  const entries = block.facts.flatMap(({ unit }) => {
    const id = ENTRY.exec(asciiShadow(unit.text))?.[1]
    return id === undefined ? [] : [{ id, unit }]
  })
  return entries.some(({ id }) => ids.has(id)) ? entries.filter(({ id }) => !ids.has(id)) : []
}

/** Indexes of the records that a list would give a fitting key, each once. */
export function listWorth(block: KeyLines, records: readonly DraftRecord[]): number[] {
  const texts = block.facts.map((facts) => facts.unit.text)
  const fitting = entriesIn(block, records).filter(({ record, value, isRow = false }) =>
    isRow ? true : worthOf(valueText(texts, value), records[record] as DraftRecord) > 0.5,
  )
  return [...new Set(fitting.map((entry) => entry.record))]
}

function entriesIn(block: KeyLines, records: readonly DraftRecord[]): readonly ListEntry[] {
  const texts = block.facts.map((facts) => facts.unit.text)
  const ids = idsOf(records, block)
  const byLetter = letterEntries(texts, ids, records)
  // Numbers under letters read across would be keys of the wrong items.
  if (byLetter.length) return byLetter
  const ways = [
    tableEntries(texts, ids, records),
    rangeEntries(texts, ids, records),
    numbered(texts, ids, records, true),
    numbered(texts, ids, records, false),
    inOrder(withoutTitles(block.facts), records, block.after, ids),
  ]
  return best(ways, texts, records)
}

/** The lines of a list; of those that only name it, nothing. */
function withoutTitles(lines: readonly Facts[]): string[] {
  return lines.map(({ flags, unit }) => (flags.has('keyTitle') && !/[:：]\s*\S/u.test(unit.text) ? '' : unit.text))
}

/** The candidates of all lines, in order. */
function candidatesIn(texts: readonly string[], ids: Ids, all: readonly DraftRecord[]): Candidate[] {
  const found: Candidate[] = []
  let section = ''
  texts.forEach((text, line) => {
    const named = sectionIn(text, all)
    section = named?.id ?? section
    const shadow = asciiShadow(text)
    const before = found.length
    // "I:   8 B   7 c": what names the section is the number of no item.
    const head =
      named?.to ?? (section && SECTION_HEAD.exec(text)?.[1]?.toLowerCase() === section ? text.search(/\s/) : 0)
    for (const match of [...shadow.matchAll(NUMBER), ...partsNamed(shadow, ids)].sort((a, b) => a.index - b.index)) {
      const id = (match[2] === undefined ? (match[1] ?? '') : `${match[1] ?? ''}${match[2]}`)
        .toLowerCase()
        .replace(/^(\p{L})\.(?=\d)/u, '$1')
      const known = ids.get(id) ?? ids.get(id.replace(/^\p{L}(?=\d)/u, ''))
      const inside = section ? known?.filter((at) => all[at]?.section.id === section) : undefined
      const records = inside?.length ? inside : known
      if (match.index < head || !records || found.length > MOST_CANDIDATES || found.length - before > MOST_IN_LINE)
        continue
      const [from, to] = [match.index, match.index + match[0].length]
      if (isOfExercise(found.at(-1), { id, line, from }, shadow)) found.pop()
      found.push({
        id,
        line,
        from,
        to,
        records: records.slice(0, 4),
        worth: startWorth(shadow.slice(0, from), match[0]),
      })
    }
  })
  return found
}

const PART = /(?<![\p{L}\p{N}])\(?(\d{1,2})\s?[.)]?\s?\(?([a-h])(?:\s?[.):=\]]|\s?[-–—](?=\s))?(?![\p{L}\p{N}])/giu

/** "1a)", "2 (b)": parts of questions, where a draft has such. */
function partsNamed(text: string, ids: Ids): RegExpExecArray[] {
  return [...text.matchAll(PART)].filter((match) => ids.has(`${match[1] ?? ''}${match[2] ?? ''}`.toLowerCase()))
}

interface Step {
  readonly score: number
  readonly next: number
  readonly nextRecord: number
}

/**
 * The best way to part a list at numbers of items and to give each part to an item, by dynamic programming from the
 * end: what an entry says reaches to the next entry that is chosen, so its fit depends on that. `forward` only lets
 * the items come in their order; without it lists in columns and backwards come out, too.
 */
export function numbered(
  texts: readonly string[],
  ids: Ids,
  records: readonly DraftRecord[],
  forward: boolean,
): ListEntry[] {
  const candidates = candidatesIn(texts, ids, records)
  const fits = new Map<string, number>()
  const fitsOfAll = new Map<number, (text: string) => number>()
  const worth = (value: string, record: number): number => {
    const own = fitsOfAll.get(record) ?? fitsOf(records[record] as DraftRecord)
    fitsOfAll.set(record, own)
    return worthBy(own, value)
  }
  const fit = (at: number, end: number, record: number): number => {
    const name = `${at}.${end}.${record}`
    const known = fits.get(name)
    if (known !== undefined) return known
    const parts = stretch(candidates, at, end, texts)
    if (lengthOf(parts, texts) > LONGEST_VALUE) return -1
    const value = valueText(texts, parts)
    const own = records[record] as DraftRecord
    const found = isRowId(candidates[at]?.id ?? '', own)
      ? /^\(?[\p{L}\d]{1,2}\)?$/u.test(value)
        ? 0.9
        : -0.4
      : worth(value, record)
    fits.set(name, found)
    return found
  }
  const steps: Step[][] = candidates.map(() => [])
  for (let at = candidates.length - 1; at >= 0; at--) {
    const own = candidates[at] as Candidate
    steps[at] = own.records.map((record) => bestStep(candidates, steps, at, record, forward, records, fit))
  }
  return traced(candidates, steps, texts, records)
}

function bestStep(
  candidates: readonly Candidate[],
  steps: readonly (readonly Step[])[],
  at: number,
  record: number,
  forward: boolean,
  records: readonly DraftRecord[],
  fit: (at: number, end: number, record: number) => number,
): Step {
  const own = candidates[at]?.worth ?? 0
  let best: Step = { score: fit(at, -1, record) + own, next: -1, nextRecord: -1 }
  for (let next = at + 1; next <= at + WINDOW && next < candidates.length; next++) {
    const value = fit(at, next, record)
    candidates[next]?.records.forEach((other, place) => {
      const isRow = isRowId(candidates[next]?.id ?? '', records[other] as DraftRecord)
      if ((other === record && !isRow) || (forward && other < record)) return
      const turn = other === record + 1 ? 0.3 : other > record ? 0.1 - Math.min(0.2, (other - record) * 0.02) : -0.25
      const score = value + own + turn + (steps[next]?.[place]?.score ?? 0)
      if (score > best.score) best = { score, next, nextRecord: place }
    })
  }
  return best
}

function traced(
  candidates: readonly Candidate[],
  steps: readonly (readonly Step[])[],
  texts: readonly string[],
  records: readonly DraftRecord[],
): ListEntry[] {
  let at = -1
  let place = -1
  let most = 0.3
  steps.slice(0, WINDOW).forEach((own, index) =>
    own.forEach((step, which) => {
      if (step.score > most) {
        most = step.score
        at = index
        place = which
      }
    }),
  )
  const entries: ListEntry[] = []
  while (at >= 0) {
    const step = steps[at]?.[place]
    const record = candidates[at]?.records[place]
    if (!step || record === undefined || !records[record]) break
    const value = stretch(candidates, at, step.next, texts)
    const isRow = isRowId(candidates[at]?.id ?? '', records[record])
    entries.push({ record, value: isRow ? { ...value, from: candidates[at]?.from ?? value.from } : value, isRow })
    at = step.next
    place = step.nextRecord
  }
  return entries
}

const MARKER = /^[\s*|([•–-]*(?:\p{L}{2,14}\s\d{1,2}\s?[:.)–—-]{1,2}\s*)?(?:\p{L}{1,14}\.?[\s:)]{1,4}){0,2}$/u

function stretch(candidates: readonly Candidate[], at: number, end: number, texts: readonly string[]): Stretch {
  const own = candidates[at] as Candidate
  const next = candidates[end]
  const endLine = next?.line ?? texts.length - 1
  const to = next?.from ?? texts[endLine]?.length ?? 0
  // "B: 4 F": the name of a section in front of the next entry is no part of this one.
  const isOwnLine = next && next.line > own.line && MARKER.test((texts[next.line] ?? '').slice(0, to))
  const before = endLine - 1
  return isOwnLine
    ? { line: own.line, from: own.to, endLine: before, to: texts[before]?.length ?? 0 }
    : { line: own.line, from: own.to, endLine, to }
}

function lengthOf({ line, from, endLine, to }: Stretch, texts: readonly string[]): number {
  let length = to - from
  for (let at = line; at < endLine && length <= LONGEST_VALUE; at++) length += texts[at]?.length ?? 0
  return length
}

function worthOf(value: string, record: DraftRecord): number {
  return worthBy((text) => fitOf(text, record), value)
}

function worthBy(fitting: (text: string) => number, value: string): number {
  if (!value) return -0.1
  const fit = fitting(value)
  return fit > 0 ? fit : -0.4
}

/** How well a way to read a list explains it: what fits, less what does not and what is said of one item twice. */
export function worthOfAll(
  entries: readonly ListEntry[],
  texts: readonly string[],
  records: readonly DraftRecord[],
): number {
  const seen = new Set<number>()
  return entries.reduce((sum, entry) => {
    if (entry.isRow) return sum + 0.6
    if (seen.has(entry.record)) return sum - 0.5
    seen.add(entry.record)
    return sum + worthOf(valueText(texts, entry.value), records[entry.record] as DraftRecord)
  }, 0)
}

function best(
  ways: readonly (readonly ListEntry[])[],
  texts: readonly string[],
  records: readonly DraftRecord[],
): readonly ListEntry[] {
  let most = 0.2
  let chosen: readonly ListEntry[] = []
  for (const way of ways) {
    const worth = worthOfAll(way, texts, records)
    if (worth > most + 0.01) {
      most = worth
      chosen = way
    }
  }
  return chosen
}

/** Points in a column of their own behind a key. */
const POINTS_CELL = /(?:\s{3,}|\t)\d{1,3}(?:\s?\p{L}{1,6}\.?)?\s*$/u

/** Where the first cell of an entry ends, if what stands in further columns fits worse with it than without. */
function firstCell(raw: string, record: DraftRecord): number {
  const plain = raw.replace(POINTS_CELL, '')
  const lead = plain.search(/\S/)
  const gap = /\s{3,}|\t/u.exec(plain.slice(Math.max(0, lead)))
  if (!gap || lead < 0) return plain.length
  const cell = plain.slice(0, lead + gap.index)
  return fitOf(tidyValue(cell), record) >= fitOf(tidyValue(plain), record) && tidyValue(cell) !== ''
    ? cell.length
    : plain.length
}

/** The last line that an entry can reach: a heading, or a line behind an empty one, belongs to no entry above. */
function lastOf(lines: readonly Facts[], value: { readonly line: number; readonly endLine: number }): number {
  for (let at = value.line + 1; at <= value.endLine; at++) {
    const facts = lines[at]
    if (!facts || facts.unit.gap > 0 || facts.heading || facts.flags.has('section') || facts.flags.has('keyTitle'))
      return at - 1
  }
  return value.endLine
}

function take({ record, value }: ListEntry, lines: readonly Facts[], records: readonly DraftRecord[]): void {
  const own = records[record]
  const facts = lines[value.line]
  if (!own || !facts) return
  const { text } = facts.unit
  const whole = value.endLine === value.line ? value.to : text.length
  const end = value.from + firstCell(text.slice(value.from, whole), own)
  const raw = text.slice(value.from, end)
  const tidy = tidyValue(raw)
  const from = value.from + Math.max(0, raw.indexOf(tidy))
  const more = lines.slice(value.line + 1, value.endLine + 1).flatMap(({ unit }, at) => {
    if (value.line + 1 + at > lastOf(lines, value)) return []
    const stop = value.line + 1 + at === value.endLine ? value.to : unit.text.length
    const shown = unit.text.slice(0, stop).replace(POINTS_CELL, '')
    return shown.trim() ? [{ span: spanOf(unit, 0, shown.length), join: 'wrap' as const }] : []
  })
  const statement: Statement = {
    value: spanOf(facts.unit, from, from + tidy.length),
    statement: spanOf(facts.unit, value.from, end),
    more,
    source: 'list',
  }
  own.statements.push(statement)
}
