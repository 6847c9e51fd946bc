import { anyOf, columnWords, wordsFor } from '../languages/index.ts'
import { spanText } from '../model.ts'
import { entryText } from '../keys/values.ts'
import type { DraftRecord, Entry } from '../records/record.ts'

const WRONG = new RegExp(`^\\s*(?:${anyOf(columnWords('wrong'))})(?:\\s?\\d{1,2})?\\s*[:：]\\s*`, 'iu')
const RIGHT = new RegExp(`^\\s*(?:${anyOf([...wordsFor('answer'), ...columnWords('key')])})\\s*[:：]\\s*`, 'iu')
const BETWEEN = /\s+[/|]\s+|\s*[;|]\s*|\s{3,}|\t+/gu
const COMMAS = /\s*[,、，]\s*/gu

/**
 * "KEY: a bowline" beside "DISTRACTORS: a reef knot / a clove hitch": the options are the key and what is named as wrong,
 * in the order in which they are written.
 */
export function takeDistractors(records: readonly DraftRecord[]): void {
  for (const record of records) {
    const isWrong = record.entries.map((entry) => WRONG.test(entryText(entry)) || WRONG.test(entry.labelText))
    if (!isWrong.includes(true)) continue
    const own = record.entries.flatMap((entry, at): Entry[] => {
      if (isWrong[at]) return parted(without(entry, WRONG)).map((one) => ({ ...one, boxed: true }))
      const isKey = RIGHT.test(entryText(entry))
      return isKey ? [{ ...without(entry, RIGHT), boxed: true, ticked: true }] : [entry]
    })
    const [said] = record.statements
    const hasKey = own.some((entry) => entry.ticked)
    const key = !hasKey && said && spanText(said.value).trim() ? keyEntry(own[0] as Entry, said.value) : null
    if (!hasKey && !key) continue
    record.entries.splice(0, record.entries.length, ...(key ? [key, ...own] : own))
    if (key) record.statements.shift()
  }
}

function keyEntry(like: Entry, span: Entry['pieces'][number]['span']): Entry {
  return { ...like, pieces: [{ span, join: 'paragraph' }], boxed: true, ticked: true }
}

function without(entry: Entry, lead: RegExp): Entry {
  const [first, ...others] = entry.pieces
  if (!first) return entry
  const from = first.span.from + (lead.exec(spanText(first.span))?.[0].length ?? 0)
  return {
    ...entry,
    id: '',
    value: -1,
    labelText: '',
    pieces: [{ ...first, span: { ...first.span, from } }, ...others],
  }
}

/** All that one line names as wrong. */
function parted(entry: Entry): Entry[] {
  const [piece] = entry.pieces
  if (!piece || entry.pieces.length > 1) return [entry]
  const text = spanText(piece.span)
  const cuts = [...text.matchAll(BETWEEN)]
  const used = cuts.length ? cuts : [...text.matchAll(COMMAS)]
  return [...used, null].flatMap((cut, at): Entry[] => {
    const last = used[at - 1]
    const from = piece.span.from + (last ? last.index + last[0].length : 0)
    const to = piece.span.from + (cut ? cut.index : text.length)
    return to > from ? [{ ...entry, ticked: false, pieces: [{ ...piece, span: { ...piece.span, from, to } }] }] : []
  })
}
