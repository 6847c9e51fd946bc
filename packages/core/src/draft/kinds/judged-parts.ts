import { spanText, type Span } from '../model.ts'
import type { Piece } from '../text/compose.ts'
import { trueFalseTail, truthOf } from '../truth-words.ts'
import { entryText } from '../keys/values.ts'
import { newRecord, type DraftRecord, type Statement } from '../records/record.ts'

/** One statement of several that a single question asks to be judged. */
interface Part {
  readonly id: string
  readonly pieces: readonly Piece[]
  /** How it is judged where it stands. */
  readonly sign?: boolean | null
}

const ROOM = /^\s*(?:_{2,}|\.{4,}|…{2,}|[([]\s*[)\]])\s*(?=\S)/u
/** Room for a judgement behind a statement. */
const BEHIND = /\s+(?:[([]\s*[)\]]|_{2,}|[☐□○])\s*$/u
const FEWEST = 2

/**
 * "True or false?" above lettered statements, each with "T / F" behind it, or above statements with room before each: one
 * item for every statement, with its part of the key ("a T, b F", "T F T"). Null: the record is none of these.
 */
export function judgedParts(record: DraftRecord): DraftRecord[] | null {
  const parts = letteredParts(record) ?? signedParts(record) ?? roomyParts(record)
  if (!parts) return null
  const signed = parts.map(({ sign }) => (sign === undefined ? null : sign))
  const said = record.statements[0]
  const judgements = said ? judgementsIn(said.value, parts) : []
  return parts.map((part, at) => partRecord(record, part, judgements[at] ?? null, at, signed[at] ?? null))
}

/** "( T ) A raft floats.  ( F ) It has a keel.": the letters before the statements are no labels, they judge. */
function signedParts({ entries, lists, rows, stem }: DraftRecord): Part[] | null {
  if (entries.length < FEWEST || lists.length || rows.length) return null
  if (!namesBoth(stem.map(({ span }) => spanText(span)).join(' '))) return null
  const signs = entries.map(({ id }) => (id.length === 1 ? truthOf(id, true) : null))
  const counts = entries.every(({ value }, at) => value === at)
  if (counts || signs.includes(null) || new Set(signs).size < 2) return null
  return entries.map((entry, at) => ({ id: '', pieces: entry.pieces, sign: signs[at] ?? null }))
}

function letteredParts({ entries, lists, rows, stem }: DraftRecord): Part[] | null {
  if (entries.length < FEWEST || lists.length || rows.length) return null
  const isAsked = namesBoth(stem.map(({ span }) => spanText(span)).join(' '))
  const parts = entries.map((entry): Part | null => {
    const text = entryText(entry)
    const room = isAsked ? BEHIND.exec(text) : null
    const tail = trueFalseTail(text) ?? (room && { from: room.index })
    const last = entry.pieces.at(-1)
    if (!tail || !last || entry.pieces.length !== 1) return null
    const stop = /^[.!]/.test(entryText(entry).slice(tail.from)) ? 1 : 0
    return { id: entry.id, pieces: [{ ...last, span: { ...last.span, to: last.span.from + tail.from + stop } }] }
  })
  return parts.every((part) => part !== null) ? parts : null
}

function roomyParts({ entries, rows, stem, banks }: DraftRecord): Part[] | null {
  const [head, ...others] = stem
  if (!head || others.length < FEWEST || entries.length || rows.length || banks.length) return null
  if (!namesBoth(spanText(head.span))) return null
  const parts = others.map(({ span }): Part | null => {
    const room = ROOM.exec(spanText(span))?.[0].length ?? 0
    return room > 0 ? { id: '', pieces: [{ join: 'paragraph', span: { ...span, from: span.from + room } }] } : null
  })
  return parts.every((part) => part !== null) ? parts : null
}

/** "Write T (true) or F (false).": a text that names both judgements. */
function namesBoth(text: string): boolean {
  const words = text.split(/[^\p{L}]+/u).map((word) => truthOf(word, false))
  return words.includes(true) && words.includes(false)
}

const WORDS = /[\p{L}]+/gu

/** By statement: where the key judges it; by its letter, or in order where there are as many judgements as statements. */
function judgementsIn(value: Span, parts: readonly Part[]): (Span | null)[] {
  const text = spanText(value)
  const found = [...text.matchAll(WORDS)]
  const span = (match: RegExpExecArray): Span => ({
    ...value,
    from: value.from + match.index,
    to: value.from + match.index + match[0].length,
  })
  const byLetter = parts.map(({ id }) => {
    const at = found.findIndex((match) => id !== '' && match[0].toLowerCase() === id)
    const next = at >= 0 ? found[at + 1] : undefined
    return next && truthOf(next[0], true) !== null ? span(next) : null
  })
  if (byLetter.every((one) => one !== null)) return byLetter
  const words = found.filter((match) => truthOf(match[0], true) !== null)
  return words.length === parts.length && words.length === found.length ? words.map(span) : []
}

function partRecord(
  whole: DraftRecord,
  part: Part,
  judged: Span | null,
  at: number,
  signed: boolean | null,
): DraftRecord {
  const statement: Statement | null = judged && { value: judged, statement: judged, more: [], source: 'list' }
  const own = part.pieces.map(({ span }) => span.line.number)
  return {
    ...newRecord(whole.section),
    // The first keeps what stood above them all.
    units: whole.units.filter(({ line }) => own.includes(line.number) || (at === 0 && line.number < (own[0] ?? 0))),
    label: at === 0 ? whole.label : null,
    labelUnit: at === 0 ? whole.labelUnit : null,
    passage: whole.passage,
    stem: [...part.pieces],
    statements: statement ? [statement] : [],
    judged: signed ?? (judged ? truthOf(spanText(judged), true) : null),
    kindSaid: 'truefalse',
    difficulty: whole.difficulty,
    level: whole.level,
    outcome: whole.outcome,
    tags: [...whole.tags],
  }
}
