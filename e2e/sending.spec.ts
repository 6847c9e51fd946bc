import { expect, test, type Page } from '@playwright/test'
import { pasteDraft, signIn, toSend } from './sign-in'

test.beforeEach(({ page }) => signIn(page))

const SAILS = Array.from({ length: 10 }, (_none, at) => {
  const words = ['luff', 'leech', 'foot', 'tack', 'clew', 'head', 'batten', 'sheet', 'halyard', 'kicker']
  const others = [1, 2, 3].map((step) => words[(at + step) % words.length])
  return `${at + 1}. Which part of a sail's gear is number ${at + 1} on the drawing of the dinghy "Terna ${at + 1}"?\na) ${words[at]}\nb) ${others[0]}\nc) ${others[1]}\nd) ${others[2]}\nAnswer: a\n`
}).join('\n')

test('from a draft of ten clean items to sent and proven, by keyboard alone', async ({ page }) => {
  let actions = 0
  const press = async (key: string): Promise<void> => {
    actions++
    await page.keyboard.press(key)
  }
  // The focus is somewhere a person can see, whatever went away.
  const isHeld = (): Promise<boolean> => page.evaluate(() => document.activeElement !== document.body)
  await page.goto('/drafts')
  await page.getByRole('button', { name: 'New draft' }).first().focus()
  await press('Enter')
  await expect(page.getByRole('textbox', { name: 'Drafted text' })).toBeFocused()
  actions++
  await page.evaluate((pasted) => {
    const data = new DataTransfer()
    data.setData('text/plain', pasted)
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  }, SAILS)
  const items = page.getByRole('region', { name: 'Items' }).getByRole('article')
  await expect(items).toHaveCount(10)
  await expect(page.getByText('0 of 10')).toBeVisible()
  for (let item = 1; item <= 10; item++) {
    await press('Alt+Enter')
    await expect(page.getByText(`${item} of 10`)).toBeVisible()
    expect(await isHeld()).toBe(true)
  }
  await expect(page.getByRole('button', { name: 'Send the 10…' })).toBeFocused()
  await press('Enter')
  const send = page.getByRole('button', { name: 'Send 10 items to Pilotage course' })
  await expect(send).toBeFocused({ timeout: 20_000 })
  await press('Enter')
  await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText('10 of 10')).toBeVisible()
  console.log(`actions from a new draft to sent and proven: ${actions}`)
  expect(actions).toBeLessThanOrEqual(15)
})

test('among the items, Enter signs off and goes on, a click does the same, Backspace takes back', async ({ page }) => {
  await pasteDraft(
    page,
    'Three',
    '1. True or false: Rye is a grain.\nAnswer: True\n\n2. True or false: Oats are.\nAnswer: True\n\n3. True or false: Oaks are.\nAnswer: False\n',
  )
  const items = page.getByRole('region', { name: 'Items' }).getByRole('article')
  await expect(items).toHaveCount(3)
  await items.first().focus()
  await page.keyboard.press('Enter')
  await expect(items.nth(1)).toBeFocused()
  await items.nth(1).getByRole('button', { name: 'Sign off' }).click()
  await expect(items.nth(2)).toBeFocused()
  await items.nth(0).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('2 of 3')).toBeVisible()
  await expect(items.nth(2)).toBeFocused()
  await items.nth(0).focus()
  await page.keyboard.press('Backspace')
  await expect(page.getByText('1 of 3')).toBeVisible()
  await expect(items.nth(0)).toBeFocused()
})

/** Inlet, connected on its own page. */
async function connectForms(page: Page, name: string): Promise<void> {
  await page.goto('/dispatch')
  await page.getByRole('button', { name: 'Connect a destination' }).click()
  await page.getByLabel('Called here').fill(name)
  await page.getByRole('button', { name: 'Go to Inlet' }).click()
  await expect(page.getByRole('heading', { name: 'Zakuska asks to' })).toBeVisible()
  await page.getByRole('button', { name: 'Allow' }).click()
  await expect(page.getByText(`“${name}” is connected`)).toBeVisible()
}

