import type { GoldItem } from '../gold.ts'
import type { Hand } from './hand.ts'
import { typedKey } from './key-text.ts'
import { titled } from './notation.ts'

/** A stem as it is written, and whether its key stands behind it. */
export interface StemText {
  readonly text: string
  readonly isKeyBehind: boolean
}

export function stemText(hand: Hand, item: GoldItem, shown: boolean): StemText {
  const { notation, dice } = hand
  const gap = dice.pick(['______', '____________', '..........', '________'])
  const isFilled = notation.key === 'filled' && shown && item.kind !== 'match'
  const text = asked(hand, item, (isFilled ? filled(hand, item) : opening(hand, item)).replaceAll('___', gap))
  if (!shown) return { text, isKeyBehind: false }
  const key = typedKey(hand, item)
  const isAlone = Boolean(key) && !item.options?.length
  if (isAlone && notation.key === 'brackets') {
    const room = !text.includes(gap) && dice.does(0.15) ? `${dice.pick([' ', '  ', '     '])}${gap}` : ''
    return { text: `${text}${room} ${dice.pick(['(x)', '(x)', '[x]']).replace('x', key)}`, isKeyBehind: false }
  }
  if (isAlone && notation.key === 'margin' && key.length < 20)
    return {
      text: `${text}${' '.repeat(/[?]$/.test(text) && dice.does(0.4) ? 1 : dice.whole(3, 12))}${dice.does(0.15) ? key.toUpperCase() : key}`,
      isKeyBehind: false,
    }
  const isKeyBehind = isAlone && notation.key === 'arrow' && dice.does(0.5)
  return { text: isKeyBehind ? `${text}${notation.own?.between ?? ' -> '}${key}` : text, isKeyBehind }
}

/** "The sun is a {star}.": gaps that hold their keys. */
function filled({ dice }: Hand, item: GoldItem): string {
  const around = dice.pick(['{x}', '{x}', '[x]', '__x__'])
  const keys = item.kind === 'cloze' ? (item.key as readonly (readonly string[])[]).map(([first]) => first) : item.key
  let at = 0
  return item.stem.replace(/___/g, () => {
    const key = keys[at++]
    return typeof key === 'string' && key ? around.replace('x', key) : '___'
  })
}

/** The stem, now and then only its first words: people leave a title or half a sentence for the options to go on. */
function opening({ dice }: Hand, item: GoldItem): string {
  const isCut = (item.options?.length ?? 0) > 1 && item.kind !== 'order' && dice.does(0.07)
  return isCut
    ? item.stem
        .split(/\s+/)
        .slice(0, dice.whole(1, 5))
        .join(' ')
        .replace(/[.?!:,]+$/, '')
    : item.stem
}

/** A statement, now and then with both judgements beside it. */
function asked({ notation: { words }, dice }: Hand, item: GoldItem, text: string): string {
  if (item.kind !== 'truefalse' || !dice.does(0.4)) return text
  const [truth, falsehood] = [titled(words.truth[0] ?? 'true', dice), words.falsehood[0] ?? 'false']
  return dice.does(0.6)
    ? `${truth} ${words.or[0] ?? 'or'} ${falsehood}: ${text}`
    : `${text}   ${truth.charAt(0).toUpperCase()} / ${falsehood.charAt(0).toUpperCase()}`
}

/** " (2 p)": what the item is worth, behind its stem. */
export function points({ notation: { points: form, words, number }, dice }: Hand): string {
  if (number === 'word line') return ''
  if (form === 'brackets') return ` (${dice.whole(1, 4)} ${words.points[0] ?? 'p'})`
  if (form === 'square') return `  [${dice.whole(1, 4)}]`
  return form === 'stroke' ? `   /${dice.whole(1, 4)}` : ''
}
