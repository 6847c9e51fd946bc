import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf, type Item } from '@zakuska/core'
import type { Schemas } from '../api/client'
import { refused, showPage, type Answers } from '../testing/page'
import { BUOY, KNOT } from '../testing/results'
import { spokenText } from './speak'
import { TakePage } from './TakePage'

const ABOUT: Schemas['TakeAboutDto'] = {
  ...{
    title: 'Week 2',
    mode: 'test',
    state: 'open',
    opensAt: null,
    closesAt: null,
    instructions: 'Charts stay closed.',
  },
  ...{ identity: ['Name'], who: 'anyone', timeLimit: 10, attempts: 1, itemCount: 2 },
}

function item(body: object, more: Partial<Schemas['ShownItemDto']> = {}): Schemas['ShownItemDto'] {
  return {
    ...{
      body: { ...body, key: [] } as unknown as Item,
      section: null,
      required: true,
      response: null,
      n: -1,
      same: [],
      hintCount: 0,
    },
    ...{ hints: [], tries: 0, solved: false, told: null },
    ...more,
  }
}

function attempt(more: Partial<Schemas['TakingAttemptDto']> = {}): Schemas['TakingAttemptDto'] {
  return {
    ...{
      title: 'Week 2',
      student: 'Bente',
      mode: 'test',
      instructions: '',
      sections: [],
      secondsLeft: null,
      tries: null,
    },
    ...{ isHandedIn: false, tells: 'now', total: null, possible: 3, items: [item(KNOT), item(BUOY)] },
    ...more,
  }
}

const PATH = '/api/take/HARB22'
function show(answers: Answers = {}) {
  return showPage(<TakePage />, {
    at: '/take/harb22',
    path: '/take/:code?',
    person: null,
    answers: {
      [`GET ${PATH}`]: ABOUT,
      [`POST ${PATH}`]: { token: 'ABCD-EFGH-JKLM' },
      [`GET ${PATH}/attempt`]: attempt(),
      [`PUT ${PATH}/attempt/answers`]: { kept: 1 },
      ...answers,
    },
  })
}

const saves = (calls: ReturnType<typeof show>['calls']) =>
  calls.flatMap(({ asked, body }) => (asked.startsWith('PUT') ? (body as { answers: object[] }).answers : []))

async function begin(): Promise<void> {
  await userEvent.type(await screen.findByRole('textbox', { name: 'Name' }), 'Bente')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await screen.findByText('✓ Every answer is kept.')
}

beforeEach(() => localStorage.clear())

test('what it is, the name, and every answer on its way as it is given', async () => {
  const { calls } = show()
  await screen.findByText('2 questions · 10 minutes from when you begin · each may hand in once')
  await begin()
  await userEvent.type(screen.getByRole('textbox', { name: 'Answer to item 1' }), 'bowline')
  await userEvent.click(screen.getByRole('radio', { name: 'can' }))
  await waitFor(() => expect(saves(calls)).toHaveLength(2))
  expect(saves(calls)).toEqual([
    { at: 0, n: 6, response: { kind: 'text', text: 'bowline' } },
    { at: 1, n: 0, response: { kind: 'choice', chosen: ['a'] } },
  ])
  await screen.findByText('✓ Every answer is kept.')
})

test('handing in asks about what is open, and then says what was earned', async () => {
  const done = attempt({
    ...{ isHandedIn: true, total: 2 },
    items: [
      item(KNOT, { told: { points: 2, of: 2, key: 'bowline', feedback: null, remark: '' }, same: ['spelling counts'] }),
      item(BUOY, {
        told: {
          points: 0,
          of: 1,
          key: 'can',
          feedback: contentOf('Red is to port.') as never,
          remark: 'Look at the chart.',
        },
      }),
    ],
  })
  show({ [`POST ${PATH}/attempt/hand-in`]: done })
  await begin()
  await userEvent.type(screen.getByRole('textbox', { name: 'Answer to item 1' }), 'bowline')
  await userEvent.click(screen.getByRole('button', { name: 'Hand in' }))
  const question = screen.getByRole('group', { name: 'Hand in with open questions' })
  expect(question.textContent).toContain('One question is not answered: 2.')
  expect(document.activeElement).toBe(question)
  await userEvent.click(within(question).getByRole('button', { name: 'Hand in all the same' }))
  await screen.findByText('2 of 3 points')
  expect(screen.getByText(/right: can/)).toBeTruthy()
  expect(screen.getByText('Red is to port.')).toBeTruthy()
  expect(screen.getByText('Your teacher: Look at the chart.')).toBeTruthy()
  expect(screen.getByText('What counts as the same: spelling counts.')).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'Hand in' })).toBeNull()
})

test('without the server an answer waits in this browser, and says so', async () => {
  const { calls } = show({ [`PUT ${PATH}/attempt/answers`]: refused(503, 'busy') })
  await begin()
  await userEvent.click(screen.getByRole('radio', { name: 'cone' }))
  await screen.findByText(/No connection: 1 answer is kept in this browser/)
  expect(localStorage.getItem('zakuska.answers.ABCD-EFGH-JKLM')).toContain('"chosen":["b"]')
  expect(saves(calls).length).toBeGreaterThan(0)
})

test('closed meanwhile: what was saved counts, and that is said', async () => {
  let opened = 0
  show({
    [`PUT ${PATH}/attempt/answers`]: refused(410, 'It was closed. What was saved before is handed in.'),
    [`GET ${PATH}/attempt`]: () => attempt({ isHandedIn: opened++ > 0 }),
  })
  await begin()
  await userEvent.click(screen.getByRole('radio', { name: 'cone' }))
  await screen.findByText('✓ Your answers were handed in.')
})

