import { deflateSync } from 'node:zlib'
import { zipSync } from 'fflate'

const bytes = (text) => new TextEncoder().encode(text)
const latin = (text) => Buffer.from(text, 'latin1')

/** A PDF of these objects (ISO 32000-2, 7.5); `stream` objects are `[dictionary, bytes]`. */
function pdf(objects) {
  const parts = [latin('%PDF-1.7\n')]
  const offsets = []
  let size = parts[0].length
  const add = (part) => {
    parts.push(part)
    size += part.length
  }
  objects.forEach((object, at) => {
    offsets.push(size)
    add(latin(`${at + 1} 0 obj\n`))
    if (Array.isArray(object)) {
      add(latin(`<< ${object[0]} /Length ${object[1].length} >>\nstream\n`))
      add(Buffer.from(object[1]))
      add(latin('\nendstream'))
    } else add(latin(object))
    add(latin('\nendobj\n'))
  })
  const start = size
  const rows = offsets.map((offset) => `${String(offset).padStart(10, '0')} 00000 n \n`).join('')
  add(
    latin(
      `xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${rows}trailer << /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${start}\n%%EOF`,
    ),
  )
  return new Uint8Array(Buffer.concat(parts))
}

/** One page with this content and these resources. */
function page(content, resources = '', more = [], box = '[0 0 612 792]') {
  return pdf([
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    `<< /Type /Page /Parent 2 0 R /MediaBox ${box} /Contents 4 0 R /Resources << /Font << /F << /Type /Font /Subtype /Type1 /BaseFont /Helvetica >> >> ${resources} >> >>`,
    Array.isArray(content) ? content : ['', latin(content)],
    ...more,
  ])
}

const TEXT = 'BT /F 12 Tf 72 700 Td (1. Which is a grain?) Tj ET\n'

/** Flate over flate: so many layers, each of which unpacks to a thousand times as much. */
function layered(layers, megabytes) {
  let data = Buffer.alloc(megabytes * 1_000_000, 0x20)
  for (let at = 0; at < layers; at++) data = deflateSync(data)
  return [`/Filter [${'/FlateDecode '.repeat(layers)}]`, data]
}

/** Forms that draw the next one so many times. */
function forms(levels, times) {
  const more = Array.from({ length: levels }, (_none, at) => [
    `/Type /XObject /Subtype /Form /BBox [0 0 9 9] /Resources << /Font << /F << /Type /Font /Subtype /Type1 /BaseFont /Helvetica >> >> /XObject << /X ${at + 6} 0 R >> >>`,
    latin(at + 1 < levels ? '/X Do\n'.repeat(times) : TEXT),
  ])
  return page('/X Do\n'.repeat(times), '/XObject << /X 5 0 R >>', more)
}