test('a form is connected on its own page, made of a paper, answered on a phone, added to, and closed', async ({
  page,
  browser,
}) => {
  await connectForms(page, 'Class forms')
  await page.goto('/dispatch')
  await toSend(page).getByRole('link', { name: 'Week 2 check' }).click()
  await page.getByLabel('Goes to').selectOption({ label: 'Class forms · Inlet' })
  await expect(page.getByRole('columnheader', { name: /^Inlet/ })).toBeVisible()
  await page.getByRole('button', { name: /^Send \d+ items to Class forms$/ }).click()
  await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
  const address = (await page.getByRole('link', { name: /\/f\/form-/ }).getAttribute('href')) ?? ''
  await expect(page.getByAltText(`QR code of ${address}`)).toBeVisible()
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'QR code as SVG' }).click(),
  ])
  expect(svg.suggestedFilename()).toBe('week-2-check.svg')

  const phone = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 800 } })
  const form = await phone.newPage()
  await form.goto(address)
  await form.getByLabel('Name').fill('Bente Skov')
  await form.getByLabel('Class').fill('7b')
  await form.getByRole('button', { name: 'Hand in' }).click()
  await expect(form.getByRole('alert')).toContainText('need an answer')
  await expect(form.getByLabel('Name')).toHaveValue('Bente Skov')
  await phone.close()

  await page.getByRole('button', { name: 'Close it' }).click()
  await expect(page.getByText('The form is closed: nobody can answer.')).toBeVisible()
  await page.goto('/dispatch')
  await toSend(page).getByRole('link', { name: 'Knots and radio' }).click()
  await page.getByRole('radio', { name: 'added to a form that is there' }).check()
  await page.getByRole('combobox', { name: /^Which/ }).selectOption({ index: 1 })
  const where = page.getByRole('combobox', { name: /^Where/ })
  await expect(where.getByRole('option').nth(1)).toHaveText(/^before question 1, “/)
  await where.selectOption({ index: 1 })
  await page.getByRole('button', { name: /^Send \d+ items to Class forms$/ }).click()
  await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
})

test('what was refused on the other page is said, and a connection is given up', async ({ page }) => {
  await page.goto('/dispatch')
  await page.getByRole('button', { name: 'Connect a destination' }).click()
  await page.getByRole('button', { name: 'Go to Inlet' }).click()
  await page.getByRole('button', { name: 'Refuse' }).click()
  await expect(page.getByRole('alert')).toContainText('It was refused there, so nothing was connected.')
  await connectForms(page, 'For a day')
  await page.getByRole('button', { name: 'Give up For a day' }).click()
  await expect(page.getByText('“For a day” was given up.')).toBeVisible()
})

test('a game is sent as its sheet, hosted, and played on a phone', async ({ page, browser }) => {
  await page.goto('/dispatch')
  await toSend(page).getByRole('link', { name: 'Knots and radio' }).click()
  await page.getByLabel('Goes to').selectOption({ label: 'Friday game · Foghorn' })
  await page.getByRole('button', { name: /^Send \d+ items to Friday game$/ }).click()
  await expect(page.getByText('what was sent is what is graded')).toBeVisible({ timeout: 30_000 })
  const code = await page
    .getByText(/^Join code/)
    .locator('b')
    .innerText()
  const hosting = (await page.getByRole('link', { name: 'Host the game' }).getAttribute('href')) ?? ''
  const joining = (await page.getByRole('link', { name: /\/join\?code=/ }).getAttribute('href')) ?? ''
  expect(joining).toContain(code)
  const stage = await browser.newContext()
  const [host, player] = [await stage.newPage(), await stage.newPage()]
  await host.goto(hosting)
  await expect(host.getByText(code)).toBeVisible()
  await player.setViewportSize({ width: 390, height: 800 })
  await player.goto(joining)
  await player.getByLabel('Your name').fill('Bente')
  await player.getByRole('button', { name: 'Join' }).click()
  await expect(host.getByText('1 here: Bente')).toBeVisible()
  await host.getByRole('button', { name: 'Start' }).click()
  await player.getByRole('radio').or(player.getByRole('checkbox')).first().check()
  await player.getByRole('button', { name: 'Answer' }).click()
  await expect(host.getByRole('button', { name: /Next question|Show the standing/ })).toBeVisible()
  await expect(player.getByRole('heading', { name: /^(Right|Not right)/ })).toBeVisible()
  await stage.close()
})
