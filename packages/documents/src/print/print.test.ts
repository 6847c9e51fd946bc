import {
  contentOf,
  elementsOf,
  paragraph,
  parseXml,
  plainText,
  readDraft,
  styledText,
  type Item,
  type SingleItem,
} from '@zakuska/core'
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readFile } from '../read-file.ts'
import { unpackZip } from '../common/zip.ts'
import { baseOf, directedRuns, seenOrder } from './direction.ts'
import { inFaces } from './fonts.ts'
import { pictureHead } from '../pictures/check-picture.ts'
import { printPapers } from './index.ts'
import { placesOf, type PrintPaper } from './sheet.ts'
import { texPicture } from './tex-picture.ts'

jest.setTimeout(30_000)

const TEXT = readFileSync(join(__dirname, '../../../core/samples/layouts/all-kinds.txt'), 'utf8')
const ITEMS = readDraft({ text: TEXT }).items.map((read) => read.item)

const paperOf = (items: readonly Item[], more: Partial<PrintPaper> = {}): PrintPaper => ({
  title: 'Every kind',
  label: null,
  instructions: 'Charts stay closed.',
  identity: ['Name', 'Class'],
  timeLimit: 30,
  entries: items.map((item) => ({ item, section: null })),
  assets: new Map(),
  ...more,
})

