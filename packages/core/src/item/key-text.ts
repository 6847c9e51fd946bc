import { plainText } from '../content/plain.ts'
import type { Item, NumericKey } from './model.ts'

/** The letter under which an option stands, from 0: a, b, … z; after that its number. */
export function placeLetter(index: number): string {
  return index < 26 ? String.fromCharCode(97 + index) : String(index + 1)
}

/**
 * The key in a few words, for a list of keys: options by their letters as they stand, with their text; empty for items
 * that no key grades, and where there is no key.
 *
 * @param rightOrder of a matching item: the order in which its right sides are shown, by their places; absent: as kept.
 */
export function keyText(item: Item, rightOrder?: readonly number[]): string {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return item.options
        .flatMap((option, index) =>
          item.key.includes(option.id) ? [`${placeLetter(index)} ${plainText(option.content)}`] : [],
        )
        .join(', ')
    case 'truefalse':
      return item.key[0] === undefined ? '' : item.key[0] ? 'true' : 'false'
    case 'short':
      return item.key.join(' / ')
    case 'numeric':
      return `${item.key.map(bandText).join(' / ')}${item.unit === undefined ? '' : ` ${item.unit}`}`
    case 'cloze':
      return item.gaps.map((gap) => gap.key.join(' / ')).join(' · ')
    case 'order':
      return item.key.map((id) => placeLetter(item.options.findIndex((option) => option.id === id))).join(', ')
    case 'match':
      return item.key
        .map(([left, right]) => `${left + 1} ${placeLetter(rightOrder ? rightOrder.indexOf(right) : right)}`)
        .join(', ')
    case 'grid':
      return item.key.map(([row, column]) => `${row + 1} ${plainText(item.columns[column])}`).join(', ')
    case 'scale':
    case 'essay':
    case 'note':
      return ''
  }
}

function bandText(band: NumericKey): string {
  const share = band.credit === undefined || band.credit === 1 ? '' : ` (${Math.round(band.credit * 100)} %)`
  if ('min' in band) return `${band.min} to ${band.max}${share}`
  return `${band.value}${band.tolerance > 0 ? ` ± ${band.tolerance}` : ''}${share}`
}
