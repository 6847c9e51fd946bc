import type { Span } from '../model.ts'
import type { Piece } from './compose.ts'

/** Pieces with a gap in place of each of some stretches of theirs. */
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
