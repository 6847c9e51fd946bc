import { expect } from '@playwright/test'
import { go, looksRight } from './look'

/** Drafts and what helps to write them. */
looksRight([
  ['drafts', (page) => go(page, '/drafts')],
  [
    'draft desk',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Buoys and lights, week 3' }).click()
      await expect(page.getByRole('article').first()).toBeVisible()
    },
  ],
  [
    'columns of a table',
    async (page) => {
      await go(page, '/drafts')
      await page.getByLabel('File to open').setInputFiles('packages/documents/samples/own-columns-de.csv')
      await expect(page.getByLabel('What column 1 holds')).toBeVisible()
    },
  ],
  [
    'pages of a PDF',
    async (page) => {
      await go(page, '/drafts')
      await page.getByLabel('File to open').setInputFiles('packages/documents/samples/58-mountain-rescue.pdf')
      await page.getByRole('button', { name: 'Add a box' }).click()
      await expect(page.getByText('1 box, in reading order')).toBeVisible()
    },
  ],
  [
    'key beside a draft',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Buoys and lights, week 3' }).click()
      await page.getByRole('button', { name: 'Key…' }).click()
      await expect(page.getByRole('textbox', { name: 'Text of the key' })).toBeVisible()
    },
  ],
  ['a request for questions', (page) => go(page, '/drafts/request')],
  [
    'a draft from a reading',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Waves in the bay' }).click()
      await expect(page.getByRole('article')).toHaveCount(5)
    },
  ],
  [
    'draft some again',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Waves in the bay' }).click()
      await page.getByRole('button', { name: 'Draft again…' }).click()
      await expect(page.getByRole('dialog', { name: 'Draft some again' })).toBeVisible()
    },
  ],
  [
    'the reading of a draft',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Waves in the bay' }).click()
      await page.getByRole('button', { name: /is called the fetch/ }).click()
      await expect(page.getByRole('dialog', { name: 'The reading' })).toBeVisible()
    },
  ],
  [
    'drafts side by side',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('checkbox', { name: 'Choose Waves in the bay' }).check()
      await page.getByRole('checkbox', { name: 'Choose Tides, week 2' }).check()
      await page.getByRole('link', { name: '2 side by side' }).click()
      await expect(page.getByText(/% of the sentences/)).toBeVisible()
    },
  ],
  [
    'words and what they mean',
    async (page) => {
      await go(page, '/drafts/words')
      await page.getByLabel(/^The words/).fill('anchor\nharbour\ngybel')
      await page.getByRole('button', { name: 'Look them up' }).click()
      await expect(page.getByRole('listitem', { name: 'anchor' })).toBeVisible()
    },
  ],
])
