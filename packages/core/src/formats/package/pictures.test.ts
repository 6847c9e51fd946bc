import { contentOf, paragraph, type Content } from '../../content/model.ts'
import type { Item } from '../../item/model.ts'
import { PLAIN } from '../../testing/every-kind.ts'
import { PicturePack } from './pictures.ts'
import { PackedPictures } from './read-pictures.ts'

const shown = (asset: string, alt = 'A knot'): Content => [
  paragraph([
    { type: 'text', text: 'See ' },
    { type: 'picture', asset, alt },
  ]),
]
const withPicture = (asset: string, alt?: string): Item => ({ ...PLAIN.single, stem: shown(asset, alt) })
const bytes = Uint8Array.of(1, 2, 3)
const stemOf = (item: Item): unknown => JSON.parse(JSON.stringify(item.stem))

describe('pictures on their way into a package', () => {
  test('are named by where they lie, each once, whatever they were called', () => {
    const pack = new PicturePack(
      new Map([
        ['a/my knot.png', bytes],
        ['b:knot.png', bytes],
      ]),
      '../',
    )
    const used = new Set<string>()
    const [first, second, again] = ['a/my knot.png', 'b:knot.png', 'a/my knot.png'].map((name) =>
      pack.place(withPicture(name), used),
    )
    expect(stemOf(first!)).toEqual(shown('../media/1-my-knot.png'))
    expect(stemOf(second!)).toEqual(shown('../media/2-knot.png'))
    expect(stemOf(again!)).toEqual(stemOf(first!))
    expect([...used]).toEqual(['media/1-my-knot.png', 'media/2-knot.png'])
    expect(pack.files()).toEqual([
      { path: 'media/1-my-knot.png', bytes },
      { path: 'media/2-knot.png', bytes },
    ])
  })
  test('one that is not at hand stands as its description', () => {
    const pack = new PicturePack(new Map(), '')
    expect(JSON.stringify(pack.place(withPicture('knot.png')).stem)).toContain('"[A knot]"')
    expect(JSON.stringify(pack.place(withPicture('knot.png', '')).stem)).toContain('"[picture]"')
    expect(pack.files()).toEqual([])
  })
  test('where no pictures are handed over, names stay; one without a name is a description', () => {
    const pack = new PicturePack(undefined, '../')
    expect(stemOf(pack.place(withPicture('knot.png')))).toEqual(shown('knot.png'))
    expect(JSON.stringify(pack.place(withPicture('')).stem)).toContain('"[A knot]"')
  })
  test('an item without any is the same', () => {
    const item: Item = { ...PLAIN.single, feedback: contentOf('No.') }
    expect(new PicturePack(new Map([['knot.png', bytes]]), '').place(item)).toEqual(item)
  })
  test('a name of signs alone is a picture', () => {
    const pack = new PicturePack(new Map([['a/', bytes]]), '')
    expect(stemOf(pack.place(withPicture('a/')))).toEqual(shown('media/1-picture'))
  })
})

describe('pictures of a package', () => {
  const files = [
    { path: 'media/knot.png', bytes },
    { path: 'items/one.xml', bytes },
  ]
  test('are found from where the item stands, and named by their whole path', () => {
    const packed = new PackedPictures(files)
    expect(stemOf(packed.take(withPicture('../media/knot.png'), 'items/one.xml'))).toEqual(shown('media/knot.png'))
    expect(packed.assets()).toEqual(new Map([['media/knot.png', bytes]]))
  })
  test('what is not there keeps its name', () => {
    const packed = new PackedPictures(files)
    const item = withPicture('../media/bend.png')
    expect(packed.take(item, 'items/one.xml')).toBe(item)
    expect(packed.take(withPicture('one.xml'), 'items/two.xml').stem).toEqual(shown('one.xml'))
    expect(packed.assets()).toBeUndefined()
  })
  test('a package of nothing but items has none', () => {
    const item = withPicture('knot.png')
    expect(new PackedPictures(files.slice(1)).take(item, 'one.xml')).toBe(item)
  })
})
