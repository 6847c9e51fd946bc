import { truthOf } from '../truth-words.ts'
import { cleanCharacters } from './characters.ts'
import { cleanLines } from './clean.ts'
import { opensEmphasis, readMarkup } from './markup.ts'
import { readNumberKey } from '../keys/numbers.ts'

describe('characters', () => {
  test.each<[string, string]>([
    ['QuestÃ£o', 'Questão'],
    ['itâ€™s', 'it’s'],
    ['practi\u00ADcally', 'practically'],
    ['ﬁrst', 'first'],
    ['a&nbsp;b &amp; c &#8722; d', 'a b & c − d'],
    ['terminé »', 'terminé »'],
    ['plain', 'plain'],
  ])('%s → %s', (raw, clean) => {
    const found = cleanCharacters(raw)
    expect(found.text).toBe(clean)
    if (found.map) expect(found.map).toHaveLength(clean.length + 1)
  })
})

describe('markup', () => {
  test.each<[string, string, string[]]>([
    ['**bold** and *soft*', 'bold and soft', ['strong', 'emphasis']],
    ['*a master', '*a master', []],
    ['falls*, rises', 'falls*, rises', []],
    ['noyé*, sec*', 'noyé*, sec*', []],
    ['<!-- keys: 1 b -->', ' keys: 1 b ', []],
    ['a --> b', 'a --> b', []],
    ['g/cm^3', 'g/cm3', ['sup']],
    ['H_2O', 'H2O', ['sub']],
    ['row_2', 'row_2', []],
    ['costs \\$5, and $40 is', 'costs $5, and $40 is', []],
    ['$x^2$ holds', '\\(x^2\\) holds', ['tex']],
    ['1\\. first', '1. first', []],
    ['`a*b*c`', 'a*b*c', ['code']],
    ['![a saw](saw.png)', '[image: a saw]', ['picture']],
    ['fill ____ in', 'fill ____ in', []],
  ])('%s', (raw, text, styles) => {
    const found = readMarkup({ text: raw, map: null })
    expect(found.text).toBe(text)
    expect(found.styles.map((range) => range.style)).toEqual(styles)
  })
})

describe('numbers', () => {
  test.each<[string, object | null]>([
    ['5,5 m', { key: { value: 5.5, tolerance: 0 }, unit: 'm' }],
    ['1,250', { key: { value: 1250, tolerance: 0 } }],
    ['182.88 cm (± 0.1)', { key: { value: 182.88, tolerance: 0.1 }, unit: 'cm' }],
    ['10, within 5 %', { key: { value: 10, tolerance: 0.5 } }],
    ['between 14.6 and 14.8', { key: { min: 14.6, max: 14.8 } }],
    ['1 × 10^6', { key: { value: 1e6, tolerance: 0 } }],
    ['١٢', { key: { value: 12, tolerance: 0 } }],
    ['3/8', null],
    ['088', null],
    ['e1', null],
  ])('%s', (text, expected) => {
    if (expected) expect(readNumberKey(text)).toMatchObject(expected)
    else expect(readNumberKey(text)).toBeNull()
  })
})

describe('judgements', () => {
  test.each<[string, boolean | null]>([
    ['True', true],
    ['**falsch**', false],
    ['×', false],
    ['neither', null],
    ['Vrai.', true],
  ])('truth of “%s”', (text, truth) => expect(truthOf(text)).toBe(truth))
})

// The names are those of the WHATWG HTML table (section 13.5); the figures of its numeric references, too.
test.each([
  ['&alpha;-particles &amp; &radic;2', 'α-particles & √2'],
  ['5&nbsp;m&sup2;, &frac12;&thinsp;h', '5 m², ½ h'],
  ['co&shy;operate', 'cooperate'],
  ['&#8451; &#x2192; &#160;x', '℃ →  x'],
  ['&unknown; R&D; AT&T;', '&unknown; R&D; AT&T;'],
  ['a &lt b', 'a &lt b'],
  ['&#0; &#1114112;', '&#0; &#1114112;'],
])('%s is %s', (raw, text) => expect(cleanCharacters(raw).text).toBe(text))

// Left-flanking delimiter runs: CommonMark 0.31, 6.2, with its own examples 351, 352, 354 and 358 (from memory).
test.each<[string, number, number, boolean]>([
  ['*foo bar*', 0, 1, true],
  ['a * foo bar*', 2, 1, false],
  ['a*"foo"*', 1, 1, false],
  ['**foo bar**', 0, 2, true],
  ['foo*bar*', 3, 1, false],
])('stars in “%s” at %i open emphasis: %p', (text, at, width, opens) =>
  expect(opensEmphasis(text, at, width)).toBe(opens),
)

test('stars behind words in two lines are no pair', () => {
  expect(cleanLines({ text: 'ebb*, flood\nneap, spring*' }).map((line) => line.text)).toEqual([
    'ebb*, flood',
    'neap, spring*',
  ])
  expect(cleanLines({ text: 'an *ebb that\nruns* out' }).map((line) => line.text)).toEqual(['an ebb that', 'runs out'])
})
