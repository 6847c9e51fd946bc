import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf } from '@zakuska/core'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { ItemDesk } from './ItemDesk'

const user = userEvent.setup()
const body = (stem: string, more: object = {}) => ({
  ...{ kind: 'single', stem: contentOf(stem), points: 2, tags: ['knots'], shuffle: true, key: ['a'], outcome: 'K1' },
  options: [
    { id: 'a', content: contentOf('bowline') },
    { id: 'b', content: contentOf('reef knot') },
  ],
  ...more,
})
const ITEM = {
  ...{ id: 'i1', body: body('Which knot makes a fixed loop?'), category: 'Sea/Knots', revision: 2, signOff: null },
  ...{ cameFrom: { title: 'Knots, week 2', lines: [3, 7] }, usedIn: ['Week 2 check'], variantOf: null, variants: [] },
  findings: [
    { code: 'negative-unstressed', message: 'The stem asks for what is not so.', severity: 'doubt', waived: null },
  ],
  ...{ stale: false, lastSentAt: '2026-11-20T10:00:00Z', shareRight: 0.62, discrimination: -0.31, takenBy: 25 },
  updatedAt: '2026-11-29T10:00:00Z',
}
const show = (answers: Answers = {}, item: object = ITEM, person = OWNER) => {
  const close = jest.fn()
  const page = showPage(<ItemDesk id="i1" close={close} />, {
    person,
    answers: {
      'GET /api/items/i1': item,
      'GET /api/items/i1/near': { near: [] },
      'GET /api/items/i1/remarks': [],
      'GET /api/outcomes/proposals/i1': [],
      'GET /api/writing': { service: null, allowed: [] },
      'GET /api/items/facets': { all: 1, waiting: 1, facets: [] },
      'POST /api/presence': { others: [] },
      ...answers,
    },
  })
  return { ...page, close }
}

test('what is known of an item stands below it in words', async () => {
  show()
  expect(await screen.findByText('Single choice · 2 points')).toBeTruthy()
  for (const says of ['Sea / Knots', 'may be shuffled', 'Knots, week 2, lines 3–7', 'Week 2 check', '20 Nov 2026'])
    expect(screen.getByText(says)).toBeTruthy()
  expect(screen.getByText(/62 % of the points earned, tells apart −0.31 \(by 25 people\)/)).toBeTruthy()
})

test('of a few people less is said', async () => {
  show({}, { ...ITEM, takenBy: 1, shareRight: 1 })
  expect(await screen.findByText('100 % of the points earned (by one person)')).toBeTruthy()
})

test('it is signed off with a remark, by what is shown; without a key it cannot be', async () => {
  const { calls, unmount } = show({ 'PUT /api/items/i1/sign-off': ITEM })
  await user.type(await screen.findByRole('textbox', { name: 'Remark' }), 'checked against the handbook')
  await user.click(screen.getByRole('button', { name: 'Sign off' }))
  await waitFor(() => expect(calls.some(({ asked }) => asked.startsWith('PUT'))).toBe(true))
  expect(calls.find(({ asked }) => asked.startsWith('PUT'))?.body).toMatchObject({
    ...{ signedOff: true, remark: 'checked against the handbook' },
    fingerprint: expect.any(String) as string,
  })
  unmount()
  show({}, { ...ITEM, body: body('Which?', { key: [] }) })
  expect(await screen.findByRole('button', { name: 'Sign off' })).toHaveProperty('disabled', true)
})

