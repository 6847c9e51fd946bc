import { plainText } from '../content/plain.ts'
import { folded, readResponse, sidesOf } from '../grade/response-text.ts'
import { isAnswered, type Response } from '../grade/response.ts'
import type { Item } from '../item/model.ts'
import type { Attempt } from './scores.ts'

/** What a column of a response file is taken for. */
export type AnswerRole =
  | { readonly kind: 'identity'; readonly field: string }
  /** When it was handed in. */
  | { readonly kind: 'time' }
  /** Answers to an item; of a grid or a cloze with a column for each part, that part's place. */
  | { readonly kind: 'item'; readonly item: number; readonly part: number | null }
  | { readonly kind: 'skip' }

export interface GuessedColumn {
  readonly header: string
  readonly role: AnswerRole
  /** How well it fits, in `[0, 1]`; under 0.75 a person should look. */
  readonly sureness: number
}

const SURE_OF_SKIP =
  /^(?:score|points?|total|grade|mark|marks|result|feedback|percent(?:age)?|%|duration|time taken|attempt|status|state)\b|\b(?:score|points?|feedback)\s*$/i
const TIMES =
  /^(?:timestamp|time ?stamp|submitted(?: at| on)?|handed in|completed|completion time|end(?:ed)?(?: at)?|date|time|finished)$/i
const IDENTITY =
  /^(?:(?:full |first |last |sur|family |given |user ?)?name|student(?: id| number| no\.?)?|e-?mail(?: address)?|class|group|course|section|id|number|no\.?|login|form|navn|name der.*|nom|nombre|klasse?|elev)$/i
/** The same words in another order are another question now and then. */
const MOST_BY_WORDS = 0.8
/** Under this, a header does not speak of an item. */
const LEAST_ALIKE = 0.45

/**
 * Guesses what each column is: headers are compared with the stems of the items, cut off, numbered or with points behind
 * them as they may be; `Stem [part]` is one part of a grid or a cloze; a bare number is the item of that number.
 */
export function guessColumns(headers: readonly string[], items: readonly Item[]): GuessedColumn[] {
  const stems = items.map((item) => wordsIn(plainText(item.stem)))
  const proposals = headers.map((header) => proposalsFor(header, items, stems))
  const taken = new Set<string>()
  const roles: (GuessedColumn | undefined)[] = headers.map(() => undefined)
  const ordered = proposals
    .flatMap((own, column) => own.map((one) => ({ ...one, column })))
    .sort((a, b) => b.alike - a.alike || a.column - b.column)
  for (const { column, item, part, alike } of ordered) {
    const name = `${item}:${part ?? ''}`
    const isWhole = part === null && [...taken].some((one) => one.startsWith(`${item}:`))
    if (roles[column] || taken.has(name) || taken.has(`${item}:`) || isWhole) continue
    taken.add(name)
    roles[column] = { header: headers[column] ?? '', role: { kind: 'item', item, part }, sureness: alike }
  }
  return headers.map((header, column) => roles[column] ?? withoutItem(header))
}

function withoutItem(header: string): GuessedColumn {
  const name = header.trim()
  if (TIMES.test(name)) return { header, role: { kind: 'time' }, sureness: 1 }
  if (IDENTITY.test(name)) return { header, role: { kind: 'identity', field: name }, sureness: 1 }
  return { header, role: { kind: 'skip' }, sureness: name === '' || SURE_OF_SKIP.test(name) ? 1 : 0.5 }
}

interface Proposal {
  readonly item: number
  readonly part: number | null
  readonly alike: number
}

function proposalsFor(header: string, items: readonly Item[], stems: readonly (readonly string[])[]): Proposal[] {
  const name = header.trim()
  if (TIMES.test(name) || IDENTITY.test(name) || SURE_OF_SKIP.test(name)) return []
  const { stem, part, number, bracket } = headerParts(name)
  const own = wordsIn(stem)
  if (!own.length && number !== null && items[number - 1])
    return [{ item: number - 1, part: part === null ? null : partIn(items[number - 1], part), alike: 0.8 }]
  const isCut = /(?:…|\.\.\.)\s*$/.test(stem)
  return items.flatMap((item, place): Proposal[] => {
    if (item.kind === 'note') return []
    // A bare number in brackets is a part where the item has that many, else points.
    const asked = part ?? (hasParts(item) ? bracket : null)
    const within = asked === null ? null : partIn(item, asked)
    const found = alikeness(own, stems[place] ?? [], isCut) + (number === place + 1 ? 0.05 : 0)
    // A bracket that names no part belongs to the stem, or to points.
    return found >= LEAST_ALIKE ? [{ item: place, part: within, alike: Math.min(1, found) }] : []
  })
}

function hasParts(item: Item): boolean {
  return item.kind === 'cloze' || item.kind === 'match' || item.kind === 'grid'
}

interface HeaderParts {
  readonly stem: string
  readonly part: string | null
  readonly number: number | null
  /** A bare number in square brackets at the end. */
  readonly bracket: string | null
}

