import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf } from '@zakuska/core'
import { useState } from 'react'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { BankPage } from './BankPage'
import { BulkDialog } from './BulkDialog'
import { OutcomesPage } from './OutcomesPage'
import { chipName, FILTER_FIELDS, paramsOf, searchIn, valueName } from './search'
import { SettingsPage } from './SettingsPage'
import { SignOffPage } from './SignOffPage'

const user = userEvent.setup()
const body = (stem: string, more: object = {}) => ({
  ...{ kind: 'single', stem: contentOf(stem), points: 1, tags: ['knots'], shuffle: true, key: ['a'] },
  options: [
    { id: 'a', content: contentOf('bowline') },
    { id: 'b', content: contentOf('reef knot') },
  ],
  ...more,
})
const item = (id: string, stem: string, more: object = {}) => ({
  ...{ id, body: body(stem), category: 'Knots', revision: 1, signOff: null, cameFrom: null, usedIn: [], findings: [] },
  ...{ variantOf: null, variants: [], stale: false, lastSentAt: null, shareRight: null, discrimination: null },
  ...{ takenBy: 0, updatedAt: '2026-11-29T10:00:00Z' },
  ...more,
})
const LOOP = item('i1', 'Which knot makes a fixed loop?')
const REEF = item('i2', 'Which knot joins two ends?', { shareRight: 0.62, stale: true, signOff: { by: 'Iris' } })
const found = (items: readonly object[], total = items.length) => ({ items, total, isMore: false })
const FACETS = {
  all: 2,
  waiting: 1,
  facets: [
    { name: 'kind', values: [{ value: 'single', count: 2 }] },
    {
      name: 'tag',
      values: [
        { value: 'knots', count: 2 },
        { value: 'ropes', count: 0 },
      ],
    },
    { name: 'hasPicture', values: [{ value: 'no', count: 2 }] },
    {
      name: 'category',
      values: [
        { value: 'Sea/Knots', count: 1 },
        { value: 'Sea', count: 2 },
      ],
    },
  ],
}
const onward = {
  add: (ids: readonly string[], done: () => void) => <button onClick={done}>Add {ids.length}</button>,
  send: (ids: readonly string[]) => <span>send {ids.join(' ')}</span>,
}
const bank = (answers: Answers = {}, at = '/bank', person = OWNER) =>
  showPage(<BankPage onward={onward} />, {
    at,
    path: '/bank/:id?',
    person,
    answers: {
      'GET /api/items': found([LOOP, REEF]),
      'GET /api/items/facets': FACETS,
      'GET /api/items/filters': [],
      'GET /api/outcomes': [],
      ...answers,
    },
  })

beforeAll(() => {
  // Rows are drawn for the room that there is.
  for (const [name, value] of Object.entries({ clientHeight: 600, clientWidth: 800, offsetHeight: 56 }))
    Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => value })
})

