import { DEFAULT_TEXT_RULES } from '@zakuska/core'
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { connections, COURSE, delivery, FORMS, paper } from '../testing/dispatch'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { SendPage } from './SendPage'

function show(answers: Answers = {}, at = '/dispatch/paper/p') {
  return showPage(<SendPage />, {
    at,
    path: '/dispatch/paper/:id',
    answers: {
      'GET /api/papers/p': paper(),
      'GET /api/papers': [],
      'GET /api/connections': connections(COURSE, FORMS),
      'GET /api/deliveries': [],
      'POST /api/deliveries': delivery(),
      'POST /api/connections/c-course/told': COURSE,
      'POST /api/connections/c-forms/told': FORMS,
      ...answers,
    },
  })
}

const sentIn = (calls: ReturnType<typeof show>['calls']) =>
  calls.filter(({ asked }) => asked === 'POST /api/deliveries').map(({ body }) => body as Record<string, unknown>)

test('unsigned items stay behind until they are asked for; the fit of where it goes stands first', async () => {
  const { calls, address } = show()
  const send = await screen.findByRole('button', { name: 'Send 1 item to Pilotage course' })
  await userEvent.click(screen.getByRole('radio', { name: 'Take it along' }))
  expect(send.textContent).toBe('Send 2 items to Pilotage course')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /Goes to/ }), 'c-forms')
  expect(screen.getAllByRole('columnheader').map((one) => one.textContent)).toContain('Inletonline forms')
  await userEvent.click(screen.getByRole('button', { name: 'Send 2 items to Class forms' }))
  await waitFor(() => expect(address()).toBe('/dispatch/d'))
  expect(sentIn(calls)).toMatchObject([
    { paperId: 'p', connectionId: 'c-forms', into: 'new', includeUnsigned: true, remedies: '' },
  ])
})

test('a remedy that is taken goes along, for this destination only', async () => {
  const { calls } = show({ 'GET /api/connections': connections(FORMS) })
  await userEvent.click(await screen.findByRole('radio', { name: 'Take it along' }))
  await userEvent.click(screen.getByRole('button', { name: 'Inlet: changes' }))
  await userEvent.click(screen.getByRole('button', { name: 'Accept each number of the band' }))
  await userEvent.click(screen.getByRole('button', { name: 'Send 2 items to Class forms' }))
  await waitFor(() => expect(sentIn(calls)).toHaveLength(1))
  expect(sentIn(calls)[0]?.['remedies']).toBe('inlet:i-depth:list-answers')
})

test('what cannot go is counted, and one step takes what helps', async () => {
  const words = ['flood', 'ebb'].map((key) => ({ key: [key] }))
  const gap = { type: 'gap' }
  const stem = [{ type: 'paragraph', content: [gap, { type: 'text', text: ' then ' }, gap] }]
  const body = { kind: 'cloze', stem, points: 2, tags: [], gaps: words, rules: DEFAULT_TEXT_RULES }
  const item = { id: 'i-gaps', body, revision: 1, signOff: { by: 'Iris Holm' } }
  const entry = { itemId: 'i-gaps', points: 2, required: true, sectionId: null }
  show({
    'GET /api/connections': connections(FORMS),
    'GET /api/papers/p': paper({ items: [item], entries: [entry] }),
  })
  await screen.findByText(/1 cannot and stays behind/)
  await userEvent.click(screen.getByRole('button', { name: 'Take the remedies for it' }))
  screen.getByRole('button', { name: 'Send 2 items to Class forms' })
  expect(screen.queryByText(/behind/)).toBeNull()
})

const OUTLINE = [
  { kind: 'question', title: 'Which way does it turn?' },
  { kind: 'part', title: 'Depths' },
  { kind: 'question', title: 'How deep?' },
]

test('what the very destination tells of its limits is what the fit goes by', async () => {
  show({
    'GET /api/connections': connections(FORMS),
    'POST /api/connections/c-forms/told': { ...FORMS, told: { 'stem-length': 5 } },
  })
  await screen.findByText(/1 cannot and stays behind/)
  const [first] = screen.getAllByRole('button', { name: 'Inlet: cannot' })
  if (first) await userEvent.click(first)
  screen.getByText('– A question has at most 5 letters.')
})

