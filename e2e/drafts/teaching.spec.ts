import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { pasteDraft, signIn } from '../sign-in'

test.beforeEach(({ page }) => signIn(page))

// Behind each key stands what it is not: a notation that nobody else has.
const SIGNALS = readFileSync('packages/core/samples/taught/signals.txt', 'utf8')
const OTHERS = SIGNALS.replace('Signals', 'Signals for the second group').replaceAll('turns to', 'goes to')

const editor = (page: Page) => page.getByRole('textbox', { name: 'Drafted text' })
const lineNumber = (page: Page, number: number) =>
  page.locator('.cm-lineNumbers .cm-gutterElement').filter({ hasText: new RegExp(`^${number}$`) })
const items = (page: Page) => page.getByRole('article')
const misread = (page: Page) => items(page).filter({ hasText: 'key not: ' })
const right = (page: Page) => items(page).filter({ hasNotText: 'key not: ' })

test('two clicks set right what a misread notation did to a whole draft; what follows is shown before it settles', async ({
  page,
}) => {
  await pasteDraft(page, 'Rules', SIGNALS)
  await expect(misread(page)).toHaveCount(3)
  await lineNumber(page, 5).click()
  const menu = page.getByRole('menu')
  await menu.getByRole('menuitemradio', { name: 'Not part of it' }).hover()
  await expect(menu.getByRole('status')).toHaveText(
    /^2 more lines are read the same way; 3 items as before; 0 to decide instead of \d\.$/,
  )
  await expect(page.locator('.cm-line.would-be')).toHaveCount(3)
  await expect(misread(page)).toHaveCount(3)
  await menu.getByRole('menuitemradio', { name: 'Not part of it' }).click()
  await expect(misread(page)).toHaveCount(0)
  await expect(right(page)).toHaveCount(3)
  await expect(page.locator('.cm-line.would-be')).toHaveCount(0)
  await expect(editor(page)).toBeFocused()

  // One step of the editor's history, back and forth.
  await page.keyboard.press('Control+z')
  await expect(misread(page)).toHaveCount(3)
  await page.keyboard.press('Control+Shift+Z')
  await expect(misread(page)).toHaveCount(0)

  // Kept with the draft, and with its line while text is put above it.
  await editor(page).press('Control+Home')
  await page.keyboard.type('For Friday\n\n')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(right(page)).toHaveCount(3)
  await expect(page.locator('.cm-line.said')).toHaveText('key not: port, astern')
})

test('by keyboard: three keys, and the focus stays in the text', async ({ page }) => {
  await pasteDraft(page, 'Rules by keyboard', SIGNALS)
  await expect(misread(page)).toHaveCount(3)
  await editor(page).press('Control+Home')
  for (let line = 1; line < 5; line++) await page.keyboard.press('ArrowDown')
  await page.keyboard.press('F9')
  await expect(page.getByRole('menu', { name: 'Line 5 is read as' })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('menu').getByRole('status')).toContainText('2 more lines')
  await page.keyboard.press('Enter')
  await expect(misread(page)).toHaveCount(0)
  await expect(editor(page)).toBeFocused()

  // Of that line alone; Escape leaves everything as it is.
  await page.keyboard.press('F9')
  await page.keyboard.press('k')
  await page.keyboard.press('Escape')
  await expect(misread(page)).toHaveCount(0)
  await expect(editor(page)).toBeFocused()
  for (let line = 5; line < 9; line++) await page.keyboard.press('ArrowDown')
  await page.keyboard.press('F9')
  await page.getByRole('menuitemcheckbox', { name: 'Lines that look alike, too' }).click()
  await page.keyboard.press('k')
  await expect(page.getByRole('menuitemradio', { name: 'Key', exact: true })).toBeFocused()
  await expect(page.getByRole('menu').getByRole('status')).toContainText('No other line changes')
  await page.keyboard.press('Enter')
  await expect(misread(page)).toHaveCount(1)
})

test('what was taught is kept by name, and offered with a draft that looks alike', async ({ page }) => {
  await pasteDraft(page, 'Rules to keep', SIGNALS)
  await lineNumber(page, 5).click()
  await page.getByRole('menuitemradio', { name: 'Not part of it' }).click()
  await page.getByRole('button', { name: '1 line taught' }).click()
  await page.getByLabel('Keep as a notation').fill('Boatyard signals')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Kept as “Boatyard signals”.', { exact: false })).toBeVisible()

  await pasteDraft(page, 'Rules that look alike', OTHERS)
  const offer = page.getByRole('button', { name: 'Read it by that' })
  await offer.hover()
  await expect(page.locator('.cm-line.would-be')).toHaveCount(3)
  await offer.click()
  await expect(right(page)).toHaveCount(3)
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(right(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'Read by “Boatyard signals”' }).click()
  await page.getByRole('button', { name: 'Leave it off' }).click()
  await expect(misread(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(right(page)).toHaveCount(3)

  // A draft of another kind is not asked.
  await pasteDraft(page, 'Something else', '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n')
  await expect(page.getByRole('article')).toHaveCount(1)
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await expect(offer).toHaveCount(0)
})