function headerParts(header: string): HeaderParts {
  const [, number, afterNumber = header] =
    /^(?:(?:question|item|q|frage|spørsmål|nr\.?|no\.?|#)\s*)?(\d{1,3})\s*(?:[.):–-]\s*|\s+|$)(.*)$/i.exec(header) ?? []
  const bare = afterNumber.replace(/\s*[([]\s*\d+(?:[.,]\d+)?\s*(?:points?|pts?|p\.?)?\s*[)\]]\s*$/i, '')
  const [, stem = bare, part = null] =
    /^(.*?)\s*\[([^\]]+)\]\s*$/.exec(bare) ?? /^(.*?)\s+(?:>|»|→)\s+(.+)$/.exec(bare) ?? []
  const bracket = /\[\s*(\d{1,2})\s*\]\s*$/.exec(afterNumber)?.[1] ?? null
  return { stem, part, number: number === undefined ? null : Number(number), bracket }
}

/** The place of a part by its text, or by its number. */
function partIn(item: Item | undefined, part: string): number | null {
  if (!item) return null
  const wanted = folded(part)
  const texts = item.kind === 'cloze' ? [] : sidesOf(item)[0].map((one) => folded(plainText(one)))
  const place = texts.findIndex(
    (text) => text === wanted || (wanted.length > 5 && text.startsWith(wanted.replace(/…$/, ''))),
  )
  if (place >= 0) return place
  const number = Number(/^(?:gap|part|row|blank)?\s*(\d+)$/i.exec(part.trim())?.[1])
  const most = item.kind === 'cloze' ? item.gaps.length : texts.length
  return number >= 1 && number <= most ? number - 1 : null
}

function wordsIn(text: string): string[] {
  return folded(text)
    .replace(/_{2,}/g, ' ')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
}

/** Share of words that both have, in their order of frequency; a header that is cut off is the beginning of its stem. */
function alikeness(header: readonly string[], stem: readonly string[], isCut: boolean): number {
  if (!header.length || !stem.length) return 0
  const begins = header.slice(0, isCut ? -1 : undefined).every((word, at) => stem[at] === word)
  if (begins && (isCut ? header.length > 2 : header.length >= Math.min(4, stem.length))) {
    const whole = header.length === stem.length
    return whole ? 1 : 0.85
  }
  const rest = [...stem]
  const shared = header.filter((word) => {
    const at = rest.indexOf(word)
    if (at >= 0) rest.splice(at, 1)
    return at >= 0
  }).length
  return Math.min(MOST_BY_WORDS, (2 * shared) / (header.length + stem.length))
}

/** A row of a response file as an attempt, with the cells that could not be given to their item. */
export interface ReadRow {
  readonly attempt: Attempt
  readonly fields: Readonly<Record<string, string>>
  readonly time: string | null
  readonly unread: readonly { readonly item: number; readonly cell: string }[]
}

/** Rows by the roles of their columns; a row without any cell is none. */
export function readRows(
  rows: readonly (readonly string[])[],
  roles: readonly AnswerRole[],
  items: readonly Item[],
): ReadRow[] {
  return rows.flatMap((cells, index): ReadRow[] => {
    if (cells.every((cell) => cell.trim() === '')) return []
    const fields: Record<string, string> = {}
    let time: string | null = null
    roles.forEach((role, column) => {
      const cell = (cells[column] ?? '').trim()
      if (role.kind === 'identity') fields[role.field] = cell
      if (role.kind === 'time' && cell) time = cell
    })
    const unread: { item: number; cell: string }[] = []
    const responses = items.map((item, place) => {
      const own = roles.flatMap((role, column) =>
        role.kind === 'item' && role.item === place ? [{ part: role.part, cell: (cells[column] ?? '').trim() }] : [],
      )
      const response = responseIn(item, own)
      const given = own.map(({ cell }) => cell).filter(Boolean)
      if (given.length && !(response && isAnswered(response) && isWhollyRead(response, own)))
        unread.push({ item: place, cell: given.join('; ') })
      return response
    })
    const student = Object.values(fields).filter(Boolean).join(', ') || `Response ${index + 1}`
    return [{ attempt: { student, responses }, fields, time, unread }]
  })
}

/** Whether nothing of what stands there was left behind: a pair that is none is told, and the others count. */
function isWhollyRead(
  response: Response,
  own: readonly { readonly part: number | null; readonly cell: string }[],
): boolean {
  if (response.kind !== 'pairs') return true
  const parts = own.flatMap(({ part, cell }) => (part === null ? cell.split(/[;\n]/) : [cell]))
  return parts.filter((part) => part.trim() !== '').length === response.pairs.length
}

function responseIn(
  item: Item,
  own: readonly { readonly part: number | null; readonly cell: string }[],
): Response | null {
  const parts = own.filter(({ part }) => part !== null)
  if (!parts.length) return own[0] ? readResponse(item, own[0].cell) : null
  const cellOf = (part: number): string => parts.find((one) => one.part === part)?.cell ?? ''
  if (item.kind === 'cloze') return { kind: 'gaps', texts: item.gaps.map((_gap, at) => cellOf(at)) }
  const [rows, columns] = sidesOf(item)
  const texts = columns.map((column) => folded(plainText(column)))
  const pairs = rows.flatMap((_row, at): (readonly [number, number])[] => {
    const column = texts.indexOf(folded(cellOf(at)))
    return column < 0 ? [] : [[at, column]]
  })
  return { kind: 'pairs', pairs }
}
