import ExcelJS from 'exceljs'
import { cellText, type DocumentBlock } from '@zakuska/core'
import { packZip } from '../common/zip.ts'
import { readOpenSheet } from '../open-text/read-open-text.ts'
import { csvDelimiter, escapedCell, readCsv, unescapedCell } from './read-csv.ts'
import { readTable } from './read-table.ts'
import { readWorkbook } from './read-workbook.ts'

const encode = (text: string): Uint8Array => new TextEncoder().encode(text)
const rowsOf = (blocks: readonly DocumentBlock[] | null): string[][][] =>
  (blocks ?? []).flatMap((block) =>
    block.type === 'table' ? [block.rows.map((row) => row.map((cell) => cellText(cell)))] : [],
  )

describe('values parted by signs (RFC 4180)', () => {
  test.each<[string, string, string | null]>([
    ['commas', 'a,b,c\n1,2,3\n', ','],
    ['semicolons, with commas in figures', 'a;b;c\n1,5;2,5;3,5\n', ';'],
    ['tabs', 'a\tb\tc\n1\t2\t3\n', '\t'],
    ['bars', 'a|b|c\n1|2|3\n', '|'],
    ['prose with a comma in it', 'First, second and third.\nThen it stopped.\n', null],
    ['a single line', 'a,b,c\n', null],
  ])('%s', (_what, text, delimiter) => expect(csvDelimiter(text)).toBe(delimiter))

  test('quotes hold delimiters, ends of lines and quotes', () => {
    expect(rowsOf(readCsv('q,a\n"one, two","he said ""ebb"""\n"two\nlines",x\n', ','))).toEqual([
      [
        ['q', 'a'],
        ['one, two', 'he said "ebb"'],
        ['two\nlines', 'x'],
      ],
    ])
  })
  test('a quote that is never closed loses nothing', () => {
    const [rows = []] = rowsOf(readCsv('a,b\n"open,1\nnext,2\n', ','))
    expect(rows.flat().join(' ')).toContain('open')
    expect(rows.flat().join(' ')).toContain('next')
  })
  test('what a sheet would run is written with an apostrophe, and read without; figures are figures', () => {
    for (const cell of ['=1+1', '+x', '-x', '@sum(a)']) expect(unescapedCell(escapedCell(cell))).toBe(cell)
    expect(escapedCell('=cmd()')).toBe("'=cmd()")
    expect(escapedCell('-3.5')).toBe('-3.5')
    expect(escapedCell('-3,5')).toBe('-3,5')
    expect(unescapedCell("'tis")).toBe("'tis")
  })
})

describe('workbooks', () => {
  const book = async (fill: (book: ExcelJS.Workbook) => void): Promise<Uint8Array> => {
    const made = new ExcelJS.Workbook()
    fill(made)
    return new Uint8Array(await made.xlsx.writeBuffer())
  }
  test('formulas by their result, shares with their sign, figures without the noise of binary fractions', async () => {
    const bytes = await book((made) => {
      const sheet = made.addWorksheet('One')
      sheet.addRow(['sum', { formula: '1+1', result: 2 }, true])
      sheet.addRow(['share', 0.1 + 0.2, 0.5])
      sheet.getCell('C2').numFmt = '0%'
    })
    expect(rowsOf(await readWorkbook(bytes))).toEqual([
      [
        ['sum', '2', 'TRUE'],
        ['share', '0.3', '50%'],
      ],
    ])
  })
  test('hidden sheets and rows are left out, and so are empty ones', async () => {
    const bytes = await book((made) => {
      const sheet = made.addWorksheet('Seen')
      sheet.addRow(['a', 'b'])
      sheet.addRow(['hidden', 'x']).hidden = true
      sheet.addRow([])
      sheet.addRow(['c', 'd'])
      made.addWorksheet('Secret', { state: 'hidden' }).addRow(['key', 'x'])
      made.addWorksheet('Empty')
    })
    expect(rowsOf(await readWorkbook(bytes))).toEqual([
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ])
  })
  test('dress of words, of a cell, and of its ground', async () => {
    const bytes = await book((made) => {
      const sheet = made.addWorksheet('One')
      sheet.getCell('A1').value = { richText: [{ text: 'H' }, { text: '2', font: { vertAlign: 'subscript' } }] }
      sheet.getCell('B1').value = 'key'
      sheet.getCell('B1').font = { bold: true, color: { argb: 'FFCC0000' } }
      sheet.getCell('B1').fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: 'FFFFFF00' } }
    })
    const [table] = await readWorkbook(bytes)
    if (table?.type !== 'table') throw new Error('There is no table.')
    expect(table.rows[0]?.[0]).toEqual([
      { text: 'H', styles: [] },
      { text: '2', styles: ['sub'] },
    ])
    expect(table.rows[0]?.[1]?.[0]?.styles).toEqual(expect.arrayContaining(['strong', 'colour', 'highlight']))
  })
})

