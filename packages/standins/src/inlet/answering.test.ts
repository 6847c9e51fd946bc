import { Faults } from '../shared/faults.ts'
import { serve, type Running } from '../shared/serve.ts'
import { JsonStore } from '../shared/store.ts'
import { questionIn } from './check.ts'
import { EMPTY, LIMITS, type InletState, type OnlineForm } from './model.ts'
import { createInlet } from './site.ts'

const store = new JsonStore<InletState>(null, structuredClone(EMPTY))
let site: Running
beforeAll(async () => {
  const now = () => new Date('2026-03-02T08:00:00Z')
  site = await serve(createInlet(store, new Faults(), { clients: [], tokenSeconds: 60, limits: LIMITS, now }), 0)
})
afterAll(() => site.close())

/** A form as it stands in the store, with a question of each type. */
function form(settings: Partial<OnlineForm['settings']> = {}): OnlineForm {
  const made: OnlineForm = {
    ...{ id: store.newId('form-'), key: null, title: 'Tides & <winds>', description: 'First\nsecond', isOpen: true },
    settings: { isQuiz: true, shuffle: false, oneEach: false, fields: ['Name'], feedback: 'after', ...settings },
    questions: [
      { type: 'part', title: 'Part one' },
      { type: 'text', title: 'Read this first.' },
      { type: 'choice', title: 'Which?', options: ['ebb', 'flood'], points: 2, right: { places: [0] }, required: true },
      { type: 'boxes', title: 'Which ones?', options: ['a', 'b', 'c'], points: 1, right: { places: [0, 2] } },
      { type: 'list', title: 'Choose', options: ['x', 'y'], points: 1, right: { places: [1] } },
      {
        type: 'line',
        title: 'Name it',
        points: 1,
        right: { texts: ['Ebb'] },
        feedback: { right: 'Yes.', wrong: 'No.' },
      },
      { type: 'lines', title: 'Tell' },
      { type: 'scale', title: 'How sure?', low: 1, high: 3, lowLabel: 'not', highLabel: 'very' },
      { type: 'grid', title: 'Each', rows: ['r', 's'], columns: ['x', 'y'], points: 1, right: { places: [1, 0] } },
    ].map((given, at) => questionIn(given, `q${at}`, null, LIMITS)),
  }
  store.state.forms[made.id] = made
  return made
}

const RIGHT = {
  ...{ field0: 'Bente', q2: 'ebb', q4: 'y', q5: 'Ebb', q6: 'Much.', q7: '3', 'q8.0': 'y', 'q8.1': 'x' },
  q3: ['a', 'c'],
}
const answered = ({ id }: OnlineForm, given: Readonly<Record<string, string | readonly string[]>>) =>
  fetch(`${site.url}/f/${id}`, {
    method: 'POST',
    body: new URLSearchParams(
      Object.entries(given).flatMap(([name, values]) => [values].flat().map((value) => [name, String(value)])),
    ),
  })

test('the page shows every type, with what people wrote as text', async () => {
  const page = await (await fetch(`${site.url}/f/${form().id}`)).text()
  expect(page).toContain('<h1>Tides &#38; &#60;winds&#62;</h1>')
  expect(page).toContain('<h2>Part one</h2>')
  expect(page.match(/type="radio" name="q2"/g)).toHaveLength(2)
  expect(page.match(/type="checkbox" name="q3"/g)).toHaveLength(3)
  expect(page.match(/type="radio" name="q7"/g)).toHaveLength(3)
  expect(page.match(/type="radio" name="q8\.[01]"/g)).toHaveLength(4)
  expect(page).toContain('<textarea name="q6"')
  expect(page).toContain('<option>y</option>')
  expect(page).not.toMatch(/\bEbb\b/)
})

test('all right earns all the points, with the feedback of each; it is kept with its time', async () => {
  const own = form()
  const page = await (await answered(own, RIGHT)).text()
  expect(page).toContain('You have <b>6 of 6</b> points.')
  expect(page).toContain('Yes.')
  expect(store.state.submissions.filter(({ formId }) => formId === own.id)).toMatchObject([
    { at: '2026-03-02T08:00:00.000Z', fields: { Name: 'Bente' }, points: { q2: 2, q3: 1, q4: 1, q5: 1, q8: 1 } },
  ])
})

test('what must be answered is asked for again, and nothing else is lost', async () => {
  const own = form()
  const answer = await answered(own, { ...RIGHT, q2: '' })
  const page = await answer.text()
  expect(answer.status).toBe(422)
  expect(page).toContain('Not handed in yet: one question needs an answer.')
  expect(page).toContain('value="Bente"')
  expect(page.match(/ checked/g)).toHaveLength(5)
  expect(page).toContain('<option selected>y</option>')
  expect(page).toContain('>Much.</textarea>')
  expect(store.state.submissions.filter(({ formId }) => formId === own.id)).toEqual([])
})

test('points are not told where the form says so, or where it is no quiz', async () => {
  for (const settings of [{ feedback: 'never' }, { isQuiz: false }] as const) {
    const page = await (await answered(form(settings), RIGHT)).text()
    expect(page).toContain('Your answers were handed in.')
    expect(page).not.toContain('points')
  }
})

test('one each: who has answered may not again', async () => {
  const own = form({ oneEach: true })
  expect((await answered(own, RIGHT)).status).toBe(200)
  expect((await answered(own, RIGHT)).status).toBe(409)
  expect((await answered(own, { ...RIGHT, field0: 'Arvid' })).status).toBe(200)
})

test('a closed form shows no question and takes no answer; one that is not there is said', async () => {
  const own = form()
  own.isOpen = false
  const page = await (await fetch(`${site.url}/f/${own.id}`)).text()
  expect(page).toContain('This form is closed.')
  expect(page).not.toContain('Which?')
  expect((await answered(own, RIGHT)).status).toBe(410)
  expect((await fetch(`${site.url}/f/form-999`)).status).toBe(404)
})

test('questions change places within their part only', async () => {
  const own = form({ shuffle: true })
  for (let round = 0; round < 5; round++) {
    const page = await (await fetch(`${site.url}/f/${own.id}`)).text()
    const places = own.questions.map(({ title }) => page.indexOf(title))
    expect(places.every((place) => place > 0)).toBe(true)
    expect(Math.min(...places)).toBe(places[0])
  }
})
