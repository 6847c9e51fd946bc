import { anyOf, LANGUAGES, wordsFor } from './languages/index.ts'
import { remembered } from './remember.ts'

export const TRUTH = wordsFor('truth')
export const FALSEHOOD = wordsFor('falsehood')
/** A letter or a figure, as a part of a pattern. */
export const LETTER = '[\\p{L}\\p{N}]'
const OR = anyOf(wordsFor('or'))
const T = anyOf(TRUTH)
const F = anyOf(FALSEHOOD)
const [YES_WORD, NO_WORD] = [0, 1].map((end) =>
  anyOf(
    LANGUAGES.flatMap(({ yesNo }) => (yesNo ? [(end ? yesNo.at(-1) : yesNo[0]) ?? ''] : [])).filter(
      (word) => word.length > 1,
    ),
  ),
) as [string, string]
const BETWEEN = `(?:\\s*[/|,-]\\s*|,?\\s+${OR}\\s+|か|还是|還是)`
/** "True or false?", "T / F", "Richtig oder falsch:", in either order, at the start of a text. */
const TF_LEAD = new RegExp(
  `^[\\s(\\[¿¡]*(?:${anyOf(wordsFor('judge'))}\\s+)?(?:${T}${BETWEEN}${F}|${F}${BETWEEN}${T}|${YES_WORD}${BETWEEN}${NO_WORD})(?:(?!${LETTER})|(?=で))\\s*(?:[)\\]]?\\s*[?？؟:：.)\\]–—-]*)\\s*(?:で(?:答|こた)えなさい。?)?\\s*`,
  'iu',
)
/** The same at the end of a text, or the two words alone with blanks between: "T    F". */
const TF_TAIL = new RegExp(
  `(?:^|[\\s(\\[.?!]+)(?:[(\\[¿]?(?:${T}(?:${BETWEEN}|\\s{2,}|\\t)${F}|${F}${BETWEEN}${T})|[(\\[]${T}[)\\]]\\s*/?\\s*[(\\[]${F}[)\\]])[)\\]?？.]*\\s*$`,
  'iu',
)

export interface Lead {
  readonly from: number
  readonly to: number
}

/** "True or false:" before a statement. */
export const trueFalseLead = remembered((text: string): Lead | null => {
  const found = TF_LEAD.exec(text)
  return found && found[0].trim().length > 2 ? { from: 0, to: found[0].length } : null
})

export const trueFalseTail = remembered((text: string): Lead | null => {
  const found = TF_TAIL.exec(text)
  return found && /\S/.test(found[0]) && !/^\s*$/.test(text.slice(0, found.index))
    ? { from: found.index, to: text.length }
    : null
})

const TF_JUDGED = new RegExp(
  `[\\s(\\[.?!]+[(\\[¿]?(?:${T}${BETWEEN}${F}|${F}${BETWEEN}${T})[)\\]?？.:]*\\s+[(\\[]?(${T}|${F})[)\\].]*\\s*$`,
  'iu',
)

/** "… True or false? T": where the question for the truth starts, and where its answer does. */
export function trueFalseJudged(text: string): { readonly from: number; readonly value: number } | null {
  const found = TF_JUDGED.exec(text)
  if (!found?.[1] || found.index === 0) return null
  const stop = /^[.!]/.exec(text.slice(found.index))?.[0].length ?? 0
  return { from: found.index + stop, value: found.index + found[0].lastIndexOf(found[1]) }
}

const MARK = '[☐☑☒□■✅◻○●⬜]|[\\[(]\\s?[xX✓✔]?\\s?[\\])]'
const TF_BOXED = new RegExp(
  `(?<!${LETTER})(?:(${T})\\s*(${MARK})[\\s/,|]*(${F})\\s*(${MARK})|(${F})\\s*(${MARK})[\\s/,|]*(${T})\\s*(${MARK}))\\s*$`,
  'iu',
)

/** "… True ☐ False ☑" at the end of a text: each word, with the box behind it. */
export function trueFalseBoxed(
  text: string,
): readonly { readonly from: number; readonly word: string; readonly box: string }[] | null {
  const found = TF_BOXED.exec(text)
  if (!found) return null
  const [first = '', firstBox = '', second = '', secondBox = ''] = found.slice(1).filter((part) => part !== undefined)
  const from = found.index
  return [
    { from, word: first, box: firstBox },
    { from: from + found[0].indexOf(second, first.length + firstBox.length), word: second, box: secondBox },
  ]
}

const SAYS_RIGHT: ReadonlySet<string> = new Set([...wordsFor('answer'), ...TRUTH].filter((word) => word.length > 2))

/** Whether a remark at an option calls it the right one: "correct", "richtige Antwort". */
export function saysRight(text: string): boolean {
  return SAYS_RIGHT.has(text.trim().toLowerCase())
}

const TRUTH_SET = new Set(TRUTH)
const FALSEHOOD_SET = new Set(FALSEHOOD)

/** A word for true or false in any language; a single letter counts only where `letters` says so. */
export function truthOf(text: string, letters = true): boolean | null {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/^[(（[*_"“„']+|[)）\].,;!*_"”']+$/g, '')
    .trim()
  if (!letters && word.length === 1 && /[a-z]/.test(word)) return null
  if (TRUTH_SET.has(word)) return true
  if (FALSEHOOD_SET.has(word)) return false
  return null
}

const FIRST_JUDGEMENT = new RegExp(`(?<!${LETTER})(?:(${T})|(${F}))(?!${LETTER})`, 'giu')

/** Whether the last pair of judgements that a text names, as the head of two columns, starts with the one for false. */
export function falsehoodFirst(text: string): boolean {
  const found = [...text.matchAll(FIRST_JUDGEMENT)].slice(-2)
  return found.length === 2 && found[0]?.[2] !== undefined && found[1]?.[1] !== undefined
}
