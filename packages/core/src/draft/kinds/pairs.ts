import { contentOf } from '../../content/model.ts'
import type { Item } from '../../item/model.ts'
import { labelsAt } from '../facts/labels.ts'
import { entryText, namedPairs } from '../keys/values.ts'
import { stemText } from '../keys/fit.ts'
import { spanText } from '../model.ts'
import { compose } from '../text/compose.ts'
import { type Entry, spanOf } from '../records/record.ts'
import { cues } from '../words.ts'
import { gridItem } from './grid.ts'
import { common, tell, type Working } from './working.ts'
import { type Cell, cellsOf } from './cells.ts'

/** An item whose lines are rows: pairs, two lists side by side, or a grid; null where they are none of these. */
export function pairsItem(working: Working): Item | null {
  const { record } = working
  if (record.rows.length) return gridItem(working) ?? fromRows(working)
  if (record.lists.length === 1 && record.entries.length > 1)
    return matchOf(working, record.lists[0] ?? [], record.entries)
  const parted = sidesBeside(record.entries)
  if (parted) return matchOf(working, parted[0], parted[1])
  const asked = cues.asksMatch(stemText(record)) || working.trimmed.saidKind === 'match' || record.section.match
  return asked && record.entries.length > 1 ? fromPairs(working) : null
}

const BESIDE = /^(\S.{0,60}?)\s{3,}(?=[([]?\p{L}[.)\]:]?\s+\S)(.+)$/u

/** "1 Schwalbe      A Plattform aus Zweigen": alternatives with a lettered side behind a wide gap each are two lists. */
function sidesBeside(entries: readonly Entry[]): readonly [Entry[], Entry[]] | null {
  const cells = entries.map((entry) => {
    const [piece] = entry.pieces
    const found = piece && entry.pieces.length === 1 ? BESIDE.exec(spanText(piece.span)) : null
    if (!piece || !found?.[1] || !found[2]) return null
    const from = piece.span.from - entry.unit.from
    const start = from + found[0].length - found[2].length
    const left = { ...entry, pieces: [{ ...piece, span: { ...piece.span, to: piece.span.from + found[1].length } }] }
    const right = entryOf({ unit: entry.unit, from: start, to: start + found[2].length, text: found[2] })
    return [left, right] as const
  })
  const whole = cells.filter((cell) => cell !== null)
  const counts = whole.every(([, right], at) => right.value === at)
  return entries.length > 1 && whole.length === entries.length && counts
    ? [whole.map(([left]) => left), whole.map(([, right]) => right)]
    : null
}

function matchOf(
  working: Working,
  left: readonly Entry[],
  right: readonly Entry[],
  given: readonly (readonly [number, number])[] = [],
): Item {
  const said = working.said.map((one) => one.text).join('; ')
  const named = said ? namedPairs(said, left, right) : given
  const key = named.length ? named : given
  if (said && !key.length) tell(working, 'key-names-no-option', { key: said.slice(0, 60) })
  return {
    ...common(working),
    kind: 'match',
    left: left.map((entry) => compose(entry.pieces)),
    right: right.map((entry) => compose(entry.pieces)),
    key: [...key],
  }
}

const JOINS = /^(.{1,80}?)\s*(?:=|→|->|⇒|=>|—>|\s[–—-]\s|:\s)\s*(.{1,120})$/u

/** "oak: acorn", a pair a line. */
function fromPairs(working: Working): Item | null {
  const parts = working.record.entries.map((entry) => JOINS.exec(entryText(entry)))
  if (parts.some((part) => part === null)) return null
  return joined(
    working,
    parts.map((part) => part?.[1] ?? ''),
    parts.map((part) => part?.[2] ?? ''),
  )
}

