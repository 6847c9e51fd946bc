import type { GoldItem } from '../gold.ts'
import type { Hand, Placed } from './hand.ts'
import { saidKey } from './key-text.ts'
import { titled, type Notation } from './notation.ts'

/** The key on a line of its own, where nothing else shows it. @param isBehind it stands behind the stem. */
export function writeKey(hand: Hand, { item, id }: Placed, isBehind: boolean): void {
  const { notation, dice, lines } = hand
  const { key } = notation
  const said = saidKey(hand, item)
  if (!said || item.kind === 'grid' || isShownElsewhere(notation, item, said, isBehind)) return
  const indent = dice.pick([0, notation.optionIndent])
  const write = (text: string, from: number, hang: number, gap: number): void =>
    lines.wrap(text, from, hang, 'answer', 'answer', gap)
  if (notation.isWordAbove && !notation.own && (key === 'line' || item.kind === 'essay')) {
    const word = item.kind === 'essay' ? titled(dice.pick(notation.words.sample), dice) : notation.keyWord
    write(`${word}${dice.pick([':', ':', ''])}`, 0, 0, notation.inside)
    write(said, dice.pick([0, indent]), 0, dice.pick([0, 0, 0, 1]))
  } else if (item.kind === 'essay')
    write(`${titled(dice.pick(notation.words.sample), dice)}: ${said}`, 0, 0, notation.inside)
  else if (notation.own && key !== 'bare' && key !== 'brackets') write(`${notation.own.key}${said}`, indent, 2, 0)
  else if (key === 'arrow') write(`${dice.pick(['-> ', '→ ', '=> ', '= '])}${said}`, indent, 2, 0)
  else if (key === 'bare') write(said, indent, 0, dice.whole(0, 1))
  else if (key === 'brackets') write(`[${said}]`, indent, 0, 0)
  else write(`${notation.keyWord}${notation.namesItem ? ` ${id}` : ''}: ${said}`, indent, 0, notation.inside)
}

/** At an option, in a box, in the stem, in its gaps or before its number. */
function isShownElsewhere(notation: Notation, item: GoldItem, said: string, isBehind: boolean): boolean {
  const { key } = notation
  const isChoice = item.kind === 'single' || item.kind === 'multiple'
  const isMarked = isChoice && ['star', 'behind', 'bold', 'lead'].includes(key)
  const isTicked = isChoice && key === 'tick' && ['☐', '[ ]', '( )'].includes(notation.option)
  const isFilled = key === 'filled' && item.stem.includes('___') && item.kind !== 'match'
  const isJudged = key === 'judged' && item.kind === 'truefalse'
  const inStem =
    !item.options?.length &&
    (key === 'brackets' || (key === 'margin' && said.length < 20) || (key === 'arrow' && isBehind))
  const isBehindOptions = isBehind && Boolean(item.options?.length)
  return isBehindOptions || isMarked || isTicked || isFilled || isJudged || inStem
}

/** Feedback below the item, behind its word, its sign, or nothing. */
export function writeFeedback({ notation, dice, lines }: Hand, item: GoldItem): void {
  const { feedback, words, own } = notation
  if (!item.feedback || feedback === 'none') return
  const indent = dice.pick([0, notation.optionIndent])
  const write = (text: string): void => lines.wrap(text, indent, indent, 'feedback', 'feedback', 0)
  if (own && feedback !== 'bare') write(`${own.feedback}${item.feedback}`)
  else if (feedback === 'word') write(`${titled(dice.pick(words.feedback), dice)}: ${item.feedback}`)
  else if (feedback === 'sign') write(`${dice.pick(['💡 ', '> ', '» '])}${item.feedback}`)
  else if (feedback === 'brackets') write(`(${item.feedback})`)
  else if (lines.last === 'answer') write(item.feedback)
}
