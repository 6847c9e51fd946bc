import type { GoldItem } from '../gold.ts'
import { isKeyed, type Hand } from './hand.ts'
import { optionLabel } from './labels.ts'
import { INLINE, titled } from './notation.ts'

/** Options in a row, in two columns, or a line each. */
export function writeOptions(hand: Hand, options: readonly string[], item: GoldItem, shown: boolean): void {
  const { place, optionIndent, inside } = hand.notation
  const isShort = options.every((text) => text.length < 26)
  if (place === 'row' && isShort && options.length < 6) {
    const row = optionRow(hand, options, item, shown, ' '.repeat(hand.dice.whole(3, 6)))
    hand.lines.put(' '.repeat(optionIndent) + row, 'option', inside)
  } else if (place === 'field' && isShort && options.length < 6 && item.kind !== 'order') {
    const word = titled(hand.dice.pick(hand.notation.words.columns.options ?? ['options']), hand.dice)
    const between = hand.dice.pick([' / ', ' / ', ' | ', '; ', ', '])
    const all = options.map((text, at) => signed(hand, text, isKeyed(item, at), shown)).join(between)
    hand.lines.put(`${' '.repeat(optionIndent)}${word}: ${hand.dice.does(0.2) ? `[${all}]` : all}`, 'option', inside)
  } else if (place === 'columns' && isShort && options.length % 2 === 0) inColumns(hand, options, item, shown)
  else
    options.forEach((text, at) => {
      const label = labelOf(hand, at, isKeyed(item, at), shown)
      hand.lines.wrap(
        `${label}${signed(hand, text, isKeyed(item, at), shown)}`,
        optionIndent,
        optionIndent + label.length,
        'option',
        'wrapped',
        at === 0 ? inside : 0,
      )
    })
}

export function optionRow(
  hand: Hand,
  options: readonly string[],
  item: GoldItem,
  shown: boolean,
  between: string,
): string {
  return options.map((text, at) => option(hand, text, at, isKeyed(item, at), shown)).join(between)
}

/** "Which metal floats? iron, cork*, lead", "… iron / cork / lead (cork)": options that only signs part, behind their question. */
export function behindStem(
  hand: Hand,
  stem: string,
  options: readonly string[],
  item: GoldItem,
  shown: boolean,
): { readonly text: string; readonly isSaid: boolean } {
  const { dice, notation } = hand
  const between = dice.pick([' / ', ' / ', '/', ', ', ', ', '   ', '      '])
  const all = options.map((text, at) => signed(hand, text, isKeyed(item, at), shown)).join(between)
  const isMarked = notation.key === 'behind' || notation.key === 'bold'
  const isListed =
    notation.key === 'list' || notation.key === 'lists' || notation.key === 'line' || notation.key === 'none'
  const key = (item.key as readonly number[]).map((at) => options[at] ?? '').join(', ')
  const said = dice.pick([` (${key})`, ` -> ${key}`, ` [${key}]`, ` = ${key}`])
  const lead = /[?:]$/.test(stem) ? ' ' : between.startsWith('  ') ? between : dice.pick([': ', ' - ', ' ('])
  const text = `${stem}${between.startsWith('  ') ? between : lead}${all}${lead === ' (' ? ')' : ''}`
  const isSaid = shown && !isMarked && !isListed && key !== ''
  return { text: isSaid ? `${text}${said}` : text, isSaid }
}

function inColumns(hand: Hand, options: readonly string[], item: GoldItem, shown: boolean): void {
  const { optionIndent, inside } = hand.notation
  const half = options.length / 2
  for (let at = 0; at < half; at++) {
    const left = option(hand, options[at] ?? '', at, isKeyed(item, at), shown)
    const right = option(hand, options[at + half] ?? '', at + half, isKeyed(item, at + half), shown)
    hand.lines.put(`${' '.repeat(optionIndent)}${left.padEnd(34)}${right}`, 'option', at === 0 ? inside : 0)
  }
}

function option(hand: Hand, text: string, at: number, isKey: boolean, shown: boolean): string {
  return `${labelOf(hand, at, isKey, shown)}${signed(hand, text, isKey, shown)}`
}

function signed({ notation: { key }, dice }: Hand, text: string, isKey: boolean, shown: boolean): string {
  if (!shown || !isKey) return text
  if (key === 'behind') return `${text} ${dice.pick(['*', '✓', '<<', '(x)', '✔', '!!'])}`
  return key === 'bold' ? `**${text}**` : text
}

function labelOf({ notation: { own, option: form, key } }: Hand, at: number, isKey: boolean, shown: boolean): string {
  // Alternatives behind a sign that nobody else uses.
  const isOwn = own !== null && (form === '-' || form === '•') && key !== 'tick'
  const label = isOwn ? own.option : optionLabel(form, at).label
  if (!shown || !isKey) return label
  if (key === 'star') return `*${label}`
  return key === 'tick' ? label.replace('☐', '☒').replace('[ ]', '[x]').replace('( )', '(x)') : label
}

/** "O true   O false", "a) true   b) false": both judgements to choose from, in a row or on a line each. */
export function writeJudgements({ notation: { words, option: form, optionIndent }, dice, lines }: Hand): void {
  const isLettered = !INLINE.includes(form) && dice.does(0.6)
  const box = ['☐', '[ ]', '( )', 'O'].includes(form) ? form : dice.pick(['☐', '[ ]', 'O'])
  const both = [words.truth[0] ?? 'true', words.falsehood[0] ?? 'false'].map(
    (word, at) => `${isLettered ? optionLabel(form, at).label : `${box} `}${word}`,
  )
  const indent = ' '.repeat(dice.pick([3, optionIndent]))
  if (dice.does(0.3)) for (const one of both) lines.put(indent + one, 'option')
  else lines.put(indent + both.join(' '.repeat(dice.whole(3, 6))), 'option')
}
