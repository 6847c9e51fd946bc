import { contentOfLines } from '../content/elements.ts'
import { chanceOf, shuffled, type Chance } from '../assemble/chance.ts'
import { DEFAULT_TEXT_RULES, type Item, type Option } from '../item/model.ts'

/** A word of a list, with what a person picked or typed for it. */
export interface ListedWord {
  readonly word: string
  readonly definition: string
  /** A sentence with the word in it; empty: there is none. */
  readonly sentence: string
  /** The word as it stands in the sentence; absent: as it is listed. */
  readonly as?: string
  /** Part of speech; words of one class are taken for wrong options of one another. Empty: not known. */
  readonly class: string
  /** Its forms by their names, so that a wrong option is inflected like the right one; absent: only as listed. */
  readonly forms?: Readonly<Record<string, string>>
  /** Words that mean the same or nearly so; never wrong options. */
  readonly related: readonly string[]
}

export const WORD_ITEM_FORMS = ['definition', 'sentence', 'mixed'] as const
export type WordItemForm = (typeof WORD_ITEM_FORMS)[number]

export interface WordItems {
  readonly items: readonly Item[]
  /** Words that nothing could be made of, and why. */
  readonly left: readonly { readonly word: string; readonly why: string }[]
}

const MOST_WRONG = 3
/** With one wrong option alone a guess is right every other time; then the word is typed. */
const LEAST_WRONG = 2

/**
 * Items that ask for the words of a list by their definitions, by a sentence with a gap, or by turns. Wrong options come
 * from the list, of the same class, and never mean nearly the same; where there are too few, the word is typed.
 */
export function wordItems(words: readonly ListedWord[], form: WordItemForm, seed: number): WordItems {
  const chance = chanceOf(seed)
  const items: Item[] = []
  const left: { word: string; why: string }[] = []
  words.forEach((word, at) => {
    const wanted = form === 'mixed' ? (at % 2 ? 'sentence' : 'definition') : form
    // By turns, what one way lacks the other may have.
    const other = wanted === 'sentence' ? 'definition' : 'sentence'
    const stem = stemOf(word, wanted) ?? (form === 'mixed' ? stemOf(word, other) : null)
    if (stem === null) left.push({ word: word.word, why: whyNot(wanted) })
    else items.push(itemOf(word, stem, words, chance))
  })
  return { items, left }
}

interface Asked {
  readonly text: string
  /** The key, in the form in which it is asked for. */
  readonly shown: string
}

function whyNot(form: 'definition' | 'sentence'): string {
  return form === 'definition' ? 'it has no definition' : 'it has no sentence with it'
}

function stemOf(word: ListedWord, form: 'definition' | 'sentence'): Asked | null {
  if (form === 'definition') {
    const definition = word.definition.trim()
    return definition ? { text: `Which word means: ${definition}?`, shown: word.word } : null
  }
  const shown = word.as ?? word.word
  const found = wordIn(word.sentence, shown)
  if (!found) return null
  // An article would tell how the word begins.
  const before = word.sentence.slice(0, found.from).replace(/\b(a)n?(\s+)$/i, '$1(n)$2')
  const sentence = `${before}…${word.sentence.slice(found.to)}`.trim()
  // A large letter at the start of a sentence is no part of the word.
  return { text: `Which word is missing? “${sentence}”`, shown: found.from === 0 ? lowered(shown, word.word) : shown }
}

function lowered(shown: string, word: string): string {
  return !/^\p{Lu}/u.test(word) ? shown.charAt(0).toLowerCase() + shown.slice(1) : shown
}

function wordIn(sentence: string, word: string): { readonly from: number; readonly to: number } | null {
  const escaped = word.trim().replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  if (!escaped) return null
  const found = new RegExp(`(?<![\\p{L}\\p{N}])${escaped}(?![\\p{L}\\p{N}])`, 'iu').exec(sentence)
  return found && { from: found.index, to: found.index + found[0].length }
}

function itemOf(word: ListedWord, asked: Asked, all: readonly ListedWord[], chance: Chance): Item {
  const { text, shown } = asked
  const stem = contentOfLines(text)
  const common = { stem, points: 1, tags: [] }
  const wrong = shuffled(wrongFor(word, asked, all), chance).slice(0, MOST_WRONG)
  if (wrong.length < LEAST_WRONG)
    return {
      ...common,
      kind: 'short',
      key: [shown],
      rules: DEFAULT_TEXT_RULES,
    }
  const shuffledWords = shuffled([shown, ...wrong], chance)
  const options = shuffledWords.map((content, at): Option => ({ id: `o${at + 1}`, content: contentOfLines(content) }))
  return { ...common, kind: 'single', options, key: [`o${shuffledWords.indexOf(shown) + 1}`], shuffle: true }
}

/** Other words of the class, inflected like the key, that neither mean nearly the same nor stand in the question. */
function wrongFor(word: ListedWord, { text, shown }: Asked, all: readonly ListedWord[]): string[] {
  const own = new Set([word.word, ...Object.values(word.forms ?? {}), ...word.related].map((one) => one.toLowerCase()))
  const form = formOf(word, shown)
  const found = all.filter(
    (other) =>
      other !== word &&
      other.class === word.class &&
      ![other.word, ...Object.values(other.forms ?? {}), ...other.related].some((one) => own.has(one.toLowerCase())) &&
      (other.definition.trim() === '' || other.definition.trim() !== word.definition.trim()) &&
      wordIn(text, other.word) === null,
  )
  const inflected = found.flatMap((other) => (form === null ? other.word : (other.forms?.[form] ?? [])))
  return [...new Set(inflected.filter((one) => one.toLowerCase() !== shown.toLowerCase()))]
}

/** Which of its forms a word stands in; null: its forms are not known, or it stands as it is listed. */
function formOf({ word, forms }: ListedWord, shown: string): string | null {
  const entries = Object.entries(forms ?? {})
  const known = entries.find(([, text]) => text.toLowerCase() === shown.toLowerCase())?.[0] ?? null
  return known ?? (entries.length && shown !== word ? '' : null)
}

/** A list in two columns, a word and its gloss: parted by a tab, " – ", " - ", ":", "=" or ";". One word a line has no gloss. */
export function wordsIn(list: string): { readonly word: string; readonly gloss: string }[] {
  const lines = list
    .split('\n')
    .map((line) => line.replace(/^\s*(?:\d+[.)]|[-*•])\s+/, '').trim())
    .filter(Boolean)
  const isTyped = lines.length === 1 && !/\t|\s[–—-]\s|[:=;]\s/.test(lines[0] ?? '')
  const entries = isTyped ? (lines[0] ?? '').split(/[,\s]+/) : lines
  const seen = new Set<string>()
  return entries.flatMap((entry) => {
    const [, word = entry, gloss = ''] = /^(.+?)(?:\t+|\s+[–—-]\s+|\s*[:=;]\s+)(.+)$/.exec(entry) ?? []
    const name = word.trim()
    if (!name || seen.has(name.toLowerCase())) return []
    seen.add(name.toLowerCase())
    return [{ word: name, gloss: gloss.trim() }]
  })
}
