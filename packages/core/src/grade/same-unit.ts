/** Names and signs of one unit; which letters are capital counts, but for the litre. Common practice in marking. */
const SIGNS: readonly (readonly [RegExp, string])[] = [
  [/\bdeg(?:rees?)?\.?\s?(?=[CFcf]\b|$)/g, '°'],
  [/°\s?c\b/gi, '°C'],
  [/°\s?f\b/gi, '°F'],
  [/\bohms?\b/gi, 'Ω'],
  [/^l$/, 'L'],
]

/**
 * Whether two units are the same however they are written: `m/s²`, `m/s^2`, `m s⁻²`, `ms⁻²`, `m·s^-2`; `µm`, `μm`, `um`; `°C`,
 * `° c`, `deg C`.
 */
export function isSameUnit(a: string, b: string): boolean {
  const [left, right] = [plainUnit(a), plainUnit(b)]
  if (asProduct(left) === asProduct(right)) return true
  // Who has no µ on the keyboard types u; as a unit of its own it is another.
  return asProduct(left.replace(/^u(?=[A-Za-z])/, 'μ')) === asProduct(right.replace(/^u(?=[A-Za-z])/, 'μ'))
}

function plainUnit(unit: string): string {
  const raised = unit.replace(/[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/g, (one) => `^${one.replace('⁻', '-').normalize('NFKC')}`)
  const plain = raised
    .replace(/[º˚]/g, '°')
    .normalize('NFKC')
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/\^\{([+-]?\d+)\}/g, '^$1')
    .trim()
    .replace(/\.$/, '')
  return SIGNS.reduce((text, [pattern, sign]) => text.replace(pattern, sign), plain)
}

/** `m/s^2` as `ms^-2`: what stands under the stroke has its power turned, and signs between factors go. */
function asProduct(unit: string): string {
  return unit
    .split('/')
    .map((part, at) =>
      part.replace(/\s*([^\s·⋅∙×*.^\d-]+)\^?([+-]?\d+)?[\s·⋅∙×*.]*/g, (_whole, base: string, power?: string) => {
        const exponent = Number(power ?? 1) * (at ? -1 : 1)
        return exponent === 1 ? base : `${base}^${exponent}`
      }),
    )
    .join('')
}
