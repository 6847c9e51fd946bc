import { element, textNode } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { SCORE } from '../names.ts'

/** A float as XML Schema writes it, without trailing zeros. */
export function number(amount: number): string {
  return String(Number(amount.toPrecision(15)))
}

export function value(text: string): ElementNode {
  return element('value', {}, [textNode(text)])
}

export function baseValue(baseType: string, text: string): ElementNode {
  return element('baseValue', { baseType }, [textNode(text)])
}

export function variable(identifier: string): ElementNode {
  return element('variable', { identifier }, [])
}

export function setOutcome(identifier: string, expression: ElementNode): ElementNode {
  return element('setOutcomeValue', { identifier }, [expression])
}

export function setScore(expression: ElementNode): ElementNode {
  return setOutcome(SCORE, expression)
}

export function points(amount: number): ElementNode {
  return setScore(baseValue('float', number(amount)))
}

export interface Branch {
  readonly test: ElementNode
  readonly then: ElementNode
}

/** If, else if …, else. */
export function condition(branches: readonly Branch[], otherwise: ElementNode): ElementNode {
  return element('responseCondition', {}, [
    ...branches.map(({ test, then }, index) =>
      element(index === 0 ? 'responseIf' : 'responseElseIf', {}, [test, then]),
    ),
    element('responseElse', {}, [otherwise]),
  ])
}
