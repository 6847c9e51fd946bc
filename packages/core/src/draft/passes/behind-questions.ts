import { cues, keywordsWithin } from '../words.ts'
import { spanText } from './compose.ts'
import type { RawItem } from './raw.ts'

const MOST_WORDS = 8
/** Of the items that have neither options nor a key, so many must be written so. */
const SHARE = 0.7
const ASKED = /^(.*\p{L}.*[?？])(\s+(?:[-–—=:→]\s*)?)([^?？]{1,70})$/su

/**
 * "How many cables make a mile? 10": where most items without options or key have a few words behind what they
 * ask, these words are their keys. A single one could be an instruction, and stays in the stem.
 */
export function takeAnswersBehind(items: readonly RawItem[]): void {
  const open = items.filter((item) => !item.keys.length && !item.lists.length && !item.table.length)
  const found = open.flatMap((item) => {
    const behind = wordsBehind(item)
    return behind ? [{ item, behind }] : []
  })
  if (found.length < 2 || found.length < open.length * SHARE) return
  for (const { item, behind } of found) {
    const [piece] = item.stem
    if (!piece) continue
    const end = piece.span.from + behind.end
    item.stem[0] = { ...piece, span: { ...piece.span, to: end } }
    item.keys.push({
      statement: { ...piece.span, from: end },
      values: [{ ...piece.span, from: piece.span.from + behind.answer }],
      source: 'behind',
    })
  }
}

/** Where the question ends and the words behind it start; null where there are none, or they ask for something. */
function wordsBehind(item: RawItem): { readonly end: number; readonly answer: number } | null {
  const [piece, ...more] = item.stem
  if (!piece || more.length) return null
  const text = spanText(piece.span)
  const [, asked = '', between = '', answer = ''] = ASKED.exec(text) ?? []
  if (!asked || answer.split(/\s+/).length > MOST_WORDS || /[_…]{2,}|[:：(（[{]/.test(answer)) return null
  if (cues.isInstruction(answer) || cues.asksEssay(answer) || cues.asksSeveral(answer)) return null
  if (keywordsWithin(text, 0).length) return null
  return { end: asked.length, answer: asked.length + between.length }
}
