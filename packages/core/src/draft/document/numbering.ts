/** How a number is printed in an automatically numbered list. */
export type NumberForm =
  | 'decimal'
  | 'decimal-zero'
  | 'lower-letter'
  | 'upper-letter'
  | 'lower-roman'
  | 'upper-roman'
  | 'lower-russian'
  | 'upper-russian'
  | 'arabic'
  | 'hebrew'
  | 'greek'
  | 'katakana'
  | 'circled'
  | 'chinese'
  | 'none'

const ALPHABETS: Partial<Record<NumberForm, string>> = {
  'lower-letter': 'abcdefghijklmnopqrstuvwxyz',
  'upper-letter': 'ABCDEFGHIJKLMNOPQRSTUVWXYZ',
  'lower-russian': 'абвгдежзиклмнопрстуфхцчшщэюя',
  'upper-russian': 'АБВГДЕЖЗИКЛМНОПРСТУФХЦЧШЩЭЮЯ',
  arabic: 'أبجدهوزحطيكلمنسعفصقرشتثخذضظغ',
  hebrew: 'אבגדהוזחטיכלמנסעפצקרשת',
  greek: 'αβγδεζηθικλμνξοπρστυφχψω',
  katakana: 'アイウエオカキクケコサシスセソタチツテト',
  circled: '①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳',
  chinese: '一二三四五六七八九十',
}
const ROMANS = [
  [1000, 'm'],
  [900, 'cm'],
  [500, 'd'],
  [400, 'cd'],
  [100, 'c'],
  [90, 'xc'],
  [50, 'l'],
  [40, 'xl'],
  [10, 'x'],
  [9, 'ix'],
  [5, 'v'],
  [4, 'iv'],
  [1, 'i'],
] as const

/** A list number as it is printed: 3 → `3`, `c`, `iii`. Letters past the end of their alphabet double, as in word processors. */
export function listLabel(number: number, form: NumberForm): string {
  if (form === 'none') return ''
  if (form === 'decimal-zero') return String(number).padStart(2, '0')
  if (number < 1 || number > 3999) return String(number)
  if (form === 'lower-roman') return roman(number)
  if (form === 'upper-roman') return roman(number).toUpperCase()
  const alphabet = [...(ALPHABETS[form] ?? '')]
  if (!alphabet.length) return String(number)
  const letter = alphabet[(number - 1) % alphabet.length] ?? ''
  return letter.repeat(Math.floor((number - 1) / alphabet.length) + 1)
}

function roman(number: number): string {
  let left = number
  let text = ''
  for (const [value, sign] of ROMANS)
    while (left >= value) {
      text += sign
      left -= value
    }
  return text
}

/** Running numbers of the levels of one list; counting on a level starts the deeper ones anew. */
export class ListCounters {
  readonly #levels: (number | undefined)[] = []

  next(level: number, start = 1): number {
    const value = (this.#levels[level] ?? start - 1) + 1
    this.#levels.length = level
    this.#levels[level] = value
    return value
  }

  /** The running number of a level, for labels such as `2.1`. */
  at(level: number, start = 1): number {
    return this.#levels[level] ?? start
  }

  set(level: number, value: number): void {
    this.#levels.length = Math.min(this.#levels.length, level + 1)
    this.#levels[level] = value
  }
}
