/** Full-width forms and other digits as ASCII, unit for unit, so that offsets stay what they were. */
export function asciiShadow(text: string): string {
  return /[\uFF01-\uFF5E\u0660-\u0669\u06F0-\u06F9]/.test(text)
    ? text.replace(/[\uFF01-\uFF5E\u0660-\u0669\u06F0-\u06F9]/g, (character) => {
        const code = character.charCodeAt(0)
        if (code >= 0xff01) return String.fromCharCode(code - 0xfee0)
        return String.fromCharCode(48 + (code & 15))
      })
    : text
}

/** `pools`: 1, X, 2, as on football pools, and in quizzes of the North. */
export type LabelScript =
  'number' | 'latin' | 'roman' | 'pools' | 'cyrillic' | 'kana' | 'circled' | 'arabic' | 'hebrew' | 'greek'

export interface Label {
  readonly script: LabelScript
  /** 0-based place in its alphabet; for a number, the number less one. */
  readonly value: number
  /** What stands round it: `)`, `()`, `.`, `:`, `-`, or a blank. */
  readonly delimiter: string
  readonly upper: boolean
  /** As written, without what stands round it. */
  readonly text: string
  readonly from: number
  readonly to: number
}

const ALPHABETS: Readonly<Record<Exclude<LabelScript, 'number' | 'roman' | 'pools'>, string>> = {
  latin: 'abcdefghijklmnopqrstuvwxyz',
  cyrillic: 'абвгдежзиклмнопрст',
  kana: 'アイウエオカキクケコ',
  circled: '①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳',
  arabic: 'أبجدهوزحطي',
  hebrew: 'אבגדהוזחטי',
  greek: 'αβγδεζηθ',
}
const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii']

interface LabelValue {
  readonly script: LabelScript
  readonly value: number
}

/** By letter or Roman numeral, in lower case. A letter that is in several alphabets belongs to the first. */
const VALUES = new Map<string, LabelValue>()
for (const [script, alphabet] of Object.entries(ALPHABETS))
  for (const [value, letter] of [...alphabet].entries())
    if (!VALUES.has(letter)) VALUES.set(letter, { script: script as LabelScript, value })
for (const [value, numeral] of ROMAN.entries())
  if (!VALUES.has(numeral)) VALUES.set(numeral, { script: 'roman', value })

/** The letter or number that a text is, in any alphabet of labels; null where it is none. */
export function labelValue(text: string): LabelValue | null {
  if (text.length > LONGEST_LABEL) return null
  const plain = asciiShadow(text).toLowerCase().replace('ا', 'أ')
  return /^\d{1,3}$/.test(plain) ? { script: 'number', value: Number(plain) - 1 } : (VALUES.get(plain) ?? null)
}

const LONGEST_LABEL = 4

/** The place of a label that counts 1, X, 2; −1 for any other. */
export function poolsValue(text: string): number {
  return ['1', 'X', '2'].indexOf(text)
}

export function romanValue(text: string): number | null {
  const value = ROMAN.indexOf(text.toLowerCase())
  return value >= 0 ? value : null
}

export interface Box {
  readonly checked: boolean
  readonly to: number
}

/** A filled square or circle is a tick only where others of its list are open. */
const BOX = /(?:\[\s?([xX✓✔✗*]?)\s?\]|\(\s?([xX✓✔*•]?)\s?\)|([☑☒✅■▣◼⬛●◉⦿])|([☐□◻⬜○◯]))\s*/y

/** An empty or ticked box before an option. */
export function boxAt(text: string, at: number): Box | null {
  BOX.lastIndex = at
  const found = BOX.exec(text)
  // "[]" and nothing behind it is what somebody typed.
  if (!found || (found[0].trimEnd() === '[]' && at + found[0].length >= text.length)) return null
  return { checked: Boolean(found[1] || found[2] || found[3]), to: at + found[0].length }
}

const BULLET = /([-*+•·◦▪▫●○◯■–—‣⁃○]|o(?=\s))\s+/y

/** A bullet before an option or a statement; its end, or −1. */
export function bulletEnd(text: string, at: number): number {
  BULLET.lastIndex = at
  const found = BULLET.exec(text)
  return found ? at + found[0].length : -1
}

export interface OptionSign {
  /** How many units in front of the option text the sign takes. */
  readonly before: number
  /** Where the option text ends and the sign starts. */
  readonly end: number
  readonly sign: string
}
