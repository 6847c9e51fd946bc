import { cleanLines } from '../text/clean.ts'
import { unitsOf } from '../facts/units.ts'
import { alternativesOf } from './alternatives.ts'
import { readRoles, surround } from './read-roles.ts'
import { ROLES } from './roles.ts'
import { parseWeights } from './weights.ts'
import { WEIGHTS_TABLE } from './weights-table.ts'

const WEIGHTS = parseWeights(WEIGHTS_TABLE)

/** The roles of all lines in each of the readings, the best one first. */
function readings(text: string, most = 10): string[][] {
  const read = readRoles(surround(unitsOf(cleanLines({ text }))), WEIGHTS)
  const names = (roles: Uint8Array): string[] => [...roles].map((role) => ROLES[role] ?? '')
  return [names(read.roles), ...alternativesOf(read, most).map((one) => names(one.read.roles))]
}

const KEYS_OF_NOTHING =
  '1. The part that you look through: _lens_\n2. What holds the slide: _stage_\n3. It has a lamp: _T_'

test('keys without an item could all begin one', () => {
  expect(readings(KEYS_OF_NOTHING)).toContainEqual(['stem', 'stem', 'stem'])
})

const PAIRED =
  '1. What do you wear at the forge? gloves, sandals -- gloves\n2. Where does glass go? the sink, the box -- the box\n3. Rinse it with ______ -- water\n4. You may taste it. -- no\n5. Hair is tied back. -- yes'

test('where lines that count on begin an item only now and then, all of them could', () => {
  expect(readings(PAIRED)).toContainEqual(['stem', 'stem', 'stem', 'stem', 'stem'])
})

test('a list that counts again is not one of these', () => {
  const asked = [1, 2, 3].map((at) => `${at}. Which knot is number ${at}?\na) reef\nb) bowline`).join('\n')
  const all = readings(`${asked}\n\nAnswers\n1. a\n2. b\n3. a`)
  expect(all.every((roles) => roles.filter((role) => role === 'stem').length <= 3)).toBe(true)
})

test('other readings are different ones, no more than asked for, and explain the lines no better', () => {
  const read = readRoles(surround(unitsOf(cleanLines({ text: PAIRED }))), WEIGHTS)
  const others = alternativesOf(read, 4)
  expect(others.length).toBeLessThanOrEqual(4)
  for (const one of others) {
    expect([...one.read.roles]).not.toEqual([...read.roles])
    expect(one.loss).toBeGreaterThanOrEqual(-1e-9)
  }
})
