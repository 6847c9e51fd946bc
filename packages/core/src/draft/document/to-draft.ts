import { expandTable } from '../columns/expand.ts'
import { guessKeyTable, guessLayout } from '../columns/guess.ts'
import type { ColumnLayout } from '../columns/layout.ts'
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
  const tables = readTables(
    blocks.filter((block) => block.type === 'table'),
    layouts,
  )
  const writer = new DraftWriter()
  for (const block of blocks) {
    const read = block.type === 'table' ? tables.get(block) : undefined
    if (block.type === 'paragraph') writer.paragraph(block)
    else if (read === 'keys') continue
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

class DraftWriter {
  #text = ''
  readonly #styles: SourceStyle[] = []
  #inList = false

  add(block: DocumentBlock): void {
    if (block.type === 'paragraph') this.paragraph(block)
    else this.table(block)
  }

  paragraph(block: DocumentParagraph): void {
    const empty = block.runs.every((run) => run.text.trim() === '')
    if (empty && !block.label) {
      this.#blank()
      return
    }
    const listed = block.depth !== undefined
    if (block.heading || (block.depth === 0 && block.label) || (!listed && this.#inList)) this.#blank()
    this.#inList = listed
    this.#write('    '.repeat(Math.min(block.depth ?? 0, 6)))
    if (block.heading) this.#write(`${'#'.repeat(block.heading)} `)
    if (block.label) this.#write(`${block.label} `)
    this.#runs(block.runs)
    this.#write('\n')
    if (block.heading) this.#blank()
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
      this.#write(run.text)
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
    if (this.#text && !this.#text.endsWith('\n\n')) this.#write('\n')
  }

  #write(text: string): void {
    this.#text += text
  }

  finish(): DraftSource {
    return { text: this.#text.replace(/\n+$/, '\n'), styles: this.#styles }
  }
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