function pdfs() {
  const files = {}
  for (const size of [1e6, 1e8, 1e9, 2 ** 31, 1e12])
    files[`pdf: a sampled function of ${size} values`] = page(
      `/CS cs 0.5 scn\n${TEXT}`,
      '/ColorSpace << /CS [/Separation /Spot /DeviceRGB 5 0 R] >>',
      [[`/FunctionType 0 /Domain [0 1] /Range [0 1 0 1 0 1] /Size [${size}] /BitsPerSample 8`, Buffer.alloc(100)]],
    )
  for (const [layers, megabytes] of [
    [1, 100],
    [1, 600],
    [2, 900],
    [3, 900],
    [8, 200],
  ])
    files[`pdf: ${megabytes} MB of blanks under ${layers} layers of flate`] = page(layered(layers, megabytes))
  for (const [levels, times] of [
    [8, 8],
    [12, 10],
    [30, 3],
    [60, 2],
  ])
    files[`pdf: forms in forms, ${levels} levels of ${times}`] = forms(levels, times)
  for (const count of [1e5, 1e6])
    files[`pdf: ${count} run lengths`] = page([
      '/Filter [/FlateDecode /RunLengthDecode]',
      deflateSync(Buffer.alloc(count * 2, Buffer.from([129, 0x41]))),
    ])
  for (const count of [1e4, 2e5, 2e6])
    files[`pdf: ${count} pieces of text`] = page([
      '/Filter /FlateDecode',
      deflateSync(latin('BT /F 1 Tf (a) Tj ET '.repeat(count))),
    ])
  files['pdf: a page that holds itself'] = pdf([
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [2 0 R] /Count 1 >>',
  ])
  files['pdf: a billion pages'] = pdf([
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [] /Count 1000000000 >>',
  ])
  files['pdf: arrays in arrays'] = page(`${'['.repeat(200_000)}${']'.repeat(200_000)} TJ`)
  files['pdf: dictionaries in dictionaries'] = pdf([
    `<< /Type /Catalog /Pages ${'<< /A '.repeat(50_000)}${'>> '.repeat(50_000)} >>`,
  ])
  files['pdf: a box of 1e30'] = page(TEXT, '', [], '[0 0 1e30 1e30]')
  files['pdf: graphics states without end'] = page('q '.repeat(1_000_000) + TEXT)
  files['pdf: a picture of 50,000 by 50,000'] = page(`${TEXT} 100 0 0 100 0 0 cm /I Do`, '/XObject << /I 5 0 R >>', [
    [
      '/Type /XObject /Subtype /Image /Width 50000 /Height 50000 /ColorSpace /DeviceGray /BitsPerComponent 8 /Filter /FlateDecode',
      deflateSync(Buffer.alloc(10_000_000)),
    ],
  ])
  files['pdf: an inline picture without end'] = page(`BI /W 60000 /H 60000 /BPC 8 /CS /G ID ${'x'.repeat(500_000)}`)
  files['pdf: a letter map of all codes'] = page('BT /G 12 Tf 72 700 Td <0001> Tj ET', '/Font << /G 5 0 R >>', [
    '<< /Type /Font /Subtype /Type0 /BaseFont /A /Encoding /Identity-H /DescendantFonts [7 0 R] /ToUnicode 6 0 R >>',
    [
      '',
      latin(
        `begincmap 1 begincodespacerange <0000> <FFFF> endcodespacerange\n${'1 beginbfrange <00000000> <FFFFFFFF> <0041> endbfrange\n'.repeat(50)}endcmap`,
      ),
    ],
    '<< /Type /Font /Subtype /CIDFontType2 /BaseFont /A /CIDSystemInfo << /Registry (A) /Ordering (B) /Supplement 0 >> /W [0 1000000000 500] >>',
  ])
  files['pdf: an index of 2 GB'] = latin(
    '%PDF-1.7\nxref\n0 2000000000\n0000000000 65535 f \ntrailer << /Root 1 0 R >>\n',
  )
  files['pdf: nothing but its name'] = latin('%PDF-1.7')
  files['pdf: an index that leads to itself'] = latin(
    '%PDF-1.7\nxref\n0 1\n0000000000 65535 f \ntrailer << /Root 1 0 R /Prev 9 >>\nstartxref\n9\n%%EOF',
  )
  files['pdf: 10 MB of objects'] = pdf([
    '<< /Type /Catalog /Pages 2 0 R >>',
    ...Array(150_000).fill('<< /A [1 2 3] >>'),
  ])
  return files
}

const CONTENT_TYPES = `<?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/></Types>`

function workbook(sheet, more = {}) {
  const parts = {
    '[Content_Types].xml': CONTENT_TYPES,
    '_rels/.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="a" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>',
    'xl/workbook.xml': `<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="A" sheetId="1" r:id="s1"/></sheets>${more.names ?? ''}</workbook>`,
    'xl/_rels/workbook.xml.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="s1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
    'xl/worksheets/sheet1.xml': `<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">${sheet}</worksheet>`,
    ...(more.strings && { 'xl/sharedStrings.xml': more.strings }),
  }
  return zipSync(Object.fromEntries(Object.entries(parts).map(([path, text]) => [path, bytes(text)])))
}

const ROW = '<row r="1"><c r="A1" t="inlineStr"><is><t>Which is a grain?</t></is></c></row>'

