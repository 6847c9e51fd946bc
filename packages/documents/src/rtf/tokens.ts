/** A piece of RTF 1.9.1: the start or end of a group, a control word or symbol, or text as bytes. */
export type RtfToken =
  | { readonly type: 'open' }
  | { readonly type: 'close' }
  | { readonly type: 'word'; readonly word: string; readonly value: number | null }
  | { readonly type: 'symbol'; readonly symbol: string }
  | { readonly type: 'byte'; readonly byte: number }

const WORD = /([a-z]{1,32})(-?\d{1,10})? ?/iy

/** Parts RTF into tokens. The file is 7-bit text; bytes above that are taken as they are. */
export function* rtfTokens(source: string): Generator<RtfToken> {
  for (let at = 0; at < source.length;) {
    const character = source.charAt(at)
    if (character === '{' || character === '}') {
      yield character === '{' ? { type: 'open' } : { type: 'close' }
      at++
    } else if (character === '\\') {
      WORD.lastIndex = at + 1
      const word = WORD.exec(source)
      if (word?.[1]) {
        const value = word[2] === undefined ? null : Number(word[2])
        at = WORD.lastIndex
        yield { type: 'word', word: word[1], value }
        if (word[1] === 'bin' && value !== null && value > 0) at += value
      } else if (source.charAt(at + 1) === "'") {
        const byte = Number.parseInt(source.slice(at + 2, at + 4), 16)
        if (!Number.isNaN(byte)) yield { type: 'byte', byte }
        at += 4
      } else {
        yield { type: 'symbol', symbol: source.charAt(at + 1) }
        at += 2
      }
    } else {
      if (character !== '\r' && character !== '\n') yield { type: 'byte', byte: source.charCodeAt(at) & 0xff }
      at++
    }
  }
}
