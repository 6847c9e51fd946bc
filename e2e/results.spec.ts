import { readFileSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { signIn } from './sign-in'

const PHONE = { width: 390, height: 844 }

async function openedHere(page: Page, paper: string, mode: 'A test' | 'Practice'): Promise<string> {
  await page.goto('/papers')
  await page.getByRole('link', { name: paper }).click()
  await page.getByRole('link', { name: 'Dispatch', exact: true }).last().click()
  await page.getByRole('link', { name: 'Hand out here…' }).click()
  await page.getByRole('radio', { name: mode }).check()
  // Somebody may have changed an item since it was signed off.
  const include = page.getByRole('checkbox')
  if (await include.count()) await include.check()
  await page.getByRole('button', { name: /^Open it with/ }).click()
  await expect(page.getByText('anybody who may can take it now')).toBeVisible()
  return (await page.getByRole('link', { name: /\/take\// }).getAttribute('href')) ?? ''
}

/** Of the page as it stands, light and dark; it fits where it is shown. */
async function looked(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  await page.emulateMedia({ colorScheme: 'dark' })
  const dark = (await new AxeBuilder({ page }).withRules(['color-contrast']).analyze()).violations
  await page.emulateMedia({ colorScheme: 'light' })
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  return [
    ...[...violations, ...dark].map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`,
    ),
    ...(over > 0 ? [`${over} pixels too wide`] : []),
  ]
}

async function begun(page: Page, address: string, name: string): Promise<void> {
  await page.goto(address)
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Class').fill('B')
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('Every answer is kept')).toBeVisible()
}

test('taken on a phone, without a network for a while; read by hand; the sheet has it', async ({ page, browser }) => {
  await signIn(page)
  const address = await openedHere(page, 'Signals and answers of every kind', 'A test')
  const desk = page.url().replace('/taking', '')
  const context = await browser.newContext({ viewport: PHONE })
  const phone = await context.newPage()
  await phone.goto(address)
  await expect(phone.getByLabel('Name')).toBeVisible()
  expect(await looked(phone)).toEqual([])
  await begun(phone, address, 'Bente Havn')
  expect(await looked(phone)).toEqual([])
  await phone.getByRole('radio', { name: 'a red can' }).check()
  await phone.getByLabel('Number for item 2').fill('3,2')
  await expect(phone.getByText('Every answer is kept')).toBeVisible()
  await context.setOffline(true)
  await phone.getByLabel('Answer to item 7').fill('The wind drives the ship ashore.')
  await phone.getByLabel('Gap 1 of item 3').fill('greater')
  await expect(phone.getByText(/No connection: 2 answers are kept in this browser/)).toBeVisible()
  // The lid is closed and opened again, still without a network.
  await phone.getByRole('button', { name: 'Hand in' }).click()
  await expect(phone.getByText(/questions are not answered/)).toBeVisible()
  await phone.getByRole('button', { name: 'Hand in all the same' }).click()
  await expect(phone.getByText(/There is no connection/)).toBeVisible()
  await context.setOffline(false)
  await expect(phone.getByText('Your answers were handed in.')).toBeVisible()
  await expect(phone.getByText(/2.5 of 16 points, and 4 points for your teacher to give/)).toBeVisible()
  expect(await looked(phone)).toEqual([])
  await context.close()

  await page.goto(`${desk}/reading`)
  await expect(page.getByText('The wind drives the ship ashore.')).toBeVisible()
  await expect(page.getByLabel('Points, of 4')).toBeFocused()
  expect(await looked(page)).toEqual([])
  await page.keyboard.type('3')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByText('all read')).toBeVisible()
  await page.getByRole('link', { name: 'Hand on' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As CSV' }).click(),
  ])
  const [head = '', row = ''] = readFileSync(await download.path(), 'utf8')
    .replace(/^\uFEFF/, '')
    .split('\r\n')
  expect(head).toContain('Student,Name,Class,Total (16),Share (%)')
  expect(row).toMatch(/^"Bente Havn, B",Bente Havn,B,5.5,34.38,/)
})

test('begun on one device, gone on with on another; nobody else comes to the answers', async ({ page, browser }) => {
  await signIn(page)
  const address = await openedHere(page, 'Knots and radio', 'A test')
  const [first, second] = [await browser.newContext({ viewport: PHONE }), await browser.newContext()]
  const phone = await first.newPage()
  await begun(phone, address, 'Nils Torp')
  await phone.getByRole('radio', { name: 'bowline' }).check()
  await expect(phone.getByText('Every answer is kept')).toBeVisible()
  await phone.getByText('Going on on another device').click()
  const code = (await phone.getByRole('main').locator('b.font-mono').textContent()) ?? ''
  const laptop = await second.newPage()
  await laptop.goto(address)
  await laptop.getByText('I have begun on another device').click()
  await laptop.getByLabel('Code to go on').fill(code.toLowerCase())
  await laptop.getByRole('button', { name: 'Go on' }).click()
  await expect(laptop.getByRole('radio', { name: 'bowline' })).toBeChecked()
  await Promise.all([first.close(), second.close()])
})

test('practised with hints until it is right, by keyboard', async ({ page, browser }) => {
  await signIn(page)
  const made = await page.request.post('/api/items', {
    data: {
      body: {
        ...{
          kind: 'short',
          points: 1,
          tags: [],
          key: ['bowline'],
          rules: { letterCase: 'ignore', accents: 'respect' },
        },
        stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Which knot is the king of knots?' }] }],
        hint: ['It makes a loop.', 'The rabbit comes out of its hole.'].map((text) => ({
          type: 'paragraph',
          content: [{ type: 'text', text }],
        })),
        feedback: [{ type: 'paragraph', content: [{ type: 'text', text: 'It neither slips nor jams.' }] }],
      },
    },
  })
  const { id } = (await made.json()) as { id: string }
  await page.request.put(`/api/items/${id}/sign-off`, { data: { signedOff: true, remark: '' } })
  const paper = await page.request.post('/api/papers', { data: { title: 'King of knots', itemIds: [id] } })
  const { id: paperId } = (await paper.json()) as { id: string }
  await page.goto(`/results/here/${paperId}`)
  await page.getByRole('radio', { name: 'Practice' }).check()
  const include = page.getByRole('checkbox')
  if (await include.count()) await include.check()
  await page.getByRole('button', { name: /^Open it with/ }).click()
  const address = (await page.getByRole('link', { name: /\/take\// }).getAttribute('href')) ?? ''
  const context = await browser.newContext()
  const student = await context.newPage()
  await begun(student, address, 'Åse Lervik')
  await student.getByLabel('Answer to item 1').focus()
  await student.keyboard.type('reef')
  await student.keyboard.press('Tab')
  await student.keyboard.press('Enter')
  await expect(student.getByText('Not right: try again.')).toBeVisible()
  await expect(student.getByText(/What counts as the same: capital and small letters are the same/)).toBeVisible()
  await student.getByRole('button', { name: 'A hint' }).press('Enter')
  await expect(student.getByText('It makes a loop.')).toBeVisible()
  await expect(student.getByText('The rabbit')).toBeHidden()
  await student.getByLabel('Answer to item 1').fill('Bowline')
  await student.getByRole('button', { name: 'Check again' }).press('Enter')
  await expect(student.getByText('Right at the second try.')).toBeVisible()
  await expect(student.getByText('It neither slips nor jams.')).toBeVisible()
  await context.close()
})

test('a response file: columns told apart, a sample submission compared, a spelling accepted, regraded', async ({
  page,
}) => {
  await signIn(page)
  await page.goto('/results/read')
  await page.getByLabel('Responses to').selectOption({ label: 'Knots and radio' })
  await page.getByLabel('File').setInputFiles('packages/web/public/samples/knots-and-radio-responses.csv')
  await expect(page.getByText('✓ Every column is clear.')).toBeVisible()
  await page.getByRole('button', { name: 'Read 25 responses' }).click()
  await expect(page.getByText('How far one score can be trusted')).toBeVisible()
  await page.getByRole('link', { name: 'Key and points' }).click()
  await page.getByLabel('Whose answers').selectOption({ label: 'Answer key' })
  await expect(page.getByText('They disagree in 2 items; 2 to decide.')).toBeVisible()
  await page.getByRole('button', { name: 'Take the sample’s' }).first().click()
  await page.getByRole('button', { name: 'Keep the key' }).click()
  await expect(page.getByText('all decided')).toBeVisible()
  await page
    .getByRole('button', { name: /as right in item/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'See what changes for whom' }).click()
  const changes = page.getByRole('dialog', { name: 'What changes for whom' })
  await expect(changes.getByRole('table')).toBeVisible()
  await changes.getByRole('button', { name: 'Grade so' }).click()
  await expect(page.getByText(/the key as Answer key answered/)).toBeVisible()
  await page.getByRole('link', { name: 'Everybody' }).click()
  await page.getByRole('table').getByRole('link').first().click()
  await expect(page.getByText('How the score came about')).toBeVisible()
})
