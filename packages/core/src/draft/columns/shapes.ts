import { cellText, type DocumentBlock, type DocumentCell } from '../document/blocks.ts'
import { truthOf } from '../truth-words.ts'
import { cues } from '../words.ts'
import { type ColumnRole, roleOfHeader } from './layout.ts'
import { downwards, itemBlocks } from './downwards.ts'
import { column, type Part, type Rows, sliceOf, type TableItem, type Texts, TICK, width } from './table.ts'

const BOX = /[☐□◻○☒☑✓✔✅]/u

const SEARCHED = 8

/**
 * Tables whose items no layout of columns describes: a row for each option, options one below the other with a tick
 * beside them, ticks in a column beside each option, all options of an item as boxes in one cell. Each is told by its
 * values alone.
 *
 * @returns the table as paragraphs of items; null where it has none of these shapes.
 */
export function expandByShape(rows: Rows): DocumentBlock[] | null {
  const texts = rows.map((row) => row.map((cell) => cellText(cell).trim()))
  const parts =
    judgementColumns(rows, texts) ??
    boxCells(rows, texts) ??
    tickColumns(rows, texts) ??
    optionRows(rows, texts) ??
    downwards(rows, texts)
  const count = parts?.filter((part) => 'item' in part).length ?? 0
  if (!parts || count < 2) return null
  let number = 0
  return parts.flatMap((part) =>
    'item' in part
      ? withLeftCells(itemBlocks(part.item, ++number), part.rows)
      : [{ type: 'table' as const, rows: [part.row] }],
  )
}

/** No cell is lost: what an item does not say of its rows stands behind it as a row of a table. */
function withLeftCells(blocks: readonly DocumentBlock[], rows: Rows): DocumentBlock[] {
  const said = plain(
    blocks.map((block) => (block.type === 'paragraph' ? `${block.label ?? ''} ${cellText(block.runs)}` : '')).join(' '),
  )
  const left = rows.flat().filter((cell) => {
    const text = cellText(cell).trim()
    const parts = text.split(new RegExp(BOX, 'gu')).map(plain).filter(Boolean)
    return text !== '' && verdictOf(text) === null && !parts.every((part) => said.includes(part))
  })
  return left.length ? [...blocks, { type: 'paragraph', runs: [] }, { type: 'table', rows: [left] }] : [...blocks]
}

function plain(text: string): string {
  return text.replace(/\s+/g, ' ').trim()
}

function meanLength(cells: readonly string[]): number {
  const filled = cells.filter(Boolean)
  return filled.reduce((sum, text) => sum + text.length, 0) / Math.max(1, filled.length)
}

/** The column of the stems: of those left of `end`, the one with the longest texts. */
function stemColumn(texts: Texts, end: number): number {
  let best = -1
  let most = 8
  for (let at = 0; at < end; at++) {
    const length = meanLength(column(texts, at))
    if (length > most) {
      most = length
      best = at
    }
  }
  return best
}

/** What the headers above the items name, for the columns that no other use was found for. */
function otherRoles(texts: Texts, firstItem: number, used: ReadonlySet<number>): (ColumnRole | null)[] {
  return Array.from({ length: width(texts) }, (_none, at) => {
    if (used.has(at)) return null
    const heads = column(texts.slice(0, Math.min(firstItem, SEARCHED)), at)
    const role = heads
      .map((head) => roleOfHeader(head))
      .find((one) => one !== null && one !== 'stem' && one !== 'option' && one !== 'options' && one !== 'key')
    return role ?? null
  })
}

function othersOf(row: readonly DocumentCell[], roles: readonly (ColumnRole | null)[]): TableItem['more'] {
  return roles.flatMap((role, at) => {
    const cell = row[at] ?? []
    return role && cellText(cell).trim() ? [{ role, cell }] : []
  })
}

