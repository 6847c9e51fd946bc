import type { Unit } from './units.ts'

/** Signs in front of lines that are no label, box or bracket: dashes, emoji, figures drawn with signs. */
const LEAD = /^(?![-–—+*]?\d)([^\p{L}\p{N}\p{M}\s"'“”„«»‹›¿¡()[\]{}<>$€£\\#|_.,:;&@=~^%°*+!☐☑☒□✅❌✓✔✗✘→⇒]{1,4}\uFE0F?)\s*(?=[\p{L}\p{N}"“„«(¿¡])/u
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
