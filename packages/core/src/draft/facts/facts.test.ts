import { labelsAt } from './labels.ts'
import { countedWords, fieldIn, fieldWords, recurringLeads } from './leads.ts'
import { linePrefixes } from './prefixes.ts'
import { optionRun } from './runs.ts'
import { factsOf, type Flag } from './facts.ts'
import { tableSorts } from './tables.ts'
import { unitsOf } from './units.ts'
import { cleanLines } from '../text/clean.ts'

// Layouts of people's own: common practice of drafting, without a published source.

function unitsIn(text: string): ReturnType<typeof unitsOf> {
  return unitsOf(cleanLines({ text }))
}

test.each<[string, string[]]>([
  ['1. What', ['1 x.']],
  ['1.- ¿Qué', ['1 x.-']],
  ['1)- What', ['1 x)-']],
  ['-a- it', ['a -x-']],
  ['[31]  topic', ['31 [x]']],
  ['1.1°  Find', ['1.1 x°']],
  ['1.2   A coat', ['1.2 x']],
  ['А1. Какая', ['а1 x.']],
  ['viii. The', ['viii x.']],
  ['Question 4: What', ['4 word']],
  ['_____ 5. Cactus', ['5 x.']],
  ['+а) наружных', ['а x)']],
  ['C  1. How', ['c x', '1 x.']],
  ['(D)  1. Deprem', ['d (x)', '1 x.']],
  ['A cat sat', ['a x']],
  ['3 apples', ['3 x']],
  ['Which planet', []],
  ['e.g. a rope', []],
])('labels of %s', (text, expected) => {
  const found = labelsAt(text).filter(({ script }) => script !== 'pools')
  expect(found.map((label) => `${label.id} ${label.dress}`)).toEqual(expected)
})

// Football pools: home, draw, away; quizzes of the North are written like that. Common practice.
test.each<[string, number[]]>([
  ['1. Göteborg', [0]],
  ['X. Stockholm', [1]],
  ['2. Malmö', [2]],
  ['3. Lund', []],
  ['x. Lund', []],
])('%s counts 1, X, 2 as %j', (text, values) => {
  const pools = labelsAt(text).filter(({ script }) => script === 'pools')
  expect(pools.map(({ value }) => value)).toEqual(values)
})

test.each([
  ['A cat sat', true],
  ['3 apples', true],
  ['3.5 m of rope', true],
  ['a) cat', false],
  ['1   What', false],
])('%s bears a weak label: %s', (text, weak) => {
  expect(labelsAt(text)[0]?.weak).toBe(weak)
})

test.each<[string, string[]]>([
  ['a) one   b) two   c) three', ['one', 'two', 'three']],
  ['Which? A. four  B. five  C. six', ['four', 'five', 'six']],
  ['① ou    ② où', ['ou', 'où']],
  ['a. Africa                  c. Europe', ['Africa', 'Europe']],
  ['[ ] copper   [x] rubber', ['copper', 'rubber']],
  ['A\tH2O\tB\tH2O2', ['H2O', 'H2O2']],
  ['(i) me   (ii) you   (iii) them', ['me', 'you', 'them']],
  ['a.c. only', []],
  ['The (1) ______ hoists and the (2) ______ trims', []],
  ['Plan A and plan B', []],
])('a row of options in %s', (text, expected) => {
  expect(optionRun(text, 0).map((part) => text.slice(part.from, part.to))).toEqual(expected)
})

test('a formula holds no labels of options', () => {
  expect(optionRun('P(A) = 1 and P(B) = 2', 0, [[0, 22]])).toEqual([])
})

test.each<[string, Flag, boolean]>([
  ['1a 2 right 3c 4 pollen 5b', 'counts', true],
  ['1.1 Sahara  1.2 Erg  1.3 third', 'counts', true],
  ['In 1871 and 1875', 'counts', false],
  ['1-5: B A D C A', 'keyPairs', true],
  ['1 b, 2 c', 'keyPairs', true],
  ['____________', 'blankLine', true],
  ['- - - - - - - -', 'rule', true],
  ['→ murder', 'arrow', true],
  ['[fine]', 'bracketed', true],
])('%s: %s is %s', (text, flag, expected) => {
  const [unit] = unitsIn(text)
  expect(unit && factsOf(unit).flags.has(flag)).toBe(expected)
})

