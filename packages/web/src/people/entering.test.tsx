import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage } from '../testing/page'
import { FirstRunPage } from './FirstRunPage'
import { SignIn } from './SignIn'

const user = userEvent.setup()

describe('signing in', () => {
  test('what was refused is said once, what was typed stays, and the second try goes through', async () => {
    let tries = 0
    const { calls } = showPage(<SignIn />, {
      person: null,
      answers: {
        'POST /api/session': () => (tries++ ? OWNER : refused(401, 'The e-mail address or the password is not right.')),
      },
    })
    expect(document.activeElement).toBe(screen.getByLabelText('E-mail'))
    await user.type(screen.getByLabelText('E-mail'), 'iris@skarnholm.example')
    await user.type(screen.getByLabelText('Password'), 'light{Enter}')
    expect((await screen.findByRole('alert')).textContent).toContain('is not right.')
    expect(screen.getByLabelText<HTMLInputElement>('E-mail').value).toBe('iris@skarnholm.example')
    await user.type(screen.getByLabelText('Password'), 'house{Enter}')
    await screen.findByRole('button', { name: 'Sign in' })
    expect(screen.queryByRole('alert')).toBeNull()
    expect(calls.map(({ body }) => body)).toEqual([
      { email: 'iris@skarnholm.example', password: 'light' },
      { email: 'iris@skarnholm.example', password: 'lighthouse' },
    ])
  })

  test('the server says what is missing', async () => {
    showPage(<SignIn />, {
      person: null,
      answers: { 'POST /api/session': refused(400, 'Give an e-mail address; Give the password.') },
    })
    await user.click(screen.getByRole('button', { name: 'Sign in' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Give an e-mail address; Give the password.')
  })
})

describe('the first owner of a new server', () => {
  test('the token comes from the address; the first owner goes on to the drafts', async () => {
    const { calls, address } = showPage(<FirstRunPage />, {
      person: null,
      at: '/begin?token=once',
      path: '/begin',
      answers: { 'GET /api/first-run': { isOpen: true }, 'POST /api/first-run': OWNER },
    })
    expect((await screen.findByLabelText<HTMLInputElement>(/Token/)).value).toBe('once')
    await user.type(screen.getByLabelText('Name of the workspace'), 'Evening course')
    await user.type(screen.getByLabelText('Your name'), 'Iris Holm')
    await user.type(screen.getByLabelText('E-mail'), 'iris@skarnholm.example')
    await user.type(screen.getByLabelText(/^Password/), 'lighthouse keeper{Enter}')
    await screen.findByText('elsewhere')
    expect(address()).toBe('/drafts')
    expect(calls.find(({ asked }) => asked === 'POST /api/first-run')?.body).toEqual({
      ...{ token: 'once', workspace: 'Evening course', name: 'Iris Holm' },
      ...{ email: 'iris@skarnholm.example', password: 'lighthouse keeper' },
    })
  })

  test('a server that has one says so, and asks for nothing', async () => {
    showPage(<FirstRunPage />, { person: null, answers: { 'GET /api/first-run': { isOpen: false } } })
    await screen.findByText(/This server has its first owner/)
    expect(screen.queryByRole('textbox')).toBeNull()
  })
})
