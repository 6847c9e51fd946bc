import { sourceParts } from './parts.ts'

const words = (count: number, name = 'word') => Array.from({ length: count }, (_, at) => `${name}${at}`).join(' ') + '.'
const names = (source: string, most = 1000) => sourceParts(source, most).map(({ name }) => name)

test('headings begin parts, however they are written', () => {
  const source = `# Tides\n\n${words(20)}\n\nChapter 2\n\n${words(20)}\n\nThe neap tide\n\n${words(20)}\n`
  expect(names(source)).toEqual(['Tides', 'Chapter 2', 'The neap tide'])
})

test('a title above its first chapter is no part of its own; a sentence, a list line and a time are no headings', () => {
  const source = `The sea\n\nTides\n\n${words(9)}\n\n- a list line\n\n[00:10] ${words(4)}\n\nIt is short.\n\n${words(9)}`
  expect(names(source)).toEqual(['The sea'])
})

test('what is longer than the limit is parted between paragraphs, and all of it is in some part', () => {
  const source = Array.from({ length: 12 }, (_, at) => words(30, `p${at}x`)).join('\n\n')
  const parts = sourceParts(source, 100)
  expect(parts.map((part) => part.words)).toEqual([90, 90, 90, 90])
  expect(parts.map(({ from, to }) => source.slice(from, to)).join('\n\n')).toBe(source)
  expect(parts[0]?.name).toBe('p0x0 p0x1 p0x2 p0x3 p0x4 p0x5 …')
})

test('a transcript without empty lines is parted by its lines, and named without its times', () => {
  const source = Array.from({ length: 6 }, (_, at) => `[00:0${at}] ${words(10)}`).join('\n')
  const parts = sourceParts(source, 33)
  expect(parts).toHaveLength(2)
  expect(parts[0]?.name).toMatch(/^word0 word1/)
})

test('a paragraph that is longer by itself is a part; of nothing there are none', () => {
  expect(sourceParts(words(50), 10).map((part) => part.words)).toEqual([50])
  expect(sourceParts('  \n\n ', 10)).toEqual([])
})
