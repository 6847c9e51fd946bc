import { expect, test, type Page } from '@playwright/test'
import { pasteDraft, signIn } from '../sign-in'

test.beforeEach(({ page }) => signIn(page))

const items = (page: Page) => page.getByRole('article')

async function paste(page: Page, plain: string, html: string): Promise<void> {
  await page.goto('/drafts')
  await page.getByRole('button', { name: 'New draft' }).first().click()
  await page.getByRole('textbox', { name: 'Drafted text' }).click()
  await page.evaluate(
    ([text, page]) => {
      const data = new DataTransfer()
      data.setData('text/plain', text as string)
      data.setData('text/html', page as string)
      document.activeElement?.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
      )
    },
    [plain, html],
  )
}

test('bold options of a document stay bold when they are pasted, and are the keys; undo leaves the plain text', async ({
  page,
}) => {
  const option = (text: string, isKey = false): string => `<li>${isKey ? `<b>${text}</b>` : text}</li>`
  await paste(
    page,
    'Which knot makes a loop?\nreef knot\nbowline\nclove hitch\nWhich rope hoists a sail?\nhalyard\nsheet\nstay\n',
    `<ol><li>Which knot makes a loop?<ol type="a">${option('reef knot')}${option('bowline', true)}${option('clove hitch')}</ol></li>
     <li>Which rope hoists a sail?<ol type="a">${option('halyard', true)}${option('sheet')}${option('stay')}</ol></li></ol>`,
  )
  await expect(items(page)).toHaveCount(2)
  await expect(
    items(page)
      .first()
      .getByRole('button', { name: /bowline/ }),
  ).toContainText('key')
  await expect(
    items(page)
      .nth(1)
      .getByRole('button', { name: /halyard/ }),
  ).toContainText('key')
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('.dress-strong')).toHaveCount(0)
  await expect(page.getByRole('textbox', { name: 'Drafted text' })).toContainText('reef knot')
})

test('rows copied from a sheet become items by their columns', async ({ page }) => {
  await pasteDraft(
    page,
    'Ship words',
    'Question\tA\tB\tC\tAnswer\nThe left side of a ship?\tport\tstarboard\tstern\tA\nThe back of a ship?\tbow\tstern\tbeam\tB\nThe rope that hoists a sail?\tsheet\thalyard\tstay\tB\n',
  )
  await expect(items(page)).toHaveCount(3)
  await expect(items(page).nth(1).getByRole('button', { name: /stern/ })).toContainText('key')
})

test('without the server what was pasted stays as plain text', async ({ page }) => {
  await page.route('**/api/files', (route) => route.abort())
  await paste(
    page,
    '1. Which knot makes a loop?\na) reef knot\nb) bowline',
    '<p>1. Which knot makes a loop?</p><p>a) reef knot</p><p><b>b) bowline</b></p>',
  )
  await expect(page.getByText('Pasted as plain text')).toBeVisible()
  await expect(items(page)).toHaveCount(1)
})
