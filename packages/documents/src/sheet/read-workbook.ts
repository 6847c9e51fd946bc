import ExcelJS from 'exceljs'
import type { DocumentBlock, DocumentCell, DocumentRun, DocumentStyle } from '@zakuska/core'
import { isColour } from '../common/styles.ts'
import { PackageError } from '../common/zip.ts'
import { MAX_CELLS } from './read-csv.ts'

const MAX_COLUMNS = 200
/**
 * What says nothing of the cells' text, and is built cell by cell however many there are: a merge over a whole sheet, a
 * list to choose from in whole columns. The cells that a merge covers hold no text of their own.
 */
const IGNORED = ['mergeCells', 'dataValidations', 'conditionalFormatting', 'autoFilter', 'extLst'] as const

/**
 * Reads a workbook (ECMA-376 part 1, SpreadsheetML): each visible sheet is a table, a formula its last result,
 * a figure as plain text.
 *
 * @throws PackageError if it cannot be opened.
 */
export async function readWorkbook(bytes: Uint8Array): Promise<DocumentBlock[]> {
  const workbook = new ExcelJS.Workbook()
  try {
    await workbook.xlsx.load(bytes.slice().buffer, { ignoreNodes: [...IGNORED] })
  } catch {
    throw new PackageError('The workbook is broken and cannot be opened.')
  }
  let cells = 0
  return workbook.worksheets
    .filter((sheet) => sheet.state === 'visible')
    .map((sheet) => {
      const rows: DocumentCell[][] = []
      const width = Math.min(sheet.columnCount, MAX_COLUMNS)
      sheet.eachRow({ includeEmpty: false }, (row) => {
        if (row.hidden) return
        cells += width
        if (cells > MAX_CELLS) throw new PackageError('The workbook holds too many cells to be read.')
        rows.push(Array.from({ length: width }, (_none, index) => cellRuns(row.getCell(index + 1))))
      })
      return { type: 'table' as const, rows }
    })
    .filter((table) => table.rows.length > 0)
}

function cellRuns(cell: ExcelJS.Cell): DocumentRun[] {
  const value = cell.value
  if (value !== null && typeof value === 'object' && 'richText' in value)
    return value.richText.map((run) => ({ text: run.text, styles: stylesOf(run.font) }))
  const text = valueText(value, cell)
  return text ? [{ text, styles: [...stylesOf(cell.font), ...(isFilled(cell) ? (['highlight'] as const) : [])] }] : []
}

function valueText(value: ExcelJS.CellValue, cell: ExcelJS.Cell): string {
  if (value === null || value === undefined) return ''
  if (typeof value === 'number') return numberText(value, cell.numFmt)
  if (typeof value === 'boolean') return value ? 'TRUE' : 'FALSE'
  if (value instanceof Date) return cell.text
  if (typeof value === 'string') return value
  if ('result' in value) return valueText(value.result ?? null, cell)
  if ('hyperlink' in value) return String(value.text)
  if ('error' in value) return value.error
  return cell.text
}

/** A share shown as per cent keeps its sign; other figures lose the noise of binary fractions. */
function numberText(value: number, format: string | undefined): string {
  if (format?.includes('%')) return `${Number((value * 100).toPrecision(12))}%`
  return String(Number(value.toPrecision(15)))
}

function stylesOf(font: Partial<ExcelJS.Font> | undefined): DocumentStyle[] {
  if (!font) return []
  const styles: DocumentStyle[] = []
  if (font.bold) styles.push('strong')
  if (font.italic) styles.push('emphasis')
  if (font.underline && font.underline !== 'none') styles.push('underline')
  if (font.vertAlign === 'superscript') styles.push('sup')
  if (font.vertAlign === 'subscript') styles.push('sub')
  const colour = font.color?.argb
  if (colour && isColour(colour.slice(-6))) styles.push('colour')
  return styles
}

function isFilled(cell: ExcelJS.Cell): boolean {
  const fill = cell.fill as ExcelJS.Fill | undefined
  if (fill?.type !== 'pattern' || fill.pattern === 'none') return false
  const colour = fill.fgColor?.argb
  return colour === undefined ? fill.fgColor !== undefined : !/ffffff$/i.test(colour)
}
