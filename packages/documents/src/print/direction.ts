import { createRequire } from 'node:module'

// Its types are those of an ES module, and what Node.js loads is not one.
const bidi = (createRequire(import.meta.url)('bidi-js') as () => Bidi)()

interface Bidi {
  getEmbeddingLevels: (text: string, base: Base) => { readonly levels: Uint8Array }
  getMirroredCharacter: (sign: string) => string | null
}

/** Letters of the scripts that are written from right to left. */
const RTL = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}]/u

export type Base = 'ltr' | 'rtl'

/** The direction of a paragraph by its first letter (Unicode Standard Annex #9, rules P2 and P3). */
export function baseOf(text: string): Base {
  const [first = ''] = /\p{L}/u.exec(text) ?? []
  return RTL.test(first) ? 'rtl' : 'ltr'
}

export function hasRtl(text: string): boolean {
  return RTL.test(text)
}

/**
 * Runs of a paragraph parted where the direction changes, so that each is of one direction. A font turns letters from
 * right to left round by itself, with the signs among them; signs without such letters are a run each, so that they
 * are put in their order with the words of the line. Brackets face the other way there (rule L4).
 */
export function directedRuns<T extends { readonly text: string }>(runs: readonly T[], base: Base): T[] {
  const whole = runs.map((run) => run.text).join('')
  const { levels } = bidi.getEmbeddingLevels(whole, base)
  const parted: T[] = []
  let at = 0
  for (const run of runs) {
    for (let from = 0; from < run.text.length;) {
      const level = levels[at + from] ?? 0
      let to = from + 1
      while (to < run.text.length && levels[at + to] === level) to++
      const text = run.text.slice(from, to)
      if (level % 2) parted.push(...turned(text).map((piece) => ({ ...run, text: piece })))
      else parted.push({ ...run, text })
      from = to
    }
    at += run.text.length
  }
  return parted
}

function turned(text: string): string[] {
  const signs = [...text].map((sign) => bidi.getMirroredCharacter(sign) ?? sign)
  return RTL.test(text) ? [signs.join('')] : signs
}

/** Places of the pieces of a line in the order in which they are seen, from left to right (rule L2). */
export function seenOrder(pieces: readonly string[], base: Base): number[] {
  const { levels } = bidi.getEmbeddingLevels(pieces.join(''), base)
  let at = 0
  const own = pieces.map((piece) => {
    const from = at
    at += piece.length
    const first = from + Math.max(0, piece.search(/\S/))
    return levels[first] ?? (base === 'rtl' ? 1 : 0)
  })
  const order = pieces.map((_piece, index) => index)
  for (let level = Math.max(0, ...own); level > 0; level--)
    for (let from = 0; from < order.length; from++) {
      let to = from
      while (to < order.length && (own[order[to] ?? 0] ?? 0) >= level) to++
      if (to > from) order.splice(from, to - from, ...order.slice(from, to).reverse())
      from = Math.max(from, to)
    }
  return order
}
