import { fingerprint } from '../item/fingerprint.ts'
import type { Reading } from './model.ts'

/** A person's word that an item's facts were checked. */
export interface SignOff {
  readonly by: string
  /** ISO 8601, UTC. */
  readonly at: string
  readonly remark: string
  /** Of the item as it was checked. */
  readonly fingerprint: string
}

/** An item that is followed while the text around it changes. */
export interface FollowedItem {
  /** Stays the same through edits. */
  readonly ref: string
  readonly from: number
  readonly to: number
  /** Of the item at the last reading. */
  readonly fingerprint: string
  readonly signOff: SignOff | null
  /** The bank item that this was saved to; saving again updates it. */
  readonly bankItemId: string | null
  /** The sign-off that was lost when what is shown or graded changed; it comes back if the change is taken back. */
  readonly lostSignOff: SignOff | null
}

/** Where an item stands in the text, and what it is: all that following it takes. */
export interface ItemPlace {
  readonly from: number
  readonly to: number
  readonly fingerprint: string
}

export function placesOf(reading: Reading): ItemPlace[] {
  return reading.items.map(({ from, to, item }) => ({ from, to, fingerprint: fingerprint(item) }))
}

/**
 * Finds the followed items again in a new reading. Positions must have been mapped through the edits
 * that lie between. An item is the same if its fingerprint is and it lies nearest, else if it is what was signed off
 * before a change that is taken back now, else if it overlaps most. New items get `ref`s from `newRef`.
 *
 * @returns one entry per item of the reading, in its order.
 */
export function followItems(followed: readonly FollowedItem[], reading: Reading, newRef: () => string): FollowedItem[] {
  return followPlaces(followed, placesOf(reading), newRef)
}

/** The same of items of which only the places are at hand. */
export function followPlaces(
  followed: readonly FollowedItem[],
  places: readonly ItemPlace[],
  newRef: () => string,
): FollowedItem[] {
  const left = new Set(followed)
  const byPrint = byFingerprint(followed)
  const same = (index: number): FollowedItem[] =>
    (byPrint.get(places[index]?.fingerprint ?? '') ?? []).filter((known) => left.has(known))
  const found: (FollowedItem | null)[] = places.map(() => null)
  const claim = (index: number, known: FollowedItem | undefined): void => {
    if (!known) return
    found[index] = known
    left.delete(known)
  }
  places.forEach((read, index) =>
    claim(
      index,
      nearest(
        read,
        same(index).filter((known) => overlap(read, known) > 0),
      ),
    ),
  )
  places.forEach((read, index) => {
    if (!found[index]) claim(index, nearest(read, same(index)))
  })
  // A title typed in front of an item is one with it for a while, and takes the place that overlaps most afterwards.
  places.forEach((read, index) => {
    if (found[index]) return
    const before = [...left].filter((known) => known.lostSignOff?.fingerprint === read.fingerprint)
    claim(index, nearest(read, before))
  })
  places.forEach((read, index) => {
    if (!found[index]) claim(index, mostOverlap(read, left))
  })
  return places.map((place, index) => carry(found[index] ?? null, place, newRef))
}

function byFingerprint(followed: readonly FollowedItem[]): ReadonlyMap<string, readonly FollowedItem[]> {
  const found = new Map<string, FollowedItem[]>()
  for (const known of followed) {
    const same = found.get(known.fingerprint)
    if (same) same.push(known)
    else found.set(known.fingerprint, [known])
  }
  return found
}

function carry(known: FollowedItem | null, place: ItemPlace, newRef: () => string): FollowedItem {
  const { fingerprint: print } = place
  if (!known) return { ref: newRef(), ...place, signOff: null, bankItemId: null, lostSignOff: null }
  const { signOff, lostSignOff } = known
  if (signOff && signOff.fingerprint !== print) return { ...known, ...place, signOff: null, lostSignOff: signOff }
  if (!signOff && lostSignOff?.fingerprint === print)
    return { ...known, ...place, signOff: lostSignOff, lostSignOff: null }
  return { ...known, ...place }
}

function nearest(read: ItemPlace, candidates: readonly FollowedItem[]): FollowedItem | undefined {
  return [...candidates].sort((a, b) => Math.abs(a.from - read.from) - Math.abs(b.from - read.from))[0]
}

function mostOverlap(read: ItemPlace, candidates: ReadonlySet<FollowedItem>): FollowedItem | undefined {
  return [...candidates]
    .filter((known) => overlap(read, known) > 0)
    .sort((a, b) => overlap(read, b) - overlap(read, a))[0]
}

function overlap(read: ItemPlace, known: FollowedItem): number {
  return Math.min(read.to, known.to) - Math.max(read.from, known.from)
}
