import { plainText } from '../../content/plain.ts'
import type { Option } from '../../item/model.ts'

/** Two options that say true and false are a statement to judge. */
export function isTruth(options: readonly Option[]): boolean {
  const texts = options.map((option) => plainText(option.content).toLowerCase())
  return texts.length === 2 && texts.includes('true') && texts.includes('false')
}

export function truthIn(options: readonly Option[], id: string): boolean {
  return plainText(options.find((option) => option.id === id)?.content).toLowerCase() === 'true'
}
