import type { DocumentCell, DocumentRun } from '../document/blocks.ts'
import type { ColumnRole } from './layout.ts'

export type Rows = readonly (readonly DocumentCell[])[]

/** One item of a table, whatever the way in which its rows and columns spell it. */
export interface TableItem {
  readonly stem: DocumentCell
  readonly options: readonly DocumentCell[]
  /** Indexes of the options that are marked. */
  readonly keyed: readonly number[]
  readonly remarks: readonly (DocumentCell | null)[]
  /** Cells of other columns, by what their header names. */
  readonly more: readonly { readonly role: ColumnRole; readonly cell: DocumentCell }[]
  /** As the table numbers it; absent: counted on. */
  readonly number?: string | undefined
}

/** An item, or a row that none owns. */
export type Part = { readonly item: TableItem; readonly rows: Rows } | { readonly row: readonly DocumentCell[] }

export const TICK = /^[xX✓✔☒☑]$/u

export type Texts = readonly (readonly string[])[]

export function width(texts: Texts): number {
  return Math.max(0, ...texts.map((row) => row.length))
}

export function column(texts: Texts, at: number): string[] {
  return texts.map((row) => row[at] ?? '')
}

export function sliceOf(cell: DocumentCell, from: number, to: number): DocumentCell {
  const runs: DocumentRun[] = []
  let at = 0
  for (const run of cell) {
    const text = run.text.slice(Math.max(0, from - at), Math.max(0, to - at))
    if (text.trim()) runs.push({ ...run, text })
    at += run.text.length
  }
  return runs
}

export const ASKS = /[?？:：…]$|_{2,}/

export const NUMBERED = /^\s*\(?\d{1,3}[.)]\s/

export function flat(cell: DocumentCell): DocumentRun[] {
  const runs = cell.map((run) => ({ ...run, text: run.text.replace(/\s*\n\s*/g, ' ') }))
  return runs.map((run, at) => ({
    ...run,
    text: at === 0 ? run.text.trimStart() : at === runs.length - 1 ? run.text.trimEnd() : run.text,
  }))
}
