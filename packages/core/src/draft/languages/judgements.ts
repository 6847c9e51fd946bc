import { LANGUAGES } from './index.ts'

const PAIRS: readonly (readonly [truth: string, falsehood: string])[] = LANGUAGES.flatMap((language) => {
  const initials = (words: readonly string[]): string[] => [
    ...new Set(words.filter((word) => word.length > 1).map((word) => word.charAt(0))),
  ]
  const own = initials(language.truth).flatMap((truth) =>
    initials(language.falsehood).map((falsehood) => [truth, falsehood] as const),
  )
  const [yes, no] = [language.yesNo?.[0]?.charAt(0), language.yesNo?.at(-1)?.charAt(0)]
  return yes && no ? [...own, [yes, no] as const] : own
}).filter(([truth, falsehood]) => truth !== falsehood)

/**
 * What single letters mean that judge statements: the initials of "true" and "false", or of "yes" and "no", in the one
 * language, or in all languages, that has both of them.
 *
 * @param letters lower case, one per statement.
 * @returns truth by letter; empty where there are not just two letters, or languages contradict each other.
 */
export function initialsOfTruth(letters: readonly string[]): ReadonlyMap<string, boolean> {
  const once = [...new Set(letters)]
  const [a, b] = once
  if (once.length !== 2 || !a || !b) return new Map()
  const truths = new Set(
    PAIRS.flatMap(([truth, falsehood]) => (once.includes(truth) && once.includes(falsehood) ? [truth] : [])),
  )
  const [truth] = truths
  return truths.size === 1 && truth
    ? new Map([
        [truth, true],
        [truth === a ? b : a, false],
      ])
    : new Map()
}
