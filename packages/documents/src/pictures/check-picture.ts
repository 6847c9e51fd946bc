import { imageSize } from 'image-size'
import type { Sharp } from 'sharp'
import { PackageError } from '../common/zip.ts'

/** Kinds of picture that are kept, by the media type that they are served with. */
const TYPES: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
}

export const PICTURE_LIMITS = {
  /** Pixels of a picture that is taken in at all; a telephone takes pictures of 12 to 50 million. */
  mostPixels: 64_000_000,
  /** Pixels of the longer side: a sheet of A4 at 220 dots to the inch. Larger pictures are made smaller. */
  longestSide: 2600,
} as const

export interface CheckedPicture {
  /** Media type. */
  readonly type: string
  readonly bytes: Uint8Array
  readonly width: number
  readonly height: number
}

/** What the head of a picture says of it; nothing is decoded. Null for what is no PNG, JPEG, GIF or WebP. */
export function pictureHead(bytes: Uint8Array): Omit<CheckedPicture, 'bytes'> | null {
  try {
    // A copy: of a part of a buffer, the package would read on behind its end.
    const { type, width, height } = imageSize(bytes.slice())
    const known = TYPES[type ?? '']
    return known === undefined ? null : { type: known, width, height }
  } catch {
    return null
  }
}

/**
 * A picture that can be shown and printed: decoded once, and made smaller where it has more pixels than print needs. One
 * that is fine as it is comes back byte by byte.
 *
 * @param as `png` also turns what print does not take (GIF, WebP) into a PNG of its first frame.
 * @throws PackageError where it is no picture, has too many pixels, or cannot be decoded.
 */
export async function checkPicture(bytes: Uint8Array, as: 'is' | 'png' = 'is'): Promise<CheckedPicture> {
  const head = pictureHead(bytes)
  if (!head) throw new PackageError('This is no PNG, JPEG, GIF or WebP picture.')
  const { type, width, height } = head
  if (width * height > PICTURE_LIMITS.mostPixels)
    throw new PackageError(
      `The picture has ${width.toLocaleString('en')} × ${height.toLocaleString('en')} pixels; at most ${PICTURE_LIMITS.mostPixels / 1e6} million are taken in. Save it smaller.`,
    )
  const turned = as === 'png' && (type === 'image/gif' || type === 'image/webp')
  const isLarge = Math.max(width, height) > PICTURE_LIMITS.longestSide
  try {
    const picture = await opened(bytes)
    if (isLarge || turned) return await redrawn(picture, turned ? 'image/png' : type)
    // Decoded in stripes and thrown away: it costs no memory, and a broken picture is found.
    await picture.resize(8, 8, { fit: 'fill' }).raw().toBuffer()
    return { ...head, bytes }
  } catch {
    throw new PackageError('The picture is broken and cannot be shown.')
  }
}

/** Loaded when the first picture comes: it is large. One picture at a time has one thread, and nothing is kept. */
async function opened(bytes: Uint8Array): Promise<Sharp> {
  const { default: sharp } = await import('sharp')
  sharp.concurrency(1)
  sharp.cache(false)
  return sharp(bytes, { limitInputPixels: PICTURE_LIMITS.mostPixels, failOn: 'error', sequentialRead: true })
}

async function redrawn(picture: Sharp, type: string): Promise<CheckedPicture> {
  const side = PICTURE_LIMITS.longestSide
  const { data, info } = await picture
    .rotate()
    .resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true })
    .toFormat(type === 'image/jpeg' ? 'jpeg' : type === 'image/webp' ? 'webp' : type === 'image/gif' ? 'gif' : 'png')
    .toBuffer({ resolveWithObject: true })
  return { type, bytes: new Uint8Array(data), width: info.width, height: info.height }
}
