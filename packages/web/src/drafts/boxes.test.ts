import { draftOfBoxes, inOrder, nudged, readsWell, type DrawnBox } from './boxes'

jest.mock('./pdf-pages', () => ({}), { virtual: true })

const box = (id: string, more: Partial<DrawnBox> = {}): DrawnBox => ({
  id,
  page: 0,
  x: 10,
  y: 10,
  width: 100,
  height: 50,
  as: 'text',
  alt: '',
  shownWidth: 200,
  ...more,
})
const page = {
  width: 500,
  height: 700,
  texts: [{ text: 'Which light?', x: 20, y: 40, width: 60, size: 10, styles: [] }],
}

test.each([
  ['1. Which of these is a grain?', true],
  ['0 5 10 15 20 y x', false],
  ['F = m·a', false],
  ['', false],
])('“%s” reads well: %s', (text, expected) => expect(readsWell(text)).toBe(expected))

test('boxes come in reading order: pages, then rows, then from the left', () => {
  const boxes = [box('d', { page: 1 }), box('c', { y: 200 }), box('b', { x: 200, y: 14 }), box('a')]
  expect(inOrder(boxes).map((one) => one.id)).toEqual(['a', 'b', 'c', 'd'])
})

test('a box stays on its page, however it is moved or sized', () => {
  expect(nudged(box('a'), page, { x: -100, y: 9000 })).toMatchObject({ x: 0, y: 650 })
  expect(nudged(box('a'), page, { width: 9000, height: -500 })).toMatchObject({ width: 500, x: 0, height: 6 })
})

test('a draft of boxes: text as text, a picture by its kept name, alt text and width', () => {
  const { text } = draftOfBoxes(
    [box('b', { y: 300, as: 'picture', alt: 'a light [at night]' }), box('a')],
    new Map([[0, page]]),
    new Map([['b', 'asset-1']]),
  )
  expect(text).toBe('Which light?\n![a light  at night](asset:asset-1?width=200)\n')
})
