import { inlinesOf, isEmptyContent, type Content } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import type { RemedyId } from './remedy-id.ts'
import type { ProbeKind } from '../grade/probes.ts'
import { contentsOf } from '../item/contents.ts'
import { hasKey, isGraded, type Item, type ItemKind, type TextRules } from '../item/model.ts'

/** Something about an item that a format or destination may hold or not. */
export type Feature =
  | `kind-${ItemKind}`
  | 'no-key'
  /** The key names an option, a row or a column that there is not. */
  | 'key-not-there'
  /** A row, or a left side of a matching item, has no key: nobody gains or loses by it. */
  | 'part-without-key'
  | 'points'
  | 'credit-all'
  | 'credit-each'
  | 'weights'
  | 'part-credit'
  | 'part-all'
  | 'order-neighbours'
  | 'letter-case-respected'
  | 'accents-ignored'
  | 'blanks-folded'
  | 'text-rules'
  | 'arrow-key'
  | 'equal-options'
  | 'empty-part'
  | 'several-answers'
  | 'unit'
  | 'unit-required'
  | 'number-form'
  | 'number-band'
  | 'several-bands'
  | 'band-credit'
  | 'spares'
  | 'word-bank'
  | 'sample'
  | 'rubric'
  | 'hint'
  | 'feedback'
  | 'option-feedback'
  | 'note-feedback'
  | 'essay-feedback'
  | 'passage'
  | 'fixed-order'
  | 'filing'
  | 'tags'
  | 'time-limit'
  | 'language'
  | 'picture'
  | 'picture-missing'
  | 'mathematics'
  | 'rich-text'
  | 'rich-part'
  | 'several-lines'
  | Measure

/** What is counted: a limit on it says over how many it begins. */
export type Measure = 'option-count' | 'option-length' | 'stem-length'

export interface Limit {
  /** `changes`: arrives, but not the same. `cannot`: the item is left out. */
  readonly verdict: 'changes' | 'cannot'
  /** What becomes of it, for a person: "Earns part of the points for part of the key". */
  readonly says: string
  /** Probes that may grade otherwise because of it. */
  readonly affects?: readonly ProbeKind[]
  /** Of a measure: the limit holds for more than this many. */
  readonly over?: number
  /** What a person can do so that the item fits. */
  readonly remedy?: RemedyId
  /** What else a person can do. */
  readonly orRemedy?: RemedyId
}

/** What a format or destination does not hold as it is. A feature that is not named is held. */
export type FormatLimits = Readonly<Partial<Record<Feature, Limit>>>

/** Bytes of the pictures at hand, by the name that items give them. */
export type Assets = ReadonlyMap<string, Uint8Array>

/**
 * The features of an item that any limit may speak of, in a fixed order; measures are told by `measure`.
 *
 * @param assets where they are given, a picture that is not among them is missing.
 */
export function featuresOf(item: Item, assets?: Assets): Feature[] {
  const found: Feature[] = [`kind-${item.kind}`]
  const add = (holds: boolean, feature: Feature): void => {
    if (holds) found.push(feature)
  }
  add(isGraded(item.kind) && !hasKey(item), 'no-key')
  add(isGraded(item.kind) && !isKeyThere(item), 'key-not-there')
  add(leavesPartOut(item), 'part-without-key')
  add(item.points !== 1 && item.kind !== 'scale' && item.kind !== 'note', 'points')
  found.push(...kindFeatures(item))
  add(!isEmptyContent(item.hint), 'hint')
  add(!isEmptyContent(item.feedback), 'feedback')
  add(item.kind === 'note' && !isEmptyContent(item.feedback), 'note-feedback')
  add(!isEmptyContent(item.passage), 'passage')
  add(item.outcome !== undefined || item.level !== undefined || item.difficulty !== undefined, 'filing')
  add(item.tags.length > 0, 'tags')
  add(item.timeLimit !== undefined, 'time-limit')
  add(item.language !== undefined, 'language')
  found.push(...textFeaturesOf(item, assets))
  found.push(...partFeaturesOf(item))
  return found
}

/** What a reader must stumble over: two options that look the same, a part with nothing on it. */
function partFeaturesOf(item: Item): Feature[] {
  const parts = partsOf(item)
  const isEmpty = parts.some((part) => isEmptyContent(part))
  if (!('options' in item)) return some(isEmpty, 'empty-part')
  const looks = item.options.map((option) => JSON.stringify(option.content))
  return [...some(isEmpty, 'empty-part'), ...some(new Set(looks).size < looks.length, 'equal-options')]
}

/** How much of a measure an item has. */
export function measure(item: Item, what: Measure): number {
  const parts = partsOf(item)
  switch (what) {
    case 'option-count':
      return parts.length
    case 'option-length':
      return Math.max(0, ...parts.map((part) => plainText(part).length))
    case 'stem-length':
      return plainText(item.stem).length
  }
}

