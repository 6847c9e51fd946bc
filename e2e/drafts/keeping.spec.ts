import { expect, test } from '@playwright/test'
import { pasteDraft, signIn } from '../sign-in'

test.beforeEach(({ page }) => signIn(page))

test('what was typed is there after the tab was closed in the middle of it', async ({ page, context }) => {
  await pasteDraft(page, 'Half a thought', '1. Which is a grain?\na) oak\nb) rye\n')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  const address = page.url()
  await page.getByRole('textbox', { name: 'Drafted text' }).press('Control+End')
  await page.keyboard.type('Answer: b and then the')
  await page.close()
  const again = await context.newPage()
  await again.goto(address)
  await expect(again.getByRole('textbox', { name: 'Drafted text' })).toContainText('and then the')
})

test('with the server out of reach nothing is lost, and it is saved once it answers again', async ({ page }) => {
  await pasteDraft(page, 'Out at sea', 'one')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.route('**/api/drafts/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await page.getByRole('textbox', { name: 'Drafted text' }).press('Control+End')
  await page.keyboard.type(' two')
  await expect(page.getByText('kept in this browser')).toBeVisible()
  await page.unroute('**/api/drafts/*')
  await expect(page.getByText('saved', { exact: true })).toBeVisible({ timeout: 15_000 })
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Drafted text' })).toContainText('one two')
})

test('an item keeps its sign-off while text is put above it, and loses it with its key', async ({ page }) => {
  await pasteDraft(page, 'Followed', '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n')
  const item = page.getByRole('article', { name: 'Item 1' })
  await item.getByRole('button', { name: 'Sign off' }).click()
  await expect(item).toContainText('signed off')
  const editor = page.getByRole('textbox', { name: 'Drafted text' })
  await editor.press('Control+Home')
  await page.keyboard.type('Of grain and trees\n\n')
  await expect(item).toContainText('signed off')
  await item.focus()
  await page.keyboard.press('a')
  await expect(item).toContainText('changed since its sign-off')
})

test('a deleted draft comes back by undo', async ({ page }) => {
  await pasteDraft(page, 'To be deleted', 'one')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.goto('/drafts')
  await page.getByRole('button', { name: 'Delete To be deleted' }).click()
  await expect(page.getByRole('link', { name: 'To be deleted' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'To be deleted' })).toBeVisible()
})
