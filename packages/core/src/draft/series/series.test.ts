import { factsOf } from '../facts/facts.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { findSeries } from './series.ts'

function seriesOf(text: string): ReturnType<typeof findSeries> {
  const units = unitsOf(cleanLines({ text }))
  return findSeries(
    units,
    units.map((unit) => factsOf(unit).labels),
  )
}

/** Each series as its depth and what it counts: `0: 1 2 3`. */
function told(text: string): string[] {
  return seriesOf(text).all.map((one) => `${one.depth}: ${one.members.map((member) => member.label.id).join(' ')}`)
}

const ITEM = (number: string): string => `${number} Which?\na) one\nb) two\nc) three`

test('letters between numbers stand inside of them', () => {
  expect(told([ITEM('1.'), ITEM('2.'), ITEM('3.')].join('\n'))).toEqual([
    '0: 1 2 3',
    '1: a b c',
    '1: a b c',
    '1: a b c',
  ])
})

test('a numbering may change its dress and skip a number', () => {
  expect(told([ITEM('1.'), ITEM('2.'), ITEM('4)'), ITEM('5)')].join('\n'))[0]).toBe('0: 1 2 4 5')
})

test('words and figures count together', () => {
  expect(told('Task 1: What?\nTask 2: Who?\n3) Where?\n4) When?')).toEqual(['0: 1 2 3 4'])
})

test('nested numbers go on below the next one', () => {
  expect(told('1.1 a?\n1.2 b?\n2.1 c?\n2.2 d?')).toEqual(['0: 1.1 1.2 2.1 2.2'])
})

test('i. is roman where ii. follows, else a letter', () => {
  expect(seriesOf('i. one\nii. two\niii. three').all.map((one) => one.members[0]?.label.script)).toEqual(['roman'])
  expect(told('g) x\nh) y\ni) z')).toEqual(['0: g h i'])
})

test('a numbering that comes again repeats the first', () => {
  const { all } = seriesOf([ITEM('1.'), ITEM('2.'), ITEM('3.'), 'Key', '1. a', '2. c', '3. b'].join('\n'))
  const again = all.find((one) => one.repeats)
  expect(again?.members.map((member) => member.label.id)).toEqual(['1', '2', '3'])
  expect(again?.repeats?.id).toBe(0)
})

test('a weak label of no series is none', () => {
  const { places } = seriesOf('A cat sat on the mat.\nThe dog did not.')
  expect(places).toEqual([null, null])
  expect(seriesOf('A red\nB green\nC blue').places.map((place) => place?.label.id)).toEqual(['a', 'b', 'c'])
})
