import { asciiShadow } from './labels.ts'
import { remembered } from './remember.ts'
import { FALSEHOOD, LETTER, TRUTH } from './truth-words.ts'
import type { ItemKind } from '../item/model.ts'
import { anyOf, columnWords, kindWords, LANGUAGES, wordsFor } from './languages/index.ts'
import { Phrases } from './languages/phrases.ts'
import { findPoints } from './points.ts'

/** A word that opens a statement about an item, found at the start of a text. */
export interface Keyword {
  readonly role: KeywordRole
  /** Where the statement's own text starts. */
  readonly end: number
  /** The word as written, lower case. */
  readonly word: string
}

export type KeywordRole =
  | 'answer'
  | 'feedback'
  | 'hint'
  | 'sample'
  | 'points'
  | 'difficulty'
  | 'level'
  | 'tags'
  | 'outcome'
  | 'wordBank'
  | 'accept'

const ROLE_WORDS: readonly (readonly [KeywordRole, readonly string[]])[] = [
  ['sample', wordsFor('sample')],
  ['answer', wordsFor('answer')],
  ['feedback', wordsFor('feedback')],
  ['hint', wordsFor('hint')],
  ['difficulty', wordsFor('difficulty')],
  ['level', wordsFor('level')],
  ['tags', wordsFor('tags')],
  ['outcome', wordsFor('outcome')],
  ['wordBank', wordsFor('wordBank')],
]

const ROLE_OF = new Map<string, KeywordRole>()

for (const [role, words] of ROLE_WORDS) for (const word of words) if (!ROLE_OF.has(word)) ROLE_OF.set(word, role)

for (const word of wordsFor('points')) if (word.length > 1 && !ROLE_OF.has(word)) ROLE_OF.set(word, 'points')

const ALL_WORDS = anyOf([...ROLE_OF.keys()].sort((a, b) => b.length - a.length))

/** `Answer:`, `Answer -`, `Ans.`, `Answer (B):`, also with "to 5" or "for question 5" before the colon. */
const STATEMENT = new RegExp(
  `(${ALL_WORDS})(?:\\s+(?:to|for|zu|zur|for question|zu frage)\\s+\\d{1,3})?\\s*(?:[:：=]|\\s[-–—]\\s|\\.\\s|\\.$|\\s+[-–—]?>\\s|\\s*(?=\\([A-Za-z\\d]\\))|$)\\s*`,
  'iy',
)

/** "[Answer] B", "【答案】B". */
const BRACKETED = new RegExp(`^[[(【]\\s*(${ALL_WORDS})\\s*[\\])】]\\s*[:：]?\\s*(?=\\S)`, 'i')

/** What stands between a keyword inside a line and its value. */
const SEPARATOR = /\s*(?:[:：]|=|(?<=\s)[-–—](?=\s))/gu

const LONGEST_WORD = Math.max(...[...ROLE_OF.keys()].map((word) => word.length))

/** Short forms that take a full stop instead of a colon: "Ans. True". */
const ABBREVIATED = anyOf(['ans', 'resp', 'rép', 'risp', 'odp', 'antw', 'отв', 'відп', 'sol'])

/** "Choose the correct answer:" asks for a key and gives none. */
const ASKS_TO_CHOOSE = new RegExp(
  `(?<!${'[\\p{L}\\p{N}]'})${anyOf([...wordsFor('choose'), ...wordsFor('order')])}(?![\\p{L}\\p{N}])[^.?!:]{0,40}$`,
  'iu',
)

const ABBREVIATED_GLUED = new RegExp(
  `(?<=[\\s.?!。？！;,)）])(${ABBREVIATED})(?:\\.(?=\\s|$)|(?=\\s+\\([\\p{L}\\d]\\)))\\s*`,
  'giu',
)

