import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { signIn } from '../sign-in'

const SAMPLES = 'packages/documents/samples'

test.beforeEach(async ({ page }) => {
  await signIn(page)
})

test('a document keeps its dress, and its bold options are the keys', async ({ page }) => {
  await page.getByLabel('File to open').setInputFiles(`${SAMPLES}/51-knots-check.docx`)
  const items = page.getByRole('region', { name: 'Items' })
  await expect(items.getByRole('article')).toHaveCount(9)
  await expect(page.locator('.dress-strong').first()).toBeVisible()
  const first = items.getByRole('article').first()
  await expect(first.getByRole('button', { name: /Bowline/ })).toContainText('key')
  // Another key set by its letter takes the place of the dress, and undo brings the dress back.
  await first.focus()
  await page.keyboard.press('c')
  await expect(first.getByRole('button', { name: /Clove hitch/ })).toContainText('key')
  await expect(first.getByRole('button', { name: /Bowline/ })).not.toContainText('key')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(
    items
      .getByRole('article')
      .first()
      .getByRole('button', { name: /Clove hitch/ }),
  ).toContainText('key')
  await expect(page.locator('.dress-strong').first()).toBeVisible()
})

test('the columns of a spreadsheet are guessed, corrected, kept by name, and taken apart', async ({ page }) => {
  await page.getByLabel('File to open').setInputFiles(`${SAMPLES}/60-bicycle-workshop.xlsx`)
  await expect(page.getByRole('heading', { name: '60-bicycle-workshop' })).toBeVisible()
  const key = page.getByLabel('What column 8 holds')
  await expect(key).toHaveValue('key')
  const items = page.getByRole('region', { name: 'Items as they will be read' })
  await expect(items.getByRole('heading')).toHaveText('18 items as read')
  await key.selectOption('left')
  await expect(items.getByText('No key is stated').or(items.getByText(/key/i)).first()).toBeVisible()
  await key.selectOption('key')
  const name = `Workshop ${Date.now()}`
  await page.getByLabel('Keep this layout as').fill(name)
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByLabel('Use a kept layout')).toContainText(name)
  await page.getByRole('button', { name: 'Make a draft of 18 items' }).click()
  await expect(page.getByRole('region', { name: 'Items' }).getByRole('article')).toHaveCount(18)
})

test('boxes on the pages of a PDF come in as text and as a picture, by keyboard too', async ({ page }) => {
  await page.getByLabel('File to open').setInputFiles(`${SAMPLES}/57-guilds-two-columns.pdf`)
  await expect(page.getByText('Page 1 of 2')).toBeVisible()
  await page.getByRole('button', { name: 'Add a box' }).click()
  const boxes = page.getByRole('region', { name: 'Boxes in reading order' })
  await expect(boxes.getByRole('listitem')).toHaveCount(1)
  const frame = page.getByRole('button', { name: /^Box 1, text/ })
  await frame.focus()
  for (let times = 0; times < 30; times++) await page.keyboard.press('Shift+ArrowDown')
  for (let times = 0; times < 40; times++) await page.keyboard.press('Shift+ArrowLeft')
  await expect(boxes).toContainText('Who could normally become a full')
  await page.getByRole('button', { name: 'Add a box' }).click()
  await page
    .getByRole('button', { name: /^Box \d, text/ })
    .last()
    .focus()
  for (let times = 0; times < 90; times++) await page.keyboard.press('ArrowDown')
  await boxes.getByRole('listitem').last().getByRole('button', { name: 'as picture' }).click()
  await boxes
    .getByRole('listitem')
    .last()
    .getByLabel(/What the picture shows/)
    .fill('the end of the page')
  await page.getByRole('button', { name: 'Make a draft of 2 boxes' }).click()
  await expect(page.getByRole('textbox', { name: 'Drafted text' })).toContainText('Who could normally')
  await expect(page.getByRole('img', { name: 'the end of the page' })).toBeVisible()
})

test('a scan says so, and a broken file is one clear line', async ({ page }) => {
  await page.getByLabel('File to open').setInputFiles(`${SAMPLES}/59-weaving-scan.pdf`)
  await page.getByRole('button', { name: 'Read all pages as text' }).click()
  await expect(page.getByText(/is a scan: its pages are pictures/)).toBeVisible()
  await page.goto('/drafts')
  await page.getByLabel('File to open').setInputFiles({
    name: 'notes.docx',
    mimeType: 'application/zip',
    buffer: Buffer.from('PK\u0003\u0004 half a file'),
  })
  await expect(page.getByText(/The package is broken/)).toBeVisible()
})

test('a key in a text of its own goes to the items by number', async ({ page }) => {
  await page.getByRole('button', { name: 'New draft' }).first().click()
  await page.getByRole('textbox', { name: 'Drafted text' }).click()
  await page.keyboard.insertText('1. Which is a grain?\na) oak\nb) rye\n\n2. Which is a tree?\na) elm\nb) rye\n')
  const items = page.getByRole('region', { name: 'Items' })
  await expect(items.getByRole('article')).toHaveCount(2)
  await page.getByRole('button', { name: 'Key…' }).click()
  await page.getByRole('textbox', { name: 'Text of the key' }).fill('1. b\n2. a\n')
  await expect(items.getByRole('article').first().getByRole('button', { name: /rye/ })).toContainText('key')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(items.getByRole('article').last().getByRole('button', { name: /elm/ })).toContainText('key')
  await page.getByRole('button', { name: 'Key ✓' }).click()
  await items.getByRole('article').first().getByRole('button', { name: /oak/ }).click()
  await expect(items.getByRole('article').first().getByRole('button', { name: /oak/ })).toContainText('key')
  await expect(page.getByRole('textbox', { name: 'Text of the key' })).toHaveValue('2. a\n')
})

test('thirty items in the dress of a quiz night, from paste to all signed off, by keyboard alone', async ({ page }) => {
  test.setTimeout(120_000)
  await page.getByRole('button', { name: 'New draft' }).first().focus()
  await page.keyboard.press('Enter')
  const editor = page.getByRole('textbox', { name: 'Drafted text' })
  await expect(editor).toBeVisible()
  await editor.focus()
  await page.keyboard.insertText(readFileSync('packages/core/samples/drafts/11-weather-lore.txt', 'utf8'))
  const items = page.getByRole('region', { name: 'Items' }).getByRole('article')
  await expect(items).toHaveCount(30)
  await page.keyboard.press('F8')
  await expect(page.locator('.slip')).toBeVisible()
  await page.keyboard.press('Escape')
  await items.first().focus()
  for (let index = 0; index < 30; index++) {
    const item = items.nth(index)
    await expect(item).toBeFocused()
    await page.keyboard.press('Enter')
    const signed = item.getByText('signed off', { exact: false }).first()
    const isSigned = await signed.waitFor({ timeout: 1500 }).then(
      () => true,
      () => false,
    )
    if (!isSigned) {
      // Without a key it is refused; one letter sets the key, where there is something to choose.
      await page.keyboard.press((await item.getByRole('button', { name: /True/ }).count()) ? 'f' : 'a')
      await expect(item.getByText('key').first()).toBeAttached()
      await item.focus()
      await page.keyboard.press('Enter')
    }
    // What was signed off has handed the focus on; what cannot be is passed by.
    if (await item.evaluate((one) => one === document.activeElement)) await page.keyboard.press('ArrowDown')
  }
  await expect(page.getByText('29 of 30')).toBeVisible()
})