/** Options, or what stands for them: the texts that a student picks among. */
export function partsOf(item: Item): Content[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'order':
      return item.options.map((option) => option.content)
    case 'match':
      return [...item.left, ...item.right]
    case 'grid':
      return [...item.rows, ...item.columns]
    default:
      return []
  }
}

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
function kindFeatures(item: Item): Feature[] {
  switch (item.kind) {
    case 'single':
      return [...some(hasWeights(item), 'weights'), ...optionFeatures(item)]
    case 'multiple':
      return [
        `credit-${item.credit === 'weights' ? 'each' : item.credit}`,
        ...some(item.credit === 'weights', 'weights'),
        ...optionFeatures(item),
      ]
    case 'short':
      return typedFeatures(item.key, item.rules)
    case 'cloze': {
      const typed = item.gaps.filter((gap) => !gap.choices)
      const rules = typed.length
        ? typedFeatures(
            typed.flatMap((gap) => gap.key),
            item.rules,
          )
        : []
      return [
        ...rules.filter((one) => one !== 'several-answers'),
        ...partFeatures(item.credit, item.gaps.length),
        ...some(item.wordBank !== undefined, 'word-bank'),
      ]
    }
    case 'numeric':
      return numericFeatures(item)
    case 'match': {
      const used = new Set(item.key.map(([, right]) => right))
      const arrow = [...item.left, ...item.right].some((part) => plainText(part).includes('->'))
      return [
        ...partFeatures(item.credit, item.key.length),
        ...some(item.right.length > used.size, 'spares'),
        ...some(arrow, 'arrow-key'),
      ]
    }
    case 'grid': {
      const arrow = [...item.rows, ...item.columns].some((part) => plainText(part).includes('->'))
      return [...partFeatures(item.credit, item.key.length), ...some(arrow, 'arrow-key')]
    }
    case 'order':
      return some(item.credit === 'neighbours', 'order-neighbours')
    case 'essay':
      return [
        ...some(!isEmptyContent(item.sample), 'sample'),
        ...some(!isEmptyContent(item.feedback), 'essay-feedback'),
        ...some(Boolean(item.rubric?.length), 'rubric'),
      ]
    case 'truefalse':
    case 'scale':
    case 'note':
      return []
  }
}

function some(holds: boolean, feature: Feature): Feature[] {
  return holds ? [feature] : []
}

function hasWeights(item: Extract<Item, { kind: 'single' }>): boolean {
  return Object.values(item.weights ?? {}).some((weight) => weight > 0)
}

function optionFeatures(item: Extract<Item, { kind: 'single' | 'multiple' }>): Feature[] {
  return [
    ...some(
      item.options.some((option) => !isEmptyContent(option.feedback)),
      'option-feedback',
    ),
    ...some(!item.shuffle, 'fixed-order'),
  ]
}

function partFeatures(credit: 'each' | 'all' | undefined, parts: number): Feature[] {
  return parts > 1 ? [credit === 'all' ? 'part-all' : 'part-credit'] : []
}

function typedFeatures(key: readonly string[], rules: TextRules): Feature[] {
  const more =
    rules.punctuation === 'ignore' ||
    rules.numbers === 'value' ||
    rules.listOrder === 'any' ||
    rules.pattern === 'star' ||
    (rules.misspelt ?? 0) > 0
  return [
    ...some(rules.letterCase === 'respect', 'letter-case-respected'),
    ...some(rules.accents === 'ignore', 'accents-ignored'),
    ...some(
      key.some((answer) => /\s/.test(answer.trim())),
      'blanks-folded',
    ),
    ...some(more, 'text-rules'),
    ...some(
      key.some((answer) => answer.includes('->')),
      'arrow-key',
    ),
    ...some(key.length > 1, 'several-answers'),
  ]
}

function numericFeatures(item: Extract<Item, { kind: 'numeric' }>): Feature[] {
  return [
    ...some(item.unit !== undefined, 'unit'),
    ...some(item.unit !== undefined && item.unitRule === 'required', 'unit-required'),
    ...some(item.figures !== undefined || Boolean(item.conversions?.length), 'number-form'),
    ...some(
      item.key.some((band) => 'min' in band || band.tolerance > 0),
      'number-band',
    ),
    ...some(item.key.length > 1, 'several-bands'),
    ...some(
      item.key.some((band) => (band.credit ?? 1) < 1),
      'band-credit',
    ),
  ]
}

function textFeaturesOf(item: Item, assets: Assets | undefined): Feature[] {
  const found = new Set<Feature>()
  for (const content of contentsOf(item)) {
    if (isRich(content)) found.add('rich-text')
    for (const node of inlinesOf(content)) {
      if (node.type === 'tex') found.add('mathematics')
      if (node.type !== 'picture') continue
      found.add('picture')
      if (node.asset === '' || (assets !== undefined && !assets.has(node.asset))) found.add('picture-missing')
    }
  }
  const parts = partsOf(item)
  if (parts.some(isRich)) found.add('rich-part')
  if (hasLines(item.stem) || parts.some(hasLines)) found.add('several-lines')
  return [...found]
}

/** More than one line of text; line breaks inside blocks that are no paragraphs are found in their text. */
function hasLines(content: Content): boolean {
  const [only, ...others] = content
  if (others.length) return true
  if (only?.type !== 'paragraph') return only !== undefined && plainText(content).includes('\n')
  return only.content.some((node) => node.type === 'break' || (node.type === 'text' && node.text.includes('\n')))
}

/** More than paragraphs of plain text. */
function isRich(content: Content): boolean {
  if (content.some((block) => block.type !== 'paragraph')) return true
  for (const node of inlinesOf(content))
    if (node.type === 'picture' || node.type === 'tex' || (node.type === 'text' && node.styles?.length)) return true
  return false
}

function isKeyThere(item: Item): boolean {
  if ('options' in item) {
    const ids = new Set(item.options.map(({ id }) => id))
    return item.key.every((id) => ids.has(id))
  }
  const sides = sidesOf(item)
  return !sides || sides.key.every(([a, b]) => a < sides.left && b < sides.right)
}

function leavesPartOut(item: Item): boolean {
  const sides = sidesOf(item)
  return sides !== null && sides.key.length > 0 && new Set(sides.key.map(([part]) => part)).size < sides.left
}

function sidesOf(item: Item): { left: number; right: number; key: readonly (readonly [number, number])[] } | null {
  if (item.kind === 'match') return { left: item.left.length, right: item.right.length, key: item.key }
  return item.kind === 'grid' ? { left: item.rows.length, right: item.columns.length, key: item.key } : null
}
