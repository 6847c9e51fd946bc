import type { DocumentBlock, DocumentRun } from '../document/blocks.ts'
import { inReadingOrder } from './columns.ts'
import { lineText, pageFurniture } from './furniture.ts'
import { linesOf } from './lines.ts'
import type { PageLine, PageText } from './page.ts'

/** Columns of an average letter, in sizes of the font. */
const LETTER_WIDTH = 0.5
const BLANK_GAP = 1.55

/** Pages as lines of text in reading order, without headers and footers; indents and wide gaps become blanks. */
export function pagesToBlocks(pages: readonly PageText[]): DocumentBlock[] {
  const lines = pages.map((page) => linesOf(page.texts))
  const furniture = pageFurniture(pages, lines)
  const ordered = pages.map((page, index) =>
    inReadingOrder(
      (lines[index] ?? []).filter((line) => !furniture[index]?.has(line)),
      page.width,
    ),
  )
  // Pages of one column share their left edge, so that an item keeps its indents over a page break.
  const edge = Math.min(...ordered.filter((own) => !hasColumns(own)).map((own) => leftEdge(own)))
  const isHeading = headingSize(ordered.flat())
  return ordered.flatMap((own) => lineBlocks(own, isHeading, hasColumns(own) ? undefined : edge))
}

/** The text inside a box of a page, in reading order. */
export function boxText(
  page: PageText,
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
): DocumentBlock[] {
  const inside = page.texts.filter((text) => {
    const middle = text.x + text.width / 2
    const height = text.y - text.size * 0.3
    return middle >= box.x && middle <= box.x + box.width && height >= box.y && height <= box.y + box.height
  })
  return lineBlocks(inReadingOrder(linesOf(inside), page.width), () => false)
}

function hasColumns(lines: readonly PageLine[]): boolean {
  return lines.some((line, index) => index > 0 && line.y < (lines[index - 1]?.y ?? 0))
}

/** Tells lines in a font clearly larger than that of most of the text; where that is not a small part, none are headings. */
function headingSize(lines: readonly PageLine[]): (line: PageLine) => boolean {
  const letters = new Map<number, number>()
  for (const line of lines) {
    const size = Math.round(line.size * 2) / 2
    letters.set(size, (letters.get(size) ?? 0) + lineText(line).length)
  }
  const body = [...letters].reduce((most, one) => (one[1] > most[1] ? one : most), [0, 0])[0]
  const isLarger = (line: PageLine): boolean => body > 0 && line.size > body * 1.12 && /\p{L}{2}/u.test(lineText(line))
  const share = lines.filter(isLarger).length / Math.max(1, lines.length)
  return share < 0.25 ? isLarger : () => false
}

function lineBlocks(
  lines: readonly PageLine[],
  isHeading: (line: PageLine) => boolean,
  sharedEdge?: number,
): DocumentBlock[] {
  const spacing = usualSpacing(lines)
  const blocks: DocumentBlock[] = []
  let edge = sharedEdge ?? leftEdge(lines)
  lines.forEach((line, index) => {
    const before = lines[index - 1]
    const gap = before ? line.y - before.y : 0
    // Going up is the start of the next column, whose own edge counts from there.
    if (before && gap < 0) edge = leftEdge(lines.slice(index))
    else if (before && gap > BLANK_GAP * Math.max(spacing, line.size)) blocks.push({ type: 'paragraph', runs: [] })
    if (isHeading(line)) {
      const last = blocks.at(-1)
      const text = lineText(line)
      if (before && isHeading(before) && gap > 0 && gap < 1.6 * line.size && last?.type === 'paragraph' && last.heading)
        blocks[blocks.length - 1] = { ...last, runs: [...last.runs, { text: ` ${text}`, styles: [] }] }
      else blocks.push({ type: 'paragraph', runs: [{ text, styles: [] }], heading: 2 })
    } else blocks.push({ type: 'paragraph', runs: runsOf(line, edge), isPrintedLine: true })
  })
  return blocks
}

function usualSpacing(lines: readonly PageLine[]): number {
  const gaps = lines
    .slice(1)
    .map((line, index) => line.y - (lines[index]?.y ?? 0))
    .filter((gap) => gap > 0)
    .sort((a, b) => a - b)
  return gaps[Math.floor(gaps.length / 3)] ?? 0
}

/** Left edge of the lines down to the next column. */
function leftEdge(lines: readonly PageLine[]): number {
  let edge = Number.POSITIVE_INFINITY
  for (let index = 0; index < lines.length; index++) {
    const line = lines[index]
    const before = lines[index - 1]
    if (!line || (before && line.y < before.y)) break
    edge = Math.min(edge, line.segments[0]?.from ?? edge)
  }
  return edge
}

function runsOf(line: PageLine, edge: number): DocumentRun[] {
  const columns = (points: number): number => Math.max(0, Math.round(points / (line.size * LETTER_WIDTH)))
  const runs: DocumentRun[] = []
  let end = edge
  line.segments.forEach((segment, index) => {
    const blanks = index === 0 ? columns(segment.from - edge) : Math.max(2, columns(segment.from - end))
    if (blanks) runs.push({ text: ' '.repeat(Math.min(blanks, 60)), styles: [] })
    for (const text of segment.texts) runs.push({ text: text.text, styles: text.styles })
    end = segment.to
  })
  return runs
}
