import type { Line } from '../model.ts'

const WORD =
  'page|pg|p\\.|seite|página|pagina|pág\\.?|side|sida|blz\\.?|strona|str\\.|стр\\.?|страница|sayfa|oldal|sivu'
const OF = '/|of|von|de|di|van|av|af|z|из|sur|/'
/** "page 3", "- 3 -", "Seite 2 von 5": a line that says the number of its page and nothing else. */
const NUMBER = new RegExp(
  `^\\s*(?:[-–—|]\\s*)?(?:(?:${WORD})\\s*\\d{1,3}(?:\\s*(?:${OF})\\s*\\d{1,3})?|[-–—]\\s*\\d{1,3}\\s*[-–—])\\s*[-–—|]?\\s*$`,
  'iu',
)
/** How many lines with text above and below the number of a page may be the foot of one and the head of the next. */
const NEAR = 2

/**
 * Lines, by index, that end one page of a copied document and begin the next: page numbers, and beside them what stands
 * beside another page number in the same words. They may stand in the middle of an item. What the first page is headed
 * with is the title, and is none.
 */
export function pageEnds(lines: readonly Line[]): ReadonlySet<number> {
  const ends = new Set<number>()
  const written = lines.flatMap((line, at) => (line.text.trim() ? [at] : []))
  const numbers = written.flatMap((at, place) => (NUMBER.test(lines[at]?.text ?? '') ? [place] : []))
  if (!numbers.length) return ends
  const textOf = (place: number): string => maskedText(lines[written[place] ?? -1]?.text ?? '')
  // What stands at the head of the first page, and beside how many numbers a text stands.
  const head = new Set(written.slice(0, NEAR + 1).map((_at, place) => textOf(place)))
  const beside = new Map<string, number>()
  for (const number of numbers)
    for (const text of new Set(around(number).map(textOf))) beside.set(text, (beside.get(text) ?? 0) + 1)
  for (const number of numbers) {
    ends.add(written[number] ?? -1)
    for (const step of [-1, 1])
      for (let place = number + step; Math.abs(place - number) <= NEAR; place += step) {
        const text = textOf(place)
        const isFurniture = head.has(text) || (beside.get(text) ?? 0) > 1
        if (place <= NEAR || !isFurniture || !/[\p{L}_—–=-]{3}/u.test(text)) break
        ends.add(written[place] ?? -1)
      }
  }
  return ends
}

function around(number: number): number[] {
  return Array.from({ length: 2 * NEAR + 1 }, (_none, at) => number - NEAR + at)
}

function maskedText(text: string): string {
  return text.toLowerCase().replace(/\d+/g, '0').replace(/\s+/g, ' ').trim()
}
