import { render, screen } from '@testing-library/react'
import { Boundary } from './Boundary'

function Broken(): never {
  throw new Error('a secret of the inside')
}

test('a page that breaks says so in a line, with a way on, and another place is tried anew', () => {
  const log = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const page = (place: string) => <Boundary place={place}>{place === '/broken' ? <Broken /> : <p>whole</p>}</Boundary>
  const { rerender } = render(page('/broken'))
  expect(screen.getByRole('alert').textContent).toContain('cannot be shown just now')
  expect(screen.getByRole('alert').textContent).not.toContain('secret')
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Load it again' }))
  rerender(page('/elsewhere'))
  expect(screen.getByText('whole')).toBeTruthy()
  rerender(page('/broken'))
  expect(screen.getByRole('alert')).toBeTruthy()
  log.mockRestore()
})
