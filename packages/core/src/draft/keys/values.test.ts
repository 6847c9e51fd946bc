import { factsOf } from '../facts/facts.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { entriesIn } from '../records/entries.ts'
import type { Entry } from '../records/record.ts'
import { entryIndex, fold, judgement, namedOptions, namedPairs, sameWords } from './values.ts'

function entriesOf(text: string): Entry[] {
  return unitsOf(cleanLines({ text })).flatMap((unit) => entriesIn(factsOf(unit), [], 'line'))
}

const TREES = entriesOf('a) Birch\nb) Rye\nc) Oak\nd) Yew')
const PLAIN = entriesOf('- lava\n- ash\n- basalt')

test.each<[string, number[] | null, string]>([
  ['b', [1], ''],
  ['(b)', [1], ''],
  ['B) Rye', [1], ''],
  ['b. It grows tall', [1], ' It grows tall'],
  ['A and C', [0, 2], ''],
  ['a, c, d', [0, 2, 3], ''],
  ['ACD', [0, 2, 3], ''],
  ['Rye', [1], ''],
  ['Oak, Yew', [2, 3], ''],
  ['Oak – it is slow', [2], ' – it is slow'],
  ['a tree of some size', null, ''],
  ['pine', null, ''],
  ['C A B D', [2, 0, 1, 3], ''],
])('%s names %p', (text, indexes, rest) => {
  const named = namedOptions(text, TREES)
  expect(named?.indexes ?? null).toEqual(indexes)
  if (named) expect(text.slice(named.restAt)).toBe(rest)
})

test('options without labels are named by their place or their words', () => {
  expect(namedOptions('b', PLAIN)?.indexes).toEqual([1])
  expect(namedOptions('ash, lava', PLAIN)?.indexes).toEqual([1, 0])
})

test.each<[string, boolean, boolean | null]>([
  ['True', false, true],
  ['falsch, bei Ebbe fallen sie trocken', false, false],
  ['F', true, false],
  ['F', false, null],
  ['+', true, true],
  ['0', true, false],
  ['a) true', false, true],
  ['The rope is wet', true, null],
])('%s (letters count: %s) judges %s', (text, letters, truth) => {
  expect(judgement(text, letters)?.truth ?? null).toBe(truth)
})

test.each<[string, [number, number][]]>([
  [
    '1-c, 2-a, 3-b',
    [
      [0, 2],
      [1, 0],
      [2, 1],
    ],
  ],
  [
    '1c 2a 3b',
    [
      [0, 2],
      [1, 0],
      [2, 1],
    ],
  ],
  [
    'bow – front; stern – rear',
    [
      [0, 2],
      [1, 0],
    ],
  ],
])('%s pairs', (text, pairs) => {
  const left = entriesOf('1. bow\n2. stern\n3. beam')
  const right = entriesOf('a) rear\nb) width\nc) front')
  expect(namedPairs(text, left, right)).toEqual(pairs)
})

test.each<[string, string, string, number]>([
  ['a label as it is written', 'B', 'a) bow\nb) stern', 1],
  ['a number for lettered alternatives is their place', '2', 'a) bow\nb) stern', 1],
  ['a letter for numbered alternatives is their place', 'b', '1) bow\n2) stern', 1],
  ['another letter than any of theirs is none', 'c', 'a) bow\nb) stern', -1],
  ['a place beyond the last is none', '3', 'a) bow\nb) stern', -1],
  ['a letter among letters that leave places out is none', 'b', 'a) bow\nd) stern', -1],
  ['what is no label is none', '??', 'a) bow\nb) stern', -1],
])('%s', (_name, label, alternatives, place) => expect(entryIndex(label, entriesOf(alternatives))).toBe(place))

