import { labelValue } from '../labels.ts'
import { anyOf, columnWords, wordsFor } from '../languages/index.ts'
import { spanText } from '../model.ts'
import { remembered } from '../remember.ts'
import { truthOf } from '../truth-words.ts'
import { cues } from '../words.ts'
import type { DraftRecord, Entry } from '../records/record.ts'
import { labelSpoken, placeSpoken } from './spoken-names.ts'

/** Which alternatives a text names, and what it says behind that. */
export interface Named {
  readonly indexes: readonly number[]
  /** Offset in the text of what stands behind; its length where nothing does. */
  readonly restAt: number
}

export function entryText(entry: Entry): string {
  return entry.pieces.map((piece) => spanText(piece.span).trim()).join(' ')
}

/** Letters and figures of a text, for comparing what people write twice. */
export const fold = remembered((text: string): string =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}+\-−%°]+/gu, ' ')
    .trim(),
)

const AND = anyOf(wordsFor('and').filter((word) => /^[\p{L}]/u.test(word)))
const BETWEEN = /^\s*(?:[,;/&+、，·|→>–—-]|\s)\s*/u
const AND_BETWEEN = new RegExp(`^[\\s,]*(${AND})(?=[\\s(])\\s*`, 'iu')

/** What stands between two labels: a sign, a blank, or a word for "and" that is no label of the alternatives itself. */
function betweenAt(text: string, entries: readonly Entry[]): RegExpExecArray | null {
  const word = AND_BETWEEN.exec(text)
  if (word?.[1] && (word[1].length > 1 || entryIndex(word[1], entries) < 0)) return word
  return BETWEEN.exec(text)
}

