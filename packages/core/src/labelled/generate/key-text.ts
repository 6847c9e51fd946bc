import type { GoldItem } from '../gold.ts'
import type { Hand } from './hand.ts'
import { optionLabel } from './labels.ts'
import { INLINE, titled } from './notation.ts'

/** The key in letters, words or figures, as a list or a line says it; empty where there is none. */
export function saidKey(hand: Hand, item: GoldItem): string {
  if (item.kind === 'single' || item.kind === 'multiple' || item.kind === 'order') {
    const { notation, dice } = hand
    const isPlain = INLINE.includes(notation.option)
    const indexes = item.key as readonly number[]
    const [first] = indexes
    if (isPlain || dice.does(0.12)) return indexes.map((at) => item.options?.[at] ?? '').join(', ')
    return notation.saysText && indexes.length === 1 && first !== undefined
      ? `${optionLabel(notation.option, first).label}${item.options?.[first] ?? ''}`
      : keyIds(hand, item)
  }
  return typedKey(hand, item)
}

/** "B", "A + C": the labels of the key's options. */
export function keyIds({ notation, dice }: Hand, item: GoldItem): string {
  return (item.key as readonly number[])
    .map((at) => optionLabel(notation.option, at).id)
    .join(dice.pick([', ', ' + ', ' and ', '']))
}

/** The key of an item without options; empty for one with options. */
export function typedKey(hand: Hand, item: GoldItem): string {
  const { dice } = hand
  switch (item.kind) {
    case 'truefalse':
      return judgement(hand, item)
    case 'short':
      return item.key.map(String).join(' / ')
    case 'numeric': {
      const [first] = item.key as readonly Record<string, number>[]
      return first ? String(first['value'] ?? `${first['min']}–${first['max']}`) : ''
    }
    case 'cloze':
      return (item.key as readonly (readonly string[])[])
        .map((gap) => gap[0] ?? '')
        .join(dice.pick(['; ', ', ', ' / ']))
    case 'match':
      return (item.key as readonly [number, number][])
        .map(([l, r]) => `${l + 1}-${String.fromCharCode(97 + r)}`)
        .join(', ')
    case 'essay':
      return item.sample ?? ''
    default:
      return ''
  }
}

function judgement({ notation: { words }, dice }: Hand, item: GoldItem): string {
  const word = item.key[0] === true ? words.truth[0] : item.key[0] === false ? words.falsehood[0] : ''
  if (!word) return ''
  return dice.does(0.6) ? titled(word, dice).replace(/\*/g, '') : word.charAt(0).toUpperCase()
}