// How a key names options: common practice, no published source. What stands behind it is its remark.
test.each<[string, number[] | null, string]>([
  ['option b', [1], ''],
  ['Choice C', [2], ''],
  ['letter d', [3], ''],
  ['No. 2', [1], ''],
  ['nr 3', [2], ''],
  ['2', [1], ''],
  ['[b]', [1], ''],
  ['( b )', [1], ''],
  ['②', [1], ''],
  ['①③', [0, 2], ''],
  ['134', [0, 2, 3], ''],
  ['abd', [0, 1, 3], ''],
  ['ABA', null, ''],
  ['ABCDA', null, ''],
  ['ABZ', null, ''],
  ['ACD.', [0, 2, 3], ''],
  ['a & c', [0, 2], ''],
  ['a + c', [0, 2], ''],
  ['a/c', [0, 2], ''],
  ['a; c', [0, 2], ''],
  ['a → c', [0, 2], ''],
  ['a > c > b', [0, 2, 1], ''],
  ['a – c', [0, 2], ''],
  ['a、c', [0, 2], ''],
  ['a|c', [0, 2], ''],
  ['a und c', [0, 2], ''],
  ['a, c and d', [0, 2, 3], ''],
  ['a) und c)', [0, 2], ''],
  ['(a) and (c)', [0, 2], ''],
  ['a, a', [0], ''],
  ['**b**', [1], '**'],
  ['"b"', [1], '"'],
  ['“Rye”', [1], ''],
  ['b: it grows tall', [1], ' it grows tall'],
  ['b (it grows tall)', [1], ' (it grows tall)'],
  ['b - it grows tall', [1], ' - it grows tall'],
  ['b  tall', [1], '  tall'],
  ['b Tall grass', [1], ' Tall grass'],
  ['b because it grows', [1], ' because it grows'],
  ['(b) Rye (it grows)', [1], ' (it grows)'],
  ['b (Rye)', [1], ''],
  ['b) Rye, c) Oak', [1, 2], ''],
  ['b – Rye', [1], ''],
  ["b's", null, ''],
  ['bx', null, ''],
  ['a rye field', null, ''],
  ['a Rye field', [0], ' Rye field'],
  ['a Birch tree', null, ''],
  ['birch', [0], ''],
  ['Birch.', [0], ''],
  ['rye, oak', [1, 2], ''],
  ['rye; oak', [1, 2], ''],
  ['rye and oak', [1, 2], ''],
  ['rye / oak.', [1, 2], ''],
  ['rye, pine', [1], ', pine'],
  ['Rye. It grows tall', [1], '. It grows tall'],
  ['Rye (it grows)', [1], ' (it grows)'],
  ['Rye [p. 3]', [1], ' [p. 3]'],
  ['Rye bread', null, ''],
  ['ryebread', null, ''],
  ['', null, ''],
  ['(', null, ''],
])('the key %j names %j of four trees', (text, indexes, rest) => {
  const named = namedOptions(text, TREES)
  expect(named ? [...named.indexes] : null).toEqual(indexes)
  if (named) expect(text.slice(named.restAt)).toBe(rest)
})

test('a word for "and" that is the label of an option is that option', () => {
  const many = entriesOf('a) oak\nb) elm\nc) ash\nd) yew\ne) fir')
  expect(namedOptions('a e c', many)?.indexes).toEqual([0, 4, 2])
  expect(namedOptions('a e c', TREES)?.indexes).toEqual([0, 2])
})

test('among very many alternatives none is looked for', () => {
  const many = entriesOf(Array.from({ length: 41 }, (_none, at) => `- tree ${at}`).join('\n'))
  expect(namedOptions('tree 3', many)).toBeNull()
  expect(namedOptions('tree 3', many.slice(0, 40))?.indexes).toEqual([3])
})

test('of options that begin alike, the longest that a key begins with is meant', () => {
  const alike = entriesOf('- reef\n- reef knot\n- re')
  expect(namedOptions('reef knot – it slips', alike)?.indexes).toEqual([1])
  expect(namedOptions('reef – it slips', alike)?.indexes).toEqual([0])
  expect(namedOptions('re – it slips', alike)).toBeNull()
})

