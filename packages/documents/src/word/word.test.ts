import { cellText, type DocumentBlock } from '@zakuska/core'
import { DocumentPictures } from '../common/pictures.ts'
import { readWord } from './read-word.ts'

const NAMES = 'xmlns:w="urn:w" xmlns:m="urn:m" xmlns:wp="urn:wp" xmlns:mc="urn:mc"'
const encode = (text: string): Uint8Array => new TextEncoder().encode(text)

/** A document with this body; ECMA-376 part 1, sections 17.3 (paragraphs and runs), 17.4 (tables), 22.1 (mathematics). */
function read(body: string, styles = ''): DocumentBlock[] {
  const files = [
    { path: 'word/document.xml', bytes: encode(`<w:document ${NAMES}><w:body>${body}</w:body></w:document>`) },
    ...(styles ? [{ path: 'word/styles.xml', bytes: encode(`<w:styles ${NAMES}>${styles}</w:styles>`) }] : []),
  ]
  return readWord(files, new DocumentPictures(files))
}
const run = (text: string, dress = ''): string =>
  `<w:r><w:rPr>${dress}</w:rPr><w:t xml:space="preserve">${text}</w:t></w:r>`
const paragraph = (...runs: string[]): string => `<w:p>${runs.join('')}</w:p>`
const texts = (blocks: readonly DocumentBlock[]): string[] =>
  blocks.map((block) =>
    block.type === 'paragraph'
      ? block.runs.map((one) => one.text).join('')
      : block.rows.map((row) => row.map((cell) => cellText(cell)).join('|')).join('/'),
  )
const dressOf = (dress: string): readonly string[] => {
  const [block] = read(paragraph(run('x', dress)))
  return block?.type === 'paragraph' ? (block.runs[0]?.styles ?? []) : []
}

describe('runs', () => {
  test.each<[string, string, string[]]>([
    ['bold', '<w:b/>', ['strong']],
    ['bold that is switched off', '<w:b w:val="0"/>', []],
    ['italic', '<w:i/>', ['emphasis']],
    ['underlined', '<w:u w:val="single"/>', ['underline']],
    ['not underlined', '<w:u w:val="none"/>', []],
    ['raised', '<w:vertAlign w:val="superscript"/>', ['sup']],
    ['highlighted', '<w:highlight w:val="yellow"/>', ['highlight']],
    ['in colour', '<w:color w:val="C00000"/>', ['colour']],
    ['in black', '<w:color w:val="000000"/>', []],
    ['in the colour of text', '<w:color w:val="auto"/>', []],
  ])('%s', (_what, dress, styles) => expect(dressOf(dress)).toEqual(styles))

  test('breaks, tabs and signs of their own', () => {
    expect(
      texts(
        read(paragraph('<w:r><w:t>a</w:t><w:tab/><w:t>b</w:t><w:br/><w:t>c</w:t><w:noBreakHyphen/><w:t>d</w:t></w:r>')),
      ),
    ).toEqual([expect.stringMatching(/^a\tb\nc.d$/)])
  })
  test('what was deleted, and what is hidden, is no text; what was put in is', () => {
    const body = paragraph(
      run('kept '),
      '<w:del><w:r><w:delText>gone</w:delText></w:r></w:del>',
      `<w:ins>${run('new')}</w:ins>`,
      run('secret', '<w:vanish/>'),
    )
    expect(texts(read(body))).toEqual(['kept new'])
  })
  test('of a choice between drawings the fallback is not said twice', () => {
    const choice = `<mc:AlternateContent><mc:Choice>${run('once')}</mc:Choice><mc:Fallback>${run('once')}</mc:Fallback></mc:AlternateContent>`
    expect(
      texts(read(paragraph(choice)))
        .join('')
        .match(/once/g)?.length ?? 0,
    ).toBeLessThanOrEqual(1)
  })
})

describe('blocks', () => {
  test('headings by their styles, also where a style goes back to one', () => {
    const styles =
      '<w:style w:type="paragraph" w:styleId="H1"><w:name w:val="heading 1"/></w:style>' +
      '<w:style w:type="paragraph" w:styleId="Own"><w:name w:val="Own"/><w:basedOn w:val="H1"/></w:style>'
    const styled = (id: string): string => `<w:p><w:pPr><w:pStyle w:val="${id}"/></w:pPr>${run('Tides')}</w:p>`
    expect(
      read(styled('H1') + styled('Own') + styled('Nowhere'), styles).map(
        (block) => block.type === 'paragraph' && block.heading,
      ),
    ).toEqual([1, 1, undefined])
  })
  test('tables by rows and cells, with several paragraphs in one', () => {
    const cell = (...inner: string[]): string => `<w:tc>${inner.map((one) => paragraph(run(one))).join('')}</w:tc>`
    expect(
      texts(
        read(
          `<w:tbl><w:tr>${cell('Question')}${cell('Key')}</w:tr><w:tr>${cell('Which?', 'a) oak')}${cell('b')}</w:tr></w:tbl>`,
        ),
      ),
    ).toEqual(['Question|Key/Which?\na) oak|b'])
  })
  test('a number that was typed gets no second one where the file says nothing of its list', () => {
    const listed = (text: string): string =>
      `<w:p><w:pPr><w:numPr><w:ilvl w:val="0"/><w:numId w:val="77"/></w:numPr></w:pPr>${run(text)}</w:p>`
    const labels = read(listed('1. Which knot?') + listed('Which rope?')).map(
      (block) => block.type === 'paragraph' && block.label,
    )
    expect(labels).toEqual([undefined, '1.'])
  })
  test('formulas as a line of text', () => {
    const fraction = `<m:oMath><m:f><m:num><m:r><m:t>1</m:t></m:r></m:num><m:den><m:r><m:t>2</m:t></m:r></m:den></m:f></m:oMath>`
    const [line = ''] = texts(read(paragraph(run('half is '), fraction)))
    expect(line).toMatch(/^half is .*1.*2/)
  })
  test('what is nested deeply, and what is no document', () => {
    expect(read('')).toEqual([])
    expect(texts(read(`<w:sdt><w:sdtContent>${paragraph(run('inside a control'))}</w:sdtContent></w:sdt>`))).toEqual([
      'inside a control',
    ])
  })
})
