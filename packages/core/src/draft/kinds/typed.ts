import { contentOf, countGaps, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { DEFAULT_TEXT_RULES, type Item } from '../../item/model.ts'
import { judgement, type Judged } from '../keys/values.ts'
import { acceptedAnswers, gapAnswers, partRemark, unitText } from '../keys/accepted-answers.ts'
import { compose } from '../text/compose.ts'
import { readNumberKey } from '../keys/numbers.ts'
import { cues } from '../words.ts'
import { gapsInText, wordsOfBank } from './gaps.ts'
import { remarkBehind } from './said.ts'
import { common, tell, tellDisagree, type Working } from './working.ts'

/** An item without alternatives: a judgement, gaps, a number, a typed answer or one in sentences. */
export function typedItem(working: Working): Item {
  const { record, trimmed } = working
  const own = gapsInText(working)
  if (own) return own
  const stem = compose(record.stem)
  const text = plainText(stem)
  const judged = judgedItem(working, stem, text)
  if (judged) return judged
  const gaps = countGaps(stem)
  if (gaps > 1 || (gaps > 0 && record.banks.length)) return clozeItem(working, gaps)
  const sample = record.statements.find((one) => one.source === 'sample')
  const [said] = working.said
  const asksEssay =
    trimmed.saidKind === 'essay' ||
    (gaps === 0 && (cues.asksEssay(text) || record.section.essay || asksReason(working, text)))
  if (said && (sample || (asksEssay && isSentence(said.text, text)) || isLong(said.text, text)))
    return { ...common(working), kind: 'essay', sample: contentOf(said.text) }
  if (!said) return openItem(working, asksEssay, gaps)
  return saidItem(working, said.text, text)
}

/** "Why …?" asks for sentences, unless its key is a word or two. */
function asksReason(working: Working, text: string): boolean {
  const [said] = working.said
  return cues.asksReason(text) && (!said || isSentence(said.text, text))
}

type NumberKeyOf = NonNullable<ReturnType<typeof readNumberKey>>['key']

/** Longer keys are never typed word for word, whatever asks for them. */
const MOST_TYPED = 6
/** Keys of more words than this answer what asks for sentences with one. */
const MOST_OF_SENTENCE = 3

function isLong(text: string, stem: string): boolean {
  return shortestAnswer(text) > MOST_TYPED && !echoes(text, stem)
}

function isSentence(text: string, stem: string): boolean {
  return longestAnswer(text) > MOST_OF_SENTENCE && !echoes(text, stem)
}

function shortestAnswer(text: string): number {
  return Math.min(...lengthsOf(text))
}

function longestAnswer(text: string): number {
  return Math.max(...lengthsOf(text))
}

/** Words of each accepted answer. */
function lengthsOf(text: string): number[] {
  return acceptedAnswers(text).map((answer) => answer.split(/\s+/).length)
}

/** "She didn't went out." → "She didn't go out.": a sentence that is to be written again. */
function echoes(text: string, stem: string): boolean {
  const wordsOf = (one: string): string[] => one.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const asked = new Set(wordsOf(stem))
  const own = wordsOf(text)
  return own.filter((word) => asked.has(word)).length >= own.length * SHARE_ECHOED
}

const SHARE_ECHOED = 0.6

function openItem(working: Working, asksEssay: boolean, gaps: number): Item {
  const { record, trimmed } = working
  if (trimmed.saidKind === 'short' || trimmed.saidKind === 'numeric')
    return { ...common(working), kind: 'short', key: [], rules: DEFAULT_TEXT_RULES }
  if (asksEssay || (gaps === 0 && record.lines > 1)) return { ...common(working), kind: 'essay' }
  return { ...common(working), kind: 'short', key: [], rules: DEFAULT_TEXT_RULES }
}

function judgedItem(working: Working, stem: Content, text: string): Item | null {
  const { record, trimmed, said } = working
  const isAsking = /[?？]\s*$/.test(text)
  const cue =
    trimmed.truthCue || record.kindSaid === 'truefalse' || (record.section.truth && !isAsking && countGaps(stem) === 0)
  if (record.judged !== null) return { ...common(working), kind: 'truefalse', key: [record.judged] }
  for (const { text: key } of said) {
    const judged = judgedKey(key, cue, record.truths)
    if (!judged || (!cue && isAsking)) continue
    if (!cue && judged.restAt < key.length && !/^[^.]*[.,;(–—-]/.test(key.slice(judged.restAt))) continue
    if (countGaps(stem) > 0 && !cue) continue
    working.remark ??= remarkBehind(key, judged.restAt)
    const other = said.find(
      (one) => one.text !== key && judgedKey(one.text, cue, record.truths)?.truth !== judged.truth,
    )
    if (other) tellDisagree(working, key, other.text, other.statement)
    return { ...common(working), kind: 'truefalse', key: [judged.truth] }
  }
  return cue && !said.length && !record.statements.some((one) => one.source === 'sample')
    ? { ...common(working), kind: 'truefalse', key: [] }
    : null
}

/** A judgement in words or signs, or in a letter that this draft uses for one. */
function judgedKey(key: string, cue: boolean, truths: ReadonlyMap<string, boolean> | null): Judged | null {
  const own = /^\W*(?:\p{L}[.)]\s+)?(\p{L})(?![\p{L}\p{N}])/u.exec(key)
  const truth = own?.[1] ? truths?.get(own[1].toLowerCase()) : undefined
  return own && truth !== undefined ? { truth, restAt: own[0].length } : judgement(key, cue)
}

function clozeItem(working: Working, gaps: number): Item {
  const bank = wordsOfBank(working.record)
  const text = working.said.map((one) => one.text).join(' ')
  const keys = gapAnswers(text, gaps)
  return {
    ...common(working),
    kind: 'cloze',
    gaps: keys.map((key) => ({ key })),
    rules: DEFAULT_TEXT_RULES,
    ...(bank.length > 0 && { wordBank: bank }),
  }
}

const VARIES =
  /\b(?:answers? (?:will|may|can) vary|own (?:answers?|words?))\b|\b(?:libre|livre|libera|frei|valgfri)$|^e\.\s?g\.|^z\.\s?B\.|^(?:free|open|frei|libre)\b/i

function saidItem(working: Working, said: string, stem: string): Item {
  if (VARIES.test(said)) return { ...common(working), kind: 'essay', sample: contentOf(said) }
  const { text, remark } = partRemark(bareAnswer(said))
  const number = numberIn(text)
  if (number && (working.trimmed.saidKind !== 'short' || /_{2,}/.test(stem))) {
    if (remark || number.remark) working.remark ??= contentOf(remark || number.remark)
    return {
      ...common(working),
      kind: 'numeric',
      key: [number.key],
      ...(number.unit && { unit: unitText(number.unit) }),
    }
  }
  const other = working.said.find(({ text: one }) => acceptedAnswers(one).join() !== acceptedAnswers(said).join())
  const label = LONE_OPTION.exec(said)?.[1]
  if (other && label && other.text.replace(/[().]/g, '').toLowerCase() === label.toLowerCase())
    tell(working, 'option-single')
  else if (other) tellDisagree(working, said, other.text, other.statement)
  return { ...common(working), kind: 'short', key: acceptedAnswers(stripped(text)), rules: DEFAULT_TEXT_RULES }
}

/** "a) the painter", with "a" as its key on another line: an option whose others are missing. */
const LONE_OPTION = /^\s*\(?([a-h])[).]\s+\S/i

/** Without what stands before an answer and is none: "a) 1000", "✅ oxbow", "+lot". */
function bareAnswer(said: string): string {
  return said
    .replace(/^\s*[a-h][).]\s+(?=\S)/iu, '')
    .replace(/^[^\p{L}\p{N}\s([{"“„'‘«\\$€£√<>=~.−-]+\s*(?=\p{L})/u, '')
    .replace(/(?<=\S)\s*[✓✔✅☑]\uFE0F?\s*$/u, '')
    .trim()
}

/** A full stop behind one or two words is no part of the answer; behind a sentence it is. */
function stripped(text: string): string {
  return text.split(/\s+/).length <= 3 && !/\.\p{L}/u.test(text) ? text.replace(/[.。]$/, '') : text
}

const TWO_FIGURES = /^\D*?([-−]?\d[\d.,]*)[^\d.,]{1,12}?([-−]?\d[\d.,]*)\D*$/u

/** "5500 (anything from 5000 to 6000 is fine)": two figures round the number are how far off it may be. */
function rangeRound(key: NumberKeyOf, remark: string): NumberKeyOf | null {
  const [, low = '', high = ''] = TWO_FIGURES.exec(remark.replace(/[.,]$/, '')) ?? []
  const [least, most] = [low, high].map((one) => readNumberKey(one.replace(/[.,]$/, ''))?.key)
  if (!('value' in key) || !least || !most || !('value' in least) || !('value' in most)) return null
  return least.value < most.value && least.value <= key.value && key.value <= most.value
    ? { min: least.value, max: most.value }
    : null
}

/** A number, or one with a remark in brackets that says how it comes about. */
function numberIn(text: string): { key: NumberKeyOf; unit: string | null; remark: string } | null {
  const whole = readNumberKey(text)
  if (whole) return { ...whole, remark: '' }
  const found = /^(.{1,30}?)\s*[([](.{2,80})[)\]]\s*\.?$/u.exec(text)
  const number = found?.[1] ? readNumberKey(found[1]) : null
  const range = number && found?.[2] ? rangeRound(number.key, found[2]) : null
  if (number && range) return { key: range, unit: number.unit, remark: '' }
  return number && found?.[2] ? { ...number, remark: /[\p{L}=×*·÷+/]/u.test(found[2]) ? found[2] : '' } : null
}
