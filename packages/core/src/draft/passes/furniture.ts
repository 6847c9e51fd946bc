import { bodyText, type Shape } from './shape.ts'

const PAGE_NUMBER =
  /^(?:[-–—]\s*\d{1,4}\s*[-–—]|(?:page|seite|page|página|pagina|sida|strona|sayfa|страница|стр\.?|p\.)\s*\d{1,4}(?:\s*(?:of|von|de|di|van|av|z|из|\/)\s*\d{1,4})?|\d{1,4}\s*\/\s*\d{1,4}|第\s*\d+\s*[页頁])$/i
/** A figure alone counts as a page number only where it stands apart from the text. */
const LONE_NUMBER = /^\d{1,4}$/
const FAR_INDENT_COLUMNS = 20

/**
 * Finds what a page prints outside its text: page numbers, and headers or footers that come again.
 * The first showing of a header at the top of the draft is left alone, since it is the title.
 *
 * @returns the indexes into `shapes`.
 */
export function findFurniture(shapes: readonly Shape[]): ReadonlySet<number> {
  const found = new Set<number>()
  const seen = new Map<string, number[]>()
  shapes.forEach((shape, index) => {
    if (shape.blank) return
    const text = bodyText(shape)
    if (PAGE_NUMBER.test(text) || (LONE_NUMBER.test(text) && shape.line.indent >= FAR_INDENT_COLUMNS)) found.add(index)
    else if (couldRepeat(shape, text)) {
      const pattern = text.replace(/\d+/g, '#').replace(/\s+/g, ' ')
      seen.set(pattern, [...(seen.get(pattern) ?? []), index])
    }
  })
  const repeated = [...seen.values()].filter((indexes) => indexes.length > 1)
  for (const indexes of repeated)
    for (const index of indexes) if (index > 4 && standsApart(shapes, index, found, repeated)) found.add(index)
  return found
}

function couldRepeat(shape: Shape, text: string): boolean {
  return (
    text.length >= 6 &&
    text.length <= 120 &&
    !shape.letter &&
    !shape.question &&
    !shape.box &&
    !shape.bullet &&
    !shape.rule &&
    !shape.tableRow &&
    !/[:：?？]/.test(text) &&
    (!shape.number || /page|seite|página/i.test(text))
  )
}

function standsApart(
  shapes: readonly Shape[],
  index: number,
  found: ReadonlySet<number>,
  repeated: readonly number[][],
): boolean {
  const before = [index - 1, index - 2, index - 3].filter((at) => at >= 0)
  if (before.some((at) => found.has(at))) return true
  if (shapes[index - 1]?.blank && shapes[index - 2]?.blank) return true
  const text = shapes[index]?.line.text ?? ''
  if (/\bpage\s*\d+|seite\s*\d+/i.test(text)) return true
  return repeated.some((indexes) => indexes.includes(index - 1) && found.has(index - 1))
}
