import { contentOf } from '../../content/model.ts'
import type { Item } from '../../item/model.ts'
import { compose } from '../text/compose.ts'
import { spanOf } from '../records/record.ts'
import { cellsOf, type Cell } from './cells.ts'
import { common, type Working } from './working.ts'

const TICK = /^(?:[xX✓✔✗☑☒●×]|[([]\s?[xX✓✔*]\s?[)\]])$/u
const OPEN = /^(?:[☐□○◯]|[([]\s*[)\]]|_+)$/u

/** Rows under columns that are ticked or to be ticked; null where no row is. */
export function gridItem(working: Working): Item | null {
  const lines = working.record.rows.filter((unit) => !/^[\s|:+-]+$/.test(unit.text))
  const [head, ...body] = lines
  if (!head || body.length < 2) return null
  const header = cellsOf(head)
  const rows = joinedRows(body.map((unit) => cellsOf(unit)))
  const ticks = rows.map((cells) => cells.slice(1).filter((cell) => TICK.test(cell.text)))
  const marked = rows.filter((cells) =>
    cells.slice(1).some((cell) => TICK.test(cell.text) || OPEN.test(cell.text)),
  ).length
  const isBars = head.text.includes('|')
  if (marked < rows.length * 0.5 && !(isBars && header.length > 2 && rows.every((cells) => cells.length === 1)))
    return null
  const heads = isBars ? (/^\|?\s*\|/.test(head.text) ? header : header.slice(1)) : columnsOf(header, rows)
  const key = rows.flatMap((_cells, row) =>
    (ticks[row] ?? []).map((cell) => [row, nearest(cell, heads, isBars)] as const),
  )
  return {
    ...common(working),
    kind: 'grid',
    rows: rows.map((cells) => rowText(cells)),
    columns: heads.map((cell) => contentOf(cell.text)),
    key,
  }
}

/** Columns stand above what is ticked; a head above the rows' own texts names these. */
function columnsOf(header: readonly Cell[], rows: readonly (readonly Cell[])[]): readonly Cell[] {
  const textEnd = Math.max(...rows.map((cells) => (cells[0] ? cells[0].unit.indent + cells[0].to - cells[0].from : 0)))
  const [first] = header
  return first && header.length > 2 && middle(first) < textEnd - 2 ? header.slice(1) : header
}

function rowText(cells: readonly Cell[]): ReturnType<typeof compose> {
  const texts = cells.filter((cell) => !TICK.test(cell.text) && !OPEN.test(cell.text))
  return compose(texts.map((cell) => ({ span: spanOf(cell.unit, cell.from, cell.to), join: 'wrap' as const })))
}

/** A row whose text goes on in the next line has its boxes there. */
function joinedRows(rows: readonly (readonly Cell[])[]): Cell[][] {
  const joined: Cell[][] = []
  let open: Cell[] = []
  for (const cells of rows) {
    open = [...open, ...cells]
    const isBars = cells[0]?.unit.text.includes('|')
    if (cells.length > 1 || isBars) {
      joined.push(open)
      open = []
    }
  }
  if (open.length) joined.push(open)
  return joined
}

function middle(cell: Cell): number {
  return cell.unit.indent + (cell.from + cell.to) / 2
}

/** Between bars cells are counted; in drawn grids the column above is the one that stands nearest. */
function nearest(cell: Cell, heads: readonly Cell[], isBars: boolean): number {
  if (isBars) {
    const before = cell.unit.text.slice(0, cell.from).split('|').length - 1
    const first = (heads[0]?.unit.text.slice(0, heads[0]?.from).split('|').length ?? 2) - 1
    return Math.max(0, before - first)
  }
  let best = 0
  let least = Number.POSITIVE_INFINITY
  heads.forEach((head, at) => {
    const distance = Math.abs(middle(head) - middle(cell))
    if (distance < least) {
      least = distance
      best = at
    }
  })
  return best
}