describe('the bank', () => {
  test('shows what is found, what is said of it, and narrows by a press', async () => {
    const page = bank()
    expect(await screen.findByRole('button', { name: 'Which knot makes a fixed loop?' })).toBeTruthy()
    expect(screen.getByText(/62.%.right/)).toBeTruthy()
    expect(screen.getByText(/its original has changed/)).toBeTruthy()
    expect(screen.getAllByText(/not signed off/)).toHaveLength(1)
    await user.click(screen.getByRole('button', { name: /^knots/ }))
    await waitFor(() => expect(page.address()).toBe('/bank?tag=knots'))
    await user.click(screen.getByRole('button', { name: 'Do without knots' }))
    await waitFor(() => expect(page.address()).toBe('/bank'))
    // What is no for all narrows nothing; what none has is not shown.
    expect(screen.queryByText('Has a picture')).toBeNull()
    expect(screen.queryByRole('button', { name: /^ropes/ })).toBeNull()
  })

  test('words are searched for as they are typed, and the stroke leads to them', async () => {
    const page = bank()
    await screen.findByRole('button', { name: /fixed loop/ })
    fireEvent.keyDown(window, { key: '/' })
    const search = screen.getByRole('searchbox', { name: 'Search the bank' })
    expect(document.activeElement).toBe(search)
    await user.type(search, 'loop')
    await waitFor(() => expect(page.address()).toBe('/bank?text=loop'))
    await user.selectOptions(screen.getByRole('combobox', { name: /Order/ }), 'hardest when taken')
    await waitFor(() => expect(page.address()).toContain('sort=hardest'))
  })

  test('items are picked by keyboard and go on from there', async () => {
    bank()
    const first = await screen.findByRole('button', { name: /fixed loop/ })
    first.focus()
    await user.keyboard(' ')
    expect(screen.getByText('1 picked')).toBeTruthy()
    expect(screen.getByText('send i1')).toBeTruthy()
    await user.keyboard('{ArrowDown}')
    await waitFor(() => expect(document.activeElement?.textContent).toContain('joins two ends'))
    await user.click(screen.getByRole('button', { name: 'Add 1' }))
    expect(screen.getByText('0 picked')).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Pick the 2 shown' }))
    expect(screen.getByText('2 picked')).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Pick none' }))
    expect(screen.getByText('0 picked')).toBeTruthy()
  })

  test('an empty bank says where items come from; one that is narrowed to nothing leads back', async () => {
    bank({ 'GET /api/items': found([]), 'GET /api/items/facets': { all: 0, waiting: 0, facets: [] } })
    expect(await screen.findByText('The bank is empty')).toBeTruthy()
    document.body.innerHTML = ''
    const page = bank({ 'GET /api/items': found([]) }, '/bank?text=nowhere')
    await user.click(await screen.findByRole('button', { name: 'Show all 2 items' }))
    await waitFor(() => expect(page.address()).toBe('/bank'))
  })

  test('a filter is kept by name, taken again, and let go with an undo', async () => {
    const kept = [{ id: 'f1', name: 'Loops', filter: { text: 'loop' } }]
    const page = bank(
      {
        'POST /api/items/filters': kept,
        'DELETE /api/items/filters/f1': [],
      },
      '/bank?text=loop',
    )
    await user.type(await screen.findByRole('textbox', { name: 'Name for this filter' }), 'Loops{Enter}')
    await waitFor(() => expect(page.calls.some(({ asked }) => asked === 'POST /api/items/filters')).toBe(true))
    await user.click(await screen.findByRole('button', { name: 'Loops' }))
    expect(page.address()).toBe('/bank?text=loop')
    await user.click(screen.getByRole('button', { name: 'Let go of the filter Loops' }))
    expect(await screen.findByText('The filter “Loops” was let go.')).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(page.calls.filter(({ asked }) => asked === 'POST /api/items/filters')).toHaveLength(2))
  })

  test('what cannot be loaded is said, with a way to try again', async () => {
    bank({ 'GET /api/items': refused(503, 'The server has too much to do right now.') })
    expect(await screen.findByText(/too much to do right now/)).toBeTruthy()
  })
})

describe('the address of a search', () => {
  test('says filter and order, and only what is known', () => {
    const search = searchIn(new URLSearchParams('text=loop&kind=single&sort=hardest&unheard=1&sorted=x'))
    expect(search).toEqual({ filter: { text: 'loop', kind: 'single' }, sort: 'hardest' })
    expect(paramsOf(search).toString()).toBe('text=loop&kind=single&sort=hardest')
    expect(searchIn(new URLSearchParams('sort=unheard')).sort).toBe('newest')
  })
  test('every field is called by words, not by its code', () => {
    expect(chipName('signedOff', 'no')).toBe('not signed off')
    expect(chipName('category', 'Sea/Knots')).toBe('Sea / Knots')
    expect(chipName('share', 'hard')).toBe('right when taken: under 40 %')
    expect(chipName('tells', 'backwards')).toBe('tells people apart: the wrong way round')
    expect(valueName('kind', 'truefalse')).toBe('true/false')
    expect(valueName('finding', 'unheard-of')).toBe('unheard-of')
    expect(FILTER_FIELDS.map(([field]) => chipName(field, 'x')).every((says) => !says.includes('undefined'))).toBe(true)
  })
})

