import { OutcomesError, type OutcomeNode } from './outcome.ts'

const CODE = /^(?:code|id|number|nr|kod|koodi|kürzel|código|codice)$/i
const STATEMENT = /^(?:statement|outcome|description|text|objective|lernziel|mål|beskrivning|énoncé)$/i
const PARENT = /^(?:parent|parent code|above|under|överordnad|eltern)$/i

/**
 * Reads outcomes from a table with a row each: its code, its statement, and the code of the one above. Columns are told
 * by their headers, else taken in this order. Without a parent, `2.1` stands below `2` where that is there.
 *
 * @throws OutcomesError if there is no row with a code.
 */
export function outcomesFromRows(rows: readonly (readonly string[])[]): OutcomeNode[] {
  const [first = [], ...rest] = rows
  const at = (pattern: RegExp, otherwise: number): number => {
    const found = first.findIndex((cell) => pattern.test(cell.trim()))
    return found < 0 ? otherwise : found
  }
  const headed = first.some((cell) => CODE.test(cell.trim()) || STATEMENT.test(cell.trim()))
  const [code, statement, parent] = [at(CODE, 0), at(STATEMENT, 1), at(PARENT, 2)]
  const read = (headed ? rest : rows)
    .map((row) => ({ code: cell(row, code), statement: cell(row, statement), parent: cell(row, parent) }))
    .filter((row) => row.code !== '')
  if (!read.length)
    throw new OutcomesError('No row has a code; the first column, or one headed “code”, should hold it.')
  const codes = new Set(read.map((row) => row.code))
  const above = (row: (typeof read)[number]): string | null => {
    if (row.parent !== '' && row.parent !== row.code && codes.has(row.parent)) return row.parent
    const shorter = /^(.+)[.\-/][^.\-/]+$/.exec(row.code)?.[1]
    return shorter !== undefined && codes.has(shorter) ? shorter : null
  }
  return [...new Map(read.map((row) => [row.code, row])).values()].map((row) => ({
    id: row.code,
    parent: above(row),
    code: row.code,
    statement: row.statement,
  }))
}

function cell(row: readonly string[], at: number): string {
  return (row[at] ?? '').trim()
}
