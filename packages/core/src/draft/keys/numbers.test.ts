import { readNumberKey } from './numbers.ts'

/** "3 ± 0.5 m", "3–4 m"; empty: no number. */
function said(text: string): string {
  const found = readNumberKey(text)
  if (!found) return ''
  const { key, unit } = found
  const value = 'value' in key ? `${key.value}${key.tolerance ? ` ± ${key.tolerance}` : ''}` : `${key.min}–${key.max}`
  return unit === null ? value : `${value} ${unit}`
}

// How numbers are written: digits in threes and decimal signs as in ISO 80000-1, 7.3 and in the usage of languages;
// the ways to say a tolerance or a range are common practice, without a published source.
test.each([
  ['7', '7'],
  ['0', '0'],
  ['0.5', '0.5'],
  ['.5', '0.5'],
  ['5,5', '5.5'],
  ['-3', '-3'],
  ['−3', '-3'],
  ['+3', '3'],
  ['-0,25', '-0.25'],
  ['  12  ', '12'],
  ['12.', '12'],
  ['≈ 12', '12'],
  ['~12', '12'],
  ['= 12', '12'],
  ['1,250', '1250'],
  ['1.250.000', '1250000'],
  ['1 250', '1250'],
  ['1 250', '1250'],
  ["1'250", '1250'],
  ['1,250.75', '1250.75'],
  ['1.250,75', '1250.75'],
  ['12,345,678', '12345678'],
  ['-1,250', '-1250'],
  ['1250,5', '1250.5'],
  ['12,50', '12.5'],
])('the number %s is %s', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['3 × 10^8', '300000000'],
  ['3 x 10^8 m/s', '300000000 m/s'],
  ['3·10^-2', '0.03'],
  ['3 * 10^(4)', '30000'],
  ['3 × 10^−2', '0.03'],
  ['1.5 × 10⁶', '1500000'],
  ['1.5 × 10⁻³', '0.0015'],
  ['2 × 10⁺²', '200'],
  ['6.02 × 10²³', '6.02e+23'],
])('the power of ten %s is %s', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['12 m', '12 m'],
  ['12m', '12 m'],
  ['5 km/h', '5 km/h'],
  ['9.81 m/s²', '9.81 m/s²'],
  ['9.81 m/s^2', '9.81 m/s^2'],
  ['20 °C', '20 °C'],
  ['20 ℃', '20 ℃'],
  ['50 %', '50 %'],
  ['4 ‰', '4 ‰'],
  ['10 Ω', '10 Ω'],
  ['€ 12', '12 €'],
  ['£12.50', '12.5 £'],
  ['12 $', '12 $'],
  ['3 µm', '3 µm'],
  ['40 cubic metres', '40 cubic metres'],
  ['6 nautical miles', '6 nautical miles'],
])('the unit of %s is kept', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['12 ± 0.5', '12 ± 0.5'],
  ['12 +/- 0.5', '12 ± 0.5'],
  ['12 +- 0,5', '12 ± 0.5'],
  ['12 (± 0.5)', '12 ± 0.5'],
  ['12 cm ± 0.5', '12 ± 0.5 cm'],
  ['12 ± 0.5 cm', '12 ± 0.5 cm'],
  ['12 cm ± 0.5 cm', '12 ± 0.5 cm'],
  ['200 ± 5 %', '200 ± 10'],
  ['-200 ± 5 %', '-200 ± 10'],
  ['200 g ± 5%', '200 ± 10 g'],
  ['12 (within 0.5)', '12 ± 0.5'],
  ['12, within 0.5', '12 ± 0.5'],
  ['12 (tolerance: 0.5)', '12 ± 0.5'],
  ['12 (Toleranz 0,5)', '12 ± 0.5'],
  ['12 (tolérance ± 0,5)', '12 ± 0.5'],
  ['50 (within 10 %)', '50 ± 5'],
  ['12 (margin = 1)', '12 ± 1'],
  ['0.1 ± 0.02', '0.1 ± 0.02'],
  ['0.3 ± 10 %', '0.3 ± 0.03'],
])('the tolerance in %s is read as %s', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['3–4', '3–4'],
  ['3 – 4 m', '3–4 m'],
  ['3 to 4', '3–4'],
  ['3 bis 4', '3–4'],
  ['3 до 4', '3–4'],
  ['3…4', '3–4'],
  ['3...4', '3–4'],
  ['3..4', '3–4'],
  ['between 3 and 4', '3–4'],
  ['from 3 to 4 kg', '3–4 kg'],
  ['zwischen 3 und 4', '3–4'],
  ['entre 3 et 4', '3–4'],
  ['entre 3 y 4', '3–4'],
  ['tra 3 e 4', '3–4'],
  ['mellan 3 och 4', '3–4'],
  ['от 3 до 4', '3–4'],
  ['between 3-4', '3–4'],
  ['3 m to 4 m', '3–4 m'],
  ['anything from 3 to 4', '3–4'],
  ['16 à 18 g', '16–18 g'],
  ['16 til 18', '16–18'],
  ['-4 to -3', '-4–-3'],
  ['1,200 to 1,300', '1200–1300'],
])('the range %s is %s', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['5500 (anything from 5000 to 6000 is fine)', '5000–6000'],
  ['5500 m (5000–6000)', '5000–6000 m'],
  ['5 (4 or more, say)', ''],
  ['12 (10 bis 14)', '10–14'],
  ['12 (14 to 10)', ''],
  ['20 (10 to 14)', ''],
  ['14 (10 to 14)', '10–14'],
  ['10 (10 to 14)', '10–14'],
  ['9 (10 to 14)', ''],
  ['-4 (-6 to -3)', '-6–-3'],
  ['4 m (3 m to 6 m)', '3–6 m'],
])('the range in brackets in %s is %j', (text, value) => expect(said(text)).toBe(value))

test.each([
  ['0.12 kWh (accept 0.12 ± 0.01)', '0.12 ± 0.01 kWh'],
  ['0.12 kWh (accept: 0.12 ± 0.01 kWh)', '0.12 ± 0.01 kWh'],
  ['0.12 kWh (accept 0.12 ± 0.01 Wh)', ''],
  ['0.12 (accept 0.13 ± 0.01)', ''],
  ['0.12 (accept 0.12)', ''],
  ['12 (accept 10 to 14)', '10–14'],
  ['60; allow 55 to 65', '55–65'],
  ['60 °C, accept 55 to 65', '55–65 °C'],
  ['70; allow 55 to 65', ''],
])('what is accepted as well in %s is read as %j', (text, value) => expect(said(text)).toBe(value))

test.each([
  '',
  'rope',
  '4 to 3',
  '3 to 3',
  '3-4',
  '007',
  '3 and 4',
  '3, 4 and 5',
  'a 3',
  '12 or so many of them in the end',
  '1 2 3',
  '3 (see page 4)',
])('%j is no number', (text) => expect(said(text)).toBe(''))
