import fc from 'fast-check'
import { carried, clashesOf, editsBetween, mergedText } from './merge-texts'

const BASE = '1. Which is a grain?\na) oak\nb) rye\n\n2. Which is a tree?\na) oak\nb) rye'

test('what only one changed goes together by itself', () => {
  const sides = { base: BASE, mine: BASE.replace('1. Which', '1. What'), theirs: `${BASE}\nAnswer: a` }
  expect(clashesOf(sides)).toEqual([])
  expect(mergedText(sides)).toBe(`${BASE.replace('1. Which', '1. What')}\nAnswer: a`)
})

test('the same change by both is one', () => {
  const both = BASE.replace('tree', 'bush')
  expect(clashesOf({ base: BASE, mine: both, theirs: both })).toEqual([])
  expect(mergedText({ base: BASE, mine: both, theirs: both })).toBe(both)
})

test('a line that both changed is asked about, and nothing of it is lost until then', () => {
  const sides = { base: BASE, mine: BASE.replace('grain', 'corn'), theirs: BASE.replace('grain', 'cereal') }
  expect(clashesOf(sides)).toEqual([{ mine: '1. Which is a corn?', theirs: '1. Which is a cereal?' }])
  expect(mergedText(sides)).toContain('corn?\n1. Which is a cereal?')
  expect(mergedText(sides, ['mine'])).toBe(sides.mine)
  expect(mergedText(sides, ['theirs'])).toBe(sides.theirs)
})

const text = fc
  .array(fc.constantFrom('a', 'b', 'c', '', 'Answer: a'), { maxLength: 8 })
  .map((lines) => lines.join('\n'))

test('every line that anybody put in is there', () => {
  fc.assert(
    fc.property(text, text, text, (base, mine, theirs) => {
      const merged = new Set(mergedText({ base, mine, theirs }).split('\n'))
      const old = new Set(base.split('\n'))
      for (const line of [...mine.split('\n'), ...theirs.split('\n')])
        if (!old.has(line)) expect(merged).toContain(line)
    }),
  )
})

test('who changed nothing takes the other’s text', () => {
  fc.assert(
    fc.property(text, text, (base, changed) => {
      expect(mergedText({ base, mine: base, theirs: changed })).toBe(changed)
      expect(mergedText({ base, mine: changed, theirs: base })).toBe(changed)
    }),
  )
})

test('edits turn one text into the other, whatever the two are', () => {
  fc.assert(
    fc.property(text, text, (from, to) => {
      const edits = editsBetween(from, to)
      const done = [...edits]
        .reverse()
        .reduce((now, edit) => now.slice(0, edit.from) + edit.insert + now.slice(edit.to), from)
      expect(done).toBe(to)
    }),
  )
})

test('ranges go along with their lines, and go with lines that are gone', () => {
  const from = 'one\ntwo\nthree'
  const ranges = [
    { from: 0, to: 3, style: 'strong' as const },
    { from: 8, to: 13, style: 'underline' as const },
  ]
  expect(carried(ranges, from, 'zero\none\nthree')).toEqual([
    { from: 5, to: 8, style: 'strong' },
    { from: 9, to: 14, style: 'underline' },
  ])
  expect(carried(ranges, from, 'two\nthree')).toEqual([{ from: 4, to: 9, style: 'underline' }])
})
