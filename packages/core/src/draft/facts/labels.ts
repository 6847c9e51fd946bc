import { asciiShadow, labelValue, poolsValue, romanValue, type LabelScript } from '../labels.ts'
import { bareQuestionEnd, questionLabelAt } from '../words.ts'

/** A number or letter that a line could bear as its label. */
export interface LabelFact {
  readonly script: LabelScript | 'word'
  /** 0-based place in its series. */
  readonly value: number
  /** As written without its dress, lower case: `3`, `2.1`, `b`, `iv`. */
  readonly id: string
  /** What a deeper number stands under: `2` of `2.1`, `a` of `A1`; empty where it has no such part. */
  readonly above: string
  /** What is written round it, with `x` for the label itself: `x)`, `(x)`, `x.-`. */
  readonly dress: string
  /** Half-open, in the unit's text, with its dress and the blanks behind it. */
  readonly from: number
  readonly to: number
  /** A mark before the label that is no part of it: `_C_`, `(T)`, `+`. */
  readonly lead: string
  /** Nothing but a blank shuts it off, as in "A cat", so that it counts only where others count on. */
  readonly weak: boolean
}

const CORE =
  /(?:\d{1,3}(?:\.\d{1,2}){0,2}(?![\d])|[IVX]{2,5}(?![\p{L}])|[ivx]{2,5}(?![\p{L}])|\p{L}\.?\d{1,2}(?![\p{L}\d])|\p{L}(?![\p{L}\p{N}\p{M}'’])|[①-⑳])/uy
const OPEN = /[([{<«"]|[-–—]\s?(?=[\p{L}\d]{1,2}[-–—)])/uy
const CLOSE =
  /\s?\\?(?:\)\s?[-–—](?=\s)|\.\s?[-–—](?=\s)|°(?=\s)|\*(?=\s\s)|[)\]}>]\s?[.:]?|\.\)|[.:、：．](?=\s|$|[^\x00-\x7f]|[\p{Lu}“"'(¿¡])|[-–—](?=\s|\p{L})|\/(?=\s)|\s[-–—](?=\s))/uy
const LEAD =
  /(?:\d{1,2}\s?(?:p|pt|pts|P)\.?\s(?=\s{0,4}\d)|_{1,12}\s?[^\s_]{0,12}\s?_{1,12}|[([]\s{0,4}[^()[\]]{0,24}\s{0,4}[)\]](?=\s)|[*+✓✔✅☑✗✘❌→~×]{1,2}|[-−–](?=\s\d{1,3}[.)]\s)|[.…]{3,20})\s{0,6}(?=\S)/uy
const DEEP = /^(\d{1,3}(?:\.\d{1,2})?)\.(\d{1,2})$/
const LETTER_NUMBER = /^(\p{L})\.?(\d{1,2})$/u

/** Every label that a text could bear at its start, the likeliest first; none where it bears none. */
export function labelsAt(text: string): readonly LabelFact[] {
  const shadow = asciiShadow(text)
  const own = labelsFrom(text, shadow, 0, '')
  if (own.length) return [...own, ...labelsBehind(text, shadow, own)]
  LEAD.lastIndex = 0
  const lead = LEAD.exec(shadow)
  return lead ? labelsFrom(text, shadow, lead[0].length, text.slice(0, lead[0].length).trim()) : own
}

/** "C  1. …", "D. 12. …", "0 10. …": a number behind a first label may be the label, and that one a mark before it. */
function labelsBehind(text: string, shadow: string, own: readonly LabelFact[]): LabelFact[] {
  const [first] = own
  if (!first || first.dress === 'word' || first.to >= text.length) return []
  return labelsFrom(text, shadow, first.to, text.slice(0, first.to).trim()).filter(
    (label) =>
      (label.script === 'number' || label.script === 'word') && !label.weak && label.dress !== 'x' && label.value >= 0,
  )
}

function labelsFrom(text: string, shadow: string, at: number, lead: string): LabelFact[] {
  const named = questionLabelAt(text, at)
  if (named && named.number !== 'bonus') {
    const value = Number(named.number) - 1
    return [
      { script: 'word', value, id: named.number, above: '', dress: 'word', from: at, to: named.end, lead, weak: false },
    ]
  }
  const bare = named?.number === 'bonus' ? named.end : bareQuestionEnd(text, at)
  if (bare > at)
    return [{ script: 'word', value: -1, id: '', above: '', dress: 'word', from: at, to: bare, lead, weak: false }]
  return plainLabels(shadow, at, lead)
}

function plainLabels(shadow: string, at: number, lead: string): LabelFact[] {
  OPEN.lastIndex = at
  const open = OPEN.exec(shadow)?.[0] ?? ''
  const start = at + open.length + (shadow.charAt(at + open.length) === ' ' && open ? 1 : 0)
  CORE.lastIndex = start
  const core = CORE.exec(shadow)?.[0]
  if (!core) return []
  const behind = start + core.length
  CLOSE.lastIndex = behind
  const close = CLOSE.exec(shadow)?.[0] ?? ''
  const closed = isClosed(shadow, open, core, close, behind)
  const weak = !closed && !open && !close && isWeak(core, shadow.slice(behind))
  if (!closed && !weak) return []
  let to = behind + close.length
  while (/\s/.test(shadow.charAt(to))) to++
  const dress = `${open.trim()}x${close.replace(/\s/g, '')}`
  return readings(core).map((reading) => ({ ...reading, dress, from: at, to, lead, weak }))
}

/** "3 apples", "A cat", "1 b": a figure or one capital before a single blank. */
function isWeak(core: string, behind: string): boolean {
  return (
    /^(?:\d{1,3}(?:\.\d{1,2})?|\p{Lu}\d{0,2}|\p{Ll}\d{0,2}|[ivx]{2,5}|[IVX]{2,5})$/u.test(core) && /^\s\S/.test(behind)
  )
}

/** A label is shut off from what follows it by a sign, by two blanks, or by being circled. */
function isClosed(shadow: string, open: string, core: string, close: string, behind: number): boolean {
  if (/[①-⑳]/.test(core)) return true
  if (open && !close) return false
  if (/^[([{]$/.test(open) && !/^\s?[)\]}]/.test(close)) return false
  if (!open && /^\s?[)\]}]\d/.test(shadow.slice(behind))) return false
  if (close) return true
  // "2   Areas", "a  fungus", "1.1  Find …"; a sentence may start with one letter, so a single blank is not enough.
  return /^(?:\s{2,}|\t)\S/.test(shadow.slice(behind))
}

function readings(core: string): Pick<LabelFact, 'script' | 'value' | 'id' | 'above'>[] {
  const id = core.toLowerCase()
  const deep = DEEP.exec(core)
  if (deep) return [{ script: 'number', value: Number(deep[2]) - 1, id, above: deep[1] ?? '' }]
  const mixed = LETTER_NUMBER.exec(id)
  if (mixed)
    return [{ script: 'number', value: Number(mixed[2]) - 1, id: `${mixed[1]}${mixed[2]}`, above: mixed[1] ?? '' }]
  const found: Pick<LabelFact, 'script' | 'value' | 'id' | 'above'>[] = []
  const known = labelValue(core)
  if (known) found.push({ ...known, id, above: '' })
  const roman = romanValue(core)
  if (roman !== null && known?.script !== 'roman') found.push({ script: 'roman', value: roman, id, above: '' })
  const pools = poolsValue(core)
  if (pools >= 0) found.push({ script: 'pools', value: pools, id, above: '' })
  return found
}
