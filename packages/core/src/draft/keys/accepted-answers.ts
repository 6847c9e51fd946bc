import { anyOf, wordsFor } from '../languages/index.ts'

const ACCEPTED = new RegExp(
  `(?<!\\s)\\s*[(（]\\s*(?:${anyOf(wordsFor('accept'))})(?:\\s*[:：]\\s*|\\s+)([^)）]{1,400})[)）]\\s*$`,
  'iu',
)
const ACCEPTED_BEHIND = new RegExp(
  `(?<!\\s)\\s*[(（]\\s*([^()（）]{1,60}?)\\s+(?:${anyOf(wordsFor('acceptBehind'))})\\s*[)）]\\s*$`,
  'iu',
)
/** Words between two answers that each count; short ones that mean something else in another language are left out. */
const OR =
  /\s+\/\s+|\s*[|｜]\s*|\s+(?:or|oder|ou|oppure|eller|lub|или|або|veya|أو|או)\s+|\s*(?:または|或者)\s*|\s*[;；]\s*/u

/** "strandline (accept: strand line, wrack line)", "three / 3", "amperes (or amps)": every accepted answer. */
export function acceptedAnswers(text: string): string[] {
  const accepted = ACCEPTED.exec(text) ?? ACCEPTED_BEHIND.exec(text)
  const head = accepted ? text.slice(0, accepted.index) : text
  const more = accepted?.[1]?.split(/\s*,\s*/).flatMap((part) => part.split(OR)) ?? []
  const all = [...splitAlternatives(head).flatMap(withOptional), ...more].map((answer) =>
    answer.replace(/^["“„`]|["”`]$/g, '').trim(),
  )
  return [...new Set(all.filter(Boolean))]
}

const OPTIONAL = /^(.*\p{L})(\s?)\((\p{Ll}[\p{Ll}'’-]*)\)$/u

/** "replace(d)", "change (trains)": what stands in brackets may be left out. */
function withOptional(answer: string): string[] {
  const [, head = '', blank = '', more = ''] = OPTIONAL.exec(answer.trim()) ?? []
  if (!more || NO_ANSWER.has(more) || (blank === '' ? more.length > LONGEST_ENDING : more.length < SHORTEST_WORD))
    return [answer]
  return [head, `${head}${blank}${more}`]
}

const NO_ANSWER: ReadonlySet<string> = new Set([...wordsFor('accept'), ...wordsFor('acceptBehind')])
const LONGEST_ENDING = 4
const SHORTEST_WORD = 3

function splitAlternatives(text: string): string[] {
  const plain = text.trim()
  if (/^\d+\s*\/\s*\d+$/.test(plain)) return [plain]
  if (WORDS_APART.test(plain)) return plain.split('/')
  const parts = plain.split(OR)
  const isSentence = parts.some((part) => part.split(/\s+/).length > MOST_WORDS)
  return isSentence ? plain.split(SIGNS_APART) : parts
}

/** In a longer answer "or" is a word of its sentence: "at rest or in uniform motion unless a force acts on it". */
const MOST_WORDS = 6
const SIGNS_APART = /\s+\/\s+|\s*[|｜]\s*|\s*[;；]\s*/u

/** "dusk/sunset": whole words; shorter ones may be one name, as "km/h" or "he/she". */
const WORDS_APART = /^\p{L}{4,}(?:\/\p{L}{4,})+$/u

export function gapAnswers(text: string, gaps: number): string[][] {
  if (!text.trim()) return Array.from({ length: gaps }, () => [])
  const numbered = [...text.matchAll(/(?:^|[\s,;])\(?(\d{1,2})\)?\s*[.):=-]?\s*([^\d,;][^,;]*)/g)]
  // "(1) halyard (2) sheet": figures in brackets part the answers without any comma.
  const bracketed = text.split(/\s*\(\d{1,2}\)\s*|\s*[①-⑳]\s*/).filter(Boolean)
  if (bracketed.length === gaps && gaps > 1)
    return bracketed.map((value) => acceptedAnswers(value.replace(/[,;]$/, '')))
  const values = numbered.length === gaps && gaps > 1 ? numbered.map((one) => one[2] ?? '') : splitGaps(text, gaps)
  return Array.from({ length: gaps }, (_none, index) =>
    values[index] ? acceptedAnswers(unstopped(values[index])) : [],
  )
}

/** The full stop behind the last of several answers is that of the list. */
function unstopped(value: string): string {
  return value.trim().split(/\s+/).length <= LONGEST_GAP && !/\.\p{L}/u.test(value)
    ? value.replace(/[.。]\s*$/, '')
    : value
}

const LONGEST_GAP = 3

function splitGaps(text: string, gaps: number): string[] {
  for (const separator of [/\s*[;；]\s*/, /\s+\/\s+/, /\s*[,，]\s*/, /\s+[–—-]\s+/, /\s*[、，]\s*/]) {
    const parts = text.split(separator).filter(Boolean)
    if (parts.length === gaps) return parts
  }
  return [text]
}

/** "182.88 cm. Round it" → key and remark; a number's own full stop stays with it. */
export function partRemark(text: string): { readonly text: string; readonly remark: string } {
  const found = /^(.{1,60}?)[.。]\s+(\p{Lu}.{8,})$/u.exec(text)
  return found?.[1] && found[2] ? { text: found[1], remark: found[2] } : { text, remark: '' }
}

export function unitText(unit: string): string {
  return unit.replace(/\^3|3$/, '³').replace(/\^2|2$/, '²')
}
