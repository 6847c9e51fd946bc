import { textOf, type ElementNode } from '../../../content/elements.ts'
import { countGaps, paragraph, type Content } from '../../../content/model.ts'
import { plainText } from '../../../content/plain.ts'
import { DEFAULT_TEXT_RULES, type ClozeGap, type Item, type TextRules } from '../../../item/model.ts'
import { children } from '../../xml/xml.ts'
import { labelsOf } from './choice.ts'
import { acceptedBy, hasBounds } from './conditions.ts'
import { identOf, type Reading } from './item.ts'
import { contentIn, contentOf, withGaps } from './material.ts'

const NOT_HELD = 'Items with several responses of this sort are not held.'

/** Several responses: partners for each part where all choose from the same, else gaps of a text. */
export function partsItem(reading: Reading): Item | string {
  const { responses, kind, common, presentation } = reading
  if (responses.some((one) => !/^response_(?:lid|str|num)$/.test(one.name))) return NOT_HELD
  if (kind === 'cloze' || countGaps(common.stem) === responses.length) return clozeItem(reading, common.stem)
  const left = responses.map((one) => children(one, 'material').flatMap(contentOf))
  const isAlike = kind === 'match' || kind === 'grid' || haveSameLabels(responses)
  if (isAlike && left.every((part) => part.length)) return pairsItem(reading, left)
  const stem = withGaps(presentation)
  return countGaps(stem) === responses.length ? clozeItem(reading, stem) : NOT_HELD
}

function haveSameLabels(responses: readonly ElementNode[]): boolean {
  const texts = (one: ElementNode): string => labelsOf(one).map(textOf).join('\n')
  const first = responses[0] && texts(responses[0])
  return responses.every((one) => one.name === 'response_lid' && texts(one) === first)
}

function pairsItem(reading: Reading, left: readonly Content[]): Item | string {
  const { responses, kind, common, points, tests } = reading
  const right = labelsOf(responses[0] ?? reading.node).map(contentIn)
  if (right.length < 2) return NOT_HELD
  const key = responses.flatMap((response, index) => {
    const [text] = acceptedBy(tests, identOf(response)).key
    const partner = labelsOf(response).findIndex((label) => identOf(label) === text)
    return partner < 0 ? [] : [[index, partner] as const]
  })
  const parts = { ...common, points, key, ...creditOf(reading) }
  return kind === 'grid'
    ? { ...parts, kind: 'grid', rows: left, columns: right }
    : { ...parts, kind: 'match', left, right }
}

/** All or nothing where it is said, or where one condition asks for all parts. */
function creditOf({ fields, conditions, responses, most }: Reading): { readonly credit?: 'all' } {
  const said = fields.get('credit')
  if (said !== undefined) return said === 'all' ? { credit: 'all' } : {}
  const whole = conditions.some(
    ({ change, tests }) => change?.amount === most && tests.length >= 1 && askedBy(tests).size === responses.length,
  )
  return whole && responses.length > 1 ? { credit: 'all' } : {}
}

function askedBy(tests: readonly ElementNode[]): Set<string> {
  const found = new Set<string>()
  const visit = (test: ElementNode): void => {
    const name = test.attributes['respident']
    if (name !== undefined) found.add(name)
    for (const inner of test.children) if (inner.type === 'element') visit(inner)
  }
  tests.forEach(visit)
  return found
}

function clozeItem(reading: Reading, stem: Content): Item {
  const { responses, common, points, tests, fields, say } = reading
  let rules: TextRules | null = null
  const gaps = responses.map((response): ClozeGap => {
    const name = identOf(response)
    const accepted = acceptedBy(tests, name)
    if (response.name !== 'response_lid') {
      if (hasBounds(tests, name)) say('A gap that takes a range of numbers was read without the range.')
      const isNumber = response.name === 'response_num'
      rules ??= isNumber ? { ...accepted.rules, numbers: 'value' } : accepted.rules
      return { key: accepted.key }
    }
    const labels = labelsOf(response)
    const text = (label: ElementNode): string => plainText(contentIn(label))
    return {
      key: labels.filter((label) => accepted.key.includes(identOf(label))).map(text),
      choices: labels.map(text),
    }
  })
  const words = fields.get('wordbank')
  return {
    ...common,
    kind: 'cloze',
    stem: stem.length ? stem : [paragraph([])],
    points,
    gaps,
    rules: rules ?? DEFAULT_TEXT_RULES,
    ...(words !== undefined && { wordBank: wordsIn(words) }),
    ...creditOf(reading),
  }
}

function wordsIn(text: string): string[] {
  try {
    const words: unknown = JSON.parse(text)
    return Array.isArray(words) ? words.map(String) : [text]
  } catch {
    return text.split(/\s*,\s*/)
  }
}
