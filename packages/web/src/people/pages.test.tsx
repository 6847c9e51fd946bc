import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { AccountPage } from './AccountPage'
import { WorkspacePage } from './WorkspacePage'

const user = userEvent.setup()
const member = (id: string, name: string, role: string) => ({
  id,
  name,
  email: `${id}@skarnholm.example`,
  role,
  since: '2026-11-01T10:00:00Z',
})
const WORKSPACE = {
  ...{ id: 'w', name: 'Coastal pilotage', goneAt: null },
  members: [member('p', 'Iris Holm', 'owner'), member('t', 'Torben Vik', 'editor')],
  invitations: [{ id: 'n1', note: 'Berit, physics', role: 'viewer', expiresAt: '2026-12-05T10:00:00Z' }],
}
const workspace = (answers: Answers = {}, person = OWNER) =>
  showPage(<WorkspacePage />, {
    person,
    at: '/workspace',
    path: '/workspace',
    answers: {
      'GET /api/workspace': WORKSPACE,
      'GET /api/workspace/record': { entries: [], isMore: false },
      'GET /api/copies': [],
      'GET /api/writing': { service: null, allowed: [] },
      ...answers,
    },
  })

describe('the people of a workspace', () => {
  test('an owner changes roles, takes out, and hands out a link for a new password once', async () => {
    const { calls } = workspace({
      'PUT /api/workspace/members/t': null,
      'DELETE /api/workspace/members/t': null,
      'POST /api/workspace/members/t/reset': { token: 'secret-token' },
    })
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Role of Torben Vik' }), 'reviewer')
    await waitFor(() =>
      expect(calls.find(({ asked }) => asked.startsWith('PUT'))?.body).toMatchObject({ role: 'reviewer' }),
    )
    await user.click(screen.getByRole('button', { name: 'New password' }))
    const dialog = await screen.findByRole('dialog', { name: 'A new password for Torben Vik' })
    expect(within(dialog).getByDisplayValue(/\/link\/secret-token$/)).toBeTruthy()
    await user.keyboard('{Escape}')
    await user.click(screen.getByRole('button', { name: 'Take out' }))
    await waitFor(() => expect(calls.some(({ asked }) => asked === 'DELETE /api/workspace/members/t')).toBe(true))
    // Nobody takes themselves out here.
    expect(screen.getAllByRole('button', { name: 'Take out' })).toHaveLength(1)
  })

  test('what the server refuses is said where it was asked for', async () => {
    workspace({ 'PUT /api/workspace/members/p': refused(409, 'A workspace keeps an owner.') })
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Role of Iris Holm' }), 'viewer')
    expect(await screen.findByText(/keeps an owner/)).toBeTruthy()
  })

  test('an invitation is a link that is shown once; one that was sent is taken back', async () => {
    const { calls } = workspace({
      'POST /api/workspace/invitations': { token: 'come-in' },
      'DELETE /api/workspace/invitations/n1': null,
    })
    await user.type(await screen.findByRole('textbox', { name: 'Who it is for' }), 'Ode')
    await user.selectOptions(screen.getByRole('combobox', { name: 'Role' }), 'reviewer')
    await user.click(screen.getByRole('button', { name: 'Make a link' }))
    expect(
      within(await screen.findByRole('dialog', { name: 'The invitation' })).getByDisplayValue(/come-in/),
    ).toBeTruthy()
    expect(calls.find(({ asked }) => asked.startsWith('POST'))?.body).toEqual({ note: 'Ode', role: 'reviewer' })
    await user.keyboard('{Escape}')
    await user.click(screen.getByRole('button', { name: 'Take back' }))
    await waitFor(() => expect(calls.some(({ asked }) => asked.startsWith('DELETE'))).toBe(true))
  })

  test('who is no owner sees who is there, and no way to change it', async () => {
    workspace({}, { ...OWNER, role: 'editor', rights: ['see', 'write'] })
    expect(await screen.findByText('Torben Vik')).toBeTruthy()
    expect(screen.queryByRole('combobox', { name: 'Role of Torben Vik' })).toBeNull()
    expect(screen.queryByRole('button', { name: 'Make a link' })).toBeNull()
  })

  test('a workspace is renamed, and deleted only after a question, with an undo', async () => {
    const { calls } = workspace({
      'PUT /api/workspace': null,
      'PUT /api/workspace/deleted': null,
      'DELETE /api/workspace': null,
      'POST /api/workspace/undelete': null,
    })
    await user.click(await screen.findByRole('button', { name: 'Rename' }))
    const name = within(await screen.findByRole('dialog')).getByRole('textbox', { name: 'Name' })
    await user.clear(name)
    expect(within(screen.getByRole('dialog')).getByRole('button', { name: 'Rename' })).toHaveProperty('disabled', true)
    await user.type(name, 'Pilotage{Enter}')
    await waitFor(() =>
      expect(calls.find(({ asked }) => asked === 'PUT /api/workspace')?.body).toEqual({ name: 'Pilotage' }),
    )
    await user.click(await screen.findByRole('button', { name: 'Delete' }))
    expect(screen.getByText(/For 30 days its owners can bring it back/)).toBeTruthy()
  })
})

