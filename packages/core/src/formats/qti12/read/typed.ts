import { textOf, type ElementNode } from '../../../content/elements.ts'
import type { Item, NumericKey } from '../../../item/model.ts'
import { rubricLine } from '../../package/rubric.ts'
import { children, descendants } from '../../xml/xml.ts'
import { acceptedBy, bandOf, earns, hasBounds } from './conditions.ts'
import { identOf, itemOf, type Reading } from './item.ts'
import { goesOnBehind, withGaps } from './material.ts'

/** One `response_str` or `response_num`: a short answer, a number, or an essay. */
export function typedItem(reading: Reading, response: ElementNode): Item {
  const { kind, tests, fields } = reading
  const name = identOf(response)
  const fib = descendants(response, 'render_fib')[0]
  const isNumber =
    response.name === 'response_num' ||
    hasBounds(tests, name) ||
    (kind === undefined && /^(?:integer|decimal|scientific)$/i.test(fib?.attributes['fibtype'] ?? ''))
  if (isNumber && kind !== 'short') return numericItem(reading, name)
  const profile = fields.get('cc_profile') ?? ''
  const isEssay = kind === 'essay' || profile.startsWith('cc.essay') || !tests.get(name)?.length
  return isEssay && kind !== 'short' ? essayItem(reading) : shortItem(reading, name)
}

function shortItem({ common, points, tests, presentation, say }: Reading, name: string): Item {
  const { key, rules, partial } = acceptedBy(tests, name)
  if (partial.length) say(`Answers that earn only a part of the points are left out: ${partial.join('; ')}.`)
  const stem = goesOnBehind(presentation) ? withGaps(presentation) : common.stem
  return itemOf(common, { kind: 'short', stem, points, key, rules })
}

function essayItem({ node, common, points, feedback }: Reading): Item {
  const rubric = children(node, 'itemrubric')
    .filter((one) => !/^candidate$/i.test(one.attributes['view'] ?? ''))
    .flatMap((one) => descendants(one, 'mattext'))
  return itemOf(common, {
    kind: 'essay',
    points,
    ...(feedback.sample && { sample: feedback.sample }),
    ...(rubric.length > 0 && { rubric: rubric.map((line) => rubricLine(textOf(line))) }),
  })
}

function numericItem({ common, points, most, conditions, fields, say }: Reading, name: string): Item {
  const key = conditions.filter(earns).flatMap((condition): NumericKey[] => {
    const found = bandOf(condition, name)
    if (!found) return []
    if (found.open) say('A bound that itself does not count was read as one that does.')
    const credit = Number(((condition.change?.amount ?? 0) / most).toFixed(6))
    return [credit < 1 ? { ...found.band, credit } : found.band]
  })
  const unit = fields.get('unit')
  return itemOf(common, { kind: 'numeric', points, key, ...(unit !== undefined && { unit }) })
}
