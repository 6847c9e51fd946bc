import {
  hasKey,
  isGraded,
  type ChoiceItem,
  type ClozeItem,
  type Item,
  type NumericItem,
  type NumericKey,
  type OrderItem,
  type TextRules,
} from '../item/model.ts'
import { shareEarned } from './grade.ts'
import { comparableText, isSameText } from './same-text.ts'
import type { Response } from './response.ts'

/** Why a probe is tried. */
export type ProbeKind =
  | 'key'
  | 'accepted'
  | 'letter-case'
  | 'accents'
  | 'blanks'
  | 'wrong-option'
  | 'key-part'
  | 'key-plus'
  | 'misspelt'
  | 'band-edge'
  | 'outside'
  | 'wrong-gap'
  | 'wrong-pair'
  | 'wrong-order'
  | 'empty'

/** A response that shows whether a key grades as it should. */
export interface Probe {
  readonly kind: ProbeKind
  readonly response: Response
  /** Share of the points that it must earn, in `[0, 1]`. */
  readonly share: number
}

/**
 * The responses that prove an item's key: the key itself and everything that counts as the same, each wrong option,
 * one part missing or wrong, one option too many, another spelling, numbers at the ends of a band and beyond, and
 * nothing at all. In a fixed order, without duplicates; empty for an item without a key, or that no key grades.
 * Options: O(n) probes for n options.
 */
export function probesOf(item: Item): Probe[] {
  if (!isGraded(item.kind) || !hasKey(item)) return []
  const responses = candidates(item)
  const seen = new Set<string>()
  return responses
    .filter(([, response]) => {
      const id = JSON.stringify(response)
      return seen.has(id) ? false : Boolean(seen.add(id))
    })
    .map(([kind, response]) => ({ kind, response, share: shareEarned(item, response) }))
}

type Candidate = readonly [ProbeKind, Response]

function candidates(item: Item): Candidate[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return choiceCandidates(item)
    case 'truefalse':
      return [
        ['key', { kind: 'truth', value: item.key[0] ?? true }],
        ['wrong-option', { kind: 'truth', value: !item.key[0] }],
        ['empty', { kind: 'truth', value: null }],
      ]
    case 'short':
      return [
        ...textVariants(item.key, item.rules).map(([kind, text]): Candidate => [kind, { kind: 'text', text }]),
        ['empty', { kind: 'text', text: '' }],
      ]
    case 'numeric':
      return numericCandidates(item)
    case 'cloze':
      return clozeCandidates(item)
    case 'match':
      return pairCandidates(item.key, item.right.length)
    case 'grid':
      return pairCandidates(item.key, item.columns.length)
    case 'order':
      return orderCandidates(item)
    case 'scale':
    case 'essay':
    case 'note':
      return []
  }
}

function choiceCandidates(item: ChoiceItem): Candidate[] {
  const ids = item.options.map((option) => option.id)
  const wrong = ids.filter((id) => !item.key.includes(id))
  const choose = (kind: ProbeKind, chosen: readonly string[]): Candidate => [
    kind,
    { kind: 'choice', chosen: ids.filter((id) => chosen.includes(id)) },
  ]
  const found: Candidate[] = [choose('key', item.key), ...wrong.map((id) => choose('wrong-option', [id]))]
  if (item.kind === 'multiple') {
    if (item.key.length > 1)
      found.push(
        ...item.key.map((id) =>
          choose(
            'key-part',
            item.key.filter((other) => other !== id),
          ),
        ),
      )
    found.push(...wrong.map((id) => choose('key-plus', [...item.key, id])))
    if (wrong.length > 1) found.push(choose('key-plus', ids))
  }
  return [...found, choose('empty', [])]
}

/** The first accepted text, the others, and the first as it may be typed otherwise. */
function textVariants(key: readonly string[], rules: TextRules): (readonly [ProbeKind, string])[] {
  const [first = '', ...others] = key
  const found: (readonly [ProbeKind, string])[] = [['key', first], ...others.map((text) => ['accepted', text] as const)]
  const swapped = swapCase(first)
  if (swapped !== first) found.push(['letter-case', swapped])
  const bare = comparableText(first, { letterCase: 'respect', accents: 'ignore' })
  if (bare !== comparableText(first, { letterCase: 'respect', accents: 'respect' })) found.push(['accents', bare])
  found.push(['blanks', `  ${first.replaceAll(' ', '  ')} `])
  const misspelt = misspell(key, rules)
  return misspelt === null ? found : [...found, ['misspelt', misspelt]]
}

function swapCase(text: string): string {
  return text === text.toUpperCase() ? text.toLowerCase() : text.toUpperCase()
}