test('added to a form that is there, at a place; what is there is asked for', async () => {
  const { calls } = show({
    'GET /api/connections': connections(FORMS),
    'GET /api/connections/c-forms/places': [{ id: 'form-7', title: 'Tides', count: 2, entries: OUTLINE }],
  })
  await userEvent.click(await screen.findByRole('radio', { name: 'added to a form that is there' }))
  const send = screen.getByRole<HTMLButtonElement>('button', { name: 'Send 1 item to Class forms' })
  expect(send.disabled).toBe(true)
  await userEvent.selectOptions(await screen.findByRole('combobox', { name: /^Which/ }), 'form-7')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /^Where/ }), 'before question 2, “How deep?”')
  await userEvent.click(send)
  await waitFor(() => expect(sentIn(calls)).toMatchObject([{ into: 'add', addTo: 'form-7', addAt: 2 }]))
})

test('what is set for all goes along with its exceptions, and nothing where nothing is set', async () => {
  const { calls } = show()
  await userEvent.click(await screen.findByText('Set for all'))
  await userEvent.type(screen.getByRole('spinbutton', { name: /Points each/ }), '3')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /Options change places/ }), 'no')
  await userEvent.click(within(screen.getByRole('group', { name: 'Except' })).getByRole('checkbox', { name: /2/ }))
  await userEvent.click(screen.getByRole('button', { name: /^Send/ }))
  await waitFor(() =>
    expect(sentIn(calls)[0]?.['forAll']).toEqual({ points: 3, shuffleOptions: false, exceptions: ['i-depth'] }),
  )
})

test('versions go in one go, each as its own', async () => {
  const version = (id: string, title: string) => ({ id, title, versionOf: 'p', itemCount: 2, points: 2 })
  const { calls, address } = show({ 'GET /api/papers': [version('p-a', 'A'), version('p-b', 'B')] })
  for (const name of ['A', 'B']) await userEvent.click(await screen.findByRole('checkbox', { name }))
  await userEvent.click(screen.getByRole('button', { name: 'Send 2 versions to Pilotage course' }))
  await waitFor(() => expect(address()).toBe('/dispatch'))
  expect(sentIn(calls).map(({ paperId }) => paperId)).toEqual(['p-a', 'p-b'])
  expect(new Set(sentIn(calls).map(({ id }) => id)).size).toBe(2)
})

test('an answer that got lost: pressed again, it is the same delivery', async () => {
  let turn = 0
  const { calls } = show({
    'POST /api/deliveries': () => (turn++ ? delivery() : refused(503, 'The database does not answer.')),
  })
  await userEvent.click(await screen.findByRole('button', { name: /^Send 1 item/ }))
  await screen.findByText('The database does not answer.')
  await userEvent.click(screen.getByRole('button', { name: /^Send 1 item/ }))
  await waitFor(() => expect(sentIn(calls)).toHaveLength(2))
  expect(sentIn(calls)[0]?.['id']).toBe(sentIn(calls)[1]?.['id'])
})

test('sent again: by the same connection, with the remedies of then, and Enter waits on the button', async () => {
  const before = delivery({
    asked: { remedies: 'inlet:i-depth:list-answers', includeUnsigned: true, forAll: null },
  })
  const { calls } = show(
    { 'GET /api/deliveries/d': before, 'GET /api/deliveries': [before] },
    '/dispatch/paper/p?again=d',
  )
  const send = await screen.findByRole('button', { name: 'Send again to Class forms' })
  await waitFor(() => expect(document.activeElement).toBe(send))
  await userEvent.keyboard('{Enter}')
  await waitFor(() =>
    expect(sentIn(calls)).toMatchObject([
      { again: 'd', connectionId: 'c-forms', includeUnsigned: true, remedies: 'inlet:i-depth:list-answers' },
    ]),
  )
})

test('without a connection the way to one is said; a viewer is told who could send', async () => {
  show({ 'GET /api/connections': connections() })
  await screen.findByText(/Nothing is connected yet/)
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Send 0 items/ }).disabled).toBe(true)
  showPage(<SendPage />, {
    at: '/dispatch/paper/p',
    path: '/dispatch/paper/:id',
    person: { ...OWNER, role: 'viewer', rights: ['see'] },
    answers: {
      'GET /api/papers/p': paper(),
      'GET /api/papers': [],
      'GET /api/connections': connections(COURSE),
      'GET /api/deliveries': [],
    },
  })
  await screen.findByText('You are a viewer; to send takes an editor.')
})
