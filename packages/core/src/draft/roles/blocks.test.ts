import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { alternativesOf } from './alternatives.ts'
import { readRoles, surround } from './read-roles.ts'
import { ROLE_COUNT, ROLE_INDEX } from './roles.ts'

const draftOf = (text: string) => surround(unitsOf(cleanLines({ text })))

test('a line knows what stands above and below it between two numbers', () => {
  const draft = draftOf('1. Who?\nSay it.\na) me\nb) you\nAnswer: a\n\n2. Why?\n3. How?\n4. When?')
  expect(draft.numbered[1]).toEqual({
    since: 1,
    until: 3,
    optionsAbove: false,
    optionsBelow: true,
    keyAbove: false,
    keyBelow: true,
  })
  expect(draft.numbered[4]).toMatchObject({ since: 4, until: 0, optionsAbove: true, keyBelow: false })
  expect(draft.numbered[5]).toMatchObject({ since: 0, optionsAbove: false })
})

test('a paragraph starts behind an empty line', () => {
  const draft = draftOf('Title\n\nWho?\n☐ me\n☐ you')
  expect(draft.paragraphs.map((place) => place.since)).toEqual([0, 0, 1, 2])
  expect(draft.paragraphs[1]).toMatchObject({ until: 2, optionsBelow: true })
})

/** Weights that make every line the start of an item, by a little. */
const weights = (() => {
  const any = new Float64Array(ROLE_COUNT)
  any[ROLE_INDEX.stem] = 2
  any[ROLE_INDEX.out] = 1
  const steps = [new Float64Array(ROLE_COUNT ** 2), new Float64Array(ROLE_COUNT ** 2)] as const
  const round = { features: new Map([['any', any]]), steps }
  return { first: round, second: round }
})()

test('lines that look alike, or count on, are something else together in another reading', () => {
  const read = readRoles(draftOf('1. oak\n2. rye\n3. elm\nfree words'), weights)
  expect([...read.roles].every((role) => role === ROLE_INDEX.stem)).toBe(true)
  const others = alternativesOf(read, 10)
  const together = others.find(({ read: other }) =>
    [0, 1, 2].every((at) => other.roles[at] !== ROLE_INDEX.stem && other.roles[3] === ROLE_INDEX.stem),
  )
  expect(together?.loss).toBeCloseTo(3, 6)
  expect(alternativesOf(read, 1)).toHaveLength(1)
})
