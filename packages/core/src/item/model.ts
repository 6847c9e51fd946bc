import type { Content } from '../content/model.ts'

/** The twelve kinds of item, in the order in which screens list them. */
export const ITEM_KINDS = [
  'single',
  'multiple',
  'truefalse',
  'short',
  'numeric',
  'cloze',
  'match',
  'order',
  'grid',
  'scale',
  'essay',
  'note',
] as const
export type ItemKind = (typeof ITEM_KINDS)[number]

/** What every item has, whatever its kind. Absent optional fields mean that nothing was said. */
export interface ItemCommon {
  readonly stem: Content
  /** Most that a response can earn; 0 for kinds that are not graded. In `[0, 1000]`. */
  readonly points: number
  /** Shown after answering. */
  readonly feedback?: Content
  readonly hint?: Content
  readonly tags: readonly string[]
  readonly outcome?: string
  /** Seconds to answer in, where a live game or a form counts them. */
  readonly timeLimit?: number
  /** Cognitive level, as written. */
  readonly level?: string
  readonly difficulty?: string
  /** BCP 47 tag. */
  readonly language?: string
  /** The reading that the item refers to, kept with the item so that it travels along. */
  readonly passage?: Content
}

export interface Option {
  /** Unique within the item and stable while options are reworded or moved. */
  readonly id: string
  readonly content: Content
  readonly feedback?: Content
}

export interface SingleItem extends ItemCommon {
  readonly kind: 'single'
  readonly options: readonly Option[]
  /** Ids of the keyed option: one, or none where the draft gives no key. */
  readonly key: readonly string[]
  /** False keeps the options in their order ("all of the above", ascending numbers). */
  readonly shuffle: boolean
}

/** `all`: full points for exactly the keyed options. `each`: a share per keyed option, taken back per distractor. */
export type Credit = 'all' | 'each'

export interface MultipleItem extends ItemCommon {
  readonly kind: 'multiple'
  readonly options: readonly Option[]
  /** Ids in the order of `options`. */
  readonly key: readonly string[]
  readonly shuffle: boolean
  readonly credit: Credit
}

export interface TrueFalseItem extends ItemCommon {
  readonly kind: 'truefalse'
  readonly key: readonly boolean[]
}

/** What counts as the same when typed text is graded. White space at the ends and repeated blanks never count. */
export interface TextRules {
  /** `ignore` is the default of the trade: "Bowline" and "bowline" are the same. */
  readonly letterCase: 'ignore' | 'respect'
  readonly accents: 'ignore' | 'respect'
}

export interface ShortItem extends ItemCommon {
  readonly kind: 'short'
  /** Every accepted answer; the first is the one shown as the key. */
  readonly key: readonly string[]
  readonly rules: TextRules
}

/** `value` ± `tolerance` (absolute), or `min` to `max`, both ends included. */
export type NumericKey =
  { readonly value: number; readonly tolerance: number } | { readonly min: number; readonly max: number }

export interface NumericItem extends ItemCommon {
  readonly kind: 'numeric'
  readonly key: readonly NumericKey[]
  readonly unit?: string
}

export interface ClozeGap {
  /** Accepted answers; empty where the draft gives none. */
  readonly key: readonly string[]
  /** Offered in the gap itself; absent where the gap is typed. */
  readonly choices?: readonly string[]
}

export interface ClozeItem extends ItemCommon {
  readonly kind: 'cloze'
  /** As many as there are gaps in the stem, in the same order. */
  readonly gaps: readonly ClozeGap[]
  readonly wordBank?: readonly string[]
  readonly rules: TextRules
}

export interface MatchItem extends ItemCommon {
  readonly kind: 'match'
  readonly left: readonly Content[]
  /** Holds the unused extras too. */
  readonly right: readonly Content[]
  /** Index pairs left, right, ascending by left. */
  readonly key: readonly (readonly [number, number])[]
}

export interface OrderItem extends ItemCommon {
  readonly kind: 'order'
  readonly options: readonly Option[]
  /** Option ids in the right order. */
  readonly key: readonly string[]
}

export interface GridItem extends ItemCommon {
  readonly kind: 'grid'
  readonly rows: readonly Content[]
  readonly columns: readonly Content[]
  /** Index pairs row, column. */
  readonly key: readonly (readonly [number, number])[]
}

export interface ScaleItem extends ItemCommon {
  readonly kind: 'scale'
  readonly low: number
  readonly high: number
  readonly lowLabel?: string
  readonly highLabel?: string
}

export interface EssayItem extends ItemCommon {
  readonly kind: 'essay'
  readonly sample?: Content
}

export interface NoteItem extends ItemCommon {
  readonly kind: 'note'
}

export type Item =
  | SingleItem
  | MultipleItem
  | TrueFalseItem
  | ShortItem
  | NumericItem
  | ClozeItem
  | MatchItem
  | OrderItem
  | GridItem
  | ScaleItem
  | EssayItem
  | NoteItem

/** The kinds that the bank keeps, papers show, formats write and core grades. */
export type KeptItem = SingleItem | MultipleItem | TrueFalseItem | ShortItem
export type ChoiceItem = SingleItem | MultipleItem

export const KEPT_KINDS = ['single', 'multiple', 'truefalse', 'short'] as const satisfies readonly ItemKind[]

export function isKept(item: Item): item is KeptItem {
  return (KEPT_KINDS as readonly ItemKind[]).includes(item.kind)
}

export const DEFAULT_TEXT_RULES: TextRules = { letterCase: 'ignore', accents: 'respect' }

/** The id of the n-th option of a new item (0-based): `a`, `b`, … `z`, `o27`, … */
export function optionId(index: number): string {
  return index < 26 ? String.fromCharCode(97 + index) : `o${index + 1}`
}

export function hasKey(item: Item): boolean {
  switch (item.kind) {
    case 'scale':
    case 'essay':
    case 'note':
      return true
    case 'cloze':
      return item.gaps.length > 0 && item.gaps.every((gap) => gap.key.length > 0)
    default:
      return item.key.length > 0
  }
}
