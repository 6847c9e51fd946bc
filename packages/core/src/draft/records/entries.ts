import type { Facts } from '../facts/facts.ts'
import type { RunPart } from '../facts/runs.ts'
import { roleOfHeader } from '../columns/layout.ts'
import { wordsFor } from '../languages/index.ts'
import { spanText } from '../model.ts'
import type { Role } from '../roles/roles.ts'
import { spanOf, type DraftRecord, type Entry } from './record.ts'

/** The alternatives of one line: those of its run, or the line as one. */
export function entriesIn(facts: Facts, run: readonly RunPart[], form: 'run' | 'line'): Entry[] {
  return form === 'run' ? run.map((part, at) => runEntry(facts, part, at)) : [lineEntry(facts)]
}

function runEntry(facts: Facts, part: RunPart, at: number): Entry {
  const { unit } = facts
  return {
    id: part.id,
    value: part.box ? -1 : part.value,
    dress: part.dress,
    labelText: unit.text.slice(part.label, part.from).trim(),
    pieces: [{ span: spanOf(unit, part.from, part.to), join: 'paragraph' }],
    remarks: [],
    lead: part.lead || (at === 0 ? unit.text.slice(0, part.label).trim() : ''),
    ticked: part.box ? part.box === 'ticked' : at === 0 && facts.box === 'ticked',
    boxed: part.box !== null || (at === 0 && facts.box !== null),
    unit,
    inRow: true,
  }
}

const MOST_ENTRIES = 26

function lineEntry(facts: Facts): Entry {
  const { unit } = facts
  // "60- to 80 times": no list of alternatives counts so far.
  const label = facts.label && facts.label.value < MOST_ENTRIES ? facts.label : undefined
  const from = Math.min(unit.text.length, startOf(facts, label !== undefined))
  return {
    id: label?.id ?? '',
    value: label?.value ?? -1,
    dress: label?.dress ?? (facts.box ? 'box' : facts.bullet ? 'bullet' : ''),
    labelText: unit.text.slice(0, from).trim(),
    pieces: [{ span: spanOf(unit, from, unit.text.length), join: 'paragraph' }],
    remarks: [],
    lead: label?.lead ?? '',
    ticked: facts.box === 'ticked',
    boxed: facts.box !== null,
    unit,
    inRow: false,
  }
}

/** Where an alternative's text starts: behind its label, its word, its box or its bullet. */
function startOf(facts: Facts, isLabelled: boolean): number {
  const { label, cue, body } = facts
  if (label && !isLabelled) return facts.box || facts.bullet ? label.from : 0
  return cue && !isLabelled && cue.role === 'other' && isOptionWord(facts) ? cue.to : body
}

/** "OPTION A:", "Choice 2:" */
function isOptionWord(facts: Facts): boolean {
  return /\s(?:[a-z]|\d)$/.test(facts.cue?.word ?? '')
}

/** Columns of options that are read across, `a … c …`, put back into the order of their labels. */
export function inLabelOrder(entries: Entry[]): void {
  if (!entries.some((entry) => entry.inRow) || entries.some((entry) => entry.value < 0)) return
  const places = new Set(entries.map((entry) => entry.value))
  const isWhole = places.size === entries.length && entries.every((entry) => entry.value < entries.length)
  if (isWhole) entries.sort((a, b) => a.value - b.value)
}

const SEPARATORS = [/\s+[/|]\s+/gu, /\s{3,}|\t+/gu, /\s*[;|•·]\s*/gu, /\s*[,、，]\s*/gu]
const WORD = /^\p{L}[\p{L} ]{0,20}[:：]\s*/u

