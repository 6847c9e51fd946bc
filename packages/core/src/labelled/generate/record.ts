import type { Hand, Placed } from './hand.ts'
import { saidKey } from './key-text.ts'
import { titled } from './notation.ts'

/** How far the values of fields stand to the right that have nothing but blanks behind their names. */
const WIDEST_FIELD = 14

/** An item as named fields, a line each. */
export function writeRecord(hand: Hand, { item, id, shown }: Placed): void {
  const { notation, dice, lines } = hand
  const { words } = notation
  const { field, width } = fieldsOf(hand)
  if (dice.does(0.6)) lines.put(`${field('ID')}${dice.pick(['', 'Q-', 'NUT-'])}${id}`, 'facts', notation.between)
  const gap = (): number => (lines.last === 'facts' ? 0 : notation.between)
  if (dice.does(0.4))
    lines.put(
      `${field(words.columns.kind[0] ?? 'Type')}${dice.pick(Object.values(words.kinds).flat())}`,
      'facts',
      gap(),
    )
  const stem = item.stem.replaceAll('___', '______')
  lines.wrap(`${field(words.columns.stem[0] ?? 'Question')}${stem}`, 0, width, 'stem', 'more', gap())
  ;(item.options ?? []).forEach((text, at) =>
    lines.put(`${field(`${words.columns.option[0] ?? 'Option'} ${String.fromCharCode(65 + at)}`)}${text}`, 'option'),
  )
  const said = saidKey(hand, item)
  if (said && shown) {
    const name = item.kind === 'essay' ? dice.pick(words.sample) : dice.pick(words.answer)
    lines.wrap(`${field(name)}${said}`, 0, width, 'answer', 'answer', 0)
  }
  if (dice.does(0.5)) lines.put(`${field(words.points[0] ?? 'Points')}${dice.whole(1, 5)}`, 'facts')
  if (words.difficulty?.[0] && dice.does(0.4)) lines.put(`${field(words.difficulty[0])}easy`, 'facts')
  if (item.feedback)
    lines.wrap(`${field(dice.pick(words.feedback))}${item.feedback}`, 0, width, 'feedback', 'feedback', 0)
  if (dice.does(0.3)) lines.put('-'.repeat(40), 'out')
}

/** How this record writes the names of its fields, and how far to the right their values go on. */
function fieldsOf({ dice }: Hand): { readonly field: (word: string) => string; readonly width: number } {
  const width = dice.pick([0, 0, 14])
  const form = dice.pick([': ', ': ', ': ', '', '\t', ' = ', ']'] as const)
  const field = (word: string): string => {
    const name = titled(word, dice).replace(/\*/g, '')
    if (form === ']') return `[${name}] `
    return form === '' ? `${name}  `.padEnd(WIDEST_FIELD) : `${name}${form}`.padEnd(width)
  }
  return { field, width }
}
