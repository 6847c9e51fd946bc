import { expect, test } from '@playwright/test'
import { signIn } from '../sign-in'

test.beforeEach(({ page }) => signIn(page))

test('a picture is put into a stem, described and sized, and is one that print knows', async ({ page }) => {
  await page.goto('/bank')
  await page.getByRole('button', { name: 'New item' }).click()
  const form = page.getByRole('region', { name: 'New item' })
  await form.getByLabel('Kind').selectOption('True/false')
  await form.getByRole('textbox', { name: 'Stem' }).fill('This mark stands to port in region A.')
  const webp = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(40, 60)
    const pen = canvas.getContext('2d')
    if (pen) pen.fillStyle = 'crimson'
    pen?.fillRect(0, 0, 40, 60)
    const blob = await canvas.convertToBlob({ type: 'image/webp' })
    return [...new Uint8Array(await blob.arrayBuffer())]
  })
  await form
    .getByLabel('Picture to put in')
    .first()
    .setInputFiles({
      name: 'mark.webp',
      mimeType: 'image/webp',
      buffer: Buffer.from(webp),
    })
  const dialog = page.getByRole('dialog', { name: 'Picture' })
  await dialog.getByLabel('What it shows').fill('a red can')
  await dialog.getByLabel('Width, pixels').fill('80')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await form.getByRole('radio', { name: 'True', exact: true }).check()
  await form.getByRole('button', { name: 'Put in the bank' }).click()
  const desk = page.getByRole('region', { name: 'Item', exact: true })
  const image = desk.getByRole('img', { name: 'a red can' })
  await expect(image).toBeVisible()
  expect(await image.evaluate((one: HTMLImageElement) => [one.naturalWidth, one.naturalHeight])).toEqual([40, 60])
  const kept = await page.request.get((await image.getAttribute('src')) ?? '')
  expect(kept.headers()['content-type']).toBe('image/png')
})
