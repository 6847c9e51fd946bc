import { plainText } from '../../content/plain.ts'
import { truthOf } from '../../draft/truth-words.ts'
import type { Option } from '../../item/model.ts'

/** Two options that say true and false, in any language that drafts are read in, are a statement to judge. */
export function isTruth(options: readonly Option[]): boolean {
  const [first = null, second = null] = options.map(judgement)
  return options.length === 2 && first !== null && second !== null && first !== second
}

export function truthIn(options: readonly Option[], id: string): boolean {
  return options.some((option) => option.id === id && judgement(option) === true)
}

/** A word alone; a letter may stand for anything. */
function judgement(option: Option): boolean | null {
  const text = plainText(option.content).trim()
  return text.length > 1 ? truthOf(text) : null
}
