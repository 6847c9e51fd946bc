import { mark, type Mark } from './marks.ts'
import type { AsideLine, DraftSource, Line, ReadItem, Reading, ReadPassage, Span } from './model.ts'
import { takeAnswersBehind } from './passes/behind-questions.ts'
import { cleanLines } from './passes/clean.ts'
import { compose, spanText } from './passes/compose.ts'
import { readKeyEntries, type KeyEntry } from './passes/key-blocks.ts'
import type { RawItem, Section } from './passes/raw.ts'
import { settleAgain } from './passes/settle-again.ts'
import { shapeLines } from './passes/shape.ts'
import { unwrapLines } from './passes/unwrap.ts'
import { sortLines } from './passes/sort-lines.ts'
import type { KeyBlock, SortedLines } from './passes/sorted.ts'

/**
 * Reads a draft: text → lines → shapes → raw items → items, each pass in a file of its own under
 * `passes/`, in this order. Never throws on any text, loses no line, and takes time linear in the text.
 *
 * @returns items in draft order; every line with text is in an item, in a passage, or in `aside`.
 */
export function readDraft(source: DraftSource): Reading {
  return readStretch(source, 0)
}

/**
 * Reads a stretch of a draft whose last item before it has the number `after`, so that its numbers are known to count on.
 * @internal
 */
export function readStretch(source: DraftSource, after: number): Reading {
  const lines = cleanLines(source)
  const sorted = sortLines(unwrapLines(shapeLines(lines, after)), after)
  const blocks =
    source.keyText === undefined ? sorted.keyBlocks : [...sorted.keyBlocks, keyFileBlock(source.keyText, sorted)]
  const marks = placeKeys(sorted, blocks)
  takeAnswersBehind(sorted.items)
  giveSectionPoints(sorted.items)
  const items = sorted.items.map((raw) => toReadItem(raw))
  const aside = asideLines(sorted, lines, source.text)
  return {
    title: sorted.title,
    passages: readPassages(sorted),
    items: markRepeats(items),
    aside,
    marks: [...marks, ...draftMarks(items, lines)],
  }
}

function toReadItem(raw: RawItem): ReadItem {
  const settled = settleAgain(raw)
  const first = raw.lines[0]
  const last = raw.lines.at(-1)
  const lines = [first?.number ?? 1, last ? lastNumber(last) : 1] as const
  const place = { lines, from: first?.from ?? 0, to: last?.to ?? 0 }
  const unnumbered = raw.number === null && raw.start === 'number' ? [mark('number-missing', place)] : []
  return {
    item: settled.item,
    ...place,
    number: raw.number,
    pointsSaid: raw.points !== null || raw.section.pointsEach !== null,
    passageId: raw.passage === null ? null : `p${raw.passage + 1}`,
    places: settled.places,
    marks: [...settled.marks, ...unnumbered],
  }
}

function readPassages(sorted: SortedLines): ReadPassage[] {
  return sorted.passages.map((passage, index) => ({
    id: `p${index + 1}`,
    title: null,
    content: compose(passage.pieces),
    lines: [passage.lines[0]?.number ?? 1, lastNumber(passage.lines.at(-1))],
  }))
}

/** "Part D (4 points)" above a single item is that item's points; above several it says nothing about each. */
function giveSectionPoints(items: readonly RawItem[]): void {
  const bySection = new Map<Section, RawItem[]>()
  for (const item of items) bySection.set(item.section, [...(bySection.get(item.section) ?? []), item])
  for (const [section, own] of bySection) {
    const only = own[0]
    if (own.length === 1 && only && section.pointsInAll !== null && section.pointsEach === null)
      only.points ??= section.pointsInAll
  }
}

function keyFileBlock(text: string, sorted: SortedLines): KeyBlock {
  // Offsets in the key file would point into the draft; keys from there have a place of length zero at its start.
  const lines: Line[] = cleanLines({ text }).map((line) => ({
    ...line,
    from: 0,
    to: 0,
    map: new Array<number>(line.text.length + 1).fill(0),
  }))
  return { lines: lines.filter((line) => line.text.trim() !== ''), after: sorted.items.length, since: 0, section: null }
}

