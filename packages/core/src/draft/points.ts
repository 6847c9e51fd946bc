import { asciiShadow } from './labels.ts'
import { remembered } from './remember.ts'
import { anyOf, wordsFor } from './languages/index.ts'

const NUMBER = '(\\d+(?:[.,]\\d+)?|½)'

const POINT_WORDS = anyOf(wordsFor('points'))

const ONE = anyOf(wordsFor('onePoint'))

const TWO = anyOf(wordsFor('twoPoints'))

const OPEN = '[(（\\[［【]'

const CLOSE = '[)）\\]］】]'

const POINTS_BRACKETED = new RegExp(
  `${OPEN}\\s*(?:po\\s+)?(?:${NUMBER}\\s*${POINT_WORDS}\\.?(?:\\s+each)?|(${ONE})|(${TWO}))\\s*${CLOSE}`,
  'iu',
)

const POINTS_SLASHED = /\s{2,}\/\s?(\d{1,3})\s*$/

const POINTS_EACH = new RegExp(
  `(?:${NUMBER}\\s*${POINT_WORDS}\\s*(?:each|jeweils|chacune?|cada|je|ciascun|vardera|за каждый|(?:per|pro|par|por|za|på|à)\\s+\\p{L}+)|(?:po|каждый|每题|各|je)\\s*${NUMBER}\\s*${POINT_WORDS}|\\b(one|two|three)\\s+${POINT_WORDS}\\s+each)`,
  'iu',
)

const NUMERALS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3 }

export interface PointsFound {
  readonly from: number
  readonly to: number
  readonly points: number
}

/** A number of points in brackets, or behind a slash at the line end, within an item's text. */
export const findPoints = remembered((text: string): PointsFound | null => {
  const bracketed = POINTS_BRACKETED.exec(asciiShadow(text))
  if (bracketed) {
    const points = bracketed[1] ? toNumber(bracketed[1]) : bracketed[2] ? 1 : 2
    return { from: bracketed.index, to: bracketed.index + bracketed[0].length, points }
  }
  const slashed = POINTS_SLASHED.exec(text)
  return slashed?.[1]
    ? { from: slashed.index, to: slashed.index + slashed[0].length, points: Number(slashed[1]) }
    : null
})

const POINTS_BEHIND = new RegExp(
  `\\s*[([]\\s*(\\d{1,2})\\s*(?:(?:${POINT_WORDS})\\.?(\\s+\\p{L}+)?)?\\s*[)\\]]\\s*$`,
  'iu',
)

/** A number in brackets at the end of a text, with or without a word for points; `isEach`: for each part of it. */
export function pointsBehind(
  text: string,
): (Pick<PointsFound, 'from' | 'points'> & { readonly isEach: boolean }) | null {
  const found = POINTS_BEHIND.exec(text)
  if (!found?.[1] || found.index === 0) return null
  return { from: found.index, points: Number(found[1]), isEach: found[2] !== undefined }
}

/** "1 mark each" in a section's title; null where it says nothing of the kind. */
export function pointsEach(text: string): number | null {
  const found = POINTS_EACH.exec(text)
  if (!found) return null
  const said = found[1] ?? found[2]
  return said ? toNumber(said) : (NUMERALS[(found[3] ?? '').toLowerCase()] ?? null)
}

function toNumber(text: string): number {
  return text === '½' ? 0.5 : Number(text.replace(',', '.'))
}
