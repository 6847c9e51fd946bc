import { expect, type Page } from '@playwright/test'
import { go, looksRight } from './look'

/** Sittings and their results. */
looksRight([
  ['results', (page) => go(page, '/results')],
  [
    'scores of a sitting',
    async (page) => {
      await sitting(page, 'Week 2 check')
      await expect(page.getByText('Items, hardest first')).toBeVisible()
    },
  ],
  [
    'item analysis, an item opened',
    async (page) => {
      await sitting(page, /all evening courses/, 'Items')
      await page.getByRole('button', { name: /fixed loop/ }).click()
      await expect(page.getByText('Who took which option')).toBeVisible()
    },
  ],
  ['everybody and every item', (page) => sitting(page, 'Week 2 check', 'Everybody')],
  [
    'answers of one person',
    async (page) => {
      await sitting(page, 'Week 2 check', 'Everybody')
      await page.getByRole('link', { name: 'Bente Havn' }).click()
      await expect(page.getByRole('heading', { name: 'Bente Havn' })).toBeVisible()
    },
  ],
  ['key and points', (page) => sitting(page, /all evening courses/, 'Key and points')],
  ['what is handed on', (page) => sitting(page, 'Week 2 check', 'Hand on')],
  ['handing out here', (page) => sitting(page, 'Harbour check of the year', 'Handing out')],
  [
    'a response file to read',
    async (page) => {
      await go(page, '/results/read')
      await page.getByLabel('Responses to').selectOption({ label: 'Knots and radio' })
      await page.getByLabel('File').setInputFiles('packages/web/public/samples/knots-and-radio-responses.csv')
      await expect(page.getByText('Every column is clear')).toBeVisible()
    },
  ],
])

async function sitting(page: Page, title: string | RegExp, view?: string): Promise<void> {
  await go(page, '/results')
  await page.getByRole('list', { name: 'Sittings' }).getByRole('link', { name: title }).click()
  const views = page.getByRole('navigation', { name: 'Views of the results' })
  await expect(views).toBeVisible()
  if (view !== undefined) await views.getByRole('link', { name: view }).click()
  await page.waitForLoadState('networkidle')
}
