import { expect } from '@playwright/test'
import { go, looksRight } from './look'

/** The bank, people and settings. */
looksRight([
  [
    'people and record',
    async (page) => {
      await go(page, '/workspace')
      await expect(page.getByText('signed in').first()).toBeVisible()
    },
  ],
  [
    'account',
    async (page) => {
      await go(page, '/account')
      await expect(page.getByText('this one')).toBeVisible()
    },
  ],
  ['remarks', (page) => go(page, '/bank/remarks')],
  [
    'bank',
    async (page) => {
      await go(page, '/bank')
      await expect(page.getByRole('checkbox').first()).toBeVisible()
    },
  ],
  [
    'item',
    async (page) => {
      await go(page, '/bank?text=variation')
      await page.getByRole('button', { name: 'Variation is the angle' }).click()
      await expect(page.getByRole('button', { name: 'Edit' })).toBeVisible()
    },
  ],
  [
    'item being edited',
    async (page) => {
      await go(page, '/bank?text=variation')
      await page.getByRole('button', { name: 'Variation is the angle' }).click()
      await page.getByRole('button', { name: 'Edit' }).click()
      await expect(page.getByRole('textbox', { name: 'Stem' })).toBeVisible()
    },
  ],
  [
    'cloze being edited',
    async (page) => {
      await go(page, '/bank?text=springs')
      await page.getByRole('button', { name: 'At springs the range' }).click()
      await page.getByRole('button', { name: 'Edit' }).click()
      await expect(page.getByRole('textbox', { name: 'Accepted in gap 1' })).toBeVisible()
    },
  ],
  ['sign-off', (page) => go(page, '/bank/sign-off')],
  [
    'outcomes',
    async (page) => {
      await go(page, '/bank/outcomes')
      await expect(page.getByRole('table')).toBeVisible()
    },
  ],
  [
    'how items are checked',
    async (page) => {
      await go(page, '/bank/settings')
      await expect(page.getByLabel(/Look-up address/)).toBeVisible()
    },
  ],
  [
    'many items being changed',
    async (page) => {
      await go(page, '/bank?tag=knots')
      await page.getByRole('button', { name: /Change all/ }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
  [
    'ready-made sets',
    async (page) => {
      await go(page, '/bank/ready-made')
      await expect(page.getByText('5 sets')).toBeVisible()
    },
  ],
  ['writing help and its book', (page) => go(page, '/workspace/writing')],
  ['nothing here', (page) => go(page, '/nowhere')],
])
