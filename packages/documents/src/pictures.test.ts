import { plainText, readDraft, type Assets, type DraftSource } from '@zakuska/core'
import { withPictureNames } from './common/pictures.ts'
import { readFile } from './read-file.ts'
import { packZip } from './common/zip.ts'

const encode = (text: string): Uint8Array => new TextEncoder().encode(text)
/** The smallest that is told as one by its signature (ISO 15948, section 5.2). */
const PNG = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13])

const drawing = (id: string, alt: string): string =>
  `<w:r><w:drawing><wp:docPr id="1" descr="${alt}"/><a:blip r:embed="${id}"/></w:drawing></w:r>`
const line = (runs: string): string => `<w:p>${runs}</w:p>`
const text = (said: string): string => `<w:r><w:t>${said}</w:t></w:r>`

// ECMA-376 part 1, section 20.2.2.5 (pic), part 2, section 6.5 (relationships).
const WORD = packZip([
  {
    path: 'word/document.xml',
    bytes: encode(
      `<w:document><w:body>${line(text('1. What is shown?') + drawing('rId4', 'a ketch'))}${line(text('a) a ketch'))}${line(text('b) a sloop'))}${line(text('Answer: a'))}${line(text('2. And here?') + drawing('rId4', 'again') + drawing('rId5', 'drawn by another program'))}${line(text('Answer: the same'))}</w:body></w:document>`,
    ),
  },
  {
    path: 'word/_rels/document.xml.rels',
    bytes: encode(
      '<Relationships><Relationship Id="rId4" Target="media/image1.png"/><Relationship Id="rId5" Target="/word/media/image2.emf"/><Relationship Id="rId6" Target="http://x.example/y.png" TargetMode="External"/></Relationships>',
    ),
  },
  { path: 'word/media/image1.png', bytes: PNG },
  { path: 'word/media/image2.emf', bytes: encode('not kept') },
])

async function draftOf(bytes: Uint8Array): Promise<{ source: DraftSource; assets: Assets | undefined }> {
  const contents = await readFile(bytes)
  if (contents.kind !== 'draft') throw new Error('It was read as items.')
  return { source: contents.source, assets: contents.assets }
}

test('the pictures of a word processor file come with their bytes, each once; another kind has its description only', async () => {
  const { source, assets } = await draftOf(WORD)
  expect([...(assets ?? [])]).toEqual([['picture-1', PNG]])
  const items = readDraft(source).items.map((read) => read.item)
  expect(items.map((item) => plainText(item.stem))).toEqual([
    expect.stringContaining('[image: a ketch]'),
    expect.stringContaining('[image: drawn by another program]'),
  ])
  expect(JSON.stringify(items[0]?.stem)).toContain('"asset":"picture-1"')
  expect(JSON.stringify(items[1]?.stem)).toContain('"asset":""')
})

// OpenDocument 1.3 part 3, section 10.4.4 (draw:image).
test('so do those of an open document', async () => {
  const { source, assets } = await draftOf(
    packZip([
      {
        path: 'content.xml',
        bytes: encode(
          '<office:document-content><office:body><office:text><text:p>1. What is shown?<draw:frame><draw:image xlink:href="Pictures/1.png"/><svg:desc>a buoy</svg:desc></draw:frame></text:p></office:text></office:body></office:document-content>',
        ),
      },
      { path: 'Pictures/1.png', bytes: PNG },
    ]),
  )
  expect(source.text).toContain('![a buoy](asset:picture-1)')
  expect(assets?.get('picture-1')).toEqual(PNG)
})

test('and those that stand in a page itself (RFC 2397), in its tables too; an address elsewhere is not fetched', async () => {
  const data = `data:image/png;base64,${Buffer.from(PNG).toString('base64')}`
  const { source, assets } = await draftOf(
    encode(
      `<html><body><p>1. What?<img src="${data}" alt="one"></p><p><img src="https://x.example/a.png" alt="two"></p><table><tr><td>x</td><td><img src="${data}" alt="three"></td></tr></table></body></html>`,
    ),
  )
  expect(source.text).toContain('![one](asset:picture-1)')
  expect(source.text).toContain('![two](picture)')
  expect(source.text).toContain('![three](asset:picture-1)')
  expect(assets?.size).toBe(1)
})

test('pictures get the names under which they are kept, and styles stay at their text', async () => {
  const contents = await readFile(WORD)
  if (contents.kind !== 'draft') throw new Error('It was read as items.')
  const kept = withPictureNames(contents.blocks ?? [], new Map([['picture-1', 'a-much-longer-name-than-before']]))
  expect(kept.source.text).toContain('![a ketch](asset:a-much-longer-name-than-before)')
  expect(withPictureNames(contents.blocks ?? [], new Map()).source.text).toContain('![a ketch](picture)')
})
