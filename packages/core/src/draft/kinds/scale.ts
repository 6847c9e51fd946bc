import { contentOf } from '../../content/model.ts'
import type { Item } from '../../item/model.ts'
import { stemText } from '../keys/fit.ts'
import { entryText } from '../keys/values.ts'
import { cues } from '../words.ts'
import { common, type Working } from './working.ts'

/** "(1 = never, 5 = always)" and ": 1 (not at all) to 5 (very)". */
const BY_SIGN =
  /[([]?\s*(\d{1,2})\s*=\s*([^,;…)\]]+?)\s*(?:,|;|…|\.{2,}|-|–|to|bis)\s*(\d{1,2})\s*=\s*([^)\]]+?)\s*[)\]]?(?:\s+\d{1,2}){0,10}\s*$/
const IN_BRACKETS =
  /[:：,]?\s+(?:from\s+|von\s+|de\s+)?(\d{1,2})\s*\(([^()]{2,40})\)\s*(?:to|bis|à|a|al|till|до|–|-|…|\.{2,3})\s*(\d{1,2})\s*\(([^()]{2,40})\)\s*[.:]?\s*$/u

/** A rating that nobody grades; null where the record is none. */
export function scaleItem(working: Working): Item | null {
  const { record, said, signs } = working
  if (said.length || signs.some(Boolean)) return null
  const steps = record.entries.map((entry) => entryText(entry))
  const [low, high] = [steps[0] ?? '', steps.at(-1) ?? '']
  if (steps.length > 2 && cues.isOpinion(low) && cues.isOpinion(high))
    return { ...common(working), kind: 'scale', points: 0, low: 1, high: steps.length, lowLabel: low, highLabel: high }
  const text = stemText(record)
  return (
    opinionIn(working, text) ?? (steps.every((step) => /^[\d\s☐○◯]*$/.test(step)) ? figuresIn(working, text) : null)
  )
}

function figuresIn(working: Working, text: string): Item | null {
  const found = BY_SIGN.exec(text) ?? IN_BRACKETS.exec(text)
  if (!found?.[1] || !found[3]) return null
  const labels = { lowLabel: (found[2] ?? '').trim(), highLabel: (found[4] ?? '').trim() }
  const head = contentOf(text.slice(0, found.index).trim())
  return {
    ...common(working, head),
    kind: 'scale',
    points: 0,
    low: Number(found[1]),
    high: Number(found[3]),
    ...labels,
  }
}

/** "Strongly disagree / Disagree / Neutral / Agree" behind the statement. */
function opinionIn(working: Working, text: string): Item | null {
  const found = /^(.*?[.?!:])\s+\(?((?:[^/|.?!()]{2,40}\s*[/|]\s*){2,10}[^/|.?!()]{2,40})\)?\s*$/su.exec(text)
  const steps = found?.[2]?.split(/\s*[/|]\s*/).map((step) => step.trim()) ?? []
  const [low, high] = [steps[0], steps.at(-1)]
  if (!found?.[1] || !low || !high || !cues.isOpinion(low) || !cues.isOpinion(high)) return null
  const ends = { low: 1, high: steps.length, lowLabel: low, highLabel: high }
  return { ...common(working, contentOf(found[1].trim())), kind: 'scale', points: 0, ...ends }
}