test('the code to go on elsewhere is shown, and taken elsewhere', async () => {
  const first = show()
  await begin()
  expect(screen.getByText('ABCD-EFGH-JKLM')).toBeTruthy()
  first.unmount()
  localStorage.clear()
  const { calls } = show({ [`GET ${PATH}/attempt`]: attempt({ student: 'Bente, here' }) })
  await userEvent.click(await screen.findByText('I have begun on another device'))
  await userEvent.type(screen.getByRole('textbox', { name: 'Code to go on' }), 'abcd-efgh-jklm')
  await userEvent.click(screen.getByRole('button', { name: 'Go on' }))
  await screen.findByText('Bente, here')
  expect(calls.map(({ asked }) => asked)).not.toContain(`POST ${PATH}`)
})

test('a paper that cannot be reached is tried again; a token that opens nothing is told', async () => {
  localStorage.setItem('zakuska.take.HARB22', 'ABCD-EFGH-JKLM')
  const first = show({ [`GET ${PATH}/attempt`]: refused(503, 'busy') })
  await screen.findByText(/What you answered is kept in this browser/, {}, { timeout: 8000 })
  expect(screen.queryByRole('button', { name: 'Begin anew' })).toBeNull()
  first.unmount()
  show({ [`GET ${PATH}/attempt`]: refused(401, 'This opens no attempt here.') })
  await userEvent.click(await screen.findByRole('button', { name: 'Begin anew' }, { timeout: 8000 }))
  await screen.findByRole('button', { name: 'Begin' })
  expect(localStorage.getItem('zakuska.take.HARB22')).toBeNull()
}, 20_000)

describe('practice', () => {
  const practice = (more: Partial<Schemas['ShownItemDto']> = {}) =>
    attempt({ mode: 'practice', items: [item(KNOT, { hintCount: 1, ...more })] })

  test('check, a hint, right at the second try; then it is settled', async () => {
    const answers: Schemas['ShownItemDto'][] = [
      item(KNOT, { tries: 1, hintCount: 1, n: 3, same: ['spelling counts'] }),
      item(KNOT, {
        tries: 2,
        hintCount: 1,
        solved: true,
        told: { points: 2, of: 2, key: 'bowline', feedback: null, remark: '' },
      }),
    ]
    show({
      [`GET ${PATH}/attempt`]: practice(),
      [`POST ${PATH}/attempt/check`]: () => answers.shift(),
      [`POST ${PATH}/attempt/hint`]: item(KNOT, {
        tries: 1,
        hintCount: 1,
        hints: [contentOf('It makes a loop.') as never],
      }),
    })
    await begin()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Check' }).disabled).toBe(true)
    await userEvent.type(screen.getByRole('textbox', { name: 'Answer to item 1' }), 'reef')
    await userEvent.click(screen.getByRole('button', { name: 'Check' }))
    await screen.findByText(/Not right: try again/)
    await userEvent.click(screen.getByRole('button', { name: 'A hint' }))
    await screen.findByText('It makes a loop.')
    expect(screen.queryByRole('button', { name: /hint/ })).toBeNull()
    await userEvent.type(screen.getByRole('textbox', { name: 'Answer to item 1' }), ' knot')
    await userEvent.click(screen.getByRole('button', { name: 'Check again' }))
    await screen.findByText('✓ Right at the second try.')
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Answer to item 1' }).disabled).toBe(true)
  })

  test('tries that are left are counted, and a failed check is said', async () => {
    show({
      [`GET ${PATH}/attempt`]: { ...practice(), tries: 3 },
      [`POST ${PATH}/attempt/check`]: refused(500, 'Something went wrong.'),
    })
    await begin()
    await userEvent.type(screen.getByRole('textbox', { name: 'Answer to item 1' }), 'reef')
    await userEvent.click(screen.getByRole('button', { name: 'Check' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Something went wrong.')
  })
})

test.each([
  [{ state: 'closed' }, '◆ This is closed.'],
  [{ state: 'early', opensAt: '2026-03-02T09:00:00.000Z' }, /not open yet: it opens 2 Mar/],
] as const)('%j is said, and nothing can be begun', async (more, says) => {
  show({ [`GET ${PATH}`]: { ...ABOUT, ...more } })
  await screen.findByText(says)
  expect(screen.queryByRole('button', { name: 'Begin' })).toBeNull()
})

test('a name that is not on the list is told, and what was typed stays', async () => {
  show({ [`POST ${PATH}`]: refused(403, 'This name is not on the list. Write it as your teacher has it.') })
  await userEvent.type(await screen.findByRole('textbox', { name: 'Name' }), 'Bent')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  expect((await screen.findByRole('alert')).textContent).toContain('not on the list')
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' }).value).toBe('Bent')
})

test('a code that opens nothing is told', async () => {
  show({ [`GET ${PATH}`]: refused(404, 'There is no such check.') })
  await screen.findByText('Is the code HARB22 as your teacher gave it?')
})

test('what is read aloud: the question and what there is to choose from, a gap as a pause', () => {
  expect(spokenText(BUOY)).toBe('Which buoy is to port? can. cone.')
  const gap = [
    {
      type: 'paragraph',
      content: [{ type: 'text', text: 'After ' }, { type: 'gap' }, { type: 'text', text: ' comes ebb.' }],
    },
  ]
  expect(spokenText({ ...KNOT, stem: gap as never })).toMatch(/^After {1,2}… {1,2}comes ebb\.$/)
})
