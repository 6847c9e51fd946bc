/** Parts that a category lies under at most. */
export const MOST_PARTS = 10

/**
 * The place of an item in a bank as it is typed, put in order: parts by slashes, white space trimmed, empty parts left
 * out. Empty: at the top.
 */
export function categoryPath(typed: string): string {
  return typed
    .split('/')
    .map((part) => part.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .slice(0, MOST_PARTS)
    .join('/')
}

/** A category and everything that it lies under, the outermost first: `Tides/Heights` is in `Tides` too. */
export function categoryChain(path: string): string[] {
  const parts = path ? path.split('/') : []
  return parts.map((_part, index) => parts.slice(0, index + 1).join('/'))
}
