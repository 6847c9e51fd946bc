import { stableJson, type Item } from '@zakuska/core'

/** Fields that stand by themselves; all others are the answers with their key, and only make sense together. */
const ALONE = [
  'stem',
  'passage',
  'feedback',
  'hint',
  'sample',
  'points',
  'tags',
  'outcome',
  'level',
  'difficulty',
  'language',
  'timeLimit',
] as const

const ANSWERS = 'answers and key'

/** A part of an item that can be taken from one side or the other. */
export interface Facet {
  readonly name: string
  readonly mine: Partial<Item>
  readonly theirs: Partial<Item>
}

export interface MergedItem {
  /** What only one of the two changed, put together; of the rest, mine. */
  readonly item: Item
  /** What both changed differently. */
  readonly clashes: readonly Facet[]
  /** Names of what only the other one changed. */
  readonly taken: readonly string[]
}

/** Puts together what two made of one item. */
export function mergeItems(base: Item, mine: Item, theirs: Item): MergedItem {
  const names = [...ALONE, ANSWERS]
  const clashes: Facet[] = []
  const taken: string[] = []
  let item = mine
  for (const name of names) {
    const [was, own, other] = [base, mine, theirs].map((one) => facetOf(one, name)) as [object, object, object]
    if (stableJson(own) === stableJson(other) || stableJson(was) === stableJson(other)) continue
    if (stableJson(was) === stableJson(own)) {
      item = withFacet(item, name, other)
      taken.push(name)
    } else clashes.push({ name, mine: own, theirs: other })
  }
  return { item, clashes, taken }
}

/** Takes the other side's part of an item. */
export function withFacet(item: Item, name: string, facet: Partial<Item>): Item {
  const own = facetOf(item, name)
  const rest = Object.fromEntries(Object.entries(item).filter(([field]) => !(field in own)))
  return { ...rest, ...facet } as unknown as Item
}

function facetOf(item: Item, name: string): Partial<Item> {
  const isAlone = (field: string): boolean => (ALONE as readonly string[]).includes(field)
  const isIn = (field: string): boolean => (name === ANSWERS ? !isAlone(field) : field === name)
  return Object.fromEntries(Object.entries(item).filter(([field]) => isIn(field)))
}
