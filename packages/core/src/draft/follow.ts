import { fingerprint } from '../item/fingerprint.ts'
import type { ReadItem, Reading } from './model.ts'

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

/**
 * Finds the followed items again in a new reading. Positions must have been mapped through the edits
 * that lie between. An item is the same if its fingerprint is and it lies nearest, else if it is what was signed off
 * before a change that is taken back now, else if it overlaps most. New items get `ref`s from `newRef`.
 *
 * @returns one entry per item of the reading, in its order.
 */
export function followItems(followed: readonly FollowedItem[], reading: Reading, newRef: () => string): FollowedItem[] {
  const prints = reading.items.map((read) => fingerprint(read.item))
  const left = new Set(followed)
  const byPrint = new Map<string, FollowedItem[]>()
  for (const known of followed) {
    const same = byPrint.get(known.fingerprint)
    if (same) same.push(known)
    else byPrint.set(known.fingerprint, [known])
  }
  const same = (index: number): FollowedItem[] =>
    (byPrint.get(prints[index] ?? '') ?? []).filter((known) => left.has(known))
  const found: (FollowedItem | null)[] = reading.items.map(() => null)
  const claim = (index: number, known: FollowedItem | undefined): void => {
    if (!known) return
    found[index] = known
    left.delete(known)
  }
  reading.items.forEach((read, index) =>
    claim(
      index,
      nearest(
        read,
        same(index).filter((known) => overlap(read, known) > 0),
      ),
    ),
  )
  reading.items.forEach((read, index) => {
    if (!found[index]) claim(index, nearest(read, same(index)))
  })
  // A title typed in front of an item is one with it for a while, and takes the place that overlaps most afterwards.
  reading.items.forEach((read, index) => {
    if (found[index]) return
    const before = [...left].filter((known) => known.lostSignOff?.fingerprint === prints[index])
    claim(index, nearest(read, before))
  })
  reading.items.forEach((read, index) => {
    if (!found[index]) claim(index, mostOverlap(read, left))
  })
  return reading.items.map((read, index) => carry(found[index] ?? null, read, prints[index] ?? '', newRef))
}

function carry(known: FollowedItem | null, read: ReadItem, print: string, newRef: () => string): FollowedItem {
  const place = { from: read.from, to: read.to, fingerprint: print }
  if (!known) return { ref: newRef(), ...place, signOff: null, bankItemId: null, lostSignOff: null }
  const { signOff, lostSignOff } = known
  if (signOff && signOff.fingerprint !== print) return { ...known, ...place, signOff: null, lostSignOff: signOff }
  if (!signOff && lostSignOff?.fingerprint === print)
    return { ...known, ...place, signOff: lostSignOff, lostSignOff: null }
  return { ...known, ...place }
}

function nearest(read: ReadItem, candidates: readonly FollowedItem[]): FollowedItem | undefined {
  return [...candidates].sort((a, b) => Math.abs(a.from - read.from) - Math.abs(b.from - read.from))[0]
}

function mostOverlap(read: ReadItem, candidates: ReadonlySet<FollowedItem>): FollowedItem | undefined {
  return [...candidates]
    .filter((known) => overlap(read, known) > 0)
    .sort((a, b) => overlap(read, b) - overlap(read, a))[0]
}

function overlap(read: ReadItem, known: FollowedItem): number {
  return Math.min(read.to, known.to) - Math.max(read.from, known.from)
}
