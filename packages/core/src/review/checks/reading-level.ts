import type { Item } from '../../item/model.ts'
import type { ReviewSettings } from '../finding.ts'
import { gradeOf, readability, readText } from '../readability.ts'

/** Indices of readability are made for running text; a question alone is too short for them. */
const MIN_WORDS = 40
const MARGIN_GRADES = 2

export function readingLevel(item: Item, { targetGrade }: ReviewSettings): string | null {
  if (targetGrade === undefined) return null
  const measured = readability(readText(item), item.language)
  if (!measured || measured.words < MIN_WORDS) return null
  const grade = gradeOf(measured)
  if (grade <= targetGrade + MARGIN_GRADES) return null
  const by = measured.index === 'lix' ? ' by LIX' : ''
  return `It reads like grade ${Math.round(grade)}${by}; the target is grade ${targetGrade}.`
}
