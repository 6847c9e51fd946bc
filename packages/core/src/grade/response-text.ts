import { plainText } from '../content/plain.ts'
import type { Content } from '../content/model.ts'
import { keyText } from '../item/key-text.ts'
import type { Item } from '../item/model.ts'
import { probesOf } from './probes.ts'
import { isAnswered, type Response } from './response.ts'

/** Between the parts of a response in one line: what was chosen, gaps, pairs, places of an order. */
const BETWEEN = '; '
const PAIRED = ' → '

/** What a person gave, in the item's own words, in one line; empty where it was left open. */
export function responseText(item: Item, response: Response): string {
  if (!isAnswered(response)) return ''
  switch (response.kind) {
    case 'text':
      return response.text.trim()
    case 'truth':
      return response.value ? TRUE : FALSE
    case 'step':
      return String(response.value)
    case 'gaps':
      return response.texts.map((text) => text.trim()).join(BETWEEN)
    case 'choice':
      return optionsNamed(item, 'options' in item ? inOrder(item, response.chosen) : response.chosen).join(BETWEEN)
    case 'order':
      return optionsNamed(item, response.ids).join(BETWEEN)
    case 'pairs': {
      const [left, right] = sidesOf(item)
      return response.pairs.map(([a, b]) => `${line(left[a])}${PAIRED}${line(right[b])}`).join(BETWEEN)
    }
  }
}

function inOrder(item: Extract<Item, { options: unknown }>, chosen: readonly string[]): string[] {
  return item.options.flatMap(({ id }) => (chosen.includes(id) ? [id] : []))
}

function optionsNamed(item: Item, ids: readonly string[]): string[] {
  if (!('options' in item)) return [...ids]
  return ids.map((id) => line(item.options.find((option) => option.id === id)?.content) || id)
}

/** Left and right of a matching item, or rows and columns. */
export function sidesOf(item: Item): readonly [readonly Content[], readonly Content[]] {
  if (item.kind === 'match') return [item.left, item.right]
  return item.kind === 'grid' ? [item.rows, item.columns] : [[], []]
}

function line(content: Content | undefined): string {
  return plainText(content).replace(/\s+/g, ' ').trim()
}

const TRUE = 'True'
const FALSE = 'False'
/** Words for both answers; common practice of forms and sites. */
const TRUTHS: Readonly<Record<string, boolean>> = {
  ...Object.fromEntries(
    [
      'true',
      't',
      'yes',
      'y',
      '1',
      'right',
      'correct',
      'wahr',
      'richtig',
      'vrai',
      'verdadero',
      'vero',
      'sant',
      'sann',
      'rigtigt',
      'waar',
      'prawda',
      'правда',
      'верно',
    ].map((word) => [word, true]),
  ),
  ...Object.fromEntries(
    [
      'false',
      'f',
      'no',
      'n',
      '0',
      'wrong',
      'incorrect',
      'falsch',
      'faux',
      'falso',
      'usant',
      'usann',
      'falsk',
      'forkert',
      'onwaar',
      'fałsz',
      'ложь',
      'неверно',
    ].map((word) => [word, false]),
  ),
}

/**
 * Reads a response out of one cell of a table, as `responseText` writes it and as forms and sites export it: texts of
 * options or their letters, several parted by semicolons, commas or lines.
 *
 * @returns null for an empty cell, or where the cell says nothing that can be given to the item.
 */
export function readResponse(item: Item, cell: string): Response | null {
  const text = cell.replace(/\s+/g, ' ').trim()
  if (!text) return null
  switch (item.kind) {
    case 'single': {
      const ids = idsIn(item.options, cell)
      // Two that are ticked are no answer to a single choice: which of them was meant is for a person to say.
      return ids?.length === 1 ? { kind: 'choice', chosen: ids } : null
    }
    case 'multiple': {
      const ids = idsIn(item.options, cell)
      return ids ? { kind: 'choice', chosen: inOrder(item, ids) } : null
    }
    case 'truefalse': {
      const value = TRUTHS[text.toLowerCase().replace(/[.!]$/, '')]
      return value === undefined ? null : { kind: 'truth', value }
    }
    case 'order': {
      const ids = idsIn(item.options, cell)
      return ids ? { kind: 'order', ids } : null
    }
    case 'cloze':
      return { kind: 'gaps', texts: gapsIn(cell, item.gaps.length) }
    case 'match':
    case 'grid': {
      const pairs = pairsIn(item, cell)
      return pairs.length ? { kind: 'pairs', pairs } : null
    }
    case 'scale': {
      const value = Number(/-?\d+/.exec(text)?.[0])
      return Number.isInteger(value) && value >= item.low && value <= item.high ? { kind: 'step', value } : null
    }
    case 'note':
      return null
    default:
      return { kind: 'text', text: item.kind === 'essay' ? cell.trim() : text }
  }
}