// OpenDocument 1.3 part 3, section 9.1: rows and cells may be repeated, to the end of the sheet.
describe('open spreadsheets', () => {
  const NAMES = 'xmlns:office="urn:o" xmlns:table="urn:t" xmlns:text="urn:x" xmlns:style="urn:s"'
  const files = (sheets: string, body = 'spreadsheet') => [
    {
      path: 'content.xml',
      bytes: encode(
        `<office:document-content ${NAMES}><office:body><office:${body}>${sheets}</office:${body}></office:body></office:document-content>`,
      ),
    },
  ]
  const cell = (text: string, more = ''): string =>
    `<table:table-cell ${more}><text:p>${text}</text:p></table:table-cell>`
  const row = (...cells: string[]): string => `<table:table-row>${cells.join('')}</table:table-row>`
  const EMPTY = '<table:table-cell table:number-columns-repeated="16000"/>'

  test('repeated cells are there as often, empty ends are not', () => {
    const sheet = `<table:table table:name="One">${row(cell('a'), cell('x', 'table:number-columns-repeated="2"'), EMPTY)}${row(cell('b'), EMPTY)}<table:table-row table:number-rows-repeated="1048574">${EMPTY}</table:table-row></table:table>`
    expect(rowsOf(readOpenSheet(files(sheet)))).toEqual([
      [
        ['a', 'x', 'x'],
        ['b', '', ''],
      ],
    ])
  })
  test('rows that are alike are written once and are there as often; grouped ones are there, hidden ones are not', () => {
    const twice = row(cell('x'), cell('y')).replace(
      '<table:table-row>',
      '<table:table-row table:number-rows-repeated="2">',
    )
    const hidden = row(cell('h')).replace('<table:table-row>', '<table:table-row table:visibility="collapse">')
    const sheet = `<table:table>${twice}<table:table-row-group>${row(cell('g'))}</table:table-row-group>${hidden}</table:table>`
    expect(rowsOf(readOpenSheet(files(sheet)))).toEqual([
      [
        ['x', 'y'],
        ['x', 'y'],
        ['g', ''],
      ],
    ])
  })
  test('a figure is what it is, not as far as it is shown', () => {
    const third = cell('0.33', 'office:value-type="float" office:value="0.333333333333333"')
    const share = cell('50%', 'office:value-type="percentage" office:value="0.5"')
    expect(rowsOf(readOpenSheet(files(`<table:table>${row(third, share)}</table:table>`)))).toEqual([
      [['0.333333333333333', '50%']],
    ])
  })
  test('each sheet is a table, an empty one is none, and another kind of document is not read as one', () => {
    const two = `<table:table>${row(cell('a'), cell('b'))}</table:table><table:table>${row(EMPTY)}</table:table>`
    expect(rowsOf(readOpenSheet(files(two)))).toEqual([[['a', 'b']]])
    expect(readOpenSheet(files('<text:p>letter</text:p>', 'text'))).toBeNull()
  })
  test('responses are read from one', async () => {
    const sheet = `<table:table>${row(cell('Name'), cell('Q1'))}${row(cell('Bente'), cell('b'))}</table:table>`
    expect(await readTable(packZip(files(sheet)))).toEqual([
      ['Name', 'Q1'],
      ['Bente', 'b'],
    ])
  })
})
