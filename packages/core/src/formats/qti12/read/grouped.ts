import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Item } from '../../../item/model.ts'
import { labelsOf } from './choice.ts'
import { earns, positiveTests } from './conditions.ts'
import { itemOf, type Reading } from './item.ts'
import { identOf } from './ident.ts'
import { contentIn } from './material.ts'

/**
 * One `response_grp`: labels that are dragged onto others. A label with a `match_group` is dragged, the others take it
 * (ASI XML Binding 1.2, response_label; from memory).
 */
export function groupedItem(reading: Reading, response: ElementNode): Item | string {
  const { common, points, conditions } = reading
  const labels = labelsOf(response)
  const left = labels.filter((label) => label.attributes['match_group'] !== undefined)
  const right = labels.filter((label) => label.attributes['match_group'] === undefined)
  const name = identOf(response)
  const pairs = conditions
    .filter(earns)
    .flatMap((condition) => positiveTests(condition.tests))
    .filter((test) => test.attributes['respident'] === name)
    .map((test) =>
      textOf(test)
        .split(',')
        .map((ident) => ident.trim()),
    )
  const placeIn = (list: readonly ElementNode[], idents: readonly string[]): number =>
    list.findIndex((label) => idents.includes(identOf(label)))
  const key = pairs
    .map((idents) => [placeIn(left, idents), placeIn(right, idents)] as const)
    .filter(([from, to]) => from >= 0 && to >= 0)
    .sort(([a], [b]) => a - b)
  if (left.length < 2 || right.length < 2 || key.length !== pairs.length)
    return 'A group of labels without two lists to match is not held.'
  if (new Set(key.map(([from]) => from)).size < key.length) return 'Something on the left has two right partners.'
  const whole = conditions.filter(earns).length === 1 && key.length > 1
  return itemOf(common, {
    kind: 'match',
    points,
    left: left.map(contentIn),
    right: right.map(contentIn),
    key,
    ...(whole && { credit: 'all' as const }),
  })
}
