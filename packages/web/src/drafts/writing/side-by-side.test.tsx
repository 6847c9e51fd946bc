import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { refused, showPage, type Answers } from '../../testing/page'
import { SideBySidePage } from './SideBySidePage'

const SOURCE = 'The ebb runs out. The flood runs in. The range is 3 metres.'
const draft = (id: string, title: string, text: string) => ({
  ...{
    id,
    title,
    text,
    styles: [],
    keyText: null,
    source: SOURCE,
    taught: [],
    notation: null,
    followed: [],
    version: 1,
  },
  ...{ itemCount: 0, signedCount: 0, troubleCount: 0, updatedAt: '2026-11-29T10:00:00Z', updatedBy: null },
})
const A = draft(
  'a',
  'Tides, A',
  '1. What runs out?\na) ebb\nb) flood\nc) neap\nAnswer: a\n\n2. True or false: The range is 5 metres.\nAnswer: True\n',
)
const B = draft('b', 'Tides, B', '1. What runs in?\na) ebb\nb) flood\nc) neap\nAnswer: b\n')

const show = (answers: Answers = {}, ids = 'a,b') =>
  showPage(<SideBySidePage />, {
    at: `/drafts/side-by-side?drafts=${ids}`,
    path: '/drafts/side-by-side',
    answers: { 'GET /api/drafts/a': A, 'GET /api/drafts/b': B, 'GET /api/writing/replies': [], ...answers },
  })

test('each draft shows its keys, its coverage, and what the reading does not bear out', async () => {
  show()
  const first = within(await screen.findByRole('region', { name: 'Tides, A' }))
  expect(first.getByText(/a 1 · b 0 · c 0; true 1, false 0/)).toBeTruthy()
  expect(first.getByText(/67 % of the sentences/)).toBeTruthy()
  expect(first.getByText('the reading says otherwise: look at the key')).toBeTruthy()
  expect(within(screen.getByRole('region', { name: 'Tides, B' })).getByText(/33 % of the sentences/)).toBeTruthy()
})

test('the best of each become one draft, with its reading once', async () => {
  const { calls, address } = show({ 'POST /api/drafts': { id: 'n' } })
  await userEvent.click(await screen.findByRole('checkbox', { name: 'Pick 1: What runs out?' }))
  await userEvent.click(screen.getByRole('checkbox', { name: 'Pick 1: What runs in?' }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^Pick 2/ }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^Pick 2/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Make one draft of the 2' }))
  await waitFor(() => expect(address()).toBe('/drafts/n'))
  const body = calls.find(({ asked }) => asked === 'POST /api/drafts')?.body as {
    title: string
    text: string
    source: string
  }
  expect(body).toMatchObject({ title: 'Tides, the best', source: SOURCE })
  expect(body.text).toMatch(/1\. What runs out\?[\s\S]*2\. What runs in\?/)
})

test('a draft that is still empty is read as its reply grows', async () => {
  const reply = {
    id: 'r',
    draftId: 'b',
    purpose: 'items',
    what: '1 question',
    by: 'I',
    at: '2026-11-29T10:00:00Z',
    sentTo: 'S',
    why: null,
    units: 1,
    cost: 0,
    currency: '',
    isTaken: false,
  }
  show({
    'GET /api/drafts/b': { ...B, text: '' },
    'GET /api/writing/replies': [{ ...reply, state: 'failed', text: '' }],
    'GET /api/writing/replies/r': { ...reply, state: 'failed', why: 'It broke off.', text: B.text },
  })
  expect(await screen.findByText('It broke off.')).toBeTruthy()
  expect(screen.getByRole('checkbox', { name: 'Pick 1: What runs in?' })).toBeTruthy()
})

test('no draft, and one that is not there, are said', async () => {
  show({}, '').unmount()
  const { container } = show({}, '')
  expect(container.textContent).toContain('No draft was chosen')
  show({ 'GET /api/drafts/x': refused(404, 'There is no such draft.') }, 'x')
  expect(await screen.findByText(/There is no such draft/)).toBeTruthy()
})
