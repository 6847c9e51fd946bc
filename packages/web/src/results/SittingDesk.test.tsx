import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Item } from '@zakuska/core'
import type { Schemas } from '../api/client'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { attempt, ATTEMPTS, BUOY, sitting, TAKING } from '../testing/results'
import { SittingDeskPage } from './SittingDesk'

// Drawing needs a browser; the code is looked at in one.
jest.mock('../dispatch/qr-code', () => ({
  qrCode: () => ({ svg: 'data:image/svg+xml,', png: 'data:image/png;base64,' }),
}))

function show(view = '', more: Partial<Schemas['SittingDto']> = {}, answers: Answers = {}, person = OWNER) {
  return showPage(<SittingDeskPage />, {
    at: `/results/s${view}`,
    path: view.startsWith('/people/') ? '/results/:id/people/:attempt' : '/results/:id/:view?',
    answers: { 'GET /api/sittings/s': sitting(more), 'GET /api/rosters': [], ...answers },
    person,
  })
}

const bodyOf = (calls: ReturnType<typeof show>['calls'], asked: string) =>
  calls.find((call) => call.asked === asked)?.body as Record<string, unknown>

describe('scores', () => {
  test('figures, and what so few people allow to be said', async () => {
    show()
    const facts = within(await screen.findByRole('region', { name: 'Scores' }))
    expect(facts.getByText('points possible').nextSibling?.textContent).toBe('7')
    // Bente 3, Corvin 1, Dagny 0, Eskil 2, Fenja 1, Gisle 1: worked by hand.
    expect(facts.getByText('average').nextSibling?.textContent).toBe('1.3')
    expect(facts.getByText('median').nextSibling?.textContent).toBe('1')
    expect(facts.getByText('under the threshold').nextSibling?.textContent).toBe('6')
    expect(facts.getByText(/one person more or less moves every share by 17 %/)).toBeTruthy()
  })

  test('every chart has its figures as a table', async () => {
    show()
    const table = within(await screen.findByRole('group', { name: 'Items, hardest first, as a table' }))
    expect(table.getAllByRole('row').map((row) => row.textContent)).toEqual([
      'ItemShare of pointsStem',
      '30 %Why is a lee shore dangerous?',
      '133 %Which knot makes a loop?',
      '267 %Which buoy is to port?',
    ])
  })

  test('another threshold is kept with the version that was seen; a refusal is said', async () => {
    const { calls } = show(
      '',
      {},
      { 'PUT /api/sittings/s': refused(409, 'Somebody else changed this sitting meanwhile.') },
    )
    const field = await screen.findByRole('spinbutton', { name: /Threshold/ })
    await userEvent.clear(field)
    await userEvent.type(field, '40')
    await userEvent.tab()
    expect((await screen.findByRole('alert')).textContent).toContain('Somebody else changed')
    expect(bodyOf(calls, 'PUT /api/sittings/s')).toMatchObject({ version: 3, settings: { threshold: 0.4 } })
  })

  test('attempts of people who have another are counted', async () => {
    show('', { attemptList: [...ATTEMPTS, attempt('Bente', [null, null, null], { id: 'again', counts: false })] })
    await screen.findByText('One attempt of somebody who has another does not count.')
  })

  test('nobody yet: the next step', async () => {
    show('', { attemptList: [], attempts: 0 })
    await screen.findByText('Nobody has handed in yet')
  })
})

describe('items', () => {
  test('an item opens to its options by thirds and to all answers', async () => {
    show('/items')
    await userEvent.click(await screen.findByRole('button', { name: 'Which buoy is to port?' }))
    const thirds = within(screen.getByRole('group', { name: 'Who took which option, as a table' }))
    expect(thirds.getAllByRole('row').map((row) => row.textContent)).toEqual([
      'Optionupper thirdmiddlelower third',
      'key: a) can130',
      'b) cone101',
      'left open000',
    ])
    const answers = within(screen.getByRole('list', { name: 'All answers to item 2' }))
    expect(answers.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
      'key: can100 % of points4',
      'cone0 % of points2',
    ])
  })

  test('fewer than five: no figure that would mislead', async () => {
    show('/items', { attemptList: ATTEMPTS.slice(0, 3) })
    await screen.findByText(/figures of so few are about these people/)
    expect(screen.queryByText('Difficulty and discrimination')).toBeNull()
  })
})

test('everybody: what was earned where, sorted by points or by name', async () => {
  show('/people')
  const names = () => screen.getAllByRole('rowheader').map((one) => one.textContent)
  await screen.findByText('Bente')
  expect(names()).toEqual(['Bente', 'Eskil', 'Corvin', 'Fenja', 'Gisle', 'Dagny'])
  await userEvent.click(screen.getByRole('checkbox', { name: 'People by points' }))
  expect(names()).toEqual(['Bente', 'Corvin', 'Dagny', 'Eskil', 'Fenja', 'Gisle'])
  expect(screen.getByText('to read', { selector: '.sr-only' })).toBeTruthy()
})

