import { RESPONSE } from '../names.ts'

/** The response variable of the n-th interaction of a cloze item. */
export function gapResponse(index: number): string {
  return `${RESPONSE}_${index + 1}`
}

export function leftId(index: number): string {
  return `L${index + 1}`
}

export function rightId(index: number): string {
  return `R${index + 1}`
}

export function choiceId(index: number): string {
  return `c${index + 1}`
}

export function stepId(value: number): string {
  return `s${value}`
}
