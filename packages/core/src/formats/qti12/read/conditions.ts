import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { DEFAULT_TEXT_RULES, type NumericKey, type TextRules } from '../../../item/model.ts'
import { child, children, elementsOf } from '../../xml/xml.ts'
import { amountOf, mostOf } from '../process.ts'

/** One `respcondition` (ASI Information Model 1.2, section 3.5.2), taken apart. */
export interface Condition {
  /** What has to hold, all of it. */
  readonly tests: readonly ElementNode[]
  /** What it does to the score; null: nothing. */
  readonly change: { readonly action: string; readonly amount: number } | null
  /** Idents of the feedback that it shows. */
  readonly shows: readonly string[]
}

export function conditionsOf(item: ElementNode): Condition[] {
  const processing = child(item, 'resprocessing')
  if (!processing) return []
  const most = mostOf(item)
  return children(processing, 'respcondition').map((node): Condition => {
    const set = child(node, 'setvar')
    const tests = child(node, 'conditionvar')
    return {
      tests: tests ? elementsOf(tests) : [],
      change: set ? { action: set.attributes['action'] ?? 'Set', amount: amountOf(set, most) } : null,
      shows: children(node, 'displayfeedback').flatMap((one) => one.attributes['linkrefid'] ?? []),
    }
  })
}

/** Whether a condition earns anything. */
export function earns({ change }: Condition): boolean {
  return change !== null && change.action !== 'Subtract' && change.amount > 0
}

/** The one test of a condition that has no other, where it compares a response with a value; else null. */
export function onlyEqual({ tests }: Condition, response: string): string | null {
  const [only, ...others] = tests
  if (others.length || only?.name !== 'varequal' || only.attributes['respident'] !== response) return null
  return textOf(only).trim()
}

/** Tests that must hold for a condition to hold, not those that must not. */
export function positiveTests(tests: readonly ElementNode[]): ElementNode[] {
  const found: ElementNode[] = []
  const visit = (test: ElementNode, ruled: boolean): void => {
    if (test.name === 'and' || test.name === 'or' || test.name === 'not')
      for (const inner of elementsOf(test)) visit(inner, ruled !== (test.name === 'not'))
    else if (!ruled) found.push(test)
  }
  for (const test of tests) visit(test, false)
  return found
}

/** Tests of the conditions that earn something, by the response that they look at. */
export type KeyTests = ReadonlyMap<string, readonly { readonly test: ElementNode; readonly amount: number }[]>

export function keyTestsOf(conditions: readonly Condition[]): KeyTests {
  const found = new Map<string, { test: ElementNode; amount: number }[]>()
  for (const condition of conditions) {
    if (!earns(condition)) continue
    for (const test of positiveTests(condition.tests)) {
      const name = test.attributes['respident'] ?? ''
      const entry = { test, amount: condition.change?.amount ?? 0 }
      const known = found.get(name)
      if (known) known.push(entry)
      else found.set(name, [entry])
    }
  }
  return found
}

export interface Accepted {
  readonly key: string[]
  readonly rules: TextRules
  /** Answers that earn less than the best. */
  readonly partial: string[]
}

/**
 * The texts that earn the most, and how they are compared; a part of a text (`varsubstring`) is a key with stars.
 *
 * @param index the place in an ordered response that is asked about, from 1.
 */
export function acceptedBy(tests: KeyTests, response: string, index?: number): Accepted {
  const best: string[] = []
  const lesser: string[] = []
  let most = 0
  let sensitive = true
  let inPart = false
  for (const { test, amount } of tests.get(response) ?? []) {
    const isPart = test.name === 'varsubstring'
    if (!isPart && test.name !== 'varequal') continue
    if (index !== undefined && Number(test.attributes['index']) !== index) continue
    inPart ||= isPart
    sensitive &&= test.attributes['case'] === 'Yes'
    if (amount > most) {
      lesser.push(...best.splice(0))
      most = amount
    }
    const said = textOf(test).trim()
    const list = amount < most ? lesser : best
    list.push(isPart ? `*${said}*` : said)
  }
  const key = [...new Set(best)]
  return {
    key,
    partial: lesser.length ? [...new Set(lesser)].filter((one) => !key.includes(one)) : lesser,
    rules: {
      ...DEFAULT_TEXT_RULES,
      letterCase: sensitive && best.length ? 'respect' : 'ignore',
      ...(inPart && { pattern: 'star' as const }),
    },
  }
}

const BOUNDS = ['vargte', 'vargt', 'varlte', 'varlt']

/** Whether a response is compared with bounds, as only numbers are. */
export function hasBounds(tests: KeyTests, response: string): boolean {
  return (tests.get(response) ?? []).some(({ test }) => BOUNDS.includes(test.name))
}

/** The numbers that a condition takes for a response; a bound that itself does not count is `open`. */
export function bandOf(
  condition: Condition,
  response: string,
): { readonly band: NumericKey; readonly open: boolean } | null {
  const tests = positiveTests(condition.tests).filter((test) => test.attributes['respident'] === response)
  const value = (...names: string[]): number => {
    const own = tests.find((test) => names.includes(test.name))
    return own ? Number(textOf(own).trim()) : NaN
  }
  const [min, max, exact] = [value('vargte', 'vargt'), value('varlte', 'varlt'), value('varequal')]
  const open = tests.some((test) => test.name === 'vargt' || test.name === 'varlt')
  if (!Number.isNaN(min) && !Number.isNaN(max)) {
    const [below, above] = [exact - min, max - exact].map((distance) => Number(distance.toPrecision(12)))
    return { band: below === above && below !== undefined ? { value: exact, tolerance: below } : { min, max }, open }
  }
  return Number.isNaN(exact) ? null : { band: { value: exact, tolerance: 0 }, open: false }
}
