import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { signIn } from '../sign-in'

const reading = (name: string) => readFileSync(`packages/standins/readings/${name}.txt`, 'utf8')
const items = (page: Page) => page.getByRole('region', { name: 'Items' }).getByRole('article')

async function request(page: Page, name: string, counts: Readonly<Record<string, string>>): Promise<void> {
  await page.goto('/drafts/request')
  await page.getByLabel(/^The reading/).fill(reading(name))
  for (const kind of ['single choice', 'true/false', 'short answer', 'numeric'])
    await page.getByRole('spinbutton', { name: kind }).fill(counts[kind] ?? '0')
}

test('a passage becomes signed items by keyboard alone, each with its sentence', async ({ page }) => {
  await signIn(page)
  await page.goto('/drafts/request')
  let actions = 0
  const press = async (key: string): Promise<void> => {
    actions++
    await page.keyboard.press(key)
  }
  // The field for the reading has the focus; a paste is one action.
  await expect(page.getByLabel(/^The reading/)).toBeFocused()
  await page.keyboard.insertText(reading('knots'))
  actions++
  await page.getByRole('button', { name: 'Have 10 questions written' }).focus()
  actions++
  await press('Enter')
  await expect(page).toHaveURL(/\/drafts\/[0-9a-f-]{36}$/)
  await expect(items(page)).toHaveCount(10)
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Evidence ✓' })).toBeVisible()
  await expect(
    items(page)
      .first()
      .getByRole('button', { name: /^the reading says it:/ }),
  ).toBeVisible()
  await items(page).first().focus()
  actions++
  for (let at = 0; at < 10; at++) await press('Enter')
  await expect(page.getByText('10 of 10')).toBeVisible()
  // The next step has the focus: nothing falls to the page.
  await expect(page.getByRole('button', { name: 'Send the 10…' })).toBeFocused()
  expect(actions).toBeLessThanOrEqual(15)
  await page.getByRole('button', { name: 'Put 10 in the bank' }).click()
  await page.getByRole('button', { name: /^Put the 10 signed in/ }).click()
  await expect(page.getByText(/10 (?:new|are|items)/).first()).toBeVisible()
})

