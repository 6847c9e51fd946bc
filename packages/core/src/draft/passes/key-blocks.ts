import { romanValue } from '../labels.ts'
import type { Line, Span } from '../model.ts'
import { cues, questionLabelAt } from '../words.ts'
import { isKindAlone } from './line-findings.ts'
import type { KeyBlock } from './sorted.ts'

/** One entry of a list of keys: which item, and where its value stands. */
export interface KeyEntry {
  /** As written, lower case: `3`, `iv`, `bonus`; null where the entry has none. */
  readonly number: string
  readonly section: string | null
  readonly values: Span[]
  readonly line: Line
  /** Where the entry starts in its line, its number included. */
  readonly from: number
}

const RANGE = /^\s*(\d{1,3})\s*[-–]\s*(\d{1,3})\s*[:：.)]?\s+(.+)$/
const SECTION_PREFIX = /^\s*(?:(?:part|section|teil|partie|parte)\s+)?([IVX]{1,5})\s*[:.)]\s+(?=\S)/i
const ENTRY =
  /^[\s*([]*(?:q\.?\s?)?(\d{1,2}\.\d{1,2}(?=[\s.):])|\d{1,3}|[ivx]{1,4}|bonus)\s*(?:[-–—.):：=\]]+|\s|(?=[A-Za-z](?![A-Za-z])))\s*/i
/** Between two entries of one line: two blanks, a tab, a comma or semicolon, before a number or a roman numeral. */
const BETWEEN =
  /(?:\s{2,}|\t|[,;]\s+|[,;](?=\d{1,3}[-–.):=]))(?=q?\d{1,3}\s*(?:[-–.):：=]\s*|\s)\s*\S|\d{1,3}[A-Za-z](?![A-Za-z])|[ivx]{1,4}\s+\S)/gi
const COMPACT = /(\d{1,3})\s*[-–.):：=]?\s*[([]?(true|false|\p{L}(?![\p{L}\d]))[)\]]?/giu

/** Parts the lines of a block of keys into entries. A line without a number goes on with the entry before it. */
export function readKeyEntries(block: KeyBlock): KeyEntry[] {
  const entries: KeyEntry[] = []
  let section = block.section
  for (const line of block.lines) {
    // "COMPLETION" between the keys of two sections.
    if (isKindAlone(line.text.trim())) continue
    const named = sectionAt(line.text, 0)
    let start = named?.end ?? blockStart(line.text)
    if (named) {
      section = named.label
      if (line.text.slice(start).trim() === '') continue
    }
    const question = questionLabelAt(
      line.text,
      start + (line.text.slice(start).length - line.text.slice(start).trimStart().length),
    )
    const several = question !== null && /[,;\s]q\.?\s?\d{1,3}\s*[-–.):(]/i.test(line.text.slice(question.end))
    if (question && !several && question.end < line.text.length && !line.text.trimStart().startsWith('|')) {
      entries.push({
        number: question.number.toLowerCase(),
        section,
        values: [{ line, from: question.end, to: line.text.length }],
        line,
        from: start,
      })
      continue
    }
    const prefix = SECTION_PREFIX.exec(line.text.slice(start))
    if (prefix?.[1] && prefix[1] === prefix[1].toUpperCase()) {
      section = prefix[1].toLowerCase()
      start += prefix[0].length
    }
    const found = line.text.trimStart().startsWith('|') ? tableEntry(line, section) : entriesOf(line, start, section)
    const last = entries.at(-1)
    if (found.length) entries.push(...found)
    else if (last && line.text.trim()) last.values.push({ line, from: 0, to: line.text.length })
  }
  return entries
}

/** Where the entries start: behind a title that stands in the same line. */
function blockStart(text: string): number {
  const title = /^[^\d|]*?[:：]\s*(?=q?\d)/i.exec(text)
  return title && !/^\s*(?:\d|[ivx]+[\s:.)])/i.test(text) ? title[0].length : 0
}

/** "Part A  1 T, 2 F": the section that the entries behind it belong to. */
function sectionAt(text: string, from: number): { readonly label: string; readonly end: number } | null {
  const lead = text.slice(from).length - text.slice(from).trimStart().length
  const rest = text.slice(from + lead)
  const end = cues.sectionEnd(rest)
  const label = cues.sectionLabel(rest)
  if (!end || !label) return null
  const behind = /^[\s:.)–-]*/.exec(rest.slice(end))?.[0].length ?? 0
  return { label, end: from + lead + end + behind }
}

function tableEntry(line: Line, section: string | null): KeyEntry[] {
  const cells = [...line.text.matchAll(/\|([^|]*)/g)].map((cell) => ({
    text: (cell[1] ?? '').trim(),
    from: cell.index + 1,
    to: cell.index + cell[0].length,
  }))
  const [number, ...rest] = cells.filter((cell) => cell.text !== '')
  const packed = cells.flatMap((cell) => {
    const head = /^\(?(\d{1,3}|[ivx]{1,4})[).:\s-]+(?=\S)/i.exec(cell.text)
    const at = line.text.indexOf(cell.text, cell.from)
    return head?.[1] && (cell !== cells[0] || cells.length > 2)
      ? [
          {
            number: head[1].toLowerCase(),
            section,
            values: [{ line, from: at + head[0].length, to: at + cell.text.length }],
            line,
            from: at,
          },
        ]
      : []
  })
  if (packed.length > 1 || (packed.length === 1 && !/^\d{1,3}\.?$/.test(number?.text ?? ''))) return packed
  const value = rest[0]
  if (!number || !value || !/^(?:\d{1,3}|[ivx]{1,4}|bonus)\.?$/i.test(number.text)) return []
  return [
    {
      number: number.text.toLowerCase().replace('.', ''),
      section,
      values: [{ line, from: value.from, to: value.to }],
      line,
      from: 0,
    },
  ]
}

