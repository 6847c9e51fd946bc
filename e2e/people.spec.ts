import { expect, test, type Browser, type Page } from '@playwright/test'
import { pasteDraft, signIn } from './sign-in'

async function another(browser: Browser, email: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage()
  await signIn(page, email)
  return page
}

async function newDraft(page: Page, text: string): Promise<void> {
  await pasteDraft(page, 'Together', text)
  await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
}

const TEXT = '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye is a grain.\nAnswer: True\n'

test('two who type in one draft have what both typed, and choose where both changed a line', async ({
  page,
  browser,
}) => {
  await signIn(page)
  await newDraft(page, TEXT)
  const torben = await another(browser, 'torben@skarnholm.example')
  await torben.goto(page.url())
  await expect(torben.locator('.cm-content')).toContainText('Rye is a grain')
  await expect(torben.getByText('Iris Holm is here, too')).toBeVisible()

  // Each in lines of their own.
  await page.locator('.cm-line', { hasText: 'Which is a grain' }).click()
  await page.keyboard.press('End')
  await page.keyboard.insertText(' Mind the spelling.')
  await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
  await torben.locator('.cm-content').click()
  await torben.keyboard.press('Control+End')
  await torben.keyboard.insertText('\n3. What is bread made of?\nAnswer: flour\n')
  await expect(torben.getByText('What Iris Holm changed meanwhile is in your text now.')).toBeVisible()
  await expect(torben.locator('.cm-content')).toContainText('Mind the spelling.')
  await expect(torben.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

  // Both in one line.
  await page.locator('.cm-line', { hasText: 'b) rye' }).click()
  await page.keyboard.press('End')
  await page.keyboard.insertText(' grass')
  await expect(page.locator('.cm-content')).toContainText('What is bread made of?')
  await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
  await torben.locator('.cm-line', { hasText: 'b) rye' }).click()
  await torben.keyboard.press('End')
  await torben.keyboard.insertText(' corn')
  const dialog = torben.getByRole('dialog', { name: 'Iris Holm changed the same lines' })
  await expect(dialog).toContainText('b) rye corn')
  await expect(dialog).toContainText('b) rye grass')
  await dialog.getByLabel('Theirs').check()
  await dialog.getByRole('button', { name: 'Put together' }).click()
  await expect(torben.locator('.cm-content')).toContainText('b) rye grass')
  await expect(torben.locator('.cm-content')).not.toContainText('rye corn')
  await expect(torben.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
  await torben.context().close()
})

test('an item that somebody else changed meanwhile is put together field by field', async ({ page, browser }) => {
  await signIn(page)
  const torben = await another(browser, 'torben@skarnholm.example')
  const rows = page.getByRole('region', { name: 'Items' })
  await page.goto('/bank?text=deep%20harbour')
  await rows.getByText('How deep is the harbour entrance').click()
  await expect(page.getByRole('button', { name: 'Edit', exact: true })).toBeVisible()
  await torben.goto(page.url())
  for (const one of [page, torben]) await one.getByRole('button', { name: 'Edit', exact: true }).click()
  await torben.getByLabel('Tags').fill('charts, torben')
  await torben.getByRole('button', { name: 'Save' }).click()
  await expect(torben.getByRole('button', { name: 'Edit', exact: true })).toBeVisible()
  await page.getByLabel('Tags').fill('charts, iris')
  await page.getByRole('button', { name: 'Save' }).click()
  const dialog = page.getByRole('dialog', { name: 'Torben Aske changed this item, too' })
  await expect(dialog).toContainText('charts, iris')
  await expect(dialog).toContainText('charts, torben')
  await dialog.getByRole('button', { name: 'Keep it so' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.locator('dd', { hasText: 'charts, iris' })).toBeVisible()
  await torben.context().close()
})

test('somebody comes by an invitation, and sees why not what a viewer may not', async ({ page, browser }) => {
  await signIn(page)
  await page.getByRole('button', { name: /, workspace$/ }).click()
  await page.getByRole('menuitem', { name: 'People and record' }).click()
  await page.getByLabel('Who it is for').fill('Berit')
  await page.getByLabel('Role', { exact: true }).selectOption('viewer')
  await page.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.getByRole('textbox', { name: 'Link' }).inputValue()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByText('not taken up yet')).toBeVisible()

  const berit = await (await browser.newContext()).newPage()
  await berit.goto(link)
  await berit.getByLabel('Your name').fill('Berit Strand')
  await berit.getByLabel('E-mail').fill('berit@skarnholm.example')
  await berit.getByLabel('Password').fill('lighthouse')
  await berit.getByRole('button', { name: 'Join' }).click()
  await expect(berit.getByRole('alert')).toContainText('one of those that are tried first')
  await berit.getByLabel('Password').fill('four quite unlikely words')
  await berit.getByRole('button', { name: 'Join' }).click()
  await expect(berit.getByRole('heading', { name: 'Drafts' })).toBeVisible()
  await expect(berit.getByText('You are a viewer; to begin a draft takes an editor.')).toBeVisible()
  await expect(berit.getByRole('button', { name: 'New draft' })).toBeHidden()
  await berit.goto(link)
  await expect(berit.getByRole('alert')).toContainText('used already')

  await page.reload()
  await page.getByLabel('Search the record').fill('berit')
  await expect(page.getByText('joined as viewer')).toBeVisible()
  await page.getByRole('listitem').filter({ hasText: 'Berit Strand' }).getByRole('button', { name: 'Take out' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'berit@skarnholm.example' })).toBeHidden()
  await berit.goto('/drafts')
  await expect(berit.getByRole('button', { name: 'Sign in' })).toBeVisible()
  await berit.context().close()
})

test('items are handed over to another workspace by a link, and remarks on them are settled', async ({ page }) => {
  await signIn(page)
  await page.goto('/bank?text=occulting')
  await page.getByRole('region', { name: 'Items' }).getByText('An occulting light').click()
  await page.getByLabel('New remark').fill('Is this so everywhere?')
  await page.getByRole('button', { name: 'Say it' }).click()
  await page.getByRole('button', { name: 'Hand over' }).click()
  await page.getByRole('button', { name: 'Make the link' }).click()
  const link = await page.getByRole('textbox', { name: 'Link' }).inputValue()
  await page.getByRole('button', { name: 'Done' }).click()

  await page.goto('/bank/remarks')
  await expect(page.getByText('Is this so everywhere?')).toBeVisible()
  await page.getByRole('listitem').filter({ hasText: 'Is this so' }).getByRole('button', { name: 'Settle' }).click()
  await expect(page.getByText('Is this so everywhere?')).toBeHidden()

  await page.goto('/workspace')
  await page.getByRole('button', { name: 'New workspace' }).click()
  await page.getByLabel('Name').fill('Night sailing')
  await page.getByRole('button', { name: 'Make it and go there' }).click()
  await expect(page.getByRole('button', { name: 'Night sailing, workspace' })).toBeVisible()
  await page.goto(link)
  await expect(page.getByText('handed over by Iris Holm')).toBeVisible()
  await page.getByRole('button', { name: 'Copy into Night sailing' }).click()
  await expect(page.getByRole('region', { name: 'Items' }).getByText('An occulting light')).toBeVisible()

  await page.getByRole('button', { name: 'Night sailing, workspace' }).click()
  await page.getByRole('menuitemradio', { name: /Coastal pilotage/ }).click()
  await expect(page.getByRole('button', { name: /Coastal pilotage, workspace/ })).toBeVisible()
})