const TOKEN =
  /^(?:(?:option|choice|letter|nr\.?|no\.?)\s+)?(?:[([]\s?(\p{L}|\d{1,2}|[ivx]{2,4})\s?[)\]]|(\p{L}|\d{1,2}|[ivx]{2,4})(?:\s?[.)\]:](?!\d)|(?![\p{L}\p{N}\p{M}'’]))|([①-⑳]))/iu

/** More are no alternatives of one question; looking for their words in every text would take too long. */
const MOST_NAMED = 40

/** The alternatives that a text names by label, by their words, by a row of letters; null where it names none. */
export function namedOptions(text: string, entries: readonly Entry[]): Named | null {
  if (entries.length > MOST_NAMED) return null
  const lead = /^[\s*_"“(:]*/u.exec(text)?.[0].length ?? 0
  const plain = text.slice(lead)
  const whole = entries.findIndex((entry) => sameWords(entryText(entry), plain))
  if (whole >= 0) return { indexes: [whole], restAt: text.length }
  return (
    labelled(text, entries) ??
    packed(plain, entries, text.length) ??
    listed(plain, entries, text.length) ??
    begins(text, lead, entries) ??
    counted(plain, entries) ??
    spoken(plain, entries, text.length)
  )
}

/** "the second", "la b": as people say it, and nothing else. */
function spoken(plain: string, entries: readonly Entry[], length: number): Named | null {
  const label = labelSpoken(plain)
  const at = label === null ? (placeSpoken(plain) ?? -1) : entryIndex(label, entries)
  return at >= 0 && at < entries.length ? { indexes: [at], restAt: length } : null
}

const COUNTED = new RegExp(
  `(?<!\\p{L})(?:${anyOf(columnWords('option'))}|${anyOf(columnWords('options'))})\\s(\\d{1,2}(?:\\s*(?:,|&|\\+|${AND})\\s*\\d{1,2})*)(?![\\d.,]*\\d)`,
  'iu',
)

/** "correct is option 2", "options 1 and 3": by their place, where nothing labels them. */
function counted(text: string, entries: readonly Entry[]): Named | null {
  const found = COUNTED.exec(text)
  if (!found?.[1] || entries.some((entry) => entry.id !== '' && /^\d/.test(entry.id))) return null
  const indexes = (found[1].match(/\d+/g) ?? []).map((place) => Number(place) - 1)
  return indexes.every((at) => at >= 0 && at < entries.length)
    ? { indexes: [...new Set(indexes)].sort((a, b) => a - b), restAt: found.index + found[0].length }
    : null
}

export function sameWords(a: string, b: string): boolean {
  const one = fold(a)
  return one !== '' && one === fold(b)
}

function labelled(text: string, entries: readonly Entry[]): Named | null {
  const indexes: number[] = []
  let at = /^[\s*_"“:]*/u.exec(text)?.[0].length ?? 0
  let end = at
  let dress: boolean | null = null
  let sort: string | null = null
  while (at < text.length) {
    const token = TOKEN.exec(text.slice(at))
    const core = token?.[1] ?? token?.[2] ?? token?.[3]
    if (!token || !core) break
    const index = entryIndex(core, entries)
    const isDressed = !/[\p{L}\p{N}]$/u.test(token[0])
    const isOther = (dress !== null && dress !== isDressed) || (sort !== null && sort !== sortOf(core))
    if (index < 0 || isOther) break
    const behind = text.slice(at + token[0].length)
    if (indexes.length === 0 && !isDressed && isWord(core, behind, entries) && !restatedLength(behind, entries[index]))
      break
    dress = isDressed
    sort = sortOf(core)
    indexes.push(index)
    at += token[0].length
    end = at
    const restated = restatedLength(text.slice(at), entries[index])
    at += restated
    end = at
    const between = betweenAt(text.slice(at), entries)
    if (!between) break
    at += between[0].length
  }
  if (!indexes.length) return null
  const rest = text.slice(end)
  return isRemark(rest) ? { indexes: [...new Set(indexes)], restAt: end } : null
}

/** Labels of one key are of one sort: "1 b, 2 c" are two keys, "b 2 points" is one. */
function sortOf(label: string): string {
  return /^\d/.test(label) ? 'number' : /^\p{L}/u.test(label) ? 'letter' : 'circled'
}

/** What may stand behind a key: nothing, or something set off from it. */
function isRemark(rest: string): boolean {
  return /^\s*$|^\s*[[({.,;:–—=/*"”)\]-]|^\s{2,}|^\s+(?:\p{Lu}|[\p{L}\d]+\s)/u.test(rest)
}

/** "c) Rye" where c is Rye: the option's own words behind its letter. */
function restatedLength(rest: string, entry: Entry | undefined): number {
  const own = entry ? entryText(entry).trim() : ''
  const lead = /^[\s).:,\-–—=(]*/u.exec(rest)?.[0] ?? ''
  if (!own || !rest.slice(lead.length).toLowerCase().startsWith(own.toLowerCase())) return 0
  const closing = /^\s?[)\]]/.exec(rest.slice(lead.length + own.length))?.[0].length ?? 0
  return lead.length + own.length + (lead.includes('(') ? closing : 0)
}

/** "A red can": an article before a word is no letter of an option. */
function isWord(letter: string, behind: string, entries: readonly Entry[]): boolean {
  return /^[aeioyu]$/i.test(letter) && /^\s+\p{Ll}{2}/u.test(behind) && !betweenAt(behind, entries)?.[0].trim()
}

/** "ABD", "134", "①③": labels without anything between. */
function packed(plain: string, entries: readonly Entry[], length: number): Named | null {
  const core = /^([A-HА-ЕV]{2,6}|[1-9]{2,6}|[①-⑳]{2,6}|[a-h]{2,5})[.)]?$/u.exec(plain.trim())?.[1]
  if (!core || core.length > entries.length) return null
  const indexes = [...core].map((letter) => entryIndex(letter, entries))
  const isRight = indexes.every((index) => index >= 0) && new Set(indexes).size === indexes.length
  return isRight ? { indexes, restAt: length } : null
}

const LISTED = new RegExp(`\\s*(?:[,;|、]|\\s[–—/-]\\s|→|>|\\s${AND}\\s)\\s*`, 'iu')

/** "oak, beech": the options' own words. */
function listed(plain: string, entries: readonly Entry[], length: number): Named | null {
  const parts = plain
    .replace(/[.\s]+$/, '')
    .split(LISTED)
    .filter(Boolean)
  if (parts.length < 2) return null
  const indexes = parts.map((part) => entries.findIndex((entry) => sameWords(entryText(entry), part)))
  return indexes.every((index) => index >= 0) ? { indexes: [...new Set(indexes)], restAt: length } : null
}

/** "Magma – it is only called lava once …": an option's words, then a remark. */
function begins(text: string, lead: number, entries: readonly Entry[]): Named | null {
  const lower = text.toLowerCase()
  let best: Named | null = null
  let longest = 2
  entries.forEach((entry, index) => {
    const own = entryText(entry)
      .toLowerCase()
      .replace(/[.\s]+$/, '')
    if (own.length <= longest || !lower.startsWith(own, lead)) return
    const rest = text.slice(lead + own.length)
    if (!/^\s*$|^\s*[.,;:(–—[-]/u.test(rest)) return
    longest = own.length
    best = { indexes: [index], restAt: lead + own.length }
  })
  return best
}

/** The place of a label among the alternatives: as it is written, or by its place where they have others or none. */
export function entryIndex(label: string, entries: readonly Entry[]): number {
  const id = label.toLowerCase()
  const exact = entries.findIndex((entry) => entry.id === id)
  if (exact >= 0) return exact
  const known = labelValue(label)
  if (!known) return -1
  const isLabelled = entries.some((entry) => entry.id !== '')
  const same = entries.findIndex(
    (entry) => entry.value === known.value && labelValue(entry.id)?.script === known.script,
  )
  if (same >= 0) return same
  if (
    isLabelled &&
    known.script !== 'number' &&
    known.script !== 'circled' &&
    !entries.every((entry) => /\d|[①-⑳]/.test(entry.id))
  )
    return -1
  return known.value < entries.length ? known.value : -1
}

export interface Judged {
  readonly truth: boolean
  readonly restAt: number
}

const SIGNS: Readonly<Record<string, boolean>> = {
  '+': true,
  '✓': true,
  '✔': true,
  '✅': true,
  '☑': true,
  '○': true,
  '-': false,
  '−': false,
  '–': false,
  '✗': false,
  '✘': false,
  '❌': false,
  '×': false,
  '0': false,
}

const TICKED_WORD = /[☑☒✅✓✔●]\uFE0F?\s*(\p{L}+)/u

/** True or false in words; yes and no judge as well where a judgement is asked for. */
function truthWord(text: string, letters: boolean): boolean | null {
  const truth = truthOf(text, letters)
  return truth ?? (letters && cues.isYesNo(text) ? cues.isYes(text) : null)
}

/** A judgement at the start of a text, in words, a letter or a sign, and where what follows it starts. */
export function judgement(text: string, letters: boolean): Judged | null {
  const ticked = TICKED_WORD.exec(text)?.[1]
  if (ticked && /[☐□○◯]/u.test(text)) {
    const truth = truthWord(ticked, letters)
    if (truth !== null) return { truth, restAt: text.length }
  }
  const lead = /^[^\p{L}\p{N}]*(?=\p{L})(?:\p{L}[).]\s+)?/u.exec(text)?.[0].length ?? 0
  const plain = text.slice(lead)
  const sign = SIGNS[plain.replace(/[\s)\]_*.]+$/u, '')]
  if (sign !== undefined && letters) return { truth: sign, restAt: text.length }
  const whole = truthWord(plain.replace(/[)\].!\s*"”✓✔✅☑\uFE0F]+$/u, ''), letters)
  if (whole !== null) return { truth: whole, restAt: text.length }
  const both = plain.split(/\s*\/\s*/)
  const [first, second] = both.map((part) => truthOf(part, false))
  if (both.length === 2 && first !== null && first === second) return { truth: first === true, restAt: text.length }
  for (const count of [3, 2, 1]) {
    const head = new RegExp(
      `^(?:[\\p{L}\\p{M}'’]+\\s+){${count - 1}}[\\p{L}\\p{M}'’]+(?=$|[\\s.,;:!)\\]–—([-])`,
      'u',
    ).exec(plain)?.[0]
    const truth = head ? truthWord(head, letters) : null
    const rest = head ? plain.slice(head.length) : ''
    if (head && truth !== null && /^\s*(?:$|[.,;:!([–—\])*=]|-\s|\s{2})/u.test(rest))
      return { truth, restAt: lead + head.length }
  }
  return null
}

const PAIR =
  /(?<![\p{L}\p{N}])(\d{1,2}|[ivx]{2,4}|\p{L}|[①-⑳])\s?[.)]?\s*(?:[-–—:=→>]+\s*)?[([]?\s?(\d{1,2}|[ivx]{2,4}|\p{L}|[①-⑳])(?:\s?[)\]])?(?![\p{L}\p{N}\p{M}'’])/giu

/** "1-c, 2-a", "1c 2a 3d", "son – mon; sont – étaient": pairs of two lists, by label or by words; ascending by the left. */
export function namedPairs(
  text: string,
  left: readonly Entry[],
  right: readonly Entry[],
): readonly (readonly [number, number])[] {
  const byLabel: [number, number][] = []
  for (const found of text.matchAll(PAIR)) {
    const pair = orient(found[1] ?? '', found[2] ?? '', left, right)
    if (pair) byLabel.push(pair)
  }
  const byWords = text.split(/\s*[;\n]\s*|\s*,\s*(?![^()]*\))/u).flatMap((part) => wordPair(part, left, right))
  const best = byWords.length >= byLabel.length ? byWords : byLabel
  const once = best.filter(([from], at) => best.findIndex(([other]) => other === from) === at)
  return once.sort((a, b) => a[0] - b[0])
}

function orient(a: string, b: string, left: readonly Entry[], right: readonly Entry[]): [number, number] | null {
  const exact = (label: string, list: readonly Entry[]): number =>
    list.findIndex((entry) => entry.id === label.toLowerCase())
  const [from, to] = [exact(a, left), exact(b, right)]
  if (from >= 0 && to >= 0) return [from, to]
  const [back, forth] = [exact(b, left), exact(a, right)]
  if (back >= 0 && forth >= 0) return [back, forth]
  if (left.some((entry) => entry.id) && right.some((entry) => entry.id)) return null
  const [place, other] = [entryIndex(a, left), entryIndex(b, right)]
  return place >= 0 && other >= 0 ? [place, other] : null
}

function wordPair(part: string, left: readonly Entry[], right: readonly Entry[]): [number, number][] {
  for (const sign of [/\s*(?:=|→|->|⇒|=>)\s*/u, /\s+[–—-]\s+/u, /\s*:\s+/u]) {
    const [a, b, more] = part.split(sign)
    if (!a || !b || more) continue
    const find = (text: string, list: readonly Entry[]): number =>
      list.findIndex((entry) => sameWords(entryText(entry), text) || (entry.id !== '' && sameWords(entry.id, text)))
    const pair: [number, number] = [find(a, left), find(b, right)]
    if (pair[0] >= 0 && pair[1] >= 0) return [pair]
  }
  return []
}

/** Whether a record's alternatives are the two judgements. */
export function areJudgements(record: DraftRecord): boolean {
  const words = record.entries.map((entry) => truthOf(entryText(entry), true))
  return words.length === 2 && words.includes(true) && words.includes(false)
}