function entriesOf(line: Line, start: number, section: string | null): KeyEntry[] {
  const text = line.text
  const range = RANGE.exec(text.slice(start))
  if (range?.[1] && range[2] && range[3])
    return rangeEntries(line, range[1], range[2], start + range[0].indexOf(range[3]), section)
  const compact = [...text.slice(start).matchAll(COMPACT)]
  const covered = compact.reduce((sum, match) => sum + match[0].replace(/[\s,;.|–—-]/g, '').length, 0)
  const letters = text.slice(start).replace(/[\s,;.|–—-]/g, '').length
  if (compact.length > 1 && covered >= letters)
    return compact.map((match) => {
      const value = match[2] ?? ''
      const from = start + match.index + match[0].lastIndexOf(value)
      return {
        number: match[1] ?? '',
        section,
        values: [{ line, from, to: from + value.length }],
        line,
        from: start + match.index,
      }
    })
  const dashed = dashedParts(text, start)
  if (dashed.length > 1)
    return dashed.flatMap(({ from, to }) => {
      const head = /^(\d{1,3})\s*[.):：]?\s*/.exec(text.slice(from, to))
      return head?.[1]
        ? [{ number: head[1], section, values: [{ line, from: from + head[0].length, to }], line, from }]
        : []
    })
  return parts(text, start).flatMap(({ from, to }) => {
    const head = ENTRY.exec(text.slice(from, to))
    if (!head?.[1] || from + head[0].length >= to) return []
    if (/^[ivx]+$/i.test(head[1]) && romanValue(head[1]) === null) return []
    return [{ number: head[1].toLowerCase(), section, values: [{ line, from: from + head[0].length, to }], line, from }]
  })
}

/** "1a – 2b – 3V – 5 : 100": entries between dashes, the first of them a number and a letter. */
function dashedParts(text: string, start: number): { from: number; to: number }[] {
  if (!/^\s*\d{1,3}\s*[.):]?\s*\p{L}\s+[–—-]\s+\d/u.test(text.slice(start))) return []
  const found: { from: number; to: number }[] = []
  let from = start + (text.slice(start).length - text.slice(start).trimStart().length)
  for (const gap of text.slice(start).matchAll(/\s+[–—-]\s+(?=\d{1,3}\s*[\p{L}:.)])/gu)) {
    found.push({ from, to: start + gap.index })
    from = start + gap.index + gap[0].length
  }
  return [...found, { from, to: text.length }]
}

function parts(text: string, start: number): { from: number; to: number }[] {
  const edges = [start]
  const ends: number[] = []
  for (const gap of text.slice(start).matchAll(BETWEEN)) {
    if (gap.index === 0) continue
    const at = start + gap.index
    // "9. 1-C, 2-B": pairs inside an entry wear another dress than the entry's own number.
    if (dressOf(text.slice(at + gap[0].length)) !== dressOf(text.slice(start))) continue
    if (!ENTRY.test(text.slice(edges.at(-1), at)) || valueOf(text.slice(edges.at(-1), at)) === '') continue
    ends.push(at)
    edges.push(at + gap[0].length)
  }
  ends.push(text.length)
  return edges.flatMap((from, index) => countedParts(text, from, ends[index] ?? text.length))
}

/** "1. bowline 2. bow": one blank parts entries where the numbers count up in the same dress. */
function countedParts(text: string, from: number, to: number): { from: number; to: number }[] {
  const dress = dressOf(text.slice(from, to))
  let number = Number(/^[\s*([]*(\d{1,3})/.exec(text.slice(from, to))?.[1] ?? NaN)
  if (!dress || dress === ' ' || Number.isNaN(number)) return [{ from, to }]
  const found: { from: number; to: number }[] = []
  let start = from
  for (const gap of text.slice(from, to).matchAll(/\s(?=[([]?(\d{1,3})\s*[-–—.):：=\]]\s*\S)/g)) {
    const at = from + gap.index
    if (Number(gap[1]) !== number + 1 || dressOf(text.slice(at + 1, to)) !== dress) continue
    found.push({ from: start, to: at })
    start = at + 1
    number++
  }
  return [...found, { from: start, to }]
}

function dressOf(text: string): string {
  return /^[\s*([]*q?(?:\d{1,3}|[ivx]{1,4}|bonus)\s*([-–—.):：=\]]?)/i.exec(text)?.[1] ?? ''
}

function valueOf(part: string): string {
  return part.replace(ENTRY, '').trim()
}

function rangeEntries(line: Line, first: string, last: string, valueFrom: number, section: string | null): KeyEntry[] {
  const values = [...line.text.slice(valueFrom).matchAll(/[^\s,;]+/g)]
  const count = Number(last) - Number(first) + 1
  if (count < 1 || count > 200) return []
  return values.slice(0, count).map((value, index) => ({
    number: String(Number(first) + index),
    section,
    values: [{ line, from: valueFrom + value.index, to: valueFrom + value.index + value[0].length }],
    line,
    from: valueFrom + value.index,
  }))
}
