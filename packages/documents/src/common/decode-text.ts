import { decodeNarrow, wideEncoding } from '@zakuska/core'
import { PackageError } from './zip.ts'

/** UTF-16 where every other byte says so, else UTF-8, else Windows-1252. @throws PackageError for bytes that are no text. */
export function decodeText(bytes: Uint8Array): string {
  const wide = wideEncoding(bytes)
  if (wide) return new TextDecoder(wide).decode(bytes)
  if (bytes.includes(0)) throw new PackageError('This file holds no text that can be read.')
  return decodeNarrow(bytes)
}