describe('prefixes', () => {
  const prefixes = (text: string): ReturnType<typeof linePrefixes> => linePrefixes(cleanLines({ text }))

  test('a quoted line says how often it is quoted', () => {
    expect(prefixes('> > On Mon\n> Hi\n> Bo\nno').map((one) => one.quotes)).toEqual([2, 1, 1, 0])
  })

  test('a sign here and there is no quoting', () => {
    expect(prefixes('Who?\n> me\n\nWhen?\n> now').map((one) => one.quotes)).toEqual([0, 0, 0, 0, 0])
  })

  test('a time and a name count where many lines have them', () => {
    const chat = '[03/11, 19:40] Ines: Q1 Which star?\n[03/11, 19:41] Bo: aye\n[03/11, 19:42] Ines: a) Sirius'
    expect(unitsIn(chat).map((unit) => unit.text)).toEqual(['Q1 Which star?', 'aye', 'a) Sirius'])
    expect(unitsIn('10:30 is when we meet.\nNo more.\nNone.').map((unit) => unit.text)[0]).toBe(
      '10:30 is when we meet.',
    )
  })
})

describe('what recurs', () => {
  test('a sign before three lines is a bullet', () => {
    expect([...recurringLeads(unitsIn('-- wren\n-- robin\n-- crow\n🔘 one'))]).toEqual(['--'])
  })

  test('a word before numbers that count on is a label', () => {
    expect([...countedWords(unitsIn('Slide 1\nHello\nSlide 2\nWhat?\nSlide 3'))]).toEqual(['slide'])
    expect([...countedWords(unitsIn('Room 12\nHello\nRoom 4'))]).toEqual([])
  })
})

describe('fields without a colon', () => {
  const records = 'Stem    Who?\nChoice 1  me\nChoice 2  you\nCorrect   2\n\nStem    When?\nChoice 1  now\nCorrect   1'

  test('are words that recur before wide gaps', () => {
    const words = fieldWords(unitsIn(records))
    expect([...words]).toEqual(['stem', 'choice', 'correct'])
    expect(fieldIn('Choice 3  them', words)).toEqual({ word: 'choice 3', to: 10 })
    expect(unitsIn(records).map((unit) => factsOf(unit, undefined, undefined, words).cue?.role)).toEqual(
      expect.arrayContaining(['answer', 'other']),
    )
  })

  test.each([
    ['pairs, whose words do not recur', 'oak    a tree\nrye    a grain\nwren   a bird'],
    ['few lines among many', `${records}\n${'More words of a text.\n'.repeat(12)}`],
  ])('are not %s', (_name, text) => expect(fieldWords(unitsIn(text)).size).toBe(0))
})

test('a letter O in wide gaps is a circle to fill', () => {
  expect(optionRun('O true     O false', 0).map((part) => part.box)).toEqual(['open', 'open'])
  expect(optionRun('O Tannenbaum', 0)).toEqual([])
})

test.each([
  ['| | 1 | 2 | 3 |\n| Key | A | B | C |', 'across'],
  ['| No | Key |\n| 1 | B |\n| 2 | C |\n| 3 | A |', 'down'],
  ['| | solid | gas |\n| air | | x |\n| ice | x | |', 'ticks'],
  ['| Knot | Use |\n| bowline | a loop |\n| reef knot | two ropes |', 'pairs'],
])('the sort of the table %s', (text, sort) => {
  const facts = unitsIn(text).map((unit) => factsOf(unit))
  expect(new Set(tableSorts(facts))).toEqual(new Set([sort]))
})

test('items side by side are units of their own, a list of keys in columns is not parted', () => {
  expect(unitsIn('1. go ____      3. see ____\n2. eat ____     4. buy ____').map((unit) => unit.text)).toEqual([
    '1. go ____',
    '3. see ____',
    '2. eat ____',
    '4. buy ____',
  ])
  expect(unitsIn('1. b      3. a\n2. c      4. d')).toHaveLength(2)
})

test('circles are boxes, the filled one ticked', () => {
  expect(unitsIn('○ lava\n● magma').map((unit) => factsOf(unit).box)).toEqual(['open', 'ticked'])
})
