import type { Item } from '../../item/model.ts'
import type { ReviewSettings } from '../finding.ts'
import { readability, readText } from '../readability.ts'

/** Indices of readability are made for running text; a question alone is too short for them. */
const MIN_WORDS = 40
const MARGIN_GRADES = 2

export function readingLevel(item: Item, { targetGrade }: ReviewSettings): string | null {
  if (targetGrade === undefined) return null
  const measured = readability(readText(item), item.language)
  if (!measured || measured.words < MIN_WORDS || measured.index !== 'flesch-kincaid') return null
  if (measured.value <= targetGrade + MARGIN_GRADES) return null
  return `It reads like grade ${Math.round(measured.value)}; the target is grade ${targetGrade}.`
}
