import type { GoldItem } from '../gold.ts'
import type { Hand } from './hand.ts'

/** The two sides of a match item: beside each other, one below the other, or with dots to join. */
export function writePairs({ notation, dice, lines }: Hand, item: GoldItem): void {
  const left = item.left ?? []
  const right = item.right ?? []
  const indent = ' '.repeat(notation.optionIndent)
  const form = dice.pick(['side', 'side', 'lines', 'lists', 'table'] as const)
  const rows = Math.max(left.length, right.length)
  const first = dice.pick([0, 0, 0, dice.whole(3, 12)])
  const room = dice.pick(['', '', '', '___ ', '_c_ ', '( ) '])
  const one = (at: number): string => (left[at] === undefined ? '' : `${room}${first + at + 1}. ${left[at]}`)
  const other = (at: number): string => (right[at] === undefined ? '' : `${String.fromCharCode(97 + at)}) ${right[at]}`)
  if (form === 'lists') {
    left.forEach((_text, at) => lines.put(`${indent}${one(at)}`, 'option', 0))
    right.forEach((_text, at) => lines.put(`${indent}${other(at)}`, 'option', at === 0 ? 1 : 0))
    return
  }
  if (form === 'side' && dice.does(0.3)) {
    const [one, other] = dice.pick([
      ['Column A', 'Column B'],
      ['A', 'B'],
      ['Word', 'Meaning'],
      ['Spalte 1', 'Spalte 2'],
    ] as const)
    lines.put(`${indent}${one.padEnd(28)}${other}`, 'out', dice.whole(0, 1))
  }
  for (let at = 0; at < rows; at++) {
    if (form === 'table') lines.put(`| ${one(at)} | ${other(at)} |`, 'row')
    else if (form === 'side') lines.put(`${indent}${one(at).padEnd(28)}${other(at)}`, 'row')
    else lines.put(`${indent}${(left[at] ?? '').padEnd(16)} o            o  ${right[at] ?? ''}`, 'row')
  }
}

/** A grid as a table, with a cross where its key says so. */
export function writeGrid({ dice, lines }: Hand, item: GoldItem, shown: boolean): void {
  const columns = item.columns ?? []
  lines.put(`|  | ${columns.join(' | ')} |`, 'row', dice.whole(0, 1))
  if (dice.does(0.4)) lines.put(`|---|${columns.map(() => '---').join('|')}|`, 'row')
  ;(item.rows ?? []).forEach((row, at) => {
    const ticks = columns.map((_column, column) =>
      shown && (item.key as [number, number][]).some(([r, c]) => r === at && c === column) ? 'x' : '',
    )
    lines.put(`| ${row} | ${ticks.join(' | ')} |`, 'row')
  })
}
