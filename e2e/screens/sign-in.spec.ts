import { expect, test } from '@playwright/test'
import { violations } from './look'

test('the sign-in has no accessibility violation, says a wrong password in a line, and lets in who gives the right one', async ({
  page,
}) => {
  await page.goto('/')
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  expect(await violations(page)).toEqual([])
  await page.getByLabel('E-mail').fill('iris@skarnholm.example')
  await page.getByLabel('Password').fill('wrong')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('not right')
  await page.getByLabel('Password').fill('lighthouse')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible()
})
