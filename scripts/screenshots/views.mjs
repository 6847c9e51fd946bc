import { readFileSync } from 'node:fs'
import { printed } from './printed.mjs'

/** Behind each key stands what it is not: a notation that nobody else has. */
const SIGNALS = readFileSync('packages/core/samples/taught/signals.txt', 'utf8').replace('Signals', 'Signals at sea')

async function go(page, path) {
  await page.goto(path)
  await page.getByRole('navigation', { name: 'Stations' }).waitFor()
  await page.waitForLoadState('networkidle')
}

async function sitting(page, title, view) {
  await go(page, '/results')
  await page.getByRole('list', { name: 'Sittings' }).getByRole('link', { name: title }).click()
  const views = page.getByRole('navigation', { name: 'Views of the results' })
  await views.waitFor()
  if (view) await views.getByRole('link', { name: view }).click()
  await page.waitForLoadState('networkidle')
}

async function opened(page, file) {
  await go(page, '/drafts')
  await page.getByLabel('File to open').setInputFiles(file)
}

const PHONE = { width: 390, height: 800 }

/** Hands a paper out here, and takes it as a student does on a phone. */
async function onPhone(page) {
  await go(page, '/papers')
  await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
  await page.getByRole('link', { name: 'Dispatch', exact: true }).last().click()
  await page.getByRole('link', { name: 'Hand out here…' }).click()
  await page.getByRole('radio', { name: 'A test' }).check()
  await page.getByRole('button', { name: /^Open it with/ }).click()
  const address = await page.getByRole('link', { name: /\/take\// }).getAttribute('href')
  const phone = await page.context().newPage()
  await phone.setViewportSize(PHONE)
  await phone.goto(address)
  await phone.getByLabel('Name').fill('Bente Havn')
  await phone.getByLabel('Class').fill('B')
  await phone.getByRole('button', { name: 'Begin' }).click()
  await phone.getByRole('radio', { name: 'a red can' }).check()
  await phone.getByLabel('Number for item 2').fill('3,2')
  await phone.getByText('Every answer is kept').waitFor()
  return phone
}

/** The main views, by the way a person gets there, each with the page that it ends on; what changes the demo comes last. */
export const VIEWS = [
  ['drafts', (page) => go(page, '/drafts')],
  [
    'draft-desk',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('link', { name: 'Buoys and lights, week 3' }).click()
      await page.locator('[data-item="5"]').waitFor()
      await page.locator('[data-item="1"]').focus()
    },
  ],
  [
    'columns',
    async (page) => {
      await opened(page, 'packages/documents/samples/own-columns-de.csv')
      await page.getByLabel('What column 1 holds').waitFor()
    },
  ],
  [
    'side-by-side',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('checkbox', { name: 'Choose Waves in the bay' }).check()
      await page.getByRole('checkbox', { name: 'Choose Tides, week 2' }).check()
      await page.getByRole('link', { name: '2 side by side' }).click()
      await page
        .getByText(/% of the sentences/)
        .first()
        .waitFor()
    },
  ],
  ['bank', (page) => go(page, '/bank')],
  ['sign-off', (page) => go(page, '/bank/sign-off')],
  [
    'paper',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Week 2 check' }).click()
      await page.getByRole('list', { name: 'Items of the paper' }).waitFor()
    },
  ],
  ['dispatch', (page) => go(page, '/dispatch')],
  [
    'fit',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByRole('table').first().waitFor()
    },
  ],
  [
    'key-proof',
    async (page) => {
      await go(page, '/dispatch')
      await page.getByRole('link', { name: 'Week 2 check' }).last().click()
      await page.getByText('Key proof at Breakwater').waitFor()
    },
  ],
  ['people', (page) => go(page, '/workspace')],
  ['results', (page) => sitting(page, 'Week 2 check')],
  [
    'item-analysis',
    async (page) => {
      await sitting(page, /all evening courses/, 'Items')
      await page.getByRole('button', { name: /fixed loop/ }).click()
      await page.getByText('Who took which option').waitFor()
    },
  ],
  [
    'writing',
    async (page) => {
      await go(page, '/drafts/request')
      const text = readFileSync('packages/standins/readings/tides.txt', 'utf8')
      const field = page.getByRole('textbox', { name: /reading|text/i }).first()
      if (await field.count()) await field.fill(text)
    },
  ],
  [
    'pages',
    async (page) => {
      await opened(page, 'packages/documents/samples/58-mountain-rescue.pdf')
      await page.getByRole('button', { name: 'Add a box' }).click()
      await page.getByText('1 box, in reading order').waitFor()
    },
  ],
  [
    'teaching',
    async (page) => {
      await go(page, '/drafts')
      await page.getByRole('button', { name: 'New draft' }).first().click()
      await page.getByLabel('Title of the draft').fill('Signals at sea')
      const editor = page.getByRole('textbox', { name: 'Drafted text' })
      await editor.click()
      await page.keyboard.insertText(SIGNALS)
      await page.getByRole('article').first().waitFor()
      await page.locator('.cm-lineNumbers .cm-gutterElement').filter({ hasText: /^5$/ }).click()
      await page.getByRole('menu').getByRole('menuitemradio', { name: 'Not part of it' }).hover()
      await page.locator('.cm-line.would-be').first().waitFor()
    },
  ],
  [
    'print',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Signals and answers of every kind' }).click()
      await page.getByRole('button', { name: 'Print' }).click()
      await page.getByRole('checkbox', { name: /^Key/ }).uncheck()
      const address = await page.getByRole('link', { name: 'Make the file' }).getAttribute('href')
      return printed(page, await (await page.request.get(address)).body())
    },
  ],
  ['take-here', onPhone],
  [
    'versions',
    async (page) => {
      await go(page, '/papers')
      await page.getByRole('link', { name: 'Knots and radio' }).click()
      await page.getByRole('tab', { name: 'Draw and versions' }).click()
      await page.getByRole('button', { name: 'Add a rule' }).click()
      await page.getByLabel('How many items rule 1 draws').fill('3')
      await page.getByLabel('Narrow rule 1').selectOption('tag=tides')
      const form = page.getByRole('form', { name: 'Draw versions' })
      await form.getByLabel('Versions').fill('3')
      await form.getByLabel('Seed').fill('77')
      await form.getByRole('button', { name: 'Draw' }).click()
      const versions = page.getByRole('region', { name: 'Versions' })
      await versions.getByRole('link', { name: 'Version C' }).waitFor()
      await versions.getByRole('link', { name: 'Compare them side by side' }).click()
      await page.getByRole('columnheader', { name: 'Version C' }).waitFor()
    },
  ],
]
