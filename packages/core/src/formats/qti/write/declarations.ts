import { element } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { comparableText } from '../../../grade/same-text.ts'
import type { ClozeGap, ClozeItem, Item, TextRules } from '../../../item/model.ts'
import { RESPONSE } from '../names.ts'
import { number, value } from './expressions.ts'
import { choiceId, gapResponse, leftId, rightId, stepId } from './identifiers.ts'

/** The response declarations of an item (QTI 2.1 Information Model, section 6): correct response and mapping. */
export function declarationsOf(item: Item): ElementNode[] {
  switch (item.kind) {
    case 'single':
      return [declare(RESPONSE, 'single', 'identifier', item.key, singleMapping(item))]
    case 'multiple':
      return [declare(RESPONSE, 'multiple', 'identifier', item.key, multipleMapping(item))]
    case 'truefalse':
      return [declare(RESPONSE, 'single', 'identifier', item.key.map(String))]
    case 'short':
      return [
        declare(RESPONSE, 'single', 'string', item.key.slice(0, 1), textMapping(item.key, item.rules, item.points)),
      ]
    case 'numeric': {
      const [first] = item.key
      const correct = first === undefined ? [] : [number('min' in first ? (first.min + first.max) / 2 : first.value)]
      return [declare(RESPONSE, 'single', 'float', correct)]
    }
    case 'cloze':
      return item.gaps.map((gap, index) => declareGap(item, gap, index))
    case 'match':
    case 'grid': {
      const pairs = item.key.map(([left, right]) => `${leftId(left)} ${rightId(right)}`)
      return [declare(RESPONSE, 'multiple', 'directedPair', pairs, pairMapping(item, pairs))]
    }
    case 'order':
      return [declare(RESPONSE, 'ordered', 'identifier', item.key)]
    case 'scale':
      return [declare(RESPONSE, 'single', 'identifier', [])]
    case 'essay':
      return [declare(RESPONSE, 'single', 'string', [])]
    case 'note':
      return []
  }
}

function declare(
  identifier: string,
  cardinality: string,
  baseType: string,
  correct: readonly string[],
  mapping: ElementNode | null = null,
): ElementNode {
  return element('responseDeclaration', { identifier, cardinality, baseType }, [
    ...(correct.length ? [element('correctResponse', {}, correct.map(value))] : []),
    ...(mapping ? [mapping] : []),
  ])
}

function mapping(
  entries: readonly (readonly [string, number])[],
  bounds: Readonly<Record<string, string>> = {},
): ElementNode {
  return element(
    'mapping',
    { ...bounds, defaultValue: '0' },
    entries.map(([mapKey, share]) => element('mapEntry', { mapKey, mappedValue: number(share) }, [])),
  )
}

function singleMapping(item: Extract<Item, { kind: 'single' }>): ElementNode | null {
  if (!item.weights || !Object.keys(item.weights).length) return null
  const shares = item.options.map(
    ({ id }) => [id, item.points * (item.key.includes(id) ? 1 : (item.weights?.[id] ?? 0))] as const,
  )
  return mapping(shares.filter(([, share]) => share !== 0))
}

/** Section 6.6: what each option adds, held between nothing and all the points. */
function multipleMapping(item: Extract<Item, { kind: 'multiple' }>): ElementNode | null {
  if (item.credit === 'all') return null
  const share = item.points / item.key.length
  const entries = item.options.map(
    ({ id }) =>
      [
        id,
        item.credit === 'weights' ? item.points * (item.weights?.[id] ?? 0) : item.key.includes(id) ? share : -share,
      ] as const,
  )
  return mapping(entries, { lowerBound: '0', upperBound: number(item.points) })
}

function textMapping(key: readonly string[], rules: TextRules, share: number): ElementNode {
  const seen = new Set<string>()
  const different = key.filter((accepted) => {
    const same = comparableText(accepted, { letterCase: rules.letterCase, accents: 'respect' })
    return seen.has(same) ? false : Boolean(seen.add(same))
  })
  const caseSensitive = String(rules.letterCase === 'respect')
  const entries = different.map((accepted) =>
    element(
      'mapEntry',
      { mapKey: accepted.replace(/\s+/g, ' ').trim(), mappedValue: number(share), caseSensitive },
      [],
    ),
  )
  return element('mapping', { defaultValue: '0' }, entries)
}

function declareGap(item: ClozeItem, gap: ClozeGap, index: number): ElementNode {
  // Where all gaps must be right, each maps to 1 and the sum is compared; else each to its share of the points.
  const share = item.credit === 'all' ? 1 : item.points / item.gaps.length
  const name = gapResponse(index)
  if (!gap.choices)
    return declare(name, 'single', 'string', gap.key.slice(0, 1), textMapping(gap.key, item.rules, share))
  const keyed = gap.choices.flatMap((choice, at) => (gap.key.includes(choice) ? [choiceId(at)] : []))
  return declare(name, 'single', 'identifier', keyed.slice(0, 1), mapping(keyed.map((id) => [id, share] as const)))
}

function pairMapping(item: Extract<Item, { kind: 'match' | 'grid' }>, pairs: readonly string[]): ElementNode | null {
  if (item.credit === 'all') return null
  return mapping(pairs.map((pair) => [pair, item.points / pairs.length] as const))
}

/** @internal the identifiers of a scale's steps, in order. */
export function scaleSteps(low: number, high: number): string[] {
  return Array.from({ length: high - low + 1 }, (_none, at) => stepId(low + at))
}
