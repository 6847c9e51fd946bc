/** Superscripts and subscripts that Unicode has (Unicode 15.1, blocks 2070–209F and Latin-1 Supplement). */
const SUPERSCRIPTS: Readonly<Record<string, string>> = Object.fromEntries(
  [...'0123456789+-=()ni'].map((plain, index) => [plain, [...'⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻⁼⁽⁾ⁿⁱ'][index]!]),
)
const SUBSCRIPTS: Readonly<Record<string, string>> = Object.fromEntries(
  [...'0123456789+-=()aeox'].map((plain, index) => [plain, [...'₀₁₂₃₄₅₆₇₈₉₊₋₌₍₎ₐₑₒₓ'][index]!]),
)

/** `10` raised `23` as `²³`, else `^(…)`: the form of the plain-text projection. */
export function toSuperscript(text: string): string {
  return convert(text, SUPERSCRIPTS) ?? `^(${text})`
}

/** As `toSuperscript`, lowered: `₂`, else `_(…)`. */
export function toSubscript(text: string): string {
  return convert(text, SUBSCRIPTS) ?? `_(${text})`
}

function convert(text: string, table: Readonly<Record<string, string>>): string | null {
  let out = ''
  for (const character of text.replaceAll('−', '-')) {
    const found = table[character]
    if (found === undefined) return null
    out += found
  }
  return out
}
