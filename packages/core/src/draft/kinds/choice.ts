import { contentOf } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { optionId, type Item, type Option } from '../../item/model.ts'
import { signBefore, signBehind } from '../keys/signs.ts'
import { areJudgements, entryText, judgement, namedOptions } from '../keys/values.ts'
import { stemText } from '../keys/fit.ts'
import { spanText } from '../model.ts'
import { compose, type Piece } from '../text/compose.ts'
import type { Entry } from '../records/record.ts'
import { truthOf } from '../truth-words.ts'
import { cues } from '../words.ts'
import { takeEntryRemarks } from './remarks.ts'
import { remarkBehind } from './said.ts'
import { common, tell, tellDisagree, type Working } from './working.ts'

const REFERS =
  /^(?:(?:all|none|both|neither|any)\b.{0,20}\b(?:above|these|them|those|of the others|options)|(?:both |only )?[A-H](?:\)|\.)?\s*(?:and|&|or|,|und|et|y|e|en|och|i|и)\s*(?:[A-H]\s*,\s*)*[A-H]\b.{0,6}$|alle (?:genannten|antworten|oben)|keine (?:der|von)|toutes? (?:les|ces)|aucune? de|todas? (?:las|los) anteriores|ningun[oa] de|tutte le precedenti|nessuna delle|geen van|alle bovenstaande|inget av|alla ovanstående|wszystkie powyższe|żadna z|все (?:вышеперечисленные|перечисленные)|ни один|以上皆|以上都)/i

/** An item whose alternatives are listed: single choice, multiple response, or the two judgements. */
export function choiceItem(working: Working): Item {
  const { record } = working
  const called = takeEntryRemarks(record)
  cutSigns(working)
  cutCrosses(working)
  const stated = statedOptions(working)
  if (areJudgements(record) && !isYesNoQuestion(working)) return judgementsItem(working, stated)
  const options = record.entries.map((entry, at) => optionOf(entry, at))
  const signed = (called ?? working.signs).flatMap((sign, at) => (sign ? [at] : []))
  if (stated && signed.length && !sameSet(stated, signed))
    tell(working, 'keys-disagree', {
      inline: lettersOf(record.entries, signed),
      listed: lettersOf(record.entries, stated),
    })
  if (!stated && !called && signed.length && working.isGuess)
    tell(working, 'key-guessed', { sign: `${working.signName}, which few items have` })
  const indexes = [...new Set(stated ?? signed)].sort((a, b) => a - b)
  const key = indexes.map(optionId)
  const shuffle = !options.some((option) => REFERS.test(plainText(option.content)))
  const stem = stemText(record)
  const asked = cues.asksSeveral(stem) || record.kindSaid === 'multiple' || working.trimmed.saidKind === 'multiple'
  const several =
    indexes.length > 1 || (asked && indexes.length !== 1) || (asked && working.trimmed.saidKind === 'multiple')
  if (asked && indexes.length === 1) tell(working, 'key-count', { count: '1' })
  return several
    ? { ...common(working), kind: 'multiple', options, key, shuffle, credit: 'all' }
    : { ...common(working), kind: 'single', options, key, shuffle }
}

function isYesNoQuestion({ record, trimmed }: Working): boolean {
  return (
    !trimmed.truthCue &&
    /[?？]\s*$/.test(stemText(record)) &&
    record.entries.some((entry) => truthOf(entryText(entry), false) === null || cues.isYesNo(entryText(entry)))
  )
}

function judgementsItem(working: Working, stated: readonly number[] | null): Item {
  const { record, signs, said } = working
  const words = record.entries.map((entry) => truthOf(entryText(entry), true))
  const signed = signs.flatMap((sign, at) => (sign ? [at] : []))
  const chosen = stated ?? (signed.length === 1 ? signed : [])
  const [first] = chosen.map((at) => words[at]).filter((word) => word !== null && word !== undefined)
  const spoken = first ?? said.map(({ text }) => judgement(text, true)?.truth).find((truth) => truth !== undefined)
  return { ...common(working), kind: 'truefalse', key: spoken === undefined ? [] : [spoken] }
}

function optionOf(entry: Entry, at: number): Option {
  return {
    id: optionId(at),
    content: compose(entry.pieces),
    ...(entry.remarks.length > 0 && { feedback: compose(entry.remarks) }),
  }
}

/** The alternatives that the key names; null where it names none. */
function statedOptions(working: Working): number[] | null {
  const { record } = working
  let found: number[] | null = null
  let unknown: string | null = null
  for (const { text, statement } of working.said) {
    const named = namedOptions(text, record.entries)
    if (!named) {
      if (!areJudgements(record) || judgement(text, true) === null) {
        unknown ??= text
        working.namesNone = true
      }
      continue
    }
    if (found && !sameSet(found, named.indexes))
      tellDisagree(working, lettersOf(record.entries, found), lettersOf(record.entries, named.indexes), statement)
    if (!found && statement.source === 'glued') tell(working, 'key-parted')
    if (!found) working.remark ??= remarkBehind(text, named.restAt)
    found ??= [...named.indexes]
  }
  if (unknown !== null && found === null) tell(working, 'key-names-no-option', { key: unknown.slice(0, 60) })
  else if (unknown !== null && /\s\S+\s/.test(unknown)) working.remark ??= contentOf(unknown)
  else if (unknown !== null) tell(working, 'key-names-no-option', { key: unknown }, 'doubt')
  return found
}

const CROSSES = /^\s*[❌✗✘✖☐□]\uFE0F?\s*|\s*[❌✗✘✖☐□]\uFE0F?\s*$/u

/** Crosses and empty boxes at the alternatives that are not the key. */
function cutCrosses({ record, signs }: Working): void {
  if (!signs.some(Boolean)) return
  for (const entry of record.entries) {
    const piece = entry.pieces.at(-1) as Piece
    const text = spanText(piece.span)
    const found = CROSSES.exec(text)
    if (!found || found[0].length >= text.length) continue
    const span =
      found.index === 0
        ? { ...piece.span, from: piece.span.from + found[0].length }
        : { ...piece.span, to: piece.span.from + found.index }
    entry.pieces[entry.pieces.length - 1] = { ...piece, span }
  }
}

/** Signs of the key are no part of the alternatives at which they stand. */
function cutSigns({ record, signs, signName }: Working): void {
  if (!signName?.startsWith('a sign') && signName !== 'a tick') return
  record.entries.forEach((entry, at) => {
    if (!signs[at]) return
    const piece = entry.pieces.at(-1) as Piece
    const text = spanText(piece.span)
    if (signName === 'a sign behind the option') {
      const end = signBehind(text)
      if (end > 0)
        entry.pieces[entry.pieces.length - 1] = { ...piece, span: { ...piece.span, to: piece.span.from + end } }
    } else if (signName === 'a sign before the option') {
      const first = entry.pieces[0] as Piece
      entry.pieces[0] = { ...first, span: { ...first.span, from: first.span.from + signBefore(spanText(first.span)) } }
    }
  })
}

export function sameSet(a: readonly number[], b: readonly number[]): boolean {
  return a.length === b.length && a.every((one) => b.includes(one))
}

function lettersOf(entries: readonly Entry[], indexes: readonly number[]): string {
  return indexes.map((at) => (entries[at]?.id || String.fromCharCode(97 + at)).toUpperCase()).join(', ')
}
