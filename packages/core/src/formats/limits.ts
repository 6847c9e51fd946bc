import type { ProbeKind } from '../grade/probes.ts'
import { isEmptyContent, inlinesOf, type Content } from '../content/model.ts'
import { hasKey, type KeptItem } from '../item/model.ts'

/** Something about an item that a format or destination may hold or not. */
export type Feature =
  | 'no-key'
  | 'points'
  | 'credit-all'
  | 'letter-case-respected'
  | 'accents-ignored'
  | 'blanks-folded'
  | 'hint'
  | 'feedback'
  | 'option-feedback'
  | 'passage'
  | 'fixed-order'
  | 'filing'
  | 'time-limit'
  | 'language'
  | 'picture'
  | 'arrow-key'

export interface Limit {
  /** `changes`: arrives, but not the same. `cannot`: the item is left out. */
  readonly verdict: 'changes' | 'cannot'
  /** What becomes of it, for a person: "Earns part of the points for part of the key". */
  readonly says: string
  /** Probes that may grade otherwise because of it. */
  readonly affects?: readonly ProbeKind[]
}

/** What a format or destination does not hold as it is. A feature that is not named is held. */
export type FormatLimits = Readonly<Partial<Record<Feature, Limit>>>

/** The features of an item that any limit may speak of, in a fixed order. */
export function featuresOf(item: KeptItem): Feature[] {
  const found: Feature[] = []
  if (!hasKey(item)) found.push('no-key')
  if (item.points !== 1) found.push('points')
  if (item.kind === 'multiple' && item.credit === 'all') found.push('credit-all')
  if (item.kind === 'short') found.push(...textFeatures(item.key, item.rules))
  if (!isEmptyContent(item.hint)) found.push('hint')
  if (!isEmptyContent(item.feedback)) found.push('feedback')
  if (isChoice(item) && item.options.some((option) => !isEmptyContent(option.feedback))) found.push('option-feedback')
  if (isChoice(item) && !item.shuffle) found.push('fixed-order')
  if (!isEmptyContent(item.passage)) found.push('passage')
  if (item.outcome !== undefined || item.level !== undefined || item.difficulty !== undefined) found.push('filing')
  if (item.timeLimit !== undefined) found.push('time-limit')
  if (item.language !== undefined) found.push('language')
  if (textsOf(item).some(hasPicture)) found.push('picture')
  return found
}

function textFeatures(
  key: readonly string[],
  rules: { readonly letterCase: string; readonly accents: string },
): Feature[] {
  const found: Feature[] = []
  if (rules.letterCase === 'respect') found.push('letter-case-respected')
  if (rules.accents === 'ignore') found.push('accents-ignored')
  if (key.some((answer) => /\s/.test(answer.trim()))) found.push('blanks-folded')
  if (key.some((answer) => answer.includes('->'))) found.push('arrow-key')
  return found
}

function isChoice(item: KeptItem): item is Extract<KeptItem, { kind: 'single' | 'multiple' }> {
  return item.kind === 'single' || item.kind === 'multiple'
}

function textsOf(item: KeptItem): Content[] {
  const own = [item.stem, item.feedback ?? [], item.hint ?? [], item.passage ?? []]
  return isChoice(item) ? [...own, ...item.options.flatMap((option) => [option.content, option.feedback ?? []])] : own
}

function hasPicture(content: Content): boolean {
  for (const node of inlinesOf(content)) if (node.type === 'picture') return true
  return false
}
