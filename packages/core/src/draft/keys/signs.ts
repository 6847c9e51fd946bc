import { anyOf, wordsFor } from '../languages/index.ts'
import type { LineStyle } from '../model.ts'
import { spanText, type Span } from '../model.ts'
import type { DraftRecord, Entry } from '../records/record.ts'
import type { Piece } from '../text/compose.ts'
import { saysRight } from '../truth-words.ts'

/**
 * Which alternatives stand out, and how. Among those of an item the odd one out is the key, whatever the sign, if it is
 * so in item after item; so a sign counts only where it never stands at all alternatives of an item.
 */
export interface Signs {
  /** By record, then by entry: whether a sign stands at it. */
  readonly marked: readonly (readonly boolean[])[]
  /** By record: what the sign is, for saying so; null where none counts. */
  readonly names: readonly (string | null)[]
  /** By record: it is dress alone, and most items that say no key otherwise do without it: it may stress a word there. */
  readonly guesses: readonly boolean[]
}

/** What counts in one record. */
export function signsAt({ marked, names, guesses }: Signs, at: number) {
  return { signs: marked[at] ?? [], signName: names[at] ?? null, isGuess: guesses[at] ?? false }
}

type Find = (entry: Entry) => string | null

const BEHIND =
  /\s*(?:[<←⟵]+[-–—=]*(?:\s*[\p{L} ]{1,20})?|[([{]\s?(?:[*xX✓✔+!]|[\p{L}]{2,12}(?:\s(?:answer|option))?)\s?[!.]?\s?[)\]}]|[✓✔✅☑←*!#]{1,3}\uFE0F?|(?<=\p{Ll}{3}|\s|\d\s)\+)\s*$/u
const BEFORE = /^(?:[*+✓✔✅☑→➜>»!#~]{1,3}\uFE0F?|[([]\s?[xX*✓+]\s?[)\]])\s*(?=\S)/u
/** Among other bullets: "+ luff", "- keel". */
const RIGHT_BULLET = /^[*+✓✔✅☑→➜>»√](?=\s*$)/u
const STYLES: readonly LineStyle[] = ['strong', 'highlight', 'colour', 'underline', 'emphasis']

/** Where a sign behind an alternative starts; −1 where none stands there. */
export function signBehind(text: string): number {
  const found = BEHIND.exec(text)
  return found && found.index > 0 ? found.index : -1
}

export function signBefore(text: string): number {
  return BEFORE.exec(text)?.[0].length ?? 0
}

const STYLE_NAMES: Partial<Record<LineStyle, string>> = {
  strong: 'bold type',
  highlight: 'a highlight',
  colour: 'a colour',
  underline: 'an underline',
  emphasis: 'slanted type',
}

const SORTS: readonly (readonly [string, Find])[] = [
  ['a tick', (entry) => (entry.ticked ? 'tick' : null)],
  ['a bullet of its own', (entry) => (entry.value < 0 ? (RIGHT_BULLET.exec(entry.labelText)?.[0] ?? null) : null)],
  ['a sign before the label', (entry) => (/^[*+✓✔✅→>~]/u.test(entry.lead) ? 'lead' : null)],
  ['a sign before the option', (entry) => BEFORE.exec(textOf(entry))?.[0].trim() ?? null],
  ['a sign behind the option', (entry) => behindKey(textOf(entry))],
  ...STYLES.map((style): readonly [string, Find] => [
    STYLE_NAMES[style] ?? style,
    (entry) => (covers(entry, style) ? style : null),
  ]),
  ['capitals', (entry) => (isCapital(textOf(entry)) ? 'capitals' : null)],
]

function textOf(entry: Entry): string {
  return entry.pieces
    .map((piece) => spanText(piece.span))
    .join(' ')
    .trim()
}

function behindKey(text: string): string | null {
  const found = BEHIND.exec(text)
  if (!found || found.index === 0) return null
  return found[0]
    .trim()
    .toLowerCase()
    .replace(/[-–—=]+/g, '-')
}

function isCapital(text: string): boolean {
  return text.length > 2 && text === text.toUpperCase() && text !== text.toLowerCase()
}

function covers(entry: Entry, style: LineStyle): boolean {
  let covered = 0
  let length = 0
  for (const { span } of entry.pieces) {
    length += spanText(span).trim().length
    covered += coveredBy(span, style)
  }
  return length > 0 && covered >= length * 0.6
}

function coveredBy(span: Span, style: LineStyle): number {
  return span.line.styles.reduce(
    (sum, range) =>
      range.style === style ? sum + Math.max(0, Math.min(range.to, span.to) - Math.max(range.from, span.from)) : sum,
    0,
  )
}

const SHARE = /^([-−+]?\d{1,3})\s?%\s*(?:[-–—:|.)]\s*)?(?=\S)/u

/**
 * "100% a great circle", "0% a rhumb line": what each alternative earns. The whole is the key, or else what earns
 * anything; the shares are taken off. What earns a part beside a whole key is kept nowhere, which is said.
 */
export function takeShares(records: readonly DraftRecord[]): void {
  for (const record of records) {
    if (takePointShares(record)) continue
    const { entries } = record
    const shares = entries.map((entry) => Number(SHARE.exec(textOf(entry))?.[1]?.replace('−', '-') ?? NaN))
    const earned = shares.filter((share) => share > 0)
    const isKey = shares.includes(100) || Math.abs(earned.reduce((sum, share) => sum + share, 0) - 100) <= 1
    if (entries.length < 2 || shares.some(Number.isNaN) || earned.length === entries.length || !isKey) continue
    // "0% of the time", "100% of the time": there the figures are what is asked.
    if (new Set(entries.map((entry) => textOf(entry).replace(SHARE, ''))).size < entries.length) continue
    const least = shares.includes(100) ? 100 : 1
    const part = earned.find((share) => share < least)
    if (part !== undefined) record.unsaid ??= `${part}%`
    entries.forEach((entry, at) => {
      const first = entry.pieces[0] as Piece
      const lead = SHARE.exec(spanText(first.span).trimStart())?.[0].length ?? 0
      const from = first.span.from + spanText(first.span).search(/\S/) + lead
      entry.pieces[0] = { ...first, span: { ...first.span, from } }
      entries[at] = { ...entry, boxed: true, ticked: (shares[at] ?? 0) >= least }
    })
  }
}

const POINTS_BEHIND = new RegExp(
  `[\\s–—:=]*[([]?\\s*([-−+]?\\d{1,2}(?:[.,]\\d)?)\\s*(?:${anyOf(wordsFor('points'))})\\.?\\s*[)\\]]?\\s*$`,
  'iu',
)

/** "help, then report   2 points", "say nothing   0 points": what each alternative earns; what earns most is the key. */
function takePointShares(record: DraftRecord): boolean {
  const { entries } = record
  const found = entries.map((entry) => POINTS_BEHIND.exec(textOf(entry)))
  const points = found.map((one) => Number(one?.[1]?.replace('−', '-').replace(',', '.') ?? NaN))
  const most = Math.max(...points)
  const least = Math.min(...points)
  if (entries.length < 2 || points.some(Number.isNaN) || most <= 0 || least === most) return false
  if (found.some((one) => one?.index === 0)) return false
  const part = points.find((one) => one > 0 && one < most)
  if (part !== undefined) record.unsaid ??= String(part)
  record.points ??= most
  entries.forEach((entry, at) => {
    const last = entry.pieces.at(-1) as Piece
    const own = POINTS_BEHIND.exec(spanText(last.span))
    if (own) entry.pieces[entry.pieces.length - 1] = { ...last, span: { ...last.span, to: last.span.from + own.index } }
    entries[at] = { ...entry, boxed: true, ticked: points[at] === most }
  })
  return true
}

const ONE_CHARACTER = /^(\S)\s+(?=\S)/u

/**
 * "0 / X / 0" before the alternatives: two characters that part them all, item after item, are boxes by other signs. The
 * rarer one is the key's; both are taken off.
 */
export function takeTwoSigns(records: readonly DraftRecord[]): void {
  const own = records.filter(
    (record) => record.entries.length > 1 && record.entries.every((entry) => ONE_CHARACTER.test(textOf(entry))),
  )
  const counts = new Map<string, number>()
  for (const record of own)
    for (const entry of record.entries)
      counts.set(
        ONE_CHARACTER.exec(textOf(entry))?.[1] ?? '',
        (counts.get(ONE_CHARACTER.exec(textOf(entry))?.[1] ?? '') ?? 0) + 1,
      )
  const [common, rare] = [...counts].sort((a, b) => b[1] - a[1]).map(([sign]) => sign)
  if (counts.size !== 2 || own.length < 2 || !common || !rare) return
  const parts = (record: DraftRecord): boolean =>
    new Set(record.entries.map((entry) => ONE_CHARACTER.exec(textOf(entry))?.[1])).size === 2
  if (!own.every(parts)) return
  for (const record of own)
    record.entries.forEach((entry, at) => {
      const first = entry.pieces[0]
      const found = first ? ONE_CHARACTER.exec(spanText(first.span).trimStart()) : null
      if (!first || !found) return
      entry.pieces[0] = { ...first, span: { ...first.span, from: first.span.from + found[0].length } }
      record.entries[at] = { ...entry, boxed: true, ticked: found[1] === rare }
    })
}

/** The sign that keys the alternatives of a draft, and for items without it a plain sign of their own. */
export function findSigns(records: readonly DraftRecord[]): Signs {
  let best: boolean[][] = records.map((record) => record.entries.map(() => false))
  let chosen: string | null = null
  let most = 0
  for (const [name, find] of SORTS) {
    const found = records.map((record) => record.entries.map((entry) => find(entry)))
    for (const sign of signsIn(found)) {
      const marked = found.map((own) => own.map((one) => one === sign))
      const count = worth(marked, records)
      if (count <= most || (count < FEWEST_WORDS && IN_BRACKETS.test(sign) && !isPlain(sign))) continue
      most = count
      best = marked
      chosen = name
    }
  }
  const names = best.map((own) => (own.some(Boolean) ? chosen : null))
  const isRare = isRareDress(best, chosen, records)
  records.forEach((record, at) => {
    if (names[at] || record.entries.length < 2) return
    const own = ownSign(record)
    if (!own) return
    best[at] = own.marked
    names[at] = own.name
  })
  return { marked: best, names, guesses: names.map((name) => isRare && name === chosen) }
}

/** "10 (binary)": a word in brackets that calls nothing right says something of its option, unless it comes again. */
const FEWEST_WORDS = 1.5

const DRESS = new Set([...Object.values(STYLE_NAMES), 'capitals'])

function isRareDress(
  marked: readonly (readonly boolean[])[],
  name: string | null,
  records: readonly DraftRecord[],
): boolean {
  if (!name || !DRESS.has(name)) return false
  const open = records.flatMap(({ entries, statements }, at) => (entries.length > 1 && !statements.length ? [at] : []))
  return open.filter((at) => marked[at]?.some(Boolean)).length * 2 < open.length
}

/** Ticks, stars and arrows say what they mean even where an item has another one than its neighbours. */
const PLAIN = /^(?:tick|lead|[*✓✔✅☑+]|[<←].*|[([]\s?[xX✓✔*]\s?[)\]])$/u
const IN_BRACKETS = /^[([{]\s?(\p{L}[\p{L} ]*)\s?[!.]?\s?[)\]}]$/u

function isPlain(sign: string): boolean {
  const word = IN_BRACKETS.exec(sign)?.[1]
  return word === undefined ? PLAIN.test(sign) : PLAIN.test(sign) || saysRight(word)
}

function ownSign(record: DraftRecord): { readonly marked: boolean[]; readonly name: string } | null {
  for (const [name, find] of SORTS) {
    const found = record.entries
      .map((entry) => find(entry))
      .map((sign) => (sign && isPlain(sign.replace('\uFE0F', '')) ? sign : null))
    const count = found.filter((sign) => sign !== null).length
    const isWord = found.some((sign) => sign !== null && /\p{L}{4,}/u.test(sign) && sign !== 'tick' && sign !== 'lead')
    if (count > 0 && count < found.length && !(isWord && count > 1))
      return { marked: found.map((sign) => sign !== null), name }
  }
  return null
}

function signsIn(found: readonly (readonly (string | null)[])[]): Set<string> {
  return new Set(found.flat().filter((sign) => sign !== null))
}

/** In how many items a sign parts the alternatives; 0 where it stands at all of them too often. */
function worth(marked: readonly (readonly boolean[])[], records: readonly DraftRecord[]): number {
  let parts = 0
  let all = 0
  marked.forEach((own, at) => {
    const count = own.filter(Boolean).length
    if (!count || own.length < 2) return
    if (count === own.length) all++
    else parts += (records[at]?.statements.length ?? 0) > 0 ? 0.5 : 1
  })
  return all > parts * 0.34 ? 0 : parts - all * 0.5
}
