import { countGaps } from '../../content/model.ts'
import { DEFAULT_TEXT_RULES, type ClozeGap, type Item } from '../../item/model.ts'
import { spanText, type Span } from '../model.ts'
import { acceptedAnswers, gapAnswers } from '../keys/accepted-answers.ts'
import { compose } from '../text/compose.ts'
import { readNumberKey } from '../keys/numbers.ts'
import { replaceSpans } from '../text/pieces.ts'
import type { DraftRecord } from '../records/record.ts'
import { fold } from '../keys/values.ts'
import { common, type Working } from './working.ts'

interface Hole {
  readonly at: Span
  readonly answers: readonly string[]
  readonly choices: readonly string[] | null
}

const HOLE =
  /_{2,}([^\s_](?:[^_\n]{0,40}[^\s_])?)_{2,}|\{([^{}]{1,60})\}|[([]([^()[\]/|]{1,32}(?:\s?[/|]\s?[^()[\]/|]{1,32})+)[)\]]|(?<!\[)\[(\p{L}[^[\]:|/]{0,40})\](?!\])(?=\s*\S)/gu
const UNIT = /=|\d\s*\p{L}{1,4}\/\p{L}{1,3}|^(?:in\s)?(?:k?m|k?g|m?l|[NJWV]|mol|kn)\/|^[/|]|https?:/u

/** Gaps that hold their answer or their choices in the text itself; null where there are none. */
export function gapsInText(working: Working): Item | null {
  const { record } = working
  if (working.trimmed.truthCue) return null
  const found = record.stem.flatMap((piece) => (piece.join === 'preformatted' ? [] : holesIn(piece.span)))
  const holes = found.map((hole) => chosenByKey(hole, working))
  const choosing = holes.filter((hole) => hole.choices !== null)
  const filled = holes.filter((hole) => hole.choices === null)
  const used = filled.length ? filled : choosing
  if (!used.length || (choosing.length && !filled.length && !isChosen(working, choosing))) return null
  const stem = compose(
    replaceSpans(
      record.stem,
      used.map((hole) => hole.at),
    ),
  )
  if (countGaps(stem) !== used.length && choosing.length) return null
  const said = gapAnswers(working.said.map((one) => one.text).join(' '), used.length)
  const gaps = used.map((hole, at): ClozeGap => gapOf(hole, said[at] ?? []))
  const [only] = gaps
  if (only && gaps.length === 1 && !only.choices) return soleGap(working, only, stem)
  return { ...common(working, stem), kind: 'cloze', gaps, rules: DEFAULT_TEXT_RULES }
}

/** "is said to [heel, pitch, yaw]", and a key elsewhere that is one of them: words to choose from, not answers. */
function chosenByKey(hole: Hole, working: Working): Hole {
  const [only = ''] = hole.answers
  const choices = only.split(/\s*,\s*/)
  if (hole.choices !== null || hole.answers.length !== 1 || choices.length < 2) return hole
  const named = working.said.some(({ text }) => choices.some((choice) => fold(choice) === fold(text)))
  return named ? { ...hole, answers: [], choices } : hole
}

function soleGap(working: Working, gap: ClozeGap, stem: ReturnType<typeof compose>): Item {
  const number = readNumberKey(gap.key[0] ?? '')
  return number && gap.key.length === 1
    ? { ...common(working, stem), kind: 'numeric', key: [number.key], ...(number.unit && { unit: number.unit }) }
    : { ...common(working, stem), kind: 'short', key: gap.key, rules: DEFAULT_TEXT_RULES }
}

/** A choice in brackets is one where a key chooses among it, where one stands out, or where others of the text do. */
function isChosen(working: Working, holes: readonly Hole[]): boolean {
  if (holes.some((hole) => hole.answers.length)) return true
  const said = fold(working.said.map((one) => one.text).join(' '))
  const named = holes.filter((hole) => hole.choices?.some((choice) => said.includes(fold(choice))))
  return (
    named.length > 0 ||
    holes.length > 1 ||
    (countGaps(compose(working.record.stem)) === 0 &&
      !/[?？]\s*$/.test(spanText(holes[0]?.at as Span)) &&
      holes[0]?.choices?.length === 2)
  )
}

function holesIn(span: Span): Hole[] {
  return [...spanText(span).matchAll(HOLE)].flatMap((found): Hole[] => {
    const at = { line: span.line, from: span.from + found.index, to: span.from + found.index + found[0].length }
    if (span.line.styles.some((range) => range.style === 'tex' && range.from <= at.from && range.to >= at.to)) return []
    // "____(1)____" numbers the gap, and does not fill it.
    if (found[1] !== undefined && /^\(\d{1,2}\)$/.test(found[1])) return []
    if (found[1] !== undefined) return [{ at, answers: acceptedAnswers(found[1]), choices: null }]
    if (found[2] !== undefined) return [{ at, answers: acceptedAnswers(found[2]), choices: null }]
    if (found[4] !== undefined)
      return /^(?:image|blank|gap)\b/i.test(found[4]) ? [] : [{ at, answers: acceptedAnswers(found[4]), choices: null }]
    const choices = (found[3] ?? '').split(/\s?[/|]\s?/).map((choice) => choice.trim())
    return UNIT.test(found[3] ?? '') || choices.some((choice) => !choice)
      ? []
      : [{ at, answers: outstanding(span, at, choices), choices }]
  })
}

/** "(WATER / oil / air)": the one in capitals, or in bold, among those that are not. */
function outstanding(span: Span, at: Span, choices: readonly string[]): string[] {
  const capital = choices.filter(
    (choice) => choice.length > 1 && choice === choice.toUpperCase() && choice !== choice.toLowerCase(),
  )
  if (capital.length === 1 && choices.length > 1) return [(capital[0] ?? '').toLowerCase()]
  const bold = choices.filter((choice) => {
    const from = span.line.text.indexOf(choice, at.from)
    return span.line.styles.some(
      (range) =>
        (range.style === 'strong' || range.style === 'underline') &&
        range.from <= from &&
        range.to >= from + choice.length,
    )
  })
  return bold.length === 1 ? [...bold] : []
}

function gapOf(hole: Hole, said: readonly string[]): ClozeGap {
  const choices = hole.choices
  if (!choices) return { key: [...hole.answers] }
  const answers = hole.answers.length ? hole.answers : said
  const key = answers.map((answer) => choices.find((choice) => fold(choice) === fold(answer)) ?? answer)
  const isCapital =
    hole.answers.length > 0 && choices.some((choice) => choice !== key[0] && choice.toLowerCase() === key[0])
  return {
    key: isCapital ? [...hole.answers] : key,
    choices: isCapital ? choices.map((choice) => choice.toLowerCase()) : choices,
  }
}

/** The words of a bank: between bars, commas, strokes, dots or wide gaps. */
export function wordsOfBank(record: DraftRecord): string[] {
  return record.banks.flatMap((unit) => {
    const plain = unit.text.replace(/^\p{L}[\p{L} ]{1,24}[:：]\s*/u, '').replace(/^[[({|]\s*|\s*[\])}|]$/g, '')
    return plain
      .split(/\s*[,;/·|•]\s*|\s+[–—-]\s+|\s{3,}|\t/)
      .map((word) => word.trim())
      .filter(Boolean)
  })
}
