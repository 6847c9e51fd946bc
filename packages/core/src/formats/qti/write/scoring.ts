import { element } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { ClozeItem, Item, NumericItem, NumericKey } from '../../../item/model.ts'
import { RESPONSE, SCORE } from '../names.ts'
import { baseValue, condition, number, points, setScore, variable, type Branch } from './expressions.ts'
import { gapResponse } from './identifiers.ts'

export interface Scoring {
  /** The standard template that says the same for an item of one point; null: there is none. */
  readonly template: 'match_correct' | null
  readonly rules: readonly ElementNode[]
}

/** How an item's SCORE is set (QTI 2.1 Information Model, sections 8 and 9); null for items that no key grades. */
export function scoringOf(item: Item): Scoring | null {
  switch (item.kind) {
    case 'truefalse':
    case 'order':
      return matched(item.points)
    case 'single':
      return item.weights && Object.keys(item.weights).length ? mapped() : matched(item.points)
    case 'multiple':
      return item.credit === 'all' ? matched(item.points) : mapped()
    case 'match':
    case 'grid':
      return item.credit === 'all' ? matched(item.points) : mapped()
    case 'short':
      return mapped()
    case 'numeric':
      return { template: null, rules: [numericRule(item)] }
    case 'cloze':
      return { template: null, rules: clozeRules(item) }
    case 'scale':
    case 'essay':
    case 'note':
      return null
  }
}

function matched(amount: number): Scoring {
  const test = element('match', {}, [variable(RESPONSE), element('correct', { identifier: RESPONSE }, [])])
  return { template: 'match_correct', rules: [condition([{ test, then: points(amount) }], points(0))] }
}

/** As the standard's `map_response` template: nothing given earns nothing. */
function mapped(): Scoring {
  const empty = element('isNull', {}, [variable(RESPONSE)])
  const sum = setScore(element('mapResponse', { identifier: RESPONSE }, []))
  return { template: null, rules: [condition([{ test: empty, then: points(0) }], sum)] }
}

/** The first band that the number lies in; nothing given earns nothing. */
function numericRule(item: NumericItem): ElementNode {
  const branches = item.key.map((band): Branch => ({
    test: bandTest(band),
    then: points(item.points * (band.credit ?? 1)),
  }))
  return condition([{ test: element('isNull', {}, [variable(RESPONSE)]), then: points(0) }, ...branches], points(0))
}

function bandTest(band: NumericKey): ElementNode {
  if ('min' in band)
    return element('and', {}, [
      element('gte', {}, [variable(RESPONSE), baseValue('float', number(band.min))]),
      element('lte', {}, [variable(RESPONSE), baseValue('float', number(band.max))]),
    ])
  const exact = band.tolerance === 0
  const attributes = exact
    ? { toleranceMode: 'exact' }
    : { toleranceMode: 'absolute', tolerance: `${number(band.tolerance)} ${number(band.tolerance)}` }
  return element('equal', attributes, [variable(RESPONSE), baseValue('float', number(band.value))])
}

/** Each gap that was filled adds what it maps to; a gap left open is NULL, which would make a plain sum NULL. */
function clozeRules(item: ClozeItem): ElementNode[] {
  const mappedGap = (index: number): ElementNode => element('mapResponse', { identifier: gapResponse(index) }, [])
  if (item.credit === 'all') {
    const right = item.gaps.map((_gap, index) => element('gt', {}, [mappedGap(index), baseValue('float', '0')]))
    return [condition([{ test: element('and', {}, right), then: points(item.points) }], points(0))]
  }
  return item.gaps.map((_gap, index) =>
    element('responseCondition', {}, [
      element('responseIf', {}, [
        element('not', {}, [element('isNull', {}, [variable(gapResponse(index))])]),
        setScore(element('sum', {}, [variable(SCORE), mappedGap(index)])),
      ]),
    ]),
  )
}
