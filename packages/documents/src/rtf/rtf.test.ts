import { cellText, type DocumentBlock } from '@zakuska/core'
import { readRtf } from './read-rtf.ts'
import { rtfTokens } from './tokens.ts'

const latin = (text: string): Uint8Array => Uint8Array.from(text, (sign) => sign.charCodeAt(0))
const read = (body: string): DocumentBlock[] => readRtf(latin(`{\\rtf1\\ansi\\ansicpg1252 ${body}}`))
const lines = (body: string): string[] =>
  read(body).map((block) =>
    block.type === 'paragraph'
      ? `${block.label ? `${block.label} ` : ''}${block.runs.map((run) => run.text).join('')}`
      : block.rows.map((row) => row.map(cellText).join(' | ')).join(' / '),
  )
const dressed = (body: string): string[] =>
  read(body).flatMap((block) =>
    block.type === 'paragraph'
      ? block.runs.map((run) => `${run.text}${run.styles.length ? `<${run.styles.join(',')}>` : ''}`)
      : [],
  )

// Rich Text Format (RTF) Specification 1.9.1: its words are named where they are used; the texts are our own.
describe('pieces of RTF', () => {
  test('groups, words with and without a value, symbols, bytes', () => {
    expect([...rtfTokens("{\\b0\\'e9\\~x}")]).toEqual([
      { type: 'open' },
      { type: 'word', word: 'b', value: 0 },
      { type: 'byte', byte: 0xe9 },
      { type: 'symbol', symbol: '~' },
      { type: 'byte', byte: 0x78 },
      { type: 'close' },
    ])
  })
  test('one blank behind a word belongs to it, a second one is text', () => {
    const text = (source: string): string =>
      [...rtfTokens(source)].flatMap((token) => (token.type === 'byte' ? String.fromCharCode(token.byte) : [])).join('')
    expect(text('\\b x')).toBe('x')
    expect(text('\\b  x')).toBe(' x')
    // Ends of lines in the file are none in the text.
    expect(text('a\r\nb')).toBe('ab')
  })
  test('what \\bin carries is skipped as it is, braces and all', () => {
    expect(lines('{\\*\\blipuid\\bin4 }}{{}before\\par after\\par')).toEqual(['before', 'after'])
  })
  test('a value below nought, and bytes that are no hexadecimal figures', () => {
    expect([...rtfTokens('\\fi-360')]).toEqual([{ type: 'word', word: 'fi', value: -360 }])
    expect([...rtfTokens("\\'zz")]).toEqual([])
  })
})

describe('text', () => {
  test('letters by the code page, and by Unicode with what stands in for them left out', () => {
    expect(lines("caf\\'e9 \\'96 na\\u239?ve \\uc2\\u8364 EUR\\par")).toEqual(['café – naïve €R'])
    expect(lines('\\u-10179?\\u-9088?\\par')[0]).toBe('\u{1F480}')
  })
  test('signs that have words of their own', () => {
    expect(lines('\\ldblquote a\\rdblquote  \\endash  \\emdash \\bullet\\tab b\\line c\\par')).toEqual([
      '“a” – —•\tb\nc',
    ])
  })
  test('a group ends what it began; a plain word ends all dress', () => {
    expect(dressed('a{\\b b{\\i c}}d\\b e\\plain f\\par')).toEqual([
      'a',
      'b<strong>',
      'c<strong,emphasis>',
      'd',
      'e<strong>',
      'f',
    ])
    expect(dressed('H{\\sub 2}O x{\\super 2} {\\ul u} {\\b0 n}\\par').filter((text) => text.includes('<'))).toEqual([
      '2<sub>',
      '2<sup>',
      'u<underline>',
    ])
  })
  test('colours that are none, and those that tell', () => {
    const table = '{\\colortbl;\\red0\\green0\\blue0;\\red200\\green0\\blue0;}'
    expect(dressed(`${table}{\\cf1 black }{\\cf2 red}\\par`)).toEqual(['black ', 'red<colour>'])
  })
  test('what is hidden, and what stands at the head and foot of pages, is left out', () => {
    expect(lines('{\\header Skarnholm\\par}{\\footer page 1\\par}seen {\\v hidden }too\\par')).toEqual(['seen too'])
    expect(lines('{\\info{\\title Knots}{\\author somebody}}{\\*\\unheard of}text\\par')).toEqual(['text'])
  })
})

describe('lists and tables', () => {
  test('the number that the program left in the text is the label', () => {
    expect(
      lines("{\\listtext\\tab 1.\\tab}Which?\\par{\\pntext a)\\tab}oak\\par{\\listtext\\'b7\\tab}rye\\par"),
    ).toEqual(['1. Which?', 'a) oak', '• rye'])
  })
  test('a program that puts the whole entry where the number should stand loses nothing', () => {
    expect(
      dressed(
        '{\\listtext\\pard\\li720{\\tab Which is }{\\b keyed}{?}{\\par}}{\\listtext{\\tab oak}{\\par}}after\\par',
      ),
    ).toEqual(['Which is ', 'keyed<strong>', '?', 'oak', 'after'])
  })
  test('rows and cells', () => {
    const row = (...cells: string[]): string => `\\trowd\\intbl ${cells.map((cell) => `${cell}\\cell `).join('')}\\row `
    expect(lines(`${row('Question', 'Key')}${row('Which?', 'b')}\\pard after\\par`)).toEqual([
      'Question | Key / Which? | b',
      'after',
    ])
  })
  test('headings are told by their styles', () => {
    const [block] = read('{\\stylesheet{\\s1 heading 1;}{\\s2 Normal;}}\\s1\\b Tides\\par')
    expect(block).toMatchObject({ heading: 1, runs: [{ text: 'Tides', styles: [] }] })
  })
  test('the last paragraph needs no end, and a file that breaks off is said to be broken', () => {
    expect(lines('one\\par two')).toEqual(['one', 'two'])
    expect(() => lines('{{{{one\\par tw')).toThrow('ends inside a group')
    expect(read('')).toEqual([])
  })
})
