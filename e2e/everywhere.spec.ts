import { AxeBuilder } from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { beginSession } from './sign-in'

/** Every screen, by the way a person gets there. */
const SCREENS: readonly (readonly [string, (page: Page) => Promise<void>])[] = [
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
    'ready-made sets',
    async (page) => {
      await go(page, '/bank/ready-made')
      await expect(page.getByText('5 sets')).toBeVisible()
    },
  ],
  [
    'fit of a paper',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Knots and radio' }).click()
      await expect(page.getByRole('table')).toBeVisible()
    },
  ],
  [
    'remedies for what does not fit',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByLabel('Goes to').selectOption({ label: 'Friday game · Foghorn' })
      await page.getByRole('button', { name: 'Foghorn: cannot' }).nth(1).click()
      await expect(page.getByRole('button', { name: 'Split into several items' })).toBeVisible()
    },
  ],
  [
    'files to download',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
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
  ['a request for questions', (page) => go(page, '/drafts/request')],
  ['writing help and its book', (page) => go(page, '/workspace/writing')],
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
  ['nothing here', (page) => go(page, '/nowhere')],
]

async function go(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible()
  await page.waitForLoadState('networkidle')
}

async function sitting(page: Page, title: string | RegExp, view?: string): Promise<void> {
  await go(page, '/results')
  await page.getByRole('list', { name: 'Sittings' }).getByRole('link', { name: title }).click()
  const views = page.getByRole('navigation', { name: 'Views of the results' })
  await expect(views).toBeVisible()
  if (view !== undefined) await views.getByRole('link', { name: view }).click()
  await page.waitForLoadState('networkidle')
}

async function violations(page: Page): Promise<string[]> {
  const found = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  return found.violations.map(
    (one) =>
      `${one.id}: ${one.nodes
        .map((node) => node.target.join(' '))
        .slice(0, 3)
        .join(' | ')}`,
  )
}

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

/** Colours in the dark: everything else is the same there. */
async function poorContrast(page: Page): Promise<string[]> {
  await page.emulateMedia({ colorScheme: 'dark' })
  const { violations: found } = await new AxeBuilder({ page }).withRules(['color-contrast']).analyze()
  await page.emulateMedia({ colorScheme: 'light' })
  return found.flatMap((one) => one.nodes.map((node) => node.target.join(' '))).slice(0, 3)
}

for (const [name, open] of SCREENS)
  test(`${name}: no accessibility violation, light or dark, and it fits 390 pixels`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light' })
    await beginSession(page)
    await open(page)
    expect(await violations(page)).toEqual([])
    expect(await poorContrast(page)).toEqual([])
    await page.setViewportSize({ width: 390, height: 800 })
    if (name === 'draft desk') {
      await page.getByRole('button', { name: 'Show items' }).click()
      await expect(page.getByRole('article').first()).toBeVisible()
    }
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
      .toBeLessThanOrEqual(0)
  })