describe('the queue of what waits for sign-off', () => {
  const show = (items: readonly object[], answers: Answers = {}) =>
    showPage(<SignOffPage />, {
      at: '/bank/sign-off',
      answers: {
        'GET /api/items': found(items),
        'GET /api/session/settings': { lookUp: 'https://library.example/?q={words}' },
        'GET /api/items/i1/near': { near: [] },
        'GET /api/items/i3/near': { near: [] },
        ...answers,
      },
    })
  const KEYLESS = item('i3', 'Which knot is not keyed?', { body: body('Which knot is not keyed?', { key: [] }) })

  test('S signs off what is shown and goes on; what was signed off stays in its place', async () => {
    const { calls } = show([LOOP, KEYLESS], { 'PUT /api/items/i1/sign-off': LOOP })
    expect(await screen.findByText('1 of 2 · 0 done')).toBeTruthy()
    expect(screen.getByText(/made in the bank, so there is no source/)).toBeTruthy()
    const look = await screen.findByRole('link', { name: /Which knot makes a fixed loop/ })
    expect(look.getAttribute('href')).toContain('q=Which%20knot%20makes')
    await user.keyboard('r')
    expect(document.activeElement?.id).toBe('remark')
    await user.type(document.activeElement!, 'checked against the handbook')
    await user.keyboard('{Escape}s')
    await waitFor(() => expect(calls.some(({ asked }) => asked.startsWith('PUT'))).toBe(true))
    expect(calls.find(({ asked }) => asked.startsWith('PUT'))?.body).toMatchObject({
      signedOff: true,
      remark: 'checked against the handbook',
    })
    expect(await screen.findByText(/^2 of 2/)).toBeTruthy()
    // An item without a key is nobody's to sign.
    await user.keyboard('s')
    expect(calls.filter(({ asked }) => asked.startsWith('PUT'))).toHaveLength(1)
    expect(screen.getByRole('button', { name: 'Sign off, next' })).toHaveProperty('disabled', true)
    await user.keyboard('k')
    expect(screen.getByText(/^1 of 2/)).toBeTruthy()
  })

  test('the lines that it came from stand beside it, with what the reading says', async () => {
    show([
      item('i1', 'Which?', {
        cameFrom: {
          ...{ title: 'Knots, week 2', lines: [3, 7], text: '1. Which?\na) bowline', draftId: 'd1' },
          evidence: {
            verdict: 'said',
            source: 'Ropes',
            sentences: [{ text: 'A bowline makes a fixed loop.', place: 4, time: null }],
          },
        },
      }),
    ])
    expect(await screen.findByText(/A bowline makes a fixed loop/)).toBeTruthy()
    expect(screen.getByText(/Ropes/).textContent).toContain('sentence 4')
    expect(screen.getByRole('link', { name: 'Knots, week 2' }).getAttribute('href')).toBe('/drafts/d1')
    expect(screen.getByText(/lines 3 to 7/)).toBeTruthy()
  })

  test('with nothing to sign it says so', async () => {
    show([])
    expect(await screen.findByText('Nothing waits for sign-off')).toBeTruthy()
  })
})

describe('one field changed on many', () => {
  function Opened({ ids, closed }: { readonly ids: readonly string[] | null; readonly closed: () => void }) {
    const [isOpen, setOpen] = useState(true)
    const close = (): void => {
      setOpen(false)
      closed()
    }
    const shown = new Map([['i1', 4]])
    const count = ids?.length ?? 9
    return isOpen && <BulkDialog ids={ids} shown={shown} filter={{ tag: 'knots' }} count={count} close={close} />
  }
  const show = (ids: readonly string[] | null, answers: Answers, close = jest.fn()) => ({
    close,
    ...showPage(<Opened ids={ids} closed={close} />, {
      answers: { 'GET /api/outcomes': [{ code: 'K1' }], 'GET /api/items/facets': FACETS, ...answers },
    }),
  })
  const RESULT = { id: 'b1', changed: 2, signOffsLost: 1, changedMeanwhile: 1 }

  test('says what it did and what that cost, and is undone as one', async () => {
    const { calls, close } = show(['i1', 'i2'], {
      'POST /api/items/bulk': RESULT,
      'POST /api/items/bulk/b1/undo': { restored: 1, left: 1 },
    })
    await user.type(screen.getByRole('textbox', { name: 'Add a tag' }), 'loops{Enter}')
    expect(
      await screen.findByText(/2 items were changed. 1 sign-off is lost with it. 1 item was changed by somebody/),
    ).toBeTruthy()
    expect(calls.find(({ asked }) => asked === 'POST /api/items/bulk')?.body).toEqual({
      ids: ['i1', 'i2'],
      change: { addTags: ['loops'] },
    })
    expect(close).toHaveBeenCalled()
    await user.click(screen.getByRole('button', { name: 'Undo' }))
    expect(await screen.findByText('1 item is as before; 1 changed since and stay.')).toBeTruthy()
  })

  test('only what was shown is signed off, as it was shown; what is found is not signed off unseen', async () => {
    const { calls, unmount } = show(['i1'], { 'POST /api/items/bulk': { ...RESULT, changed: 0, changedMeanwhile: 0 } })
    await user.click(screen.getByRole('button', { name: 'Sign off' }))
    expect(await screen.findByText('Nothing had to change.')).toBeTruthy()
    expect(calls.find(({ asked }) => asked === 'POST /api/items/bulk')?.body).toMatchObject({ shown: { i1: 4 } })
    unmount()
    show(null, {})
    expect(screen.queryByRole('button', { name: 'Sign off' })).toBeNull()
    expect(screen.queryByRole('button', { name: 'Spread the keys' })).toBeNull()
  })

  test('points, time and outcomes; a number that is none is not sent', async () => {
    const { calls } = show(null, { 'POST /api/items/bulk': RESULT })
    const points = screen.getByRole('spinbutton', { name: 'Points' })
    await user.type(points, '-1{Enter}')
    expect(calls.some(({ asked }) => asked === 'POST /api/items/bulk')).toBe(false)
    await user.clear(points)
    await user.type(points, '2{Enter}')
    await waitFor(() =>
      expect(calls.find(({ asked }) => asked === 'POST /api/items/bulk')?.body).toEqual({
        filter: { tag: 'knots' },
        change: { points: 2 },
      }),
    )
  })

  test('what the server refuses stands in the dialog, which stays open', async () => {
    const { close } = show(['i1'], { 'POST /api/items/bulk': refused(409, 'Two items are being sent.') })
    await user.click(screen.getByRole('button', { name: 'Keep their order' }))
    expect(await screen.findByText(/Two items are being sent/)).toBeTruthy()
    expect(close).not.toHaveBeenCalled()
  })

  test('items go out to be translated; of more than one file holds it is said which went', async () => {
    const made = Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined })
    expect(made).toBe(URL)
    const many = Array.from({ length: 501 }, (_none, at) => `i${at}`)
    const { calls } = show(many, { 'POST /api/items/translations/out': { text: '<xliff/>' } })
    await user.type(screen.getByRole('textbox', { name: 'Language to translate into' }), 'sv')
    await user.click(screen.getByRole('button', { name: 'Send out' }))
    expect(await screen.findByText(/first 500 of 501/)).toBeTruthy()
    const sent = calls.find(({ asked }) => asked.endsWith('/out'))?.body as { readonly ids: string[] }
    expect(sent.ids).toHaveLength(500)
  })
})

