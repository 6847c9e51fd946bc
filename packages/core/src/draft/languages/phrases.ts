const LETTER = /[\p{L}\p{N}]/u
/** What may stand before the first word of a line: blanks, quotation marks, emphasis. */
const BEFORE_TEXT = /^[\s¿¡"“„«*>(]*/
const INDEXED = 2

/**
 * Finds phrases of many languages in a text, whatever their case and the blanks in them. A pattern of a thousand
 * alternatives takes longer to compile than a page takes to read; phrases by their first letters need nothing.
 */
export class Phrases {
  readonly #byStart = new Map<string, string[]>()

  /** @param phrases lower case, a single blank between words, two letters or more each */
  constructor(phrases: readonly string[]) {
    for (const phrase of phrases) {
      const start = phrase.slice(0, INDEXED)
      const beside = this.#byStart.get(start)
      if (beside) beside.push(phrase)
      else this.#byStart.set(start, [phrase])
    }
  }

  /** Whether one of the phrases begins at the start of a word; the word may go on behind it ("underlin|ed"). */
  beginIn(text: string): boolean {
    const plain = folded(text)
    for (let at = 0; at < plain.length; at++) if (this.#at(plain, at) && !isLetterBefore(plain, at)) return true
    return false
  }

  /** Whether a text opens with one of the phrases, whole. */
  open(text: string): boolean {
    const plain = folded(text)
    const from = BEFORE_TEXT.exec(plain)?.[0].length ?? 0
    const wholeAt = (at: number): boolean =>
      this.#startingLike(plain, at).some(
        (phrase) => plain.startsWith(phrase, at) && !LETTER.test(charAt(plain, at + phrase.length)),
      )
    for (let at = 0; at <= from; at++) if (wholeAt(at)) return true
    return false
  }

  #at(plain: string, at: number): boolean {
    return this.#startingLike(plain, at).some((phrase) => plain.startsWith(phrase, at))
  }

  #startingLike(plain: string, at: number): readonly string[] {
    return this.#byStart.get(plain.slice(at, at + INDEXED)) ?? []
  }
}

function folded(text: string): string {
  return text.toLowerCase().replace(/\s+/g, ' ')
}

function charAt(text: string, at: number): string {
  const code = text.codePointAt(at)
  return code === undefined ? '' : String.fromCodePoint(code)
}

function isLetterBefore(text: string, at: number): boolean {
  return at > 0 && LETTER.test(charAt(text, text.charCodeAt(at - 1) >>> 10 === 0x37 ? at - 2 : at - 1))
}
