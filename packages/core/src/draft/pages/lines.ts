import type { PageLine, PlacedText, Segment } from './page.ts'

/** A gap this wide, in sizes of the font, parts a line into segments. */
const SEGMENT_GAP = 1.1
const WORD_GAP = 0.18
const SCRIPT_SIZE = 0.85

/** Gathers the texts of a page into lines. Smaller text beside larger text, raised or lowered, is a script of it. */
export function linesOf(texts: readonly PlacedText[]): PageLine[] {
  const rows: PlacedText[][] = []
  const sorted = texts.filter((text) => text.text !== '').sort((a, b) => a.y - b.y || a.x - b.x)
  const scripts: PlacedText[] = []
  for (const text of sorted) {
    if (text.text.trim() === '') continue
    const row = rows.findLast((one) => Math.abs(rowY(one) - text.y) < 0.3 * Math.max(text.size, rowSize(one)))
    if (row) row.push(text)
    else if (isScriptOf(text, sorted)) scripts.push(text)
    else rows.push([text])
  }
  for (const script of scripts) {
    const row = rows
      .filter((one) => Math.abs(rowY(one) - script.y) < 0.75 * rowSize(one))
      .sort((a, b) => Math.abs(rowY(a) - script.y) - Math.abs(rowY(b) - script.y))[0]
    if (row) row.push({ ...script, styles: [...script.styles, script.y < rowY(row) ? 'sup' : 'sub'] })
    else rows.push([script])
  }
  return rows
    .map((row) => {
      const ordered = raisedOrLowered(row.sort((a, b) => a.x - b.x))
      return { y: rowY(ordered), size: rowSize(ordered), segments: segmentsOf(ordered) }
    })
    .sort((a, b) => a.y - b.y)
}

/** Small figures on a shifted baseline inside a row are scripts, too. */
function raisedOrLowered(row: readonly PlacedText[]): PlacedText[] {
  const y = rowY(row)
  const size = rowSize(row)
  return row.map((text) => {
    const shift = text.y - y
    if (
      text.size > SCRIPT_SIZE * size ||
      Math.abs(shift) < 0.04 * size ||
      text.styles.includes('sup') ||
      text.styles.includes('sub')
    )
      return text
    return { ...text, styles: [...text.styles, shift < 0 ? ('sup' as const) : ('sub' as const)] }
  })
}

function rowY(row: readonly PlacedText[]): number {
  return largest(row)?.y ?? 0
}

function rowSize(row: readonly PlacedText[]): number {
  return largest(row)?.size ?? 1
}

function largest(row: readonly PlacedText[]): PlacedText | undefined {
  return row.reduce<PlacedText | undefined>((most, one) => (!most || one.size > most.size ? one : most), undefined)
}

/** Small, short, and touching larger text whose baseline is near but not the same. */
function isScriptOf(text: PlacedText, all: readonly PlacedText[]): boolean {
  return (
    text.text.trim().length <= 8 &&
    all.some(
      (other) =>
        other.size * SCRIPT_SIZE > text.size &&
        Math.abs(other.y - text.y) < 0.75 * other.size &&
        Math.abs(other.y - text.y) > 0.05 * other.size &&
        text.x >= other.x - 1 &&
        text.x <= other.x + other.width + 0.5 * other.size,
    )
  )
}

/** Parts a row at wide gaps and puts the blanks back that the page only shows as room. */
function segmentsOf(row: readonly PlacedText[]): Segment[] {
  const segments: { from: number; to: number; texts: PlacedText[] }[] = []
  for (const text of row) {
    const last = segments.at(-1)
    const before = last?.texts.at(-1)
    const size = Math.max(text.size, before?.size ?? 0)
    if (!last || !before || text.x - last.to > SEGMENT_GAP * size) {
      segments.push({ from: text.x, to: text.x + text.width, texts: [text] })
      continue
    }
    const gap = text.x - last.to
    const parted = gap > WORD_GAP * size && !/\s$/.test(before.text) && !/^\s/.test(text.text)
    last.texts.push(parted ? { ...text, text: ` ${text.text}` } : text)
    last.to = Math.max(last.to, text.x + text.width)
  }
  return segments
}