/** "opts: [spruce, larch, pine]", "hour    second    day": all alternatives of an item on one line without labels. */
export function partSoleLines(records: readonly DraftRecord[]): void {
  for (const record of records) {
    const [only] = record.entries
    if (!only || record.entries.length > 1 || only.id !== '' || only.pieces.length > 1) continue
    const span = only.pieces[0]?.span
    if (!span) continue
    const text = spanText(span)
    const start = WORD.exec(text)?.[0].length ?? 0
    const inner = /^\s*[[({](.*)[\])}]\s*$/u.exec(text.slice(start))
    const from = start + (inner ? text.slice(start).search(/[[({]/) + 1 : 0)
    const to = inner ? text.trimEnd().length - 1 : text.trimEnd().length
    const parts = partsOf(text.slice(from, to), inner !== null)
    if (parts.length < 2) continue
    record.entries.splice(
      0,
      1,
      ...parts.map(([a, b]): Entry => ({
        ...only,
        inRow: true,
        labelText: '',
        pieces: [{ span: { ...span, from: span.from + from + a, to: span.from + from + b }, join: 'paragraph' }],
        remarks: [],
      })),
    )
  }
}

const KEY_WORDS: ReadonlySet<string> = new Set(wordsFor('answer'))
const KEY_ROLES: ReadonlySet<Role> = new Set(['answer', 'more', 'bank'])

/** "Réponses possibles : le fil ; la laine": what heads a column of options names them on a line, too. */
export function isOptionsField({ unit: { text } }: Facts, role: Role): boolean {
  if (!KEY_ROLES.has(role)) return false
  const word = WORD.exec(text)?.[0] ?? ''
  const name = word.replace(/\s*[:：]\s*$/u, '').toLowerCase()
  return (
    name !== '' &&
    roleOfHeader(name) === 'options' &&
    !KEY_WORDS.has(name) &&
    partsOf(text.slice(word.length), true).length > 1
  )
}

/** Half-open stretches between the first separator that parts a text; commas part it only within brackets or into three. */
function partsOf(text: string, isBracketed: boolean): [number, number][] {
  for (const [rank, separator] of SEPARATORS.entries()) {
    const parts: [number, number][] = []
    let from = 0
    for (const found of text.matchAll(separator)) {
      parts.push([from, found.index])
      from = found.index + found[0].length
    }
    parts.push([from, text.length])
    const filled = parts.filter(([a, b]) => text.slice(a, b).trim() !== '')
    if (filled.length >= (rank < 2 || isBracketed ? 2 : 3)) return filled
  }
  return []
}

export function takeOption(record: DraftRecord, facts: Facts): void {
  const { run, body } = facts
  if (takesUp(record, facts)) return takeWrapped(record, facts)
  const own =
    run.length > 1 && (run[0]?.label ?? 99) <= Math.max(body + 1, facts.label?.to ?? 0)
      ? entriesIn(facts, run, 'run')
      : entriesIn(facts, [], 'line')
  const last = record.entries.at(-1)
  const [first] = own
  const restarts = last && first && first.value === 0 && last.value > 0 && first.dress !== last.dress
  // Letters behind figures are another list, unless they count on: 1, X, 2.
  const isOther = last && first && first.value >= 0 && last.value >= 0 && scriptOf(first.id) !== scriptOf(last.id)
  if (restarts || (isOther && first.value !== last.value + 1)) record.lists.push(record.entries.splice(0))
  record.entries.push(...own)
}

/** "d) Rye Answer: b)": the next alternative, with the key behind it on its line. */
export function isOptionWithKey({ entries }: DraftRecord, { label, glued }: Facts): boolean {
  return (
    glued?.role === 'answer' &&
    label !== null &&
    entries.length > 0 &&
    label.value === (entries.at(-1)?.value ?? label.value) + 1
  )
}

function scriptOf(id: string): string {
  return /^\d/.test(id) ? 'number' : /^[①-⑳]/.test(id) ? 'circled' : 'letter'
}

/** "sends everybody out  (c) opens the doors  (d) waits": the end of the last alternative above, then those that count on. */
function takesUp({ entries }: DraftRecord, { run, label }: Facts): boolean {
  const last = entries.at(-1)
  const next = run[0]
  return (
    last !== undefined &&
    next !== undefined &&
    label === null &&
    last.inRow &&
    next.label > 0 &&
    next.dress === last.dress &&
    next.value === last.value + 1
  )
}

export function takeWrapped(record: DraftRecord, facts: Facts): void {
  const last = record.entries.at(-1)
  if (last && takesUp(record, facts)) {
    const from = facts.run[0]?.label ?? 0
    last.pieces.push({ span: spanOf(facts.unit, 0, from), join: 'wrap' })
    record.entries.push(...entriesIn(facts, facts.run, 'run').map((entry) => ({ ...entry, lead: '' })))
    return
  }
  const span = spanOf(facts.unit, 0, facts.unit.text.length)
  if (last?.remarks.length) last.remarks.push({ span, join: 'wrap' })
  else if (last) last.pieces.push({ span, join: 'wrap' })
  else record.stem.push({ span, join: 'wrap' })
}
