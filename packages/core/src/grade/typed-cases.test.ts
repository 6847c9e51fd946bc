import { contentOf } from '../content/model.ts'
import type { ClozeItem, NumericItem, ShortItem, TextRules } from '../item/model.ts'
import { shareEarned } from './grade.ts'

/*
 * What a teacher counts right, and what not: common practice in marking, without a published source, but for the names of
 * characters (Unicode Standard 15.0, chapter 6.2, "General Punctuation", and 22, "Symbols").
 */

const common = { points: 1, tags: [] }

interface Asked {
  readonly key: number
  readonly unit?: string
  readonly language?: string
  readonly unitRule?: NumericItem['unitRule']
}

function numeric({ key, unit, language, unitRule }: Asked): NumericItem {
  return {
    ...{ ...common, kind: 'numeric', stem: contentOf('How much?'), key: [{ value: key, tolerance: 0 }] },
    ...(unit !== undefined && { unit }),
    ...(language !== undefined && { language }),
    ...(unitRule !== undefined && { unitRule }),
  }
}

const earned = (item: NumericItem | ShortItem, text: string): number => shareEarned(item, { kind: 'text', text })

const MINUS = ['-', '−', '–', '—', '‐', '‑', '‒', '﹣', '－', '⁻', '\u00ad-']
const DIGITS: Readonly<Record<string, string>> = {
  full: '０１２３４５６７８９',
  arabic: '٠١٢٣٤٥٦٧٨٩',
  persian: '۰۱۲۳۴۵۶۷۸۹',
  devanagari: '०१२३४५६७८९',
}
const inDigits = (text: string, digits: string): string => text.replace(/\d/g, (digit) => digits.charAt(Number(digit)))
const BLANKS = [' ', '\u00a0', '\u202f', '\u2009', '\u2008', '\u2007', "'", '’', '˙']

type Row = readonly [asked: Asked, typed: string, counts: boolean]

