import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { paper } from '../testing/dispatch'
import { showPage } from '../testing/page'
import { PrintMenu } from './PrintMenu'
import type { Paper } from './queries'

const flush = jest.fn(() => Promise.resolve())
const show = async (more: object = {}) => {
  showPage(<PrintMenu paper={paper(more) as unknown as Paper} flush={flush} />)
  await userEvent.click(screen.getByRole('button', { name: 'Print' }))
}
/** What the link asks for. */
const asked = () =>
  Object.fromEntries(new URL(screen.getByRole<HTMLAnchorElement>('link').href, 'http://x').searchParams)

test('paper and key on A4, as PDF, unless it is said otherwise', async () => {
  await show()
  expect(asked()).toEqual({ form: 'pdf', what: 'paper,key', size: 'A4', versions: 'this' })
})

test('other parts, sheets and versions, in the order in which they are printed', async () => {
  await show()
  await userEvent.click(screen.getByRole('checkbox', { name: /^Paper/ }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^Answer sheet/ }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^Paper/ }))
  await userEvent.selectOptions(screen.getByRole('combobox'), 'Letter')
  await userEvent.click(screen.getByRole('checkbox', { name: /^Every version/ }))
  await userEvent.click(screen.getByRole('radio', { name: /^Document/ }))
  expect(asked()).toEqual({ form: 'docx', what: 'paper,key,answers', size: 'Letter', versions: 'all' })
})

test('slides have neither sheets nor parts to choose', async () => {
  await show()
  await userEvent.click(screen.getByRole('radio', { name: /^Slides/ }))
  expect(screen.queryByRole('combobox')).toBeNull()
  expect(screen.queryByRole('checkbox', { name: /^Key/ })).toBeNull()
  expect(asked()).toMatchObject({ form: 'pptx', what: 'paper' })
})

test('nothing chosen is nothing to print', async () => {
  await show()
  await userEvent.click(screen.getByRole('checkbox', { name: /^Paper/ }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^Key/ }))
  expect(screen.queryByRole('link')).toBeNull()
  expect(screen.getByRole('button', { name: 'Choose what to print' }).matches(':disabled')).toBe(true)
})

test('a version prints itself; items that nobody signed off are told of', async () => {
  await show({ versionOf: 'p0' })
  expect(screen.queryByRole('checkbox', { name: /^Every version/ })).toBeNull()
  expect(screen.getByText(/1 item is not signed off, and would be printed all the same/)).toBeTruthy()
})

test('what is not saved is not printed', async () => {
  flush.mockRejectedValueOnce(new Error('no'))
  await show()
  await waitFor(() => expect(flush).toHaveBeenCalled())
  expect(screen.queryByRole('dialog')).toBeNull()
})
