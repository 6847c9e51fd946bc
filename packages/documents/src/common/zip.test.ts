import { strToU8, zipSync } from 'fflate'
import { PackageError, packZip, unpackZip, ZIP_LIMITS } from './zip.ts'

const files = [
  { path: 'imsmanifest.xml', bytes: strToU8('<manifest/>') },
  { path: 'items/a.xml', bytes: strToU8('<a/>'.repeat(500)) },
]

test('what is packed comes out again, and equal files give equal bytes', () => {
  const packed = packZip(files)
  expect(unpackZip(packed).map((file) => [file.path, Buffer.from(file.bytes).toString()])).toEqual(
    files.map((file) => [file.path, Buffer.from(file.bytes).toString()]),
  )
  expect(Buffer.from(packZip(files)).equals(Buffer.from(packed))).toBe(true)
})

test.each<[string, Uint8Array]>([
  ['no zip at all', strToU8('hello')],
  ['a path outside the package', zipSync({ '../evil.xml': strToU8('x') })],
  ['an absolute path', zipSync({ '/etc/passwd': strToU8('x') })],
  ['half a package', packZip(files).slice(0, 90)],
])('%s is one clear error', (_name, bytes) => {
  expect(() => unpackZip(bytes)).toThrow(PackageError)
})

test('a small package that unpacks to more than the limit is refused while it unpacks', () => {
  const bomb = zipSync({ 'big.xml': new Uint8Array(3_000_000) })
  expect(bomb.length).toBeLessThan(10_000)
  expect(() => unpackZip(bomb, { ...ZIP_LIMITS, maxFileBytes: 1_000_000 })).toThrow(/too large/)
  expect(() => unpackZip(bomb, { ...ZIP_LIMITS, maxTotalBytes: 1_000_000 })).toThrow(/too large/)
})

test('more files than the limit are refused', () => {
  expect(() => unpackZip(packZip(files), { ...ZIP_LIMITS, maxFiles: 1 })).toThrow(/more than 1 files/)
})
