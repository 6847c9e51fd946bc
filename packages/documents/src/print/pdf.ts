import type { Content as PdfContent, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces.js'
import { placeLetter } from '@zakuska/core'
import { baseOf } from './direction.ts'
import { drawPdf } from './draw-pdf.ts'
import { ideographsOf } from './fonts.ts'
import { pdfItem } from './pdf-item.ts'
import './pdf-lines.ts'
import { pdfLine, pdfText, type TextSettings } from './pdf-text.ts'
import { aboutLine, placesOf, type Placed, type PrintPaper, type PrintPart, type SheetSize } from './sheet.ts'
import { TEXT_STYLE } from './text-style.ts'

const MARGIN = 54
const TITLES: Readonly<Record<PrintPart, string>> = { paper: '', key: 'Key', answers: 'Answer sheet' }

/** One part of a paper as a PDF: no item is parted by a page, faces are embedded, pages are numbered. */
export async function printPdf(paper: PrintPaper, part: PrintPart, size: SheetSize): Promise<Uint8Array> {
  const places = placesOf(paper)
  const ideographs = ideographsOf(JSON.stringify([paper.title, paper.entries]))
  const settings: TextSettings = { assets: paper.assets, widest: 380, ideographs }
  const body = part === 'answers' ? answerSheet(places) : places.flatMap((one) => entry(one, settings, part === 'key'))
  const title = [paper.title, TITLES[part]].filter(Boolean).join(' · ')
  const definition: TDocumentDefinitions = {
    pageSize: size === 'A4' ? 'A4' : 'LETTER',
    pageMargins: [MARGIN, MARGIN, MARGIN, MARGIN],
    defaultStyle: TEXT_STYLE,
    info: { title },
    content: [...head(paper, part, settings), ...body],
    footer: (page, pages) => ({
      columns: [
        { ...pdfLine(title, settings), fontSize: 8, color: '#555555' },
        { text: `${page} of ${pages}`, alignment: 'right', fontSize: 8, color: '#555555' },
      ],
      margin: [MARGIN, 18, MARGIN, 0],
    }),
  }
  return drawPdf(() => definition, '')
}

function head(paper: PrintPaper, part: PrintPart, settings: TextSettings): PdfContent[] {
  const title = { width: '*', ...pdfLine(paper.title, settings), fontSize: 17, bold: true }
  const label = paper.label === null ? [] : [{ width: 'auto' as const, text: paper.label, fontSize: 17, bold: true }]
  const found: PdfContent[] = [
    { columns: baseOf(paper.title) === 'rtl' ? [...label, title] : [title, ...label] },
    { text: [TITLES[part], aboutLine(paper)].filter(Boolean).join(' · '), fontSize: 9, color: '#555555' },
  ]
  if (part !== 'key' && paper.identity.length)
    found.push({
      columns: paper.identity.map((field) => ({
        stack: [
          { ...pdfLine(field, settings), fontSize: 8.5, color: '#555555' },
          { canvas: [{ type: 'line', x1: 0, y1: 12, x2: 150, y2: 12, lineWidth: 0.5 }] },
        ],
      })),
      columnGap: 20,
      margin: [0, 12, 0, 0],
    })
  if (part === 'paper' && paper.instructions)
    found.push({ ...pdfLine(paper.instructions, settings), margin: [0, 12, 0, 0] })
  found.push({ text: '', margin: [0, 0, 0, 14] })
  return found
}

function entry(placed: Placed, settings: TextSettings, withKey: boolean): PdfContent[] {
  const found: PdfContent[] = []
  if (placed.heading)
    found.push({
      stack: [
        { ...pdfLine(placed.heading.title, settings), fontSize: 13.5, bold: true, headlineLevel: 1 },
        ...(placed.heading.instructions ? [pdfLine(placed.heading.instructions, settings)] : []),
      ],
      margin: [0, 6, 0, 8],
    })
  if (placed.passage && !withKey)
    found.push({
      table: { widths: ['*'], body: [[{ stack: pdfText(placed.passage, settings), margin: [6, 4, 6, 4] }]] },
      layout: { hLineWidth: () => 0, vLineWidth: (at) => (at === 0 ? 2 : 0), vLineColor: () => '#999999' },
      margin: [0, 0, 0, 10],
    })
  return [...found, pdfItem(placed, settings, withKey)]
}

const WIDE = 300

/** A line an item: letters to mark, or a line to write on. */
function answerSheet(places: readonly Placed[]): PdfContent[] {
  const rows = places.flatMap((placed): TableCell[][] => {
    if (placed.number === null) return []
    return [[{ text: `${placed.number}.`, bold: true, alignment: 'right' }, answerCell(placed)]]
  })
  if (!rows.length) return [{ text: 'There is nothing to answer.' }]
  return [
    {
      table: { widths: [28, '*'], body: rows, dontBreakRows: true },
      layout: { hLineWidth: () => 0, vLineWidth: () => 0, paddingTop: () => 5, paddingBottom: () => 5 },
    },
  ]
}

function answerCell({ item, rightOrder }: Placed): TableCell {
  const marks = (labels: readonly string[]): TableCell => ({
    columns: labels.map((label) => ({
      width: label.length > 2 ? 70 : 38,
      text: [{ text: '○ ', font: 'Sans' }, label],
    })),
  })
  const line = (width: number): TableCell => ({
    canvas: [{ type: 'line', x1: 0, y1: 13, x2: width, y2: 13, lineWidth: 0.5, lineColor: '#777777' }],
  })
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return marks(item.options.map((_option, index) => placeLetter(index)))
    case 'truefalse':
      return marks(['true', 'false'])
    case 'cloze':
      return { stack: item.gaps.map(() => line(WIDE)) as PdfContent[] }
    case 'match':
      return {
        text: item.left.map((_left, at) => `${at + 1} ____`).join('    '),
        ...(rightOrder.length === 0 && { color: '#000000' }),
      }
    case 'grid':
      return { text: item.rows.map((_row, at) => `${at + 1} ____`).join('    ') }
    case 'order':
      return { text: item.options.map(() => '____').join('   ') }
    case 'scale':
      return marks(Array.from({ length: item.high - item.low + 1 }, (_none, at) => String(item.low + at)))
    case 'essay':
      return { text: 'on a sheet of your own', italics: true, color: '#555555' }
    case 'short':
    case 'numeric':
      return line(WIDE)
    case 'note':
      return ''
  }
}
