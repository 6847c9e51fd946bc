import { signedItems } from '../../testing/role-text.ts'

const first = (signed: string) => signedItems(signed)[0]

test.each<[string, string, readonly string[]]>([
  [
    'parted by strokes',
    'S|STEM: Which loop?\nO|KEY: bowline\nO|DISTRACTORS: reef knot / bend',
    ['bowline', 'reef knot', 'bend'],
  ],
  [
    'parted by semicolons',
    'S|1. Which loop?\nK|Key: bowline\nO|Distractors: reef knot; bend',
    ['bowline', 'reef knot', 'bend'],
  ],
  [
    'parted by commas',
    'S|1. Which loop?\nK|Answer: bowline\nO|Wrong answers: reef knot, bend',
    ['bowline', 'reef knot', 'bend'],
  ],
  [
    'a line each',
    'S|1. Which loop?\nO|Key: bowline\nO|Distractor 1: reef knot\nO|Distractor 2: bend',
    ['bowline', 'reef knot', 'bend'],
  ],
  [
    'before the key',
    'S|1. Which loop?\nO|Distractors: reef knot / bend\nO|Key: bowline',
    ['reef knot', 'bend', 'bowline'],
  ],
])('the key beside wrong options %s', (_name, signed, options) => {
  expect(first(signed)).toMatchObject({ kind: 'single', options, key: [options.indexOf('bowline')] })
})

test('without a key they stay what they are', () => {
  expect(first('S|1. Which loop?\nO|Distractors: reef knot / bend\nO|Level: easy')?.key).toEqual([])
})
