import type { Item } from './model.ts'

/**
 * A short string that is equal for two items exactly when all that is shown or graded is equal
 * (hash collisions apart: 2⁻⁵³ for a pair), given content in its normal form. Tags and other filing metadata do not count, so
 * that filing an item does not ask for its facts to be checked again.
 */
export function fingerprint(item: Item): string {
  let print = known.get(item)
  if (print === undefined) known.set(item, (print = printOf(item)))
  return print
}

// Items are never changed in place, and the desk asks for all of them after every key stroke.
const known = new WeakMap<Item, string>()

function printOf(item: Item): string {
  const {
    tags: _tags,
    outcome: _outcome,
    level: _level,
    difficulty: _difficulty,
    language: _language,
    timeLimit: _timeLimit,
    ...shown
  } = item
  return hash53(stableJson(shown))
}

/** JSON with the fields of every object in one order: a body that went through a database comes back with them sorted. */
export function stableJson(value: unknown): string {
  return JSON.stringify(value, (_name, field: unknown) => {
    if (typeof field !== 'object' || field === null || Array.isArray(field)) return field
    return Object.fromEntries(Object.entries(field).sort(([a], [b]) => (a < b ? -1 : 1)))
  })
}

/** Two 32-bit multiplicative hashes side by side, 53 bits kept; not for secrets. */
function hash53(text: string): string {
  let high = 0xdeadbeef
  let low = 0x41c6ce57
  for (let index = 0; index < text.length; index++) {
    const unit = text.charCodeAt(index)
    high = Math.imul(high ^ unit, 2654435761)
    low = Math.imul(low ^ unit, 1597334677)
  }
  high = Math.imul(high ^ (high >>> 16), 2246822507) ^ Math.imul(low ^ (low >>> 13), 3266489909)
  low = Math.imul(low ^ (low >>> 16), 2246822507) ^ Math.imul(high ^ (high >>> 13), 3266489909)
  return (4294967296 * (2097151 & low) + (high >>> 0)).toString(36)
}
