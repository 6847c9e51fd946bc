import { AxeBuilder } from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { beginSession } from '../sign-in'

/** A screen by its name, and the way a person gets there. */
export type Screen = readonly [name: string, open: (page: Page) => Promise<void>]

export async function go(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible()
  await page.waitForLoadState('networkidle')
}

/** What is right is not told in full, which takes its time on large pages. */
const ONLY_FAULTS = { resultTypes: ['violations' as const] }

/** What the accessibility guidelines find wrong, a line each. */
export async function violations(page: Page): Promise<string[]> {
  const found = await new AxeBuilder({ page })
    .options(ONLY_FAULTS)
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

/** Colours in the dark: everything else is the same there. */
async function poorContrast(page: Page): Promise<string[]> {
  await page.emulateMedia({ colorScheme: 'dark' })
  const { violations: found } = await new AxeBuilder({ page })
    .options(ONLY_FAULTS)
    .withRules(['color-contrast'])
    .analyze()
  await page.emulateMedia({ colorScheme: 'light' })
  return found.flatMap((one) => one.nodes.map((node) => node.target.join(' '))).slice(0, 3)
}

/**
 * Tests each screen: no accessibility violation, light or dark, and it fits 390 pixels. All of a file are opened in one page, as
 * by somebody who goes from one to the next: the application is loaded once.
 */
export function looksRight(screens: readonly Screen[]): void {
  let page: Page
  test.beforeAll(async ({ browser }) => {
    const context = await browser.newContext({ colorScheme: 'light' })
    page = await context.newPage()
    await beginSession(page)
  })
  test.afterAll(() => page.context().close())
  for (const [name, open] of screens)
    test(`${name}: no accessibility violation, light or dark, and it fits 390 pixels`, async () => {
      await page.setViewportSize({ width: 1280, height: 800 })
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
}
