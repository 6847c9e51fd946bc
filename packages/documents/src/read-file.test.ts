import { FORMATS, type Item } from '@zakuska/core'
import { writeItemsJson } from './items-json.ts'
import { MAX_FILE_BYTES, readFile } from './read-file.ts'
import { decodeText } from './common/decode-text.ts'
import { escapedCell, readCsv } from './sheet/read-csv.ts'
import { packZip } from './common/zip.ts'

const encode = (text: string): Uint8Array => new TextEncoder().encode(text)
const ITEM: Item = {
  kind: 'truefalse',
  stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Rye is a grain.' }] }],
  points: 1,
  tags: [],
  key: [true],
}

// A file is told by its contents, whatever it is called.
test.each<[string, Uint8Array, string]>([
  ['a draft', encode('1. Which?\na) oak\nb) rye\nAnswer: b'), 'draft'],
  ['a draft with braces', encode('We go {to the} harbour, {quickly}.'), 'draft'],
  ['GIFT', encode('::Q1:: Rye is a grain.{T}'), 'gift'],
  [
    'text with braces of its own',
    encode('1) A tax is a {fine, tariff*}\n2) Money is a store. {T}\n3) GDP is {a sum, a tax}'),
    'draft',
  ],
  ['GIFT without titles', encode('Which is a grain? { =rye ~oak }'), 'gift'],
  ['our own JSON', encode(writeItemsJson([ITEM], 'Bread')), 'items'],
])('%s', async (_name, bytes, kind) => {
  const found = await readFile(bytes)
  expect(found.kind === 'draft' ? 'draft' : found.format).toBe(kind)
})

test('a QTI package is read from its zip', async () => {
  const written = FORMATS.qti21.write([ITEM], { title: 'Bread', as: 'bank' })
  const found = await readFile(packZip(written.data.form === 'package' ? written.data.files : []))
  expect(found).toMatchObject({ kind: 'items', format: 'qti21', result: { items: [ITEM] } })
})

test('our JSON brings the items back as they were, and lists what is no item', async () => {
  const found = await readFile(
    encode(JSON.stringify({ zakuska: 1, title: 'Bread', items: [ITEM, { kind: 'riddle' }] })),
  )
  expect(found).toMatchObject({ result: { title: 'Bread', items: [ITEM], unread: [{ where: 'item 2' }] } })
})

test.each<[string, Uint8Array, string]>([
  ['UTF-16 with its mark', new Uint8Array([0xff, 0xfe, 0x61, 0, 0xe9, 0]), 'aé'],
  ['Windows-1252', new Uint8Array([0x61, 0xe9]), 'aé'],
  ['UTF-8', encode('aé'), 'aé'],
])('text in %s', (_name, bytes, text) => expect(decodeText(bytes)).toBe(text))

// Each is one clear line for a person, whatever is wrong with the file.
test.each<[string, Uint8Array, RegExp]>([
  ['bytes that are no text', new Uint8Array([1, 0, 2, 0, 0]), /holds no text/],
  ['an empty file', new Uint8Array(), /is empty/],
  ['a file over the limit', new Uint8Array(MAX_FILE_BYTES + 1), /larger than 20 MB/],
  [
    'an office file of an old program',
    new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1]),
    /locked with a password or from an old program/,
  ],
  [
    'a word processor file whose XML is broken',
    packZip([{ path: 'word/document.xml', bytes: encode('<w:document><w:body>') }]),
    /not well-formed/,
  ],
  [
    'XML with a document type, which could declare entities',
    packZip([{ path: 'word/document.xml', bytes: encode('<!DOCTYPE w [<!ENTITY a "aaaa">]><w:document/>') }]),
    /document type/,
  ],
  [
    'an open document that is encrypted',
    packZip([
      { path: 'content.xml', bytes: encode('secret') },
      { path: 'META-INF/manifest.xml', bytes: encode('<manifest:encryption-data/>') },
    ]),
    /locked with a password/,
  ],
  [
    'a workbook that is broken',
    packZip([{ path: 'xl/workbook.xml', bytes: encode('<workbook') }]),
    /workbook is broken/,
  ],
  ['RTF that ends inside a group', encode('{\\rtf1 {\\b hello'), /ends inside a group/],
  ['RTF whose groups lie too deep', encode(`{\\rtf1 ${'{'.repeat(5000)}`), /nested too deeply/],
  [
    'XML that nests deeper than any document',
    packZip([{ path: 'word/document.xml', bytes: encode(`${'<a>'.repeat(200_000)}${'</a>'.repeat(200_000)}`) }]),
    /cannot be read|not well-formed/,
  ],
])('%s', async (_name, bytes, says) => {
  const failure: unknown = await readFile(bytes).catch((error: unknown) => error)
  expect(String(failure)).toMatch(says)
})