describe('one’s own account', () => {
  const account = (answers: Answers = {}) =>
    showPage(<AccountPage />, {
      answers: {
        'GET /api/me/sessions': [
          { agent: 'Mozilla/5.0 (X11; Linux) Firefox/130.0', since: '2026-11-29T10:00:00Z', isThis: true },
          { agent: 'Mozilla/5.0 (iPhone) Safari/604.1', since: '2026-11-20T10:00:00Z', isThis: false },
        ],
        'GET /api/session': OWNER,
        ...answers,
      },
    })

  test('another address takes the password, a name does not', async () => {
    const { calls } = account({ 'PUT /api/me': OWNER })
    const name = await screen.findByRole('textbox', { name: 'Name' })
    await user.clear(name)
    await user.type(name, 'Iris Holm-Vik')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    await waitFor(() =>
      expect(calls.find(({ asked }) => asked === 'PUT /api/me')?.body).toEqual({
        name: 'Iris Holm-Vik',
        email: OWNER.email,
      }),
    )
    await user.type(screen.getByRole('textbox', { name: 'E-mail' }), '.org')
    await user.type(screen.getByLabelText('Your password, to change the address'), 'lighthouse')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    await waitFor(() =>
      expect(calls.findLast(({ asked }) => asked === 'PUT /api/me')?.body).toMatchObject({
        email: `${OWNER.email}.org`,
        password: 'lighthouse',
      }),
    )
  })

  test('a new password, and what is against it', async () => {
    let isCommon = true
    const { calls } = account({
      'PUT /api/me/password': () =>
        isCommon ? refused(422, 'This password is one of those that are tried first. Take another.') : null,
    })
    await user.type(await screen.findByLabelText('The one that you have'), 'lighthouse')
    await user.type(screen.getByLabelText(/^New one/), 'password123')
    await user.click(screen.getByRole('button', { name: 'Change it' }))
    expect(await screen.findByText(/tried first/)).toBeTruthy()
    // What was typed is still there.
    expect(screen.getByLabelText<HTMLInputElement>('The one that you have').value).toBe('lighthouse')
    isCommon = false
    await user.click(screen.getByRole('button', { name: 'Change it' }))
    expect(await screen.findByText(/signed out everywhere else/)).toBeTruthy()
    expect(screen.getByLabelText<HTMLInputElement>(/^New one/).value).toBe('')
    expect(calls.filter(({ asked }) => asked === 'PUT /api/me/password')).toHaveLength(2)
  })

  test('where one is signed in, and out of everywhere else', async () => {
    const { calls } = account({ 'DELETE /api/me/sessions': null })
    expect(await screen.findByText(/this one/)).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Sign out everywhere else' }))
    expect(await screen.findByText('You are signed out everywhere else.')).toBeTruthy()
    expect(calls.some(({ asked }) => asked === 'DELETE /api/me/sessions')).toBe(true)
  })
})
