import type { DocumentBlock } from '../document/blocks.ts'
import type { PageText, PlacedText } from './page.ts'
import { boxText, pagesToBlocks } from './to-blocks.ts'

const at = (x: number, y: number, text: string, size = 10): PlacedText => ({
  text,
  x,
  y,
  width: text.length * size * 0.5,
  size,
  styles: [],
})
const page = (...texts: PlacedText[]): PageText => ({ width: 500, height: 700, texts })
const textOf = (blocks: readonly DocumentBlock[]): string[] =>
  blocks.flatMap((block) =>
    block.type === 'paragraph'
      ? [
          block.runs
            .map((run) => run.text)
            .join('')
            .trimEnd(),
        ]
      : [],
  )

test('words of a line are put together from left to right, with the blanks that only the room shows', () => {
  expect(textOf(pagesToBlocks([page(at(60, 200, 'grain?'), at(20, 200, 'Which'), at(47, 200.3, 'a'))]))).toEqual([
    'Which a grain?',
  ])
})

test('two columns of text are read one after the other', () => {
  const left = Array.from({ length: 8 }, (_none, index) => at(20, 200 + index * 14, `left column, its line ${index}`))
  const right = Array.from({ length: 8 }, (_none, index) =>
    at(270, 203 + index * 14, `right column, its line ${index}`),
  )
  const lines = textOf(pagesToBlocks([page(...left, ...right)]))
  expect(lines).toHaveLength(16)
  expect(lines[7]).toBe('left column, its line 7')
  expect(lines[8]).toBe('right column, its line 0')
})

test('options beside each other are no columns', () => {
  const rows = Array.from({ length: 8 }, (_none, index) => [
    at(20, 200 + index * 14, 'a) oak'),
    at(270, 200 + index * 14, 'b) rye'),
  ]).flat()
  expect(textOf(pagesToBlocks([page(...rows)]))[0]).toMatch(/^a\) oak {2,}b\) rye$/)
})

test('headers, footers and page numbers are dropped, the text between them is not', () => {
  const sheet = (number: number): PageText =>
    page(
      at(20, 30, 'Pilotage, spring term'),
      at(20, 300, `Which light is number ${number}?`),
      at(240, 680, `Page ${number} of 2`),
    )
  expect(textOf(pagesToBlocks([sheet(1), sheet(2)]))).toEqual(['Which light is number 1?', 'Which light is number 2?'])
})

test('small raised and lowered figures are scripts', () => {
  const [block] = pagesToBlocks([
    page(at(20, 300, 'CO'), at(30.2, 302, '2', 6), at(40, 300, 'and 10'), at(71, 296, '6', 6)),
  ])
  expect(block?.type === 'paragraph' && block.runs.map((run) => [run.text, run.styles])).toEqual([
    ['CO', []],
    ['2', ['sub']],
    [' and 10', []],
    ['6', ['sup']],
  ])
})

test('a box takes what has its middle inside, and nothing else', () => {
  const sheet = page(at(20, 100, 'above'), at(20, 200, 'inside'), at(300, 200, 'beside'), at(20, 300, 'below'))
  expect(textOf(boxText(sheet, { x: 0, y: 150, width: 200, height: 100 }))).toEqual(['inside'])
})
