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
