import ExcelJS from 'exceljs'

/** The workbook says when it was made; a fixed date keeps equal contents equal. */
const FIXED_DATE = new Date(Date.UTC(1980, 0, 1))

/** Rows as a workbook of one sheet, the first row of it bold. */
export async function writeWorkbook(rows: readonly (readonly string[])[]): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook()
  book.created = FIXED_DATE
  book.modified = FIXED_DATE
  const sheet = book.addWorksheet('Items')
  for (const row of rows) sheet.addRow([...row])
  sheet.getRow(1).font = { bold: true }
  sheet.columns.forEach((column) => (column.width = 24))
  return new Uint8Array(await book.xlsx.writeBuffer())
}
