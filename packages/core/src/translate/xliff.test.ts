import fc from 'fast-check'
import { element } from '../content/elements.ts'
import type { ElementNode, MarkupNode } from '../content/markup.ts'
import { contentOf, paragraph, styledText } from '../content/model.ts'
import { parseMarkup } from '../content/parse-markup.ts'
import { plainText } from '../content/plain.ts'
import { printMarkup } from '../content/print-markup.ts'
import { checkItem } from '../item/check.ts'
import type { Item } from '../item/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { textUnits } from './units.ts'
import { readXliff, writeXliff, XliffError } from './xliff.ts'

const ITEM: Item = {
  kind: 'single',
  stem: [
    paragraph([
      styledText('Which is ', []),
      styledText('not', ['strong']),
      styledText(' a ', []),
      { type: 'gap' },
      styledText('?', []),
    ]),
  ],
  points: 2,
  tags: ['knots'],
  options: [
    { id: 'a', content: contentOf('bowline') },
    { id: 'b', content: contentOf('keel') },
  ],
  key: ['b'],
  shuffle: true,
  feedback: contentOf('A keel is no knot.'),
}

/** A translator that answers each segment in capitals; codes stay. */
function inCapitals(text: string): string {
  const change = (node: MarkupNode): MarkupNode =>
    node.type === 'text'
      ? { ...node, value: node.value.toUpperCase() }
      : element(node.name, node.attributes, node.children.map(change))
  const walk = (node: MarkupNode): MarkupNode => {
    if (node.type === 'text') return node
    if (node.name !== 'segment') return element(node.name, node.attributes, node.children.map(walk))
    const source = node.children.find(
      (child): child is ElementNode => child.type === 'element' && child.name === 'source',
    )
    const target = element('target', {}, (source?.children ?? []).map(change))
    return element('segment', { ...node.attributes, state: 'translated' }, [...(source ? [source] : []), target])
  }
  return printMarkup([walk(parseMarkup(text))])
}

// XLIFF Version 2.0, OASIS Standard, 5 August 2014: 4.2.2.1 xliff, 4.2.2.2 file, 4.2.2.5 unit, 4.2.2.6 segment,
// 4.2.3.2 pc and 4.2.3.3 ph (section numbers from memory).
test('structure: a file an item, a unit a text, a segment a paragraph, codes for what is no text', () => {
  const root = parseMarkup(writeXliff([{ id: '7', item: ITEM }], 'en', 'sv'))
  expect(root).toMatchObject({ name: 'xliff', attributes: { version: '2.0', srcLang: 'en', trgLang: 'sv' } })
  const [file] = root.children as ElementNode[]
  expect(file?.children.map((unit) => unit.type === 'element' && unit.attributes['id'])).toEqual([
    'stem',
    'option-a',
    'option-b',
    'feedback',
  ])
  expect(printMarkup(file?.children.slice(0, 1) ?? [])).toMatch(
    /<source>Which is <pc id="c1-1"[^>]*>not<\/pc> a <ph id="c1-2"[^>]*\/>\?<\/source>/,
  )
})

test('what comes back stands in the item; key, points and order are as they were', () => {
  const [back] = readXliff(inCapitals(writeXliff([{ id: '7', item: ITEM }], 'en', 'sv')), [{ id: '7', item: ITEM }])
  expect(back).toMatchObject({
    id: '7',
    language: 'sv',
    open: [],
    item: { key: ['b'], points: 2, language: 'sv', tags: ['knots'] },
  })
  expect(back && plainText(back.item.stem)).toBe('WHICH IS NOT A ___?')
  expect(back?.item.stem[0]).toMatchObject({
    content: [
      { text: 'WHICH IS ' },
      { text: 'NOT', styles: ['strong'] },
      { text: ' A ' },
      { type: 'gap' },
      { text: '?' },
    ],
  })
})

test('a text without a target, and one whose placeholder is lost, stay in the source language and are named', () => {
  const text = inCapitals(writeXliff([{ id: '7', item: ITEM }], 'en', 'sv'))
    .replace(/(<unit id="feedback">.*?)<target>.*?<\/target>/s, '$1')
    .replace(/(<target>WHICH IS [^]*?)<ph [^>]*\/>(\?<\/target>)/, '$1$2')
  const [back] = readXliff(text, [{ id: '7', item: ITEM }])
  expect(back?.open).toEqual(['stem', 'feedback'])
  expect(back && plainText(back.item.feedback)).toBe('A keel is no knot.')
})

test('a translation that is there goes along, and is marked as done', () => {
  const variant = { ...ITEM, feedback: contentOf('En köl är ingen knop.') }
  const text = writeXliff([{ id: '7', item: ITEM, variant }], 'en', 'sv')
  expect(text).toMatch(
    /state="translated"><source>A keel is no knot\.<\/source><target>En köl är ingen knop\.<\/target>/,
  )
})

test.each([
  ['no XML', 'hello'],
  ['another format', '<tmx version="1.4"/>'],
  ['an older version', '<xliff version="1.2"/>'],
  ['no target language', `<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.0" srcLang="en"/>`],
])('%s is one clear error', (_name, text) => {
  expect(() => readXliff(text, [])).toThrow(XliffError)
})

test('every kind goes out and comes back whole, with as many texts', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      const [back] = readXliff(inCapitals(writeXliff([{ id: '1', item }], 'en', 'sv')), [{ id: '1', item }])
      expect(back && checkItem(back.item)).toEqual([])
      expect(back && textUnits(back.item).map((unit) => unit.name)).toEqual(textUnits(item).map((unit) => unit.name))
    }),
    { numRuns: 60 },
  )
})
