import type { NumericItem } from '../item/model.ts'
import { shareEarned } from './grade.ts'
import { readNumber } from './number-value.ts'
import { isSameText } from './same-text.ts'

const depth: NumericItem = {
  kind: 'numeric',
  stem: [],
  points: 1,
  tags: [],
  key: [{ value: 3.2, tolerance: 0.1 }],
  unit: 'm',
}

// Ours, from the ways in which people type numbers; SI Brochure 9th edition, section 5.4.4, for blanks between thousands.
test.each<[string, number | null, string]>([
  ['0.5', 0.5, ''],
  ['0,5', 0.5, ''],
  ['1/2', 0.5, ''],
  ['½', 0.5, ''],
  ['1½', 1.5, ''],
  ['1 1/2', 1.5, ''],
  ['50 %', 0.5, '%'],
  ['−4', -4, ''],
  ['6.02e23', 6.02e23, ''],
  ['6,02 × 10²³', 6.02e23, ''],
  ['1.6 x 10^-19 C', 1.6e-19, 'C'],
  ['12 345,6', 12345.6, ''],
  ['12,345.6', 12345.6, ''],
  ['12.345,6', 12345.6, ''],
  ["1'250 m", 1250, 'm'],
  ['3.2 m', 3.2, 'm'],
  ['1/0', null, ''],
  ['.5', 0.5, ''],
  ['+3', 3, ''],
  ['–3', -3, ''],
  ['-1 1/2', -1.5, ''],
  ['3⁄4', 0.75, ''],
  ['2 ¾ kg', 2.75, 'kg'],
  ['⅛', 0.125, ''],
  ['10⁻³', 0.001, ''],
  ['10^(-3) m', 0.001, 'm'],
  ['2¹⁰', 1024, ''],
  ['-2²', -4, ''],
  ['0⁻¹', null, ''],
  ['3 m²', 3, 'm^2'],
  ['2 × 10⁻³', 0.002, ''],
  ['2·10^3', 2000, ''],
  ['2*10^(-3)', 0.002, ''],
  ['2E3', 2000, ''],
  ['1,234,567', 1234567, ''],
  ['1.234.567,8', 1234567.8, ''],
  ['1,250', 1.25, ''],
  ['1.250', 1.25, ''],
  ['12 345 678', 12345678, ''],
  ['1 23', null, ''],
  ['50%', 0.5, '%'],
  ['50 % of it', 50, '% of it'],
  ['1/2 m', 0.5, 'm'],
  ['1.5/2', 0.75, ''],
  ['3 m/s', 3, 'm/s'],
  ['1/2/3', null, ''],
  ['1.2.3', null, ''],
  ['m 3', null, ''],
  ['three', null, ''],
  ['', null, ''],
])('“%s” is %s', (text, value, unit) => {
  const read = readNumber(text)
  expect(read?.value ?? null).toBe(value)
  expect(read?.unit ?? '').toBe(unit)
})

test.each<[string, number]>([
  ['3.20', 3],
  ['0.05', 1],
  ['1200', 2],
  ['1200.0', 5],
  ['0', 0],
  ['007', 1],
  ['1010', 3],
  ['1.50e3', 3],
  ['3,20', 3],
])('“%s” has %s significant figures', (text, figures) => {
  expect(readNumber(text)?.figures).toBe(figures)
})

describe('a number with its unit', () => {
  test.each<[string, Partial<NumericItem>, string, number]>([
    ['without a unit', {}, '3.25', 1],
    ['with the unit', {}, '3,25 m', 1],
    ['with another unit', {}, '3.25 ft', 0],
    ['at the end of the band', {}, '3.3', 1],
    ['beyond it', {}, '3.31', 0],
    ['the unit must be typed, and is not', { unitRule: 'required' }, '3.2', 0],
    ['the unit must be typed, and is', { unitRule: 'required' }, '3.2m', 1],
    ['another unit, converted', { conversions: [{ unit: 'cm', factor: 0.01 }] }, '320 cm', 1],
    ['figures that are asked for', { figures: 2 }, '3.2', 1],
    ['more figures than asked for', { figures: 2 }, '3.20', 0],
    [
      'a band that earns a part',
      {
        key: [
          { value: 3.2, tolerance: 0.1 },
          { min: 3, max: 4, credit: 0.5 },
        ],
      },
      '3.8',
      0.5,
    ],
    ['a percentage where percent are asked for', { unit: '%', key: [{ value: 50, tolerance: 0 }] }, '50 %', 1],
  ])('%s', (_name, part, text, share) => {
    expect(shareEarned({ ...depth, ...part }, { kind: 'text', text })).toBe(share)
  })
})

describe('what counts as the same', () => {
  const rules = { letterCase: 'ignore', accents: 'respect' } as const

  test.each<[string, string, object, boolean]>([
    ['½', '0.5', { numbers: 'value' }, true],
    ['50 %', '0.5', { numbers: 'value' }, true],
    ['0,50', '0.5', { numbers: 'value' }, true],
    ['½', '0.5', {}, false],
    ['−3, 4', '4, −3', { listOrder: 'any' }, true],
    ['−3, 4', '4, −3', {}, false],
    ['ebb and flood', 'flood, ebb', { listOrder: 'any' }, true],
    ['bow-line.', 'bow line', { punctuation: 'ignore' }, true],
    ['bow-line.', 'bow line', {}, false],
    ['bowline knot', 'bowline*', { pattern: 'star' }, true],
    ['a running bowline', '*bowline', { pattern: 'star' }, true],
    ['a running bowline knot', '*running*knot', { pattern: 'star' }, true],
    ['bowlin', 'bowline*', { pattern: 'star' }, false],
    ['aba', 'ab*ba', { pattern: 'star' }, false],
    ['bowline knot', 'bowline*', {}, false],
    ['bowlien', 'bowline', { misspelt: 1 }, true],
    ['bowlne', 'bowline', { misspelt: 1 }, true],
    ['bolwne', 'bowline', { misspelt: 1 }, false],
    ['ebc', 'ebb', { misspelt: 1 }, false],
    ['1923', '1932', { misspelt: 1 }, false],
  ])('“%s” for “%s” with %j: %s', (typed, accepted, more, same) => {
    expect(isSameText(typed, accepted, { ...rules, ...more })).toBe(same)
  })
})
