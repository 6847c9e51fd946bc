import { optionsOf } from '../../testing/every-kind.ts'
import { ratingOf } from './ratings.ts'
import { rubricLine, rubricText } from './rubric.ts'
import { isTruth, truthIn } from './truth.ts'

test.each<[string, readonly string[], object | null]>([
  ['figures that count on', ['1', '2', '3'], { low: 1, high: 3 }],
  ['labels at the ends', ['1 – never', '2', '3: always'], { low: 1, high: 3, lowLabel: 'never', highLabel: 'always' }],
  ['from below nought', ['-1', '0', '1'], { low: -1, high: 1 }],
  ['full stops and brackets behind', ['1. never', '2)', ' 3) always '], null],
  [
    'all with labels',
    ['1. never', '2) often', '3 = always'],
    { low: 1, high: 3, lowLabel: 'never', highLabel: 'always' },
  ],
  ['two of them', ['1', '2'], null],
  ['one left out', ['1', '2', '4'], null],
  ['downwards', ['3', '2', '1'], null],
  ['words', ['never', 'often', 'always'], null],
  ['four figures', ['1851', '1852', '1853'], null],
  ['nothing', [], null],
])('choices that rate: %s', (_name, choices, rating) => expect(ratingOf(choices)).toEqual(rating))

test.each<[readonly string[], boolean]>([
  [['True', 'False'], true],
  [['falsch', 'richtig'], true],
  [['True', 'True'], false],
  [['True', 'False', 'Maybe'], false],
  [['True', 'Port'], false],
  [['T', 'F'], false],
  [['True'], false],
])('%j: a statement to judge: %s', (texts, holds) => expect(isTruth(optionsOf(...texts))).toBe(holds))

test('which of two judgements says true', () => {
  const options = optionsOf('False', 'True')
  expect(['a', 'b', 'c'].map((id) => truthIn(options, id))).toEqual([false, true, false])
})

test.each([
  ['Names the wind (2)', 'Names the wind', 2],
  ['Names the wind (1.5)', 'Names the wind', 1.5],
  ['Names (all) winds (2)', 'Names (all) winds', 2],
  ['Names the\nwind (2)', 'Names the\nwind', 2],
  ['Names the wind', 'Names the wind', 0],
  ['Names the wind (2) twice', 'Names the wind (2) twice', 0],
  ['(2)', '(2)', 0],
])('the line of a rubric %j says %j for %f', (text, says, points) => expect(rubricLine(text)).toEqual({ says, points }))

test('a line of a rubric comes back as it was', () => {
  const line = { says: 'Names the wind', points: 2.5 }
  expect(rubricLine(rubricText(line))).toEqual(line)
})
