import { cellText } from '@zakuska/core'
import { decodeText } from '../common/decode-text.ts'
import { isZip, PackageError, unpackZip } from '../common/zip.ts'
import { readOpenSheet } from '../open-text/read-open-text.ts'
import { csvRows, unescapedCell } from './read-csv.ts'
import { readWorkbook } from './read-workbook.ts'

/**
 * Rows of a table, the head first: comma, semicolon or tab separated values (RFC 4180), or the first sheet of a workbook.
 * All rows are as long as the longest.
 *
 * @throws PackageError where it is no such table.
 */
export async function readTable(bytes: Uint8Array): Promise<string[][]> {
  if (!bytes.length) throw new PackageError('The file is empty.')
  const rows = isZip(bytes) ? await workbookRows(bytes) : csvRows(decodeText(bytes))
  const width = rows.reduce((most, row) => Math.max(most, row.length), 0)
  if (rows.length < 2 || width < 2)
    throw new PackageError('There is no table with a head and a row below it in this file.')
  return rows.map((row) => Array.from({ length: width }, (_none, at) => unescapedCell(row[at] ?? '')))
}

async function workbookRows(bytes: Uint8Array): Promise<string[][]> {
  const [first] = readOpenSheet(unpackZip(bytes)) ?? (await readWorkbook(bytes))
  return first?.type === 'table' ? first.rows.map((row) => row.map(cellText)) : []
}
