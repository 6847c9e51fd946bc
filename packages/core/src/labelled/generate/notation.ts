import { LANGUAGES } from '../../draft/languages/index.ts'
import type { LanguageWords } from '../../draft/languages/language.ts'
import type { Dice } from './dice.ts'
import { ownSigns, type OwnSigns } from './own-signs.ts'

/** How one writer lays out items. Everything that may differ from writer to writer is a field. */
export interface Notation {
  readonly words: LanguageWords
  readonly number: NumberStyle
  readonly option: OptionStyle
  /** Options a line each, in a row below the stem, in the stem's line, in two columns, behind a word for them all, or bare behind the stem. */
  readonly place: 'lines' | 'row' | 'stem' | 'columns' | 'field' | 'behind'
  readonly key: KeyStyle
  readonly keyWord: string
  /** The word stands above the key, on a line of its own. */
  readonly isWordAbove: boolean
  /** The word for the key names its item: "Answer 3: b". */
  readonly namesItem: boolean
  /** A key is said with the text of its option: "B) the front". */
  readonly saysText: boolean
  readonly list: ListStyle
  readonly feedback: 'word' | 'sign' | 'brackets' | 'bare' | 'none'
  readonly points: 'brackets' | 'square' | 'stroke' | 'none'
  readonly width: number
  readonly stemIndent: number
  readonly optionIndent: number
  /** Empty lines between items, and between a stem and its options. */
  readonly between: number
  readonly inside: number
  readonly quoted: boolean
  readonly sections: boolean
  readonly facts: boolean
  readonly records: boolean
  readonly capitals: boolean
  /** Typed into a chat, where others interrupt. */
  readonly chat: boolean
  /** Items are parts (a), (b) of numbered questions. */
  readonly parts: boolean
  /** Lines that stand above each item in the same words: names of slides and cards. */
  readonly furniture: boolean
  /** Every so many lines a page ends, wherever that is; 0: there are no pages. */
  readonly page: number
  /** Leaves out a key here and there. */
  readonly isLax: boolean
  /** Signs of the writer's own in the place of usual ones. */
  readonly own: OwnSigns | null
}

export type NumberStyle =
  | 'x.'
  | 'x)'
  | '(x)'
  | 'x'
  | 'x.-'
  | '[x]'
  | 'word'
  | 'word letter'
  | 'word line'
  | 'q'
  | 'bullet'
  | 'roman'
  | 'deep'
  | 'Ax'
  | 'letter'
  | 'none'
export type OptionStyle =
  | 'x)'
  | 'X.'
  | 'X)'
  | '(x)'
  | '(X)'
  | '(i)'
  | 'x'
  | 'x/'
  | 'X'
  | '-x-'
  | '-'
  | '•'
  | '☐'
  | '[ ]'
  | '( )'
  | 'O'
  | '1)'
  | '①'
  | 'plain'
export type KeyStyle =
  | 'line'
  | 'arrow'
  | 'bare'
  | 'brackets'
  | 'star'
  | 'tick'
  | 'behind'
  | 'bold'
  | 'lead'
  | 'judged'
  | 'filled'
  | 'margin'
  | 'list'
  | 'lists'
  | 'none'
export type ListStyle = 'lines' | 'row' | 'pairs' | 'ranges' | 'rows' | 'across' | 'sections'

/** Notations that are never fitted on: what is read of them says how the reader takes what it has not met. */
export const KEPT_OUT: {
  readonly number: readonly NumberStyle[]
  readonly option: readonly OptionStyle[]
  readonly list: readonly ListStyle[]
  readonly key: readonly KeyStyle[]
} = {
  number: ['x.-', '[x]'],
  option: ['-x-', '①', 'x/'],
  list: ['ranges', 'across'],
  key: ['lead'],
}

