import { readDraft } from '../draft/read-draft.ts'
import { OutcomesError } from './outcome.ts'
import { proposeOutcomes } from './propose.ts'
import { readCase } from './read-case.ts'
import { outcomesFromRows } from './read-table.ts'

// The shape of a CFPackage: 1EdTech, Competencies and Academic Standards Exchange (CASE) Service 1.0, section 6.2, CFPackage,
// CFItem and CFAssociation; section number from memory, content of our own.
const PACKAGE = JSON.stringify({
  CFDocument: { identifier: 'doc', title: 'Coastal pilotage' },
  CFItems: [
    { identifier: 'b', humanCodingScheme: 'P2', fullStatement: 'Reads lights and buoys.' },
    { identifier: 'a', humanCodingScheme: 'P1', fullStatement: 'Reckons tides.' },
    { identifier: 'a2', humanCodingScheme: 'P1.2', fullStatement: 'Applies the rule of twelfths.' },
    { identifier: 'a1', humanCodingScheme: 'P1.1', fullStatement: 'Reads a tide table.' },
  ],
  CFAssociations: [
    {
      associationType: 'isChildOf',
      originNodeURI: { identifier: 'a' },
      destinationNodeURI: { identifier: 'doc' },
      sequenceNumber: 1,
    },
    {
      associationType: 'isChildOf',
      originNodeURI: { identifier: 'b' },
      destinationNodeURI: { identifier: 'doc' },
      sequenceNumber: 2,
    },
    {
      associationType: 'isChildOf',
      originNodeURI: { identifier: 'a1' },
      destinationNodeURI: { identifier: 'a' },
      sequenceNumber: 1,
    },
    {
      associationType: 'isChildOf',
      originNodeURI: { identifier: 'a2' },
      destinationNodeURI: { identifier: 'a' },
      sequenceNumber: 2,
    },
    { associationType: 'isRelatedTo', originNodeURI: { identifier: 'a1' }, destinationNodeURI: { identifier: 'b' } },
  ],
})

test('a CASE package becomes a tree, parents first, siblings in their sequence', () => {
  expect(readCase(PACKAGE).map(({ code, parent }) => [code, parent])).toEqual([
    ['P1', null],
    ['P1.1', 'a'],
    ['P1.2', 'a'],
    ['P2', null],
  ])
})

test.each([
  ['no JSON', '<xml/>'],
  ['JSON of another sort', '{"items":[]}'],
])('%s is one clear error', (_name, text) => {
  expect(() => readCase(text)).toThrow(OutcomesError)
})

test('items that are each other’s parents are kept', () => {
  const link = (a: string, b: string): object => ({
    associationType: 'isChildOf',
    originNodeURI: { identifier: a },
    destinationNodeURI: { identifier: b },
  })
  const text = JSON.stringify({
    CFItems: [
      { identifier: 'x', fullStatement: 'X' },
      { identifier: 'y', fullStatement: 'Y' },
    ],
    CFAssociations: [link('x', 'y'), link('y', 'x')],
  })
  expect(
    readCase(text)
      .map((one) => one.id)
      .sort(),
  ).toEqual(['x', 'y'])
})

test('a table: headers in any order, parents named or told by the code', () => {
  const rows = [
    ['Statement', 'Code', 'Parent'],
    ['Tides', 'P1', ''],
    ['Tide tables', 'P1.1', ''],
    ['Lights', 'L', 'P1'],
    ['', '', ''],
  ]
  expect(outcomesFromRows(rows).map(({ code, parent, statement }) => [code, parent, statement])).toEqual([
    ['P1', null, 'Tides'],
    ['P1.1', 'P1', 'Tide tables'],
    ['L', 'P1', 'Lights'],
  ])
  expect(outcomesFromRows([['P1', 'Tides']])).toMatchObject([{ code: 'P1', statement: 'Tides' }])
  expect(() => outcomesFromRows([['code'], ['']])).toThrow(OutcomesError)
})

test('an item’s words propose the outcome that shares them', () => {
  const [read] = readDraft({
    text: 'How far does the tide rise in the third hour by the rule of twelfths?\na) 1/12\nb) 3/12\nc) 6/12\nAnswer: b',
  }).items
  const found = read ? proposeOutcomes(read.item, readCase(PACKAGE)) : []
  expect(found[0]?.outcome.code).toBe('P1.2')
  expect(found.map((one) => one.outcome.code)).not.toContain('P2')
})
