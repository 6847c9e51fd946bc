import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'

/** What was given to each response, by its ident: labels in order, or one text. */
export type Given = ReadonlyMap<string, readonly string[]>

/**
 * Runs the response processing of an item (ASI Information Model 1.2, section 3.5.2): the conditions in order, each
 * that holds changes the variables, and one that does not say `continue` ends the processing.
 *
 * @returns SCORE, held between the bounds that `decvar` declares.
 * @throws RangeError naming a test that is not known.
 */
export function processItem(item: ElementNode, given: Given): number {
  return scorerOf(item)(given)
}

/** The response processing of an item, to be run for several responses: see `processItem`. */
export function scorerOf(item: ElementNode): (given: Given) => number {
  const processing = child(item, 'resprocessing')
  const declared = scoreOf(processing)
  const name = declared?.attributes['varname'] ?? 'SCORE'
  const least = Number(declared?.attributes['minvalue'] ?? -Infinity)
  const most = Number(declared?.attributes['maxvalue'] ?? Infinity)
  const start = Number(declared?.attributes['defaultval'] ?? 0) || 0
  const steps = (processing ? children(processing, 'respcondition') : []).map((condition) => ({
    test: child(condition, 'conditionvar'),
    sets: children(condition, 'setvar').filter((one) => (one.attributes['varname'] ?? 'SCORE') === name),
    goesOn: condition.attributes['continue'] === 'Yes',
  }))
  return (given) => {
    let score = start
    let matched = false
    for (const { test, sets, goesOn } of steps) {
      if (!test || !elementsOf(test).every((one) => holds(one, given, matched))) continue
      for (const set of sets) score = changed(score, set, most)
      matched ||= sets.length > 0
      if (!goesOn) break
    }
    return Math.min(most, Math.max(least, Math.round(score * 1e9) / 1e9))
  }
}

/** The `decvar` of SCORE, else the first. */
function scoreOf(processing: ElementNode | undefined): ElementNode | undefined {
  const outcomes = processing && child(processing, 'outcomes')
  return outcomes && (children(outcomes, 'decvar').find(isScore) ?? child(outcomes, 'decvar'))
}

/**
 * Most that the item can earn: the upper bound of SCORE, else the most that its conditions set or add up to. Of the
 * choices of one response only the best is added, where no more than one can be chosen.
 */
export function mostOf(item: ElementNode): number {
  const processing = child(item, 'resprocessing')
  const most = Number(scoreOf(processing)?.attributes['maxvalue'])
  if (most > 0) return most
  const reached = processing ? reachable(item, processing) : 0
  return reached > 0 ? reached : 1
}

function reachable(item: ElementNode, processing: ElementNode): number {
  const single = new Set(
    descendants(item, 'response_lid')
      .filter((one) => (one.attributes['rcardinality'] ?? 'Single') === 'Single')
      .map((one) => one.attributes['ident'] ?? ''),
  )
  let set = 0
  let added = 0
  const best = new Map<string, number>()
  for (const condition of children(processing, 'respcondition')) {
    const change = child(condition, 'setvar')
    const amount = change ? amountOf(change, Infinity) : 0
    if (!(amount > 0) || change?.attributes['action'] === 'Subtract') continue
    const name = descendants(condition, 'varequal')[0]?.attributes['respident'] ?? ''
    if (change?.attributes['action'] !== 'Add') set = Math.max(set, amount)
    else if (single.has(name)) best.set(name, Math.max(best.get(name) ?? 0, amount))
    else added += amount
  }
  return Math.max(set, added + [...best.values()].reduce((sum, one) => sum + one, 0))
}

function isScore(decvar: ElementNode): boolean {
  return (decvar.attributes['varname'] ?? 'SCORE').toUpperCase() === 'SCORE'
}

/**
 * What a `setvar` says: a number, or, as course sites write it (common practice), the bound of its variable,
 * `SCORE.max`.
 */
export function amountOf(set: ElementNode, most: number): number {
  const text = textOf(set).trim()
  return /^\w+\.max$/i.test(text) && Number.isFinite(most) ? most : Number(text)
}

function changed(score: number, set: ElementNode, most: number): number {
  const amount = amountOf(set, most)
  switch (set.attributes['action'] ?? 'Set') {
    case 'Add':
      return score + amount
    case 'Subtract':
      return score - amount
    case 'Multiply':
      return score * amount
    case 'Divide':
      return amount === 0 ? score : score / amount
    default:
      return amount
  }
}

function holds(test: ElementNode, given: Given, matched: boolean): boolean {
  const inner = (): boolean[] => elementsOf(test).map((one) => holds(one, given, matched))
  switch (test.name) {
    case 'and':
      return inner().every(Boolean)
    case 'or':
      return inner().some(Boolean)
    case 'not':
      return !inner().every(Boolean)
    case 'other':
      return !matched
    case 'unanswered':
      return !answersOf(test, given).length
    default:
      return compares(test, given)
  }
}

function answersOf(test: ElementNode, given: Given): readonly string[] {
  return (given.get(test.attributes['respident'] ?? '') ?? []).filter((one) => one !== '')
}

function compares(test: ElementNode, given: Given): boolean {
  const all = answersOf(test, given)
  const index = test.attributes['index']
  const answers = index === undefined ? all : all.slice(Number(index) - 1, Number(index))
  const value = textOf(test).trim()
  const number = Number(value)
  switch (test.name) {
    case 'varequal': {
      const fold = (text: string): string => (test.attributes['case'] === 'Yes' ? text : text.toLowerCase())
      return answers.some((one) => fold(one) === fold(value) || (value !== '' && isSameNumber(one, number)))
    }
    case 'varsubstring':
      return answers.some((one) => one.includes(value))
    case 'varlt':
      return answers.some((one) => Number(one) < number)
    case 'varlte':
      return answers.some((one) => Number(one) <= number + slack(number))
    case 'vargt':
      return answers.some((one) => Number(one) > number)
    case 'vargte':
      return answers.some((one) => Number(one) >= number - slack(number))
    case 'varsubset':
      return value.split(',').every((one) => answers.includes(one.trim()))
    default:
      throw new RangeError(`The test ${test.name} is not known.`)
  }
}

/** "4.0" is 4 where a number is compared. */
function isSameNumber(text: string, value: number): boolean {
  return /^-?[\d.]+(?:e[+-]?\d+)?$/i.test(text.trim()) && Number(text) === value
}

function slack(value: number): number {
  return Math.abs(value) * 1e-12
}
