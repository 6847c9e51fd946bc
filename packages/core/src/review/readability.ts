import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'
import { languageOfText } from './languages.ts'

/** How hard a text is to read, by a published index. */
export interface Readability {
  readonly index: 'flesch-kincaid' | 'lix'
  /** Flesch-Kincaid: years of school (English). LIX: about 20 very easy to 60 very hard. */
  readonly value: number
  /** Flesch reading ease, about 0 (hard) to 100 (easy); English only. */
  readonly ease: number | null
  readonly words: number
  readonly sentences: number
}

const LONG_WORD = 6

/**
 * The readability of a text: for English the Flesch-Kincaid grade level, 0.39 · words/sentences + 11.8 · syllables/words
 * − 15.59, and Flesch's reading ease, 206.835 − 1.015 · words/sentences − 84.6 · syllables/words (Kincaid, Fishburne,
 * Rogers & Chissom 1975, Research Branch Report 8-75); for every other language LIX, words/sentences + 100 · words of
 * more than six letters/words (Björnsson 1968, "Läsbarhet").
 *
 * @returns null for a text without words.
 */
export function readability(text: string, language?: string): Readability | null {
  const words = text.match(/[\p{L}\p{M}]+(?:['’-][\p{L}\p{M}]+)*/gu) ?? []
  if (!words.length) return null
  const sentences = Math.max(1, (text.match(/[^.!?:…\n]*[\p{L}\p{N}][^.!?:…\n]*(?:[.!?:…\n]+|$)/gu) ?? []).length)
  const code = language?.toLowerCase().split('-')[0] ?? languageOfText(text)?.code
  const perSentence = words.length / sentences
  if (code !== 'en') {
    const long = words.filter((word) => [...word].length > LONG_WORD).length
    const value = perSentence + (100 * long) / words.length
    return { index: 'lix', value: round(value), ease: null, words: words.length, sentences }
  }
  const perWord = words.reduce((sum, word) => sum + syllables(word), 0) / words.length
  return {
    index: 'flesch-kincaid',
    value: round(0.39 * perSentence + 11.8 * perWord - 15.59),
    ease: round(206.835 - 1.015 * perSentence - 84.6 * perWord),
    words: words.length,
    sentences,
  }
}

/**
 * LIX as years of school: the values from which a text reads like grade 2, 3, … 12, and beyond (Anderson 1983, "Lix and
 * Rix: Variations on a Little-Known Readability Index", Journal of Reading 26(6), table of grade equivalents; the figures
 * are given from memory).
 */
const LIX_GRADES = [10, 15, 20, 24, 28, 32, 36, 40, 44, 48, 52, 56]

/** Years of school that a text asks for; by the index of its language. */
export function gradeOf({ index, value }: Readability): number {
  if (index === 'flesch-kincaid') return value
  return 1 + LIX_GRADES.filter((from) => value >= from).length
}

/** What a student reads of an item before answering, in the order in which it stands. */
export function readText(item: Item): string {
  const parts = [plainText(item.passage), plainText(item.stem)]
  if ('options' in item) parts.push(...item.options.map((option) => plainText(option.content)))
  return parts.filter(Boolean).join('\n')
}

/** Syllables of an English word: groups of vowels, less a silent e. */
export function syllables(word: string): number {
  const plain = word
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z]/g, '')
  if (plain.length <= 3) return 1
  const groups = plain
    .replace(/(?<![laeiouy]|[sxzcg]|[cs]h)es$|(?<=[^aeioutd])ed$|(?<=[^laeiouy])e$/, '')
    .replace(/^y/, '')
    .match(/[aeiouy]{1,2}/g)
  return Math.max(1, groups?.length ?? 1)
}

function round(value: number): number {
  return Number(value.toFixed(1))
}