test('one item is drafted again; what is signed off stays, and one undo takes it back', async ({ page }) => {
  await signIn(page)
  await request(page, 'buoys', { 'single choice': '3' })
  await page.getByRole('button', { name: 'Have 3 questions written' }).click()
  await expect(items(page)).toHaveCount(3)
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  const stems = async () => Promise.all([0, 1, 2].map((at) => items(page).nth(at).innerText()))
  await items(page).nth(0).focus()
  await page.keyboard.press('Enter')
  const before = await stems()
  await items(page).nth(1).click()
  await page.getByRole('button', { name: 'Draft again…' }).click()
  const dialog = page.getByRole('dialog', { name: 'Draft some again' })
  await expect(dialog.getByRole('checkbox').first()).toBeDisabled()
  await dialog.getByLabel('What is to be different').fill('ask about the lighthouse')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 item was drafted again.')).toBeVisible()
  await expect(dialog).toBeHidden()
  const after = await stems()
  expect(after[0]).toBe(before[0])
  expect(after[1]).not.toBe(before[1])
  expect(after[2]).toBe(before[2])
  await expect(items(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(async () => (await stems())[1]?.replace(/\s+/g, ' '))
    .toContain(before[1]?.split('\n')[1]?.slice(0, 30))
})

test('three drafts side by side, and the best of each in one', async ({ page }) => {
  await signIn(page)
  await request(page, 'tides', { 'single choice': '2', 'true/false': '2' })
  await page.getByLabel('drafts to choose from').selectOption('3')
  await page.getByRole('button', { name: 'Have 3 drafts of 4 questions written' }).click()
  await expect(page).toHaveURL(/side-by-side/)
  const columns = page.getByRole('group', { name: 'Drafts' }).getByRole('region')
  await expect(columns).toHaveCount(3)
  for (let at = 0; at < 3; at++) {
    await expect(columns.nth(at).getByRole('checkbox')).toHaveCount(4)
    await expect(columns.nth(at).getByText(/% of the sentences/)).toBeVisible()
    await columns.nth(at).getByRole('checkbox').nth(at).check()
  }
  await page.getByRole('button', { name: 'Make one draft of the 3' }).click()
  await expect(items(page)).toHaveCount(3)
  await expect(page.getByRole('button', { name: /^Evidence/ })).toBeVisible()
  // The drafts themselves got their text, though no desk was open.
  await expect(async () => {
    await page.goto('/drafts')
    const row = page.getByRole('listitem').filter({ hasText: 'Tides at Skarnholm, C' })
    await expect(row.getByText('4 items')).toBeVisible({ timeout: 1000 })
  }).toPass({ timeout: 15_000 })
})

test('a list of words becomes a paper', async ({ page }) => {
  await signIn(page)
  await page.goto('/drafts')
  await page.getByRole('link', { name: 'From words…' }).click()
  await page.getByLabel(/^The words/).fill('anchor\nharbour\nbuoy\nquay\nmast\ngybel')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Look them up' }).click()
  const word = (name: string) => page.getByRole('listitem', { name })
  await expect(word('anchor').getByRole('combobox')).toContainText('prevents a vessel from moving')
  await expect(word('gybel')).toContainText('no entry: write it by hand')
  await word('gybel').getByLabel('Definition').fill('to turn the wrong way')
  await page.getByLabel('Ask for them').selectOption('definition')
  await page.getByRole('button', { name: 'Make a draft of 6 items' }).click()
  await expect(items(page)).toHaveCount(6)
  await items(page).first().focus()
  for (let at = 0; at < 6; at++) await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Send the 6…' }).click()
  await expect(page).toHaveURL(/\/dispatch\/paper\//)
})

test('near the cap it is said, and at the cap nothing is sent', async ({ page }) => {
  await signIn(page)
  const me = (await (await page.request.get('/api/session')).json()) as { id: string }
  const used = async () => ((await (await page.request.get('/api/writing')).json()) as { used: number }).used
  const headers = { origin: new URL(page.url()).origin }
  const cap = async (units: number | null) =>
    expect(
      (await page.request.put(`/api/writing/people/${me.id}`, { data: { isAllowed: true, cap: units }, headers })).ok(),
    ).toBe(true)
  await cap((await used()) + 10)
  await request(page, 'radio', { 'single choice': '2' })
  await expect(page.getByText(/units used this month, more than four fifths/)).toBeVisible()
  await page.getByRole('button', { name: 'Have 2 questions written' }).click()
  await expect(page.getByRole('alert')).toContainText('This request alone takes about')
  await cap(await used())
  await request(page, 'radio', { 'single choice': '2' })
  await expect(page.getByText(/units of this month are used up/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Have 2 questions written' })).toBeDisabled()
  // The request sheet goes on working.
  await expect(page.getByRole('button', { name: 'Copy the request for 2 questions' })).toBeEnabled()
  await cap(null)
})

test('a page, a topic, a variant, and the book of it all', async ({ page }) => {
  await signIn(page)
  await page.goto('/workspace/writing')
  const address = await page.getByLabel('Address').inputValue()
  await page.goto('/drafts/request')
  await page.getByRole('button', { name: 'From a page…' }).click()
  await page.getByLabel('Address of the page').fill(`${address}/readings/weather.html`)
  await page.keyboard.press('Enter')
  await expect(page.getByLabel(/^The reading/)).toHaveValue(/An isobar is a line that joins places/)
  await page.getByRole('button', { name: 'Only a topic…' }).click()
  await page.getByLabel('The topic').fill('how buoys are painted')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel(/^The reading/)).toHaveValue(/^Buoys and lights/)
  await page.goto('/bank')
  await page.getByRole('searchbox').fill('mean range')
  await page.keyboard.press('Enter')
  await page.goto('/bank')
  await page.getByText('single choice').first().click()
  await page.locator('[role="row"], li').filter({ hasText: '?' }).first().click()
  await page.getByRole('button', { name: 'Have one drafted…' }).click()
  const dialog = page.getByRole('dialog', { name: 'A variant of this item' })
  await dialog.getByRole('button', { name: 'Draft it' }).click()
  await expect(dialog.getByRole('region', { name: 'The variant' })).toBeVisible()
  await dialog.getByRole('button', { name: 'Keep it as a variant' }).click()
  await expect(page.getByText('The variant is in the bank, and waits for sign-off.')).toBeVisible()
  await page.goto('/workspace/writing')
  await expect(page.getByRole('region', { name: 'Usage book' }).getByRole('row').nth(1)).toContainText(
    'a variant, easier',
  )
})
