import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Item, NumericKey } from '../../../item/model.ts'
import { rubricLine } from '../../package/rubric.ts'
import { children, descendants } from '../../xml/xml.ts'
import { acceptedBy, bandOf, earns, hasBounds } from './conditions.ts'
import { itemOf, type Reading } from './item.ts'
import { identOf } from './ident.ts'
import { contentIn, goesOnBehind, withGaps } from './material.ts'

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
  // A box stands behind the question; what fills a line goes on with it.
  const isBox = fib?.attributes['prompt'] === 'Box' && profile !== ''
  return isEssay && kind !== 'short' ? essayItem(reading) : shortItem(reading, name, isBox)
}

function shortItem({ common, points, tests, presentation, kind, say }: Reading, name: string, isBox: boolean): Item {
  const { key, rules, partial } = acceptedBy(tests, name)
  if (partial.length) say(`Answers that earn only a part of the points are left out: ${partial.join('; ')}.`)
  const stem = !isBox && goesOnBehind(presentation, kind === undefined) ? withGaps(presentation) : common.stem
  return itemOf(common, { kind: 'short', stem, points, key, rules })
}

/** What the scorer is told is a rubric where a line has points, and else what could have been written. */
function essayItem({ node, common, points, feedback, kind }: Reading): Item {
  const told = children(node, 'itemrubric').filter((one) => !/^candidate$/i.test(one.attributes['view'] ?? ''))
  const lines = told.flatMap((one) => descendants(one, 'mattext')).map((line) => rubricLine(textOf(line)))
  const isRubric = lines.some((line) => line.points > 0)
  const written = feedback.sample ?? (isRubric || kind !== undefined ? [] : told.flatMap(contentIn))
  if (!written.length && common.feedback && kind === undefined) {
    const { feedback: sample, ...rest } = common
    return itemOf(rest, { kind: 'essay', points, sample, ...(isRubric && { rubric: lines }) })
  }
  return itemOf(common, {
    kind: 'essay',
    points,
    ...(written.length > 0 && { sample: written }),
    ...(lines.length > 0 && (isRubric || kind !== undefined || feedback.sample !== null) && { rubric: lines }),
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
