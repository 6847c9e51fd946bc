import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'

const SIZE = { width: 1220, height: 860 }
const build = dirname(createRequire(import.meta.url).resolve('pdfjs-dist/build/pdf.min.mjs'))

/** A page of its own without the application, on which the first two pages of a PDF are drawn as a viewer draws them. */
export async function printed(page, bytes) {
  const sheet = await page.context().newPage()
  await sheet.setViewportSize(SIZE)
  await sheet.route('http://printed.invalid/**', (route) => {
    const name = new URL(route.request().url()).pathname.slice(1)
    if (name === 'paper.pdf') return route.fulfill({ body: bytes, contentType: 'application/pdf' })
    if (name.endsWith('.mjs'))
      return route.fulfill({ body: readFileSync(join(build, name)), contentType: 'text/javascript' })
    return route.fulfill({ body: HTML, contentType: 'text/html' })
  })
  await sheet.goto('http://printed.invalid/')
  await sheet.locator('hr').waitFor({ state: 'attached' })
  return sheet
}

const HTML = `<!doctype html><body style="margin:12px;display:flex;gap:20px;background:#e8e0d0"><style>hr{display:none}</style><script type="module">
import * as pdf from '/pdf.min.mjs'
pdf.GlobalWorkerOptions.workerSrc = '/pdf.worker.min.mjs'
const paper = await pdf.getDocument('/paper.pdf').promise
for (let at = 1; at <= Math.min(2, paper.numPages); at++) {
  const page = await paper.getPage(at)
  const viewport = page.getViewport({ scale: 579 / page.getViewport({ scale: 1 }).width })
  const canvas = document.body.appendChild(document.createElement('canvas'))
  canvas.width = viewport.width
  canvas.height = viewport.height
  await page.render({ canvas, viewport }).promise
}
document.body.append(document.createElement('hr'))
</script>`
