import { countAsked, type AskedKind, type WritingRequest } from './request.ts'

/** Letters of English that a unit of a language model stands for, on average; common practice for an estimate. */
const LETTERS_PER_UNIT = 4

/** Letters that one drafted item has, with its key (ours; measured on the replies of the service that ships). */
const LETTERS_OF: Readonly<Record<AskedKind, number>> = {
  single: 320,
  multiple: 360,
  truefalse: 140,
  short: 130,
  numeric: 120,
  cloze: 150,
  match: 320,
  order: 360,
}

/** Units of a text, before anybody has counted them. */
export function estimateUnits(text: string): number {
  return Math.ceil(text.length / LETTERS_PER_UNIT)
}

/** Units of the reply to a request. */
export function estimateReply(request: Pick<WritingRequest, 'counts'>): number {
  const letters = Object.entries(request.counts).reduce(
    (sum, [kind, count]) => sum + count * LETTERS_OF[kind as AskedKind],
    0,
  )
  return Math.ceil(letters / LETTERS_PER_UNIT) + (countAsked(request) ? 20 : 0)
}