const folder = mkdtempSync(join(tmpdir(), 'zakuska-print-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const READER = `
import { readFileSync } from 'node:fs'
const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[1])), verbosity: 0 }).promise
const pages = []
for (let number = 1; number <= pdf.numPages; number++) {
  const { items } = await (await pdf.getPage(number)).getTextContent()
  pages.push(items.map((one) => ({ text: one.str ?? '', x: one.transform?.[4] ?? 0 })))
}
process.stdout.write(JSON.stringify(pages))`

interface Word {
  readonly text: string
  /** Points from the left end of the page. */
  readonly x: number
}

/** What a PDF reader of its own (in a process of its own, since it is an ES module) finds on each page. */
function wordsOf(bytes: Uint8Array): Word[][] {
  const file = join(folder, 'print.pdf')
  writeFileSync(file, bytes)
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', READER, file], {
    cwd: join(__dirname, '../..'),
    stdio: ['ignore', 'pipe', 'ignore'],
  })
  const pages = JSON.parse(out.toString()) as Word[][]
  return pages.map((page) => page.map(({ text, x }) => ({ text: text.trim(), x })))
}

/** The text of each page, white space folded. */
function pagesOf(bytes: Uint8Array): string[] {
  return wordsOf(bytes).map((page) => folded(page.map((word) => word.text).join(' ')))
}

const PRINTER = `
import { readFileSync, writeFileSync } from 'node:fs'
const { printPapers } = await import('../../dist/index.js')
const paper = JSON.parse(readFileSync(process.argv[1], 'utf8'))
const { bytes } = await printPapers([{ ...paper, assets: new Map() }], ['paper'], 'pptx', 'A4')
writeFileSync(process.argv[2], bytes)`

/** Slides made by what is built: the package that writes them imports while it works, which a test's own module cannot. */
function slidesOf(items: readonly Item[]): Uint8Array {
  const [asked, made] = [join(folder, 'paper.json'), join(folder, 'slides.pptx')]
  writeFileSync(asked, JSON.stringify(paperOf(items)))
  const program = PRINTER.replace('../../dist', join(__dirname, '../../dist'))
  execFileSync(process.execPath, ['--input-type=module', '-e', program, asked, made])
  return new Uint8Array(readFileSync(made))
}

function folded(text: string): string {
  return text.replace(/\s+/g, '').toLowerCase()
}

const single = (at: number): SingleItem => ({
  kind: 'single',
  stem: contentOf(
    `Question ${at} begins here. ${'It runs on for a while, so that a page holds only some of them. '.repeat(4)}`,
  ),
  points: 1,
  tags: [],
  options: ['a', 'b', 'c', 'd'].map((id) => ({ id, content: contentOf(`choice ${id} of question ${at} ends here`) })),
  key: ['b'],
  shuffle: true,
})

describe('PDF', () => {
  test.each(['A4', 'Letter'] as const)('every kind is there, on %s', async (size) => {
    const [paper] = await Promise.all([printPapers([paperOf(ITEMS)], ['paper'], 'pdf', size)])
    const text = pagesOf(paper.bytes).join('')
    expect(paper).toMatchObject({ fileName: 'every-kind.pdf', type: 'application/pdf' })
    for (const item of ITEMS) {
      const [first = ''] = plainText(item.stem).split('___')
      expect(text).toContain(folded(first))
      if ('options' in item)
        for (const option of item.options) expect(text).toContain(folded(plainText(option.content)))
    }
    expect(text).toContain('chartsstayclosed')
  })

  test('no item is parted by the end of a page', async () => {
    const { bytes } = await printPapers(
      [paperOf(Array.from({ length: 14 }, (_none, at) => single(at + 10)))],
      ['paper'],
      'pdf',
      'A4',
    )
    const pages = pagesOf(bytes)
    expect(pages.length).toBeGreaterThan(2)
    for (let at = 10; at < 24; at++) {
      const page = pages.find((text) => text.includes(`question${at}beginshere`))
      for (const id of 'abcd') expect(page).toContain(`choice${id}ofquestion${at}endshere`)
    }
  })

  test('the key stands on the key, and not on the paper or the answer sheet', async () => {
    const short: Item = {
      kind: 'short',
      stem: contentOf('Which stream falls?'),
      points: 1,
      tags: [],
      key: ['the ebb'],
      rules: { letterCase: 'ignore', accents: 'respect' },
      feedback: contentOf('It runs out.'),
    }
    const text = async (part: 'paper' | 'key' | 'answers'): Promise<string> =>
      pagesOf((await printPapers([paperOf([short, single(1)])], [part], 'pdf', 'A4')).bytes).join('')
    expect([
      await text('key').then((one) => one.includes('theebb') && one.includes('itrunsout') && one.includes('✓')),
    ]).toEqual([true])
    for (const part of ['paper', 'answers'] as const) expect(await text(part)).not.toMatch(/theebb|itrunsout|✓/)
  })

  test('versions and parts become a zip of files, each with its letter', async () => {
    const printed = await printPapers(
      [paperOf([single(1)], { label: 'A' }), paperOf([single(2)], { label: 'B' })],
      ['paper', 'key'],
      'pdf',
      'A4',
    )
    expect(unpackZip(printed.bytes).map((file) => file.path)).toEqual([
      'every-kind-a.pdf',
      'every-kind-a-key.pdf',
      'every-kind-b.pdf',
      'every-kind-b-key.pdf',
    ])
  })

  test('a picture of whatever sort does not stop the print, and its description stands for it', async () => {
    const stem = [paragraph([styledText('Look:', []), { type: 'picture' as const, asset: 'x', alt: 'a broken chart' }])]
    const paper = paperOf([{ ...single(1), stem }], { assets: new Map([['x', new Uint8Array([1, 2, 3])]]) })
    expect(pagesOf((await printPapers([paper], ['paper'], 'pdf', 'A4')).bytes).join('')).toContain('abrokenchart')
  })
})

test('matching and ordering never stand in the order of the key', () => {
  const match: Item = {
    kind: 'match',
    stem: contentOf('Match'),
    points: 3,
    tags: [],
    left: ['a', 'b', 'c'].map(contentOf),
    right: ['x', 'y', 'z'].map(contentOf),
    key: [
      [0, 0],
      [1, 1],
      [2, 2],
    ],
  }
  const order: Item = {
    kind: 'order',
    stem: contentOf('Order'),
    points: 1,
    tags: [],
    options: ['1', '2', '3'].map((id) => ({ id, content: contentOf(id) })),
    key: ['1', '2', '3'],
  }
  for (const { item, rightOrder } of placesOf(
    paperOf(Array.from({ length: 20 }, (_none, at) => (at % 2 ? match : order))),
  )) {
    if (item.kind === 'match') expect(rightOrder).not.toEqual([0, 1, 2])
    else expect('options' in item && item.options.map((option) => option.id)).not.toEqual(['1', '2', '3'])
  }
})

test('a passage that items share is said once, and notes are not counted', () => {
  const passage = contentOf('The harbour lies open to the west.')
  const note: Item = { kind: 'note', stem: contentOf('Part two'), points: 0, tags: [] }
  const places = placesOf(paperOf([{ ...single(1), passage }, { ...single(2), passage }, note, single(3)]))
  expect(places.map((one) => [one.number, one.passage !== null])).toEqual([
    [1, true],
    [2, false],
    [null, false],
    [3, false],
  ])
})

test('a document reads back to its text, with equations of its own', async () => {
  const stem = [
    paragraph([
      styledText('How far is ', []),
      { type: 'tex' as const, tex: '\\frac{a}{b}', display: false },
      styledText('?', []),
    ]),
  ]
  const { bytes } = await printPapers([paperOf([...ITEMS, { ...single(1), stem }])], ['paper'], 'docx', 'A4')
  const read = await readFile(bytes)
  const text = folded(JSON.stringify(read))
  for (const item of ITEMS)
    expect(text).toContain(folded(plainText(item.stem).split(/___|\n/)[0] ?? '').replaceAll('"', '\\"'))
  const main = unpackZip(bytes).find((file) => file.path === 'word/document.xml')
  const xml = new TextDecoder().decode(main?.bytes)
  expect(parseXml(xml).name).toBe('document')
  expect(xml).toMatch(/<m:f>.*<m:num>/s)
})

test('slides: a cover, then an item a slide and its key on the next', () => {
  const slides = unpackZip(slidesOf([single(1), single(2)])).filter((file) =>
    /^ppt\/slides\/slide\d+\.xml$/.test(file.path),
  )
  expect(slides).toHaveLength(5)
  const texts = slides
    .sort((a, b) => a.path.localeCompare(b.path, 'en', { numeric: true }))
    .map((file) => new TextDecoder().decode(file.bytes))
  for (const text of texts) expect(elementsOf(parseXml(text)).length).toBeGreaterThan(0)
  expect(texts.map((text) => text.includes('✓'))).toEqual([false, false, true, false, true])
})

test('signs that the text face lacks are set in another', () => {
  expect(inFaces('Ebb ☐ flood').map((piece) => piece.font)).toEqual(['Serif', 'Sans', 'Serif'])
})

test('the text face goes on over the letters of other languages, and a wider one has the rest', () => {
  expect(inFaces('dagály, őszi').map((piece) => piece.font)).toEqual(['Serif', 'Latin', 'Serif'])
  expect(inFaces('прилив').map((piece) => piece.font)).toEqual(['Cyrillic'])
  expect(inFaces('παλίρροια').map((piece) => piece.font)).toEqual(['Greek'])
  expect(inFaces('thủy triều').map((piece) => piece.font)).toContain('Vietnamese')
  expect(inFaces('≤').map((piece) => piece.font)).toEqual(['Wide'])
})

test('each script has a face; ideographs are those of the language', () => {
  expect(inFaces('潮汐 (tide)').map((piece) => piece.font)).toEqual(['Chinese', 'Serif'])
  expect(inFaces('潮が満ちる').map((piece) => piece.font)).toEqual(['Japanese'])
  // A sign that the face of one language lacks is taken from the other's.
  expect(inFaces('选', 'Japanese').map((piece) => piece.font)).toEqual(['Chinese'])
  expect(inFaces('بدراً، 24').map((piece) => piece.font)).toEqual(['Arabic', 'Serif'])
  expect(inFaces('שָׁלוֹם').map((piece) => piece.font)).toEqual(['Hebrew'])
})

// Unicode Standard Annex #9, with Hebrew letters for its capitals (examples of rule L2 from memory).
describe('both directions in a line', () => {
  const seen = (pieces: readonly string[], base: 'ltr' | 'rtl'): string =>
    seenOrder(pieces, base)
      .map((place) => pieces[place]?.trim())
      .join('|')

  test('the base is that of the first letter', () => {
    expect(['12 (שלום) tide', 'tide שלום', '3.5'].map(baseOf)).toEqual(['rtl', 'ltr', 'ltr'])
  })

  test('words from right to left stand in that order, numbers and other words among them do not', () => {
    expect(seen(['car ', 'means ', 'מכונית ', 'אדומה', '.'], 'ltr')).toBe('car|means|אדומה|מכונית|.')
    expect(seen(['גובה ', 'המים ', 'הוא ', '3.5 ', 'metres ', 'only', '.'], 'rtl')).toBe(
      '.|3.5|metres|only|הוא|המים|גובה',
    )
  })

  test('runs are parted where the direction changes, and brackets face the other way', () => {
    const parted = directedRuns([{ text: 'אזור (A) בים (גדול)', bold: true }], 'rtl')
    expect(parted.map((run) => run.text)).toEqual(['אזור )', 'A', '( בים )גדול('])
    expect(parted.every((run) => run.bold)).toBe(true)
    expect(directedRuns([{ text: 'tide' }], 'ltr')).toEqual([{ text: 'tide' }])
  })

  test('a PDF shows the words of a line from right to left', async () => {
    const item = { ...single(1), stem: contentOf('מתי יגיע הגאות בשנת 1852') }
    const { bytes } = await printPapers([paperOf([item])], ['paper'], 'pdf', 'A4')
    const [page = []] = wordsOf(bytes)
    const places = ['מתי', 'יגיע', 'הגאות', 'בשנת', '1852'].map(
      (word) => page.find((one) => one.text === word)?.x ?? NaN,
    )
    expect(places).toEqual([...places].sort((a, b) => b - a))
    expect(places[0]).toBeGreaterThan(400)
  })

  test('a document and slides say which way their text is read', async () => {
    const item = { ...single(1), stem: contentOf('מתי יגיע הגאות?') }
    const { bytes } = await printPapers([paperOf([item])], ['paper'], 'docx', 'A4')
    const inside = (files: Uint8Array, path: string): string =>
      new TextDecoder().decode(unpackZip(files).find((file) => file.path === path)?.bytes)
    expect(inside(bytes, 'word/document.xml')).toMatch(/<w:bidi\/>.*<w:rtl\/>/s)
    expect(inside(slidesOf([item]), 'ppt/slides/slide2.xml')).toContain('rtl="1"')
  })
})

test('a formula is drawn with its size', () => {
  const { svg, widthEm, heightEm } = texPicture('\\frac{a}{b}', false)
  expect(svg).toMatch(/^<svg/)
  expect([widthEm > 0.3 && widthEm < 2, heightEm > 1 && heightEm < 3]).toEqual([true, true])
})

// PNG and JPEG headers by hand, 3 × 2 pixels.
test.each([
  [
    'PNG',
    [0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 0, 3, 0, 0, 0, 2, 8],
    { width: 3, height: 2 },
  ],
  ['JPEG', [0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 1, 0xff, 0xc0, 0, 11, 8, 0, 2, 0, 3, 1, 0, 0, 0], { width: 3, height: 2 }],
  ['text', [0x3c, 0x73], null],
])('the size of a %s', (_name, bytes, size) => {
  expect(pictureHead(new Uint8Array(bytes))).toEqual(size && { ...size, type: expect.any(String) as string })
})
