const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹'

/** Hyphens, dashes and minus signs (Unicode Standard 15.0, table 6-3), and the small and full-width forms. */
export const DASHES = /[\u2010-\u2015\u2212\ufe58\ufe63\uff0d]/g

/**
 * A typed number in plain characters: figures of every script as 0 to 9, one minus, one blank, raised figures behind `^`,
 * fractions with `/`, `%` for its words, and nothing that is not seen.
 */
export function asPlainCharacters(text: string): string {
  return (
    text
      .replace(/\p{Cf}/gu, '')
      .replace(/[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/g, (raised) => `^${plainRaised(raised)}`)
      .replace(/⁻/g, '-')
      .replace(/[º˚]/g, '°')
      // Taken apart by compatibility, "1½" would be eleven halves.
      .replace(/(?<=\d)\s*(?=[¼-¾⅐-⅞])/g, ' ')
      .normalize('NFKC')
      .replace(/\p{Nd}/gu, asFigure)
      .replace(DASHES, '-')
      .replace(/[\u2044\u2215]/g, '/')
      .replace(/\u066b/g, '.')
      .replace(/\u066c(?=\d{3}(?!\d))/g, '')
      .replace(/[’‘ʼ`]/g, "'")
      .replace(/\\times|\\cdot/g, '×')
      .replace(/\*\*/g, '^')
      .replace(/\^\s?\{\s?([+-]?\d{1,3})\s?\}/g, '^$1')
      .replace(/٪/g, '%')
      .replace(/(?<=\d\s?)(?:per\s?cent|pct)\.?$/i, '%')
      .replace(/\s+/g, ' ')
      .trim()
  )
}

function plainRaised(raised: string): string {
  return [...raised].map((one) => (one === '⁻' ? '-' : one === '⁺' ? '' : SUPERSCRIPTS.indexOf(one))).join('')
}

/** Decimal digits stand in rows of ten, from nought to nine (Unicode Standard 15.0, section 4.6). */
function asFigure(digit: string): string {
  const code = digit.codePointAt(0) ?? 0
  if (code < 0x80) return digit
  let before = 0
  while (before < 10 && /\p{Nd}/u.test(String.fromCodePoint(code - before - 1))) before++
  return String(before % 10)
}
