import type { Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { Item } from '../../item/model.ts'
import { FORMATS } from '../index.ts'
import { PicturePack } from './pictures.ts'
import { ratingOf } from './ratings.ts'
import { isTruth } from './truth.ts'

const p = (text: string): Content => [{ type: 'paragraph', content: [{ type: 'text', text }] }]
const single = (...texts: string[]): Item => ({
  kind: 'single',
  stem: p('Which?'),
  points: 1,
  tags: [],
  options: texts.map((text, at) => ({ id: `o${at}`, content: text ? p(text) : [] })),
  key: ['o0'],
  shuffle: true,
})

test.each<[string, string[], ReturnType<typeof ratingOf>]>([
  ['figures that count on', ['1', '2', '3'], { low: 1, high: 3 }],
  [
    'with words at the ends',
    ['1 – never', '2', '3', '4 – always'],
    { low: 1, high: 4, lowLabel: 'never', highLabel: 'always' },
  ],
  ['from nought', ['0', '1', '2'], { low: 0, high: 2 }],
  ['two of them', ['1', '2'], null],
  ['that leave one out', ['1', '2', '4'], null],
  ['words', ['red', 'green', 'blue'], null],
])('a rating by %s', (_what, texts, rating) => {
  expect(ratingOf(texts)).toEqual(rating)
})

test.each<[string[], boolean]>([
  [['True', 'False'], true],
  [['Falsch', 'Richtig'], true],
  [['Vrai', 'Faux'], true],
  [['T', 'F'], false],
  [['True', 'True'], false],
  [['True', 'False', 'Not given'], false],
])('%j is a statement to judge: %s', (texts, is) => {
  expect(isTruth(texts.map((text, at) => ({ id: String(at), content: p(text) })))).toBe(is)
})

test('a picture that is not at hand stands as its description, one at hand is packed', () => {
  const shows = (asset: string): Item => ({
    ...single('a', 'b'),
    stem: [{ type: 'paragraph', content: [{ type: 'picture', asset, alt: 'a ketch' }] }],
  })
  const pack = new PicturePack(new Map([['boat.png', new Uint8Array([1])]]), '')
  expect(plainText(pack.place(shows('none.png')).stem)).toBe('[a ketch]')
  expect(plainText(pack.place(shows('')).stem)).toBe('[a ketch]')
  expect(plainText(pack.place(shows('boat.png')).stem)).toContain('[image: a ketch]')
  expect(pack.files()).toHaveLength(1)
})

test.each(['gift', 'aiken', 'qti12', 'qti21', 'qti22', 'qti30'] as const)(
  '%s: what a reader must stumble over is not written, and said',
  (id) => {
    const { written, losses } = FORMATS[id].write([single('x', 'x'), single('x', ''), single('x', 'y')], {
      title: 'T',
      as: 'bank',
    })
    expect(written).toEqual([2])
    expect(losses.map((loss) => loss.feature)).toEqual(expect.arrayContaining(['equal-options', 'empty-part']))
  },
)

test('QTI 1.2: where nothing is scored there is no processing without a condition', () => {
  const plain = { stem: p('Why?'), tags: [] }
  const items: Item[] = [
    { ...plain, kind: 'essay', points: 3 },
    { ...plain, kind: 'scale', points: 0, low: 1, high: 3 },
    { ...plain, kind: 'note', points: 0 },
  ]
  const { data } = FORMATS.qti12.write(items, { title: 'T', as: 'bank' })
  const texts = data.form === 'package' ? data.files.map((file) => new TextDecoder().decode(file.bytes)).join('') : ''
  expect(texts).toContain('<other/>')
  expect(texts).not.toMatch(/<\/outcomes>\s*<\/resprocessing>/)
  expect(FORMATS.qti12.read(data).items.map((item) => item.points)).toEqual([3, 0, 0])
})
