import type { ReadPassage } from '../model.ts'
import { compose } from '../text/compose.ts'
import type { Assembled } from './assemble.ts'
import type { DraftRecord } from './record.ts'

const RANGE = /(\d{1,3})\s?(?:[-–—]|to|and|bis|und|à|et|a|y|e|до|и)\s?(\d{1,3})/iu

/** A passage is for the items that the line above it names, else for those behind it up to the next section. */
export function passageOf(record: DraftRecord, assembled: Assembled): string | null {
  if (record.passage === null) return null
  const passage = assembled.passages[record.passage]
  const range = passage?.heads
    .map((head) => RANGE.exec(head.unit.text.replace(/\*/g, '')))
    .find((found) => found !== null)
  const number = Number(record.label?.id)
  if (range && number && (number < Number(range[1]) || number > Number(range[2]))) return null
  return `p${record.passage + 1}`
}

export function passagesOf(assembled: Assembled): ReadPassage[] {
  return assembled.passages.map((passage, at) => ({
    id: `p${at + 1}`,
    title: null,
    content: compose(passage.pieces),
    lines: [passage.units[0]?.line.number ?? 1, passage.units.at(-1)?.line.number ?? 1],
  }))
}
