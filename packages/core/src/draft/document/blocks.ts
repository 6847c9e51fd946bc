import type { TextStyle } from '../../content/model.ts'

/** Signals that a document gives beside its text. */
export type DocumentStyle = TextStyle | 'highlight' | 'colour'

/** Text in one dress. A tab is `\t`, a line break inside a paragraph `\n`. */
export interface DocumentRun {
  readonly text: string
  readonly styles: readonly DocumentStyle[]
}

export interface DocumentParagraph {
  readonly type: 'paragraph'
  readonly runs: readonly DocumentRun[]
  /** What the document's automatic numbering prints before it: `3.`, `b)`, `•`. */
  readonly label?: string
  /** Depth of a list entry, 0 outermost; absent outside lists. */
  readonly depth?: number
  /** A line as a page prints it: the next line may go on with its paragraph. */
  readonly isPrintedLine?: boolean
  /** 1 to 6; absent for body text. */
  readonly heading?: number
}

/** Rows of cells; a cell that spans several columns stands in the first, the others are empty. */
export interface DocumentTable {
  readonly type: 'table'
  readonly rows: readonly (readonly DocumentCell[])[]
}

export type DocumentCell = readonly DocumentRun[]

/** What every reader of documents gives: paragraphs and tables in reading order, with their dress. */
export type DocumentBlock = DocumentParagraph | DocumentTable

export function paragraphOf(text: string, more: Partial<DocumentParagraph> = {}): DocumentParagraph {
  return { type: 'paragraph', runs: [{ text, styles: [] }], ...more }
}

export function cellText(cell: DocumentCell | undefined): string {
  return (cell ?? []).map((run) => run.text).join('')
}
