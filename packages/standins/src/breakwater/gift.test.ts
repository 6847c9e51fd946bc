import { itemsInGift } from './gift.ts'
import { correctResponses, gradeSource, takeItem } from './site-item.ts'
import { parseQti } from './version3.ts'

// Kinds and marks as the format's published description gives them; the questions are our own.
const TEXT = `// a comment
$CATEGORY: Harbour

::q1::Which one floats? {
  =cork#Right.
  ~lead#Too heavy.
  ~%50%wet wood
}

::q2::Which two are winds? {~%50%foehn ~%50%mistral ~%-100%delta}

Salt is a mineral. {T}

::q4:: A knot is one nautical \\{mile\\} per hour. {FALSE#No.#Yes.####See the log.}

The tide turns {=twice =two times =%50%2} a day.

Any word that begins with har\\: {=har*}

How deep? {#3.5:0.25}

::q8::Between? {#1..5}

How many? {#
  =8:0
  =%50%8:1
}

Match. {
  =ebb -> out
  =flood -> in

  = -> across
}

Write about the sea. {}

Only to be read.

Broken {=one`

const ITEMS = itemsInGift(TEXT)
const score = (at: number, ...given: string[]): number => gradeSource(ITEMS[at]?.source ?? '', { RESPONSE: given })

test('every block is a question, and one that cannot be read says why', () => {
  expect(ITEMS).toHaveLength(13)
  expect(ITEMS.map(({ why }) => why ?? '').filter(Boolean)).toEqual(['the braces of its answers are not closed'])
  expect(ITEMS.slice(0, 12).map(({ path, source }) => takeItem(path, source).points)).toEqual([
    1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 0,
  ])
})

test.each<[number, string[], number]>([
  [0, ['c1'], 1],
  [0, ['c3'], 0.5],
  [0, ['c2'], 0],
  [1, ['c1', 'c2'], 1],
  [1, ['c1'], 0.5],
  [1, ['c1', 'c2', 'c3'], 0],
  [2, ['true'], 1],
  [3, ['true'], 0],
  [3, ['false'], 1],
  [4, ['TWICE'], 1],
  [4, ['two  times'], 1],
  [4, ['2'], 0.5],
  [5, ['harbour'], 1],
  [5, ['sharp'], 0],
  [6, ['3.75'], 1],
  [6, ['3.8'], 0],
  [7, ['5'], 1],
  [8, ['9'], 0.5],
  [8, ['8'], 1],
  [9, ['L1 R1', 'L2 R2'], 1],
  [9, ['L1 R3', 'L2 R2'], 0.5],
  [9, [], 0],
])('question %i: %j earns %d', (at, given, earned) => {
  expect(score(at, ...given)).toBeCloseTo(earned, 9)
})

test('what is shown has no marks of the format, and a gap stands where the answers stood', () => {
  const body = (at: number): string =>
    parseQti(ITEMS[at]?.source ?? '').getElementsByTagName('itemBody')[0]?.textContent ?? ''
  expect(body(3)).toContain('one nautical {mile} per hour.')
  expect(body(4)).toMatch(/The tide turns\s+_____\s+a day\./)
  expect(body(9)).toContain('across')
})

test('the key that it declares is one that earns all', () => {
  for (const { source, why } of ITEMS.slice(0, 10)) {
    expect(why).toBeUndefined()
    expect(gradeSource(source, correctResponses(parseQti(source)))).toBeCloseTo(1, 9)
  }
})
