import { expect } from '@playwright/test'
import { toSend } from '../sign-in'
import { go, looksRight } from './look'

/** Papers and where they go. */
looksRight([
  [
    'draw and versions',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Knots and radio' }).click()
      await page.getByRole('tab', { name: 'Draw and versions' }).click()
      await page.getByRole('button', { name: 'Add a rule' }).click()
      await expect(page.getByLabel('Narrow rule 1')).toBeVisible()
    },
  ],
  [
    'print',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Knots and radio' }).click()
      await page.getByRole('button', { name: 'Print' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
  ['papers', (page) => go(page, '/papers')],
  [
    'paper desk',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Week 2 check' }).click()
      await expect(page.getByText('For all items')).toBeVisible()
    },
  ],
  [
    'taking a paper',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Week 2 check' }).click()
      await page.getByRole('link', { name: 'Take it' }).click()
      await expect(page.getByRole('button', { name: 'Hand in' })).toBeVisible()
    },
  ],
  [
    'taking items of every kind',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByRole('link', { name: 'Take it' }).click()
      await expect(page.getByLabel('Gap 1 of item 3')).toBeVisible()
    },
  ],
  [
    'dispatch, with a destination to connect',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('button', { name: 'Connect a destination' }).click()
      await expect(page.getByLabel('Address')).toBeVisible()
    },
  ],
  [
    'fit of a paper',
    async (page) => {
      await go(page, '/dispatch')
      await toSend(page).getByRole('link', { name: 'Knots and radio' }).click()
      await expect(page.getByRole('table')).toBeVisible()
    },
  ],
  [
    'remedies for what does not fit',
    async (page) => {
      await go(page, '/dispatch')
      await toSend(page).getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByLabel('Goes to').selectOption({ label: 'Friday game · Foghorn' })
      await page.getByRole('button', { name: 'Foghorn: cannot' }).nth(1).click()
      await expect(page.getByRole('button', { name: 'Split into several items' })).toBeVisible()
    },
  ],
  [
    'files to download',
    async (page) => {
      await go(page, '/dispatch')
      await toSend(page).getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByRole('button', { name: 'As a file…' }).click()
      await page.getByRole('radio', { name: 'Somewhere else' }).check()
      await expect(page.getByRole('checkbox', { name: /QTI 3.0/ })).toBeVisible()
    },
  ],
  [
    'key proof',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Week 2 check' }).last().click()
      await expect(page.getByText('Key proof at Breakwater')).toBeVisible()
    },
  ],
])
