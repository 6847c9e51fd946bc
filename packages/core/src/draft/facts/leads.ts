import type { LabelFact } from './labels.ts'
import type { Unit } from './units.ts'

/** Signs in front of lines that are no label, box or bracket: dashes, emoji, figures drawn with signs. */
const LEAD =
  /^(?![-–—+*]?\d)([^\p{L}\p{N}\p{M}\s"'“”„«»‹›¿¡()[\]{}<>$€£\\#|_.,:;&@=~^%°*+!☐☑☒□✅❌✓✔✗✘→⇒]{1,4}\uFE0F?)\s*(?=[\p{L}\p{N}"“„«(¿¡])/u
const FEWEST = 3

/** The signs that stand before at least three lines: whatever they are, they are this draft's bullets. */
export function recurringLeads(units: readonly Unit[]): ReadonlySet<string> {
  const counts = new Map<string, number>()
  for (const unit of units) {
    const lead = LEAD.exec(unit.text)?.[1]
    if (lead) counts.set(lead, (counts.get(lead) ?? 0) + 1)
  }
  return new Set([...counts].filter(([, count]) => count >= FEWEST).map(([lead]) => lead))
}

/** Where the text behind a recurring sign starts; 0 where none stands there. */
export function leadEnd(text: string, leads: ReadonlySet<string>): number {
  const found = LEAD.exec(text)
  return found?.[1] && leads.has(found[1]) ? found[0].length : 0
}

const COUNTED =
  /^(?:#{1,6}\s*)?[*_]{0,2}(\p{L}[\p{L}\p{M}'’]{1,14}\.?)\s{1,3}(\d{1,3})(?=\s*(?:[:.)\]–—*-]|$)|\s{2,})\s*[:.)\]*]{0,3}\s*/u

/** Words that stand before numbers which count on, three times or more, at the start of lines: "Slide 1", "Karte 2". */
export function countedWords(units: readonly Unit[]): ReadonlySet<string> {
  const last = new Map<string, { value: number; count: number }>()
  for (const unit of units) {
    const found = COUNTED.exec(unit.text)
    if (!found?.[1]) continue
    const word = found[1].toLowerCase()
    const value = Number(found[2])
    const known = last.get(word)
    if (!known) last.set(word, { value, count: 1 })
    else if (value > known.value && value <= known.value + 2) last.set(word, { value, count: known.count + 1 })
  }
  return new Set([...last].filter(([, { count }]) => count >= FEWEST).map(([word]) => word))
}

/** The label that a counted word and its number are; null where a line starts with none. */
export function countedLabel(text: string, from: number, words: ReadonlySet<string>): LabelFact | null {
  const found = words.size ? COUNTED.exec(text) : null
  if (!found?.[1] || !found[2] || !words.has(found[1].toLowerCase())) return null
  return {
    script: 'word',
    value: Number(found[2]) - 1,
    id: String(Number(found[2])),
    above: '',
    dress: 'word',
    from,
    to: found[0].length,
    lead: '',
    weak: false,
  }
}

const FIELD =
  /^(?:([\p{L}][\p{L}\p{M} .'’/]{0,18}?(?:\s?\d{1,2}|\s\p{L})?)(?:\s{2,}|\t+|\s=\s)|[[<]([\p{L}][\p{L}\p{M} ]{1,18})[\]>]\s{0,2})(?=\S)/u
const FEWEST_FIELDS = 3
const SHARE_OF_FIELDS = 0.5

/** A line's first word with a wide gap, a sign of equality or brackets behind it, as a field of a record has. */
export function fieldAt(text: string): { readonly word: string; readonly to: number } | null {
  const found = FIELD.exec(text)
  const word = found?.[1] ?? found?.[2]
  return found && word ? { word: word.toLowerCase(), to: found[0].length } : null
}

/** `choice 1` and `choice 2` are one field with others. */
function fieldName(word: string): string {
  return word.replace(/\s?\d{1,2}$|\s\p{L}$/u, '')
}

/**
 * The words that name fields of records without a colon: three words or more, each of them before several lines, and
 * together before most lines of a draft. Lists of pairs do not repeat their words.
 */
export function fieldWords(units: readonly Unit[]): ReadonlySet<string> {
  const counts = new Map<string, number>()
  for (const unit of units) {
    const field = fieldAt(unit.text)
    if (field) counts.set(fieldName(field.word), (counts.get(fieldName(field.word)) ?? 0) + 1)
  }
  const words = [...counts].filter(([, count]) => count > 1)
  const lines = words.reduce((sum, [, count]) => sum + count, 0)
  return words.length >= FEWEST_FIELDS && lines >= units.length * SHARE_OF_FIELDS
    ? new Set(words.map(([word]) => word))
    : new Set()
}

/** The field that a line starts with; null where it starts with none of them. */
export function fieldIn(
  text: string,
  words: ReadonlySet<string>,
): { readonly word: string; readonly to: number } | null {
  const field = words.size ? fieldAt(text) : null
  return field && words.has(fieldName(field.word)) ? field : null
}
