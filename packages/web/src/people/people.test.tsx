import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage } from '../testing/page'
import { AccountPage } from './AccountPage'
import { CopyPage } from './CopyPage'
import { FirstRunPage } from './FirstRunPage'
import { HandOver } from './HandOver'
import { LinkPage } from './LinkPage'
import { Others } from './Others'
import { WorkspacePage } from './WorkspacePage'

const sentTo = (calls: ReturnType<typeof showPage>['calls'], asked: string) =>
  calls.filter((call) => call.asked === asked).map(({ body }) => body)

describe('one’s own account', () => {
  test('another address asks for the password; what the server refuses is said', async () => {
    const { calls } = showPage(<AccountPage />, {
      answers: {
        'GET /api/me/sessions': [],
        'PUT /api/me': refused(422, 'This is not your password.'),
      },
    })
    const own = screen.getByRole('region', { name: 'Name and address' })
    expect(within(own).queryByLabelText(/Your password/)).toBeNull()
    await userEvent.clear(within(own).getByLabelText('E-mail'))
    await userEvent.type(within(own).getByLabelText('E-mail'), 'iris@harbour.example')
    await userEvent.type(within(own).getByLabelText(/Your password/), 'wrong')
    await userEvent.click(within(own).getByRole('button', { name: 'Keep' }))
    await within(own).findByText('This is not your password.')
    expect(sentTo(calls, 'PUT /api/me')).toEqual([
      { name: 'Iris Holm', email: 'iris@harbour.example', password: 'wrong' },
    ])
  })

  test('a new password empties the form; signing out elsewhere is there where one is elsewhere', async () => {
    let sessions = [
      { agent: 'Mozilla/5.0 (X11; Linux)', since: '2026-11-20T08:00:00.000Z', isThis: true },
      { agent: 'Mozilla/5.0 (Android)', since: null, isThis: false },
    ]
    const { calls } = showPage(<AccountPage />, {
      answers: {
        'GET /api/me/sessions': () => sessions,
        'PUT /api/me/password': null,
        'DELETE /api/me/sessions': () => {
          sessions = sessions.slice(0, 1)
          return null
        },
      },
    })
    await screen.findByText(/A browser on a phone or tablet/)
    await userEvent.type(screen.getByLabelText('The one that you have'), 'lighthouse')
    await userEvent.type(screen.getByLabelText(/^New one/), 'a long new password')
    await userEvent.click(screen.getByRole('button', { name: 'Change it' }))
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/^New one/).value).toBe(''))
    expect(sentTo(calls, 'PUT /api/me/password')).toEqual([{ old: 'lighthouse', password: 'a long new password' }])
    await userEvent.click(screen.getByRole('button', { name: 'Sign out everywhere else' }))
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Sign out everywhere else' })).toBeNull())
  })
})

describe('the workspace', () => {
  const workspace = {
    id: 'w',
    name: 'Coastal pilotage',
    goneAt: null,
    members: [
      { id: 'p', name: 'Iris Holm', email: 'iris@skarnholm.example', role: 'owner' },
      { id: 'q', name: 'Ode Renfeld', email: 'ode@skarnholm.example', role: 'viewer' },
    ],
    invitations: [],
  }
  const answers = {
    'GET /api/workspace': workspace,
    'GET /api/copies': [],
    'GET /api/workspace/record': { entries: [], isMore: false },
  }

  test('an owner changes roles, and gives a new password by a link', async () => {
    const { calls } = showPage(<WorkspacePage />, {
      answers: {
        ...answers,
        'PUT /api/workspace/members/q': null,
        'POST /api/workspace/members/q/reset': { token: 'abc' },
      },
    })
    await userEvent.selectOptions(await screen.findByRole('combobox', { name: 'Role of Ode Renfeld' }), 'reviewer')
    await waitFor(() => expect(sentTo(calls, 'PUT /api/workspace/members/q')).toEqual([{ role: 'reviewer' }]))
    await userEvent.click(screen.getByRole('button', { name: 'New password' }))
    expect(await screen.findByText('A new password for Ode Renfeld')).toBeTruthy()
    expect(screen.getByDisplayValue(/\/link\/abc$/)).toBeTruthy()
  })

  test('who looks on sees who is there as what, and who could do more', async () => {
    showPage(<WorkspacePage />, { answers, person: { ...OWNER, id: 'q', role: 'viewer', rights: ['see'] } })
    await screen.findByText('You are a viewer; to invite somebody takes an owner.')
    expect(screen.queryByRole('combobox', { name: /Role of/ })).toBeNull()
  })
})