/** Statements under two columns that are headed by the words or letters for true and false. */
function judgementColumns(rows: Rows, texts: Texts): Part[] | null {
  const [head = []] = texts
  const truth = head.findIndex((text) => text !== '' && truthOf(text, true) === true)
  const falsehood = head.findIndex((text) => text !== '' && truthOf(text, true) === false)
  const stem = truth < 0 || falsehood < 0 ? -1 : stemColumn(texts.slice(1), Math.min(truth, falsehood))
  if (stem < 0 || Math.abs(truth - falsehood) !== 1 || head.some((text) => cues.isYesNo(text) && text.length > 1))
    return null
  const ticked = texts.slice(1).filter((row) => TICK.test(row[truth] ?? '') || TICK.test(row[falsehood] ?? '')).length
  if (ticked < (texts.length - 1) * 0.5) return null
  return rows.map((row, at): Part => {
    const [isTrue, isFalse] = [TICK.test(texts[at]?.[truth] ?? ''), TICK.test(texts[at]?.[falsehood] ?? '')]
    if (at === 0 || !texts[at]?.[stem]) return { row }
    const options = [truth, falsehood].map((index) => rows[0]?.[index] ?? [])
    return {
      rows: [row],
      item: {
        stem: row[stem] ?? [],
        options,
        keyed: isTrue ? [0] : isFalse ? [1] : [],
        remarks: [],
        more: [],
        number: texts[at]?.slice(0, stem).find((text) => /^\d+$/.test(text)),
      },
    }
  })
}

/** "☐ a scarf ☒ a helmet ☐ a hat" in one cell. */
function boxCells(rows: Rows, texts: Texts): Part[] | null {
  const at = Array.from({ length: width(texts) }, (_none, index) => index).find((index) => {
    const boxed = column(texts, index).filter((text) => (text.match(new RegExp(BOX, 'gu'))?.length ?? 0) > 1)
    return boxed.length >= 2 && boxed.length >= column(texts, index).filter(Boolean).length * 0.5
  })
  const stem = at === undefined ? -1 : stemColumn(texts, at)
  if (at === undefined || stem < 0) return null
  const first = texts.findIndex((row) => BOX.test(row[at] ?? ''))
  const roles = otherRoles(texts, first, new Set([at, stem]))
  return rows.map((row, index): Part => {
    if (index < first || !texts[index]?.[stem]) return { row }
    const boxes = boxesIn(row[at] ?? [])
    const options = boxes.length > 1 ? boxes : []
    const typed = options.length || !texts[index]?.[at] ? [] : [{ role: 'key' as const, cell: row[at] ?? [] }]
    return {
      rows: [row],
      item: {
        stem: row[stem] ?? [],
        options: options.map((one) => one.cell),
        keyed: options.flatMap((one, place) => (one.ticked ? [place] : [])),
        remarks: [],
        more: [...typed, ...othersOf(row, roles)],
      },
    }
  })
}

function boxesIn(cell: DocumentCell): { readonly cell: DocumentCell; readonly ticked: boolean }[] {
  const text = cellText(cell)
  const starts = [...text.matchAll(new RegExp(BOX, 'gu'))].map((found) => found.index)
  return starts.map((from, at) => ({
    cell: sliceOf(cell, from + 1, starts[at + 1] ?? text.length),
    ticked: /[☒☑✓✔✅]/u.test(text.charAt(from)),
  }))
}

/** A column of its own for the tick beside each option. */
function tickColumns(rows: Rows, texts: Texts): Part[] | null {
  const ticks = Array.from({ length: width(texts) }, (_none, at) => at).filter((at) => {
    const filled = column(texts, at).filter(Boolean)
    const marked = filled.filter((text) => TICK.test(text)).length
    return at > 0 && marked >= 1 && marked >= filled.length - 2 && marked > filled.length * 0.4
  })
  const options = ticks.map((at) => at - 1)
  const stem = options[0] === undefined ? -1 : stemColumn(texts, options[0])
  if (ticks.length < 2 || stem < 0) return null
  const first = texts.findIndex((row) => ticks.some((at) => TICK.test(row[at] ?? '')))
  const last = lastOption(texts, options, ticks)
  const all = last === null ? options : [...options, last]
  const roles = otherRoles(texts, first, new Set([stem, ...all, ...ticks]))
  return rows.map((row, index): Part => {
    const filled = all.filter((at) => texts[index]?.[at])
    if (index < first || !texts[index]?.[stem]) return { row }
    return {
      rows: [row],
      item: {
        stem: row[stem] ?? [],
        options: filled.map((at) => row[at] ?? []),
        keyed: filled.flatMap((at, place) => (TICK.test(texts[index]?.[at + 1] ?? '') ? [place] : [])),
        remarks: [],
        more: othersOf(row, roles),
      },
    }
  })
}