describe('outcomes', () => {
  const outcome = (code: string, parentId: string | null, itemCount: number, signedCount: number) => ({
    ...{ id: code, code, statement: `Knows ${code}`, parentId, itemCount, signedCount },
  })
  test('sums stand at those above, and those without an item are counted', async () => {
    showPage(<OutcomesPage />, {
      answers: {
        'GET /api/outcomes': [outcome('K', null, 0, 0), outcome('K1', 'K', 3, 2), outcome('K2', 'K', 0, 0)],
      },
    })
    expect(await screen.findByText('3 outcomes · 1 without an item')).toBeTruthy()
    const [, ...rows] = screen.getAllByRole('row')
    expect(
      rows.map((row) =>
        within(row)
          .getAllByRole('cell')
          .some((cell) => cell.textContent === '3'),
      ),
    ).toEqual([true, true, false])
    expect(screen.getByRole('link', { name: '3' }).getAttribute('href')).toBe('/bank?outcome=K1')
    expect(screen.getByText('no item')).toBeTruthy()
  })
  test('none yet: it is said which files there are', async () => {
    showPage(<OutcomesPage />, { answers: { 'GET /api/outcomes': [] } })
    expect(await screen.findByText(/open CASE format/)).toBeTruthy()
  })
})

describe('how items are checked', () => {
  test('checks are switched off, and kept with grade and look-up', async () => {
    const { calls } = showPage(<SettingsPage />, {
      answers: {
        'GET /api/session/settings': { checksOff: ['negative-unstressed'] },
        'PUT /api/session/settings': {},
      },
    })
    const boxes = await screen.findAllByRole('checkbox')
    const [off] = boxes.filter((box) => !(box as HTMLInputElement).checked)
    const [on] = boxes.filter((box) => (box as HTMLInputElement).checked)
    await user.click(on!)
    if (off) await user.click(off)
    await user.type(screen.getByRole('spinbutton'), '7')
    await user.type(screen.getByRole('textbox'), ' https://library.example/?q={{words} ')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText('The settings are kept.')).toBeTruthy()
    const kept = calls.find(({ asked }) => asked.startsWith('PUT'))?.body as { readonly checksOff: string[] }
    expect(kept).toMatchObject({ targetGrade: 7, lookUp: 'https://library.example/?q={words}' })
    expect(kept.checksOff).toHaveLength(1)
  })
  test('what the server refuses is said', async () => {
    showPage(<SettingsPage />, {
      answers: { 'GET /api/session/settings': {}, 'PUT /api/session/settings': refused(400, 'The address is none.') },
    })
    await act(async () => void (await screen.findByRole('button', { name: 'Keep' })))
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText(/The address is none/)).toBeTruthy()
  })
})
