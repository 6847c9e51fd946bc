import { peopleIn, questionIn, settingsIn } from './check.ts'
import { LIMITS, QUESTION_TYPES } from './model.ts'

const made = (given: unknown) => questionIn(given, 'q-1', 'own', LIMITS)
const CHOICE = { type: 'choice', title: 'Which?', options: ['ebb', 'flood'] }
const GRID = { type: 'grid', title: 'Each', rows: ['r', 's'], columns: ['x', 'y'] }

test('what a question leaves out has its usual value', () => {
  expect(made({ type: 'line' })).toEqual({
    ...{ id: 'q-1', key: 'own', type: 'line', title: '', description: '', picture: null, required: false },
    ...{ options: [], shuffle: false, rows: [], columns: [], low: 1, high: 5, lowLabel: '', highLabel: '' },
    ...{ points: 0, right: null, ignoreCase: false, feedback: { right: '', wrong: '' } },
  })
})

test.each(QUESTION_TYPES.map((type) => [type]))('a question of type %s is taken', (type) => {
  expect(made({ ...GRID, ...CHOICE, type, rows: GRID.rows }).type).toBe(type)
})

test.each<[string, unknown, string | null]>([
  ['Send a question.', null, null],
  ['Send a question.', 'line', null],
  ['There is no such type of question.', { type: 'essay' }, 'type'],
  ['title is a text.', { ...CHOICE, title: 7 }, 'title'],
  ['description has at most 4000 letters.', { ...CHOICE, description: 'x'.repeat(4001) }, 'description'],
  ['options is a list.', { ...CHOICE, options: 'ebb' }, 'options'],
  ['options has at most 150 letters.', { ...CHOICE, options: ['x'.repeat(151), 'b'] }, 'options'],
  ['options are at most 40.', { ...CHOICE, options: Array.from({ length: 41 }, String) }, 'options'],
  ['options need a text each.', { ...CHOICE, options: ['ebb', '  '] }, 'options'],
  ['options need a text each.', { ...CHOICE, options: [] }, 'options'],
  ['Two of the options are alike.', { ...CHOICE, type: 'list', options: ['ebb', 'ebb'] }, 'options'],
  ['Two of the rows are alike.', { ...GRID, rows: ['r', 'r'] }, 'rows'],
  ['columns need a text each.', { ...GRID, columns: [] }, 'columns'],
  ['Points are from 0 to 1000.', { ...CHOICE, points: -1 }, 'points'],
  ['Points are from 0 to 1000.', { ...CHOICE, points: 'two' }, 'points'],
  ['Pictures are PNG, JPEG, GIF or WebP.', { ...CHOICE, picture: { type: 'image/svg+xml', data: '' } }, 'picture'],
  ['The right answer names an option that is not there.', { ...CHOICE, right: { places: [2] } }, 'right'],
  ['The right answer names an option that is not there.', { ...CHOICE, right: { places: [0.5] } }, 'right'],
  ['One option is right.', { ...CHOICE, right: { places: [0, 1] } }, 'right'],
  ['One option is right.', { ...CHOICE, right: { texts: ['ebb'] } }, 'right'],
  ['This type of question is not graded in this way.', { type: 'line', right: { places: [] } }, 'right'],
  ['This type of question is not graded in this way.', { ...CHOICE, type: 'boxes', right: { places: [] } }, 'right'],
  ['Every row of a graded grid needs a right column.', { ...GRID, right: { places: [0] } }, 'right'],
])('%s (%j)', (message, given, at) => {
  expect(() => made(given)).toThrow(expect.objectContaining({ message, at }) as Error)
})

test('a key is kept as its type has it', () => {
  expect(made({ ...CHOICE, right: { places: [1] } }).right).toEqual({ places: [1] })
  expect(made({ ...CHOICE, type: 'boxes', right: { places: [0, 1] } }).right).toEqual({ places: [0, 1] })
  expect(made({ ...GRID, right: { places: [1, 0] } }).right).toEqual({ places: [1, 0] })
  expect(made({ type: 'line', right: { texts: ['ebb', 3] } }).right).toEqual({ texts: ['ebb', '3'] })
})

test('settings and people', () => {
  expect(settingsIn(null)).toEqual({ isQuiz: false, shuffle: false, oneEach: false, fields: [], feedback: 'after' })
  expect(settingsIn({ isQuiz: true, fields: ['Name', 4], feedback: 'never' })).toMatchObject({
    ...{ isQuiz: true, fields: ['Name', '4'], feedback: 'never' },
  })
  expect(settingsIn({ fields: Array.from({ length: 12 }, String) }).fields).toHaveLength(10)
  expect(peopleIn(null)).toBeNull()
  expect(peopleIn(['Bente Havn'])).toEqual(['Bente Havn'])
  for (const wrong of [[], 'Bente', undefined]) expect(() => peopleIn(wrong)).toThrow('People are a list of names')
})
