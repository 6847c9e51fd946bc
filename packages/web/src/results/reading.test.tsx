import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import type { Schemas } from '../api/client'
import { attempt, BUOY, KNOT, SHORE, sitting } from '../testing/results'
import { SittingDeskPage } from './SittingDesk'

const RUBRIC = [
  { says: 'Names the wind', points: 3 },
  { says: 'Names the shore', points: 2 },
]
const written = (text: string) => ({ kind: 'text' as const, text })
const THREE = [
  attempt('Bente', [null, null, written('The wind drives the ship ashore.')], {
    given: { 2: 3 },
    remarks: { 2: 'Say more.' },
  }),
  attempt('Corvin', [null, null, written('There are rocks.')]),
  attempt('Dagny', [null, null, written('No room to tack.')]),
  attempt('Eskil', [null, null, null]),
]

function showReading(answers: Answers = {}, attempts: Schemas['AttemptDto'][] = THREE) {
  const items = [KNOT, BUOY, { ...SHORE, rubric: RUBRIC }].map((body, at) => ({
    itemId: `i${at}`,
    revision: 1,
    body,
    inBank: null,
  }))
  const give = (body: unknown) => {
    const { attemptId, item, points, remark } = body as Schemas['GivenDto']
    const given = attempts.find(({ id }) => id === attemptId)!
    const others = Object.entries(given.given).filter(([place]) => Number(place) !== item)
    const all = Object.fromEntries(points === null ? others : [...others, [item, points]])
    return { ...given, given: all, remarks: { ...given.remarks, [item]: remark } }
  }
  return showPage(<SittingDeskPage />, {
    ...{ at: '/results/s/reading', path: '/results/:id/:view?', person: OWNER },
    answers: {
      'GET /api/sittings/s': sitting({ items, attemptList: attempts }),
      'GET /api/rosters': [],
      'PUT /api/sittings/s/given': give,
      ...answers,
    },
  })
}

const points = (): Promise<HTMLInputElement> => screen.findByLabelText(/^Points, of/)
const given = (calls: readonly { asked: string; body: unknown }[]): unknown[] =>
  calls.filter(({ asked }) => asked === 'PUT /api/sittings/s/given').map(({ body }) => body)

test('the first that waits stands there, and its points are typed right away', async () => {
  showReading()
  expect((await points()) === document.activeElement).toBe(true)
  expect(screen.getByText('There are rocks.')).toBeTruthy()
  expect(screen.getByRole('heading', { name: 'Corvin' })).toBeTruthy()
  expect(screen.getByText(/2 of 3 · 2 to read/)).toBeTruthy()
})

test('Enter keeps points and remark, and goes on to the next that waits', async () => {
  const { calls } = showReading()
  await userEvent.type(await points(), '1,5')
  await userEvent.type(screen.getByLabelText('Remark to the person'), 'And the wind?')
  await userEvent.type(await points(), '{Enter}')
  expect(await screen.findByRole('heading', { name: 'Dagny' })).toBeTruthy()
  expect(given(calls)).toEqual([{ attemptId: 'a-Corvin', item: 2, points: 1.5, remark: 'And the wind?' }])
  expect((await points()) === document.activeElement).toBe(true)
})

test('points that the item cannot earn are said, and not kept', async () => {
  const { calls } = showReading()
  await userEvent.type(await points(), '5{Enter}')
  expect(screen.getByRole('alert').textContent).toContain('From 0 to 4 points')
  expect(screen.getByRole('button', { name: 'Keep and go on' })).toHaveProperty('disabled', true)
  await userEvent.clear(await points())
  await userEvent.type(await points(), 'much{Enter}')
  expect(screen.getByRole('alert')).toBeTruthy()
  expect(given(calls)).toEqual([])
})

test('nothing typed is nothing kept', async () => {
  const { calls } = showReading()
  await userEvent.type(await points(), '{Enter}')
  expect(screen.queryByRole('alert')).toBeNull()
  expect(given(calls)).toEqual([])
})

test('lines of the rubric add up to no more than the item is worth', async () => {
  showReading()
  const box = await points()
  await userEvent.click(screen.getByRole('checkbox', { name: /Names the wind/ }))
  expect(box).toHaveProperty('value', '3')
  await userEvent.click(screen.getByRole('checkbox', { name: /Names the shore/ }))
  expect(box).toHaveProperty('value', '4')
  await userEvent.click(screen.getByRole('checkbox', { name: /Names the wind/ }))
  expect(box).toHaveProperty('value', '2')
})

test('what was given stands there with its remark, and is taken back', async () => {
  const { calls } = showReading()
  await userEvent.type(await points(), '{PageUp}')
  expect(await screen.findByRole('heading', { name: 'Bente' })).toBeTruthy()
  expect(await points()).toHaveProperty('value', '3')
  expect(screen.getByLabelText('Remark to the person')).toHaveProperty('value', 'Say more.')
  await userEvent.click(screen.getByRole('button', { name: 'Take back' }))
  await waitFor(() =>
    expect(given(calls)).toEqual([{ attemptId: 'a-Bente', item: 2, points: null, remark: 'Say more.' }]),
  )
  await waitFor(async () => expect(await points()).toHaveProperty('value', ''))
})

test('names are hidden for who reads without them', async () => {
  showReading()
  await userEvent.click(await screen.findByRole('checkbox', { name: 'Names hidden' }))
  expect(screen.queryByRole('heading', { name: 'Corvin' })).toBeNull()
  expect(screen.getByRole('heading', { name: 'Answer 2' })).toBeTruthy()
})

test('what the server refuses is said, and what was typed stays', async () => {
  showReading({ 'PUT /api/sittings/s/given': refused(409, 'Somebody else reads here.') })
  await userEvent.type(await points(), '2{Enter}')
  expect(await screen.findByText(/Somebody else reads here/)).toBeTruthy()
  expect(await points()).toHaveProperty('value', '2')
})

test('where nobody answered, there is nothing to read', async () => {
  showReading({}, [attempt('Eskil', [null, null, null])])
  expect(await screen.findByText('Nobody answered this item')).toBeTruthy()
})
