import { parseXml } from '@zakuska/core'
import { OpenLists } from '../open-text/lists.ts'
import { UndefinedLists } from '../common/undefined-lists.ts'
import { WordNumbering } from './numbering.ts'

// ECMA-376 part 1, section 17.9: abstract numberings, what uses them, and how their labels are put together.
const level = (at: number, form: string, text: string, start = 1): string =>
  `<w:lvl w:ilvl="${at}"><w:start w:val="${start}"/><w:numFmt w:val="${form}"/><w:lvlText w:val="${text}"/></w:lvl>`
const numbering = (abstract: string, nums = '<w:num w:numId="5"><w:abstractNumId w:val="1"/></w:num>'): WordNumbering =>
  new WordNumbering(
    parseXml(
      `<w:numbering xmlns:w="urn:w"><w:abstractNum w:abstractNumId="1">${abstract}</w:abstractNum>${nums}</w:numbering>`,
    ),
  )
const LEVELS = level(0, 'decimal', '%1.') + level(1, 'lowerLetter', '%2)') + level(2, 'lowerRoman', '(%3)')

describe('automatic numbers of word processors', () => {
  test('count on their own level, and begin anew under the next above', () => {
    const list = numbering(LEVELS)
    const labels = [0, 1, 1, 2, 1, 0, 1].map((at) => list.next('5', at))
    expect(labels).toEqual(['1.', 'a)', 'b)', '(i)', 'c)', '2.', 'a)'])
  })
  test('forms of numbers: letters behind z, Roman, with a nought, other scripts', () => {
    const forms = (form: string, count: number): (string | null)[] => {
      const list = numbering(level(0, form, '%1'))
      return Array.from({ length: count }, () => list.next('5', 0))
    }
    expect(forms('upperLetter', 28).slice(24)).toEqual(['Y', 'Z', 'AA', 'BB'])
    expect(forms('upperRoman', 9).at(-1)).toBe('IX')
    expect(forms('decimalZero', 10).slice(8)).toEqual(['09', '10'])
    expect(forms('russianLower', 3)).toEqual(['а', 'б', 'в'])
    expect(forms('unheard', 2)).toEqual(['1', '2'])
    expect(forms('none', 1)).toEqual([''])
  })
  test('a number may show those above it; a letter shows itself alone', () => {
    const list = numbering(level(0, 'decimal', '%1') + level(1, 'decimal', '%1.%2') + level(2, 'lowerLetter', '%1.%3)'))
    expect([0, 1, 1, 2, 2].map((at) => list.next('5', at))).toEqual(['1', '1.1', '1.2', 'a)', 'b)'])
  })
  test('what stands round a letter stays', () => {
    expect(numbering(level(0, 'lowerLetter', '(%1)')).next('5', 0)).toBe('(a)')
  })
  test('starts other than one, and uses that begin anew', () => {
    const list = numbering(
      level(0, 'decimal', '%1.', 7),
      '<w:num w:numId="5"><w:abstractNumId w:val="1"/></w:num>' +
        '<w:num w:numId="6"><w:abstractNumId w:val="1"/><w:lvlOverride w:ilvl="0"><w:startOverride w:val="3"/></w:lvlOverride></w:num>',
    )
    expect([list.next('5', 0), list.next('5', 0), list.next('6', 0), list.next('6', 0)]).toEqual([
      '7.',
      '8.',
      '3.',
      '4.',
    ])
  })
  test('bullets, and the boxes of symbol fonts', () => {
    expect(numbering(level(0, 'bullet', '·')).next('5', 0)).toBe('•')
    expect(numbering(level(0, 'bullet', '\uF0A8')).next('5', 0)).toBe('☐')
  })
  test('a level that the list lacks has no label', () => expect(numbering(LEVELS).next('5', 8)).toBeNull())
})

describe('lists that say nowhere how they count', () => {
  test('figures outside, letters inside, which begin anew', () => {
    const list = numbering(LEVELS)
    expect([
      list.next('99', 0),
      list.next('99', 1),
      list.next('99', 1),
      list.next('99', 0),
      list.next('99', 2),
    ]).toEqual(['1.', 'a)', 'b)', '2.', 'a)'])
    expect(new WordNumbering(null).next('1000', 0)).toBe('1.')
  })
  test('letters begin anew behind what is no entry, and in another list; figures count on', () => {
    const lists = new UndefinedLists()
    expect([lists.label('a', 1), lists.label('a', 1)]).toEqual(['a)', 'b)'])
    lists.breakOff()
    expect(lists.label('a', 1)).toBe('a)')
    expect(lists.label('b', 1)).toBe('a)')
    expect([lists.label('c', 0), lists.label('d', 0)]).toEqual(['1.', '2.'])
  })
})

// OpenDocument 1.3 part 3, section 16.31 to 16.34 and 19.502.
describe('lists of open documents', () => {
  const number = (at: number, form: string, more = ''): string =>
    `<text:list-level-style-number text:level="${at}" style:num-format="${form}" ${more}/>`
  const lists = (levels: string): OpenLists =>
    new OpenLists([
      parseXml(
        `<s xmlns:text="urn:t" xmlns:style="urn:s"><text:list-style style:name="L1">${levels}</text:list-style></s>`,
      ),
    ])

  test('prefix, suffix and start', () => {
    const list = lists(number(1, '1', 'style:num-prefix="(" style:num-suffix=")" text:start-value="4"'))
    expect([list.next('L1', 0, null), list.next('L1', 0, null), list.next('L1', 0, 9)]).toEqual(['(4)', '(5)', '(9)'])
  })
  test('levels that show those above; a letter shows itself alone', () => {
    const list = lists(
      number(1, '1') +
        number(2, '1', 'text:display-levels="2"') +
        number(3, 'a', 'text:display-levels="3" style:num-suffix=")"'),
    )
    expect([0, 1, 1, 2, 0, 1].map((depth) => list.next('L1', depth, null))).toEqual([
      '1',
      '1.1',
      '1.2',
      'a)',
      '2',
      '2.1',
    ])
  })
  test('a list begins anew unless it says that it goes on', () => {
    const list = lists(number(1, 'A', 'style:num-suffix="."'))
    list.next('L1', 0, null)
    list.open('L1', true)
    expect(list.next('L1', 0, null)).toBe('B.')
    list.open('L1', false)
    expect(list.next('L1', 0, null)).toBe('A.')
  })
  test('bullets, and lists without a style', () => {
    const list = lists('<text:list-level-style-bullet text:level="1" text:bullet-char="–"/>' + number(2, ''))
    expect(list.next('L1', 0, null)).toBe('•')
    expect(list.next('L1', 1, null)).toBeNull()
    expect(list.next(null, 0, null)).toBe('•')
  })
})
