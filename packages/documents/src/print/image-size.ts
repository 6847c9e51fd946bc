import { imageSize as sizeOf } from 'image-size'

const KNOWN = ['png', 'jpg']

/** Pixels of a PNG or JPEG; null for anything else, and for one that is cut off before it says them. */
export function imageSize(bytes: Uint8Array): { readonly width: number; readonly height: number } | null {
  try {
    // A copy: of a part of a buffer, the package would read on behind its end.
    const { type, width, height } = sizeOf(bytes.slice())
    return KNOWN.includes(type ?? '') ? { width, height } : null
  } catch {
    return null
  }
}
