import ExcelJS from 'exceljs'
import { pageTexts } from './testing/page-texts.ts'
import { printFeedback, type FeedbackSheet } from './print/feedback.ts'
import { readTable } from './sheet/read-table.ts'
import { writeTable } from './sheet/write-table.ts'
import { unpackZip } from './common/zip.ts'

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text)

describe('tables of responses', () => {
  // RFC 4180, sections 2.5 to 2.7, and what spreadsheets write elsewhere: semicolons, tabs, a byte order mark.
  test.each<[string, string, string[][]]>([
    [
      'commas and quotes',
      'Name,Q1\n"Havn, Bente","say ""ebb"""\n',
      [
        ['Name', 'Q1'],
        ['Havn, Bente', 'say "ebb"'],
      ],
    ],
    [
      'semicolons',
      '\uFEFFName;Q1;Q2\r\nNils;1,5;b\r\n',
      [
        ['Name', 'Q1', 'Q2'],
        ['Nils', '1,5', 'b'],
      ],
    ],
    [
      'tabs, a short row',
      'Name\tQ1\tQ2\nNils\ta\nBente\tb\tc\n',
      [
        ['Name', 'Q1', 'Q2'],
        ['Nils', 'a', ''],
        ['Bente', 'b', 'c'],
      ],
    ],
    [
      'a line within a cell',
      'Name,Q1\nNils,"one\ntwo"\n',
      [
        ['Name', 'Q1'],
        ['Nils', 'one\ntwo'],
      ],
    ],
    [
      'what was a formula',
      "Name,Q1\nNils,'=1+1\n",
      [
        ['Name', 'Q1'],
        ['Nils', '=1+1'],
      ],
    ],
  ])('%s', async (_name, text, rows) => {
    expect(await readTable(bytes(text))).toEqual(rows)
  })

  test('a workbook made by a general-purpose library: figures, dates and formulas as they read', async () => {
    const book = new ExcelJS.Workbook()
    const sheet = book.addWorksheet('Form responses')
    sheet.addRow(['Name', 'Q1', 'Sum'])
    sheet.addRow(['Nils', 0.5, { formula: 'B2*2', result: 1 }])
    expect(await readTable(new Uint8Array(await book.xlsx.writeBuffer()))).toEqual([
      ['Name', 'Q1', 'Sum'],
      ['Nils', '0.5', '1'],
    ])
  })

  test.each([
    ['nothing', ''],
    ['a line', 'just a line'],
    ['a head alone', 'Name,Q1\n'],
  ])('%s is no table', async (_name, text) => {
    await expect(readTable(bytes(text))).rejects.toThrow(/empty|no table/)
  })
})

describe('results sheets', () => {
  const rows = [
    ['Student', 'Total'],
    ['=HYPERLINK("x")', 1.5],
    ['Åse', 2],
  ]
  test('in CSV a formula is text, figures are figures, and it reads back', async () => {
    const written = await writeTable(rows, 'csv', 'x')
    expect(new TextDecoder('utf-8', { ignoreBOM: true }).decode(written)).toBe(
      '\uFEFFStudent,Total\r\n"\'=HYPERLINK(""x"")",1.5\r\nÅse,2\r\n',
    )
    expect(await readTable(written)).toEqual(rows.map((row) => row.map(String)))
  })
  test('in a workbook, too', async () => {
    const book = new ExcelJS.Workbook()
    const written = await writeTable(rows, 'xlsx', 'Week 2: [check] of everything that was')
    await book.xlsx.load(written.slice().buffer)
    const [sheet] = book.worksheets
    expect(sheet?.name).toBe('Week 2 check of everything that')
    expect(sheet?.getCell('A2').type).toBe(ExcelJS.ValueType.String)
    expect(sheet?.getCell('B2').value).toBe(1.5)
  })
})

describe('feedback sheets', () => {
  const sheet = (student: string): FeedbackSheet => ({
    ...{ student, title: 'Week 2 check', about: '2 March', total: 1.5, possible: 4 },
    rows: [
      {
        number: 1,
        stem: 'Which knot?',
        given: 'reef',
        key: 'bowline',
        points: 0,
        of: 2,
        notes: ['A loop that does not slip.'],
      },
      { number: 2, stem: 'Why?', given: '', key: null, points: null, of: 2, notes: [] },
    ],
  })
  test('one file, a page for each', async () => {
    const pages = pageTexts(await printFeedback([sheet('Bente Havn'), sheet('Ørjan')], { size: 'A4', each: false }))
    expect(pages).toHaveLength(2)
    for (const text of [
      'Bente Havn',
      '1.5 of 4',
      'Which knot?',
      'reef',
      'bowline',
      'A loop that does not slip.',
      'to read',
    ])
      expect(pages[0]).toContain(text)
    expect(pages[1]).toContain('Ørjan')
  })
  test('a file for each in a zip, also of two of one name', async () => {
    const zip = await printFeedback([sheet('Nils Bø'), sheet('Nils Bø')], { size: 'Letter', each: true })
    expect(unpackZip(zip).map(({ path }) => path)).toEqual(['Nils-Bø.pdf', 'Nils-Bø-2.pdf'])
  })
})