type Options = readonly { readonly id: string; readonly content: Content }[]

/** Ids of options that a cell names, in its order; null where some of it names none. */
function idsIn(options: Options, cell: string): string[] | null {
  const texts = options.map(({ id, content }) => ({ id, text: folded(line(content)) }))
  const one = (part: string): string | null => idOf(texts, part)
  const whole = one(cell)
  if (whole) return [whole]
  for (const separator of [/[;|\n]/, /,/]) {
    const parts = cell
      .split(separator)
      .map((part) => part.trim())
      .filter(Boolean)
    const ids = parts.map(one)
    if (parts.length > 1 && ids.every((id) => id !== null)) return ids
  }
  if (/^[a-z]{2,}$/i.test(cell.trim())) {
    const ids = [...cell.trim()].map(one)
    if (ids.every((id) => id !== null)) return ids
  }
  return longestFirst(texts, folded(cell))
}

function idOf(texts: readonly { readonly id: string; readonly text: string }[], part: string): string | null {
  const wanted = folded(part)
  const unlabelled = folded(part.replace(/^\s*\(?[a-z][.):]\s+/i, ''))
  const named = texts.find(({ text }) => text === wanted) ?? texts.find(({ text }) => text === unlabelled)
  if (named) return named.id
  const [, letter] = /^\(?([a-z])[.):]?$/.exec(wanted) ?? []
  return letter === undefined ? null : (texts[letter.charCodeAt(0) - 97]?.id ?? null)
}

/** Options whose texts hold the separator themselves: the longest that begins what is left is taken. */
function longestFirst(texts: readonly { readonly id: string; readonly text: string }[], cell: string): string[] | null {
  const ordered = texts.filter(({ text }) => text !== '').sort((a, b) => b.text.length - a.text.length)
  const found: string[] = []
  let rest = cell
  while (rest) {
    const next = ordered.find(
      ({ id, text }) => !found.includes(id) && rest.startsWith(text) && /^(?:$|\s*[,;|])/.test(rest.slice(text.length)),
    )
    if (!next) return null
    found.push(next.id)
    rest = rest.slice(next.text.length).replace(/^\s*[,;|]\s*/, '')
  }
  return found.length ? found : null
}

function gapsIn(cell: string, count: number): string[] {
  const parts = cell.split(cell.includes(';') ? ';' : cell.includes('|') ? '|' : count > 1 ? ',' : '\n')
  return Array.from({ length: count }, (_none, at) => (parts[at] ?? '').trim().replace(/^["“](.*)["”]$/, '$1'))
}

function pairsIn(item: Item, cell: string): (readonly [number, number])[] {
  const [left, right] = sidesOf(item).map((side) => side.map((part) => folded(line(part))))
  return cell.split(/[;\n]/).flatMap((pair): (readonly [number, number])[] => {
    const [, a = '', b = ''] = /^(.*?)\s*(?:→|->|=>|=|:| [–—-] )\s*(.*)$/.exec(pair.trim()) ?? []
    const [from, to] = [left?.indexOf(folded(a)) ?? -1, right?.indexOf(folded(b)) ?? -1]
    return from < 0 || to < 0 ? [] : [[from, to]]
  })
}

/** Capital letters, blanks and the marks around a text do not tell options apart. */
export function folded(text: string): string {
  return text
    .normalize('NFKC')
    .toLocaleLowerCase('en')
    .replace(/\s+/g, ' ')
    .replace(/^["“'‘]|["”'’]$/g, '')
    .trim()
}

/**
 * The key as somebody would answer it, in the item's own words: for pages where options have no letters, or other ones.
 * Empty where there is no key.
 */
export function keyInWords(item: Item): string {
  if (item.kind === 'numeric') return keyText(item)
  if (item.kind === 'short') return item.key.join(' / ')
  if (item.kind === 'cloze') return item.gaps.map((gap) => gap.key.join(' / ')).join(BETWEEN)
  const key = probesOf(item).find((probe) => probe.kind === 'key')
  return key ? responseText(item, key.response) : ''
}
