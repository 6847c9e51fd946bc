import { asRoman, type Label } from '../labels.ts'
import { cues } from '../words.ts'
import { bareLetter, bareRow, OUTCOMES, outcomeLabel, stemText, weakLetter, weakNumber } from './line-findings.ts'
import type { RawItem } from './raw.ts'
import { bodyText, type Shape } from './shape.ts'

/** How many of the lines below are looked at to tell a label from a word. */
export const LINES_BELOW = 8

/** The label by which a line is an entry of a list of the item; `below`: the next lines with text. */
export function entryLabel(item: RawItem, shape: Shape, below: readonly Shape[]): Label | null {
  const last = item.lists.at(-1)
  const bare = outcomeOf(item, shape, below) ?? bareLetterOf(shape, below)
  if (bare) return bare
  const letter = shape.letter ?? weakLetter(shape, last)
  if (letter) {
    const roman = asRoman(letter)
    for (const candidate of roman ? [letter, roman] : [letter]) {
      const list = item.lists.find((known) => known.signature === `letter:${candidate.script}`)
      const expected = list?.entries.length ?? 0
      if (list && candidate.value >= expected && candidate.value <= expected + 2) return candidate
      // Options printed column by column: "A … C …" above "B … D …".
      const taken = list?.entries.some((entry) => entry.label?.value === candidate.value) ?? true
      if (list && !taken && candidate.value > 0 && candidate.value < expected) return candidate
      const isWord = letter.delimiter === ' ' && /^[AaIi]\s/.test(bodyText(shape)) && !goesOnBelow(letter, below)
      if (candidate.value === 0 && (item.lists.length > 0 || !isWord)) return candidate
    }
    return null
  }
  const number = shape.number ?? (cues.asksMatch(stemText(item)) ? weakNumber(shape) : null)
  if (!number) return null
  const numbers = item.lists.find((list) => list.style === 'number')
  const continues = numbers?.entries.at(-1)?.label?.value === number.value - 1
  return continues || number.value === 0 ? number : null
}

/** "A  one prolonged blast" above "B  …". */
function goesOnBelow(letter: Label, below: readonly Shape[]): boolean {
  const next = below[0]?.letter
  return next?.value === 1 && next.delimiter === ' ' && next.upper === letter.upper
}

/** "1: one", "X: two", "2: three": the signs of a pools coupon as labels. */
export function outcomeOf(item: RawItem, shape: Shape, below: readonly Shape[]): Label | null {
  const label = outcomeLabel(shape)
  if (!label) return null
  const before = item.lists.at(-1)?.entries.at(-1)?.label
  if (label.value > 0) return before?.script === 'latin' && before.text === OUTCOMES[label.value - 1] ? label : null
  const follow = below.slice(0, 2).map((line) => outcomeLabel(line)?.value)
  return follow[0] === 1 && follow[1] === 2 ? label : null
}

/** "A It was being repaired." above "B …": letters with nothing but a blank behind them. */
function bareLetterOf(shape: Shape, below: readonly Shape[]): Label | null {
  if (shape.letter) return null
  const row = bareRow(shape)
  if (row) return row
  const label = bareLetter(shape)
  if (!label || label.value !== 0) return null
  for (const next of below) {
    if (next.question || next.number) return null
    const other = bareLetter(next)
    if (other?.value === 1 && other.script === label.script && other.upper === label.upper)
      return label.upper || below.some((one) => bareLetter(one)?.value === 2) ? label : null
  }
  return null
}
