const LIMIT = 30_000
/** A line longer than this is no line that comes again while somebody types. */
const LONGEST = 2000

/**
 * A pure function of a text that remembers what it found, since a draft is read again after every key stroke and
 * nearly all of its lines are the same. Forgets everything when it has seen too many texts, so that memory stays small.
 */
export function remembered<Result>(find: (text: string) => Result): (text: string) => Result {
  let known = new Map<string, Result>()
  return (text) => {
    if (text.length > LONGEST) return find(text)
    const before = known.get(text)
    if (before !== undefined) return before
    const found = find(text)
    if (known.size >= LIMIT) known = new Map()
    known.set(text, found)
    return found
  }
}
