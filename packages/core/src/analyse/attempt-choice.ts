/** Which of several attempts of one person counts. */
export const WHICH_COUNTS = ['last', 'first', 'best'] as const
export type WhichCounts = (typeof WHICH_COUNTS)[number]

/**
 * The attempts that count, one for each person, in the order in which people first came.
 *
 * @param personOf what tells people apart; null: nobody knows, so the attempt stands for itself.
 */
export function countingAttempts<T>(
  attempts: readonly T[],
  which: WhichCounts,
  { personOf, totalOf }: { readonly personOf: (one: T) => string | null; readonly totalOf: (one: T) => number },
): T[] {
  const chosen = new Map<string | symbol, T>()
  for (const attempt of attempts) {
    const person = personOf(attempt) ?? Symbol('unknown')
    const known = chosen.get(person)
    const isBetter = known === undefined || which === 'last' || (which === 'best' && totalOf(attempt) > totalOf(known))
    if (isBetter) chosen.set(person, attempt)
  }
  return [...chosen.values()]
}
