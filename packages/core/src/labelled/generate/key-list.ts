import type { Dice } from './dice.ts'
import type { Hand, Placed } from './hand.ts'
import { saidKey } from './key-text.ts'
import { titled, type Notation } from './notation.ts'

/** The keys of a draft's items in one list, in the notation's way: lines, rows, a table, by sections or by parts. */
export function keyList(writer: Hand, notation: Notation, dice: Dice, parts: readonly (readonly Placed[])[]): void {
  const title = dice.does(0.75) ? titled(dice.pick(notation.words.keyTitle), dice) : ''
  if (dice.does(0.25)) writer.lines.put(dice.pick(['- - - - - - - - - -', '----------', '***', '==========']), 'out', 1)
  if (title) writer.lines.put(dice.pick([title, `${title}:`, `## ${title}`, `(${title})`]), 'keys', dice.whole(1, 2))
  const byPart = parts.map((part) =>
    part
      .filter(({ item }) => saidKey(writer, item) !== '' && item.kind !== 'grid')
      .map(({ item, id, listed }) => ({
        id: listed ?? id,
        said: saidKey(writer, item),
        letter: item.kind === 'single' ? saidKey(writer, item) : '',
      })),
  )
  const restarts = byPart.length > 1 && byPart.every((entries) => entries[0]?.id === byPart[0]?.[0]?.id)
  if (!restarts && !dice.does(0.2)) return writeEntries(writer, notation, dice, byPart.flat(), title ? 0 : 2)
  const word = titled(dice.pick(notation.words.section), dice)
  const isHeadLine = dice.does(0.5)
  byPart.forEach((entries, section) => {
    const head = `${word} ${dice.does(0.5) ? String.fromCharCode(65 + section) : section + 1}`
    const gap = section === 0 && title ? 0 : dice.whole(0, 1)
    if (isHeadLine || notation.list === 'rows' || notation.list === 'across') writer.lines.put(head, 'keys', gap)
    const from = writer.lines.all.length
    writeEntries(writer, notation, dice, entries, isHeadLine ? 0 : gap)
    const first = writer.lines.all[from]
    if (!isHeadLine && first && notation.list !== 'rows' && notation.list !== 'across')
      writer.lines.all[from] = { ...first, text: `${head}: ${first.text.trim()}` }
  })
}

interface Entry {
  readonly id: string
  readonly said: string
  readonly letter: string
}

/** "2 (a) 5 cm (b) yes": the parts of a question behind its number, in a row or below each other. */
function writeParts(writer: Hand, dice: Dice, entries: readonly Entry[], gap: number): void {
  const [open, shut] = dice.pick([
    ['(', ')'],
    ['', ')'],
    ['', '.'],
  ] as const)
  const name = dice.pick(['n ', 'n. ', 'n: ', 'Qn ', 'n) '])
  const isRow = dice.does(0.6)
  let number = ''
  let row = ''
  const flush = (): void => {
    if (row) writer.lines.put(row, 'keys', number === '1' ? gap : 0)
    row = ''
  }
  for (const { id, said } of entries) {
    const [, own = id, letter = ''] = /^(\d+)[ (]?([a-z])\)?$/.exec(id) ?? []
    if (own !== number || !isRow) flush()
    const lead = own === number ? (isRow ? '   ' : '  ') : name.replace('n', own)
    row += `${lead}${open}${letter}${shut} ${said}`
    number = own
  }
  flush()
}

function writeEntries(writer: Hand, notation: Notation, dice: Dice, entries: readonly Entry[], gap: number): void {
  if (notation.parts && dice.does(0.5)) return writeParts(writer, dice, entries, gap)
  const dot = dice.pick(['. ', ') ', ' ', ': ', ' - ', '-', ' = '])
  const put = (text: string, at: number): void => writer.lines.put(text, 'keys', at === 0 ? gap : 0)
  if (notation.list === 'rows') {
    put('| Nr | Key |', 0)
    entries.forEach(({ id, said }) => put(`| ${id} | ${said} |`, 1))
    return
  }
  if (notation.list === 'across' && entries.every(({ said }) => said.length < 14)) {
    put(`| | ${entries.map(({ id }) => id).join(' | ')} |`, 0)
    put(`| Key | ${entries.map(({ said }) => said).join(' | ')} |`, 1)
    return
  }
  if (notation.list === 'lines' || notation.list === 'sections') {
    entries.forEach(({ id, said }, at) =>
      writer.lines.wrap(
        `${id}${dot === '-' ? '. ' : dot}${said}`,
        dice.does(0.2) ? 2 : 0,
        4,
        'keys',
        'keys',
        at === 0 ? gap : 0,
      ),
    )
    return
  }
  const glue = notation.list === 'pairs' && entries.every(({ letter }) => letter.length === 1) ? '' : dot
  const between = dice.pick(['   ', ', ', '; ', '     '])
  const perRow = dice.whole(3, 8)
  for (let at = 0; at < entries.length; at += perRow)
    put(
      entries
        .slice(at, at + perRow)
        .map(({ id, said }) => `${id}${glue}${said}`)
        .join(between),
      at,
    )
}
