/** Pixels of a PNG (ISO/IEC 15948, 11.2.2, IHDR) or JPEG (ITU-T T.81, B.2.2, frame header); null for anything else. */
export function imageSize(bytes: Uint8Array): { readonly width: number; readonly height: number } | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  if (bytes.length > 24 && bytes[0] === 0x89 && bytes[1] === 0x50)
    return { width: view.getUint32(16), height: view.getUint32(20) }
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8) return null
  for (let at = 2; at + 9 < bytes.length;) {
    if (bytes[at] !== 0xff) return null
    const marker = bytes[at + 1] ?? 0
    const isFrame = marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc
    if (isFrame) return { width: view.getUint16(at + 7), height: view.getUint16(at + 5) }
    at += 2 + view.getUint16(at + 2)
  }
  return null
}
