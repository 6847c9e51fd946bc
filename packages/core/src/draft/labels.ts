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

export type LabelScript = 'number' | 'latin' | 'roman' | 'cyrillic' | 'kana' | 'circled' | 'arabic' | 'hebrew' | 'greek'

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

const ALPHABETS: Readonly<Record<Exclude<LabelScript, 'number' | 'roman'>, string>> = {
  latin: 'abcdefghijklmnopqrstuvwxyz',
  cyrillic: 'абвгдежзиклмнопрст',
  kana: 'アイウエオカキクケコ',
  circled: '①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳',
  arabic: 'أبجدهوزحطي',
  hebrew: 'אבגדהוזחטי',
  greek: 'αβγδεζηθ',
}
const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii']

/** The letter or number that a text is, in any alphabet of labels; null where it is none. */
export function labelValue(text: string): { readonly script: LabelScript; readonly value: number } | null {
  const plain = asciiShadow(text).toLowerCase().replace('ا', 'أ')
  if (/^\d{1,3}$/.test(plain)) return { script: 'number', value: Number(plain) - 1 }
  if ([...plain].length === 1)
    for (const [script, alphabet] of Object.entries(ALPHABETS)) {
      const value = alphabet.indexOf(plain)
      if (value >= 0) return { script: script as LabelScript, value }
    }
  const roman = ROMAN.indexOf(plain)
  return roman >= 0 ? { script: 'roman', value: roman } : null
}

export function romanValue(text: string): number | null {
  const value = ROMAN.indexOf(text.toLowerCase())
  return value >= 0 ? value : null
}

const NUMBER_LABEL =
  /(?:\(\s?(\d{1,4})\s?\)|\[(\d{1,4})\]|(\d{1,4})(?:\s?\\?(\.\)|\.[-–]|[.):、])|\s([-–])\s|\s(?=\s)))/y
const LETTER_LABEL =
  /(?:\(\s?(\p{L}|[ivx]{2,4})\s?\)|\[(\p{Lu})\]|(\p{L}|[ivxIVX]{2,4})\s?\\?(\.\)|\.[-–](?=\s)|[.):、：．]|[-–](?=\s\S))|(\p{L}|[ivx]{2,4})\s{2,}(?=\S)|([①-⑳])\s*)/uy

/** "3.", "3)", "(3)", "[3]", "3 -", or "3" before two blanks. */
export function numberLabelAt(text: string, at: number): Label | null {
  const shadow = asciiShadow(text)
  NUMBER_LABEL.lastIndex = at
  const found = NUMBER_LABEL.exec(shadow)
  if (!found) return null
  const digits = found[1] ?? found[2] ?? found[3] ?? ''
  const delimiter = found[1] !== undefined ? '()' : found[2] !== undefined ? '[]' : (found[4] ?? found[5] ?? ' ')
  const end = at + found[0].length
  const next = shadow.charAt(end)
  // "3.5 m", "10:30", "1)2": a figure, not a label.
  if ((delimiter === '.' || delimiter === ':') && /\d/.test(next)) return null
  if (delimiter === ')' && /[\d]/.test(next)) return null
  return {
    script: 'number',
    value: Number(digits) - 1,
    delimiter,
    upper: false,
    text: digits,
    from: at,
    to: skipBlanks(shadow, end),
  }
}

/** "a)", "A.", "(a)", "а)", "ア", "①", or a letter before two blanks. */
export function letterLabelAt(text: string, at: number): Label | null {
  const shadow = asciiShadow(text)
  LETTER_LABEL.lastIndex = at
  const found = LETTER_LABEL.exec(shadow)
  if (!found) return null
  const letter = found[1] ?? found[2] ?? found[3] ?? found[5] ?? found[6] ?? ''
  const value = labelValue(letter)
  if (!value || value.script === 'number') return null
  const end = at + found[0].length
  const delimiter =
    found[1] !== undefined
      ? '()'
      : found[2] !== undefined
        ? '[]'
        : found[4] !== undefined
          ? asciiShadow(found[4])
          : found[6]
            ? 'circled'
            : ' '
  // "a.c. only", "e.g.": a full stop needs a blank behind it, but not before an ideograph.
  if (
    (delimiter === '.' || delimiter === ':') &&
    !/[．：]/.test(text.slice(at, end)) &&
    !/^(?:\s|[^\x00-\x7f]|$)/.test(shadow.slice(end, end + 1))
  )
    return null
  return {
    ...value,
    delimiter,
    upper: letter !== letter.toLowerCase(),
    text: letter,
    from: at,
    to: skipBlanks(shadow, end),
  }
}

/** The same label read as a roman numeral where its letters allow that. */
export function asRoman(label: Label): Label | null {
  const value = romanValue(label.text)
  return value === null ? null : { ...label, script: 'roman', value }
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
  if (!found) return null
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

const SIGN_BEFORE = /^(?:\*{1,2}|✓|✔|✅|→|=>|\+(?=\s))\s*(?=\S)/u
const SIGN_AFTER =
  /(?:(?<=\p{Ll}{3}|\p{Ll}{3}[.)]|\s\d{1,4}|^\d{1,4})\s\+|\s*(?:\*{1,2}|✓|✔|✅|←(?:\s*\p{L}+)?|<-{1,2}|<=|[([]\s*(?:correct|right|true|richtig|correcto|correcta|correcte?|vrai|juste|certo|correto|goed|juist|rätt|poprawna|poprawne|верно|правильно|правильный|doğru|صحيح|נכון|正确|正解|key|answer)(?:\s+(?:answer|option|choice|response))?\s*[.!]?\s*[)\]]|<-{1,2}\s*\p{L}+|\(\*\)|✔️|✓️))\s*$/iu

/** A star, tick or arrow that says "this one is the key", round an option's text. */
export function keySign(text: string): OptionSign | null {
  const before = SIGN_BEFORE.exec(text)
  if (before) return { before: before[0].length, end: text.length, sign: before[0].trim() }
  const after = SIGN_AFTER.exec(text)
  return after && after.index > 0 ? { before: 0, end: after.index, sign: after[0].trim() } : null
}

function skipBlanks(text: string, at: number): number {
  let end = at
  while (end < text.length && /\s/.test(text.charAt(end))) end++
  return end
}