// Words for true and false in many languages: dictionaries; their abbreviations and signs are common practice.
test.each<[string, boolean, boolean | null, string]>([
  ['true', false, true, ''],
  ['TRUE.', false, true, ''],
  ['"true"', false, true, ''],
  ['richtig', false, true, ''],
  ['FAUX', false, false, ''],
  ['(false)', false, false, ''],
  ['T', true, true, ''],
  ['t)', true, true, ''],
  ['T', false, null, ''],
  ['a) T', true, true, ''],
  ['b. false', false, false, ''],
  ['-', true, false, ''],
  ['-', false, null, ''],
  ['−', true, false, ''],
  ['✓', true, true, ''],
  ['✔ ', true, true, ''],
  ['✗', true, false, ''],
  ['❌', true, false, ''],
  ['○', true, true, ''],
  ['×', true, false, ''],
  ['+)', true, true, ''],
  ['++', true, null, ''],
  ['yes', true, true, ''],
  ['no', true, false, ''],
  ['yes', false, null, ''],
  ['true/true', false, true, ''],
  ['true / vrai', false, true, ''],
  ['true / false', false, null, ''],
  ['True, since it is salt', false, true, ', since it is salt'],
  ['True: salt', false, true, ': salt'],
  ['True – salt', false, true, ' – salt'],
  ['True - salt', false, true, ' - salt'],
  ['True-blue', false, null, ''],
  ['True (salt)', false, true, ' (salt)'],
  ['True [salt]', false, true, ' [salt]'],
  ['True = salt', false, true, ' = salt'],
  ['True * salt', false, true, ' * salt'],
  ['True! Salt', false, true, '! Salt'],
  ['True; salt', false, true, '; salt'],
  ['True  salt', false, true, '  salt'],
  ['True love', false, null, ''],
  ['F – in May', true, false, ' – in May'],
  ['☐ true ☑ false', false, false, ''],
  ['☑ true ☐ false', false, true, ''],
  ['☒ falsch ☐ richtig', false, false, ''],
  ['☑ true', false, true, ''],
  ['○ True ● False', false, false, ''],
  ['☐ red ☑ green', false, null, ''],
  ['', true, null, ''],
])('%j, letters and signs %s, judges %s', (text, letters, truth, rest) => {
  const judged = judgement(text, letters)
  expect(judged?.truth ?? null).toBe(truth)
  if (judged) expect(text.slice(judged.restAt)).toBe(rest)
})

// Pairs of two lists: common practice, no published source.
const [BOATS, PARTS] = [entriesOf('1. bow\n2. stern\n3. beam'), entriesOf('a) rear\nb) width\nc) front')]
test.each<[string, string]>([
  ['1-c, 2-a, 3-b', '02 10 21'],
  ['1c 2a 3b', '02 10 21'],
  ['1) c 2) a', '02 10'],
  ['1. c; 2. a', '02 10'],
  ['1 → c, 2 → a', '02 10'],
  ['1=c 2=a', '02 10'],
  ['1 : c', '02'],
  ['(1)(c) (2)(a)'.replaceAll(')(', ') ('), '02 10'],
  ['3-b, 1-c', '02 21'],
  ['c-1, a-2', '02 10'],
  ['1-c, 1-a', '02'],
  ['1-c, 2-z', '02'],
  ['bow = front', '02'],
  ['bow → front; stern → rear', '02 10'],
  ['bow – front, stern – rear', '02 10'],
  ['bow: front', '02'],
  ['bow:front', ''],
  ['bow -> front', '02'],
  ['bow => front', '02'],
  ['bow ⇒ front', '02'],
  ['bow - front', '02'],
  ['bow-front', ''],
  ['bow = front = rear', ''],
  ['mast = front', ''],
  ['1 = front', '02'],
  ['bow = c', '02'],
  ['bow – front\nstern – rear', '02 10'],
  ['', ''],
])('%j pairs %j', (text, pairs) =>
  expect(
    namedPairs(text, BOATS, PARTS)
      .map(([left, right]) => `${left}${right}`)
      .join(' '),
  ).toBe(pairs),
)

test('a comma within brackets parts no pairs', () => {
  const right = entriesOf('- front (of a boat, seen from aft)\n- rear')
  expect(namedPairs('bow = front (of a boat, seen from aft)', BOATS, right)).toEqual([[0, 0]])
})

test('lists without labels are paired by places', () => {
  const [left, right] = [entriesOf('- bow\n- stern'), entriesOf('- rear\n- front')]
  expect(namedPairs('1b 2a', left, right)).toEqual([
    [0, 1],
    [1, 0],
  ])
})

test('what is written twice is compared by letters and figures', () => {
  expect(fold('  “Reef–Knot”, 20 °C! ')).toBe('reef knot 20 °c')
  expect(sameWords('Reef knot.', 'reef KNOT')).toBe(true)
  expect(sameWords('5 %', '5')).toBe(false)
  expect(sameWords('+', '-')).toBe(false)
  expect(sameWords('…', '!')).toBe(false)
})

test.each<[string, number[] | null]>([
  ['correct is option 2', [1]],
  ['Correct are options 1 and 3.', [0, 2]],
  ['choice 3, then the mate', [2]],
  ['option 4', null],
  ['correct is 2.5', null],
])('%s names %p by place', (text, indexes) => {
  expect(namedOptions(text, PLAIN)?.indexes ?? null).toEqual(indexes)
})
