import { expect, type Locator, type Page } from '@playwright/test'

/** A session of the demo's teacher, or of somebody else of the demo, without a look at any page. */
export async function beginSession(page: Page, email = 'iris@skarnholm.example'): Promise<void> {
  const answer = await page.request.post('/api/session', { data: { email, password: 'lighthouse' } })
  expect(answer.status(), await answer.text()).toBe(200)
}

/** Begins a session and waits for the stations. The form for it has a test of its own. */
export async function signIn(page: Page, email?: string): Promise<void> {
  await beginSession(page, email)
  await page.goto('/drafts')
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

/** Papers that can be sent; what was sent has the same titles. */
export function toSend(page: Page): Locator {
  return page.getByRole('region', { name: 'Papers to send' })
}
