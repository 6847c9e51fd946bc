import type { MatchItem } from '@zakuska/core'

type Pairs = MatchItem['key']

export function withPartner(key: Pairs, part: number, partner: number | null): Pairs {
  const others = key.filter(([one]) => one !== part)
  const next = partner === null ? others : [...others, [part, partner] as const]
  return [...next].sort((a, b) => a[0] - b[0])
}

/** The pairs that are left, and where they point to, when a part on one side goes. */
export function withoutPart(key: Pairs, side: 0 | 1, index: number): Pairs {
  const down = (place: number): number => (place > index ? place - 1 : place)
  return key
    .filter((pair) => pair[side] !== index)
    .map(([a, b]) => (side === 0 ? ([down(a), b] as const) : ([a, down(b)] as const)))
}