const NUMBERS: readonly Row[] = [
  ...[5, 12.5, 300].flatMap((n) => MINUS.map((sign): Row => [{ key: -n }, `${sign}${n}`, true])),
  ...MINUS.map((sign): Row => [{ key: 5 }, `${sign}5`, false]),
  ...Object.values(DIGITS).flatMap((digits): Row[] => [
    [{ key: 12 }, inDigits('12', digits), true],
    [{ key: -3.5 }, `-${inDigits('3', digits)}.${inDigits('5', digits)}`, true],
    [{ key: 13 }, inDigits('12', digits), false],
  ]),
  [{ key: 12.5 }, '١٢٫٥', true],
  [{ key: 1250 }, '١٬٢٥٠', true],
  ...BLANKS.slice(0, 8).flatMap((blank): Row[] => [
    [{ key: 1250 }, `1${blank}250`, true],
    [{ key: 1_234_567 }, `1${blank}234${blank}567`, true],
    [{ key: 1250 }, `1${blank}25`, false],
  ]),
  ...['\u200b', '\u200e', '\u2060', '\ufeff'].flatMap((unseen): Row[] => [
    [{ key: 12 }, `${unseen}12`, true],
    [{ key: 12 }, `1${unseen}2`, true],
    [{ key: 12 }, `12${unseen}`, true],
  ]),
  ...[
    ['12.', 12],
    ['12,', 12],
    ['= 12', 12],
    ['=12', 12],
    ['x = 12', 12],
    ['x=12', 12],
    ['v = -4', -4],
    ['≈ 12', 12],
    ['~12', 12],
    ['+12', 12],
    ['+ 12', 12],
    ['- 12', -12],
    ['012', 12],
    ['12.0', 12],
    ['12,0', 12],
    ['12.00', 12],
    ['(12)', 12],
    ['-(12)', -12],
    ['12 .', 12],
    ['"12"', 12],
    ['.5', 0.5],
    [',5', 0.5],
    ['0.5', 0.5],
    ['½', 0.5],
    ['1/2', 0.5],
    ['1 / 2', 0.5],
    ['1∕2', 0.5],
    ['1⁄2', 0.5],
    ['2/4', 0.5],
    ['-1/2', -0.5],
    ['−½', -0.5],
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['3/2', 1.5],
    ['0.50', 0.5],
    ['50 %', 0.5],
    ['50%', 0.5],
    ['50 per cent', 0.5],
    ['50 percent', 0.5],
    ['50 pct', 0.5],
    ['50％', 0.5],
    ['50 ٪', 0.5],
    ['5e-1', 0.5],
    ['5E−1', 0.5],
    ['6.02e23', 6.02e23],
    ['6.02E+23', 6.02e23],
    ['6.02 × 10^23', 6.02e23],
    ['6.02 x 10^23', 6.02e23],
    ['6.02*10^23', 6.02e23],
    ['6.02 · 10²³', 6.02e23],
    ['6.02 ⋅ 10²³', 6.02e23],
    ['6.02 ∙ 10²³', 6.02e23],
    ['6.02 × 10^{23}', 6.02e23],
    ['6.02 \\times 10^{23}', 6.02e23],
    ['6.02 \\cdot 10^{23}', 6.02e23],
    ['6.02*10**23', 6.02e23],
    ['6,02 × 10²³', 6.02e23],
    ['10^{23}', 1e23],
    ['10^23', 1e23],
    ['10²³', 1e23],
    ['1.6 × 10⁻¹⁹', 1.6e-19],
    ['1.6 × 10^-19', 1.6e-19],
    ['1.6 × 10^(-19)', 1.6e-19],
    ['1.6 × 10^{-19}', 1.6e-19],
    ['1.6e−19', 1.6e-19],
    ['1.234.567', 1_234_567],
    ['1,234,567', 1_234_567],
    ['1.234.567,5', 1_234_567.5],
    ['1,234,567.5', 1_234_567.5],
    ['1 234 567,5', 1_234_567.5],
    ['$1,250', 1250],
    ['£1,250', 1250],
    ['1.250 €', 1250],
    ['€ 1250', 1250],
    ['1250 €', 1250],
    ['1250,-', 1250],
    ['1,500', 1500],
    ['12,500', 12_500],
    ['1’250', 1250],
  ].map(([typed, key]): Row => [{ key: Number(key) }, String(typed), true]),
  ...[
    ['12,00,0', 1200],
    ['12,00,0', 12],
    ['1,2,3', 123],
    ['1.2.3', 123],
    ['1.23.456', 123_456],
    ['1,25,0', 1250],
    ['1 25', 125],
    ['12 13', 12],
    ['12 or 13', 12],
    ['12-13', 12],
    ['12/0', 12],
    ['1/0', 1],
    ['twelve', 12],
    ['', 0],
    ['.', 0],
    ['-', 0],
    ['=', 0],
    ['x', 0],
    ['x = y = 12 13', 12],
    ['--12', -12],
    ['--12', 12],
    ['1e', 1],
    ['12x', 12],
    ['12e', 12],
    ['10^', 10],
    ['10^23', 1023],
    ['10²³', 1023],
    ['1.5.', 15],
    ['1:2', 0.5],
    ['Infinity', 1],
    ['NaN', 0],
    ['0x10', 16],
    ['12;13', 12],
    ['12%', 12],
    ['120', 12],
    ['1.2', 12],
    ['12!', 12],
    ['12?', 12],
    ['²', 2],
  ].map(([typed, key]): Row => [{ key: Number(key) }, String(typed), false]),
  ...['en', 'en-GB', 'ja', 'he'].flatMap((language): Row[] => [
    [{ key: 1500, language }, '1,500', true],
    [{ key: 1.5, language }, '1.500', true],
    [{ key: 1500, language }, '1.500', false],
    [{ key: 1.5, language }, '1.5', true],
    [{ key: 1.5, language }, '1,5', true],
  ]),
  ...['de', 'fr', 'nb', 'pl', 'es', 'pt', 'uk'].flatMap((language): Row[] => [
    [{ key: 1.5, language }, '1,500', true],
    [{ key: 1500, language }, '1,500', false],
    [{ key: 1500, language }, '1.500', true],
    [{ key: 1.5, language }, '1.5', true],
    [{ key: 1.5, language }, '1,5', true],
    [{ key: 1_234_567, language }, '1.234.567', true],
  ]),
  ...(
    [
      ['9.81 m/s²', 'm/s²', true],
      ['9.81 m/s^2', 'm/s²', true],
      ['9.81 m/s2', 'm/s²', true],
      ['9.81 ms⁻²', 'm/s²', true],
      ['9.81 ms^-2', 'm/s²', true],
      ['9.81 m s⁻²', 'm/s²', true],
      ['9.81 m·s⁻²', 'm/s²', true],
      ['9.81 m s^{-2}', 'm/s²', true],
      ['9.81m/s²', 'm/s²', true],
      ['9.81 m/s', 'm/s²', false],
      ['9.81 km/s²', 'm/s²', false],
      ['9.81 M/S²', 'm/s²', false],
      ['9.81 °C', '°C', true],
      ['9.81 °c', '°C', true],
      ['9.81 ℃', '°C', true],
      ['9.81 º C', '°C', true],
      ['9.81 deg C', '°C', true],
      ['9.81 degrees C', '°C', true],
      ['9.81 °F', '°C', false],
      ['9.81 K', '°C', false],
      ['9.81 µm', 'μm', true],
      ['9.81 μm', 'µm', true],
      ['9.81 um', 'µm', true],
      ['9.81 mm', 'µm', false],
      ['9.81 nm', 'µm', false],
      ['9.81 Ω', 'Ω', true],
      ['9.81 Ω', 'Ω', true],
      ['9.81 ohm', 'Ω', true],
      ['9.81 kN', 'kN', true],
      ['9.81 KN', 'kN', false],
      ['9.81 L', 'l', true],
      ['9.81 l', 'L', true],
      ['9.81 m³', 'm3', true],
      ['9.81 m^3', 'm³', true],
      ['9.81 m2', 'm³', false],
      ['9.81 kg·m', 'kg m', true],
      ['9.81 kg*m', 'kg m', true],
      ['9.81 kg⋅m', 'kg·m', true],
      ['9.81 km / h', 'km/h', true],
      ['9.81 km h⁻¹', 'km/h', true],
      ['9.81 kn', 'kn', true],
      ['9.81', 'kn', true],
      ['9.81 knots', 'kn', false],
    ] as const
  ).map(([typed, unit, counts]): Row => [{ key: 9.81, unit }, typed, counts]),
  [{ key: 9.81, unit: 'm/s²', unitRule: 'required' }, '9.81', false],
  [{ key: 50, unit: '%' }, '50 per cent', true],
  [{ key: 50, unit: '%' }, '50 %', true],
  [{ key: 50, unit: '%' }, '50', true],
  [{ key: 50, unit: '%' }, '0.5', false],
]