function joined(working: Working, left: readonly string[], right: readonly string[]): Item {
  const sides = left.flatMap((text, at) =>
    cues.isLeftOver(text.replace(/^[([]/, '')) ? [] : [[text, right[at] ?? ''] as const],
  )
  const once = [
    ...new Set(
      right.map((text, at) =>
        cues.isLeftOver((left[at] ?? '').replace(/^[([]/, '')) ? text.replace(/[)\]]\s*$/, '') : text,
      ),
    ),
  ]
  return {
    ...common(working),
    kind: 'match',
    left: sides.map(([text]) => contentOf(text)),
    right: once.map((text) => contentOf(text)),
    key: sides.map(([, text], at) => [at, once.indexOf(text)] as const),
  }
}

/** Room for a letter before one side of a pair, also behind its number. */
const ROOM_BEFORE = /^\s*(?:_+|[([]\s*[)\]]|\.{3,})\s*(?=\S)/u

/** @param counts whether a letter with nothing but a blank behind it is a label here: "a" of "a position" is none. */
function entryOf(cell: Cell, counts = true): Entry {
  const labels = labelsAt(cell.text).filter((one) => one.script !== 'word' && (counts || !one.weak))
  const label = labels.find((one) => one.lead !== '' && !one.weak) ?? labels.find((one) => !one.weak) ?? labels[0]
  const isLabel = label !== undefined && (label.dress !== 'x' || label.id.length <= 2)
  const room = ROOM_BEFORE.exec(cell.text.slice(isLabel ? label.to : 0))?.[0].length ?? 0
  const lead = (isLabel ? label.to : 0) + room
  const from = cell.from + lead
  const behind = /\s*[–—-]?\s*(?:_{2,}|\.{3,}|…+|[([]\s*[)\]])\s*$/u.exec(cell.text)
  const to = behind && behind.index > lead ? cell.from + behind.index : cell.to
  return {
    id: isLabel ? label.id : '',
    value: isLabel ? label.value : -1,
    dress: isLabel ? label.dress : '',
    labelText: '',
    pieces: [{ span: spanOf(cell.unit, from, to), join: 'paragraph' }],
    remarks: [],
    lead: isLabel ? label.lead : '',
    ticked: false,
    boxed: false,
    unit: cell.unit,
    inRow: true,
  }
}

const BLANK = /^(?:[_.…\s]*|[([]\s*[)\]]|[–—-]\s?[.…_]*)$/u

/** The two sides of rows; a cell alone belongs to the side that it stands on. */
function sidesOf(body: readonly (readonly Cell[])[]): { readonly left: Entry[]; readonly right: Entry[] } {
  const margin = Math.min(
    ...body
      .filter((cells) => cells.length > 1)
      .map((cells) => (cells[1] as Cell).unit.indent + (cells[1] as Cell).from),
  )
  const left: Cell[] = []
  const right: Cell[] = []
  for (const cells of body) {
    const [first, second] = cells.filter((cell) => !BLANK.test(cell.text))
    if (!first) continue
    if (second && cues.isLeftOver(first.text.replace(/^[([]|[:)\]]+$/g, ''))) right.push(second)
    else if (second) {
      left.push(first)
      right.push(second)
    } else {
      const isRight = first.unit.indent + first.from >= margin - 4 || !left.length || !isLeftStart(first, left)
      ;(isRight ? right : left).push(first)
    }
  }
  return { left: entriesOf(left), right: entriesOf(right) }
}

/** The cells of one side: a bare letter labels a cell where it does so in half of them at least. */
function entriesOf(cells: readonly Cell[]): Entry[] {
  const bare = cells.filter(({ text }) => labelsAt(text)[0]?.weak ?? false).length
  return cells.map((cell) => entryOf(cell, bare >= cells.length / 2))
}

function fromRows(working: Working): Item | null {
  const { record } = working
  const all = record.rows.map((unit) => cellsOf(unit))
  const rows = all.filter((cells) => cells.length && !isLine(cells))
  const joins = record.rows.map((unit) => JOINS.exec(unlabelled(unit.text)))
  if (rows.every((cells) => cells.length === 1) && joins.every((join) => join !== null))
    return joined(
      working,
      joins.map((join) => join?.[1] ?? ''),
      joins.map((join) => join?.[2] ?? ''),
    )
  const body = isHeader(rows, isLine(all[1] ?? [])) ? rows.slice(1) : rows
  const { left, right } = sidesOf(body)
  if (left.length < 2 || right.length < 2) return null
  const led = ledPairs(left, right)
  const said = working.said.length > 0
  const labelled = right.every((entry) => entry.id !== '')
  const given = led.length
    ? led
    : !said && !labelled && !record.rows.some((unit) => /[o•]\s{2,}|_{2,}/u.test(unit.text)) && isOneToOne(working)
      ? left.map((_entry, at) => [at, at] as const)
      : []
  return matchOf(working, left, right, given)
}

function unlabelled(text: string): string {
  const plain = text.replace(/^[-•*]\s+/, '')
  const label = labelsAt(plain).find((one) => !one.weak)
  return label ? plain.slice(label.to) : plain
}

function isLeftStart(cell: Cell, left: readonly Cell[]): boolean {
  return /^\d/.test(cell.text) && /^\d/.test(left.at(-1)?.text ?? '')
}

/** Rows without labels in a table give their pairs, as long as nothing asks to find them. */
function isOneToOne(working: Working): boolean {
  return working.record.rows.every((unit) => !unit.text.includes('|'))
}

/** `_c_ 12. honey bee`: the mark before a left side names its right one. */
function ledPairs(left: readonly Entry[], right: readonly Entry[]): (readonly [number, number])[] {
  const pairs = left.flatMap((entry, at) => {
    const id = entry.lead.replace(/[^\p{L}\p{N}]/gu, '').toLowerCase()
    const to = id ? right.findIndex((other) => other.id === id) : -1
    return to >= 0 ? [[at, to] as const] : []
  })
  return pairs.length >= 2 ? pairs : []
}

/** `| --- | --- |`, which is drawn below the head of a table. */
function isLine(cells: readonly Cell[]): boolean {
  return cells.length > 0 && cells.every((cell) => /^:?-{2,}:?$/.test(cell.text))
}

/** "Column A | Column B", "Word | Meaning": a first row whose cells bear no labels where those below do. */
function isHeader(rows: readonly (readonly Cell[])[], isDrawnUnder: boolean): boolean {
  const [first, ...rest] = rows
  if (!first || rest.length < 2 || first.length < 2) return false
  const isLabelled = (cells: readonly Cell[]): boolean =>
    cells.some((cell) => labelsAt(cell.text).some((label) => label.dress !== 'word'))
  if (rest.filter(isLabelled).length > rest.length * 0.6)
    return !isLabelled(first) || first.every((cell) => cell.text.length < 3)
  return first[0]?.unit.text.includes('|') === true && (isDrawnUnder || isHeadOf(first, rest))
}

function isBold({ unit, from, to }: Cell): boolean {
  const [start, end] = [unit.from + from, unit.from + to]
  return unit.line.styles.some((range) => range.style === 'strong' && range.from <= start && range.to >= end)
}

function wordsOf({ text }: Cell): number {
  return text.split(/\s+/).length
}

/** Words that are dressed up, capitals, or short words, at the head of columns whose entries are otherwise. */
function isHeadOf(first: readonly Cell[], rest: readonly (readonly Cell[])[]): boolean {
  const isCapital = ({ text }: Cell): boolean => /^\p{Lu}/u.test(text)
  const others = rest.flat()
  const seldom = (is: (cell: Cell) => boolean): boolean => others.filter(is).length < others.length * 0.3
  if (first.every(isBold) && seldom(isBold)) return true
  if (first.every(isCapital) && seldom(isCapital)) return true
  // "Term | Definition" above a word and a sentence each.
  const longest = Math.max(...first.map(wordsOf))
  const column = rest.flatMap((cells) => cells.at(-1) ?? [])
  return longest <= 2 && column.length > 0 && column.filter((cell) => wordsOf(cell) >= 4).length > column.length * 0.7
}
