import { readdirSync, readFileSync } from 'node:fs'
import { Problem } from '../shared/problem.ts'
import { wordsIn } from './source.ts'

/** A reading that ships; what the service knows. */
export interface Reading {
  readonly id: string
  readonly title: string
  readonly text: string
}

const FOLDER = new URL('../../readings/', import.meta.url)

export function shippedReadings(): Reading[] {
  return readdirSync(FOLDER)
    .filter((name) => name.endsWith('.txt'))
    .sort()
    .map((name) => {
      const text = readFileSync(new URL(name, FOLDER), 'utf8').trim()
      return { id: name.replace('.txt', ''), title: text.split('\n')[0] ?? name, text }
    })
}

const COMMON = new Set(['about', 'and', 'the', 'for', 'how', 'what', 'with', 'from', 'that', 'this', 'their'])

/**
 * A reading on a topic out of what is known: the paragraphs that are about it, in their order, up to about as many words.
 *
 * @throws Problem where nothing is known of it.
 */
export function readingOn(topic: string, words: number, readings: readonly Reading[]): string {
  const wanted = [...new Set(wordsIn(topic).map(stem))].filter((word) => word.length > 2 && !COMMON.has(word))
  const all = readings.flatMap(({ text }) =>
    text.split(/\n\s*\n/).map((paragraph) => new Set(wordsIn(paragraph).map(stem))),
  )
  // What few paragraphs speak of says more of what is meant.
  const weights = new Map(
    wanted.map((word) => [word, Math.log((all.length + 1) / (1 + all.filter((words) => words.has(word)).length))]),
  )
  const scored = readings.flatMap(({ text, title }) =>
    text
      .split(/\n\s*\n/)
      .slice(1)
      .map((paragraph, place) => ({ paragraph, title, place, score: score(`${title} ${paragraph}`, weights) })),
  )
  const best = scored.filter(({ score: found }) => found > 0).sort((a, b) => b.score - a.score)
  const [first] = best
  if (!first) throw new Problem(`I know nothing about “${topic.trim()}”.`, 422)
  const chosen: typeof best = []
  let count = 0
  for (const one of best.filter(({ title }) => title === first.title)) {
    if (count >= words) break
    chosen.push(one)
    count += wordsIn(one.paragraph).length
  }
  const text = chosen.sort((a, b) => a.place - b.place).map(({ paragraph }) => paragraph)
  return [first.title, ...text].join('\n\n')
}

function score(text: string, weights: ReadonlyMap<string, number>): number {
  const words = new Set(wordsIn(text).map(stem))
  return [...weights].reduce((sum, [word, weight]) => sum + (words.has(word) ? weight : 0), 0)
}

function stem(word: string): string {
  return word.replace(/(?:ies)$/, 'y').replace(/(?:es|s)$/, '')
}
