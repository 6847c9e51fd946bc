import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf } from '@zakuska/core'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { BankToPapers } from './BankToPapers'
import { PaperDeskPage } from './PaperDesk'
import { PapersPage } from './PapersPage'

const user = userEvent.setup()
const item = (id: string, stem: string, more: object = {}, points = 1) => ({
  ...{ id, category: '', revision: 1, signOff: { by: 'Iris' }, cameFrom: null, usedIn: [], findings: [], variants: [] },
  ...{ variantOf: null, stale: false, lastSentAt: null, shareRight: null, discrimination: null, takenBy: 0 },
  updatedAt: '2026-11-29T10:00:00Z',
  body: {
    ...{ kind: 'single', stem: contentOf(stem), points, tags: [], shuffle: true, key: ['a'] },
    options: [
      { id: 'a', content: contentOf('yes') },
      { id: 'b', content: contentOf('no') },
    ],
  },
  ...more,
})
const ITEMS = [item('i1', 'Which knot?'), item('i2', 'Which rope?', { signOff: null }), item('i3', 'Which sail?')]
const entry = (itemId: string, more: object = {}) => ({ itemId, points: 1, required: false, sectionId: null, ...more })
const PAPER = {
  ...{ id: 'p1', title: 'Knots', instructions: 'Read twice.', version: 4, versionOf: null, label: null },
  ...{ entries: [entry('i1'), entry('i2')], items: ITEMS.slice(0, 2), sections: [], rules: [], identity: ['Name'] },
  ...{ shuffleItems: false, shuffleOptions: false, timeLimit: null, attempts: null, feedbackWhen: 'after' },
  ...{ findings: [], expectedSeconds: 150, updatedBy: null, updatedAt: '2026-11-29T10:00:00Z', versions: [] },
}
const desk = (answers: Answers = {}, paper: object = PAPER, person = OWNER) =>
  showPage(<PaperDeskPage />, {
    at: '/papers/p1',
    path: '/papers/:id',
    person,
    answers: {
      'GET /api/papers/p1': paper,
      'GET /api/papers/p1/versions': { versions: [], found: [] },
      'GET /api/papers': [],
      'GET /api/presence': [],
      'POST /api/presence': [],
      'PUT /api/presence': [],
      'PUT /api/papers/p1': (body: unknown) => ({ ...PAPER, ...(body as object), version: 5 }),
      ...answers,
    },
  })
const saved = (calls: readonly { readonly asked: string; readonly body: unknown }[]) =>
  calls.filter(({ asked }) => asked === 'PUT /api/papers/p1').map(({ body }) => body as typeof PAPER)

beforeAll(() => {
  for (const [name, value] of Object.entries({ clientHeight: 600, clientWidth: 800, offsetHeight: 56 }))
    Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => value })
})

describe('the tray of papers', () => {
  const paper = (id: string, title: string, more: object = {}) => ({
    ...{ id, title, itemCount: 2, points: 3, updatedAt: '2026-11-29T10:00:00Z', versionOf: null, label: null },
    ...more,
  })
  test('versions stand at the paper that they were drawn from', async () => {
    showPage(<PapersPage />, {
      answers: {
        'GET /api/papers': [
          paper('p1', 'Knots'),
          paper('p2', 'Knots', { versionOf: 'p1', label: 'B' }),
          paper('p3', 'Knots', { versionOf: 'p1', label: 'A' }),
        ],
      },
    })
    expect(await screen.findByText('1 paper')).toBeTruthy()
    expect(within(screen.getByRole('list', { name: 'Papers' })).getAllByRole('listitem')).toHaveLength(1)
    expect(screen.getByText(/A, B/)).toBeTruthy()
  })
  test('a new paper opens; one that is deleted comes back by undo', async () => {
    const page = showPage(<PapersPage />, {
      at: '/papers',
      path: '/papers',
      answers: {
        'GET /api/papers': [paper('p1', 'Knots')],
        'DELETE /api/papers/p1': null,
        'POST /api/papers/p1/undelete': null,
        'POST /api/papers': { id: 'p9' },
      },
    })
    await user.click(await screen.findByRole('button', { name: 'Delete Knots' }))
    await user.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(page.calls.some(({ asked }) => asked.endsWith('/undelete'))).toBe(true))
    await user.click(screen.getByRole('button', { name: 'New paper' }))
    await waitFor(() => expect(page.address()).toBe('/papers/p9'))
  })
  test('none yet, and none to be had', async () => {
    const { unmount } = showPage(<PapersPage />, { answers: { 'GET /api/papers': [] } })
    expect(await screen.findByText('No papers yet')).toBeTruthy()
    unmount()
    showPage(<PapersPage />, { answers: { 'GET /api/papers': refused(500, 'Something went wrong on the server.') } })
    expect(await screen.findByText(/went wrong/)).toBeTruthy()
  })
})

