import type { GoldItem } from '../gold.ts'
import type { Hand, Placed } from './hand.ts'
import { writeFeedback, writeKey } from './key-lines.ts'
import { keyIds } from './key-text.ts'
import { itemLabel } from './labels.ts'
import { titled } from './notation.ts'
import { behindStem, optionRow, writeJudgements, writeOptions } from './options.ts'
import { writeRecord } from './record.ts'
import { points, stemText } from './stem.ts'
import { writeGrid, writePairs } from './two-sides.ts'

/** Writes one item in the notation of a hand: head, stem, options, key, feedback and facts. */
export function writeItem(hand: Hand, placed: Placed): void {
  const { notation, dice, lines } = hand
  const { item, shown } = placed
  const word = titled(dice.pick(notation.words.question), dice).replace(/\*/g, '')
  if (notation.records && item.kind !== 'match' && item.kind !== 'grid') return writeRecord(hand, placed)
  writeHead(hand, placed, word)
  const label = labelOf(hand, placed, word)
  const isKeyBehind = writeBody(hand, placed, label, lines.last === 'facts' ? 0 : notation.between)
  if (shown) writeKey(hand, placed, isKeyBehind)
  if (shown || dice.does(0.2)) writeFeedback(hand, item)
  if (notation.facts && dice.does(0.6))
    lines.put(`${titled(notation.words.difficulty?.[0] ?? 'Difficulty', dice)}: easy`, 'facts')
}

/** "Question 3 (2 p)" or "[3] Level: Apply 2 p" above an item. */
function writeHead({ notation, dice, lines }: Hand, { id }: Placed, word: string): void {
  const unit = notation.words.points[0] ?? 'p'
  if (notation.number === 'word line')
    lines.put(
      `${dice.does(0.4) ? '### ' : ''}${word} ${id}${notation.points === 'brackets' ? ` (2 ${unit})` : ''}`,
      'facts',
      notation.between,
    )
  else if (notation.facts && dice.does(0.5))
    lines.put(
      `[${id}]  ${titled(notation.words.level?.[0] ?? 'Level', dice)}: Apply   2 ${unit}`,
      'facts',
      notation.between,
    )
}

function labelOf(hand: Hand, { item, id, shown }: Placed, word: string): string {
  const { notation } = hand
  const lead = notation.key === 'lead' && shown && item.kind === 'single' ? `_${keyIds(hand, item)}_ ` : ''
  if (notation.key === 'judged' && item.kind === 'truefalse')
    return `${judgedLead(hand, item, shown)}${itemLabel(notation.number, id, word)}`
  if (notation.parts) return `(${id}) `
  if (notation.own !== null && (notation.number === 'none' || notation.number === 'bullet')) return notation.own.stem
  return `${lead}${itemLabel(notation.number, id, word)}`
}

/** "_T_ 1. …", "____ 1. …": a judgement in the room before the number. */
function judgedLead({ dice, notation: { words } }: Hand, item: GoldItem, shown: boolean): string {
  const word = (item.key[0] === true ? words.truth[0] : words.falsehood[0]) ?? ''
  const letter = shown && typeof item.key[0] === 'boolean' ? word.charAt(0).toUpperCase() : ''
  return dice.pick(['_x_ ', '__x__ ', '(x) ', '[x] ']).replace('x', letter || (dice.does(0.5) ? '  ' : '___'))
}

/** Stem, options and what else a kind asks with. @returns whether the key stands behind the stem. */
function writeBody(hand: Hand, { item, shown }: Placed, label: string, gap: number): boolean {
  const { notation, dice, lines } = hand
  const indent = notation.stemIndent
  const options =
    item.kind === 'order' || item.kind === 'single' || item.kind === 'multiple' ? (item.options ?? []) : []
  const { text, isKeyBehind } = stemText(hand, item, shown)
  const stem = `${label}${text}${points(hand)}`
  if (options.length && notation.place === 'behind' && options.length < 6 && options.join('').length < 60) {
    const said = behindStem(hand, stem, options, item, shown)
    lines.wrap(said.text, indent, indent, 'stem', 'more', gap)
    return said.isSaid
  }
  const hang = dice.does(0.6) ? indent + label.length : indent
  if (options.length && notation.place === 'stem' && stem.length < 70 && options.join('').length < 50) {
    lines.put(`${' '.repeat(indent)}${stem}   ${optionRow(hand, options, item, shown, '   ')}`, 'stem', gap)
    return isKeyBehind
  }
  lines.wrap(stem, indent, hang, 'stem', 'more', gap)
  if (options.length) writeOptions(hand, options, item, shown)
  writeOwnOf(hand, item, shown)
  return isKeyBehind
}

/** What only some kinds have below their stem. */
function writeOwnOf(hand: Hand, item: GoldItem, shown: boolean): void {
  const { notation, dice, lines } = hand
  if (item.kind === 'truefalse' && dice.does(notation.key === 'judged' ? 0.1 : 0.25)) writeJudgements(hand)
  if (item.kind === 'match') writePairs(hand, item)
  if (item.kind === 'grid') writeGrid(hand, item, shown)
  if (item.kind === 'cloze' && item.bank)
    lines.put(
      dice.pick([
        `[ ${item.bank.join('   ')} ]`,
        `${titled(notation.words.wordBank?.[0] ?? 'Words', dice)}: ${item.bank.join(dice.pick([', ', ', ', ' - ', ' / ', '   ']))}`,
      ]),
      'bank',
    )
  if (item.kind === 'essay' && dice.does(0.3))
    for (let at = dice.whole(1, 3); at > 0; at--) lines.put(dice.pick(['_'.repeat(50), '.'.repeat(60)]), 'lines')
}
