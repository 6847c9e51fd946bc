import { plainText } from '../../content/plain.ts'
import { optionId, type Option } from '../../item/model.ts'
import { labelValue } from '../labels.ts'
import type { RawList } from './raw.ts'

export interface OptionKey {
  readonly ids: string[]
  /** Text behind the key. */
  readonly rest: string
  /** What it names that is not there. */
  readonly unknown: string | null
  /** Another option, whose words stand behind the letter: "c) Rye" where Rye is b. */
  readonly contradicts: string | null
}

const SEPARATOR =
  /^\s*(?:,|،|;|\/|&|\+|、|,?\s*(?:and|und|sowie|et|y|e|en|och|samt|i|oraz|и|і|та|ve|و|和|与|と|or)(?=\s)|\s)\s*/iu

/** "B", "b)", "A and C", "A B D", "a) 5 °C", "②①④③", or the option's own text. */
export function readOptionKey(text: string, list: RawList, options: readonly Option[]): OptionKey {
  const value = text.replace(/^[\s*_"“]+|[\s*_"”]+$/g, '').replace(/^(?:option|choice|letter)\s+/i, '')
  const byText = options.find((option) => isNamed(option, value))
  if (byText) return { ids: [byText.id], rest: '', unknown: null, contradicts: null }
  const listed = value
    .split(/\s*(?:,|;|\||\s–\s|\s-\s|→|\sand\s|\sund\s|\set\s)\s*/)
    .map((part) => options.find((option) => isNamed(option, part)))
  if (listed.length > 1 && listed.every((option) => option !== undefined))
    return { ids: [...new Set(listed.map((option) => option?.id ?? ''))], rest: '', unknown: null, contradicts: null }
  // "1-c, 2-a": pairs are the key of a matching item, and no option of this one.
  if (/^\(?\w{1,4}\)?\s*[-–=→]\s*\(?\w\)?\s*[,;]\s*\(?\w{1,4}\)?\s*[-–=→]\s*\(?\w\)?(?!\w)/u.test(value))
    return { ids: [], rest: '', unknown: value, contradicts: null }
  return readRun(value, list, options) ?? readLabels(value, list, options)
}

/** "ABD": letters of several options in a row, each behind the one before it. */
function readRun(value: string, list: RawList, options: readonly Option[]): OptionKey | null {
  if (!/^[A-H]{2,6}\.?$/.test(value)) return null
  const places = [...value.replace('.', '')].map((letter) => entryIndex(letter, list, options.length))
  const ascends = places.every((place, at) => place > (places[at - 1] ?? -1))
  return ascends ? { ids: places.map(optionId), rest: '', unknown: null, contradicts: null } : null
}

function readLabels(value: string, list: RawList, options: readonly Option[]): OptionKey {
  const ids: string[] = []
  let at = 0
  let dress: string | null = null
  while (at < value.length) {
    const single =
      /^([①-⑳])/.exec(value.slice(at)) ??
      /^[([]?\s?(\p{L}|\d{1,2}|[ivx]{2,4})\s?[)\].:、．]*(?![\p{L}\p{N}])/iu.exec(value.slice(at))
    if (!single?.[1]) break
    const index = entryIndex(single[1], list, options.length)
    // "b) a red can": behind a dressed letter only a letter in the same dress is another key.
    const worn = /^[([]/.test(single[0]) ? '()' : single[0].slice(single[1].length).trim()
    if (dress !== null && dress !== '' && worn !== dress) break
    if (worn === '' && isWord(single[1], value.slice(at + single[0].length)) && ids.length === 0)
      return { ids: [], rest: '', unknown: value, contradicts: null }
    dress ??= worn
    if (index < 0)
      return ids.length
        ? { ids, rest: '', unknown: null, contradicts: null }
        : { ids: [], rest: '', unknown: single[1], contradicts: null }
    ids.push(optionId(index))
    at += single[0].length
    if (restatesOption(value.slice(at).replace(/^[\s).:–—-]+/, ''), [optionId(index)], options)) break
    const separator = SEPARATOR.exec(value.slice(at))
    const more = separator ?? (/^[①-⑳]/.test(value.slice(at)) ? [''] : null)
    if (!more) break
    const next = value.slice(at + more[0].length)
    const another =
      /^[①-⑳]/.test(next) ||
      /^[([]?\s?(?:\p{L}|\d{1,2}|[ivx]{2,4}|[①-⑳])\s?(?:[)\].:、．]|(?![\p{L}\p{N}]))/iu.test(next)
    if (!another) break
    at += more[0].length
  }
  const rest = behindOption(
    value
      .slice(at)
      .replace(/^[\s).:–—-]+/, '')
      .trim(),
    ids,
    options,
  )
  if (ids.length === 1 && dress && namesNextPart(rest, ids[0] ?? '', list, options, dress))
    return { ids: [], rest: '', unknown: value, contradicts: null }
  const named = ids.length === 1 ? options.find((option) => isNamed(option, rest)) : undefined
  const repeats = named !== undefined
  return {
    ids: [...new Set(ids)],
    rest: repeats || ids.length === 0 || restatesOption(rest, ids, options) ? '' : rest,
    unknown: null,
    contradicts:
      named && named.id !== ids[0] && !options.some((option) => option.id === ids[0] && isNamed(option, rest))
        ? named.id
        : null,
  }
}

