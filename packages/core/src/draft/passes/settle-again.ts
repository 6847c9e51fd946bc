import type { ItemPlaces, Line, SourceSpan, Span } from '../model.ts'
import type { Mark } from '../marks.ts'
import type { Piece } from './compose.ts'
import type { RawItem } from './raw.ts'
import { settleItem, type SettledItem } from './settle.ts'

const LIMIT = 20_000
/** Text of an item beyond which it is settled anew each time, so that what is remembered stays small. */
const LONGEST = 20_000

/** What was settled before, with the lines as they stood then. */
interface Settled {
  readonly result: SettledItem
  readonly lines: readonly Line[]
}

let known = new Map<string, Settled>()

/**
 * Settles an item, or takes what the same item came to before: after a key stroke nearly all items are as they were
 * and only stand elsewhere. Items are the same where the text and dress of all their lines are, and every part lies
 * at the same place in them.
 */
export function settleAgain(raw: RawItem): SettledItem {
  const lines = linesOf(raw)
  if (lines.reduce((sum, line) => sum + line.text.length, 0) > LONGEST) return settleItem(raw)
  const name = nameOf(raw, lines)
  const before = known.get(name)
  if (before) return moved(before, lines)
  // Settling completes the raw item, so its name is taken first.
  const result = settleItem(raw)
  if (known.size >= LIMIT) known = new Map()
  known.set(name, { result, lines })
  return result
}

/** The lines of the item, and those from elsewhere that its key came from. */
function linesOf(raw: RawItem): Line[] {
  const lines = new Set(raw.lines)
  const add = (span: Span): void => void lines.add(span.line)
  for (const key of raw.keys) [key.statement, ...key.values].forEach(add)
  for (const piece of [...raw.sample, ...raw.feedback]) add(piece.span)
  return [...lines]
}

function nameOf(raw: RawItem, lines: readonly Line[]): string {
  const at = new Map(lines.map((line, index) => [line, index]))
  const span = ({ line, from, to }: Span): string => `${at.get(line) ?? line.text}.${from}.${to}`
  const pieces = (list: readonly Piece[]): string =>
    list.map((piece) => `${span(piece.span)}${piece.join.charAt(0)}`).join()
  const { section } = raw
  return [
    ...lines.map(
      (line) =>
        `${line.text}\u0000${line.to - line.from}\u0000${line.indent}\u0000${line.map?.join() ?? ''}\u0000${line.styles
          .map((range) => `${range.style}.${range.from}.${range.to}.${range.target ?? ''}`)
          .join()}`,
    ),
    [
      section.title,
      section.label,
      section.pointsEach,
      section.trueFalse,
      section.essay,
      raw.start,
      raw.number === null,
    ].join('\u0001'),
    [
      raw.points,
      raw.difficulty,
      raw.timeLimit,
      raw.level,
      raw.outcome,
      raw.tags.join('\u0002'),
      raw.wordBank,
      raw.kindSaid,
      raw.answerLines,
    ].join('\u0001'),
    pieces(raw.stem),
    pieces(raw.feedback),
    pieces(raw.hint),
    pieces(raw.sample),
    raw.table.map((line) => at.get(line)).join(),
    ...raw.lists.map(
      (list) =>
        `${list.signature}${list.style}${list.entries
          .map(
            (entry) =>
              `${entry.labelText}\u0001${entry.label?.value ?? ''}${entry.sign ?? ''}${entry.indent}${pieces(entry.pieces)}/${pieces(entry.feedback)}`,
          )
          .join('\u0002')}`,
    ),
    raw.optionNotes.map((note) => note.letter + pieces(note.pieces)).join('\u0002'),
    raw.keys.map((key) => `${key.source}${span(key.statement)}:${key.values.map(span).join()}`).join('\u0002'),
  ].join('\u0003')
}

/** The same item at its new place: every offset moves with the line that it lies in. */
function moved({ result, lines: old }: Settled, lines: readonly Line[]): SettledItem {
  if (old.every((line, index) => line.from === lines[index]?.from && line.number === lines[index].number)) return result
  const indexAt = (offset: number): number => {
    const inside = old.findIndex((line) => offset >= line.from && offset <= line.to)
    return inside < 0 ? 0 : inside
  }
  const shift = (offset: number): number => {
    const index = indexAt(offset)
    return offset + (lines[index]?.from ?? 0) - (old[index]?.from ?? 0)
  }
  const lineShift = (number: number): number => {
    const found = old.findIndex((line) => number >= line.number && number <= (line.lastNumber ?? line.number))
    const index = found < 0 ? 0 : found
    return number + (lines[index]?.number ?? 0) - (old[index]?.number ?? 0)
  }
  const spanShift = <Given extends SourceSpan>(given: Given): Given => ({
    ...given,
    from: shift(given.from),
    to: shift(given.to),
  })
  const mark = (given: Mark): Mark => ({
    ...spanShift(given),
    lines: [lineShift(given.lines[0]), lineShift(given.lines[1])],
    ...(given.mend && { mend: { ...given.mend, edits: given.mend.edits.map(spanShift) } }),
  })
  const places: ItemPlaces = {
    stem: result.places.stem.map(spanShift),
    options: result.places.options.map(spanShift),
    labels: result.places.labels,
    keys: result.places.keys.map(spanShift),
    keyAt: shift(result.places.keyAt),
  }
  return { item: result.item, places, marks: result.marks.map(mark) }
}
