import { plainText } from '../../content/plain.ts'
import type { Item } from '../../item/model.ts'
import { finding, type Finding } from '../finding.ts'

/** Words that stand in a large part of the items say nothing about one. */
const COMMON_SHARE = 0.2
const MIN_LETTERS = 4
const SHARED_WORDS = 2

/**
 * Items whose stem holds the key of another, and enough of that other's subject to be recognised: a student who reads
 * the one can answer the other. Keys of few letters, numbers, and words that many items share give nothing away.
 */
export function answersAnother(items: readonly Item[]): Finding[] {
  const stems = items.map((item) => ({ text: fold(plainText(item.stem)), words: wordsOf(plainText(item.stem)) }))
  const counts = new Map<string, number>()
  for (const { words } of stems) for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1)
  const rare = (word: string): boolean => (counts.get(word) ?? 0) <= Math.max(2, items.length * COMMON_SHARE)
  const byWord = new Map<string, number[]>()
  stems.forEach(({ words }, index) => {
    for (const word of words) if (rare(word)) byWord.set(word, [...(byWord.get(word) ?? []), index])
  })
  const found: Finding[] = []
  items.forEach((item, index) => {
    for (const key of keysOf(item)) {
      const said = fold(key)
      const needed = [...wordsOf(key)]
      const anchor = needed.find((word) => rare(word))
      if (anchor === undefined || stems[index]?.text.includes(said)) continue
      const own = [...(stems[index]?.words ?? [])].filter((word) => rare(word))
      for (const other of byWord.get(anchor) ?? []) {
        if (other === index || !isIn(said, stems[other]?.text ?? '')) continue
        const shared = own.filter((word) => stems[other]?.words.has(word))
        if (shared.length < SHARED_WORDS) continue
        found.push(
          finding('answers-another', [other, index], `Item ${other + 1} says “${key}”, the key of item ${index + 1}.`),
        )
      }
    }
  })
  return found
}

function keysOf(item: Item): string[] {
  switch (item.kind) {
    case 'single':
      return item.options.filter((option) => item.key.includes(option.id)).map((option) => plainText(option.content))
    case 'short':
      return [...item.key]
    default:
      return []
  }
}

function isIn(said: string, text: string): boolean {
  return ` ${text} `.includes(` ${said} `)
}

function fold(text: string): string {
  return (text.toLowerCase().match(/[\p{L}\p{M}\p{N}]+/gu) ?? []).join(' ')
}

function wordsOf(text: string): Set<string> {
  return new Set((text.toLowerCase().match(/[\p{L}\p{M}]+/gu) ?? []).filter((word) => word.length >= MIN_LETTERS))
}