function workbooks() {
  const files = {}
  for (const last of [16_384, 1e6, 1e9])
    files[`xlsx: a column that goes to ${last}`] = workbook(
      `<cols><col min="1" max="${last}" width="9"/></cols><sheetData>${ROW}</sheetData>`,
    )
  files['xlsx: columns given 100,000 times'] = workbook(
    `<cols>${'<col min="1" max="16384" width="9"/>'.repeat(100_000)}</cols><sheetData>${ROW}</sheetData>`,
  )
  for (const area of ['$A$1:$XFD$1048576', '$A:$XFD', '$1:$1048576'])
    files[`xlsx: a print area of ${area}`] = workbook(`<sheetData>${ROW}</sheetData>`, {
      names: `<definedNames><definedName name="_xlnm.Print_Area" localSheetId="0">A!${area}</definedName><definedName name="x">A!${area}</definedName></definedNames>`,
    })
  files['xlsx: a cell in the last row'] = workbook(
    '<sheetData><row r="1048576"><c r="XFD1048576"><v>1</v></c></row></sheetData>',
  )
  files['xlsx: a row with number 1e9'] = workbook(
    '<sheetData><row r="1000000000"><c r="A1000000000"><v>1</v></c></row></sheetData>',
  )
  files['xlsx: a cell in column ZZZZZZ'] = workbook(
    '<sheetData><row r="1"><c r="ZZZZZZ1"><v>1</v></c></row></sheetData>',
  )
  files['xlsx: a merge of the whole sheet'] = workbook(
    `<sheetData>${ROW}</sheetData><mergeCells><mergeCell ref="A1:XFD1048576"/></mergeCells>`,
  )
  files['xlsx: a list for the whole sheet'] = workbook(
    `<sheetData>${ROW}</sheetData><dataValidations><dataValidation type="list" sqref="A1:XFD1048576"><formula1>"a,b"</formula1></dataValidation></dataValidations>`,
  )
  files['xlsx: one formula shared by all'] = workbook(
    `<sheetData><row r="1"><c r="A1"><f t="shared" ref="A1:XFD1048576" si="0">B1</f><v>1</v></c></row></sheetData>`,
  )
  files['xlsx: 200,000 rows of one cell'] = workbook(
    `<sheetData>${Array.from({ length: 200_000 }, (_none, at) => `<row r="${at + 1}"><c r="A${at + 1}"><v>1</v></c></row>`).join('')}</sheetData>`,
  )
  files['xlsx: 300,000 cells in a row'] = workbook(
    `<sheetData><row r="1">${'<c><v>1</v></c>'.repeat(300_000)}</row></sheetData>`,
  )
  files['xlsx: 500,000 shared strings'] = workbook(`<sheetData>${ROW}</sheetData>`, {
    strings: `<sst xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">${'<si><t>a</t></si>'.repeat(500_000)}</sst>`,
  })
  files['xlsx: one string of 15 MB'] = workbook(
    `<sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>${'a '.repeat(7_500_000)}</t></is></c></row></sheetData>`,
  )
  files['xlsx: tags in tags'] = workbook('<a>'.repeat(300_000))
  files['xlsx: 1,048,576 row breaks and links'] = workbook(
    `<sheetData>${ROW}</sheetData><hyperlinks>${'<hyperlink ref="A1:XFD1048576" location="a"/>'.repeat(20_000)}</hyperlinks>`,
  )
  files['xlsx: rows twice over'] = workbook(`<sheetData>${ROW.repeat(100_000)}</sheetData>`)
  return files
}

function word(body, more = {}) {
  return zipSync({
    '[Content_Types].xml': bytes(CONTENT_TYPES),
    'word/document.xml': bytes(
      `<w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>${body}</w:body></w:document>`,
    ),
    ...Object.fromEntries(Object.entries(more).map(([path, text]) => [path, bytes(text)])),
  })
}

const paragraph = (text, set = '') => `<w:p>${set}<w:r><w:t>${text}</w:t></w:r></w:p>`

