import { truthOf } from '../truth-words.ts'
import { cellText, type DocumentBlock, type DocumentCell, type DocumentRun } from '../document/blocks.ts'
import { keyIndexes } from './key-cell.ts'
import { optionText, splitOptions } from './guess.ts'
import { kindOfCell, type ColumnLayout, type ColumnRole, type KeyForm } from './layout.ts'

type Row = readonly DocumentCell[]

/** Columns that become a statement below the item, with the word that the reader reads. */
export const STATEMENTS: Partial<Record<ColumnRole, string>> = {
  points: 'Points',
  time: 'Time',
  feedback: 'Explanation',
  hint: 'Hint',
  difficulty: 'Difficulty',
  level: 'Level',
  outcome: 'Outcome',
  tags: 'Tags',
}

/**
 * Takes a table of questions apart into the text of items: number, stem, lettered options, key and what else its
 * columns say. No cell is lost: leading rows come first, columns left out stay behind their item as rows of a table.
 *
 * @param keys rows of a table of keys for the same items, by number.
 */
export function expandTable(
  rows: readonly Row[],
  layout: ColumnLayout,
  keys?: { readonly rows: readonly Row[]; readonly layout: ColumnLayout },
): DocumentBlock[] {
  const blocks: DocumentBlock[] = leadingBlocks(rows.slice(0, layout.leadingRows))
  const keyRows = keys ? rowsByNumber(keys.rows, keys.layout) : new Map<string, StatedRow>()
  let number = 0
  let section = ''
  for (const row of rows.slice(layout.leadingRows)) {
    const filled = row.filter((cell) => cellText(cell).trim() !== '')
    if (!filled.length) continue
    const stem = cellOf(row, layout, 'stem')
    if (
      !cellText(stem).trim() ||
      (filled.length === 1 && row.length > 2 && cellText(stem).trim().length < 60 && !/[?？.…_:]/.test(cellText(stem)))
    ) {
      blocks.push({ type: 'table', rows: [row] })
      continue
    }
    const topic = cellText(cellOf(row, layout, 'section')).trim()
    if (topic && topic !== section) blocks.push(line(topic, { heading: 2 }))
    section = topic || section
    number++
    const said = cellText(cellOf(row, layout, 'number')).trim()
    const stated = keyRows.get(said || String(number))
    if (stated) keyRows.delete(said || String(number))
    blocks.push(...itemBlocks(row, layout, number, stated))
  }
  for (const left of keyRows.values()) blocks.push({ type: 'table', rows: [left.row] })
  return blocks
}

interface StatedRow {
  readonly row: Row
  readonly layout: ColumnLayout
}

function rowsByNumber(rows: readonly Row[], layout: ColumnLayout): Map<string, StatedRow> {
  const found = new Map<string, StatedRow>()
  for (const row of rows.slice(layout.leadingRows)) {
    const number = cellText(cellOf(row, layout, 'number'))
      .trim()
      .replace(/[.)]$/, '')
    if (number) found.set(number, { row, layout })
  }
  return found
}

/** A title in the first row is the draft's title; headers and remarks stay as rows that no item owns. */
function leadingBlocks(rows: readonly Row[]): DocumentBlock[] {
  return rows.flatMap((row, index): DocumentBlock[] => {
    const filled = row.filter((cell) => cellText(cell).trim() !== '')
    if (!filled.length) return []
    const first = filled[0] ?? []
    const single = filled.every((cell) => cellText(cell) === cellText(first))
    if (single && rows.slice(0, index).every((before) => before.every((cell) => !cellText(cell).trim())))
      return [line(cellText(first), { heading: 1 })]
    return [{ type: 'table', rows: [single ? [first] : row] }]
  })
}

function itemBlocks(row: Row, layout: ColumnLayout, number: number, stated: StatedRow | undefined): DocumentBlock[] {
  const kind = kindOfCell(cellText(cellOf(row, layout, 'kind')))
  const options = optionCells(row, layout)
  const key = keyLine(row, layout, options, stated)
  const truth = truthOf(key.text, false)
  const asksTruth = !options.length && (kind === 'truefalse' || (truth !== null && kind !== 'short'))
  const lead = asksTruth
    ? 'True or false: '
    : kind === 'essay'
      ? 'Essay: '
      : kind === 'multiple' && options.length
        ? 'Multiple response: '
        : ''
  const blocks: DocumentBlock[] = [
    {
      type: 'paragraph',
      label: `${number}.`,
      depth: 0,
      runs: [...(lead ? [{ text: lead, styles: [] }] : []), ...flat(cellOf(row, layout, 'stem'))],
    },
    ...options.map((cell, index): DocumentBlock => ({
      type: 'paragraph',
      label: `${String.fromCharCode(97 + index)})`,
      depth: 1,
      runs: flat(cell),
    })),
  ]
  if (key.text)
    blocks.push(statement(kind === 'essay' ? 'Sample answer' : 'Answer', key.cell ?? [{ text: key.text, styles: [] }]))
  blocks.push(...statements(row, layout), ...(stated ? statements(stated.row, stated.layout) : []))
  const left = layout.roles.flatMap((role, index) => {
    const cell = row[index] ?? []
    return (role === 'left' || (role === 'kind' && !kind)) && cellText(cell).trim() ? [cell] : []
  })
  if (left.length) blocks.push({ type: 'paragraph', runs: [] }, { type: 'table', rows: [left] })
  return blocks
}

