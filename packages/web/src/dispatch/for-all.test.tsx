import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { DEPTH, RYE } from '../testing/dispatch'
import { showPage } from '../testing/page'
import { ForAll, type ForAllSettings } from './ForAll'
import type { Row } from './fit-rows'

const ROWS: readonly Row[] = [RYE, DEPTH].map((body, at) => ({ id: `i${at + 1}`, body, signed: true, columns: [] }))
let settings: ForAllSettings

function Set({ start }: { readonly start: ForAllSettings }) {
  const [own, setOwn] = useState(start)
  settings = own
  return <ForAll settings={own} change={setOwn} rows={ROWS} />
}

const show = (start: ForAllSettings = {}) => {
  showPage(<Set start={start} />)
  return userEvent.click(screen.getByText(/^Set for all/))
}

test('what is left open stays as the paper has it', async () => {
  await show()
  expect(screen.queryByText('◐ differs from the paper')).toBeNull()
  expect(screen.queryByText('Except')).toBeNull()
  await userEvent.type(screen.getByRole('spinbutton', { name: /^Points each/ }), '3')
  expect(settings).toEqual({ points: 3 })
  expect(screen.getByText('◐ differs from the paper')).toBeTruthy()
  await userEvent.clear(screen.getByRole('spinbutton', { name: /^Points each/ }))
  expect(settings).toEqual({})
})

test('a time below the least is the least', async () => {
  await show()
  await userEvent.type(screen.getByRole('spinbutton', { name: /^Time each/ }), '2')
  expect(settings.timeLimit).toBe(5)
})

test('yes, no, or as in the paper', async () => {
  await show()
  const required = screen.getByRole('combobox', { name: 'Must be answered' })
  await userEvent.selectOptions(required, 'no')
  expect(settings).toEqual({ required: false })
  await userEvent.selectOptions(required, 'yes')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Feedback' }), 'never')
  expect(settings).toEqual({ required: true, feedbackWhen: 'never' })
  await userEvent.selectOptions(required, 'as in the paper')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Feedback' }), 'as in the paper')
  expect(settings).toEqual({})
})

test('single items are left out of it, and taken in again', async () => {
  await show({ points: 2 })
  await userEvent.click(screen.getByRole('checkbox', { name: 'item 2' }))
  expect(settings).toEqual({ points: 2, exceptions: ['i2'] })
  await userEvent.click(screen.getByRole('checkbox', { name: 'item 1' }))
  await userEvent.click(screen.getByRole('checkbox', { name: 'item 2' }))
  expect(settings.exceptions).toEqual(['i1'])
})
