import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { paper } from '../testing/dispatch'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { sitting, TAKING } from '../testing/results'
import { HandHerePage } from './HandHerePage'
import { keepLayout, keptLayout } from './layouts'
import { OfDeliveryPage } from './OfDeliveryPage'
import { peopleIn } from './taking/people-in'

jest.mock('../dispatch/qr-code', () => ({ qrCode: () => ({ svg: 'data:,', png: 'data:,' }) }))

describe('handing out here', () => {
  function show(answers: Answers = {}, person = OWNER) {
    return showPage(<HandHerePage />, {
      at: '/results/here/p',
      path: '/results/here/:id',
      answers: {
        'GET /api/papers/p': paper(),
        'POST /api/sittings/here': sitting({ source: 'here', code: 'HARB22', taking: TAKING }),
        ...answers,
      },
      person,
    })
  }

  test('as a test or as practice; unsigned items only where that was said', async () => {
    const { calls, address } = show()
    await screen.findByRole('button', { name: 'Open it with 1 item' })
    await userEvent.click(screen.getByRole('checkbox', { name: /Take 1 item along that nobody has signed off/ }))
    await userEvent.click(screen.getByRole('radio', { name: /^Practice/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Open it with 2 items' }))
    await waitFor(() => expect(address()).toBe('/results/s/taking'))
    expect(calls.find(({ asked }) => asked.startsWith('POST'))?.body).toMatchObject({
      ...{ paperId: 'p', mode: 'practice', includeUnsigned: true },
    })
  })

  test('what is refused is said, and asked for again it is the same sitting', async () => {
    const { calls } = show({
      'POST /api/sittings/here': refused(422, 'There is no signed-off item on this paper to open.'),
    })
    const open = await screen.findByRole('button', { name: 'Open it with 1 item' })
    await userEvent.click(open)
    expect((await screen.findByRole('alert')).textContent).toContain('no signed-off item')
    await userEvent.click(open)
    await waitFor(() => expect(calls.filter(({ asked }) => asked.startsWith('POST'))).toHaveLength(2))
    const [one, two] = calls.flatMap(({ asked, body }) => (asked.startsWith('POST') ? [body as { id: string }] : []))
    expect(one?.id).toBe(two?.id)
  })

  test('who may not is told who could', async () => {
    show({}, { ...OWNER, role: 'viewer', rights: ['see'] })
    await screen.findByText('You are a viewer; to hand it out takes an editor.')
  })
})

describe('from a delivery', () => {
  const show = (answers: Answers) =>
    showPage(<OfDeliveryPage />, { at: '/results/of/d', path: '/results/of/:id', answers })

  test('what was fetched before is opened without fetching', async () => {
    const { calls, address } = show({ 'GET /api/sittings': [sitting({ deliveryId: 'd' })] })
    await waitFor(() => expect(address()).toBe('/results/s'))
    expect(calls.map(({ asked }) => asked)).toEqual(['GET /api/sittings'])
  })

  test('else it is fetched once', async () => {
    const { calls, address } = show({
      'GET /api/sittings': [],
      'POST /api/sittings/of-delivery/d': { sitting: sitting(), fresh: 6, known: 0 },
    })
    await waitFor(() => expect(address()).toBe('/results/s'))
    expect(calls.filter(({ asked }) => asked.startsWith('POST'))).toHaveLength(1)
  })

  test('a destination that does not answer is said, with a way to try again', async () => {
    show({
      'GET /api/sittings': [],
      'POST /api/sittings/of-delivery/d': refused(422, 'Inlet does not answer at its address.'),
    })
    expect((await screen.findByRole('alert')).textContent).toContain('Inlet does not answer')
    expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy()
  })
})

describe('people of a list', () => {
  test('a line each; a code behind a tab is taken, who had one keeps it, others get one where codes are asked for', () => {
    const known = [{ name: 'Bente Havn', code: 'AAAAAA' }]
    const text = 'Bente Havn\n\n  Nils Bø \tK7QX\nÅse Lervik\nNils Bø'
    expect(peopleIn(text, known, 'list')).toEqual([
      { name: 'Bente Havn', code: 'AAAAAA' },
      { name: 'Nils Bø', code: 'K7QX' },
      { name: 'Åse Lervik', code: '' },
    ])
    const [, , third] = peopleIn(text, known, 'code')
    expect(third?.code).toMatch(/^[A-HJ-NP-Z2-9]{8}$/)
    // Typing on does not give everybody a new code.
    expect(peopleIn(`${text}\nOrm`, known, 'code')[2]).toEqual(third)
  })
})

describe('layouts of response files', () => {
  beforeEach(() => localStorage.clear())
  const roles = [{ kind: 'skip' }] as const
  test('are remembered for a paper and the very heads, the newest forty', () => {
    keepLayout('p', ['a'], roles)
    expect(keptLayout('p', ['a'])).toEqual(roles)
    expect(keptLayout('p', ['b'])).toBeNull()
    expect(keptLayout('q', ['a'])).toBeNull()
    for (let at = 0; at < 40; at++) keepLayout(`p${at}`, ['a'], roles)
    expect(keptLayout('p', ['a'])).toBeNull()
  })
  test('what the browser kept and cannot be read is none', () => {
    localStorage.setItem('zakuska.response-layouts', '{')
    expect(keptLayout('p', ['a'])).toBeNull()
  })
})