function documents() {
  const styles = (inner) =>
    `<w:styles xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main">${inner}</w:styles>`
  const opened = (inner) =>
    zipSync({
      mimetype: bytes('application/vnd.oasis.opendocument.text'),
      'content.xml': bytes(
        `<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"><office:body>${inner}</office:body></office:document-content>`,
      ),
    })
  const text = (inner) => opened(`<office:text>${inner}</office:text>`)
  const sheet = (inner) => opened(`<office:spreadsheet><table:table>${inner}</table:table></office:spreadsheet>`)
  const cell = '<table:table-cell><text:p>a</text:p></table:table-cell>'
  return {
    'docx: 100,000 empty paragraphs': word('<w:p/>'.repeat(100_000)),
    'docx: 30,000 paragraphs of one letter': word(paragraph('a').repeat(30_000)),
    'docx: 60,000 numbered paragraphs': word(
      paragraph('a', '<w:pPr><w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr></w:pPr>').repeat(60_000),
    ),
    'docx: 200,000 runs in a paragraph': word(`<w:p>${'<w:r><w:t>a</w:t></w:r>'.repeat(200_000)}</w:p>`),
    'docx: tables in tables, 3,000 deep': word(
      '<w:tbl><w:tr><w:tc>'.repeat(3000) + paragraph('a') + '</w:tc></w:tr></w:tbl>'.repeat(3000),
    ),
    'docx: a table of 200,000 cells': word(
      `<w:tbl>${`<w:tr>${`<w:tc>${paragraph('a')}</w:tc>`.repeat(20)}</w:tr>`.repeat(10_000)}</w:tbl>`,
    ),
    'docx: a cell that spans 1e9 columns': word(
      `<w:tbl><w:tr><w:tc><w:tcPr><w:gridSpan w:val="1000000000"/></w:tcPr>${paragraph('a')}</w:tc></w:tr></w:tbl>`,
    ),
    'docx: styles in a ring': word(paragraph('a', '<w:pPr><w:pStyle w:val="a"/></w:pPr>'), {
      'word/styles.xml': styles(
        '<w:style w:type="paragraph" w:styleId="a"><w:basedOn w:val="b"/></w:style><w:style w:type="paragraph" w:styleId="b"><w:basedOn w:val="a"/></w:style>',
      ),
    }),
    'docx: a chain of 50,000 styles': word(paragraph('a', '<w:pPr><w:pStyle w:val="s0"/></w:pPr>').repeat(2000), {
      'word/styles.xml': styles(
        Array.from(
          { length: 50_000 },
          (_none, at) => `<w:style w:type="paragraph" w:styleId="s${at}"><w:basedOn w:val="s${at + 1}"/></w:style>`,
        ).join(''),
      ),
    }),
    'docx: an entity that grows': word('', {
      'word/document.xml': `<!DOCTYPE a [<!ENTITY a "aaaaaaaaaa">${Array.from({ length: 9 }, (_none, at) => `<!ENTITY ${String.fromCharCode(98 + at)} "${`&${String.fromCharCode(97 + at)};`.repeat(10)}">`).join('')}]><w:document xmlns:w="a">&j;</w:document>`,
    }),
    'docx: not closed': word('<w:p>'.repeat(100_000)),
    'docx: one paragraph of 15 MB': word(paragraph('a '.repeat(7_500_000))),
    'docx: formulas in formulas': word(
      `<w:p xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"><m:oMath>${'<m:rad><m:e>'.repeat(5000)}<m:r><m:t>x</m:t></m:r>${'</m:e></m:rad>'.repeat(5000)}</m:oMath></w:p>`,
    ),
    'odt: 1e9 blanks': text('<text:p>a<text:s text:c="1000000000"/>b</text:p>'),
    'odt: 200,000 counts of 1,000 blanks': text(`<text:p>${'<text:s text:c="1000"/>'.repeat(200_000)}</text:p>`),
    'odt: lists in lists': text('<text:list><text:list-item>'.repeat(5000)),
    'odt: 60,000 paragraphs': text('<text:p>a</text:p>'.repeat(60_000)),
    'ods: a cell repeated 1e9 times': sheet(
      `<table:table-row><table:table-cell table:number-columns-repeated="1000000000"><text:p>a</text:p></table:table-cell></table:table-row>`,
    ),
    'ods: a row repeated 1e9 times': sheet(
      `<table:table-row table:number-rows-repeated="1000000000">${cell}</table:table-row>`,
    ),
    'ods: 1,000 times 1,000 times': sheet(
      `<table:table-row table:number-rows-repeated="100000"><table:table-cell table:number-columns-repeated="1000"><text:p>a</text:p></table:table-cell></table:table-row>`.repeat(
        100,
      ),
    ),
    'rtf: groups in groups': bytes(`{\\rtf1 ${'{'.repeat(300_000)}a${'}'.repeat(300_000)}}`),
    'rtf: groups that are not closed': bytes(`{\\rtf1 ${'{\\b '.repeat(300_000)}`),
    'rtf: bytes to skip': bytes(`{\\rtf1 \\bin999999999 a}`),
    'rtf: 500,000 paragraphs': bytes(`{\\rtf1 ${'a\\par '.repeat(500_000)}}`),
    'rtf: 100,000 cells': bytes(`{\\rtf1 ${'\\trowd\\cellx1 a\\cell\\row '.repeat(100_000)}}`),
    'rtf: letters by number': bytes(`{\\rtf1 ${'\\u8364?'.repeat(500_000)}}`),
    'rtf: control words without end': bytes(`{\\rtf1 ${'\\a'.repeat(1_000_000)}}`),
  }
}