/** "The correct answer is b.": a sentence that gives the key. */
const SAID =
  /^(?:(?:the )?(?:correct|right) (?:answers?|options?) (?:is|are)|(?:die )?richtigen? antworten? (?:ist|sind|lautet|lauten)|la (?:bonne|juste) réponse est|las? respuestas? correctas? (?:es|son)|a resposta (?:correta|certa) é|la risposta (?:corretta|giusta) è|het (?:juiste|goede) antwoord is|rätt svar är|poprawna odpowiedź to)\s*[:：]?\s*['"“”„‘’«]?(?=\S)/i

/** Reads the keyword a statement starts with, or null. A keyword alone on its line counts, too. */
export function keywordAt(text: string, at: number): Keyword | null {
  const found = keywordAtStart(at === 0 ? text : text.slice(at))
  return found && at > 0 ? { ...found, end: found.end + at } : found
}

const keywordAtStart = remembered((text: string): Keyword | null => {
  const short = /^R\s*[:：]\s*(?=\S)/i.exec(text)
  if (short) return { role: 'answer', end: short[0].length, word: 'r' }
  const said = SAID.exec(text)
  if (said) return { role: 'answer', end: said[0].length, word: 'answer' }
  STATEMENT.lastIndex = 0
  const found = STATEMENT.exec(text) ?? BRACKETED.exec(text)
  if (!found?.[1]) return null
  const word = found[1].toLowerCase().replace(/\s+/g, ' ')
  const role = ROLE_OF.get(word)
  return role ? { role, end: found[0].length, word } : null
})

const ANSWER_LETTER = new RegExp(
  `^(${anyOf([...wordsFor('answer')].sort((a, b) => b.length - a.length))})\\s+(?=[A-H][).]?\\s*$)`,
  'iu',
)

/** "Lösung A", "Answer C": an answer that is a letter, with nothing between the word and it. */
export function answerLetterAt(text: string, at: number): Keyword | null {
  const found = ANSWER_LETTER.exec(text.slice(at))
  return found?.[1] ? { role: 'answer', end: at + found[0].length, word: found[1].toLowerCase() } : null
}

/** Statements behind other text in the same line, with a colon: "d) Rye Answer: b)". In order, not at `from` itself. */
export function keywordsWithin(text: string, from: number): readonly KeywordWithin[] {
  return /[:：=.–—(-]/.test(text) ? allKeywords(text).filter((keyword) => keyword.start > from) : []
}

export type KeywordWithin = Keyword & { readonly start: number }

const allKeywords = remembered((text: string): readonly KeywordWithin[] => {
  const found = new Map<number, KeywordWithin>()
  for (const match of text.matchAll(ABBREVIATED_GLUED))
    found.set(match.index, {
      role: 'answer',
      start: match.index,
      end: match.index + match[0].length,
      word: (match[1] ?? '').toLowerCase(),
    })
  for (const separator of text.matchAll(SEPARATOR)) {
    const word = wordBefore(text, separator.index)
    if (!word || word.text.length < 3 || found.has(word.start)) continue
    const colon = /[:：]/.test(separator[0])
    if (ASKS_TO_CHOOSE.test(text.slice(Math.max(0, word.start - 60), word.start))) continue
    if (!colon && word.role !== 'answer') continue
    const before = text.slice(0, word.start)
    // "In your own words:" is no word bank; a statement starts behind a stop, a bracket or a wide gap.
    if (word.role !== 'answer' && !/(?:[^\p{L}\p{N}\s,]|\s{2})\s*$/u.test(before)) continue
    if (!colon && !/[\s.?!。？！;,)）]$/.test(before)) continue
    const behind = separator.index + separator[0].length
    const end = behind + (text.slice(behind).length - text.slice(behind).trimStart().length)
    found.set(word.start, { role: word.role, start: word.start, end, word: word.text })
  }
  return [...found.values()].sort((a, b) => a.start - b.start)
})

/** The longest keyword that ends at `end` and starts where a word does. */
function wordBefore(
  text: string,
  end: number,
): { readonly start: number; readonly text: string; readonly role: KeywordRole } | null {
  const lower = text.slice(Math.max(0, end - LONGEST_WORD - 4), end).toLowerCase()
  const offset = end - lower.length
  for (let at = 0; at < lower.length; at++) {
    const first = lower.charAt(at)
    if (first === ' ' || first === '\t') continue
    const before = text.charAt(offset + at - 1)
    if (/[\p{L}\d]/u.test(before)) continue
    const word = lower.slice(at).replace(/\s+/g, ' ')
    const role = ROLE_OF.get(word)
    if (role) return { start: offset + at, text: word, role }
  }
  return null
}

const SEVERAL = new Phrases(wordsFor('several'))

const SEVERAL_LEAD = new RegExp(
  `^\\s*(?:${anyOf(wordsFor('several'))})[^:：?？]{0,24}[:：]\\s+(?=\\S.{0,400}[?？])`,
  'iu',
)

const MATCH = new Phrases(wordsFor('match'))

const SEPARABLE_MATCH = /ordnen?\s(?:sie\s)?.{3,60}\szu(?![\p{L}])/iu

const ORDER = new RegExp(
  `(?:^|[.:?!。]\\s*)(?:${anyOf(wordsFor('order'))})(?!\\p{Ll})|(?:right|correct|proper|richtige|bon|correcto|correta|juiste|rätt) order|reihenfolge|排列|排序|顺序|順|並べ|kolejności`,
  'iu',
)

const COMMANDS = new RegExp(`^["“„«'(]?${anyOf(wordsFor('commands'))}(?=[\\s:])`, 'iu')

const ESSAY = new Phrases(wordsFor('essay'))

const REASON = new Phrases(wordsFor('reason'))

const LEFT_OVER: ReadonlySet<string> = new Set(wordsFor('leftOver'))

const CHATTER = new Phrases(wordsFor('chatter'))

const INSTRUCTION = new Phrases(wordsFor('instructions'))

const KINDS = kindWords()

/** Before a stem only names that are no everyday words count: "Short answer:", but not "Order:" or "SA:". */
const KIND_LABELS = [...KINDS]
  .filter(([word, kind]) => kind !== 'note' && (word.length > 6 || /[^a-z]|^(?:essay|cloze)$/.test(word)))
  .map(([word]) => word)
  .sort((a, b) => b.length - a.length)

const KIND_LABEL = new RegExp(`^\\s*[(\\[]?(${anyOf(KIND_LABELS)})[)\\]]?\\s*[:：.–—-]\\s*`, 'iu')

/** In square brackets any name of a kind is one: "[TF] Gold rusts." */
const KIND_TAG = new RegExp(`^\\s*[\\[【]\\s*(${anyOf([...KINDS.keys()])})\\s*[\\]】]\\s*[:：.–—-]?\\s*`, 'iu')

const KEY_TITLE = new RegExp(`^[\\W_]*(?:${anyOf(wordsFor('keyTitle'))})(?!${LETTER})`, 'iu')

const SECTION = new RegExp(
  `^\\s*(?:(?:${anyOf(wordsFor('section'))})\\s+(?:[IVX]{1,5}|[A-H]|\\d{1,2})(?!${LETTER})|(?:round|runde)\\s+\\d{1,2}(?=\\s*(?:[:–—-]\\s|$))|[一二三四五六七八九十]{1,3}、)`,
  'iu',
)

const SECTION_LABEL = new RegExp(
  `(?<!${LETTER})(?:${anyOf(wordsFor('section'))})\\s+([IVX]{1,5}|[A-H]|\\d{1,2})(?!${LETTER})`,
  'iu',
)

const ANSWER_WORD = new Phrases([...wordsFor('answer'), ...columnWords('key')].filter((word) => word.length > 3))

const DRESS = new Phrases(wordsFor('dress'))

const IDENTITY = new RegExp(
  `^[\\s*]*(?:${anyOf(wordsFor('identity'))})\\s*(?:[:：]\\s*(?:[._＿…]{2,}|$|\\s{3,}\\p{L}+\\s*[:：])|\\s*[._＿…]{4,})`,
  'iu',
)

const NOTE = new RegExp(`^\\s*(?:${anyOf(wordsFor('note'))})\\s*(?:\\([^)]{0,60}\\))?\\s*[:：]\\s*`, 'iu')

const LONG_TRUTH = anyOf(TRUTH.filter((word) => word.length > 2))

const LONG_FALSEHOOD = anyOf(FALSEHOOD.filter((word) => word.length > 2))

const JUDGES = new RegExp(
  `(?<!${LETTER})${LONG_TRUTH}(?!${LETTER})[^.?!]{1,40}(?<!${LETTER})${LONG_FALSEHOOD}(?!${LETTER})`,
  'iu',
)

const YES: ReadonlySet<string> = new Set(LANGUAGES.flatMap((language) => language.yesNo?.slice(0, 1) ?? []))

const YES_NO: ReadonlySet<string> = new Set(wordsFor('yesNo'))

const OPINION: ReadonlySet<string> = new Set(wordsFor('opinion'))

export const cues = {
  asksSeveral: remembered((text: string): boolean => SEVERAL.beginIn(text)),
  /** Where the question behind "Select all that apply:" starts; 0 where nothing of the kind stands before one. */
  severalLead: remembered((text: string): number => SEVERAL_LEAD.exec(text)?.[0].length ?? 0),
  asksMatch: remembered((text: string): boolean => MATCH.beginIn(text) || SEPARABLE_MATCH.test(text)),
  asksOrder: remembered((text: string): boolean => ORDER.test(text)),
  asksEssay: remembered((text: string): boolean => ESSAY.beginIn(text)),
  /** "Name the …": asks for something to be named, written or worked out. */
  commands: remembered((text: string): boolean => COMMANDS.test(text)),
  /** "Why …", in any language: an answer of more than a few words is one in sentences. */
  asksReason: remembered((text: string): boolean => REASON.beginIn(text)),
  /** "Extra", before a side of a matching that is left over. */
  isLeftOver: (text: string): boolean => LEFT_OVER.has(text.trim().toLowerCase()),
  isChatter: remembered((text: string): boolean => CHATTER.open(text)),
  isInstruction: remembered((text: string): boolean => INSTRUCTION.open(text)),
  isKeyTitle: remembered((text: string): boolean => KEY_TITLE.test(text)),
  isSection: remembered((text: string): boolean => SECTION.test(text)),
  /** Where "Part B" at the start of a text ends; 0 where it names no section. */
  sectionEnd: (text: string): number => SECTION.exec(text)?.[0].length ?? 0,
  /** The label of a section named anywhere in a text, lower case. */
  sectionLabel: (text: string): string | null => SECTION_LABEL.exec(text)?.[1]?.toLowerCase() ?? null,
  /** "Answer" or "Key", as the head of a column. */
  isAnswerWord: (text: string): boolean => text.length < 30 && ANSWER_WORD.beginIn(text),
  /** "Correct answers in bold": how the keys are shown, said once for the draft. */
  isLegend: (text: string): boolean =>
    text.length < 160 && !/[?？]/.test(text) && ANSWER_WORD.beginIn(text) && DRESS.beginIn(text),
  /** Whether a whole text names an end of a scale of opinion. */
  isOpinion: (text: string): boolean =>
    OPINION.has(text.trim().toLowerCase().replace(/\s+/g, ' ').replaceAll('’', "'")),
  /** Whether a word for yes or no is one for yes: the first of its language. */
  isYes: (text: string): boolean => YES.has(text.trim().toLowerCase()),
  /** "Yes", "Nein": answers to a question, where "true" would judge a statement. */
  isYesNo: (text: string): boolean => YES_NO.has(text.trim().toLowerCase()),
  /** Whether a text names both a word for true and one for false, as a heading above statements to judge does. */
  judges: remembered((text: string): boolean => JUDGES.test(text)),
  isIdentity: remembered((text: string): boolean => IDENTITY.test(text)),
} as const

/** "Short answer: …": the kind that a text names before it starts, and how long that label is. */
export function kindLabelAt(text: string): { readonly kind: ItemKind; readonly length: number } | null {
  const found = KIND_LABEL.exec(text) ?? KIND_TAG.exec(text)
  const kind = found?.[1] && kindNamed(found[1])
  return found && kind ? { kind, length: found[0].length } : null
}

/** The kind that a name stands for in any language; null where it stands for none. */
export function kindNamed(name: string): ItemKind | null {
  return KINDS.get(name.trim().toLowerCase().replace(/\s+/g, ' ')) ?? null
}

export function noteLength(text: string): number {
  return NOTE.exec(text)?.[0].length ?? 0
}

const QUESTION_WORDS = anyOf(
  wordsFor('question').filter((word) => word !== 'no' && word !== 'nr' && (word.length > 1 || word > '~')),
)

const NUMERALS: ReadonlyMap<string, string> = new Map(
  LANGUAGES.flatMap(({ numerals = [] }) => numerals.map((word, at) => [word, String(at + 1)] as const)),
)
const NUMERAL_WORDS = anyOf([...NUMERALS.keys()].sort((a, b) => b.length - a.length))

const QUESTION_LABEL = new RegExp(
  `[^\\p{L}\\p{N}\\s]{0,3}\\s*(?:(?:${QUESTION_WORDS})\\s*(?:no\\.?|nr\\.?|n[°ºo]\\.?)?\\s*[#.]?\\s*(\\d{1,4})(?:\\s*(?:/|of|von|sur|de|di|van|av|z|из|з)\\s*\\d{1,3}(?=\\s*(?:[:.)–—-]|$)))?|[q]\\.?\\s?(?:no\\.?\\s?)?(\\d{1,4})|(?:no|nr|n[°º]|№)\\.?\\s*(\\d{1,4})|#\\s?(\\d{1,3})(?=[\\s.):])|(bonus(?:\\s+question)?|extra question)|(\\d{1,3})\\s*(?:[ªº°]|re|e|ère|ème|η)\\s*(?:${QUESTION_WORDS})|(?:${QUESTION_WORDS})\\s+(${NUMERAL_WORDS})(?!\\p{L})|(\\d{1,3})\\.\\s*(?:${QUESTION_WORDS})(?=\\s*(?:[:：.)–—-]|$)))(?:\\s*(?:题|題|問)|(?![\\p{L}\\p{N}]))\\s*[.:：)\\]、–—-]*\\s*`,
  'iuy',
)

const TIME = new RegExp(
  `^\\s*(?:${anyOf(columnWords('time'))})\\s*[:：]\\s*(\\d{1,4})\\s*(?:(m|min)|(?:s|sec|sek|seg|с|сек|秒))?\\p{L}*\\.?\\s*$`,
  'iu',
)

/** "Time: 30 s", "Zeitlimit: 2 min": seconds; null where the text says something else. */
export function timeLimitIn(text: string): number | null {
  const found = TIME.exec(text)
  const seconds = found?.[1] ? Number(found[1]) * (found[2] ? 60 : 1) : 0
  return seconds > 0 && seconds <= 86_400 ? seconds : null
}

const LEVELS =
  /^(?:remember|understand|apply|analy[sz]e|evaluate|create|recall|knowledge|comprehension|application|analysis|synthesis|evaluation)(?:ing)?$/i

const DIFFICULTIES =
  /^(?:(?:very )?easy|medium|moderate|(?:very )?hard|difficult|leicht|mittel|schwer|facile|moyen|difficile|fácil|media|difícil)$/i

const OUTCOME = /^(?:LO|LZ|CLO|outcome|objective)\s*[:.]?\s*\d[\w.]*$/i

export interface Remark {
  readonly role: 'level' | 'difficulty' | 'outcome' | 'points' | 'kind'
  readonly value: string
}

/** What a remark in brackets says about the item: its cognitive level, difficulty, outcome, points or kind; null: something else. */
export function remarksIn(text: string): readonly Remark[] | null {
  const remarks = text.split(/\s*[,;|，；、]\s*/).map((part): Remark | null => {
    const value = part.trim()
    if (LEVELS.test(value)) return { role: 'level', value }
    if (DIFFICULTIES.test(value)) return { role: 'difficulty', value }
    if (OUTCOME.test(value)) return { role: 'outcome', value }
    const points = findPoints(`(${value})`)
    if (points) return { role: 'points', value: String(points.points) }
    const isName = value.length > 3 || /^(?:MCQ?|MR|T\/?F|FIB)$|[^\x00-\x7f]{2}/.test(value)
    return kindNamed(value) && isName ? { role: 'kind', value } : null
  })
  return remarks.length && remarks.every((remark) => remark !== null) ? remarks : null
}

const BARE_QUESTION = new RegExp(
  `[^\\p{L}\\p{N}\\s]{0,3}\\s*(?:${anyOf(wordsFor('question').filter((word) => word.length > 3))})\\s*\\*{0,2}\\s*[:：]\\s*\\*{0,2}\\s*(?=\\S)`,
  'iuy',
)

/** Where the text behind "Question:" starts, a label without a number; −1 where there is none. */
export function bareQuestionEnd(text: string, at: number): number {
  BARE_QUESTION.lastIndex = at
  const found = BARE_QUESTION.exec(text)
  return found ? at + found[0].length : -1
}

export interface QuestionLabel {
  readonly number: string
  readonly end: number
}

/** "Question 3.", "Q3", "No. 3", "問3", "Bonus question" at the start of a text. */
export function questionLabelAt(text: string, at: number): QuestionLabel | null {
  QUESTION_LABEL.lastIndex = at
  const found = QUESTION_LABEL.exec(asciiShadow(text))
  if (!found) return null
  const inWords = found[7] === undefined ? undefined : NUMERALS.get(found[7].toLowerCase())
  const number =
    found[1] ?? found[2] ?? found[3] ?? found[4] ?? found[6] ?? inWords ?? found[8] ?? (found[5] ? 'bonus' : null)
  return number ? { number, end: at + found[0].length } : null
}

const FORM_KIND = new RegExp(`^\\s*(?:${anyOf(columnWords('kind'))})\\s*[:：]\\s*(\\S.*?)\\s*$`, 'iu')

/** "Type: True/False": the kind that a line of a form names. */
export function formKind(text: string): ItemKind | null {
  const [, value = ''] = FORM_KIND.exec(text) ?? []
  return value ? kindNamed(value.replace(/\s+(?:question|item)$/i, '')) : null
}
