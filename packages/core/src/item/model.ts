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
  /** Share that a distractor earns all the same, by option id, in `(0, 1)`; absent: none does. */
  readonly weights?: Readonly<Record<string, number>>
}

/**
 * `all`: full points for exactly the keyed options. `each`: a share per keyed option, taken back per distractor.
 * `weights`: the sum of the weights of the chosen options, held in `[0, 1]`.
 */
export type Credit = 'all' | 'each' | 'weights'

export interface MultipleItem extends ItemCommon {
  readonly kind: 'multiple'
  readonly options: readonly Option[]
  /** Ids in the order of `options`. */
  readonly key: readonly string[]
  readonly shuffle: boolean
  readonly credit: Credit
  /** With `credit: 'weights'`: what each option adds, by option id, in `[-1, 1]`; an option that is not named adds 0. */
  readonly weights?: Readonly<Record<string, number>>
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
  /** `ignore`: "bow-line." is "bowline". Absent: respected. */
  readonly punctuation?: 'ignore' | 'respect'
  /** `value`: 0.5, 1/2, ½ and 50 % are the same. Absent: numbers are text. */
  readonly numbers?: 'value' | 'text'
  /** `any`: a list parted by commas or "and" counts in any order. Absent: as written. */
  readonly listOrder?: 'any' | 'written'
  /** `star`: a `*` in an accepted answer stands for any letters, or none. Absent: it is a star. */
  readonly pattern?: 'star' | 'none'
  /** How many letters may be wrong, missing or too many; 0 to 2. Absent: 0, spelling counts. */
  readonly misspelt?: number
}

export interface ShortItem extends ItemCommon {
  readonly kind: 'short'
  /** Every accepted answer; the first is the one shown as the key. */
  readonly key: readonly string[]
  readonly rules: TextRules
}

/**
 * `value` ± `tolerance` (absolute), or `min` to `max`, both ends included. `credit`: the share that it earns, in
 * `(0, 1]`; absent: all. A tolerance in percent is kept as the absolute one that it comes to.
 */
export type NumericKey = (
  { readonly value: number; readonly tolerance: number } | { readonly min: number; readonly max: number }
) & { readonly credit?: number }

export interface NumericItem extends ItemCommon {
  readonly kind: 'numeric'
  /** The first band that a number lies in counts. */
  readonly key: readonly NumericKey[]
  readonly unit?: string
  /** Absent: `optional`, a number alone is right, and so is one with the unit; another unit is wrong. */
  readonly unitRule?: 'optional' | 'required'
  /** Other units that count: a number in one, times `factor`, is the number in `unit`. */
  readonly conversions?: readonly { readonly unit: string; readonly factor: number }[]
  /** Significant figures that the number must be written with. Absent: any. */
  readonly figures?: number
}

export interface ClozeGap {
  /** Accepted answers; empty where the draft gives none. */
  readonly key: readonly string[]
  /** Offered in the gap itself; absent where the gap is typed. */
  readonly choices?: readonly string[]
}

/** `each`: a share per part that is right; `all`: everything or nothing. Absent: `each`. */
export type PartCredit = 'each' | 'all'

export interface ClozeItem extends ItemCommon {
  readonly kind: 'cloze'
  /** As many as there are gaps in the stem, in the same order. */
  readonly gaps: readonly ClozeGap[]
  readonly wordBank?: readonly string[]
  readonly rules: TextRules
  readonly credit?: PartCredit
}

export interface MatchItem extends ItemCommon {
  readonly kind: 'match'
  readonly left: readonly Content[]
  /** Holds the unused extras too. */
  readonly right: readonly Content[]
  /** Index pairs left, right, ascending by left. */
  readonly key: readonly (readonly [number, number])[]
  readonly credit?: PartCredit
}

export interface OrderItem extends ItemCommon {
  readonly kind: 'order'
  readonly options: readonly Option[]
  /** Option ids in the right order. */
  readonly key: readonly string[]
  /** `neighbours`: a share per pair that stands in the right order side by side. Absent: `all`. */
  readonly credit?: 'all' | 'neighbours'
}

export interface GridItem extends ItemCommon {
  readonly kind: 'grid'
  readonly rows: readonly Content[]
  readonly columns: readonly Content[]
  /** Index pairs row, column. */
  readonly key: readonly (readonly [number, number])[]
  readonly credit?: PartCredit
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
  /** What a person looks for, with the points that it is worth. */
  readonly rubric?: readonly RubricLine[]
}

export interface RubricLine {
  readonly says: string
  readonly points: number
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

export type ChoiceItem = SingleItem | MultipleItem

export const DEFAULT_TEXT_RULES: TextRules = { letterCase: 'ignore', accents: 'respect' }

/** The id of the n-th option of a new item (0-based): `a`, `b`, … `z`, `o27`, … */
export function optionId(index: number): string {
  return index < 26 ? String.fromCharCode(97 + index) : `o${index + 1}`
}

/** Kinds that nobody grades by a key: a person reads them, or they are only asked or told. */
export function isGraded(kind: ItemKind): boolean {
  return kind !== 'essay' && kind !== 'scale' && kind !== 'note'
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
