import fc from 'fast-check'
import { anyItem } from '../testing/arbitraries.ts'
import { checkItem } from './check.ts'
import { fingerprint } from './fingerprint.ts'

const ITEM = {
  kind: 'single',
  stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Which?' }] }],
  points: 1,
  tags: [],
  shuffle: true,
  key: ['a'],
  options: ['a', 'b'].map((id) => ({ id, content: [{ type: 'paragraph', content: [{ type: 'text', text: id }] }] })),
}

test('every generated item is well formed', () => {
  fc.assert(fc.property(anyItem, (item) => expect(checkItem(item)).toEqual([])))
})

test.each<[string, unknown, string]>([
  ['no object', 7, '$'],
  ['unknown kind', { ...ITEM, kind: 'riddle' }, '$.kind'],
  ['negative points', { ...ITEM, points: -1 }, '$.points'],
  ['points that are no number', { ...ITEM, points: NaN }, '$.points'],
  ['empty stem', { ...ITEM, stem: [] }, '$.stem'],
  ['key that is not there', { ...ITEM, key: ['z'] }, '$.key'],
  ['one option', { ...ITEM, options: ITEM.options.slice(0, 1) }, '$.options'],
  ['equal ids', { ...ITEM, options: [ITEM.options[0], ITEM.options[0]] }, '$.options'],
  ['a script in the text', { ...ITEM, stem: [{ type: 'script', text: 'x' }] }, '$.stem[0].type'],
  [
    'an unknown style',
    { ...ITEM, stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'x', styles: ['blink'] }] }] },
    '$.stem[0].content[0].styles[0]',
  ],
])('%s is refused at its place', (_name, value, path) => {
  expect(checkItem(value).map((problem) => problem.path)).toContain(path)
})

test('any JSON at all is checked without an error', () => {
  fc.assert(fc.property(fc.jsonValue(), (value) => Array.isArray(checkItem(value))))
})

test('the fingerprint does not depend on the order of fields, and changes with the key', () => {
  const turned = Object.fromEntries(Object.entries(ITEM).reverse())
  expect(fingerprint(turned as never)).toBe(fingerprint(ITEM as never))
  expect(fingerprint({ ...ITEM, key: ['b'] } as never)).not.toBe(fingerprint(ITEM as never))
  expect(fingerprint({ ...ITEM, tags: ['new'] } as never)).toBe(fingerprint(ITEM as never))
})