function packages() {
  const zeros = new Uint8Array(19_000_000)
  const item = (inner) =>
    `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="a" title="a">${inner}</assessmentItem>`
  return {
    'zip: a file of zeros': zipSync({ 'a.xml': zeros }),
    'zip: five files of zeros': zipSync(Object.fromEntries([1, 2, 3, 4, 5].map((at) => [`${at}.xml`, zeros]))),
    'zip: word of zeros': zipSync({ 'word/document.xml': zeros }),
    'zip: content of blanks': zipSync({ 'content.xml': new Uint8Array(19_000_000).fill(32) }),
    'zip: 4,900 files': zipSync(
      Object.fromEntries(Array.from({ length: 4900 }, (_none, at) => [`${at}.xml`, bytes('<a/>')])),
    ),
    'zip: 6,000 files': zipSync(
      Object.fromEntries(Array.from({ length: 6000 }, (_none, at) => [`${at}.xml`, bytes('<a/>')])),
    ),
    'zip: a path outside': zipSync({ '../../a.xml': bytes('<a/>') }),
    'zip: a zip in a zip': zipSync({ 'a.zip': zipSync({ 'a.xml': zeros }) }),
    'zip: nothing': new Uint8Array([0x50, 0x4b, 5, 6, ...new Array(18).fill(0)]),
    'zip: cut off': zipSync({ 'a.xml': zeros }).slice(0, 5000),
    'qti: tags in tags': bytes(item(`<itemBody>${'<div>'.repeat(100_000)}`)),
    'qti: closed tags in tags': bytes(item(`<itemBody>${'<div>'.repeat(20_000)}${'</div>'.repeat(20_000)}</itemBody>`)),
    'qti: 100,000 choices': bytes(
      item(
        `<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>a1</value></correctResponse></responseDeclaration><itemBody><choiceInteraction responseIdentifier="RESPONSE" maxChoices="1"><prompt>p</prompt>${Array.from({ length: 100_000 }, (_none, at) => `<simpleChoice identifier="a${at}">x</simpleChoice>`).join('')}</choiceInteraction></itemBody>`,
      ),
    ),
    'qti: conditions in conditions': bytes(
      item(`<itemBody/><responseProcessing>${'<responseCondition><responseIf><not>'.repeat(20_000)}`),
    ),
    'qti: an entity that grows': bytes(
      `<!DOCTYPE a [<!ENTITY a "${'a'.repeat(1000)}"><!ENTITY b "${'&a;'.repeat(1000)}"><!ENTITY c "${'&b;'.repeat(1000)}">]>${item('&c;')}`,
    ),
    'qti: a million attributes': bytes(
      `<assessmentItem ${Array.from({ length: 300_000 }, (_none, at) => `a${at}="1"`).join(' ')}/>`,
    ),
    'json: arrays in arrays': bytes('['.repeat(500_000)),
    'json: items without end': bytes(`{"items":[${'{"kind":"single"},'.repeat(300_000)}{}]}`),
  }
}