test('one person: answers beside the key, and how the score came about', async () => {
  const changed = attempt('Corvin', [{ kind: 'text', text: 'bowlin' }, null, null], {
    given: { 0: 1 },
    history: [{ at: '2026-03-03T08:00:00.000Z', by: 'Iris', item: 0, before: null, after: 1 }],
  })
  show('/people/a-Corvin', {
    attemptList: [changed],
    regradings: [
      {
        ...{ id: 'r', at: '2026-03-04T08:00:00.000Z', by: 'Maj', why: 'the key was wrong' },
        changes: [{ attemptId: 'a-Corvin', student: 'Corvin', before: 0, after: 1 }],
      },
    ],
  })
  await screen.findByText(/1 of 7/)
  expect(screen.getByText(/Iris gave item 1 1/)).toBeTruthy()
  expect(screen.getByText(/regraded by Maj, 0 became 1: the key was wrong/)).toBeTruthy()
  expect(screen.getByText('by hand')).toBeTruthy()
})

describe('key', () => {
  test('a spelling is counted as right only after what changes for whom was seen', async () => {
    const { calls } = show('/key', {}, { 'POST /api/sittings/s/regrade': sitting({ version: 4 }) })
    await userEvent.click(await screen.findByRole('button', { name: 'Count “bowlin” as right in item 1' }))
    expect(calls.some(({ asked }) => asked.startsWith('POST'))).toBe(false)
    await userEvent.click(screen.getByRole('button', { name: 'See what changes for whom' }))
    const dialog = within(screen.getByRole('dialog', { name: 'What changes for whom' }))
    expect(dialog.getByText('2 scores rise, none falls; the other 4 stay.')).toBeTruthy()
    expect(
      dialog
        .getAllByRole('row')
        .slice(1)
        .map((row) => row.textContent),
    ).toEqual(['Corvin1↑ 31', 'Fenja1↑ 31'])
    await userEvent.click(dialog.getByRole('button', { name: 'Grade so' }))
    await waitFor(() => expect(bodyOf(calls, 'POST /api/sittings/s/regrade')).toBeTruthy())
    expect(bodyOf(calls, 'POST /api/sittings/s/regrade')).toMatchObject({
      ...{ version: 3, why: 'item 1: “bowlin” counts as right', leftOut: [] },
      items: [{ item: 0, body: { key: ['bowline', 'bowlin'] } }],
    })
  })

  test('a sample submission: what disagrees is decided one by one', async () => {
    show('/key')
    await userEvent.selectOptions(await screen.findByRole('combobox', { name: 'Whose answers' }), 'Dagny')
    expect(screen.getByText(/They disagree in 2 items; 2 to decide/)).toBeTruthy()
    const [first] = screen.getAllByRole('button', { name: 'Take the sample’s' })
    if (first) await userEvent.click(first)
    await userEvent.click(screen.getByRole('button', { name: 'Keep the key' }))
    expect(screen.getByText(/all decided/)).toBeTruthy()
    expect(screen.getByText('1 change, not graded yet.')).toBeTruthy()
  })

  test('a key that was mended in the bank since is offered', async () => {
    const mended = { ...BUOY, key: ['b'] } as Item
    const items = sitting().items.map((item, at) => (at === 1 ? { ...item, inBank: mended } : item))
    show('/key', { items })
    await screen.findByText(/the key of 1 item was mended in the bank: 2/)
    await userEvent.click(screen.getByRole('button', { name: 'Take the mended key' }))
    expect(screen.getByText('◐ changed, not graded yet')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Undo all' }))
    expect(screen.queryByText('◐ changed, not graded yet')).toBeNull()
  })

  test('points, and items that count for nobody', async () => {
    show('/key')
    const field = await screen.findByRole('spinbutton', { name: 'Points of item 2' })
    await userEvent.clear(field)
    await userEvent.type(field, '3')
    await userEvent.tab()
    const [leaveOut] = screen.getAllByRole('checkbox', { name: 'left out' })
    if (leaveOut) await userEvent.click(leaveOut)
    await userEvent.click(screen.getByRole('button', { name: 'See what changes for whom' }))
    const dialog = within(screen.getByRole('dialog'))
    expect(dialog.getByRole<HTMLInputElement>('textbox', { name: 'Why' }).value).toBe(
      'item 2 has 3 points; item 1 is left out',
    )
    expect(dialog.getByText(/3 scores rise/)).toBeTruthy()
  })
})

test('essays are read by keyboard: points, Enter, and the next waits; names may be hidden', async () => {
  const essays = [
    ...ATTEMPTS.slice(0, 1),
    attempt('Hedda', [null, null, { kind: 'text', text: 'No room to leeward.' }]),
  ]
  const { calls } = show(
    '/reading',
    { attemptList: essays },
    {
      'PUT /api/sittings/s/given': (body: unknown) => {
        const { attemptId, points } = body as { attemptId: string; points: number }
        return { ...essays.find(({ id }) => id === attemptId), given: { 2: points } }
      },
    },
  )
  await screen.findByText('The wind drives the ship ashore.')
  expect(screen.getByRole('heading', { name: 'Bente' })).toBeTruthy()
  await userEvent.click(screen.getByRole('checkbox', { name: 'Names hidden' }))
  expect(screen.queryByText('Bente')).toBeNull()
  const points = screen.getByRole('textbox', { name: 'Points, of 4' })
  await userEvent.type(points, '9{Enter}')
  expect(screen.getByRole('alert').textContent).toContain('From 0 to 4 points')
  await userEvent.clear(points)
  await userEvent.type(points, '2,5{Enter}')
  await screen.findByText('No room to leeward.')
  expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Points, of 4' }))
  expect(bodyOf(calls, 'PUT /api/sittings/s/given')).toMatchObject({ attemptId: 'a-Bente', item: 2, points: 2.5 })
})

describe('hand on', () => {
  beforeEach(() => localStorage.clear())
  const href = (name: RegExp | string): URL => new URL(screen.getByRole<HTMLAnchorElement>('link', { name }).href)

  test('the columns of the sheet are chosen, and remembered', async () => {
    const one = show('/out')
    await userEvent.click(await screen.findByRole('checkbox', { name: 'share in percent' }))
    expect(href('As CSV').searchParams.get('columns')).toBe('student,fields,total,points')
    one.unmount()
    show('/out')
    await screen.findByText('Results sheet')
    expect(href('As XLSX').searchParams.get('columns')).toBe('student,fields,total,points')
  })

  test('a gradebook asks for the ids that it needs', async () => {
    show('/out')
    await screen.findByText('Give both ids; they are remembered.')
    await userEvent.type(screen.getByRole('textbox', { name: 'Id of the class there' }), 'c1')
    await userEvent.type(screen.getByRole('textbox', { name: 'Id of the school there' }), 's1')
    expect(href(/Gradebook package/).search).toBe('?field=&classId=c1&schoolId=s1')
    expect(href('One PDF').search).toBe('?files=one&keys=true&size=A4')
  })
})

describe('handing out here', () => {
  const here = { source: 'here', code: 'HARB22', taking: TAKING, isOpen: true } as const

  test('address, code, and a text for the class; closing is one step', async () => {
    const closed = sitting({ ...here, isOpen: false, taking: { ...TAKING, isOpen: false } })
    const { calls } = show('/taking', here, { 'PUT /api/sittings/s/taking': closed })
    await screen.findByText('HARB22')
    await userEvent.click(screen.getByRole('button', { name: 'Close it now' }))
    await screen.findByText('◆ Closed: nobody can take it.')
    expect(bodyOf(calls, 'PUT /api/sittings/s/taking')).toMatchObject({ isOpen: false, who: 'anyone' })
  })

  test('a list with codes: everybody gets one, and how sure it is is said', async () => {
    const { calls } = show('/taking', here, { 'PUT /api/sittings/s/taking': sitting(here) })
    await userEvent.selectOptions(await screen.findByRole('combobox', { name: 'Who may take it' }), 'code')
    expect(screen.getByText(/Sure as long as codes are kept/)).toBeTruthy()
    await userEvent.type(screen.getByRole('textbox', { name: 'Names, a line each' }), 'Bente Havn\nNils Bø\nBente Havn')
    await userEvent.click(screen.getByRole('button', { name: 'Keep these settings' }))
    await waitFor(() => expect(bodyOf(calls, 'PUT /api/sittings/s/taking')).toBeTruthy())
    const { people } = bodyOf(calls, 'PUT /api/sittings/s/taking') as { people: { name: string; code: string }[] }
    expect(people.map(({ name }) => name)).toEqual(['Bente Havn', 'Nils Bø'])
    for (const { code } of people) expect(code).toMatch(/^[A-Z2-9]{8}$/)
  })

  test('who may not hand out sees how it stands, and changes nothing', async () => {
    show('/taking', here, {}, { ...OWNER, role: 'reviewer', rights: ['see', 'remark', 'sign-off', 'results'] })
    await screen.findByText('HARB22')
    expect(screen.queryByRole('button', { name: 'Close it now' })).toBeNull()
    expect(screen.getByRole<HTMLSelectElement>('combobox', { name: 'Who may take it' }).matches(':disabled')).toBe(true)
  })
})

test('fetched again: how many are new', async () => {
  const taken = { sitting: sitting({ source: 'delivery' }), fresh: 2, known: 6 }
  show('', { source: 'delivery', destination: 'inlet' }, { 'POST /api/sittings/s/fetch': taken })
  await userEvent.click(await screen.findByRole('button', { name: 'Fetch again' }))
  await screen.findByText('2 responses came in; 6 were here before.')
})
