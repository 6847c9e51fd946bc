import { paragraph, type Content } from '../../content/model.ts'
import type { Item } from '../../item/model.ts'
import { FORMATS } from '../index.ts'
import { resolvedPath } from './read-pictures.ts'

const bytes = new Uint8Array([137, 80, 78, 71])
const shown = (asset: string): Content => [paragraph([{ type: 'picture', asset, alt: 'a red can' }])]
const item: Item = {
  kind: 'single',
  stem: [paragraph([{ type: 'text', text: 'Which is it?' }]), ...shown('buoy.png')],
  points: 1,
  tags: [],
  options: [
    { id: 'a', content: shown('buoy.png') },
    { id: 'b', content: shown('gone.png') },
  ],
  key: ['a'],
  shuffle: true,
}

test.each(['qti12', 'qti21', 'qti22', 'qti30'] as const)('%s brings its pictures back, and goes on with them', (id) => {
  const format = FORMATS[id]
  const settings = { title: 'Buoys', as: 'bank' } as const
  const once = format.read(format.write([item], { ...settings, assets: new Map([['buoy.png', bytes]]) }).data)
  expect([...(once.assets ?? [])]).toEqual([['media/1-buoy.png', bytes]])
  const twice = format.read(format.write(once.items, { ...settings, ...(once.assets && { assets: once.assets }) }).data)
  expect([...(twice.assets?.values() ?? [])]).toEqual([bytes])
  expect(JSON.stringify(twice.items)).toContain([...(twice.assets?.keys() ?? [])][0])
})

test.each([
  ['items/a.xml', '../media/b.png', 'media/b.png'],
  ['a.xml', 'b%20c.png', 'b c.png'],
  ['deep/a.xml', '/root.png', 'root.png'],
  ['deep/a.xml', '$BASE$/root.png', 'root.png'],
  ['a.xml', '../../../etc/passwd', 'etc/passwd'],
  ['a.xml', '50%.png', '50%.png'],
  ['deep/a.xml', './b.png', 'deep/b.png'],
  ['deep/a.xml', 'c//b.png', 'deep/c/b.png'],
  ['deep/a.xml', '%24BASE-2%24/root.png', 'root.png'],
])('from %s, %s is %s', (from, href, path) => expect(resolvedPath(from, href)).toBe(path))