function statements(row: Row, layout: ColumnLayout): DocumentBlock[] {
  return layout.roles.flatMap((role, index) => {
    const word = STATEMENTS[role]
    const cell = row[index] ?? []
    return word && cellText(cell).trim() ? [statement(word, cell)] : []
  })
}

function optionCells(row: Row, layout: ColumnLayout): DocumentCell[] {
  return layout.roles.flatMap((role, index): DocumentCell[] => {
    const cell = row[index] ?? []
    const text = optionText(cellText(cell))
    if (!text) return []
    if (role === 'option' && text.includes('\n')) return splitOptions(text).map((part) => [{ text: part, styles: [] }])
    if (role === 'option' || role === 'right') return [cell]
    return role === 'options' ? splitOptions(text).map((part) => [{ text: part, styles: [] }]) : []
  })
}

interface KeyText {
  readonly text: string
  /** The cell as it is, where it is no list of option letters. */
  readonly cell?: DocumentCell
}

function keyLine(
  row: Row,
  layout: ColumnLayout,
  options: readonly DocumentCell[],
  stated: StatedRow | undefined,
): KeyText {
  const right = layout.roles.indexOf('right')
  if (right >= 0) {
    const index = options.indexOf(row[right] ?? [])
    return { text: index < 0 ? '' : letter(index) }
  }
  const own = cellOf(row, layout, 'key')
  const cell = cellText(own).trim() ? own : stated ? cellOf(stated.row, stated.layout, 'key') : []
  const text = cellText(cell).trim()
  if (!text) return { text: '' }
  if (!options.length) return { text: truthWord(text), ...(truthOf(text, false) === null && { cell: accepted(cell) }) }
  // Letters and figures count empty cells, too; the letters that are written count only options.
  const all = optionColumnTexts(row, layout)
  const texts = all ?? options.map((option) => cellText(option).trim())
  const forms: readonly KeyForm[] = [layout.keyForm, 'text', 'letter', 'number']
  for (const form of forms) {
    const found = keyIndexes(text, texts, form)
    if (found?.length) {
      const shifted = all ? found.map((index) => all.slice(0, index).filter(Boolean).length) : found
      return { text: shifted.map((index) => letter(index)).join(', ') }
    }
  }
  return { text, cell }
}

function optionColumnTexts(row: Row, layout: ColumnLayout): string[] | null {
  if (layout.roles.includes('options')) return null
  return layout.roles.flatMap((role, index) => (role === 'option' ? [optionText(cellText(row[index]))] : []))
}

function truthWord(text: string): string {
  const truth = truthOf(text, false)
  return truth === null ? text : truth ? 'True' : 'False'
}

/** "kolonie / broedkolonie", "leading; line spacing": several accepted answers, parted as the reader parts them. */
function accepted(cell: DocumentCell): DocumentCell {
  const text = cellText(cell).trim()
  return /[;|\n]/.test(text)
    ? [
        {
          text: text
            .split(/\s*[;|\n]\s*/)
            .filter(Boolean)
            .join(' / '),
          styles: [],
        },
      ]
    : cell
}

function cellOf(row: Row, layout: ColumnLayout, role: ColumnRole): DocumentCell {
  const index = layout.roles.indexOf(role)
  return index < 0 ? [] : (row[index] ?? [])
}

function statement(word: string, cell: DocumentCell): DocumentBlock {
  return { type: 'paragraph', depth: 1, runs: [{ text: `${word}: `, styles: [] }, ...flat(cell)] }
}

function line(text: string, more: { readonly heading?: number } = {}): DocumentBlock {
  return { type: 'paragraph', runs: [{ text: text.replace(/\s+/g, ' ').trim(), styles: [] }], ...more }
}

/** A cell's text on one line: a line break would end the statement it stands in. */
function flat(cell: DocumentCell): DocumentRun[] {
  return cell.map((run) => ({ ...run, text: run.text.replace(/\s*\n\s*/g, ' ') }))
}

function letter(index: number): string {
  return String.fromCharCode(97 + index)
}
