import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { mapInlines } from '../../../content/map.ts'
import { countGaps, paragraph, type Content, type Inline } from '../../../content/model.ts'
import { plainText } from '../../../content/plain.ts'
import { DEFAULT_TEXT_RULES, type ClozeGap, type Item, type TextRules } from '../../../item/model.ts'
import { labelsOf } from './choice.ts'
import { acceptedBy, hasBounds } from './conditions.ts'
import { itemOf, type Reading } from './item.ts'
import { identOf } from './ident.ts'
import { boxesOf, contentIn, contentOf, promptsOf, withGaps } from './material.ts'

const NOT_HELD = 'Items with several responses of this sort are not held.'

/** Several responses: partners for each part where all choose from the same, else gaps of a text. */
export function partsItem(reading: Reading): Item | string {
  const { responses, kind, common, presentation } = reading
  if (responses.some((one) => !/^response_(?:lid|str|num)$/.test(one.name))) return NOT_HELD
  if (responses.some((one) => boxesOf(one).length)) return boxesItem(reading)
  if (kind === 'cloze' || countGaps(common.stem) === responses.length) return clozeItem(reading, common.stem)
  const left = responses.map((one) => promptsOf(one).flatMap(contentOf))
  const marked = kind === undefined ? withMarkedGaps(common.stem, left) : null
  if (marked) return clozeItem(reading, marked)
  if (partsAlike(reading) && left.every((part) => part.length)) return pairsItem(reading, left)
  const stem = withGaps(presentation)
  return countGaps(stem) === responses.length ? clozeItem(reading, stem) : NOT_HELD
}

/** Text in brackets that is the name of a response, such as `[colour]`, is its gap; null where not all are named so. */
function withMarkedGaps(stem: Content, prompts: readonly Content[]): Content | null {
  const names = prompts.map((prompt) => plainText(prompt))
  const text = plainText(stem)
  const places = names.map((name) => (name ? text.indexOf(`[${name}]`) : -1))
  if (places.some((place, index) => place < 0 || (index > 0 && place <= (places[index - 1] ?? 0)))) return null
  const marks = new Set(names.map((name) => `[${name}]`))
  return mapInlines(stem, (node): Inline[] => {
    if (node.type !== 'text') return [node]
    return node.text
      .split(/(\[[^[\]]+\])/)
      .filter(Boolean)
      .map((piece) => (marks.has(piece) ? { type: 'gap' } : { ...node, text: piece }))
  })
}

/** Boxes of one ordered response, or of several, with the text round them. */
function boxesItem(reading: Reading): Item | string {
  const { responses, common, points, tests, presentation, say } = reading
  const gaps = responses.flatMap((response) => {
    const boxes = boxesOf(response).filter((one) => one.name === 'response_label').length
    const name = identOf(response)
    if (boxes < 2) return [acceptedBy(tests, name)]
    return Array.from({ length: boxes }, (_none, at) => acceptedBy(tests, name, at + 1))
  })
  const partial = gaps.flatMap((gap) => gap.partial)
  if (partial.length) say(`Answers that earn only a part of the points are left out: ${partial.join('; ')}.`)
  const stem = withGaps(presentation)
  if (countGaps(stem) !== gaps.length) return NOT_HELD
  const [only] = gaps
  const rules = only?.rules ?? DEFAULT_TEXT_RULES
  if (gaps.length === 1) return itemOf(common, { kind: 'short', stem, points, key: only?.key ?? [], rules })
  return itemOf(common, {
    kind: 'cloze',
    stem,
    points,
    gaps: gaps.map(({ key }) => ({ key })),
    rules,
    ...creditOf(reading),
  })
}

/** All parts choose from the same partners. */
export function partsAlike({ responses, kind }: Reading): boolean {
  return kind === 'match' || kind === 'grid' || haveSameLabels(responses)
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
  const own = { points, key, ...creditOf(reading) }
  return itemOf(
    common,
    kind === 'grid' || (kind === undefined && new Set(key.map(([, column]) => column)).size < key.length)
      ? { ...own, kind: 'grid', rows: left, columns: right }
      : { ...own, kind: 'match', left, right },
  )
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
    // Where every choice is right, there is nothing to choose: they are what may be typed.
    if (
      reading.kind === undefined &&
      labels.length > 0 &&
      labels.every((label) => accepted.key.includes(identOf(label)))
    )
      return { key: labels.map((label) => plainText(contentIn(label))) }
    const text = (label: ElementNode): string => plainText(contentIn(label))
    return {
      key: labels.filter((label) => accepted.key.includes(identOf(label))).map(text),
      choices: labels.map(text),
    }
  })
  const words = fields.get('wordbank')
  return itemOf(common, {
    kind: 'cloze',
    stem: stem.length ? stem : [paragraph([])],
    points,
    gaps,
    rules: rules ?? DEFAULT_TEXT_RULES,
    ...(words !== undefined && { wordBank: wordsIn(words) }),
    ...creditOf(reading),
  })
}

function wordsIn(text: string): string[] {
  try {
    const words: unknown = JSON.parse(text)
    return Array.isArray(words) ? words.map(String) : [text]
  } catch {
    return text.split(/\s*,\s*/)
  }
}