/** Gives each entry of the key lists to its item; what fits no item is marked. */
function placeKeys(sorted: SortedLines, blocks: readonly KeyBlock[]): Mark[] {
  const marks: Mark[] = []
  for (const block of blocks) {
    const taken = new Set<RawItem>()
    for (const entry of readKeyEntries(block)) {
      const item = itemFor(entry, sorted.items.slice(0, block.after), block, taken)
      const owner = item ? null : ownerOfPart(entry, sorted.items.slice(0, block.after))
      if (owner) {
        const whole = entry.values.map((span, at) => (at === 0 ? { ...span, from: entry.from } : span))
        owner.keys.push({ statement: whole[0] ?? { line: entry.line, from: 0, to: 0 }, values: whole, source: 'block' })
        continue
      }
      if (!item) {
        const place = {
          lines: [entry.line.number, entry.line.number] as const,
          from: entry.line.from,
          to: entry.line.to,
        }
        marks.push(mark('key-for-no-item', place, { number: entry.number }))
        continue
      }
      taken.add(item)
      giveKey(item, entry)
    }
  }
  return marks
}

/** "1. B" where 1 is no item but a line of a matching item that has no number of its own. */
function ownerOfPart(entry: KeyEntry, before: readonly RawItem[]): RawItem | null {
  const isPart = (text: string): boolean =>
    new RegExp(`^\\|?\\s*\\(?${entry.number.replace('.', '\\.')}[.):\\s]`, 'i').test(text.trim())
  return (
    before.findLast(
      (item) =>
        item.number === null &&
        (item.table.some((line) => isPart(line.text)) ||
          (item.lists.length > 1 &&
            item.lists.some((list) => list.entries.some((one) => isPart(`${one.labelText} `))))),
    ) ?? null
  )
}

function itemFor(
  entry: KeyEntry,
  before: readonly RawItem[],
  block: KeyBlock,
  taken: ReadonlySet<RawItem>,
): RawItem | null {
  const matches = (item: RawItem): boolean => item.number?.toLowerCase() === entry.number && !taken.has(item)
  const inSection = entry.section ? before.filter((item) => matches(item) && item.section.label === entry.section) : []
  if (inSection[0]) return inSection[0]
  if (entry.section && before.some((item) => item.section.label === entry.section)) return null
  const recent = before.slice(block.since).filter(matches)
  return recent[0] ?? before.find(matches) ?? null
}

const SAMPLE =
  /^\s*\W*(?:model answer|sample answer|suggested answer|musterantwort|exemple de réponse|respuesta modelo|przykładowa odpowiedź|примерный ответ|解答例)\s*[:：]\s*\W*/i

function giveKey(item: RawItem, entry: KeyEntry): void {
  const first = entry.values[0]
  if (!first) return
  const sample = SAMPLE.exec(spanText(first))
  if (sample) {
    const spans: Span[] = [{ ...first, from: first.from + sample[0].length }, ...entry.values.slice(1)]
    spans.forEach((span, index) => item.sample.push({ span, join: index ? 'wrap' : 'paragraph' }))
    return
  }
  item.keys.push({ statement: first, values: entry.values, source: 'block' })
}

function asideLines(sorted: SortedLines, lines: readonly Line[], text: string): AsideLine[] {
  const kept = new Set<number>()
  for (const owner of [...sorted.items, ...sorted.passages])
    for (const line of owner.lines) for (const number of numbersOf(line)) kept.add(number)
  const reasons = new Map(
    sorted.aside.flatMap((entry) => numbersOf(entry.line).map((number) => [number, entry.reason] as const)),
  )
  return lines
    .filter(
      (line) => !kept.has(line.number) && (text.slice(line.from, line.to).trim() !== '' || reasons.has(line.number)),
    )
    .map((line) => ({ line: line.number, from: line.from, to: line.to, reason: reasons.get(line.number) ?? 'other' }))
}

function lastNumber(line: Line | undefined): number {
  return line ? (line.lastNumber ?? line.number) : 1
}

function numbersOf(line: Line): number[] {
  return Array.from({ length: lastNumber(line) - line.number + 1 }, (_none, at) => line.number + at)
}

function markRepeats(items: readonly ReadItem[]): ReadItem[] {
  const seen = new Set<string>()
  return items.map((item, index) => {
    const before = items[index - 1]?.number
    const repeated = item.number !== null && item.number !== '1' && item.number === before
    if (item.number !== null) seen.add(item.number)
    return repeated
      ? { ...item, marks: [...item.marks, mark('number-repeated', item, { number: item.number ?? '' })] }
      : item
  })
}

function draftMarks(items: readonly ReadItem[], lines: readonly Line[]): Mark[] {
  if (items.length || !lines.some((line) => line.text.trim())) return []
  const last = lines.at(-1)
  return [mark('no-items', { lines: [1, lines.length], from: 0, to: last?.to ?? 0 })]
}
