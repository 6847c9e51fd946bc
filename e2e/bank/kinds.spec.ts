import { expect, test } from '@playwright/test'
import { signIn } from '../sign-in'

test.beforeEach(({ page }) => signIn(page))

test('a matching item is made, and another kind of it keeps what both have', async ({ page }) => {
  await page.goto('/bank')
  await page.getByRole('button', { name: 'New item' }).click()
  const form = page.getByRole('region', { name: 'New item' })
  await form.getByLabel('Kind').selectOption('Matching')
  await form.getByRole('textbox', { name: 'Stem' }).fill('Match each flag with its meaning.')
  await form.getByRole('textbox', { name: 'Left part 1' }).fill('A')
  await form.getByRole('textbox', { name: 'Left part 2' }).fill('Q')
  await form.getByRole('textbox', { name: 'Right part 1' }).fill('my vessel is healthy')
  await form.getByRole('textbox', { name: 'Right part 2' }).fill('I have a diver down')
  await form.getByLabel('Partner of left part 1').selectOption({ label: 'b' })
  await form.getByLabel('Partner of left part 2').selectOption({ label: 'a' })
  await form.getByRole('button', { name: 'Put in the bank' }).click()
  const desk = page.getByRole('region', { name: 'Item', exact: true })
  await expect(desk.getByText('A – I have a diver down')).toBeVisible()
  await expect(desk.getByText('Q – my vessel is healthy')).toBeVisible()
})

test('a number with its tolerance is read as people write it', async ({ page }) => {
  await page.goto('/bank?text=harbour entrance')
  await page.getByRole('button', { name: 'How deep is the harbour' }).click()
  await page.getByRole('button', { name: 'Edit' }).click()
  const numbers = page.getByRole('textbox', { name: 'Numbers that count' })
  await numbers.fill('3,2 ± 5 %\nabout four')
  await expect(page.getByText('cannot be read as a number')).toBeVisible()
  await numbers.fill('3,2 ± 5 %\n3 to 4')
  await page.getByRole('spinbutton').nth(1).fill('50')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('3.2 ± 0.16 or 3 to 4 (50 %) m')).toBeVisible()
})
