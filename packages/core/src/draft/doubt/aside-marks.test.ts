import { unitsOf } from '../facts/units.ts'
import { surround, type ReadRoles } from '../roles/read-roles.ts'
import { ROLE_COUNT, ROLE_INDEX } from '../roles/roles.ts'
import { cleanLines } from '../text/clean.ts'
import { asideMarks } from './aside-marks.ts'

/** A draft whose lines were all set aside, each with a probability of starting an item. */
function setAside(text: string, probability: number, more: Partial<ReadRoles> = {}): ReadRoles {
  const draft = surround(unitsOf(cleanLines({ text })))
  const count = draft.facts.length
  const roles = new Uint8Array(count).fill(ROLE_INDEX.out)
  const marginals = new Float64Array(count * ROLE_COUNT)
  for (let at = 0; at < count; at++) marginals[at * ROLE_COUNT + ROLE_INDEX.stem] = probability
  const none = new Float64Array(0)
  const weighed = { scores: none, gaps: [], steps: [none, none] as const, marginals }
  const sure = new Float64Array(count).fill(1)
  return { draft, roles, others: roles, margins: sure, probabilities: sure, weighed, said: new Map(), ...more }
}

test('a line that asks and was set aside says what it may be', () => {
  const [mark, ...others] = asideMarks(setAside('Rigging\nName the rope that hoists a sail.', 0.1))
  expect(others).toEqual([])
  expect(mark).toMatchObject({
    code: 'aside-unsure',
    message: 'Line 2 was set aside and may be the start of an item.',
    lines: [2, 2],
    mend: { says: [{ from: 8, part: 'item' }] },
    stays: { says: [{ from: 8, part: 'none' }] },
  })
})

test.each([
  ['that hardly is one', 'Name the rope.', 0.01, {}],
  ['that asks for nothing', 'The rope is wet.', 0.4, {}],
  ['of a form to fill in', 'Name: __________', 0.4, {}],
  ['that a person spoke of', 'Name the rope.', 0.4, { said: new Map([[0, 'none' as const]]) }],
  ['that is an item', 'Name the rope.', 0.4, { roles: Uint8Array.of(ROLE_INDEX.stem) }],
])('nothing is said of a line %s', (_name, text, probability, more) => {
  expect(asideMarks(setAside(text, probability, more))).toEqual([])
})
