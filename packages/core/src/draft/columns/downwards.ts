import { cellText, type DocumentBlock, type DocumentCell } from '../document/blocks.ts'
import { STATEMENTS } from './expand.ts'
import type { ColumnRole } from './layout.ts'
import {
  ASKS,
  column,
  flat,
  NUMBERED,
  type Part,
  type Rows,
  sliceOf,
  type TableItem,
  type Texts,
  TICK,
  width,
} from './table.ts'

/** Stems and options one below the other in one column, ticks in the next. */
export function downwards(rows: Rows, texts: Texts): Part[] | null {
  const wide = width(texts)
  if (wide < 2 || wide > 4) return null
  const filled = column(texts, 0).filter(Boolean).length
  const marks = column(texts, 1).filter(Boolean)
  const ticked = marks.filter((text) => TICK.test(text)).length
  if (filled < texts.length * 0.8 || ticked < 2 || ticked < marks.length * 0.8 || ticked > texts.length * 0.5)
    return null
  const isNumbered = column(texts, 0).filter((text) => NUMBERED.test(text)).length >= 2
  const starts = texts.map(
    (row) => row[0] !== '' && !TICK.test(row[1] ?? '') && (isNumbered ? NUMBERED : ASKS).test(row[0] ?? ''),
  )
  const first = starts.indexOf(true)
  if (first < 0) return null
  const parts: Part[] = rows.slice(0, first).map((row) => ({ row }))
  for (let from = first; from < rows.length;) {
    let end = from + 1
    while (end < rows.length && !starts[end]) end++
    parts.push(downGroup(rows.slice(from, end), texts.slice(from, end)))
    from = end
  }
  return parts
}

function downGroup(rows: Rows, texts: Texts): Part {
  const [head = []] = rows
  const below = rows.slice(1).filter((_row, at) => texts[at + 1]?.[0])
  const number = NUMBERED.exec(cellText(head[0]))?.[0].length ?? 0
  const remark = rows.map((row) => row[2] ?? []).find((cell) => cellText(cell).trim() !== '')
  return {
    rows,
    item: {
      stem: sliceOf(head[0] ?? [], number, cellText(head[0]).length),
      options: below.map((row) => row[0] ?? []),
      keyed: below.flatMap((row, at) => (TICK.test(cellText(row[1]).trim()) ? [at] : [])),
      remarks: [],
      more: remark ? [{ role: 'feedback', cell: remark }] : [],
    },
  }
}

/** What cells of other columns are called below an item. */
const WORDS: Partial<Record<ColumnRole, string>> = { ...STATEMENTS, key: 'Answer' }

export function itemBlocks(item: TableItem, number: number): DocumentBlock[] {
  const letter = (at: number): string => String.fromCharCode(97 + at)
  const said = (word: string, cell: DocumentCell): DocumentBlock => ({
    type: 'paragraph',
    depth: 1,
    runs: [{ text: `${word}: `, styles: [] }, ...flat(cell)],
  })
  return [
    { type: 'paragraph', label: `${item.number ?? number}.`, depth: 0, runs: flat(item.stem) },
    ...item.options.flatMap((cell, at): DocumentBlock[] => [
      { type: 'paragraph', label: `${letter(at)})`, depth: 1, runs: flat(cell) },
      ...(item.remarks[at]
        ? [{ type: 'paragraph' as const, depth: 2, runs: [{ text: '→ ', styles: [] }, ...flat(item.remarks[at])] }]
        : []),
    ]),
    ...(item.keyed.length && item.options.length
      ? [said('Answer', [{ text: item.keyed.map(letter).join(', '), styles: [] }])]
      : []),
    ...item.more.flatMap(({ role, cell }) => (WORDS[role] ? [said(WORDS[role], cell)] : [])),
  ]
}
