import { expect, test } from '@playwright/test'
import { signIn } from '../sign-in'

test.beforeEach(async ({ page }) => {
  await signIn(page)
  await page.goto('/papers')
  await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
})

test('items of every kind are answered and graded', async ({ page }) => {
  await page.getByRole('link', { name: 'Take it' }).click()
  await page.getByLabel('a red can').check()
  await page.getByLabel('Number for item 2').fill('3,25')
  await page.getByLabel('Gap 1 of item 3').fill('greater')
  await page.getByLabel('Gap 2 of item 3').fill('neaps')
  for (const [part, letter] of [
    ['1', 'c'],
    ['2', 'a'],
    ['3', 'b'],
  ] as const)
    await page.getByLabel(`Partner of part ${part} of item 4`).selectOption({ label: letter })
  const wanted = ['choose a sheltered place', 'head into the wind and stop', 'let the anchor go', 'check the bearings']
  const entries = page.getByRole('group').filter({ hasText: 'Put the steps of anchoring' }).getByRole('listitem')
  for (const [place, text] of wanted.entries())
    for (
      let from = await entries.allTextContents().then((all) => all.findIndex((one) => one.includes(text)));
      from > place;
      from--
    )
      await page.getByRole('button', { name: `Move entry ${from + 1} of item 5 up` }).click()
  for (const row of [1, 2, 3]) await page.getByLabel(`Row ${row}, column ${row} of item 6`).check()
  await page.getByLabel('Answer to item 7').fill('There is no room to beat off.')
  await page.getByRole('radio', { name: '4', exact: true }).check()
  await page.getByLabel('Gap 1 of item 9').selectOption('raises')
  await page.getByLabel('Gap 2 of item 9').selectOption('raises')
  await page.getByRole('button', { name: 'Hand in' }).click()
  // Everything but the second gap of the last item; the essay is for a person to read.
  await expect(page.getByText('11.5 of 12 points, and 4 points for a person to give')).toBeVisible()
})

test('what does not fit is remedied for one destination, and several files come as one zip', async ({ page }) => {
  const address = page.url()
  await page.goto(`/dispatch/paper/${address.split('/').pop() ?? ''}`)
  await page.getByLabel('Goes to').selectOption({ label: 'Friday game · Foghorn' })
  await page.getByRole('button', { name: 'Foghorn: cannot' }).nth(1).click()
  await page.getByRole('button', { name: 'Split into several items' }).click()
  await expect(page.getByText('it becomes 2 items')).toBeVisible()
  await page.getByRole('button', { name: 'Take back' }).click()
  await page
    .getByRole('button', { name: /the same for all \d/ })
    .first()
    .click()
  await expect(page.getByText('as 3 items')).toHaveCount(2)
  await page.getByRole('button', { name: 'As a file…' }).click()
  await page.getByRole('radio', { name: 'Somewhere else' }).check()
  await page.getByRole('checkbox', { name: /QTI 3.0/ }).check()
  await expect(page.getByText(/Keys proven: \d+ items, \d+ of \d+ probes/)).toBeVisible()
  await page.getByRole('checkbox', { name: /XLSX/ }).check()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download 2 files' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('signals-and-answers-of-every-kind.zip')
  expect(await file.failure()).toBeNull()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  for (const [name, site] of [
    ['Friday game', 'Foghorn'],
    ['Pilotage course', 'Breakwater'],
  ] as const) {
    await page.goto(`/dispatch/paper/${address.split('/').pop() ?? ''}`)
    await page.getByLabel('Goes to').selectOption({ label: `${name} · ${site}` })
    await page.getByRole('button', { name: new RegExp(`^Send \\d+ items? to ${name}$`) }).click()
    await expect(page.getByText(`Key proof at ${site}`)).toBeVisible()
    await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
    await expect(page.getByText('grades otherwise')).toHaveCount(0)
  }
})
