import { plainText } from '../content/plain.ts'
import type { Format, FormatData } from '../formats/format.ts'
import type { FormatLimits } from '../fit/limits.ts'
import { shareEarned } from '../grade/grade.ts'
import type { Response } from '../grade/response.ts'
import type { Item } from '../item/model.ts'
import { isSameItem } from '../item/same-item.ts'
import type { FormatProof } from './prove-format.ts'
import { proveItems } from './prove.ts'
import { translate } from './translate.ts'

/** What a file turned out to hold; without a format it is graded as we grade what is read from it. */
export interface HeldElsewhere {
  readonly items: readonly Item[]
  readonly format: { readonly format: Format; readonly data: FormatData } | null
}

export interface ProofAgainst extends FormatProof {
  /** Indexes of items that the file does not hold. */
  readonly missing: readonly number[]
  /** Stems of what only the file holds. */
  readonly more: readonly string[]
}

/**
 * Whether a file that was made before, here or elsewhere, grades as these items say: each is found there by its stem, then the
 * key and every probe are graded by the file's own rules. The items are what is true; the file is what is asked.
 */
export function proveAgainst(items: readonly Item[], { items: there, format }: HeldElsewhere): ProofAgainst {
  const places = pairedWith(items, there)
  const limits: FormatLimits = format?.format.limits ?? {}
  const gradeThere = format?.format.grader(format.data)
  const grade = (at: number, response: Response): number | null =>
    gradeThere ? gradeThere(at, response) : there[at] ? shareEarned(there[at], response) : null
  const proofs = proveItems(items, limits, (index, response) => {
    const at = places[index]
    const [here, other] = [items[index], at === undefined || at === null ? undefined : there[at]]
    return here && other && typeof at === 'number' ? grade(at, translate(response, here, other)) : null
  })
  const found = (index: number): Item | undefined => there[places[index] ?? -1]
  const changedKeys = items.flatMap((item, index) => {
    const other = found(index)
    const announced = other && other.kind !== item.kind && limits[`kind-${item.kind}`]?.verdict === 'changes'
    return other && !announced && !isSameItem(item, other).key ? [index] : []
  })
  return {
    proofs,
    changedKeys,
    missing: items.flatMap((_item, index) => (places[index] === null ? [index] : [])),
    more: there.flatMap((item, at) => (places.includes(at) ? [] : [plainText(item.stem)])),
  }
}

/** For each item the place of the same one there: of its stem and kind, then of its stem, none twice. */
function pairedWith(items: readonly Item[], there: readonly Item[]): (number | null)[] {
  const free = new Map<string, number[]>()
  there.forEach((item, at) => free.set(stemOf(item), [...(free.get(stemOf(item)) ?? []), at]))
  const places: (number | null)[] = items.map(() => null)
  for (const isAlike of [(a: Item, b: Item) => a.kind === b.kind, () => true])
    items.forEach((item, index) => {
      if (places[index] !== null) return
      const left = free.get(stemOf(item)) ?? []
      const at = left.find((one) => isAlike(item, there[one] as Item))
      if (at === undefined) return
      places[index] = at
      free.set(
        stemOf(item),
        left.filter((one) => one !== at),
      )
    })
  return places
}

/** A gap is drawn in many ways, and a format may hold a passage before the stem. */
function stemOf(item: Item): string {
  return plainText(item.stem)
    .replace(/[\s_]+/g, ' ')
    .trim()
    .toLowerCase()
}
