import { act, fireEvent, render, screen } from '@testing-library/react'
import { Notices, useTell } from './notices'

let undone = 0
function Page() {
  const tell = useTell()
  return (
    <>
      <button onClick={() => tell('Three items deleted.', { undo: () => undone++ })}>Delete</button>
      <button onClick={() => tell('Two were refused.', { tone: 'trouble', lines: ['The first.', 'The second.'] })}>
        Send
      </button>
      <main id="desk" tabIndex={-1} />
    </>
  )
}

beforeEach(() => {
  undone = 0
  jest.useFakeTimers()
  render(
    <Notices>
      <Page />
    </Notices>,
  )
})
afterEach(() => jest.useRealTimers())

/** As a browser does: what is pressed has the focus. */
const press = (name: string): void => {
  const button = screen.getByRole('button', { name })
  act(() => button.focus())
  fireEvent.click(button)
}
const pass = (ms: number): void => act(() => void jest.advanceTimersByTime(ms))

test('a notice goes after a while by itself', () => {
  press('Delete')
  pass(7900)
  expect(screen.queryByText('Three items deleted.')).not.toBeNull()
  pass(200)
  expect(screen.queryByText('Three items deleted.')).toBeNull()
})

// WCAG 2.2, success criterion 2.2.1: who needs longer has longer.
test('it stays while somebody points at it or is in it, and has its whole while again then', () => {
  press('Delete')
  const undo = screen.getByRole('button', { name: 'Undo' })
  act(() => undo.focus())
  pass(60_000)
  expect(screen.queryByText('Three items deleted.')).not.toBeNull()
  act(() => undo.blur())
  pass(7900)
  const line = screen.getByText('Three items deleted.')
  fireEvent.pointerEnter(line.parentElement ?? line)
  pass(60_000)
  expect(screen.queryByText('Three items deleted.')).not.toBeNull()
  fireEvent.pointerLeave(line.parentElement ?? line)
  pass(8100)
  expect(screen.queryByText('Three items deleted.')).toBeNull()
})

test('undo is done once, and whoever pressed it is where they were', () => {
  const before = screen.getByRole('button', { name: 'Delete' })
  press('Delete')
  press('Undo')
  pass(1)
  expect(undone).toBe(1)
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
  expect(document.activeElement).toBe(before)
})

test('what it sums up is read one by one, and it stays until then', () => {
  press('Send')
  pass(60_000)
  press('See them')
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual(['The first.', 'The second.'])
  press('All read')
  pass(1)
  expect(screen.queryByText('Two were refused.')).toBeNull()
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Send' }))
})

test('three at most stand at once: the oldest gives way', () => {
  press('Send')
  for (let at = 0; at < 3; at++) press('Delete')
  expect(screen.queryByText('Two were refused.')).toBeNull()
  expect(screen.getAllByText('Three items deleted.')).toHaveLength(3)
})
