import { expect, test, type Browser, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { pasteDraft, signIn } from './sign-in'

const MESSY = `Sure! Here is a quiz about anchors:

Which anchor holds best in soft mud?
a) a grapnel
b) a plough
c) a wide flat anchor Answer: c)

How much chain is let out at least?
A. once the depth   B. three times the depth   C. ten times the depth
Correct answer: D

True or false: an anchor light is white.
Answer: True

The rope or chain of an anchor is called its _____.
Answer: rode / cable

A pull of about 1.2 x 103 newton acts on it. Is that much?
a) yes, for a dinghy
b) it is nothing
Answer: a

Let me know if you would like more questions!
`

test('from a messy paste to the scores of two students', async ({ page, browser }) => {
  await signIn(page)
  await pasteDraft(page, 'Anchors', MESSY)
  await mendByKeyboard(page)
  await signAllByKeyboard(page)
  await putInBank(page)
  await buildPaper(page)
  await takeAsStudent(page)
  const address = await sendAndProve(page)
  await takeAtBreakwater(
    browser,
    address,
    'Aldis Brekke',
    ['a wide flat anchor', 'three times the depth', 'True', 'yes, for a dinghy'],
    'Cable',
  )
  await takeAtBreakwater(
    browser,
    address,
    'Bente Havn',
    ['a grapnel', 'three times the depth', 'False', 'it is nothing'],
    'rope',
  )
  await readScores(page)
})

async function mendByKeyboard(page: Page): Promise<void> {
  const items = page.getByRole('region', { name: 'Items' }).getByRole('article')
  await expect(items).toHaveCount(5)
  const tray = page.getByRole('region', { name: 'To decide' })
  await expect(tray).toContainText('1 key names no option')
  await expect(tray).toContainText('2 lines set aside')
  await expect(page.getByText('key parted from an option')).toBeVisible()
  // The key by its letter: from the text to the items, to the second, B.
  await page.keyboard.press('Escape')
  await items.nth(1).focus()
  await page.keyboard.press('b')
  await expect(tray).not.toContainText('names no option')
  // The mend that is shown is taken by a key; undo and redo are the editor's.
  await page.keyboard.press('F8')
  await expect(page.getByRole('button', { name: 'Raise the power' })).toBeVisible()
  await page.getByRole('textbox', { name: 'Drafted text' }).focus()
  await page.keyboard.press('Control+Enter')
  await expect(items.nth(4)).toContainText('1.2 x 103')
  await expect(items.nth(4).locator('sup')).toHaveText('3')
  await page.keyboard.press('Control+z')
  await expect(tray).toContainText('may be lost')
  await page.keyboard.press('Control+Shift+Z')
  await expect(tray).not.toContainText('may be lost')
}

async function signAllByKeyboard(page: Page): Promise<void> {
  const items = page.getByRole('region', { name: 'Items' }).getByRole('article')
  await items.first().focus()
  for (let item = 0; item < 5; item++) {
    await page.keyboard.press('Enter')
  }
  await expect(page.getByText('5 of 5')).toBeVisible()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
}

async function putInBank(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Put 5 in the bank' }).click()
  await page.getByRole('button', { name: 'Put the 5 signed in' }).click()
  await expect(page.getByText('5 items are new in the bank')).toBeVisible()
  await page.getByRole('link', { name: 'Open the bank' }).click()
  // The demo's 38, these five, and those that other tests may have made before.
  await expect(page.getByText(/^[4-9]\d items/)).toBeVisible()
}

async function buildPaper(page: Page): Promise<void> {
  const list = page.getByRole('region', { name: 'Items' })
  for (const stem of [
    'Which anchor holds',
    'How much chain',
    'an anchor light is white',
    'The rope or chain',
    'A pull of about',
  ])
    await list.getByRole('checkbox', { name: new RegExp(stem) }).check()
  await page.getByRole('button', { name: 'Add to a paper' }).click()
  await page.getByRole('menuitem', { name: 'New paper' }).click()
  await page.getByLabel('Title of the paper').fill('Anchors check')
  await page.getByLabel('Points each').fill('2')
  await page.getByRole('button', { name: 'Set for all' }).click()
  await expect(page.getByText('5 items · 10 points')).toBeVisible()
  // By keyboard: the first item goes below the second.
  const rows = page
    .getByRole('list', { name: 'Items of the paper' })
    .getByRole('listitem')
    .filter({ has: page.getByRole('spinbutton') })
  const first = await rows.first().innerText()
  await page.getByRole('button', { name: 'Move item 1', exact: true }).focus()
  const said = page.locator('[id^=DndLiveRegion]')
  await page.keyboard.press('Space')
  await expect(said).toContainText(/Picked up|was moved over/)
  const lifted = await said.innerText()
  // What is below is measured when the item is lifted: the key is pressed until it has moved.
  await expect(async () => {
    await page.keyboard.press('ArrowDown')
    await expect(said).not.toHaveText(lifted, { timeout: 1000 })
  }).toPass()
  await page.keyboard.press('Space')
  await expect(rows.nth(1)).toContainText(first.split('\n').find((line) => line.length > 20) ?? 'anchor')
}

async function takeAsStudent(page: Page): Promise<void> {
  await expect(page.getByText('saving …')).toHaveCount(0)
  await page.getByRole('link', { name: 'Take it' }).click()
  for (const option of ['a wide flat anchor', 'three times the depth', 'True', 'yes, for a dinghy'])
    await page.getByLabel(option, { exact: true }).check()
  await page.getByRole('textbox', { name: /Answer to item/ }).fill(' RODE ')
  await page.getByRole('button', { name: 'Hand in' }).click()
  await expect(page.getByText('10 of 10 points')).toBeVisible()
  await page.getByRole('link', { name: 'Back to the paper' }).click()
}

async function sendAndProve(page: Page): Promise<string> {
  await page.getByRole('link', { name: 'Dispatch', exact: true }).last().click()
  await expect(page.getByText('all signed off')).toBeVisible()
  await page.getByRole('button', { name: 'Send 5 items to Pilotage course' }).click()
  await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText('5 of 5')).toBeVisible()
  await page.getByRole('button', { name: /of \d/ }).first().click()
  await expect(page.getByText('the key', { exact: true }).first()).toBeVisible()
  return (await page.getByRole('link', { name: /\/quiz\// }).getAttribute('href')) ?? ''
}

async function takeAtBreakwater(
  browser: Browser,
  address: string,
  student: string,
  options: readonly string[],
  typed: string,
): Promise<void> {
  const context = await browser.newContext({ javaScriptEnabled: false })
  const quiz = await context.newPage()
  await quiz.goto(address)
  await quiz.getByLabel('Your name').fill(student)
  for (const option of options) await quiz.getByLabel(option, { exact: true }).check()
  await quiz.getByLabel('Your answer').fill(typed)
  await quiz.getByRole('button', { name: 'Hand in' }).click()
  await expect(quiz.getByText(/you have/)).toBeVisible()
  await context.close()
}

async function readScores(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Results', exact: true }).last().click()
  await expect(page.getByRole('row', { name: 'Aldis Brekke 10 100 %' })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Bente Havn 2 .*20 %/ })).toBeVisible()
  await page.getByRole('link', { name: 'Items' }).click()
  await page.getByRole('button', { name: /rope or chain/ }).click()
  await expect(page.getByRole('list', { name: /All answers/ }).getByText('Cable', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'Hand on' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As CSV' }).click(),
  ])
  const sheet = readFileSync(await download.path(), 'utf8')
    .replace(/^\uFEFF/, '')
    .trim()
    .split('\r\n')
  const total = (sheet[0] ?? '').split(',').findIndex((name) => name.startsWith('Total'))
  expect(sheet.slice(1).map((row) => `${row.split(',')[0]} ${row.split(',')[total]}`)).toEqual([
    'Aldis Brekke 10',
    'Bente Havn 2',
  ])
}
