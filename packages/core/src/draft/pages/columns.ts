import { segmentText, type PageLine, type Segment } from './page.ts'

const GUTTER_STEPS = 80
const MIN_LINES = 6
const MIN_COLUMN_CHARACTERS = 14

/**
 * Puts the lines of a page into reading order: where a gutter runs down the page, the left column comes before the
 * right one, and lines that cross the gutter part what stands above them from what stands below.
 */
export function inReadingOrder(lines: readonly PageLine[], width: number): PageLine[] {
  const gutter = findGutter(lines, width)
  if (gutter === null) return [...lines]
  const ordered: PageLine[] = []
  let left: PageLine[] = []
  let right: PageLine[] = []
  const flush = (): void => {
    ordered.push(...left, ...right)
    left = []
    right = []
  }
  for (const line of lines) {
    if (line.segments.some((segment) => crosses(segment, gutter))) {
      flush()
      ordered.push(line)
      continue
    }
    const before = line.segments.filter((segment) => segment.to <= gutter)
    const behind = line.segments.filter((segment) => segment.from >= gutter)
    if (before.length) left.push({ ...line, segments: before })
    if (behind.length) right.push({ ...line, segments: behind })
  }
  flush()
  return ordered
}

function crosses(segment: Segment, x: number): boolean {
  return segment.from < x && segment.to > x
}

/**
 * The middle of a vertical stripe that nearly no text crosses, with text in whole phrases on both sides; null where
 * there is none. Options printed beside each other have short texts on both sides and are no columns.
 */
function findGutter(lines: readonly PageLine[], width: number): number | null {
  const segments = lines.flatMap((line) => line.segments)
  let best: { x: number; crossing: number; room: number } | null = null
  for (let step = Math.round(GUTTER_STEPS * 0.3); step <= GUTTER_STEPS * 0.7; step++) {
    const x = (width * step) / GUTTER_STEPS
    const crossing = segments.filter((segment) => crosses(segment, x)).length
    if (crossing > lines.length * 0.12) continue
    const left = sideOf(lines, (segment) => segment.to <= x)
    const right = sideOf(lines, (segment) => segment.from >= x)
    if (left.length < MIN_LINES || right.length < MIN_LINES) continue
    if (usualLength(left) < MIN_COLUMN_CHARACTERS || usualLength(right) < MIN_COLUMN_CHARACTERS) continue
    if (!sharesEdge(right)) continue
    const room = Math.min(...right.map((side) => side.from)) - Math.max(...left.map((side) => side.to))
    if (!best || crossing < best.crossing || (crossing === best.crossing && room > best.room))
      best = { x, crossing, room }
  }
  return best?.x ?? null
}

interface Side {
  readonly from: number
  readonly to: number
  readonly length: number
}

/** What each line holds on one side of the gutter, as one stretch. */
function sideOf(lines: readonly PageLine[], isIn: (segment: Segment) => boolean): Side[] {
  return lines.flatMap((line) => {
    const own = line.segments.filter(isIn)
    const first = own[0]
    const last = own.at(-1)
    if (!first || !last) return []
    return [{ from: first.from, to: last.to, length: own.reduce((sum, one) => sum + segmentText(one).length + 1, 0) }]
  })
}

function usualLength(sides: readonly Side[]): number {
  const lengths = sides.map((side) => side.length).sort((a, b) => a - b)
  return lengths[Math.floor(lengths.length / 2)] ?? 0
}

/** The texts of a column start at few places: its edge and the hanging indents behind it. */
function sharesEdge(segments: readonly Side[]): boolean {
  const edges = new Map<number, number>()
  for (const segment of segments)
    edges.set(Math.round(segment.from / 3), (edges.get(Math.round(segment.from / 3)) ?? 0) + 1)
  const shared = [...edges.values()].sort((a, b) => b - a).slice(0, 4)
  return shared.reduce((sum, count) => sum + count, 0) >= segments.length * 0.6
}
