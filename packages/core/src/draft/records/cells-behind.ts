import type { Facts } from '../facts/facts.ts'
import type { RunPart } from '../facts/runs.ts'
import { findPoints } from '../points.ts'

const WIDE = /\s{3,}|\t+/gu
const LONGEST = 40
const FEWEST = 2

/**
 * "A week has       five days     seven days": bare words in wide gaps behind a question, as options without labels. None
 * where one of them is a gap, is worth points or is long, or where only one stands there, as a key at the margin does.
 */
export function cellsBehind({ unit: { text }, run }: Facts, from: number): readonly RunPart[] {
  if (run.length) return []
  const cells: RunPart[] = []
  let start = from
  const push = (to: number): void => {
    cells.push({ id: '', value: -1, dress: '', label: start, from: start, to, box: null, lead: '' })
  }
  for (const gap of text.slice(from).matchAll(WIDE)) {
    if (from + gap.index === start) {
      start += gap[0].length
      continue
    }
    push(from + gap.index)
    start = from + gap.index + gap[0].length
  }
  if (start < text.length) push(text.length)
  const [stem, ...options] = cells
  const said = options.map((cell) => text.slice(cell.from, cell.to))
  const fits = said.every((one) => one.length <= LONGEST && /[\p{L}\p{N}]/u.test(one) && !/_{2}|\.{4}/.test(one))
  const isWhole = stem !== undefined && text.slice(stem.from, stem.to).trim().includes(' ')
  return isWhole && fits && options.length >= FEWEST && !said.some((one) => findPoints(one)) ? options : []
}
