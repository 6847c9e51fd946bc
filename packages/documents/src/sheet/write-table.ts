import ExcelJS from 'exceljs'
import { stringify } from 'csv-stringify/sync'

/** The workbook says when it was made; a fixed date keeps equal contents equal. */
const FIXED_DATE = new Date(Date.UTC(1980, 0, 1))
const WIDEST = 40

export type TableCell = string | number

/**
 * Rows as comma separated values or as a workbook, the first row the head; figures stay figures. Text that a spreadsheet
 * would run as a formula is text in both: with an apostrophe before it in CSV, as a string in the workbook.
 */
export async function writeTable(
  rows: readonly (readonly TableCell[])[],
  as: 'csv' | 'xlsx',
  name: string,
): Promise<Uint8Array> {
  if (as === 'csv')
    return new TextEncoder().encode(
      stringify(
        rows.map((row) => [...row]),
        { escape_formulas: true, bom: true, record_delimiter: 'windows', cast: { number: String } },
      ),
    )
  const book = new ExcelJS.Workbook()
  Object.assign(book, { created: FIXED_DATE, modified: FIXED_DATE })
  // A sheet's name has at most 31 letters, and none of these (ECMA-376 part 1, section 18.2.19).
  const sheet = book.addWorksheet(
    name
      .replace(/[\\/?*[\]:'\s]+/g, ' ')
      .slice(0, 31)
      .trim() || 'Results',
    {
      views: [{ state: 'frozen', ySplit: 1 }],
    },
  )
  for (const row of rows) sheet.addRow([...row])
  sheet.getRow(1).font = { bold: true }
  sheet.columns.forEach((column, at) => {
    const longest = rows.reduce((most, row) => Math.max(most, String(row[at] ?? '').length), 8)
    column.width = Math.min(WIDEST, longest + 2)
  })
  return new Uint8Array(await book.xlsx.writeBuffer())
}
