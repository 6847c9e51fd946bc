import { segmentText, type PageLine, type PageText } from './page.ts'

/** Headers and footers stand in this share of the page's height. */
const EDGE = 0.14
const PAGE_NUMBER =
  /^(?:[-–—]\s*)?(?:(?:page|seite|p\.|página|pagina|sida|strona|sayfa|стр\.?|страница|第)\s*)?\d{1,4}\s*(?:(?:\/|of|von|de|di|van|av|z|из)\s*\d{1,4})?\s*(?:页|頁)?(?:\s*[-–—])?$/i

/**
 * Finds the headers and footers of pages: text near an edge that comes again on another page at the same height,
 * figures aside, and page numbers.
 *
 * @param pages lines of each page, by position.
 * @returns for each page the lines to drop.
 */
export function pageFurniture(
  pages: readonly PageText[],
  lines: readonly (readonly PageLine[])[],
): ReadonlySet<PageLine>[] {
  const seen = new Map<string, Set<number>>()
  const keyOf = (line: PageLine): string =>
    `${Math.round(line.y / 4)}:${lineText(line).replace(/\d+/g, '#').toLowerCase()}`
  const atEdge = lines.map((own, page) => own.filter((line) => isAtEdge(line, pages[page]?.height ?? 0)))
  atEdge.forEach((own, page) => {
    for (const line of own) seen.set(keyOf(line), (seen.get(keyOf(line)) ?? new Set()).add(page))
  })
  return atEdge.map(
    (own) => new Set(own.filter((line) => (seen.get(keyOf(line))?.size ?? 0) > 1 || PAGE_NUMBER.test(lineText(line)))),
  )
}

export function lineText(line: PageLine): string {
  return line.segments.map((segment) => segmentText(segment).trim()).join(' ')
}

function isAtEdge(line: PageLine, height: number): boolean {
  return line.y < height * EDGE || line.y > height * (1 - EDGE)
}
