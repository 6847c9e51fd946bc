import { contentOf } from '../content/model.ts'
import { parseXml, descendants } from '../formats/xml/xml.ts'
import { scorePaper } from '../analyse/scores.ts'
import type { Item } from '../item/model.ts'
import { gradebookTables } from './oneroster.ts'
import { qtiResult } from './qti-results.ts'
import { resultsSheet, type SheetAttempt } from './results-sheet.ts'

const ITEMS: Item[] = [
  { kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [true] },
  { kind: 'note', stem: contentOf('Read on.'), points: 0, tags: [] },
  { kind: 'essay', stem: contentOf('Why?'), points: 3, tags: [] },
  {
    ...{
      kind: 'multiple',
      stem: contentOf('Which?'),
      points: 2,
      tags: [],
      key: ['a', 'b'],
      shuffle: true,
      credit: 'each',
    },
    options: ['a', 'b', 'c'].map((id) => ({ id, content: contentOf(`option ${id}`) })),
  },
]
const ATTEMPTS: SheetAttempt[] = [
  {
    student: '=HYPERLINK("x")',
    fields: { Class: '7b' },
    submittedAt: '2026-03-02T10:00:00.000Z',
    responses: [
      { kind: 'truth', value: true },
      null,
      { kind: 'text', text: 'Because.' },
      { kind: 'choice', chosen: ['a'] },
    ],
  },
  { student: 'Nils', fields: {}, submittedAt: null, responses: [null, null, null, null], given: { 2: 1.5 } },
]
const figures = scorePaper(ITEMS, ATTEMPTS)

test('a results sheet has the chosen columns in their order; what waits for a person is empty', () => {
  expect(resultsSheet(ITEMS, ATTEMPTS, figures, ['student', 'fields', 'points', 'total', 'share', 'waiting'])).toEqual([
    [
      'Student',
      'Class',
      '1. Rye is a grain. (1)',
      '3. Why? (3)',
      '4. Which? (2)',
      'Total (6)',
      'Share (%)',
      'Still to read',
    ],
    ['=HYPERLINK("x")', '7b', 1, '', 1, 2, 33.33, 1],
    ['Nils', '', 0, 1.5, 0, 1.5, 25, 0],
  ])
  const [, first] = resultsSheet(ITEMS, ATTEMPTS, figures, ['answers', 'submitted'])
  expect(first).toEqual(['True', 'Because.', 'option a', '2026-03-02T10:00:00.000Z'])
})

test('an item that was left out has no points in it', () => {
  const settings = { leftOut: [0] }
  const [head] = resultsSheet(ITEMS, ATTEMPTS, scorePaper(ITEMS, ATTEMPTS, settings), ['points', 'total'], settings)
  expect(head).toEqual(['3. Why? (3)', '4. Which? (2)', 'Total (5)'])
})

// OneRoster 1.2 CSV binding: the manifest names every file; line items and results refer to each other by sourcedId.
test('marks as a gradebook package', () => {
  const tables = gradebookTables({
    ...{ id: 'sitting-1', title: 'Week 2, check', classId: 'c-7b', schoolId: 's-1', pointsPossible: 6 },
    ...{ assigned: '2026-03-01T08:00:00Z', due: '2026-03-02T08:00:00Z', written: '2026-03-03T08:00:00Z' },
    marks: [
      { studentId: 'u1', score: 2, isFinal: false, date: '2026-03-02T10:00:00Z' },
      { studentId: 'u2', score: 6, isFinal: true, date: null },
    ],
  })
  const manifest = new Map((tables['manifest.csv'] ?? []).map(([name, value]) => [name, value]))
  expect([manifest.get('oneroster.version'), manifest.get('file.results'), manifest.get('file.users')]).toEqual([
    '1.2',
    'bulk',
    'absent',
  ])
  const bulk = [...manifest].flatMap(([name, value]) => (value === 'bulk' ? [`${String(name).slice(5)}.csv`] : []))
  expect(Object.keys(tables).sort()).toEqual([...bulk, 'manifest.csv'].sort())
  for (const [head, ...rows] of Object.values(tables))
    for (const row of rows) expect(row).toHaveLength(head?.length ?? 0)
  const record = (file: string, at: number) =>
    Object.fromEntries((tables[file]?.[0] ?? []).map((name, place) => [name, tables[file]?.[at]?.[place]]))
  expect(record('lineItems.csv', 1)).toMatchObject({ sourcedId: 'sitting-1', resultValueMax: 6, dueDate: '2026-03-02' })
  expect(record('results.csv', 1)).toMatchObject({
    ...{ lineItemSourcedId: 'sitting-1', studentSourcedId: 'u1', score: 2, scoreStatus: 'partially graded' },
    scoreDate: '2026-03-02',
  })
  expect(record('results.csv', 2)).toMatchObject({ scoreStatus: 'fully graded', scoreDate: '2026-03-03' })
  expect(record('lineItems.csv', 1)['categorySourcedId']).toBe(record('categories.csv', 1)['sourcedId'])
})

// QTI 2.1 Results Reporting, sections 2 to 4.
test('an attempt as a report of results', () => {
  const [attempt] = ATTEMPTS
  const root = parseXml(
    qtiResult({
      ...{ personId: 'u1', testId: 't', at: '2026-03-02T10:00:00Z', total: 2, possible: 6 },
      items: ITEMS.map((item, at) => ({
        ...{ id: `item-${at}`, item, response: attempt?.responses[at] ?? null },
        points: figures.attempts[0]?.points[at] ?? null,
      })),
    }),
  )
  expect([root.name, root.attributes['xmlns']]).toEqual([
    'assessmentResult',
    'http://www.imsglobal.org/xsd/imsqti_result_v2p1',
  ])
  const found = descendants(root, 'itemResult')
  expect(
    found.map(({ attributes }) => [attributes['identifier'], attributes['sequenceIndex'], attributes['sessionStatus']]),
  ).toEqual([
    ['item-0', '1', 'final'],
    ['item-2', '3', 'pendingResponseProcessing'],
    ['item-3', '4', 'final'],
  ])
  const [choice] = found[2] ? descendants(found[2], 'responseVariable') : []
  expect(choice?.attributes).toMatchObject({ cardinality: 'multiple', baseType: 'identifier', identifier: 'RESPONSE' })
  const [testScore] = descendants(root, 'testResult').flatMap((one) => descendants(one, 'outcomeVariable'))
  expect(testScore?.attributes).toMatchObject({ identifier: 'SCORE', baseType: 'float', normalMaximum: '6' })
})
