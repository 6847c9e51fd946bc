import { readNumber } from '../../grade/number-value.ts'
import type { Response } from '../../grade/response.ts'
import type { Item } from '../../item/model.ts'
import { RESPONSE } from './names.ts'
import { choiceId, gapResponse, leftId, rightId, stepId } from './write/identifiers.ts'

/** Values of response variables, by the names that our files declare; a variable without values is NULL. */
export type ResponseVariables = Readonly<Record<string, readonly string[]>>

/** A response to an item that was written by us, as the variables that a delivery engine sets (QTI 2.1, section 5). */
export function variablesOf(item: Item, response: Response): ResponseVariables {
  switch (response.kind) {
    case 'choice':
      return { [RESPONSE]: response.chosen }
    case 'order':
      return { [RESPONSE]: response.ids }
    case 'truth':
      return { [RESPONSE]: response.value === null ? [] : [String(response.value)] }
    case 'step':
      return { [RESPONSE]: response.value === null ? [] : [stepId(response.value)] }
    case 'text':
      return { [RESPONSE]: item.kind === 'numeric' ? numberIn(response.text) : typed(response.text) }
    case 'gaps':
      return Object.fromEntries(response.texts.map((text, at) => [gapResponse(at), gapValue(item, at, text)]))
    case 'pairs':
      return { [RESPONSE]: response.pairs.map(([left, right]) => `${leftId(left)} ${rightId(right)}`) }
  }
}

/** What a person gave to an item that was written by us. */
export function responseOf(item: Item, variables: ResponseVariables): Response {
  const values = variables[RESPONSE] ?? []
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return { kind: 'choice', chosen: values }
    case 'truefalse':
      return { kind: 'truth', value: values[0] === undefined ? null : values[0] === 'true' }
    case 'order':
      return { kind: 'order', ids: values }
    case 'match':
      return pairsIn(values, item.left.length, item.right.length)
    case 'grid':
      return pairsIn(values, item.rows.length, item.columns.length)
    case 'cloze':
      return { kind: 'gaps', texts: item.gaps.map((_gap, at) => gapText(item, at, variables[gapResponse(at)] ?? [])) }
    case 'scale': {
      const steps = Array.from({ length: item.high - item.low + 1 }, (_none, at) => item.low + at)
      return { kind: 'step', value: steps.find((step) => stepId(step) === values[0]) ?? null }
    }
    case 'short':
    case 'numeric':
    case 'essay':
    case 'note':
      return { kind: 'text', text: values[0] ?? '' }
  }
}

function typed(text: string): string[] {
  return text.trim() ? [text.trim()] : []
}

/** A variable of numbers takes a number alone; anything else leaves it NULL. */
function numberIn(text: string): string[] {
  const number = readNumber(text)
  return number?.unit === '' ? [String(number.value)] : []
}

function gapValue(item: Item, at: number, text: string): string[] {
  const choices = item.kind === 'cloze' ? item.gaps[at]?.choices : undefined
  if (!choices) return typed(text)
  const chosen = choices.findIndex((choice) => choice.trim() === text.trim())
  return chosen < 0 ? [] : [choiceId(chosen)]
}

function gapText(item: Item, at: number, [value = '']: readonly string[]): string {
  const choices = item.kind === 'cloze' ? item.gaps[at]?.choices : undefined
  return choices ? (choices.find((_choice, index) => choiceId(index) === value) ?? '') : value
}

function pairsIn(values: readonly string[], lefts: number, rights: number): Response {
  const places = (count: number, idOf: (index: number) => string): ReadonlyMap<string, number> =>
    new Map(Array.from({ length: count }, (_none, index) => [idOf(index), index]))
  const [left, right] = [places(lefts, leftId), places(rights, rightId)]
  return {
    kind: 'pairs',
    pairs: values.flatMap((value): (readonly [number, number])[] => {
      const [a = '', b = ''] = value.split(' ')
      const [from, to] = [left.get(a), right.get(b)]
      return from === undefined || to === undefined ? [] : [[from, to]]
    }),
  }
}