const NUMBERS: readonly NumberStyle[] = [
  'x.',
  'x.',
  'x.',
  'x)',
  'x)',
  '(x)',
  'x',
  'x.-',
  '[x]',
  'word',
  'word letter',
  'word line',
  'q',
  'bullet',
  'roman',
  'deep',
  'Ax',
  'letter',
  'none',
  'none',
]
const OPTIONS: readonly OptionStyle[] = [
  'x)',
  'x)',
  'X.',
  'X.',
  'X)',
  '(x)',
  '(X)',
  '(i)',
  'x',
  'x/',
  'X',
  '-x-',
  '-',
  '•',
  '☐',
  '[ ]',
  '( )',
  'O',
  '1)',
  '①',
  'plain',
]
const KEYS: readonly KeyStyle[] = [
  'line',
  'line',
  'line',
  'arrow',
  'bare',
  'brackets',
  'star',
  'tick',
  'behind',
  'bold',
  'lead',
  'judged',
  'judged',
  'filled',
  'margin',
  'margin',
  'list',
  'list',
  'list',
  'list',
  'lists',
  'none',
]
const LISTS: readonly ListStyle[] = ['lines', 'lines', 'row', 'row', 'pairs', 'ranges', 'rows', 'across', 'sections']

/** Options without a letter or number, and those that are boxes. */
export const INLINE: readonly OptionStyle[] = ['-', '•', '☐', '[ ]', '( )', 'O', 'plain']
const BOXES: readonly OptionStyle[] = ['☐', '[ ]', '( )', 'O']

function among<Value>(dice: Dice, all: readonly Value[], out: readonly Value[], keptOut: boolean): Value {
  const fit = all.filter((one) => !out.includes(one))
  return keptOut && dice.does(0.7) ? dice.pick(out) : dice.pick(fit)
}

/** Where options without a letter stand: boxes may stand in a row, others behind a word or behind the stem. */
function inlinePlace(dice: Dice, option: OptionStyle): Notation['place'] {
  return BOXES.includes(option)
    ? dice.pick(['lines', 'lines', 'row'] as const)
    : dice.pick(['lines', 'lines', 'lines', 'lines', 'lines', 'field', 'behind'] as const)
}

/** A writer's notation by chance; `keptOut` takes its marked habits from those that nothing is fitted on. */
export function anyNotation(dice: Dice, keptOut: boolean): Notation {
  const words = dice.does(0.5) ? (LANGUAGES[0] as LanguageWords) : dice.pick(LANGUAGES)
  const place = dice.pick(['lines', 'lines', 'lines', 'lines', 'row', 'stem', 'columns'] as const)
  const option = among(dice, OPTIONS, KEPT_OUT.option, keptOut)
  const number = among(dice, NUMBERS, KEPT_OUT.number, keptOut)
  const isInline = INLINE.includes(option)
  return {
    words,
    number,
    option,
    place: isInline ? inlinePlace(dice, option) : place,
    key: among(dice, KEYS, KEPT_OUT.key, keptOut),
    keyWord: titled(dice.pick(words.answer), dice),
    isWordAbove: dice.does(0.2),
    namesItem: dice.does(0.08),
    saysText: dice.does(0.2),
    list: among(dice, LISTS, KEPT_OUT.list, keptOut),
    feedback: dice.pick(['word', 'word', 'sign', 'brackets', 'bare', 'none', 'none', 'none'] as const),
    points: dice.pick(['none', 'none', 'none', 'brackets', 'square', 'stroke'] as const),
    width: dice.pick([0, 0, 60, 68, 76]),
    stemIndent: dice.pick([0, 0, 0, 3, 4]),
    optionIndent: dice.pick([0, 0, 2, 3, 4, 6, 8]),
    between: number === 'none' && isInline ? dice.pick([1, 1, 2]) : dice.pick([0, 1, 1, 1, 2]),
    inside: dice.pick([0, 0, 0, 0, 1]),
    quoted: dice.does(0.06),
    sections: dice.does(0.42),
    facts: dice.does(0.12),
    records: dice.does(0.05),
    capitals: dice.does(0.2),
    chat: dice.does(0.05),
    parts: dice.does(0.09),
    furniture: dice.does(0.05),
    page: dice.does(0.05) ? dice.whole(9, 30) : 0,
    isLax: dice.does(0.2),
    own: dice.does(0.3) ? ownSigns(dice) : null,
  }
}

/** A word as writers set it: with a capital, in capitals, in bold. */
export function titled(word: string, dice: Dice): string {
  const capital = word.charAt(0).toUpperCase() + word.slice(1)
  const shown = dice.does(0.12) ? word.toUpperCase() : dice.does(0.1) ? word : capital
  return dice.does(0.15) ? `**${shown}**` : shown
}
