import {
  cellText,
  child,
  children,
  elementsOf,
  type DocumentBlock,
  type DocumentCell,
  type DocumentRun,
  type DocumentStyle,
  type ElementNode,
} from '@zakuska/core'
import { cellOf, xmlPart } from '../common/office.ts'
import { DocumentPictures } from '../common/pictures.ts'
import { PackageError, type ZipEntry } from '../common/zip.ts'
import { OpenLists } from './lists.ts'
import { OpenStyles } from './styles.ts'

/**
 * Reads an OpenDocument spreadsheet (OpenDocument 1.3 part 3, section 3.9): each sheet is a table, a formula its last
 * result. Cells and rows that are empty to the end are not there.
 *
 * @returns null where it is another kind of document.
 * @throws FormatError if its XML is not well-formed.
 */
export function readOpenSheet(files: readonly ZipEntry[]): DocumentBlock[] | null {
  const content = xmlPart(files, 'content.xml')
  const body = content && child(content, 'body')
  const sheets = body && child(body, 'spreadsheet')
  if (!content || !sheets) return null
  const holders = elementsOf(content).filter((one) => one.name === 'automatic-styles')
  const reader = new OpenTextReader(new OpenStyles(holders), new OpenLists([]), new DocumentPictures())
  return children(sheets, 'table').flatMap((table): DocumentBlock[] => {
    const rows = withoutEmptyEnds(reader.sheetRows(table))
    return rows.length ? [{ type: 'table', rows }] : []
  })
}

function withoutEmptyEnds(rows: readonly (readonly DocumentCell[])[]): DocumentCell[][] {
  const isFull = (cell: DocumentCell): boolean => cellText(cell).trim() !== ''
  const width = rows.reduce((most, row) => Math.max(most, row.findLastIndex(isFull) + 1), 0)
  return rows.map((row) => Array.from({ length: width }, (_none, at) => row[at] ?? []))
}

/**
 * Reads an OpenDocument text (OpenDocument 1.3 part 3): paragraphs with their list numbers, tables, dress of the
 * text, alt texts. Headers, footers, comments and tracked deletions are left out; notes follow the body.
 *
 * @throws FormatError if its XML is not well-formed.
 */
export function readOpenText(files: readonly ZipEntry[], pictures = new DocumentPictures(files)): DocumentBlock[] {
  const part = (path: string): ElementNode | null => xmlPart(files, path)
  const content = part('content.xml')
  const body = content && child(content, 'body')
  const text = body && child(body, 'text')
  if (!content || !text) return []
  const holders = [part('styles.xml'), content].flatMap((root) =>
    root ? elementsOf(root).filter((one) => one.name === 'styles' || one.name === 'automatic-styles') : [],
  )
  const reader = new OpenTextReader(new OpenStyles(holders), new OpenLists(holders), pictures)
  const blocks = reader.blocks(text)
  return [...blocks, ...reader.finish()]
}

const HOLDERS = new Set(['span', 'a', 'ruby', 'ruby-base', 'meta', 'meta-field', 'section', 'bookmark-ref', 'sequence'])
const MAX_REPEATS = 64
/** Of a sheet. */
const MAX_COLUMNS = 200
const MAX_CELLS = 1_000_000

class OpenTextReader {
  readonly #styles: OpenStyles
  readonly #lists: OpenLists
  readonly #notes: ElementNode[] = []

  readonly #pictures: DocumentPictures

  constructor(styles: OpenStyles, lists: OpenLists, pictures: DocumentPictures) {
    this.#styles = styles
    this.#lists = lists
    this.#pictures = pictures
  }

