import { decodeHTMLStrict } from 'entities/decode'

/** Text after a pass over its characters, with the source offset of each unit and of the end; null: unchanged. */
export interface CleanText {
  readonly text: string
  readonly map: readonly number[] | null
}

const INVISIBLE = /[\u00AD\u200B\u2060\uFEFF\u200E\u200F\u202A-\u202E\u2066-\u2069\u0000-\u0008]/
const LIGATURES: Readonly<Record<string, string>> = { ﬀ: 'ff', ﬁ: 'fi', ﬂ: 'fl', ﬃ: 'ffi', ﬄ: 'ffl', ﬅ: 'st', ﬆ: 'st' }
const CONTROL = /^[\u0000-\u001F\uFFFD]$/
const SPACES = /[\u00A0\u2000-\u200A\u202F\u205F]/

/** A character reference (WHATWG HTML, section 13.5): by number, or by one of the names of its table. */
const ENTITY = /&(?:#\d{1,7}|#x[0-9a-f]{1,6}|[a-z][a-z0-9]{1,30});/iy

/** Windows-1252 code points 80–9F, as shown when UTF-8 bytes are read as that code page (WHATWG Encoding, index windows-1252). */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008DŽ\u008F\u0090‘’“”•–—˜™š›œ\u009Dž\u009F'
const MOJIBAKE =
  /[\u00C2-\u00F4][\u0080-\u00BF€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ\u0152\u0153\u0160\u0161\u017D\u017E\u0192\u02C6\u02DC]/
/** A digit in a key cap (Unicode emoji keycap sequence), the cap of ten, and a letter in a square or a filled circle. */
const CAP = /(?:[0-9]\uFE0F?\u20E3)+|\u{1F51F}|[\u{1F130}-\u{1F149}\u{1F150}-\u{1F169}\u{1F170}-\u{1F189}]\uFE0F?/uy
const CAPPED = '\\u20E3|\\uD83C[\\uDD30-\\uDD89]|\\uD83D\\uDD1F'
const NEEDS_WORK = new RegExp(
  `${INVISIBLE.source}|${SPACES.source}|\\u3000|[ﬀ-ﬆ]|&[#a-zA-Z]|${MOJIBAKE.source}|${CAPPED}`,
)

/** Repairs what copying did to single characters. Plain lines come back as they are, at the cost of one search. */
export function cleanCharacters(raw: string): CleanText {
  if (!NEEDS_WORK.test(raw)) return { text: raw, map: null }
  let text = ''
  const map: number[] = []
  const push = (piece: string, at: number): void => {
    for (let unit = 0; unit < piece.length; unit++) map.push(at)
    text += piece
  }
  for (let at = 0; at < raw.length;) {
    const found = replacementAt(raw, at)
    push(found.text, at)
    at += found.length
  }
  map.push(raw.length)
  return { text, map }
}

function replacementAt(raw: string, at: number): { readonly text: string; readonly length: number } {
  const character = raw.charAt(at)
  const cap = capAt(raw, at)
  if (cap) return cap
  if (INVISIBLE.test(character)) return { text: '', length: 1 }
  if (character === '\u3000') return { text: '  ', length: 1 }
  if (SPACES.test(character)) return { text: ' ', length: 1 }
  const ligature = LIGATURES[character]
  if (ligature) return { text: ligature, length: 1 }
  return (character === '&' ? entityAt(raw, at) : mojibakeAt(raw, at)) ?? { text: character, length: 1 }
}

/** A cap in front of a line is its label: a number gets its full stop, a letter its bracket. */
function capAt(raw: string, at: number): { text: string; length: number } | null {
  if (!/[0-9\uD83C\uD83D]/.test(raw.charAt(at))) return null
  CAP.lastIndex = at
  const [cap] = CAP.exec(raw) ?? []
  if (!cap) return null
  const digits = cap.replace(/\D/g, '')
  const code = cap.codePointAt(0) ?? 0
  const plain = digits || (code === 0x1f51f ? '10' : String.fromCharCode(65 + ((code - 0x1f130) % 32)))
  const isLabel = /^[\s*_#>-]*$/.test(raw.slice(0, at))
  const behind = raw.slice(at + cap.length)
  const end = !isLabel || /^\s*[).:]/.test(behind) ? '' : /\d/.test(plain) ? '.' : ')'
  return { text: `${plain}${end}${end && !/^\s/.test(behind) ? ' ' : ''}`, length: cap.length }
}

function entityAt(raw: string, at: number): { text: string; length: number } | null {
  ENTITY.lastIndex = at
  const [whole] = ENTITY.exec(raw) ?? []
  if (whole === undefined) return null
  const character = decodeHTMLStrict(whole)
  if (character === whole || CONTROL.test(character)) return null
  const text = SPACES.test(character) ? ' ' : INVISIBLE.test(character) ? '' : character
  return { text, length: whole.length }
}

/**
 * UTF-8 that was read as Windows-1252. Only results in the European, Greek, Cyrillic, Hebrew, Arabic and
 * punctuation blocks count, since "é »" would otherwise turn into an ideograph.
 */
function mojibakeAt(raw: string, at: number): { text: string; length: number } | null {
  const lead = raw.charCodeAt(at)
  const size = lead >= 0xc2 && lead <= 0xdf ? 2 : lead >= 0xe0 && lead <= 0xef ? 3 : 0
  if (!size) return null
  const bytes = [lead]
  for (let next = 1; next < size; next++) {
    const byte = byteOf(raw.charAt(at + next))
    if (byte < 0x80 || byte > 0xbf) return null
    bytes.push(byte)
  }
  const [first = 0, second = 0, third = 0] = bytes
  const code =
    size === 2 ? ((first & 31) << 6) | (second & 63) : ((first & 15) << 12) | ((second & 63) << 6) | (third & 63)
  // "×" before a no-break blank is a sign of its own; letters of other scripts come in words, so another pair must touch.
  if (code >= 0x250 && code < 0x700 && !isPair(raw, at - 2) && !isPair(raw, at + 2)) return null
  const plausible = code === 0xa0 || (code > 0xa0 && code < 0x700) || (code >= 0x2000 && code < 0x2c00)
  return plausible ? { text: code === 0xa0 ? ' ' : String.fromCharCode(code), length: size } : null
}

/** Two characters that together are one of two UTF-8 bytes. */
function isPair(raw: string, at: number): boolean {
  const lead = raw.charCodeAt(at)
  const next = byteOf(raw.charAt(at + 1))
  return lead >= 0xc2 && lead <= 0xdf && next >= 0x80 && next <= 0xbf
}

function byteOf(character: string): number {
  if (character === '') return 0
  const high = WINDOWS_1252.indexOf(character)
  return high >= 0 ? 0x80 + high : character.charCodeAt(0)
}