describe('links', () => {
  test('an invitation says who invites to what, and makes an account', async () => {
    const { calls } = showPage(<LinkPage token="t" />, {
      person: null,
      answers: {
        'GET /api/session': refused(401, 'Sign in first.'),
        'GET /api/links/t': {
          ...{ kind: 'invitation', madeBy: 'Iris Holm', workspace: 'Coastal pilotage', role: 'editor', person: null },
        },
        'POST /api/links/t': OWNER,
      },
    })
    await screen.findByText(/as an editor/)
    await userEvent.type(screen.getByLabelText('Your name'), 'Bente Skov')
    await userEvent.type(screen.getByLabelText('E-mail'), 'bente@skarnholm.example')
    await userEvent.type(screen.getByLabelText(/^Password/), 'a long password')
    await userEvent.click(screen.getByRole('button', { name: 'Join' }))
    await waitFor(() =>
      expect(sentTo(calls, 'POST /api/links/t')).toEqual([
        { name: 'Bente Skov', email: 'bente@skarnholm.example', password: 'a long password' },
      ]),
    )
  })

  test('a link that is used up says so', async () => {
    showPage(<LinkPage token="t" />, {
      answers: { 'GET /api/links/t': refused(404, 'This link was used, or has expired. Ask for a new one.') },
    })
    expect((await screen.findByRole('alert')).textContent).toContain('This link was used')
  })

  test('the first owner is made with the token of the address; afterwards nobody is', async () => {
    const page = showPage(<FirstRunPage />, {
      at: '/first?token=printed',
      person: null,
      answers: { 'GET /api/first-run': { isOpen: true }, 'POST /api/first-run': refused(403, 'The token is another.') },
    })
    expect((await screen.findByLabelText<HTMLInputElement>(/^Token/)).value).toBe('printed')
    await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
    await screen.findByText('The token is another.')
    page.unmount()
    showPage(<FirstRunPage />, { person: null, answers: { 'GET /api/first-run': { isOpen: false } } })
    await screen.findByText(/This server has its first owner/)
  })
})

describe('handing over', () => {
  test('a link is made under a name, for a while, and shown once', async () => {
    const { calls } = showPage(<HandOver kind="items" ids={['a', 'b']} title="2 items" close={() => undefined} />, {
      answers: { 'POST /api/copies': { token: 'xyz' }, 'GET /api/copies': [] },
    })
    await userEvent.clear(screen.getByLabelText('Called'))
    await userEvent.type(screen.getByLabelText('Called'), 'Knots')
    await userEvent.selectOptions(screen.getByRole('combobox'), '90 days')
    await userEvent.click(screen.getByRole('button', { name: 'Make the link' }))
    expect(await screen.findByDisplayValue(/\/copy\/xyz$/)).toBeTruthy()
    expect(sentTo(calls, 'POST /api/copies')).toEqual([{ kind: 'items', ids: ['a', 'b'], title: 'Knots', days: 90 }])
  })

  test('what is handed over is looked through by category, then copied', async () => {
    const body = {
      kind: 'truefalse',
      stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Rye is a grain.' }] }],
      points: 1,
      tags: [],
      key: [true],
    }
    const { address } = showPage(<CopyPage />, {
      at: '/copy/t',
      path: '/copy/:token',
      answers: {
        'GET /api/copies/by-link/t': {
          ...{ kind: 'items', title: 'Grains', from: 'Another course', madeBy: 'Torben Aske', text: null },
          items: [
            { category: 'Farm/Grains', body },
            { category: '', body },
          ],
        },
        'POST /api/copies/by-link/t': { kind: 'items', id: null, itemCount: 2 },
      },
    })
    await screen.findByText(/Into Farm › Grains/)
    expect(screen.getByRole('region', { name: 'At the top of the bank' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Copy into Coastal pilotage' }))
    await waitFor(() => expect(address()).toBe('/bank?sort=newest'))
  })
})

test('who else is here is said, and nothing where nobody is', async () => {
  const page = showPage(<Others place="draft:1" />, { answers: { 'POST /api/presence': { others: ['Torben Aske'] } } })
  await screen.findByText(/Torben Aske is here, too/)
  page.unmount()
  const { calls } = showPage(<Others place="draft:1" />, { answers: { 'POST /api/presence': { others: [] } } })
  await waitFor(() => expect(calls).toHaveLength(1))
  expect(screen.queryByText(/here, too/)).toBeNull()
})
