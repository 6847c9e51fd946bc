import { assembleText } from '../../testing/records.ts'
import { judgeByValues } from './judgements.ts'

/** What each record is said to be, and what single letters mean there: "truefalse a+ f-". */
function judged(...statements: readonly (readonly [stem: string, key: string])[]): string[] {
  const { records } = assembleText(
    statements.map(([stem, key], at) => `${at + 1}. ${stem}${key && `\nAnswer: ${key}`}`).join('\n\n'),
    '',
  )
  judgeByValues(records)
  return records.map(({ kindSaid, truths }) =>
    [kindSaid ?? '-', ...[...(truths ?? [])].map(([letter, truth]) => `${letter}${truth ? '+' : '-'}`)].join(' '),
  )
}

const SHIP = 'A ketch has two masts.'
const SAIL = 'A sloop has three masts.'
const ROPE = 'Hemp rots in salt water.'
const LIGHT = 'A port light is red.'

test('statements whose keys are words of truth are judged', () =>
  expect(judged([SHIP, 'True'], [SAIL, 'False'], [ROPE, 'True'])).toEqual(['truefalse', 'truefalse', 'truefalse']))

test('two letters in turn mean what they mean in the one language that has both', () =>
  expect(judged([SHIP, 'a'], [SAIL, 'n'], [ROPE, 'a'])).toEqual([
    'truefalse a+ n-',
    'truefalse a+ n-',
    'truefalse a+ n-',
  ]))

test('one that is judged alone stays open', () =>
  expect(judged([SHIP, 'True'], ['How many masts has a yawl, and where?', 'two'])).toEqual(['-', '-']))

test('what is no judgement among three that are stays as it is', () =>
  expect(judged([SHIP, 'True'], [SAIL, 'False'], [ROPE, 'True'], [LIGHT, 'on the left'])).toEqual([
    'truefalse',
    'truefalse',
    'truefalse',
    '-',
  ]))

test('where fewer than three in four are judgements, none is taken for one by its neighbours', () =>
  expect(judged([SHIP, 'True'], [SAIL, 'False'], [ROPE, 'in a month'], [LIGHT, 'on the left'])).toEqual([
    '-',
    '-',
    '-',
    '-',
  ]))

test('a statement without a key among judged ones is judged, and waits for its key', () =>
  expect(judged([SHIP, 'True'], [SAIL, 'False'], [ROPE, ''])).toEqual(['truefalse', 'truefalse', 'truefalse']))

test('a question breaks the run', () =>
  expect(judged([SHIP, 'True'], ['Which mast is higher?', 'False'], [SAIL, 'False'])).toEqual(['-', '-', '-']))

test('a nought is a judgement among its like, and a figure among words', () => {
  expect(judged([SHIP, '0'], [SAIL, '0'])).toEqual(['truefalse', 'truefalse'])
  expect(judged([SHIP, 'True'], [SAIL, 'False'], [ROPE, 'True'], ['The number of keels of a raft.', '0'])).toEqual([
    'truefalse',
    'truefalse',
    'truefalse',
    '-',
  ])
})
