/** How an XML document says at its start in which encoding it is; the declaration itself is in ASCII. */
const DECLARED = /^\s*<\?xml[^>]*?\sencoding\s*=\s*["']([\w.:-]+)["']/
const LONGEST_DECLARATION = 200

/**
 * The text of an XML document in the encoding that it has: by its byte order mark, by the zero bytes of its first
 * sign, by its declaration (XML 1.0, appendix F), else UTF-8. Bytes that are no UTF-8, although they should be, are
 * read as Windows-1252, so that no letter is lost.
 */
export function decodeXml(bytes: Uint8Array): string {
  const wide = wideEncoding(bytes)
  if (wide) return new TextDecoder(wide).decode(bytes)
  const declared = DECLARED.exec(latin(bytes.subarray(0, LONGEST_DECLARATION)))?.[1]?.toLowerCase()
  // A document that says UTF-16 and has a byte for each sign was converted without its declaration.
  if (!declared || declared.startsWith('utf')) return decodeNarrow(bytes)
  const decoder = LATIN.test(declared) ? null : decoderFor(declared)
  return decoder ? decoder.decode(bytes) : LATIN.test(declared) ? decodeWindows(bytes) : decodeNarrow(bytes)
}

/** What is called Latin 1 is read as Windows-1252, which differs only where Latin 1 has no signs (Encoding standard, 4.2). */
const LATIN = /^(?:iso-?8859-1|latin-?1|l1|windows-1252|cp-?1252|us-ascii|ascii)$/

/** UTF-8, or Windows-1252 where it is none. */
export function decodeNarrow(bytes: Uint8Array): string {
  try {
    return strict.decode(bytes)
  } catch {
    return decodeWindows(bytes)
  }
}

/** 0x80 to 0x9F of Windows-1252 (index-windows-1252 of the Encoding standard); some decoders leave them as controls. */
const WINDOWS_SIGNS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008DŽ\u008F\u0090‘’“”•–—˜™š›œ\u009DžŸ'

/** Windows-1252, whatever the platform's own decoder does with its signs. */
export function decodeWindows(bytes: Uint8Array): string {
  return new TextDecoder('windows-1252')
    .decode(bytes)
    .replace(/[\u0080-\u009f]/g, (sign) => WINDOWS_SIGNS.charAt(sign.charCodeAt(0) - 0x80))
}

const strict = new TextDecoder('utf-8', { fatal: true })
const SAMPLED = 512
/** Shorter ones are no document. */
const SHORTEST = 16

/** UTF-16 by its byte order mark, or since every other byte of it is zero; null: a byte or more for each sign. */
export function wideEncoding(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  const zeros = [0, 0] as [number, number]
  const end = Math.min(bytes.length & ~1, SAMPLED)
  for (let at = 0; at < end; at++) if (bytes[at] === 0) zeros[(at & 1) as 0 | 1]++
  const [even, odd] = zeros
  if (end < SHORTEST || even + odd < end / 4) return null
  return even > odd * 4 ? 'utf-16be' : odd > even * 4 ? 'utf-16le' : null
}

function latin(bytes: Uint8Array): string {
  return String.fromCharCode(...bytes)
}

function decoderFor(label: string): TextDecoder | null {
  try {
    return new TextDecoder(label)
  } catch {
    return null
  }
}
