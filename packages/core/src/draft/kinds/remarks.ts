import { spanText } from '../model.ts'
import type { DraftRecord, Entry } from '../records/record.ts'
import { judgement } from '../keys/values.ts'
import { saysRight } from '../truth-words.ts'

const BEHIND = /^(.{1,80}?)\s+(?:[–—-]|\/\/|=>|→|:)\s+(\S.{2,})$/u

/**
 * "high water - Correct! It is …": what stands behind the same sign at all alternatives of an item is said about each,
 * if one of them is called right or wrong there. @returns by entry, whether it is called right; null where nothing is.
 */
export function takeEntryRemarks(record: DraftRecord): readonly boolean[] | null {
  const found = record.entries.map((entry) => {
    const piece = entry.pieces.at(-1)
    return piece && entry.pieces.length === 1 ? BEHIND.exec(spanText(piece.span)) : null
  })
  if (record.entries.length < 2 || found.some((one) => one === null)) return null
  const truths = found.map((one) => truthIn(one?.[2] ?? ''))
  if (truths.every((one) => one === null)) return null
  record.entries.forEach((entry, at) => {
    const remark = found[at]?.[2] ?? ''
    record.entries[at] = parted(
      entry,
      spanText(entry.pieces[0]?.span as never).lastIndexOf(remark),
      found[at]?.[1]?.length ?? 0,
    )
  })
  return truths.map((one) => one === true)
}

function truthIn(remark: string): boolean | null {
  const word = /^\p{L}+/u.exec(remark)?.[0] ?? ''
  return saysRight(word) ? true : (judgement(remark, true)?.truth ?? null)
}

function parted(entry: Entry, from: number, to: number): Entry {
  const [piece] = entry.pieces
  if (!piece) return entry
  const { span } = piece
  return {
    ...entry,
    pieces: [{ ...piece, span: { ...span, to: span.from + to } }],
    remarks: [...entry.remarks, { join: 'paragraph', span: { ...span, from: span.from + from } }],
  }
}