/** A pattern once over, as text that is opened. */
const PATTERNS = {
  percent: '%',
  braces: '{',
  'braces closed': '{}',
  backslashes: '\\',
  quotes: '"',
  'quotes and commas': '",',
  'open quotes': 'a,"b\n',
  tildes: '~%',
  equals: '=',
  stars: '*',
  'stars and words': '**a ',
  underscores: '_',
  hashes: '#',
  pipes: '|',
  'pipe rows': '|a|b|\n',
  dashes: '-',
  brackets: '[',
  parentheses: '(',
  'tags open': '<p>',
  'tags half': '<',
  'list tags': '<ul><li>',
  'table tags': '<table><tr><td>',
  entities: '&amp;',
  ampersands: '&',
  digits: '1',
  'numbers with points': '1. ',
  'lettered lines': 'a) \n',
  'digits and blanks': '1 ',
  'tex open': '\\(',
  dollars: '$',
  'tex frac': '\\frac{',
  'double colons': '::',
  arrows: '->',
  blanks: ' ',
  'lines only': '\n',
  tabs: '\t',
  'zero-width': '\u200b',
  accents: 'a\u0301',
  'only accents': '\u0301',
  'right to left': '\u202e',
  emoji: '😀',
  'answers without end': 'Answer: ',
  'answers in lines': 'Answer: B\n',
  semicolons: ';',
  slashes: '//',
}

function texts() {
  const files = {}
  for (const [name, part] of Object.entries(PATTERNS))
    files[`text: 0.9 MB of ${name}`] = bytes(part.repeat(Math.floor(900_000 / Buffer.byteLength(part))))
  files['gift: 0.9 MB of percent signs in an answer'] = bytes(`::a::b {=${'%'.repeat(900_000)}}`)
  files['gift: answers without end'] = bytes(`::a::b {${'=a ~b '.repeat(150_000)}`)
  files['gift: shares without end'] = bytes(`::a::b {${'~%50%a '.repeat(120_000)}}`)
  files['gift: pairs without end'] = bytes(`::a::b {${'=a -> b '.repeat(100_000)}}`)
  files['gift: 100,000 questions'] = bytes('::a::b {=c ~d}\n\n'.repeat(100_000))
  files['csv: 0.9 MB in a quote'] = bytes(`a,b\n"${'a,'.repeat(450_000)}`)
  files['csv: 200,000 columns'] = bytes(`${'a,'.repeat(200_000)}\n`.repeat(3))
  files['html: 200,000 tags open'] = bytes(`<!doctype html><body>${'<div><b>'.repeat(100_000)}`)
  files['html: a table of 1e9 columns'] = bytes(
    '<!doctype html><table><tr><td colspan=1000000000 rowspan=1000000000>a</td></tr></table>',
  )
  files['html: formatting that is opened again and again'] = bytes(
    `<!doctype html>${'<a><b><i><u>'.repeat(3000)}${'<p>x'.repeat(3000)}`,
  )
  files['aiken: 100,000 letters'] = bytes(`Q\n${'A. x\n'.repeat(100_000)}ANSWER: A\n`)
  return files
}

/** Files that are small and made to be large, deep or slow when opened, by what they are. */
export function hostileFiles() {
  return { ...pdfs(), ...workbooks(), ...documents(), ...packages(), ...texts() }
}

/** The file with some bytes changed, taken out, doubled or cut off, by a random number generator. */
export function mutated(file, random) {
  let data = Buffer.from(file)
  const at = () => Math.floor(random() * data.length)
  for (let turn = 1 + Math.floor(random() * 6); turn > 0 && data.length > 1; turn--) {
    const [from, size] = [at(), 1 + Math.floor(random() * 64)]
    switch (Math.floor(random() * 5)) {
      case 0:
        data[from] = Math.floor(random() * 256)
        break
      case 1:
        data = Buffer.concat([data.subarray(0, from), data.subarray(from + size)])
        break
      case 2:
        data = Buffer.concat([data.subarray(0, from), data.subarray(from, from + size), data.subarray(from)])
        break
      case 3:
        data.fill(Math.floor(random() * 256), from, Math.min(data.length, from + size))
        break
      default:
        data = data.subarray(0, Math.max(1, from))
    }
  }
  return new Uint8Array(data)
}
