import { labelsAt } from '../facts/labels.ts'
import { spanText } from '../model.ts'
import type { DraftRecord } from './record.ts'

/**
 * "1 The line passes through … / (a) Find its gradient." above an item "(b) …": the letter inside the first is the label
 * of a part, and what stands above it is what all parts are about.
 */
export function lowerFirstParts(records: readonly DraftRecord[]): void {
  records.forEach((record, at) => {
    const next = records[at + 1]?.label
    const { label, labelUnit } = record
    if (!next || next.value !== 1 || !isLetter(next.script) || (label && isLetter(label.script))) return
    const place = record.stem.findIndex(({ span }, index) => {
      const own = index > 0 ? labelsAt(spanText(span)).find((one) => !one.weak && one.value === 0) : undefined
      return own !== undefined && own.dress === next.dress && own.script === next.script
    })
    const piece = record.stem[place]
    const own = piece && labelsAt(spanText(piece.span)).find((one) => !one.weak && one.value === 0)
    if (!piece || !own) return
    if (label && labelUnit && !record.facts.includes(labelUnit)) record.facts.push(labelUnit)
    record.label = own
    record.stem[place] = { join: 'paragraph', span: { ...piece.span, from: piece.span.from + own.to } }
  })
}

function isLetter(script: string): boolean {
  return script !== 'number' && script !== 'word' && script !== 'circled'
}
