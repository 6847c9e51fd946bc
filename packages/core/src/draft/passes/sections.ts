import { asRoman, numberLabelAt } from '../labels.ts'
import { cues } from '../words.ts'
import { isKindAlone, LED, namesKind, type Labelling } from './line-findings.ts'
import { isComplete, type RawItem } from './raw.ts'
import { bodyText, type Shape } from './shape.ts'
import type { LastLabel } from './starts.ts'

/** What stands round a line that may head a section. */
export interface AroundHeading {
  readonly labelled: Labelling
  readonly item: RawItem | null
  readonly last: LastLabel | null
  /** The last section that a roman numeral counts, from 0. */
  readonly roman: number | null
  /** Empty lines right above. */
  readonly blanks: number
  /** The next lines with text, the nearest first. */
  readonly below: readonly Shape[]
}

/** Whether a line parts the items above from those below: a heading, "Part B: …", "II. Short answers", or a kind's name alone. */
export function headsSection(shape: Shape, around: AroundHeading): boolean {
  return (
    isHeaded(shape, around) || (cues.isSection(bodyText(shape)) && isTitled(shape, around)) || headsKind(shape, around)
  )
}

/** A heading by its form, or by how it is numbered. */
export function isHeaded(shape: Shape, around: AroundHeading): boolean {
  const { labelled, below } = around
  if (shape.heading > 0 && !shape.question) return true
  if (shape.question !== null && labelled === 'number' && below[0]?.number !== null) return true
  return headsDotted(shape, around) || headsNumbers(shape, around)
}

const TRUE_OR_FALSE = /(?:true or false|richtig oder falsch|prawda czy fałsz)\?$/i

function isTitled(shape: Shape, { item, blanks, below }: AroundHeading): boolean {
  const text = bodyText(shape)
  if (text.length >= 120) return false
  const betweenItems = (item === null || isComplete(item)) && Boolean(below[0]?.number ?? below[0]?.question)
  if (blanks === 0 && !betweenItems) return false
  return !/[?？]$/.test(
    text
      .replace(/\([^)]*\)\s*$/, '')
      .trim()
      .replace(TRUE_OR_FALSE, ''),
  )
}

/** "Short Answer" on a line of its own, a line or two above a numbered item. */
function headsKind(shape: Shape, { labelled, blanks, below }: AroundHeading): boolean {
  if (blanks === 0 || (labelled !== 'number' && labelled !== 'question')) return false
  if (shape.number || shape.letter || shape.bullet || !namesOnlyKind(bodyText(shape))) return false
  return below.some((line) => line.number ?? line.question ?? LED.test(line.line.text))
}

/** "Short Answer", or "SHORT ANSWER. Write the word that completes each statement." */
function namesOnlyKind(text: string): boolean {
  return isKindAlone(text) || (namesKind(text) && /^[^.:(]{4,25}\.\s.*\.$/.test(text))
}

/** "2 Gates and water" above "2.1 …". */
function headsDotted(shape: Shape, { labelled, below }: AroundHeading): boolean {
  if (labelled !== 'dotted') return false
  const number = /^(\d{1,2})[.)]?\s+\S/.exec(bodyText(shape))?.[1]
  const next = below[0]?.dotted
  return number !== undefined && next?.major === Number(number) && next.minor === 1
}

/** "II. True or false" or "B. Short answers" above items that are numbered from one. */
function headsNumbers(shape: Shape, { labelled, item, last, roman: counted, blanks, below }: AroundHeading): boolean {
  const label = shape.letter
  if (!label?.upper || labelled !== 'number' || blanks === 0 || shape.line.indent > 2) return false
  const roman = asRoman(label)
  if (roman && namesKind(shape.line.text.slice(label.to))) return true
  if (roman && counted !== null && roman.value === counted + 1) return true
  const [line] = below
  const led = line && LED.exec(line.line.text)
  const next = led ? numberLabelAt(line.line.text, led[0].length) : line?.number
  if (!next || (next.value !== 0 && next.value !== (last?.value ?? -2) + 1)) return false
  const options = item?.lists.at(-1)
  const before = options?.entries.at(-1)?.label
  const continues = before?.script === label.script && before.value === label.value - 1
  return !continues || asRoman(label) !== null
}
