import sharp from 'sharp'
import { PackageError } from '../common/zip.ts'
import { checkPicture, pictureHead, PICTURE_LIMITS } from './check-picture.ts'
import { printablePictures } from './printable.ts'

const drawn = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#8e2f4b' } })
const bytesOf = async (picture: sharp.Sharp): Promise<Uint8Array> => new Uint8Array(await picture.toBuffer())

/** A PNG that only says that it is so large (ISO 15948, 11.2.2: IHDR). */
async function claiming(width: number, height: number): Promise<Uint8Array> {
  const bytes = Buffer.from(await bytesOf(drawn(2, 2).png()))
  bytes.writeUInt32BE(width, 16)
  bytes.writeUInt32BE(height, 20)
  return new Uint8Array(bytes)
}

test.each(['png', 'jpeg', 'gif', 'webp'] as const)('a small %s stays as it is', async (format) => {
  const bytes = await bytesOf(drawn(40, 30).toFormat(format))
  expect(await checkPicture(bytes)).toEqual({ type: `image/${format}`, bytes, width: 40, height: 30 })
})

test('one of more pixels than print needs is made smaller, in its shape', async () => {
  const bytes = await bytesOf(drawn(5200, 2600).png())
  const { type, width, height, bytes: smaller } = await checkPicture(bytes)
  expect([type, width, height]).toEqual(['image/png', PICTURE_LIMITS.longestSide, PICTURE_LIMITS.longestSide / 2])
  expect(pictureHead(smaller)).toEqual({ type: 'image/png', width, height })
})

test.each<[string, () => Promise<Uint8Array>, RegExp]>([
  ['no picture', () => Promise.resolve(new TextEncoder().encode('hello')), /no PNG/],
  ['nothing', () => Promise.resolve(new Uint8Array()), /no PNG/],
  ['a picture of 400 million pixels', () => claiming(20_000, 20_000), /20,000 × 20,000 pixels/],
  ['one that is said to be larger than its data', () => claiming(3000, 3000), /broken/],
  ['one that is cut off', async () => (await bytesOf(drawn(600, 600).jpeg())).slice(0, 400), /broken/],
])('%s is refused', async (_name, make, says) => {
  const refused = checkPicture(await make())
  await expect(refused).rejects.toThrow(says)
  await expect(refused).rejects.toBeInstanceOf(PackageError)
})

test('for print, what it does not take is turned, and what is broken is left out', async () => {
  const printable = await printablePictures(
    new Map([
      ['shown', await bytesOf(drawn(20, 20).png())],
      ['turned', await bytesOf(drawn(20, 20).gif())],
      ['broken', (await bytesOf(drawn(600, 600).png())).slice(0, 200)],
    ]),
  )
  expect([...printable].map(([name, bytes]) => [name, pictureHead(bytes)?.type])).toEqual([
    ['shown', 'image/png'],
    ['turned', 'image/png'],
  ])
})