test.each(NUMBERS)('%j, typed %j: %p', (asked, typed, counts) => {
  expect(earned(numeric(asked), typed) === 1).toBe(counts)
})

const EXACT: TextRules = { letterCase: 'respect', accents: 'respect' }
const CASE: TextRules = { letterCase: 'ignore', accents: 'respect' }
const LOOSE: TextRules = { letterCase: 'ignore', accents: 'ignore' }
const ANY: TextRules = { letterCase: 'ignore', accents: 'respect', listOrder: 'any' }
const VALUE: TextRules = { letterCase: 'ignore', accents: 'respect', numbers: 'value' }

type TextRow = readonly [rules: TextRules, key: string, typed: string, counts: boolean]

const TEXTS: readonly TextRow[] = [
  [CASE, 'Straße', 'STRASSE', true],
  [CASE, 'Straße', 'strasse', true],
  [CASE, 'Straße', 'Strase', false],
  [EXACT, 'Straße', 'STRASSE', false],
  [EXACT, 'Straße', 'straße', false],
  [CASE, 'İstanbul', 'istanbul', true],
  [CASE, 'İstanbul', 'İSTANBUL', true],
  [CASE, 'ılık', 'ILIK', true],
  [CASE, 'ΟΔΟΣ', 'οδος', true],
  [CASE, 'Οδός', 'ΟΔΌΣ', true],
  [CASE, 'οδοσ', 'οδος', true],
  [LOOSE, 'øre', 'ore', true],
  [LOOSE, 'Łódź', 'lodz', true],
  [LOOSE, 'đak', 'dak', true],
  [LOOSE, 'smørbrød', 'smorbrod', true],
  [LOOSE, 'Æsop', 'aesop', true],
  [LOOSE, 'œuvre', 'oeuvre', true],
  [LOOSE, 'þing', 'thing', true],
  [LOOSE, 'café', 'cafe', true],
  [CASE, 'café', 'cafe', false],
  [CASE, 'øre', 'ore', false],
  [CASE, 'café', 'cafe\u0301', true],
  ...['‐', '‑', '–', '−', '﹘', '－'].map((hyphen): TextRow => [CASE, 'sheet-bend', `sheet${hyphen}bend`, true]),
  ...['\u00ad', '\u200b', '\u200d', '\u2060', '\ufeff'].map((unseen): TextRow => [
    CASE,
    'bowline',
    `bow${unseen}line`,
    true,
  ]),
  ...['’', '‘', 'ʼ', '`', '´', '′', '＇'].map((apostrophe): TextRow => [
    CASE,
    "sailor's knot",
    `sailor${apostrophe}s knot`,
    true,
  ]),
  ...['“ebb”', '„ebb“', '«ebb»', '"ebb"'].map((typed): TextRow => [CASE, '"ebb"', typed, true]),
  ...['\u00a0', '\u202f', '\u2009', '\u3000', '\t', '  '].map((blank): TextRow => [
    CASE,
    'sheet bend',
    `sheet${blank}bend`,
    true,
  ]),
  [CASE, 'H₂O', 'H2O', true],
  [CASE, 'H2O', 'H₂O', true],
  [CASE, 'CO₂', 'co2', true],
  [CASE, 'm²', 'm2', true],
  [CASE, 'm^2', 'm²', true],
  [CASE, 'Ca²⁺', 'Ca2+', true],
  [CASE, 'H_2O', 'H2O', true],
  [CASE, 'H₂O', 'H₂O₂', false],
  [CASE, 'H₂O', 'HO', false],
  [CASE, 'ｂｏｗｌｉｎｅ', 'bowline', true],
  [CASE, 'ﬁsh', 'fish', true],
  [CASE, 'bowline…', 'bowline...', true],
  [CASE, 'bowline', 'bow line', false],
  [CASE, 'bowline', 'bowlines', false],
  [CASE, 'bowline', 'bowlin', false],
  [CASE, 'ebb', 'flood', false],
  [CASE, '', '', false],
  [ANY, 'ebb, flood', 'flood, ebb', true],
  [ANY, 'ebb, flood', 'flood and ebb', true],
  [ANY, 'ebb, flood', 'flood & ebb', true],
  [ANY, 'ebb, flood', 'flood; ebb', true],
  [ANY, 'ebb, flood', 'flood / ebb', true],
  [ANY, 'ebb, flood', 'flood/ebb', true],
  [ANY, 'ebb, flood', 'flood\nebb', true],
  [ANY, 'ebb, flood', '- flood\n- ebb', true],
  [ANY, 'ebb, flood, slack', 'slack, flood, and ebb', true],
  [ANY, 'ebb, flood, slack', 'slack, flood and ebb', true],
  [ANY, 'ebb, flood, slack', 'slack, flood, & ebb', true],
  [ANY, 'ebb und Flut', 'Flut, ebb', true],
  [ANY, 'ebb, flood', 'ebb', false],
  [ANY, 'ebb, flood', 'ebb, flood, slack', false],
  [ANY, 'ebb, flood', 'ebb, ebb', false],
  [ANY, '4, −3', '-3, 4', true],
  [ANY, '4, -3', '4 and −3', true],
  [ANY, '4, -3', '3, 4', false],
  [{ ...ANY, numbers: 'value' }, '½, 4', '4, 0.5', true],
  [{ ...ANY, numbers: 'value' }, '4, -3', '−3; 4.0', true],
  [VALUE, '1/4', '0.25', true],
  [VALUE, '1/4', '¼', true],
  [VALUE, '1/4', '25 %', true],
  [VALUE, '1/4', '2/8', true],
  [VALUE, '1/4', '0.26', false],
  [VALUE, '12', '12.0', true],
  [VALUE, '12', 'x = 12', true],
  [VALUE, '-12', '–12', true],
  [VALUE, '1200', '1,200', true],
  [VALUE, '12', '12,00,0', false],
]

const short = (rules: TextRules, key: string): ShortItem => ({
  ...{ ...common, kind: 'short', stem: contentOf('Which?'), key: [key], rules },
})

test.each(TEXTS)('%j: %j, typed %j: %p', (rules, key, typed, counts) => {
  expect(earned(short(rules, key), typed) === 1).toBe(counts)
})

test.each(TEXTS.filter(([, key]) => key))('the same in a gap, %j: %j, typed %j: %p', (rules, key, typed, counts) => {
  const item: ClozeItem = {
    ...{ ...common, kind: 'cloze', stem: [{ type: 'paragraph', content: [{ type: 'gap' }] }], rules },
    gaps: [{ key: [key] }],
  }
  expect(shareEarned(item, { kind: 'gaps', texts: [typed] }) === 1).toBe(counts)
})