/** The first accepted text with letters more, that no rule takes as the same. */
function misspell(key: readonly string[], rules: TextRules): string | null {
  const first = (key[0] ?? '').trim()
  const wrong = [`${first}${first.slice(-1)}`, `${first}x`, `x${first}`, `xx${first}xx`]
  return wrong.find((text) => !key.some((accepted) => isSameText(text, accepted, rules))) ?? null
}

/** The middle of each band, its ends, and a number beyond each end that lies in no band. */
function numericCandidates(item: NumericItem): Candidate[] {
  const type = (kind: ProbeKind, value: number): Candidate => [kind, { kind: 'text', text: written(item, value) }]
  const found: Candidate[] = []
  item.key.forEach((band, index) => {
    const [low, high] = endsOf(band)
    const middle = 'min' in band ? round((low + high) / 2) : band.value
    found.push(type(index === 0 ? 'key' : 'accepted', middle))
    if (high > low) found.push(type('band-edge', low), type('band-edge', high))
    const beyond = Math.max(high - low, Math.abs(middle) * 0.1, 1)
    found.push(type('outside', round(low - beyond)), type('outside', round(high + beyond)))
  })
  // A number beyond one band may lie in another, which says nothing about the first.
  const apart = found.filter(([kind, response]) => kind !== 'outside' || shareEarned(item, response) === 0)
  return [...apart, ['empty', { kind: 'text', text: '' }]]
}

/** A number as it has to be typed for this item: with the figures and the unit that it asks for. */
function written(item: NumericItem, value: number): string {
  const digits = item.figures === undefined ? String(value) : toFigures(value, item.figures)
  return item.unitRule === 'required' && item.unit !== undefined ? `${digits} ${item.unit}` : digits
}

function toFigures(value: number, figures: number): string {
  const text = value.toPrecision(figures)
  return text
}

function endsOf(band: NumericKey): readonly [number, number] {
  return 'min' in band ? [band.min, band.max] : [round(band.value - band.tolerance), round(band.value + band.tolerance)]
}

function round(value: number): number {
  return Number(value.toPrecision(12))
}

/** The key; per gap what else is accepted, and a wrong text in that gap alone; another letter case in the first. */
function clozeCandidates(item: ClozeItem): Candidate[] {
  const key = item.gaps.map((gap) => gap.key[0] ?? '')
  const fill = (kind: ProbeKind, at: number, text: string): Candidate => [
    kind,
    { kind: 'gaps', texts: key.map((own, index) => (index === at ? text : own)) },
  ]
  const found: Candidate[] = [['key', { kind: 'gaps', texts: key }]]
  item.gaps.forEach((gap, at) => {
    for (const text of gap.key.slice(1)) found.push(fill('accepted', at, text))
    const wrong = gap.choices?.find((choice) => !gap.key.some((own) => isSameText(choice, own, item.rules)))
    const text = gap.choices ? (wrong ?? null) : misspell(gap.key, item.rules)
    if (text !== null) found.push(fill('wrong-gap', at, text))
    if (!gap.choices && swapCase(key[at] ?? '') !== key[at])
      found.push(fill('letter-case', at, swapCase(key[at] ?? '')))
  })
  return [...found, ['empty', { kind: 'gaps', texts: key.map(() => '') }]]
}

/** The key; per part another partner, and that part left open. */
function pairCandidates(key: readonly (readonly [number, number])[], count: number): Candidate[] {
  const found: Candidate[] = [['key', { kind: 'pairs', pairs: key }]]
  key.forEach(([part, partner], at) => {
    if (count < 2) return
    const other = (partner + 1) % count
    found.push([
      'wrong-pair',
      { kind: 'pairs', pairs: key.map((pair, index) => (index === at ? [part, other] : pair)) },
    ])
  })
  if (key.length > 1) found.push(['key-part', { kind: 'pairs', pairs: key.slice(1) }])
  return [...found, ['empty', { kind: 'pairs', pairs: [] }]]
}

/** The key, backwards, and with each pair of neighbours swapped. */
function orderCandidates(item: OrderItem): Candidate[] {
  const { key } = item
  const found: Candidate[] = [
    ['key', { kind: 'order', ids: key }],
    ['wrong-order', { kind: 'order', ids: [...key].reverse() }],
  ]
  for (let at = 0; at + 1 < key.length; at++) {
    const ids = [...key]
    ;[ids[at], ids[at + 1]] = [ids[at + 1] ?? '', ids[at] ?? '']
    found.push(['wrong-order', { kind: 'order', ids }])
  }
  return [...found, ['empty', { kind: 'order', ids: [] }]]
}