test('a finding is waived with a reason only, and looked at again', async () => {
  const { calls, unmount } = show({ 'PUT /api/items/i1/waiver': ITEM })
  await user.click(await screen.findByRole('button', { name: /^Waive: / }))
  const why = screen.getByRole('textbox', { name: /does not count here/ })
  expect(screen.getByRole('button', { name: 'Waive' })).toHaveProperty('disabled', true)
  await user.type(why, 'It is what is taught.{Enter}')
  await waitFor(() =>
    expect(calls.find(({ asked }) => asked.endsWith('/waiver'))?.body).toEqual({
      code: 'negative-unstressed',
      reason: 'It is what is taught.',
    }),
  )
  unmount()
  const [finding] = ITEM.findings
  const again = show(
    { 'PUT /api/items/i1/waiver': ITEM },
    { ...ITEM, findings: [{ ...finding, waived: { by: 'Iris', reason: 'so' } }] },
  )
  await user.click(await screen.findByRole('button', { name: 'Look at it again' }))
  await waitFor(() =>
    expect(again.calls.find(({ asked }) => asked.endsWith('/waiver'))?.body).toEqual({
      code: 'negative-unstressed',
      reason: null,
    }),
  )
})

test('the history shows word by word what changed, and takes an old revision up again', async () => {
  const revision = (number: number, stem: string, more: object = {}) => ({
    number,
    at: '2026-11-28T10:00:00Z',
    by: 'Torben Vik',
    says: 'stem',
    body: body(stem, more),
  })
  const { calls } = show({
    'GET /api/items/i1/history': [
      revision(2, 'Which knot makes a fixed loop?'),
      revision(1, 'Which bend makes a fixed loop?', { points: 1 }),
    ],
    'POST /api/items/i1/restore': ITEM,
  })
  await user.click(await screen.findByRole('button', { name: '2 revisions' }))
  const dialog = within(await screen.findByRole('dialog', { name: 'History of this item' }))
  expect((await dialog.findByText('bend')).tagName).toBe('DEL')
  expect(dialog.getByText('knot').tagName).toBe('INS')
  // The one that stands is not restored.
  expect(dialog.getAllByRole('button', { name: /Restore revision/ })).toHaveLength(1)
  await user.click(dialog.getByRole('button', { name: /Restore revision 1/ }))
  await waitFor(() => expect(calls.find(({ asked }) => asked.endsWith('/restore'))?.body).toEqual({ number: 1 }))
})

test('it is deleted and comes back by undo; a refusal is said', async () => {
  const first = show({ 'DELETE /api/items/i1': null, 'POST /api/items/i1/undelete': null })
  await user.click(await screen.findByRole('button', { name: 'Delete' }))
  expect(first.close).toHaveBeenCalled()
  await user.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(first.calls.some(({ asked }) => asked.endsWith('/undelete'))).toBe(true))
  first.unmount()
  show({ 'DELETE /api/items/i1': refused(409, 'It is being sent just now.') })
  await user.click(await screen.findByRole('button', { name: 'Delete' }))
  expect(await screen.findByText('It is being sent just now.')).toBeTruthy()
})

test('it is moved to another category, and back by undo though the dialog is gone', async () => {
  const { calls } = show({
    'POST /api/items/bulk': { id: 'b1', changed: 1, signOffsLost: 0, changedMeanwhile: 0 },
    'POST /api/items/bulk/b1/undo': { restored: 1, left: 0 },
  })
  await user.click(await screen.findByRole('button', { name: 'Move' }))
  const field = within(await screen.findByRole('dialog')).getByRole('combobox')
  await user.clear(field)
  await user.type(field, 'Sea / Ropes{Enter}')
  await waitFor(() =>
    expect(calls.find(({ asked }) => asked === 'POST /api/items/bulk')?.body).toMatchObject({
      change: { category: 'Sea / Ropes' },
    }),
  )
  await user.click(await screen.findByRole('button', { name: 'Undo' }))
  expect(await screen.findByText('The item is where it was.')).toBeTruthy()
})

test('who looks on sees all of it and changes nothing', async () => {
  show({}, ITEM, { ...OWNER, role: 'viewer', rights: ['see'] })
  expect(await screen.findByText('Single choice · 2 points')).toBeTruthy()
  for (const name of ['Edit', 'Delete', 'Move', 'Hand over']) {
    const button = screen.queryByRole('button', { name })
    expect(button === null || (button as HTMLButtonElement).disabled).toBe(true)
  }
})
