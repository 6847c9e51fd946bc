import type { Facts } from '../facts/facts.ts'

/** What a line has in common with others of its draft: its whole text, or all of it but the numbers in it. */
export type Recurrence = 'again' | 'counted'

const SHORTEST = 4

/**
 * By line: whether its text stands in the draft more than once. Heads of pages, names of slides and cards, and words for
 * what follows do, whatever they say.
 */
export function recurrences(facts: readonly Facts[]): readonly (Recurrence | null)[] {
  const exact = facts.map(({ unit }) => unit.text.toLowerCase().replace(/\s+/g, ' ').trim())
  const masked = exact.map((text) => text.replace(/\d+/g, '0'))
  const count = (texts: readonly string[]): Map<string, number> => {
    const counts = new Map<string, number>()
    for (const text of texts) counts.set(text, (counts.get(text) ?? 0) + 1)
    return counts
  }
  const same = count(exact)
  const alike = count(masked)
  return facts.map((_one, at) => {
    const [text, mask] = [exact[at] ?? '', masked[at] ?? '']
    if (text.length < SHORTEST || !/\p{L}/u.test(text)) return null
    if ((same.get(text) ?? 0) > 1) return 'again'
    // A label and a number alone differ in every list.
    return (alike.get(mask) ?? 0) > 1 && /\p{L}{3}/u.test(mask) ? 'counted' : null
  })
}
