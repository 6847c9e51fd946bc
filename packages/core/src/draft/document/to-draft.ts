import { expandTable } from '../columns/expand.ts'
import { guessKeyTable, guessLayout } from '../columns/guess.ts'
import type { ColumnLayout } from '../columns/layout.ts'
import { expandByShape } from '../columns/shapes.ts'
import { keywordAt, questionLabelAt } from '../words.ts'
import type { DraftSource, SourceStyle } from '../model.ts'
import {
  cellText,
  type DocumentBlock,
  type DocumentCell,
  type DocumentParagraph,
  type DocumentRun,
  type DocumentTable,
} from './blocks.ts'

/**
 * A document as draft text with its layer of styles: a line per paragraph, automatic numbers written out,
 * a table as rows between bars. A table whose columns hold questions is taken apart into items of text,
 * by `layouts` (one per table of the document, in order) or by a guess.
 */
export function documentDraft(
  blocks: readonly DocumentBlock[],
  layouts: readonly (ColumnLayout | null)[] = [],
): DraftSource {
  const shapes = new Map<DocumentTable, readonly DocumentBlock[]>()
  for (const block of blocks) {
    const shaped = block.type === 'table' && layouts.length === 0 ? expandByShape(block.rows) : null
    if (block.type === 'table' && shaped) shapes.set(block, shaped)
  }
  const tables = readTables(
    blocks.filter((block) => block.type === 'table' && !shapes.has(block)) as DocumentTable[],
    layouts,
  )
  const writer = new DraftWriter(blocks)
  for (const block of blocks) {
    const read = block.type === 'table' ? tables.get(block) : undefined
    const shaped = block.type === 'table' ? shapes.get(block) : undefined
    if (block.type === 'paragraph') writer.paragraph(block)
    else if (read === 'keys') continue
    else if (shaped) for (const part of shaped) writer.add(part)
    else if (read) for (const part of expandTable(block.rows, read.layout, read.keys)) writer.add(part)
    else writer.table(block)
  }
  return writer.finish()
}

interface QuestionTable {
  readonly layout: ColumnLayout
  readonly keys?: { readonly rows: DocumentTable['rows']; readonly layout: ColumnLayout }
}

/** Which tables hold questions and which only their keys: these go to the table of questions next to them. */
function readTables(
  tables: readonly DocumentTable[],
  layouts: readonly (ColumnLayout | null)[],
): Map<DocumentTable, QuestionTable | 'keys'> {
  const read = new Map<DocumentTable, QuestionTable | 'keys'>()
  tables.forEach((table, index) => {
    const layout = layouts[index] === undefined ? guessLayout(table.rows) : layouts[index]
    if (layout) read.set(table, { layout })
  })
  shareLayouts(tables, read)
  tables.forEach((table, index) => {
    const layout = read.has(table) ? null : guessKeyTable(table.rows)
    const near = [...tables.slice(0, index).reverse(), ...tables.slice(index + 1)].find((other) => {
      const known = read.get(other)
      return known !== undefined && known !== 'keys' && !known.keys && !known.layout.roles.includes('key')
    })
    const questions = near && read.get(near)
    if (!layout || !near || !questions || questions === 'keys') return
    read.set(near, { layout: questions.layout, keys: { rows: table.rows, layout } })
    read.set(table, 'keys')
  })
  return read
}

/** Sheets of one file are laid out alike: a table without headers is read as the one of the same width that says how. */
function shareLayouts(tables: readonly DocumentTable[], read: Map<DocumentTable, QuestionTable | 'keys'>): void {
  const known = [...read].flatMap(([table, found]) =>
    found !== 'keys' && found.layout.leadingRows === 0 ? [{ table, found }] : [],
  )
  for (const table of tables) {
    const wide = Math.max(...table.rows.map((row) => row.length))
    const like =
      read.has(table) || wide < 3 || table.rows.length < 3
        ? undefined
        : known.find((one) => one.found.layout.roles.length === wide)
    if (like) read.set(table, { layout: like.found.layout })
  }
}

class DraftWriter {
  #text = ''
  /** The last two characters of the text; looking for them in a text that grows would copy it each time. */
  #end = ''
  readonly #styles: SourceStyle[] = []
  #inList = false
  /** What the paragraph before was, to tell where a new question starts without any number. */
  #before: ParagraphKind = 'blank'
  readonly #numbered: boolean

  /** Roman numerals number the questions, so that "I." is no option. */
  readonly #romans: boolean