/** The last option column may never be the key, so that its column of ticks is empty. */
function lastOption(texts: Texts, options: readonly number[], ticks: readonly number[]): number | null {
  const next = (ticks.at(-1) ?? 0) + 1
  const cells = column(texts, next).filter(Boolean)
  const beside = column(texts, next + 1).filter(Boolean)
  return cells.length >= texts.length * 0.3 && beside.length <= 1 && options.length > 1 && meanLength(cells) < 60
    ? next
    : null
}

function verdictOf(text: string): boolean | null {
  if (TICK.test(text)) return true
  return truthOf(text, false) ?? (cues.isYesNo(text) ? cues.isYes(text) : null)
}

/** A row for each option: stem and number stand in the first row of an item only, a verdict stands beside each option. */
function optionRows(rows: Rows, texts: Texts): Part[] | null {
  const at = Array.from({ length: width(texts) }, (_none, index) => index)
  const verdict = at.find((index) => {
    const filled = column(texts, index).filter(Boolean)
    return (
      filled.length >= texts.length * 0.6 &&
      filled.filter((text) => verdictOf(text) !== null).length >= filled.length * 0.75
    )
  })
  const option =
    verdict === undefined
      ? -1
      : ([...at]
          .reverse()
          .find((index) => index < verdict && column(texts, index).filter(Boolean).length >= texts.length * 0.7) ?? -1)
  const stem = option > 0 ? stemColumn(texts, option) : -1
  if (verdict === undefined || stem < 0) return null
  const first = texts.findIndex((row) => verdictOf(row[verdict] ?? '') !== null && row[stem])
  if (first < 0) return null
  const roles = otherRoles(texts, first, new Set([stem, option, verdict]))
  const parts: Part[] = rows.slice(0, first).map((row) => ({ row }))
  for (let from = first; from < rows.length;) {
    let end = from + 1
    while (end < rows.length && !texts[end]?.[stem]) end++
    parts.push(groupOf(rows.slice(from, end), texts.slice(from, end), { stem, option, verdict, roles }))
    from = end
  }
  return parts
}

interface OptionRowPlaces {
  readonly stem: number
  readonly option: number
  readonly verdict: number
  readonly roles: readonly (ColumnRole | null)[]
}

function groupOf(rows: Rows, texts: Texts, { stem, option, verdict, roles }: OptionRowPlaces): Part {
  const [head = []] = rows
  const own = rows.flatMap((row, at) => (texts[at]?.[option] ? [{ row, text: texts[at] }] : []))
  if (!own.length) return { row: rows.flat() }
  const remarkAt = roles.findIndex((role, at) => role === 'feedback' && at > option)
  return {
    rows,
    item: {
      stem: head[stem] ?? [],
      options: own.length > 1 ? own.map(({ row }) => row[option] ?? []) : [],
      keyed: own.flatMap(({ text }, at) => (verdictOf(text?.[verdict] ?? '') ? [at] : [])),
      remarks:
        remarkAt < 0 ? [] : own.map(({ row }) => (cellText(row[remarkAt]).trim() ? (row[remarkAt] ?? null) : null)),
      more: [
        ...(own.length === 1 && own[0] ? [{ role: 'key' as const, cell: own[0].row[option] ?? [] }] : []),
        ...othersOf(
          head,
          roles.map((role) => (role === 'feedback' && remarkAt >= 0 ? null : role)),
        ),
      ],
    },
  }
}