const wordFile = (body: string, more: readonly { path: string; bytes: Uint8Array }[] = []): Uint8Array =>
  packZip([
    {
      path: 'word/document.xml',
      bytes: encode(`<w:document xmlns:w="w" xmlns:m="m"><w:body>${body}</w:body></w:document>`),
    },
    ...more,
  ])
const paragraph = (runs: string, properties = ''): string => `<w:p><w:pPr>${properties}</w:pPr>${runs}</w:p>`
const run = (text: string, properties = ''): string => `<w:r><w:rPr>${properties}</w:rPr><w:t>${text}</w:t></w:r>`

describe('a word processor file', () => {
  const sourceOf = async (bytes: Uint8Array) => {
    const found = await readFile(bytes)
    if (found.kind !== 'draft') throw new Error('no draft')
    return found.source
  }

  // The elements are those of ECMA-376 part 1; the section is named beside each.
  test.each<[string, string, string]>([
    ['text in several runs (17.3.2)', paragraph(run('bow') + run('line')), 'bowline'],
    [
      'deleted text is gone, inserted text stays (17.13.5)',
      paragraph(`<w:del>${run('old')}</w:del><w:ins>${run('new')}</w:ins>`),
      'new',
    ],
    ['hidden text is not shown (17.3.2.41)', paragraph(run('seen') + run('unseen', '<w:vanish/>')), 'seen'],
    [
      'tabs and breaks (17.3.3)',
      paragraph('<w:r><w:t>a</w:t><w:tab/><w:t>b</w:t><w:br/><w:t>c</w:t></w:r>'),
      'a\tb\nc',
    ],
    [
      'a fraction of a formula (22.1.2.36)',
      paragraph(
        '<m:oMath><m:f><m:num><m:r><m:t>a+b</m:t></m:r></m:num><m:den><m:r><m:t>2</m:t></m:r></m:den></m:f></m:oMath>',
      ),
      '(a+b)/2',
    ],
    [
      'a box from a symbol font (17.3.3.30)',
      paragraph('<w:r><w:sym w:font="Wingdings" w:char="F0FE"/><w:t> oak</w:t></w:r>'),
      '☒ oak',
    ],
    [
      'a table (17.4.38)',
      '<w:tbl><w:tr><w:tc><w:p><w:r><w:t>a</w:t></w:r></w:p></w:tc><w:tc><w:p><w:r><w:t>b</w:t></w:r></w:p></w:tc></w:tr></w:tbl>',
      '| a | b |',
    ],
  ])('%s', async (_name, body, text) => {
    expect((await sourceOf(wordFile(body))).text.trim()).toBe(text)
  })

  test('automatic numbers are written out, and each list that starts anew counts from one (17.9)', async () => {
    const numbering = `<w:numbering xmlns:w="w"><w:abstractNum w:abstractNumId="1">
      <w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl>
      <w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="lowerLetter"/><w:lvlText w:val="%2)"/></w:lvl>
      </w:abstractNum><w:num w:numId="7"><w:abstractNumId w:val="1"/></w:num></w:numbering>`
    const entry = (text: string, level: number): string =>
      paragraph(run(text), `<w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="7"/></w:numPr>`)
    const { text } = await sourceOf(
      wordFile([entry('One?', 0), entry('oak', 1), entry('rye', 1), entry('Two?', 0), entry('elm', 1)].join(''), [
        { path: 'word/numbering.xml', bytes: encode(numbering) },
      ]),
    )
    expect(text).toBe('1. One?\n    a) oak\n    b) rye\n\n2. Two?\n    a) elm\n')
  })

  test('the dress of the text lies over it by range', async () => {
    const { text, styles } = await sourceOf(
      wordFile(
        paragraph(
          run('10') + run('23', '<w:vertAlign w:val="superscript"/>') + run(' oak', '<w:highlight w:val="yellow"/>'),
        ),
      ),
    )
    expect(styles?.map((style) => [style.style, text.slice(style.from, style.to)])).toEqual([
      ['sup', '23'],
      ['highlight', ' oak'],
    ])
  })
})

