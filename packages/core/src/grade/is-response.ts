import type { Response } from './response.ts'

/** Letters of a typed answer; an essay has room. */
const MOST_LETTERS = 20_000
const MOST_PARTS = 500
const MOST_ID = 100

/** Whether something that came from outside is a response, and no larger than a person makes one. */
export function isResponse(value: unknown): value is Response {
  if (typeof value !== 'object' || value === null) return false
  const given = value as Readonly<Record<string, unknown>>
  const [name, ...more] = Object.keys(given).filter((key) => key !== 'kind')
  if (more.length) return false
  switch (given['kind']) {
    case 'choice':
      return name === 'chosen' && isListOf(given['chosen'], isId)
    case 'truth':
      return name === 'value' && (given['value'] === null || typeof given['value'] === 'boolean')
    case 'text':
      return name === 'text' && isText(given['text'])
    case 'gaps':
      return name === 'texts' && isListOf(given['texts'], isText)
    case 'pairs':
      return name === 'pairs' && isListOf(given['pairs'], isPair)
    case 'order':
      return name === 'ids' && isListOf(given['ids'], isId)
    case 'step':
      return name === 'value' && (given['value'] === null || Number.isSafeInteger(given['value']))
    default:
      return false
  }
}

function isListOf(value: unknown, is: (one: unknown) => boolean): boolean {
  return Array.isArray(value) && value.length <= MOST_PARTS && value.every(is)
}

function isId(value: unknown): boolean {
  return typeof value === 'string' && value.length <= MOST_ID
}

function isText(value: unknown): boolean {
  return typeof value === 'string' && value.length <= MOST_LETTERS
}

function isPair(value: unknown): boolean {
  return (
    Array.isArray(value) && value.length === 2 && value.every((one) => Number.isSafeInteger(one) && Number(one) >= 0)
  )
}