describe('the desk of a paper', () => {
  test('says how long it is and what is not signed off; title and points are saved', async () => {
    const { calls } = desk()
    expect(await screen.findByText(/2 items · 2 points · about 3 min · 1 not signed off/)).toBeTruthy()
    fireEvent.change(screen.getByRole('textbox', { name: 'Title of the paper' }), { target: { value: 'Ropes' } })
    fireEvent.change(screen.getByRole('spinbutton', { name: 'Points of item 2' }), { target: { value: '2.5' } })
    await waitFor(() => expect(saved(calls)).toHaveLength(1), { timeout: 3000 })
    expect(saved(calls)[0]).toMatchObject({ title: 'Ropes', version: 4, entries: [{ points: 1 }, { points: 2.5 }] })
  })

  test('an item is taken off, and comes back by undo', async () => {
    const { calls } = desk()
    await user.click(await screen.findByRole('button', { name: 'Take item 1 off the paper' }))
    expect(screen.getByText(/^1 item /)).toBeTruthy()
    await user.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(saved(calls).at(-1)?.entries).toHaveLength(2), { timeout: 3000 })
  })

  test('items are found in the bank and added once', async () => {
    const { calls } = desk({ 'GET /api/items': { items: ITEMS, total: 3, isMore: false } })
    await user.click(await screen.findByRole('button', { name: 'Add items' }))
    await user.type(screen.getByRole('searchbox', { name: 'Search the bank' }), 'sail')
    await user.click(await screen.findByRole('button', { name: 'Add: Which sail?' }))
    expect(screen.getByRole('button', { name: 'Add: Which sail?' })).toHaveProperty('disabled', true)
    await waitFor(
      () =>
        expect(
          saved(calls)
            .at(-1)
            ?.entries.map((one) => one.itemId),
        ).toEqual(['i1', 'i2', 'i3']),
      {
        timeout: 3000,
      },
    )
  })

  test('sections have their items, and an empty one says so', async () => {
    const sections = [
      { id: 's1', title: 'Knots', instructions: '' },
      { id: 's2', title: 'Ropes', instructions: '' },
    ]
    const { calls } = desk(
      {},
      { ...PAPER, sections, entries: [entry('i1', { sectionId: 's1' }), entry('i2', { sectionId: 's1' })] },
    )
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Section of item 2' }), 'Ropes')
    await waitFor(() => expect(saved(calls)[0]?.entries[1]).toMatchObject({ sectionId: 's2' }), { timeout: 3000 })
  })

  test('what is saved by somebody else meanwhile is in it, and who it was is said', async () => {
    let isFirst = true
    desk({
      'PUT /api/papers/p1': (body: unknown) => {
        if (!isFirst) return { ...PAPER, ...(body as object), version: 9 }
        isFirst = false
        return refused(409, 'Somebody else changed it.')
      },
      'GET /api/papers/p1': () =>
        isFirst ? PAPER : { ...PAPER, instructions: 'Read three times.', version: 8, updatedBy: 'Torben Vik' },
    })
    fireEvent.change(await screen.findByRole('textbox', { name: 'Title of the paper' }), { target: { value: 'Ropes' } })
    expect(
      await screen.findByText(/What Torben Vik changed meanwhile is in this paper now/, {}, { timeout: 3000 }),
    ).toBeTruthy()
    expect(screen.getAllByText('Read three times.').length).toBeGreaterThan(0)
  })

  test('who looks on can change nothing', async () => {
    const { calls } = desk({}, PAPER, { ...OWNER, role: 'viewer', rights: ['see'] })
    const title = await screen.findByRole('textbox', { name: 'Title of the paper' })
    fireEvent.change(title, { target: { value: 'Ropes' } })
    expect((title as HTMLInputElement).value).toBe('Knots')
    expect(saved(calls)).toHaveLength(0)
  })

  test('an empty paper leads to items; one that is not there says so', async () => {
    const { unmount } = desk(
      { 'GET /api/items': { items: [], total: 0, isMore: false } },
      { ...PAPER, entries: [], items: [] },
    )
    expect(await screen.findByText('No items on this paper yet')).toBeTruthy()
    unmount()
    desk({ 'GET /api/papers/p1': refused(404, 'There is no such paper.') })
    expect(await screen.findByText(/There is no such paper/)).toBeTruthy()
  })
})

test('picked items of the bank go on a new paper, or behind those of one that is there', async () => {
  const page = showPage(<BankToPapers />, {
    at: '/bank',
    path: '/bank/:id?',
    answers: {
      'GET /api/items': { items: ITEMS, total: 3, isMore: false },
      'GET /api/items/facets': { all: 3, waiting: 1, facets: [] },
      'GET /api/items/filters': [],
      'GET /api/papers': [
        {
          id: 'p1',
          title: 'Knots',
          versionOf: null,
          label: null,
          itemCount: 2,
          points: 2,
          updatedAt: '2026-11-29T10:00:00Z',
        },
      ],
      'GET /api/papers/p1': PAPER,
      'POST /api/papers/p1/items': { ...PAPER, entries: [...PAPER.entries, entry('i3')] },
    },
  })
  await user.click(await screen.findByRole('checkbox', { name: 'Pick: Which sail?' }))
  await user.click(screen.getByRole('button', { name: /paper/i }))
  await user.click(await screen.findByRole('menuitem', { name: /Knots/ }))
  await waitFor(() =>
    expect(page.calls.find(({ asked }) => asked === 'POST /api/papers/p1/items')?.body).toEqual({ itemIds: ['i3'] }),
  )
})
