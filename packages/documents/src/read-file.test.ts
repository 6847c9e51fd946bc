import { FORMATS, type KeptItem } from '@zakuska/core'
import { decodeText, readFile, writeItemsJson } from './read-file.ts'
import { PackageError, packZip } from './zip.ts'

const encode = (text: string): Uint8Array => new TextEncoder().encode(text)
const ITEM: KeptItem = {
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
  ['GIFT without titles', encode('Which is a grain? { =rye ~oak }'), 'gift'],
  ['our own JSON', encode(writeItemsJson([ITEM], 'Bread')), 'items'],
])('%s', (_name, bytes, kind) => {
  const found = readFile(bytes)
  expect(found.kind === 'draft' ? 'draft' : found.format).toBe(kind)
})

test('a QTI package is read from its zip', () => {
  const written = FORMATS.qti21.write([ITEM], { title: 'Bread', as: 'bank' })
  const found = readFile(packZip(written.data.form === 'package' ? written.data.files : []))
  expect(found).toMatchObject({ kind: 'items', format: 'qti21', result: { items: [ITEM] } })
})

test('our JSON brings the items back as they were, and lists what is no item', () => {
  const found = readFile(encode(JSON.stringify({ zakuska: 1, title: 'Bread', items: [ITEM, { kind: 'riddle' }] })))
  expect(found).toMatchObject({ result: { title: 'Bread', items: [ITEM], unread: [{ where: 'item 2' }] } })
})

test.each<[string, Uint8Array, string]>([
  ['UTF-16 with its mark', new Uint8Array([0xff, 0xfe, 0x61, 0, 0xe9, 0]), 'aé'],
  ['Windows-1252', new Uint8Array([0x61, 0xe9]), 'aé'],
  ['UTF-8', encode('aé'), 'aé'],
])('text in %s', (_name, bytes, text) => expect(decodeText(bytes)).toBe(text))

test('bytes that are no text are one clear error', () => {
  expect(() => readFile(new Uint8Array([1, 0, 2, 0, 0]))).toThrow(PackageError)
})

test.each<[string, Uint8Array, RegExp]>([
  ['a word processor file', packZip([{ path: 'word/document.xml', bytes: encode('<w/>') }]), /word processor/],
  ['a PDF', encode('%PDF-1.7 ...'), /a PDF file/],
  ['RTF', encode('{\\rtf1 hello}'), /an RTF file/],
])('%s says what it is, and what to do', (_name, bytes, says) => {
  expect(() => readFile(bytes)).toThrow(says)
})
