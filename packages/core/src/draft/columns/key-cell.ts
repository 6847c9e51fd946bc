import type { KeyForm } from './layout.ts'

const LETTERS = 'abcdefghij'
const PARTS = /\s*(?:[,;|\n、，；]|\s\/\s|\s&\s|\s(?:and|und|et|y|e|en|och|i|и|ve)\s)\s*/iu

/** Indexes of the options that a cell names, ascending; null where it names something that is not there. */
export function keyIndexes(cell: string, options: readonly string[], form: KeyForm): number[] | null {
  const text = cell.trim()
  if (!text) return []
  const whole = one(text, options, form)
  if (whole !== null) return [whole]
  const parts = text.split(PARTS).filter(Boolean)
  const named = parts.map((part) => one(part, options, form))
  if (parts.length > 1 && named.every((index) => index !== null)) return ascending(named)
  // "A B D", "ABD", "1 3": letters or figures without a separator.
  const packed = form === 'letter' ? (/^[a-j](?:\s*[a-j])+$/i.test(text) ? text.match(/[a-j]/gi) : null) : null
  const spaced = form !== 'text' && /^\d{1,2}(?:\s+\d{1,2})+$/.test(text) ? text.split(/\s+/) : packed
  const loose = spaced?.map((part) => one(part, options, form)) ?? []
  return loose.length > 1 && loose.every((index) => index !== null) ? ascending(loose) : null
}

function one(text: string, options: readonly string[], form: KeyForm): number | null {
  switch (form) {
    case 'text': {
      const index = options.findIndex((option) => fold(option) === fold(text))
      return index < 0 ? null : index
    }
    case 'letter': {
      const letter = /^(?:option|choice|answer)?\s*\(?([a-j])\s*[).:]?$/i.exec(text)?.[1]?.toLowerCase()
      return inside(letter ? LETTERS.indexOf(letter) : -1, options)
    }
    case 'number':
    case 'zero-based': {
      const figure = /^(?:option|choice|answer)?\s*\(?(\d{1,2})\s*[).:]?$/i.exec(text)?.[1]
      return inside(figure ? Number(figure) - (form === 'number' ? 1 : 0) : -1, options)
    }
  }
}

function inside(index: number, options: readonly string[]): number | null {
  return index >= 0 && index < options.length && options[index] ? index : null
}

function ascending(indexes: readonly (number | null)[]): number[] {
  return [...new Set(indexes.filter((index) => index !== null))].sort((a, b) => a - b)
}

function fold(text: string): string {
  return text
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .replace(/[.;,]+$/, '')
    .trim()
}
