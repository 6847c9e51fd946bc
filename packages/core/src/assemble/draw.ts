import { chanceOf, sample, shuffled } from './chance.ts'

/** So many items of those that a filter finds. */
export interface DrawRule {
  readonly count: number
  /** Ids of what the filter finds, in an order that is the same whenever the same items are found. */
  readonly pool: readonly string[]
}

/** A filter that is short. */
export interface Shortfall {
  readonly rule: number
  /** How many items it lacks. */
  readonly by: number
}

export type Draw =
  | { readonly done: true; readonly picked: readonly (readonly string[])[] }
  | { readonly done: false; readonly short: readonly Shortfall[] }

export interface DrawSettings {
  readonly seed: number
  /** Pairs of items of which a draw holds one at most: near duplicates. */
  readonly apart?: readonly (readonly [string, string])[]
  /** Items that are not drawn. */
  readonly without?: ReadonlySet<string>
}

/** How often chance is tried before the items are placed one by one. */
const TRIES = 2000

/**
 * Draws items by rules: no item twice, and of items that must stay apart one at most. Every draw that keeps the rules
 * is equally likely, since draws that break them are thrown away and made anew; where almost every draw breaks them,
 * items are placed one by one in an order of chance, and that a draw is found at all is what counts.
 *
 * @returns `picked`, a list per rule in the order drawn; or which rules are short, and by how many.
 */
export function draw(rules: readonly DrawRule[], settings: DrawSettings): Draw {
  const groupOf = groups(settings.apart ?? [])
  const pools = rules.map(({ pool }) => [...new Set(pool)].filter((id) => !settings.without?.has(id)))
  const short = shortfalls(rules, pools, groupOf)
  if (short.length) return { done: false, short }
  const chance = chanceOf(settings.seed)
  for (let tried = 0; tried < TRIES; tried++) {
    const picked = rules.map(({ count }, rule) => sample(pools[rule] ?? [], count, chance))
    const all = picked.flat().map(groupOf)
    if (new Set(all).size === all.length) return { done: true, picked }
  }
  return {
    done: true,
    picked: placed(
      rules,
      pools.map((pool) => shuffled(pool, chance)),
      groupOf,
    ).picked,
  }
}

function shortfalls(
  rules: readonly DrawRule[],
  pools: readonly (readonly string[])[],
  groupOf: (id: string) => string,
): Shortfall[] {
  const { picked } = placed(rules, pools, groupOf)
  return rules.flatMap(({ count }, rule) => {
    const by = count - (picked[rule]?.length ?? 0)
    return by > 0 ? [{ rule, by }] : []
  })
}

/**
 * As many places as can be filled: a maximum matching of places with groups by augmenting paths (Kuhn 1955; Berge 1957).
 * Later rules may move what earlier ones took, but never take a place from them.
 */
function placed(
  rules: readonly DrawRule[],
  pools: readonly (readonly string[])[],
  groupOf: (id: string) => string,
): { readonly picked: readonly (readonly string[])[] } {
  const holder = new Map<string, { readonly place: number; readonly id: string }>()
  const places = rules.flatMap(({ count }, rule) => Array.from({ length: count }, () => rule))
  const fill = (place: number, seen: Set<string>): boolean => {
    for (const id of pools[places[place] ?? 0] ?? []) {
      const group = groupOf(id)
      if (seen.has(group)) continue
      seen.add(group)
      const held = holder.get(group)
      if (held && !fill(held.place, seen)) continue
      holder.set(group, { place, id })
      return true
    }
    return false
  }
  places.forEach((_rule, place) => fill(place, new Set()))
  const picked: string[][] = rules.map(() => [])
  for (const { place, id } of holder.values()) picked[places[place] ?? 0]?.push(id)
  return { picked }
}

/** Items that must stay apart, and those that must stay apart from these, are one group. */
function groups(apart: readonly (readonly [string, string])[]): (id: string) => string {
  const leader = new Map<string, string>()
  const find = (id: string): string => {
    const up = leader.get(id)
    return up === undefined || up === id ? id : find(up)
  }
  for (const [a, b] of apart) leader.set(find(a), find(b))
  return find
}