describe('files that are small and would become large', () => {
  const part = (path: string, text: string) => ({ path, bytes: encode(text) })
  const OFFICE = 'http://schemas.openxmlformats.org'
  const sheet = (inner: string): Uint8Array =>
    packZip([
      part(
        '[Content_Types].xml',
        `<Types xmlns="${OFFICE}/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/></Types>`,
      ),
      part(
        '_rels/.rels',
        `<Relationships xmlns="${OFFICE}/package/2006/relationships"><Relationship Id="rId1" Type="${OFFICE}/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
      ),
      part(
        'xl/workbook.xml',
        `<workbook xmlns="${OFFICE}/spreadsheetml/2006/main" xmlns:r="${OFFICE}/officeDocument/2006/relationships"><sheets><sheet name="A" sheetId="1" r:id="rId1"/></sheets></workbook>`,
      ),
      part(
        'xl/_rels/workbook.xml.rels',
        `<Relationships xmlns="${OFFICE}/package/2006/relationships"><Relationship Id="rId1" Type="${OFFICE}/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
      ),
      part(
        'xl/worksheets/sheet1.xml',
        `<worksheet xmlns="${OFFICE}/spreadsheetml/2006/main"><sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>Which is a grain?</t></is></c></row></sheetData>${inner}</worksheet>`,
      ),
    ])

  test.each([
    ['a merge over the whole sheet', '<mergeCells count="1"><mergeCell ref="A1:XFD1048576"/></mergeCells>'],
    [
      'a list to choose from in whole columns',
      '<dataValidations count="1"><dataValidation type="list" sqref="A1:Z1048576"><formula1>"a,b"</formula1></dataValidation></dataValidations>',
    ],
  ])('a workbook with %s is read at once', async (_what, inner) => {
    const start = performance.now()
    const contents = await readFile(sheet(inner))
    expect(contents.kind === 'draft' && contents.source.text.trim()).toBe('Which is a grain?')
    expect(performance.now() - start).toBeLessThan(3000)
  })

  test('a table of more cells than anybody reads is refused with its number', async () => {
    const rows = 'Which is a grain?,oak,rye,ash,b\n'.repeat(200_001)
    await expect(readFile(encode(rows))).rejects.toThrow('more than 1,000,000 cells')
  })

  test('one line of ten million letters is text', async () => {
    const contents = await readFile(encode('a,'.repeat(5_000_000)))
    expect(contents.kind === 'draft' && contents.source.text.length).toBe(10_000_000)
  })
})

test('a cell that a sheet would take for a formula is written so that it does not, and comes back as it was', () => {
  const rows = [
    ['question', 'a', 'b', 'key'],
    ['=HYPERLINK("x") is what?', '-5', '@b', 'a'],
  ]
  const csv = rows
    .map((row) =>
      row
        .map(escapedCell)
        .map((cell) => `"${cell.replaceAll('"', '""')}"`)
        .join(','),
    )
    .join('\n')
  expect(csv).toContain(`"'=HYPERLINK`)
  expect(csv).toContain('"-5"')
  const [table] = readCsv(csv, ',')
  expect(table?.type === 'table' && table.rows[1]?.map((cell) => cell[0]?.text)).toEqual(rows[1])
})
