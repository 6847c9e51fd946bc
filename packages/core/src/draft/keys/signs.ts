import type { LineStyle } from '../model.ts'
import { spanText, type Span } from '../model.ts'
import type { DraftRecord, Entry } from '../records/record.ts'

/**
 * Which alternatives stand out, and how. Among those of an item the odd one out is the key, whatever the sign, if it is
 * so in item after item; so a sign counts only where it never stands at all alternatives of an item.
 */
export interface Signs {
  /** By record, then by entry: whether a sign stands at it. */
  readonly marked: readonly (readonly boolean[])[]
  /** What the sign is, for saying so; null where none counts. */
  readonly name: string | null
}

type Find = (entry: Entry) => string | null

const BEHIND =
  /\s*(?:[<←⟵]+[-–—=]*(?:\s*[\p{L} ]{1,20})?|[([{]\s?(?:[*xX✓✔+!]|[\p{L}]{2,12}(?:\s(?:answer|option))?)\s?[!.]?\s?[)\]}]|[✓✔✅☑←✗✘❌*+!#]{1,3}\uFE0F?)\s*$/u
const BEFORE = /^(?:[*+✓✔✅☑→➜>»!#~]{1,3}\uFE0F?|[([]\s?[xX*✓+]\s?[)\]])\s*(?=\S)/u
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
  strong: 'bold type', highlight: 'a highlight', colour: 'a colour', underline: 'an underline', emphasis: 'slanted type',
}

const SORTS: readonly (readonly [string, Find])[] = [
  ['a tick', (entry) => (entry.ticked ? 'tick' : null)],
  ['a sign before the label', (entry) => (/^[*+✓✔✅→>~]/u.test(entry.lead) ? 'lead' : null)],
  ['a sign before the option', (entry) => BEFORE.exec(textOf(entry))?.[0].trim() ?? null],
  ['a sign behind the option', (entry) => behindKey(textOf(entry))],
  ...STYLES.map((style): readonly [string, Find] => [STYLE_NAMES[style] ?? style, (entry) => (covers(entry, style) ? style : null)]),
  ['capitals', (entry) => (isCapital(textOf(entry)) ? 'capitals' : null)],
]


function textOf(entry: Entry): string {
  return entry.pieces.map((piece) => spanText(piece.span)).join(' ').trim()
}

function behindKey(text: string): string | null {
  const found = BEHIND.exec(text)
  if (!found || found.index === 0) return null
  return found[0].trim().toLowerCase().replace(/[-–—=]+/g, '-')
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
    (sum, range) => (range.style === style ? sum + Math.max(0, Math.min(range.to, span.to) - Math.max(range.from, span.from)) : sum),
    0,
  )
}

/** The sign that keys the alternatives of a draft; of several, the one at work in the most items. */
export function findSigns(records: readonly DraftRecord[]): Signs {
  const none: Signs = { marked: records.map((record) => record.entries.map(() => false)), name: null }
  let best = none
  let most = 0
  for (const [name, find] of SORTS) {
    const found = records.map((record) => record.entries.map((entry) => find(entry)))
    for (const sign of signsIn(found)) {
      const marked = found.map((own) => own.map((one) => one === sign))
      const count = worth(marked, records)
      if (count > most) {
        most = count
        best = { marked, name: sign === 'lead' || name.startsWith('a sign') ? `${name}` : name }
      }
    }
  }
  return best
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