  constructor(blocks: readonly DocumentBlock[]) {
    this.#numbered = isNumbered(blocks)
    this.#romans = blocks.some(
      (block) => block.type === 'paragraph' && block.depth === 0 && /^ii\W*$/i.test(block.label ?? ''),
    )
  }

  add(block: DocumentBlock): void {
    if (block.type === 'paragraph') this.paragraph(block)
    else this.table(block)
  }

  paragraph(block: DocumentParagraph): void {
    const empty = block.runs.every((run) => run.text.trim() === '')
    if (empty && !block.label) {
      this.#blank()
      this.#before = 'blank'
      return
    }
    const listed = block.depth !== undefined
    const own = block.runs.map((run) => run.text).join('')
    const kind = kindOfParagraph(block, own)
    const lettered =
      block.depth === 0 &&
      block.label !== undefined &&
      !/\d/.test(block.label) &&
      !(this.#romans && /^[ivx]+\W*$/i.test(block.label))
    if (
      block.heading ||
      (block.depth === 0 && block.label && !lettered) ||
      (!listed && this.#inList && kind !== 'option')
    )
      this.#blank()
    else if (!block.isPrintedLine && this.#startsAnew(kind)) this.#blank()
    this.#inList = listed
    this.#before = kind
    this.#write('    '.repeat(Math.min((block.depth ?? 0) + (lettered ? 1 : 0), 6)))
    if (block.heading) this.#write(`${'#'.repeat(block.heading)} `)
    if (block.label) this.#write(`${block.label} `)
    this.#runs(block.runs)
    this.#write('\n')
    if (block.heading) {
      this.#blank()
      this.#before = 'blank'
    }
  }

  /**
   * A paragraph of a document is whole, so that plain text behind an option or an answer goes on with neither. Where
   * nothing is numbered each plain paragraph may be a question of its own.
   */
  #startsAnew(kind: ParagraphKind): boolean {
    const before = this.#before
    if (kind === 'lines' || (before === 'lines' && kind !== 'option')) return true
    return (
      kind === 'other' && (before === 'option' || before === 'statement' || (before === 'other' && !this.#numbered))
    )
  }

  table(block: DocumentTable): void {
    if (isLayoutOnly(block)) return this.#layoutTable(block)
    for (const row of block.rows) {
      if (row.every((cell) => cell.every((run) => run.text.trim() === ''))) continue
      this.#write('|')
      for (const cell of row) {
        this.#write(' ')
        this.#cell(cell)
        this.#write(' |')
      }
      this.#write('\n')
    }
  }

  /** A table that only places options beside each other reads as lines, its columns parted by tabs. */
  #layoutTable(block: DocumentTable): void {
    for (const row of block.rows) {
      const filled = row.filter((cell) => cellText(cell).trim() !== '')
      filled.forEach((cell, index) => {
        if (index) this.#write('\t')
        this.#runs(trimRuns(cell))
      })
      if (filled.length) this.#write('\n')
    }
  }

  #cell(cell: DocumentCell): void {
    const flat = cell.map((run) => ({ ...run, text: run.text.replace(/\s*\n\s*/g, ' ').replaceAll('|', '¦') }))
    this.#runs(trimRuns(flat))
  }

  #runs(runs: readonly DocumentRun[]): void {
    for (const run of runs) {
      const from = this.#text.length
      // Blanks with a line under them are a gap to write in.
      const gap = run.styles.includes('underline') && run.text.length > 1 && run.text.trim() === ''
      this.#write(gap ? '______' : run.text)
      if (gap) continue
      for (const style of run.styles) this.#style(from, this.#text.length, style)
    }
  }

  /** A style goes on with the same style right before it, so that a word in two runs is one range. */
  #style(from: number, to: number, style: SourceStyle['style']): void {
    if (from === to) return
    for (let at = this.#styles.length - 1; at >= 0; at--) {
      const last = this.#styles[at]
      if (!last || last.to < from) break
      if (last.style === style && last.to === from) {
        this.#styles[at] = { ...last, to }
        return
      }
    }
    this.#styles.push({ from, to, style })
  }

  #blank(): void {
    if (this.#text && this.#end !== '\n\n') this.#write('\n')
  }

  #write(text: string): void {
    this.#text += text
    this.#end = (this.#end + text.slice(-2)).slice(-2)
  }

  finish(): DraftSource {
    return { text: this.#text.replace(/\n+$/, '\n'), styles: this.#styles }
  }
}

const OPTION_START = /^\s*(?:[•·◦▪○●☐☑☒□✓✔*–-]\s*|\(?[a-hA-Hа-еА-Е][).]\s*|[①-⑳]\s*|\[[ xX]?\]\s*)\S/u

/** `statement` says something about the item above it; an opening word alone leaves the rest to the next paragraph. */
type ParagraphKind = 'option' | 'lines' | 'statement' | 'opening' | 'other' | 'blank'

function kindOfParagraph(block: DocumentParagraph, text: string): ParagraphKind {
  if (block.label !== undefined && !/\d/.test(block.label)) return 'option'
  const keyword = keywordAt(text.trimStart(), 0)
  if (keyword) return text.trimStart().slice(keyword.end).trim() ? 'statement' : 'opening'
  if (/^\s*\(/.test(text) && !OPTION_START.test(text)) return 'opening'
  if (OPTION_START.test(text)) return 'option'
  return text.trim().includes('\n') ? 'lines' : 'other'
}

const NUMBERED = /^\s*(?:\(?\d{1,3}[.):]|[IVX]{1,5}\.\s)/

/** Whether the document numbers its questions, by hand or by itself. */
function isNumbered(blocks: readonly DocumentBlock[]): boolean {
  const found = blocks.filter((block) => {
    if (block.type === 'table') return false
    const text = block.runs.map((run) => run.text).join('')
    return (
      /\d|^[ivx]+\W*$/i.test(block.label ?? '') || NUMBERED.test(text) || questionLabelAt(text.trimStart(), 0) !== null
    )
  })
  return found.length > 1
}

const LABELLED = /^\s*(?:\(?\p{L}[).]|[①-⑳☐☑☒□])\s*\S/u

/** One column, or every cell an option with its letter. */
function isLayoutOnly(block: DocumentTable): boolean {
  const cells = block.rows.flatMap((row) => row.map((cell) => cellText(cell))).filter((text) => text.trim() !== '')
  return block.rows.every((row) => row.length <= 1) || (cells.length > 1 && cells.every((text) => LABELLED.test(text)))
}

function trimRuns(runs: readonly DocumentRun[]): DocumentRun[] {
  const trimmed = [...runs]
  while (trimmed[0] && trimmed[0].text.trim() === '') trimmed.shift()
  while (trimmed.at(-1)?.text.trim() === '') trimmed.pop()
  return trimmed.map((run, index) => {
    const text = index === 0 ? run.text.trimStart() : run.text
    return { ...run, text: index === trimmed.length - 1 ? text.trimEnd() : text }
  })
}
