import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { pasteDraft, signIn } from '../sign-in'

/** Eight items of one kind whose keys all stand first, and one that keeps its order. */
const WOODS = ['masts', 'oars', 'ribs', 'keels', 'decks', 'blocks', 'tillers', 'planks']
const DRAFT = WOODS.map(
  (part, at) =>
    `${at + 1}. Which wood did the yard of Skarnholm take for its ${part}?\na) ${part} of ash\nb) ${part} of elm\nc) ${part} of oak\nAnswer: a\nTags: woods\n`,
).join('\n')

test('find, sign off by keyboard, spread the keys, draw three versions, print', async ({ page }) => {
  await signIn(page)
  await pasteDraft(page, 'Woods of the yard', DRAFT)
  await page.getByRole('button', { name: /bank/i }).first().click()
  await page.getByRole('button', { name: /Put all 8 in, 8 unsigned/ }).click()
  await page.getByRole('link', { name: 'Open the bank' }).click()
  await findAndKeepFilter(page)
  await signOffByKeyboard(page)
  await makePaper(page)
  await spreadKeys(page)
  await drawThree(page)
  await print(page)
})

async function findAndKeepFilter(page: Page): Promise<void> {
  await expect(page.getByRole('searchbox', { name: 'Search the bank' })).toBeVisible()
  await page.keyboard.press('/')
  await page.keyboard.type('yard skarnholm')
  await expect(page.getByRole('status').filter({ hasText: '8 of' })).toBeVisible()
  const filters = page.getByRole('navigation', { name: 'Filters' })
  // Counts that come a moment later move the filters.
  await page.waitForLoadState('networkidle')
  await filters.getByRole('button', { name: /woods/ }).click()
  await expect(page.getByRole('button', { name: 'Do without woods' })).toBeVisible()
  await expect(filters.getByRole('button', { name: /not yet/ })).toContainText('8')
  await filters.getByLabel('Name for this filter').fill('Woods')
  await page.keyboard.press('Enter')
  await expect(filters.getByRole('button', { name: 'Woods', exact: true })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Do without woods' })).toBeVisible()
}

async function signOffByKeyboard(page: Page): Promise<void> {
  await page.getByRole('link', { name: /Sign off \d+ waiting/ }).click()
  // What others put in meanwhile waits as well.
  const state = page.getByRole('status').filter({ hasText: /1 of \d+ · 0 done/ })
  const waiting = Number(/of (\d+)/.exec(await state.innerText())?.[1])
  expect(waiting).toBeGreaterThanOrEqual(8)
  const source = page.getByRole('region', { name: 'Where it came from' })
  await expect(source).toContainText('Answer: a')
  await expect(source.getByRole('link', { name: /reference/ })).toHaveAttribute('href', /library\.skarnholm\.example/)
  await page.keyboard.press('r')
  await page.keyboard.type('seen in the yard book')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: `2 of ${waiting} · 1 done` })).toBeVisible()
  await page.keyboard.press('Escape')
  for (let done = 2; done <= waiting; done++) {
    await page.keyboard.press('s')
    await expect(page.getByRole('status').filter({ hasText: `${done} done` })).toBeVisible()
  }
  await page.getByRole('link', { name: 'Back to the bank' }).click()
  await page.goto('/bank?tag=woods&signedOff=yes')
  await expect(page.getByRole('status').filter({ hasText: '8 of' })).toBeVisible()
}

async function makePaper(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Pick the 8 shown' }).click()
  await page.getByRole('button', { name: 'Add to a paper' }).click()
  await page.getByRole('menuitem', { name: 'New paper' }).click()
  await page.getByLabel('Title of the paper').fill('Woods check')
  await expect(page.getByRole('status').filter({ hasText: '8 items' })).toBeVisible()
}

async function spreadKeys(page: Page): Promise<void> {
  await page.getByRole('tab', { name: /Checks/ }).click()
  await expect(page.getByText('Of 8 items with 3 options, 8 have their key at a.')).toBeVisible()
  await page.getByRole('button', { name: 'Spread the keys' }).click()
  await expect(page.getByText(/Options of \d items were moved/)).toBeVisible()
  await expect(page.getByText('have their key at a.')).toHaveCount(0)
  await expect(page.getByText('not signed off')).toHaveCount(0)
}

async function drawThree(page: Page): Promise<void> {
  await page.getByRole('tab', { name: 'Settings' }).click()
  await page.getByLabel('Shuffle items').check()
  await page.getByRole('tab', { name: 'Draw and versions' }).click()
  await page.getByRole('button', { name: 'Add a rule' }).click()
  await page.getByLabel('How many items rule 1 draws').fill('3')
  await page.getByLabel('Narrow rule 1').selectOption('tag=knots')
  await expect(page.getByText(/finds \d+ items/)).toBeVisible()
  const form = page.getByRole('form', { name: 'Draw versions' })
  await form.getByLabel('Versions').fill('3')
  await form.getByLabel('Seed').fill('77')
  await form.getByLabel('No version draws what another has').check()
  await form.getByRole('button', { name: 'Draw' }).click()
  // Knots are few: what cannot be met says which rule, and by how many.
  await expect(form.getByRole('alert')).toContainText(/rule 1 \(.*knots.*\) by \d/)
  await form.getByLabel('No version draws what another has').uncheck()
  await form.getByRole('button', { name: 'Draw' }).click()
  const versions = page.getByRole('region', { name: 'Versions' })
  await expect(versions.getByRole('link', { name: 'Version C' })).toBeVisible()
  await expect(versions.getByRole('row', { name: /^A \d/ })).toContainText('11')
  await versions.getByRole('link', { name: 'Compare them side by side' }).click()
  await expect(page.getByRole('columnheader', { name: /Version [ABC]/ })).toHaveCount(3)
  await page.getByRole('link', { name: 'Back to the paper' }).click()
}

async function print(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Print' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Answer sheet').check()
  await dialog.getByLabel('Every version that is drawn').check()
  const [zip] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: /Make the/ }).click(),
  ])
  expect(zip.suggestedFilename()).toBe('woods-check-print.zip')
  const bytes = readFileSync(await zip.path())
  expect(bytes.subarray(0, 2).toString()).toBe('PK')
  for (const letter of ['a', 'b', 'c']) expect(bytes.includes(`woods-check-${letter}-answers.pdf`)).toBe(true)
  await page.getByRole('button', { name: 'Print' }).click()
  await dialog.getByLabel(/Document/).check()
  for (const name of [/^Key/, /^Answer sheet/, /^Every version/]) await dialog.getByRole('checkbox', { name }).uncheck()
  const [document] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: /Make the/ }).click(),
  ])
  expect(document.suggestedFilename()).toBe('woods-check.docx')
}
