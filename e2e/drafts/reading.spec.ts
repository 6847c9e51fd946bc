import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { signIn } from '../sign-in'

const READING = readFileSync('packages/core/samples/readings/anchoring.txt', 'utf8')
const REPLY = `Here are your questions!

1. What is the length of chain that is let out called?
Answer: scope

2. In which year was the cable to the island laid?
a) 1978
b) 1987
c) 1897
Answer: a

3. Who wrote the first book about sailing round the world alone?
Answer: Joshua
`

test('a request to copy, a reply pasted back, and on the desk what the reading says of each item', async ({ page }) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write'])
  await signIn(page)
  await page.goto('/drafts')
  await page.getByRole('link', { name: 'From a reading…' }).click()
  await expect(page.getByRole('button', { name: /^Copy the request/ })).toBeDisabled()
  await page.getByLabel(/^The reading/).fill(READING)
  await expect(page.getByText(/^4\d\d words$/)).toBeVisible()
  await page.getByRole('spinbutton', { name: 'true/false' }).fill('0')
  await page.getByRole('button', { name: 'Copy the request for 8 questions' }).click()
  const copied = await page.evaluate(() => navigator.clipboard.readText())
  expect(copied).toMatch(/^Write 8 questions[\s\S]*6 × single choice[\s\S]*Anchoring off Skarnholm/)
  await page.getByLabel('Its reply').fill(REPLY)
  await page.getByRole('button', { name: 'Make it a draft' }).click()
  await expect(page.getByRole('region', { name: 'Items' }).getByRole('article')).toHaveCount(3)
  await page.getByRole('button', { name: 'Evidence ◆ 2' }).click()
  const dialog = page.getByRole('dialog', { name: 'What the reading says of each item' })
  await expect(dialog.getByRole('listitem')).toHaveText([
    /In which year.*the reading says otherwise.*It was laid in 1987/,
    /Who wrote.*no sentence of the reading is about it/,
    /length of chain.*the reading says it.*which is called the scope/,
  ])
  await dialog.getByRole('button', { name: /In which year/ }).click()
  await expect(dialog).toBeHidden()
  // The source stays with the draft.
  await page.reload()
  await expect(page.getByRole('button', { name: 'Evidence ◆ 2' })).toBeVisible()
})
