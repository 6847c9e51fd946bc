import { chanceOf, shuffled, stableJson, type Assets, type Content, type Item } from '@zakuska/core'

export const PRINT_PARTS = ['paper', 'key', 'answers'] as const
export type PrintPart = (typeof PRINT_PARTS)[number]
export type SheetSize = 'A4' | 'Letter'

/** A paper as it is to be printed. */
export interface PrintPaper {
  readonly title: string
  /** Letter of the version; null: there are none. */
  readonly label: string | null
  readonly instructions: string
  readonly identity: readonly string[]
  /** Minutes; null: none. */
  readonly timeLimit: number | null
  readonly entries: readonly PrintEntry[]
  /** Bytes of pictures by the names that items give them. */
  readonly assets: Assets
}

export interface PrintEntry {
  /** With the paper's points, and its options in the order of this paper. */
  readonly item: Item
  readonly section: { readonly title: string; readonly instructions: string } | null
}

/** One place of a printed paper, with all that is settled before it is drawn. */
export interface Placed {
  /** From 1; null for a note, which is not counted. */
  readonly number: number | null
  readonly item: Item
  /** The heading of the section that begins here. */
  readonly heading: PrintEntry['section']
  /** The passage, where it was not said just before. */
  readonly passage: Content | null
  /** Of a matching item: the places of its right sides in the order shown. */
  readonly rightOrder: readonly number[]
}

/** Numbers, headings, passages said once, and an order of right sides that does not give the pairs away. */
export function placesOf(paper: PrintPaper): Placed[] {
  let number = 0
  let section: string | null = null
  let passage: string | null = null
  return paper.entries.map(({ item: given, section: own }, at) => {
    const item = withoutGivenOrder(given, at)
    const name = own ? stableJson(own) : null
    const heading = name !== section ? own : null
    section = name
    const said = item.passage ? stableJson(item.passage) : null
    const isNew = said !== null && said !== passage
    passage = said
    if (item.kind !== 'note') number++
    return {
      number: item.kind === 'note' ? null : number,
      item,
      heading,
      passage: isNew ? (item.passage ?? null) : null,
      rightOrder: item.kind === 'match' ? mixed(item.right.length, at) : [],
    }
  })
}

/** Things to put in order are not printed in the right one. */
function withoutGivenOrder(item: Item, at: number): Item {
  if (item.kind !== 'order' || item.options.length < 2) return item
  const isGiven = item.options.every((option, index) => option.id === item.key[index])
  if (!isGiven) return item
  return { ...item, options: mixed(item.options.length, at).flatMap((place) => item.options[place] ?? []) }
}

/** An order by chance that is the same at every printing, and never the one that is kept. */
function mixed(count: number, at: number): number[] {
  const plain = Array.from({ length: count }, (_none, place) => place)
  for (let seed = at + 1; count > 1; seed += 1000) {
    const order = shuffled(plain, chanceOf(seed))
    if (order.some((place, index) => place !== index)) return order
  }
  return plain
}

export function pointsLabel(item: Item): string {
  if (item.kind === 'note' || item.kind === 'scale') return ''
  return item.points === 1 ? '1 point' : `${item.points} points`
}

export function totalPoints(paper: PrintPaper): number {
  return paper.entries.reduce(
    (sum, { item }) => sum + (item.kind === 'note' || item.kind === 'scale' ? 0 : item.points),
    0,
  )
}

/** "Twenty points, about ten minutes" in figures: what stands under the title. */
export function aboutLine(paper: PrintPaper): string {
  const points = totalPoints(paper)
  const time = paper.timeLimit === null ? [] : [`${paper.timeLimit} minutes`]
  return [`${points} ${points === 1 ? 'point' : 'points'}`, ...time].join(' · ')
}

/** Steps of a scale with the labels of its ends. */
export function scaleSteps(item: Extract<Item, { kind: 'scale' }>): string[] {
  return Array.from({ length: item.high - item.low + 1 }, (_none, at) => String(item.low + at))
}
