import { contentOf } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, type Item, type NumericItem } from '../item/model.ts'
import { cc13 } from './cc13/index.ts'
import type { FormatData } from './format.ts'
import { gift } from './gift/index.ts'
import { qti12 } from './qti12/index.ts'

const common = (stem: string) => ({ stem: contentOf(stem), points: 1, tags: [] })
const option = (id: string) => ({ id, content: contentOf(`option ${id}`) })
const TRUE: Item = { ...common('Rye is a grain.'), kind: 'truefalse', key: [true] }
const ORDER: Item = { ...common('Order.'), kind: 'order', options: ['a', 'b'].map(option), key: ['b', 'a'] }
const CLOZE: Item = {
  ...common('The tide {{1}} twice a {{2}}.'),
  kind: 'cloze',
  gaps: [{ key: ['rises'] }, { key: ['day'] }],
  rules: DEFAULT_TEXT_RULES,
}
const depth = (key: NumericItem['key']): Item => ({ ...common('How deep?'), kind: 'numeric', key })

/** All text files of what was written, one after the other. */
function textOf(data: FormatData): string {
  if (data.form === 'text') return data.text
  return data.form === 'package' ? data.files.map(({ bytes }) => new TextDecoder().decode(bytes)).join('\n') : ''
}

describe('GIFT: a number', () => {
  const written = (key: NumericItem['key']) => textOf(gift.write([depth(key)], { title: 'Depths', as: 'bank' }).data)
  test('one band that earns all stands alone', () => {
    expect(written([{ value: 3, tolerance: 0.5 }])).toMatch(/\{#3:0\.5\s*\}/)
    expect(written([{ value: 3, tolerance: 0.5, credit: 1 }])).toMatch(/\{#3:0\.5\s*\}/)
    expect(written([{ min: 2, max: 4 }])).toMatch(/\{#2\.\.4\s*\}/)
  })
  test('one band that earns a part says so', () =>
    expect(written([{ value: 3, tolerance: 0.5, credit: 0.5 }])).toMatch(/\{#\s*=%50%3:0\.5\s*\}/))
  test('of several, each says its share', () =>
    expect(
      written([
        { value: 3, tolerance: 0 },
        { value: 3, tolerance: 1, credit: 0.25 },
      ]),
    ).toMatch(/\{#\s*=%100%3:0\s*=%25%3:1\s*\}/))
})

// Attributes as the ASI information model of QTI 1.2 names them (section 3.4: response_lid, render_choice).
describe('QTI 1.2: how options stand', () => {
  const shuffle = (item: Item) =>
    /<render_choice[^>]*shuffle="(\w+)"/.exec(textOf(qti12.write([item], { title: 'T', as: 'bank' }).data))?.[1]
  test('true and false keep their order; an ordering is mixed', () => {
    expect(shuffle(TRUE)).toBe('No')
    expect(shuffle(ORDER)).toBe('Yes')
  })
  test('gaps are named from one on', () => {
    const text = textOf(qti12.write([CLOZE], { title: 'T', as: 'bank' }).data)
    expect([...new Set(text.match(/GAP_-?\d+/g))]).toEqual(['GAP_1', 'GAP_2'])
  })
})

// Common Cartridge 1.3, implementation: an assessment and a question bank are resources of different types.
describe('Common Cartridge: what stands round the items', () => {
  const bank = textOf(cc13.write([TRUE], { title: 'Tides', as: 'bank' }).data)
  const paper = textOf(cc13.write([TRUE], { title: 'Tides', as: 'paper' }).data)
  test('a bank is one, without an assessment or a section', () => {
    expect(bank).toContain('<objectbank ident="bank-1">')
    expect(bank).not.toMatch(/<assessment|<section/)
  })
  test('a paper is an assessment with one section, without a bank', () => {
    expect(paper).toMatch(/<assessment[^>]*>/)
    expect(paper).toContain('<section ident="root_section">')
    expect(paper).not.toContain('<objectbank')
  })
})