/** "6 kn (18 / 3 = 6)" behind the letter of "6 kn": the remark without the option's own words. */
function behindOption(rest: string, ids: readonly string[], options: readonly Option[]): string {
  const option = ids.length === 1 ? options.find((one) => one.id === ids[0]) : undefined
  const own = option ? plainText(option.content) : ''
  const behind = own && rest.toLowerCase().startsWith(own.toLowerCase()) ? rest.slice(own.length) : ''
  return /^\s*[([–—-]/.test(behind) ? behind.trim() : rest
}

/** "(i) True (ii) False": something said of one part, then of the next in the same dress, is no choice among them. */
function namesNextPart(rest: string, id: string, list: RawList, options: readonly Option[], dress: string): boolean {
  const next = list.entries[options.findIndex((option) => option.id === id) + 1]?.label?.text
  if (!next || !/^[\p{L}\d]+$/u.test(next)) return false
  const [open, close] = dress === '()' ? ['[([]', '[)\\]]'] : ['', `\\${dress.charAt(0)}`]
  return new RegExp(`\\S[\\s,;]+${open}${next}\\s?${close}\\s*\\S`, 'iu').test(rest)
}

/** "A red can": an article or a conjunction before a word is no letter of an option. */
function isWord(letter: string, behind: string): boolean {
  return /^[aeioyAEIOY]$/.test(letter) && /^\s+\p{Ll}{2}/u.test(behind) && !SEPARATOR.exec(behind)?.[0].trim()
}

/** "A) Joining ropes, and C) …": the options' own words behind their letters are no remark. */
function restatesOption(rest: string, ids: readonly string[], options: readonly Option[]): boolean {
  const first = options.find((option) => option.id === ids[0])
  return first !== undefined && rest !== '' && sameText(plainText(first.content).slice(0, 12), rest.slice(0, 12))
}

function entryIndex(text: string, list: RawList, count: number): number {
  const value = labelValue(text)
  if (!value) return -1
  const labels = list.entries.map((entry) => entry.label)
  const exact = labels.findIndex((label) => label && label.text.toLowerCase() === text.toLowerCase())
  if (exact >= 0) return exact
  const sameScript = labels.findIndex((label) => label && label.script === value.script && label.value === value.value)
  if (sameScript >= 0) return sameScript
  const comparable = labels.every((label) => label === null) || labels.some((label) => label?.script !== value.script)
  return comparable && value.value < count && (labels.every((label) => label === null) || value.script === 'number')
    ? value.value
    : -1
}

export function readPairs(text: string, left: RawList, right: RawList): (readonly [number, number])[] {
  const pairs: (readonly [number, number])[] = []
  for (const found of text.matchAll(
    /(?<![\p{L}\d])(\d{1,2}|[ivxIVX]{2,4}|\p{L}|[①-⑳])[\s)]*[-–—ー:=→>.)]*[\s(]*([ivx]{2,4}|\p{L}|\d{1,2})(?![\p{L}\d])/gu,
  )) {
    const from = entryIndex(found[1] ?? '', left, left.entries.length)
    const to = entryIndex(found[2] ?? '', right, right.entries.length)
    if (from >= 0 && to >= 0) pairs.push([from, to])
  }
  return pairs.sort((a, b) => a[0] - b[0])
}

/** "1-d, 2-a": pairs by the labels of two columns. */
export function readLabelPairs(
  text: string,
  left: readonly string[],
  right: readonly string[],
): (readonly [number, number])[] {
  return [...text.matchAll(/(?<![\p{L}\d])(\d{1,2}|\p{L})\s*[-–—:=→>.)]*\s*(\p{L}|\d{1,2})(?![\p{L}\d])/gu)]
    .map(
      (found) => [left.indexOf((found[1] ?? '').toLowerCase()), right.indexOf((found[2] ?? '').toLowerCase())] as const,
    )
    .filter(([from, to]) => from >= 0 && to >= 0)
    .sort((a, b) => a[0] - b[0])
}

export function readNamedPairs(
  text: string,
  left: readonly string[],
  right: readonly string[],
): (readonly [number, number])[] {
  return text
    .split(/\s*[;\n]\s*/)
    .map((part) => part.split(/\s*(?:=|→|->|–)\s*/))
    .map(
      ([a, b]) =>
        [
          left.findIndex((known) => sameText(known, a ?? '')),
          right.findIndex((known) => sameText(known, b ?? '')),
        ] as const,
    )
    .filter(([a, b]) => a >= 0 && b >= 0)
    .sort((a, b) => a[0] - b[0])
}

export function sameText(a: string, b: string): boolean {
  return foldText(a) !== '' && foldText(a) === foldText(b)
}

function foldText(text: string): string {
  return text
    .toLowerCase()
    .replace(/[`*_"“”„]/g, '')
    .replace(/\s+/g, ' ')
    .replace(/[.;,]+$/, '')
    .trim()
}

export function sameSet(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((one) => b.includes(one))
}

const folded = new WeakMap<Option, string>()

/** Whether `text` says the option's own words. Folding is kept, since an item may have thousands of options by mistake. */
function isNamed(option: Option, text: string): boolean {
  let own = folded.get(option)
  if (own === undefined) folded.set(option, (own = foldText(plainText(option.content))))
  return own !== '' && own === foldText(text)
}
