import { expect, type Page } from '@playwright/test'

/** Signs the demo's teacher in, or somebody else of the demo, and waits for the stations. */
export async function signIn(page: Page, email = 'iris@skarnholm.example'): Promise<void> {
  await page.goto('/drafts')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill('lighthouse')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible()
}

/** A new draft with the text pasted into it. */
export async function pasteDraft(page: Page, title: string, text: string): Promise<void> {
  await page.goto('/drafts')
  await page.getByRole('button', { name: 'New draft' }).first().click()
  await page.getByLabel('Title of the draft').fill(title)
  const editor = page.getByRole('textbox', { name: 'Drafted text' })
  await editor.click()
  await page.evaluate((pasted) => {
    const data = new DataTransfer()
    data.setData('text/plain', pasted)
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  }, text)
}
