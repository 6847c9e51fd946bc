export const MOST_PICTURE_BYTES = 5 * 1024 * 1024

/** By the first bytes: PNG (ISO 15948, 5.2), JPEG (ITU-T T.81, B.1.1.3), GIF89a section 17, WebP (RFC 9649, 2.4). */
export function pictureType(bytes: Buffer): string | null {
  const start = bytes.subarray(0, 12).toString('latin1')
  if (start.startsWith('\u0089PNG\r\n')) return 'image/png'
  if (start.startsWith('\u00ff\u00d8\u00ff')) return 'image/jpeg'
  if (/^GIF8[79]a/.test(start)) return 'image/gif'
  return start.startsWith('RIFF') && start.endsWith('WEBP') ? 'image/webp' : null
}
