import type { Content as PdfContent, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces.js'
import { packZip } from '../common/zip.ts'
import type { pdfLine } from './pdf-text.ts'
import type { SheetSize } from './sheet.ts'
import { TEXT_STYLE } from './text-style.ts'

export interface FeedbackRow {
  readonly number: number
  readonly stem: string
  /** What was given; empty: it was left open. */
  readonly given: string
  /** Null: not to be told, or there is none. */
  readonly key: string | null
  /** Null: still to be read. */
  readonly points: number | null
  readonly of: number
  /** Of the item, and of who read it. */
  readonly notes: readonly string[]
}

/** What one person is told of an attempt. */
export interface FeedbackSheet {
  readonly student: string
  readonly title: string
  readonly about: string
  readonly total: number
  readonly possible: number
  readonly rows: readonly FeedbackRow[]
}

const MARGIN = 54
const GREY = '#555555'

/**
 * Feedback sheets as PDF: all in one file, a page or more for each, or a file for each in a zip.
 *
 * @returns the bytes; of a zip where `each`.
 */
export async function printFeedback(
  sheets: readonly FeedbackSheet[],
  { size, each }: { readonly size: SheetSize; readonly each: boolean },
): Promise<Uint8Array> {
  // What draws a form is large, and loaded when the first is printed.
  const { drawPdf } = await import('./draw-pdf.ts')
  if (!each) return drawPdf((line) => definition(sheets, size, line), JSON.stringify(sheets))
  const names = new Map<string, number>()
  const files: { path: string; bytes: Uint8Array }[] = []
  for (const sheet of sheets) {
    const name = fileName(sheet.student)
    const before = names.get(name) ?? 0
    names.set(name, before + 1)
    files.push({
      path: `${name}${before ? `-${before + 1}` : ''}.pdf`,
      bytes: await drawPdf((line) => definition([sheet], size, line), JSON.stringify(sheet)),
    })
  }
  return packZip(files)
}

function fileName(student: string): string {
  const plain = student
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
  return plain.slice(0, 80) || 'student'
}

type Line = (text: string) => ReturnType<typeof pdfLine>

function definition(sheets: readonly FeedbackSheet[], size: SheetSize, line: Line): TDocumentDefinitions {
  return {
    pageSize: size === 'A4' ? 'A4' : 'LETTER',
    pageMargins: [MARGIN, MARGIN, MARGIN, MARGIN],
    defaultStyle: TEXT_STYLE,
    info: { title: sheets[0]?.title ?? 'Feedback' },
    content: sheets.flatMap((sheet, at) => sheetContent(sheet, at > 0, line)),
  }
}

function sheetContent(sheet: FeedbackSheet, isNext: boolean, line: Line): PdfContent[] {
  const head: PdfContent = {
    columns: [
      { width: '*', ...line(sheet.student), fontSize: 16, bold: true },
      { width: 'auto', text: `${round(sheet.total)} of ${round(sheet.possible)}`, fontSize: 16, bold: true },
    ],
    ...(isNext && { pageBreak: 'before' as const }),
  }
  return [
    head,
    {
      ...line([sheet.title, sheet.about].filter(Boolean).join(' · ')),
      fontSize: 9,
      color: GREY,
      margin: [0, 2, 0, 10],
    },
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        dontBreakRows: true,
        widths: [18, '*', 46],
        body: [headRow(), ...sheet.rows.map((row) => bodyRow(row, line))],
      },
    },
  ]
}

function headRow(): TableCell[] {
  return ['', 'Question and answer', 'Points'].map((text) => ({ text, bold: true, fontSize: 9 }))
}

function bodyRow(row: FeedbackRow, line: Line): TableCell[] {
  const part = (name: string, text: string): PdfContent => ({
    columns: [
      { width: 62, text: name, fontSize: 8.5, color: GREY },
      { width: '*', ...line(text) },
    ],
    margin: [0, 2, 0, 0],
  })
  const isWhole = row.points === row.of
  return [
    { text: String(row.number), color: GREY },
    {
      stack: [
        line(row.stem),
        part('your answer', row.given || 'none'),
        ...(row.key !== null && !isWhole ? [part('right', row.key)] : []),
        ...row.notes.map((note) => part('remark', note)),
      ],
    },
    { text: row.points === null ? 'to read' : `${round(row.points)} of ${round(row.of)}`, alignment: 'right' },
  ]
}

function round(value: number): string {
  return String(Number(value.toFixed(2)))
}
