import type { Content } from '../../../content/model.ts'
import type { Span } from '../../model.ts'
import { compose, spanText, type Piece } from '../compose.ts'
import type { RawEntry } from '../raw.ts'

export function trimStart(piece: Piece, units: number): Piece {
  return { ...piece, span: { ...piece.span, from: piece.span.from + units } }
}

export function trimContent(pieces: readonly Piece[], units: number): Content {
  const [first, ...rest] = pieces
  return first ? compose([trimStart(first, units), ...rest]) : []
}

export function startsWithStar(piece: Piece): boolean {
  return /^\s*[*✓✔✅→](?=\S)/u.test(spanText(piece.span))
}

export function endsWithStar(piece: Piece): boolean {
  return /\S\s*(?:[*✓✔✅←])\s*$/u.test(spanText(piece.span))
}

export function plainEntry(piece: Piece): RawEntry {
  const text = spanText(piece.span)
  const sign = startsWithStar(piece) ? text.trim().charAt(0) : endsWithStar(piece) ? text.trim().slice(-1) : null
  const before = startsWithStar(piece) ? text.length - text.trimStart().length + 1 : 0
  const end = !before && sign ? text.lastIndexOf(sign) : text.length
  return {
    label: null,
    labelText: '',
    pieces: [
      {
        ...piece,
        join: 'paragraph',
        span: { ...piece.span, from: piece.span.from + before, to: piece.span.from + end },
      },
    ],
    feedback: [],
    sign,
    indent: piece.span.line.indent,
  }
}

export interface WordBox {
  readonly piece: Piece
  readonly words: readonly string[]
}

/** "[ ditch   gravel   legions ]" on a line of its own above the text. */
export function bracketBank(pieces: readonly Piece[]): WordBox | null {
  for (const piece of pieces) {
    const found = /^\s*[[({]\s*(.+?)\s*[\])}]\s*$/.exec(spanText(piece.span))
    const words = found?.[1]?.split(/\s{2,}|\s*[,;|/·]\s*/).filter(Boolean)
    if (words && words.length >= 3) return { piece, words }
  }
  return null
}

export function replaceSpans(pieces: readonly Piece[], holes: readonly Span[]): Piece[] {
  return pieces.flatMap((piece) => {
    const inside = holes.filter(
      (hole) => hole.line === piece.span.line && hole.from >= piece.span.from && hole.to <= piece.span.to,
    )
    if (!inside.length) return [piece]
    let text = ''
    let at = piece.span.from
    for (const hole of inside) {
      text += `${piece.span.line.text.slice(at, hole.from)}___`
      at = hole.to
    }
    text += piece.span.line.text.slice(at, piece.span.to)
    return [{ ...piece, span: { line: { ...piece.span.line, text, styles: [], map: null }, from: 0, to: text.length } }]
  })
}