  blocks(parent: ElementNode): DocumentBlock[] {
    return elementsOf(parent).flatMap((node) => this.#block(node))
  }

  finish(): DocumentBlock[] {
    return this.#notes.splice(0).flatMap((note) => this.blocks(note))
  }

  #block(node: ElementNode): DocumentBlock[] {
    switch (node.name) {
      case 'p':
      case 'h':
        return [this.#paragraph(node)]
      case 'list':
        return this.#list(node, 0, null)
      case 'table':
        return [{ type: 'table', rows: this.#rows(node) }]
      case 'section':
      case 'index-body':
      case 'frame':
      case 'text-box':
        return this.blocks(node)
      default:
        return []
    }
  }

  #paragraph(node: ElementNode): DocumentBlock {
    const style = this.#styles.paragraph(node.attributes['text:style-name'])
    const level = node.name === 'h' ? Number(node.attributes['text:outline-level'] ?? 1) : style.heading
    return {
      type: 'paragraph',
      runs: this.#inline(node, level ? [] : style.styles),
      ...(level && { heading: Math.min(level, 6) }),
    }
  }

  #list(node: ElementNode, depth: number, inherited: string | null): DocumentBlock[] {
    const name = node.attributes['text:style-name'] ?? inherited
    if (depth === 0)
      this.#lists.open(
        name,
        node.attributes['text:continue-numbering'] === 'true' || 'text:continue-list' in node.attributes,
      )
    return elementsOf(node).flatMap((entry) => {
      let labelled = entry.name !== 'list-item'
      const start = entry.attributes['text:start-value']
      return elementsOf(entry).flatMap((part): DocumentBlock[] => {
        if (part.name === 'list') return this.#list(part, depth + 1, name)
        return this.#block(part).map((block) => {
          if (block.type !== 'paragraph' || labelled || block.runs.every((run) => !run.text.trim()))
            return block.type === 'paragraph' ? { ...block, depth } : block
          labelled = true
          const label = this.#lists.next(name, depth, start === undefined ? null : Number(start))
          return { ...block, depth, ...(label && { label }) }
        })
      })
    })
  }

  #inline(parent: ElementNode, base: readonly DocumentStyle[]): DocumentRun[] {
    return parent.children.flatMap((node): DocumentRun[] => {
      if (node.type === 'text') return [{ text: node.value.replace(/[\n\t ]+/g, ' '), styles: base }]
      switch (node.name) {
        case 's':
          return [{ text: ' '.repeat(Math.min(Number(node.attributes['text:c'] ?? 1), 200)), styles: base }]
        case 'tab':
          return [{ text: '\t', styles: base }]
        case 'line-break':
          return [{ text: '\n', styles: base }]
        case 'note': {
          const body = child(node, 'note-body')
          if (body) this.#notes.push(body)
          return []
        }
        case 'frame':
          return this.#frame(node, base)
        case 'span':
          return this.#inline(node, this.#styles.text(node.attributes['text:style-name'], base))
        default:
          return HOLDERS.has(node.name) ? this.#inline(node, base) : []
      }
    })
  }

  #frame(node: ElementNode, base: readonly DocumentStyle[]): DocumentRun[] {
    const box = child(node, 'text-box')
    if (box) {
      this.#notes.push(box)
      return []
    }
    if (!child(node, 'image') && !child(node, 'object')) return []
    const named = child(node, 'desc') ?? child(node, 'title')
    const alt = named?.children.map((one) => (one.type === 'text' ? one.value : '')).join('') ?? ''
    const path = child(node, 'image')?.attributes['xlink:href'] ?? null
    return [{ text: this.#pictures.at(path, alt), styles: base }]
  }

  #rows(table: ElementNode): DocumentCell[][] {
    return rowsIn(table).map((row) => this.#cells(row, MAX_REPEATS))
  }

  /** The rows of a sheet: what is hidden or filtered away is not there, what is repeated is there as often. */
  sheetRows(table: ElementNode): DocumentCell[][] {
    const rows: DocumentCell[][] = []
    let count = 0
    for (const row of rowsIn(table)) {
      if (row.attributes['table:visibility'] !== undefined && row.attributes['table:visibility'] !== 'visible') continue
      const all = this.#cells(row, MAX_COLUMNS)
      const cells = all.slice(0, all.findLastIndex((cell) => cellText(cell).trim() !== '') + 1)
      if (!cells.length) continue
      const repeats = Number(row.attributes['table:number-rows-repeated'] ?? 1)
      count += repeats * cells.length
      if (count > MAX_CELLS) throw new PackageError('The sheet holds too many cells to be read.')
      for (let turn = 0; turn < repeats; turn++) rows.push(cells)
    }
    return rows
  }

  #cells(row: ElementNode, most: number): DocumentCell[] {
    return elementsOf(row).flatMap((cell) => {
      const repeats = Math.min(Number(cell.attributes['table:number-columns-repeated'] ?? 1), most)
      const contents = cell.name === 'covered-table-cell' ? [] : valueOf(cell, cellOf(this.blocks(cell)))
      return Array.from({ length: repeats }, () => contents)
    })
  }
}

/** Rows, also those that are grouped to be folded away. */
function rowsIn(table: ElementNode): ElementNode[] {
  return elementsOf(table).flatMap((node) =>
    node.name === 'table-row'
      ? [node]
      : ['table-header-rows', 'table-rows', 'table-row-group'].includes(node.name)
        ? rowsIn(node)
        : [],
  )
}

/** A figure is what it is, and not as far as it is shown (`office:value`, section 19.387). */
function valueOf(cell: ElementNode, shown: DocumentCell): DocumentCell {
  const value = Number(cell.attributes['office:value'])
  if (cell.attributes['office:value-type'] !== 'float' || Number.isNaN(value)) return shown
  return [{ text: String(Number(value.toPrecision(15))), styles: [...(shown[0]?.styles ?? [])] }]
}
