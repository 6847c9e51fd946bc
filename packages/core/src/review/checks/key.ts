import { plainText } from '../../content/plain.ts'
import { readNumber } from '../../grade/number-value.ts'
import { hasKey, isGraded, type ChoiceItem, type Item } from '../../item/model.ts'
import { letter } from '../letter.ts'

export function noKey(item: Item): string | null {
  if (!isGraded(item.kind) || hasKey(item)) return null
  return item.kind === 'cloze' ? 'A gap has no key.' : 'There is no key, so nothing would be graded.'
}

export function noPoints(item: Item): string | null {
  if (!isGraded(item.kind) || item.points > 0) return null
  return 'It has a key but is worth 0 points.'
}

/** Two options that read the same, or are the same number; a pair without a keyed one is bad all the same. */
export function sameOptions(item: ChoiceItem): string | null {
  const seen = new Map<string, number>()
  for (const [index, option] of item.options.entries()) {
    const value = valueOf(plainText(option.content))
    const first = seen.get(value)
    if (value !== '' && first !== undefined) {
      const keyed = [first, index].some((at) => item.key.includes(item.options[at]?.id ?? ''))
      const what = `Options ${letter(first)} and ${letter(index)} mean the same`
      return keyed ? `${what}, and one of them is the key.` : `${what}.`
    }
    seen.set(value, index)
  }
  return null
}

// Letter case is kept: "mV" and "MV" are different answers.
function valueOf(text: string): string {
  const number = readNumber(text)
  if (number) return `${number.value} ${number.unit}`
  return text
    .normalize('NFC')
    .replace(/[\s.;]+$/u, '')
    .replace(/\s+/g, ' ')
    .trim()
}
