import { baseOf, directedRuns, hasRtl, seenOrder } from './direction.ts'
import { pictureHead } from '../pictures/check-picture.ts'

// Unicode Standard Annex #9: P2 and P3 (the direction of a paragraph), L2 (order), L4 (brackets).
describe('lines that go both ways', () => {
  test('a paragraph goes the way of its first letter', () => {
    expect(baseOf('Which?')).toBe('ltr')
    expect(baseOf('12) שלום world')).toBe('rtl')
    expect(baseOf('123 –')).toBe('ltr')
    expect(hasRtl('see مد')).toBe(true)
    expect(hasRtl('see β')).toBe(false)
  })
  test('runs are parted where the direction changes, and keep their dress', () => {
    const runs = directedRuns([{ text: 'car מכונית car', bold: true }], 'ltr')
    expect(runs.map((run) => run.text)).toEqual(['car ', 'מכונית', ' car'])
    expect(runs.every((run) => run.bold)).toBe(true)
  })
  test('brackets face the other way among words from right to left', () => {
    expect(
      directedRuns([{ text: '(שלום)' }], 'rtl')
        .map((run) => run.text)
        .join(''),
    ).toContain(')')
  })
  test('pieces of a line in the order in which they are seen', () => {
    expect(seenOrder(['one ', 'two ', 'three'], 'ltr')).toEqual([0, 1, 2])
    expect(seenOrder(['שלום ', 'עולם'], 'rtl')).toEqual([1, 0])
    // A figure in a line from right to left stays as it is, and in its place.
    expect(seenOrder(['שנת ', '2026 ', 'טובה'], 'rtl')).toEqual([2, 1, 0])
    expect(seenOrder(['the ', 'שלום ', 'עולם ', 'end'], 'ltr')).toEqual([0, 2, 1, 3])
  })
})

describe('the size of a picture', () => {
  // ISO/IEC 15948, section 11.2.2: width and height follow the type of the first chunk.
  const png = (width: number, height: number): Uint8Array => {
    const bytes = new Uint8Array(33)
    bytes.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52])
    new DataView(bytes.buffer).setUint32(16, width)
    new DataView(bytes.buffer).setUint32(20, height)
    return bytes
  }
  test('of a PNG', () => expect(pictureHead(png(640, 480))).toEqual({ type: 'image/png', width: 640, height: 480 }))
  test('of a part of a larger buffer', () => {
    const inside = new Uint8Array(100)
    inside.set(png(3, 5), 40)
    expect(pictureHead(inside.subarray(40, 73))).toEqual({ type: 'image/png', width: 3, height: 5 })
  })
  // ITU-T T.81, annex B: segments are skipped by their length up to the frame header; tables are none.
  test('of a JPEG, behind its other segments', () => {
    const app = [0xff, 0xe0, 0, 4, 0, 0]
    const huffman = [0xff, 0xc4, 0, 3, 0]
    const frame = [0xff, 0xc2, 0, 17, 8, 0x01, 0x2c, 0x02, 0x58, 3, 0, 0]
    expect(pictureHead(Uint8Array.from([0xff, 0xd8, ...app, ...huffman, ...frame]))).toEqual({
      type: 'image/jpeg',
      width: 600,
      height: 300,
    })
  })
  test('of what is neither, or breaks off: not known', () => {
    for (const bytes of [[], [0x47, 0x49, 0x46], [0xff, 0xd8, 0xff], [0xff, 0xd8, 0x00, 0x00, 0, 0, 0, 0, 0, 0, 0, 0]])
      expect(pictureHead(Uint8Array.from(bytes))).toBeNull()
    expect(pictureHead(png(1, 1).subarray(0, 20))).toBeNull()
  })
})
