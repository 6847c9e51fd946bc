import type { Mend } from '../../marks.ts'
import { sourceRange, type Line, type Span } from '../../model.ts'
import type { RawEntry, RawKey } from '../raw.ts'

export interface Place {
  readonly lines: readonly [number, number]
  readonly from: number
  readonly to: number
}

export function placeOf(lines: readonly Line[]): Place {
  const first = lines[0]
  const last = lines.at(-1)
  return {
    lines: [first?.number ?? 1, last?.lastNumber ?? last?.number ?? 1],
    from: first?.from ?? 0,
    to: last?.to ?? 0,
  }
}

export function spanPlace(span: Span): Place {
  return { lines: [span.line.number, span.line.lastNumber ?? span.line.number], ...sourceRange(span) }
}

export function entryRange(entry: RawEntry): { from: number; to: number } {
  const ranges = entry.pieces.map((piece) => sourceRange(piece.span))
  return { from: ranges[0]?.from ?? 0, to: ranges.at(-1)?.to ?? 0 }
}

export function statementRange(key: RawKey): { from: number; to: number } {
  const start = sourceRange(key.statement)
  const last = key.values.at(-1)
  return {
    from: start.from,
    to: Math.max(start.to, last && last.line === key.statement.line ? start.to : last ? sourceRange(last).to : 0),
  }
}

/** Makes the second of two keys say what the first says. A key from a file of its own has no place in this text. */
export function keepFirst(first: string, second: RawKey): Mend | undefined {
  const ranges = second.values.map(sourceRange)
  const from = ranges[0]?.from ?? 0
  const to = ranges.at(-1)?.to ?? 0
  return to > from ? { label: `Keep ${first}`, edits: [{ from, to, insert: first }] } : undefined
}
