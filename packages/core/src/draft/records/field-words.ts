import { spanText } from '../model.ts'
import type { Piece } from '../text/compose.ts'
import type { DraftRecord } from './record.ts'

const WORD = /^[“"„]?(\p{L}[\p{L} .'’-]{0,20}?(?:\s?\d{1,3})?)\s?[:：]\s*(?=\S)/u
const FEWEST = 3
const LEAST_SHARE = 0.4

/**
 * A word with a colon that stands before the same part of item after item is that part's name in this draft, whatever
 * the word is: `q:`, `Aufgabentext:`. It is taken off; a word before one item only belongs to its text.
 */
export function dropFieldWords(records: readonly DraftRecord[]): void {
  dropLeads(
    records.map((record) => record.stem),
    SIGNED,
    LEAST_SIGNED,
  )
  dropLeads(
    records.map((record) => record.stem),
    COUNT,
    1,
  )
  dropFrom(records.map((record) => record.stem))
  dropFrom(records.map((record) => record.feedback))
  dropFrom(records.map((record) => record.hint))
}

function dropFrom(slots: readonly Piece[][]): void {
  const filled = slots.filter((pieces) => pieces.length > 0)
  const counts = new Map<string, number>()
  for (const pieces of filled) {
    const word = wordOf(pieces)
    if (word) counts.set(word.name, (counts.get(word.name) ?? 0) + 1)
  }
  for (const pieces of filled) {
    const word = wordOf(pieces)
    const count = word ? (counts.get(word.name) ?? 0) : 0
    const [first] = pieces
    if (
      !word ||
      !first ||
      (count < FEWEST && count < filled.length) ||
      count < 2 ||
      count < filled.length * LEAST_SHARE
    )
      continue
    pieces[0] = { ...first, span: { ...first.span, from: first.span.from + word.length } }
  }
}

function wordOf(pieces: readonly Piece[]): { readonly name: string; readonly length: number } | null {
  const [first] = pieces
  const found = first ? WORD.exec(spanText(first.span)) : null
  return found?.[1] ? { name: found[1].toLowerCase().replace(/\d+/g, '0'), length: found[0].length } : null
}

/** "of 8" behind the number of every item says how many there are. */
const COUNT = /^(?:\/|\p{L}{1,4}\s?)\s?\d{1,3}(?:\s?[).:\]–—-]+|(?=\s))\s*(?=\S)/u
/** "@2:30", "◆ 4 ◆": signs that no sentence starts with, and figures among them. */
const SIGNED = /^[\d\s:.]*[@#§◆◇●■□▶►★☆•~|]+[\d\s:.@#§◆◇●■□▶►★☆•~|]*(?=[^\s\d])/u
const LEAST_SIGNED = 0.6

/** Takes what stands before stem after stem off, the figures in it aside the same each time. */
function dropLeads(stems: readonly Piece[][], pattern: RegExp, least: number): void {
  const filled = stems.filter((pieces) => pieces.length > 0)
  const found = filled.map((pieces) => pattern.exec(pieces[0] ? spanText(pieces[0].span) : '')?.[0] ?? '')
  const name = (text: string): string => (least < 1 ? text.replace(/\d+/g, '0').replace(/\s+/g, '') : text.trim())
  const names = found.map(name)
  const [most = ''] = [...new Set(names)].sort((a, b) => count(names, b) - count(names, a))
  if (!most || count(names, most) < Math.max(FEWEST, filled.length * least)) return
  filled.forEach((pieces, at) => {
    const [piece] = pieces
    if (piece && names[at] === most)
      pieces[0] = { ...piece, span: { ...piece.span, from: piece.span.from + (found[at]?.length ?? 0) } }
  })
}

function count(texts: readonly string[], text: string): number {
  return texts.filter((one) => one === text).length
}
